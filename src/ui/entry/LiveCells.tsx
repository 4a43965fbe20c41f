import type { Day } from '../../core/calendar/day';
import type { CellRowView } from '../../views/colony-view';
import { axisAround } from '../time/axis';
import { TimeStrip } from '../time/TimeStrip';

const SHOWN = 8;

/** The dates of the cells as entered so far, under the days around the inspection. */
export function LiveCells({ cells, on }: { cells: readonly CellRowView[]; on: Day }) {
  const axis = axisAround(on);
  if (cells.length === 0) return null;
  return (
    <ul className="mt-4">
      {cells.slice(0, SHOWN).map(({ id, label, stage, laid, marks }) => (
        <li key={id} className="border-t border-line">
          <p className="flex justify-between text-sm">
            <b>{`${label === 'new' ? '' : `${label} `}${stage}`}</b>
            <span className="text-muted">{laid}</span>
          </p>
          <TimeStrip axis={axis} marks={marks} name={`Cell ${label}`} />
        </li>
      ))}
    </ul>
  );
}
