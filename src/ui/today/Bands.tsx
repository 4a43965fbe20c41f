import type { TodayBand } from '../../views/today-view';
import type { Axis } from '../time/axis';
import { groundForAll } from '../time/ground';
import { HiveLane } from './HiveLane';

interface Props {
  readonly bands: readonly TodayBand[];
  readonly axis: Axis;
  readonly minute: string;
}

/** Hives under a title, each beside its days. */
export function Bands({ bands, axis, minute }: Props) {
  return bands.map(({ title, rows }) => (
    <section key={title} aria-label={title} className="mt-3">
      <h2 className="bg-ink px-2.5 py-0.5 text-sm text-white">{title}</h2>
      <ul style={groundForAll(axis)}>
        {rows.map((row) => (
          <HiveLane key={row.colonyId} row={row} axis={axis} minute={minute} />
        ))}
      </ul>
    </section>
  ));
}
