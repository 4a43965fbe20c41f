import type { Day } from '../../core/calendar/day';
import type { SeasonView } from '../../views/season-view';
import { spanStyle } from './place';

/** Behind all rows: the swarm season tinted, and the line of today. */
export function SeasonGround({ view, today }: { view: SeasonView; today: Day }) {
  const { first, swarmSeason } = view;
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
