import type { Day } from '../../core/calendar/day';
import { spanStyle } from './place';
import type { SheetDays } from './Sheet';

/** Behind all rows: the swarm season tinted, and the line of today. */
export function SeasonGround({ days, today }: { days: SheetDays; today: Day }) {
  const { first, swarmSeason } = days;
  return (
    <div className="season-ground" aria-hidden="true">
      <div className="season-strip">
        <div className="season-time">
          {swarmSeason && (
            <span className="season-swarms" style={spanStyle(first, swarmSeason.from, swarmSeason.to)}>
              swarm season
            </span>
          )}
          <span className="season-now" style={spanStyle(first, today, today)} />
        </div>
      </div>
    </div>
  );
}
