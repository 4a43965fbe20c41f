import type { ColonyBriefs } from '../../views/colony-briefs';
import type { CellRowView } from '../../views/colony-view';
import { briefPhrases } from '../../words/pages/colony-briefs';
import { CellGlyph } from '../cells/CellGlyph';
import { Row } from '../controls/Row';
import type { Axis } from '../time/axis';
import { TimeStrip } from '../time/TimeStrip';

interface Props {
  readonly cells: readonly CellRowView[];
  readonly briefs: Pick<ColonyBriefs, 'cells' | 'standing'>;
  readonly axis: Axis;
}

/** The colony's cells, those that may still hold a queen first, each with its dates from laying to emergence. */
export function CellList({ cells, briefs, axis }: Props) {
  if (cells.length === 0) return null;
  const standing = cells.filter(({ isOver }) => !isOver);
  const over = cells.filter(({ isOver }) => isOver);
  return (
    <Row title={briefPhrases.counted('Cells', briefs.standing)} isHeading isBriefOnPhone brief={briefs.cells}>
      <ul>
        {standing.map((cell) => (
          <CellRow key={cell.id} cell={cell} axis={axis} />
        ))}
      </ul>
      {over.length > 0 && (
        <details className="mt-2" open={standing.length === 0}>
          <summary className="text-muted cursor-pointer">
            {over.length === 1 ? 'One cell that is over' : `${over.length} cells that are over`}
          </summary>
          <ul>
            {over.map((cell) => (
              <CellRow key={cell.id} cell={cell} axis={axis} />
            ))}
          </ul>
        </details>
      )}
    </Row>
  );
}

function CellRow({ cell, axis }: { cell: CellRowView; axis: Axis }) {
  const { label, glyph, stage, where, laid, byNow, sights, conflict, marks } = cell;
  return (
    <li className="lane" data-cell={label}>
      <div className="lane-words flex gap-3 py-1.5">
        <b className="font-display w-5 text-lg">{label}</b>
        <CellGlyph found={glyph} size={28} />
        <div className="min-w-0 flex-1 text-sm leading-5">
          <p className="flex justify-between gap-3">
            <b>{stage}</b>
            <span className="text-muted whitespace-nowrap">{laid}</span>
          </p>
          <p className="text-muted">{where}</p>
          {byNow && <p className="font-semibold">{byNow}</p>}
          {sights.includes('·') && <p className="text-muted">{sights}</p>}
          {conflict && <p className="text-propolis font-semibold">{conflict}</p>}
        </div>
      </div>
      <TimeStrip axis={axis} marks={marks} name={`Cell ${label}`} />
    </li>
  );
}
