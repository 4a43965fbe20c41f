import type { WeekRound } from '../../views/week-view';
import type { Axis } from '../time/axis';
import { groundForAll } from '../time/ground';
import { HiveLane } from './HiveLane';

/** What is to be known of a round before it is begun, and its hives in their order. */
export function RoundRows({ round: { notes, rows }, axis }: { readonly round: WeekRound; readonly axis: Axis }) {
  return (
    <>
      {notes.map((words) => (
        <p key={words} className="mt-1 text-sm font-semibold">
          {words}
        </p>
      ))}
      <ol style={groundForAll(axis)}>
        {rows.map(({ row, line, tasks }) => (
          <HiveLane key={row.colonyId} row={row} axis={axis} onRound={{ line, tasks }} />
        ))}
      </ol>
    </>
  );
}
