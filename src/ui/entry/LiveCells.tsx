import type { ColonyState } from '../../core/colony/fold';
import { colonyView } from '../../views/colony-view';
import { axisAround } from '../time/axis';
import { TimeStrip } from '../time/TimeStrip';

const SHOWN = 8;

/** The dates of the cells as entered so far, under the days around the inspection. */
export function LiveCells({ state }: { state: ColonyState }) {
  const axis = axisAround(state.today);
  const rows = colonyView(state)
    .cells.filter(({ isOver, marks }) => !isOver && marks.length > 0)
    .slice(0, SHOWN);
  if (rows.length === 0) return null;
  return (
    <ul className="mt-4">
      {rows.map(({ id, label, stage, laid, marks }) => (
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
