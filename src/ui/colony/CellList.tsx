import type { CellRowView } from '../../views/colony-view';
import { CellGlyph } from '../cells/CellGlyph';
import type { Axis } from '../time/axis';
import { TimeStrip } from '../time/TimeStrip';

/** The colony's cells, those that may still hold a queen first, each with its dates from laying to emergence. */
export function CellList({ cells, axis }: { cells: readonly CellRowView[]; axis: Axis }) {
  if (cells.length === 0) return null;
  const standing = cells.filter(({ isOver }) => !isOver);
  const over = cells.filter(({ isOver }) => isOver);
  return (
    <section className="mt-4">
      <h2 className="border-t-2 border-ink pt-2 text-lg">{standing.length > 0 ? 'Cells she is raising' : 'Cells'}</h2>
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
    </section>
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
