import type { Room } from '../../core/space/room';
import { dayWords } from '../../words/days';
import { type Axis, leftOf, percent } from '../time/axis';
import { groundOf } from '../time/ground';

interface Props {
  readonly name: string;
  readonly course: Room['course'];
  readonly axis: Axis;
}

const HEIGHT = 100;
/** Some air above the highest and below the lowest. */
const TALLEST_SHARE = 0.72;
const BELOW = 8;

/**
 * Free cells against the days of the ruler above: a band between the highest and the lowest rate of laying. Below its line there is
 * no room left, and the band turns to what is to be acted on.
 */
export function RoomBand({ name, course, axis }: Props) {
  const first = course[0];
  const last = course.at(-1);
  if (!first || !last) return null;
  const values = course.flatMap(({ low, high }) => [low, high]);
  const [most, least] = [Math.max(...values, 1), Math.min(...values, 0)];
  const scale = (HEIGHT * TALLEST_SHARE) / (most - least);
  const y = (cells: number) => HEIGHT - BELOW - (cells - least) * scale;
  const x = (day: (typeof first)['day']) => leftOf(axis, day) + 50 / axis.days;
  const band = [
    ...course.map(({ day, high }) => `${x(day)},${y(high)}`),
    ...[...course].reverse().map(({ day, low }) => `${x(day)},${y(low)}`),
  ].join(' ');
  const zero = y(0);
  const clip = `room-${name.replaceAll(/\W/g, '')}`;
  const cells = (value: number) => Math.round(value).toLocaleString('en-GB');
  const words = `${cells(first.high)} free cells on ${dayWords(first.day)}, between ${cells(last.low)} and ${cells(last.high)} on ${dayWords(last.day)}`;
  return (
    <>
      <div className="absolute inset-0" style={groundOf(axis)} />
      <svg
        className="absolute inset-0 h-full w-full overflow-hidden"
        viewBox={`0 0 100 ${HEIGHT}`}
        preserveAspectRatio="none"
        role="img"
        aria-label={`Laying room of ${name}: ${words}`}
      >
        <defs>
          <clipPath id={`${clip}-above`}>
            <rect x="-100" y="-10" width="300" height={zero + 10} />
          </clipPath>
          <clipPath id={`${clip}-below`}>
            <rect x="-100" y={zero} width="300" height={HEIGHT} />
          </clipPath>
        </defs>
        <polygon
          points={band}
          clipPath={`url(#${clip}-above)`}
          fill="var(--color-larch)"
          fillOpacity="0.45"
          stroke="var(--color-larch)"
          strokeWidth="1.5"
          vectorEffect="non-scaling-stroke"
        />
        <polygon
          points={band}
          clipPath={`url(#${clip}-below)`}
          fill="var(--color-willow)"
          fillOpacity="0.5"
          stroke="var(--color-willow)"
          strokeWidth="1.5"
          strokeDasharray="4 3"
          vectorEffect="non-scaling-stroke"
        />
        <line
          x1="0"
          x2="100"
          y1={zero}
          y2={zero}
          stroke="var(--color-ink)"
          strokeWidth="1.5"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      <p
        aria-hidden="true"
        className="absolute text-xs font-semibold whitespace-nowrap"
        style={{ left: percent(Math.max(0, x(first.day) + 1)), top: `calc(${Math.min(88, y(first.high))}% - 1.1rem)` }}
      >
        {`${cells(first.high)} free`}
      </p>
      {zero < HEIGHT - 12 && (
        <p
          aria-hidden="true"
          className="text-willow absolute right-0 text-xs font-semibold"
          style={{ top: `${zero}%` }}
        >
          no room
        </p>
      )}
    </>
  );
}
