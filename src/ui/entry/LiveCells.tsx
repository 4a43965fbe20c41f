import type { CellRowView } from '../../views/colony-view';
import type { Axis } from '../time/axis';
import { TimeStrip } from '../time/TimeStrip';

const SHOWN = 8;

/** The dates of the cells as entered so far, under the days of the page's head. */
export function LiveCells({ cells, axis }: { cells: readonly CellRowView[]; axis: Axis }) {
  if (cells.length === 0) return null;
  return (
    <ul className="mt-4">
      {cells.slice(0, SHOWN).map(({ id, label, stage, laid, marks }) => (
        <li key={id} className="border-t border-line">
          <p className="flex justify-between pl-7 text-sm">
            <b>{`${label === 'new' ? '' : `${label} `}${stage}`}</b>
            <span className="text-muted">{laid}</span>
          </p>
          <TimeStrip axis={axis} marks={marks} name={`Cell ${label}`} />
        </li>
      ))}
    </ul>
  );
}
