import type { Point } from '../../core/yard/flyers';
import { drawnAt } from './drawn-yard';
import type { Flights } from './flights';

/** Where the hive goes, and where its flying bees go: dotted from where it stood to who takes them in, or to nobody. */
export function FlightMarks({ flights: { from, goesTo, ways, areLost } }: { readonly flights: Flights }) {
  const old = drawnAt(from);
  return (
    <g className="pointer-events-none" data-flights={areLost ? 'lost' : ways.length}>
      {goesTo && <Way from={from} to={goesTo} className="stroke-muted" dashes="20 12" width={4} />}
      <circle
        cx={old.x}
        cy={old.y}
        r="34"
        className="fill-none stroke-propolis"
        strokeWidth="5"
        strokeDasharray="4 10"
      />
      {ways.map((to) => (
        <Way key={`${to.x} ${to.y}`} from={from} to={to} className="stroke-propolis" dashes="1 13" width={9} />
      ))}
      {areLost && (
        <text x={old.x} y={old.y + 74} textAnchor="middle" fontSize="26" className="fill-propolis font-bold">
          no hive here
        </text>
      )}
    </g>
  );
}

interface WayProps {
  readonly from: Point;
  readonly to: Point;
  readonly className: string;
  readonly dashes: string;
  readonly width: number;
}

/** A bow from one place to another, so that it is seen beside what stands between. */
function Way({ from, to, className, dashes, width }: WayProps) {
  const [a, b] = [drawnAt(from), drawnAt(to)];
  const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 - Math.hypot(a.x - b.x, a.y - b.y) / 3 };
  return (
    <path
      d={`M${a.x} ${a.y} Q${middle.x} ${middle.y} ${b.x} ${b.y}`}
      className={`fill-none ${className}`}
      strokeWidth={width}
      strokeDasharray={dashes}
      strokeLinecap="round"
    />
  );
}
