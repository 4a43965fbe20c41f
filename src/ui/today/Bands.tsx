import type { TodayBand } from '../../views/today-view';
import { hivesWords } from '../../words/hives';
import { Row } from '../controls/Row';
import type { Axis } from '../time/axis';
import { groundForAll } from '../time/ground';
import { HiveLane } from './HiveLane';

interface Props {
  readonly bands: readonly TodayBand[];
  readonly axis: Axis;
  /** Where more stand together they are counted by apiary. */
  readonly isOpen?: boolean;
}

/** Hives under a title, each beside its days: one line that opens, but for those at which something is due while there is no plan. */
export function Bands({ bands, axis, isOpen = false }: Props) {
  return bands.map(({ title, isDue, rows, brief }) => {
    const lanes = (
      <ul style={groundForAll(axis)}>
        {rows.map((row) => (
          <HiveLane key={row.colonyId} row={row} axis={axis} />
        ))}
      </ul>
    );
    return (
      <section key={title} aria-label={title}>
        {isOpen && isDue ? (
          <>
            <h2 className="mt-3 border-b-2 border-ink text-base">{title}</h2>
            {lanes}
          </>
        ) : (
          <Row title={title} brief={brief} aside={hivesWords(rows.length)}>
            {lanes}
          </Row>
        )}
      </section>
    );
  });
}
