import type { OnFrame } from '../../core/practice/exercise';
import { drawsOf } from '../../core/practice/stream';
import { cellLookWords, placeOnFrame } from '../../words/practice';
import { DrawnCell } from './DrawnCell';

interface Props {
  readonly seed: number;
  /** What is seen of it so. */
  readonly things: readonly OnFrame[];
  /** From none (0) to as many as there were (1). */
  readonly bees: number;
  readonly chosen: ReadonlySet<string>;
  readonly onToggle: (id: string) => void;
  /** What was there and was not seen, shown afterwards. */
  readonly missed: readonly OnFrame[];
  readonly isDone: boolean;
}

const WIDTH = 600;
const HEIGHT = 300;
const BEES = 90;

/** A frame with what can be seen on it, each thing to be chosen by tap or key. */
export function DrawnFrame({ seed, things, bees, chosen, onToggle, missed, isDone }: Props) {
  const draws = drawsOf(seed, 'bees');
  const flock = Array.from({ length: BEES }, () => [draws.unit(), draws.unit(), draws.whole(0, 180)] as const);
  const shown = flock.slice(0, Math.round(BEES * bees));
  const placed = (x: number, y: number) => ({ left: `${8 + x * 84}%`, top: `${18 + y * 56}%` });
  return (
    <div
      className="relative mt-2 w-full max-w-2xl overflow-hidden border-2 border-ink bg-paper"
      style={{ aspectRatio: '600 / 380' }}
    >
      <svg viewBox={`0 0 ${WIDTH} 380`} aria-hidden="true" className="absolute inset-0 h-full w-full">
        <rect
          x="0"
          y="10"
          width={WIDTH}
          height="20"
          fill="var(--color-line)"
          stroke="var(--color-ink)"
          strokeWidth="2"
        />
        <rect
          x="34"
          y="30"
          width={WIDTH - 68}
          height={HEIGHT - 30}
          fill="var(--color-wax)"
          opacity="0.35"
          stroke="var(--color-ink)"
          strokeWidth="3"
        />
        <rect
          x="34"
          y={HEIGHT - 8}
          width={WIDTH - 68}
          height="12"
          fill="var(--color-line)"
          stroke="var(--color-ink)"
          strokeWidth="2"
        />
        {shown.map(([x, y, turn]) => (
          <g
            key={`${x}${y}`}
            transform={`translate(${44 + x * (WIDTH - 88)} ${40 + y * (HEIGHT - 50)}) rotate(${turn})`}
          >
            <ellipse rx="11" ry="5.4" fill="var(--color-propolis)" stroke="var(--color-ink)" strokeWidth="1.4" />
            <path d="M-3 -5 V5 M3 -5 V5" stroke="var(--color-ink)" strokeWidth="1.6" />
          </g>
        ))}
      </svg>
      {things.map(({ id, look, place, x, y }) => {
        const isChosen = chosen.has(id);
        return (
          <button
            key={id}
            type="button"
            aria-pressed={isChosen}
            disabled={isDone}
            aria-label={`${placeOnFrame(place, x)}: ${cellLookWords(look)}`}
            className={`absolute -translate-x-1/2 border-2 ${isChosen ? 'border-willow bg-tint' : 'border-transparent'} p-0`}
            style={{ ...placed(x, y), width: '11%' }}
            onClick={() => onToggle(id)}
          >
            <DrawnCell look={look} className="w-full" />
          </button>
        );
      })}
      {missed.map(({ id, look, place, x, y }) => (
        <span
          key={id}
          role="img"
          aria-label={`Not seen, ${placeOnFrame(place, x)}: ${cellLookWords(look)}`}
          className="absolute -translate-x-1/2 border-2 border-dashed border-propolis bg-paper"
          style={{ ...placed(x, y), width: '11%' }}
        >
          <DrawnCell look={look} className="w-full" />
        </span>
      ))}
    </div>
  );
}
