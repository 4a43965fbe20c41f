import type { Day } from '../../core/calendar/day';
import type { YearBand } from '../../views/year-bands';
import { rangeWords } from '../../words/days';
import { spanStyle } from './place';

/** The parts of an apiary's year, one after another; dearth and autumn flow below them. */
export function YearLane({ bands, origin }: { readonly bands: readonly YearBand[]; readonly origin: Day }) {
  const isBelow = ({ kind }: YearBand) => kind === 'dearth' || kind === 'autumn-flow';
  const height = bands.some(isBelow) ? 2 * LINE + 4 : LINE + 4;
  return (
    <div className="season-row">
      <span className="season-name text-sm">Its year</span>
      <div className="season-strip" style={{ height }}>
        <ul className="season-time">
          {bands.map((band) => (
            <li
              key={band.id}
              className={`season-mark season-year season-year-${band.kind}`}
              style={{ ...spanStyle(origin, band.from, band.to), marginTop: isBelow(band) ? LINE : 0 }}
              title={`${band.label}, ${rangeWords(band)}`}
            >
              {band.label}
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}

const LINE = 18;
