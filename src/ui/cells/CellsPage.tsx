import Link from 'next/link';
import type { CellsView, NeedyColony, SpareCell } from '../../views/cells-view';
import { ButtonLink } from '../controls/Button';
import { Views } from '../frame/Views';
import type { Axis } from '../time/axis';
import { RulerHead } from '../time/RulerHead';
import { TimeStrip } from '../time/TimeStrip';
import { CellGlyph } from './CellGlyph';

/** Which colonies need a cell, and which cells are to spare? */
export function CellsPage({ view, axis }: { view: CellsView; axis: Axis }) {
  const { wanted, spare, heldBack } = view;
  return (
    <>
      <RulerHead
        axis={axis}
        title={headline(view)}
        below="Ask here before a live cell is destroyed. Ripe cells travel best; a closed one that is not ripe is neither shaken nor chilled."
      />
      <Views of="colonies" />
      <section aria-label="Wanted" className="mt-3">
        <h2 className="bg-ink px-2.5 py-0.5 text-sm text-white">Wanted</h2>
        {wanted.length === 0 && <p className="text-muted py-2">No colony needs a cell.</p>}
        <ul>
          {wanted.map(({ id, name, apiary, why }) => (
            <li key={id} className="border-b border-line py-2">
              <Link
                prefetch={false}
                href={`/colonies/${id}`}
                className="font-display text-lg font-bold no-underline hover:underline"
              >
                {name}
              </Link>{' '}
              <span className="text-muted text-sm">{apiary}</span>
              <p className="text-sm">
                <b>{why}</b>
              </p>
            </li>
          ))}
        </ul>
      </section>
      <section aria-label="To spare" className="mt-3">
        <h2 className="bg-ink px-2.5 py-0.5 text-sm text-white">To spare</h2>
        {spare.length === 0 && <p className="text-muted py-2">No colony has a cell to spare.</p>}
        {heldBack.map((apiary) => (
          <p key={apiary} className="text-propolis py-2 font-semibold">
            {`Brood disease is suspected at ${apiary}: cells from there go to no other colony.`}
          </p>
        ))}
        <ul>
          {spare.map((cell) => (
            <SpareRow key={cell.cellId} cell={cell} wanted={wanted} axis={axis} />
          ))}
        </ul>
      </section>
    </>
  );
}

function headline({ wanted, spare }: CellsView): string {
  if (wanted.length === 0) return spare.length === 0 ? 'No cells wanted, none to spare' : 'No cells wanted';
  const colonies = `${wanted.length} ${wanted.length === 1 ? 'colony needs' : 'colonies need'} a cell`;
  return spare.length === 0 ? `${colonies}, none to spare` : colonies;
}

function SpareRow({ cell, wanted, axis }: { cell: SpareCell; wanted: readonly NeedyColony[]; axis: Axis }) {
  const { cellId, label, colonyId, colonyName, apiary, stage, stageWords, where, out, travels, marks } = cell;
  return (
    <li className="lane" data-cell={`${colonyName} ${label}`}>
      <div className="lane-words flex gap-3 py-2">
        <CellGlyph found={stage} size={28} />
        <div className="min-w-0 flex-1 text-sm leading-5">
          <p>
            <Link prefetch={false} href={`/colonies/${colonyId}`} className="font-bold">
              {colonyName}
            </Link>{' '}
            <b>{label}</b>, {stageWords}
          </p>
          <p className="text-muted">
            {apiary}; {where}
          </p>
          <p>
            Virgin emerges {out}; {travels}.
          </p>
          <p className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-2">
            {wanted.map(({ id, name }) => (
              <ButtonLink key={id} href={`/colonies/${id}/start/give-cell?cell=${cellId}`} kind="plain">
                Give to {name}
              </ButtonLink>
            ))}
            <Link prefetch={false} href={`/colonies/${colonyId}/start/cell-nuc?cell=${cellId}`}>
              Make a nuc with it
            </Link>
          </p>
        </div>
      </div>
      <TimeStrip axis={axis} marks={marks} name={`${colonyName}, cell ${label}`} />
    </li>
  );
}
