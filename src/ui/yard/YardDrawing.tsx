'use client';

import { useDrag } from '@use-gesture/react';
import { type KeyboardEvent, useRef } from 'react';
import type { YardMarkFact } from '../../core/facts/yard';
import { distanceM, type Point } from '../../core/yard/flyers';
import type { MapStand } from '../../views/map-view';
import type { YardStep } from '../../views/yard-notes';
import { facingName, YARD_MARK_WORDS } from '../../words/yard';
import { CM, drawnAt, groundOf, toCm } from './drawn-yard';
import { FlightMarks } from './FlightMarks';
import type { Flights } from './flights';

export interface Placed extends Point {
  readonly facing: number;
}

interface Props {
  readonly stands: readonly MapStand[];
  readonly marks: readonly YardMarkFact[];
  /** Hives that are moved by steps. */
  readonly steps: readonly YardStep[];
  /** Where each is shown, saved or not. */
  readonly placeOf: (stand: MapStand) => Placed;
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
  readonly onPlace: (id: string, to: Placed, isEnd: boolean) => void;
  /** What is about to be moved; null: nothing. */
  readonly flights: Flights | null;
  readonly isFixed: boolean;
}

/** Half the width of a hive, cm. */
const HALF = 25;
/** Big enough for a finger, whatever the scale. */
const REACH = 70;
/** Names stay legible; a wide apiary is moved under the finger. */
const LEAST_PX_A_METRE = 40;
/** Hives nearer than this have no room for their names side by side. */
const BESIDE_M = 1.4;
const STEP_M = 0.1;
const BIG_STEP_M = 1;
const TURN = 15;

/** The apiary from above, north up: each hive with the side that it flies from. */
export function YardDrawing({ stands, marks, steps, placeOf, chosen, onChoose, onPlace, flights, isFixed }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const { x, y, width, height } = groundOf(stands, marks);
  const lines = (from: number, wide: number) =>
    Array.from({ length: Math.floor(wide / CM) + 1 }, (_, i) => Math.ceil(from / CM) * CM + i * CM);
  /** Hives side by side share the room for a finger, and have their names on two sides. */
  const roomFor = (stand: MapStand) => {
    const place = placeOf(stand);
    const others = stands.filter(({ id }) => id !== stand.id);
    const nearest = Math.min(...others.map((other) => distanceM(placeOf(other), place)));
    const isSecond = stands
      .slice(0, stands.indexOf(stand))
      .some((other) => distanceM(placeOf(other), place) < BESIDE_M);
    return { reach: Math.max(HALF, Math.min(REACH, (nearest * CM) / 2)), isSecond };
  };
  const metresAPixel = () => width / CM / (svg.current?.getBoundingClientRect().width ?? width);
  return (
    <div className="mt-3 overflow-x-auto border-2 border-ink bg-paper">
      {/* biome-ignore lint/a11y/useSemanticElements: a fieldset is no drawing */}
      <svg
        ref={svg}
        style={{ minWidth: (width / CM) * LEAST_PX_A_METRE }}
        viewBox={`${x} ${y} ${width} ${height}`}
        className="block w-full"
        role="group"
        aria-label="The apiary from above, north up"
      >
        <title>The apiary from above, north up</title>
        <g className="stroke-line" strokeWidth="1">
          {lines(x, width).map((at) => (
            <line key={`x${at}`} x1={at} x2={at} y1={y} y2={y + height} strokeWidth={at % (5 * CM) === 0 ? 3 : 1} />
          ))}
          {lines(y, height).map((at) => (
            <line key={`y${at}`} y1={at} y2={at} x1={x} x2={x + width} strokeWidth={at % (5 * CM) === 0 ? 3 : 1} />
          ))}
        </g>
        {marks.map((mark) => (
          <Mark key={mark.id} mark={mark} />
        ))}
        <g transform={`translate(${x + 60} ${y + 70})`}>
          <path d="M0 -40 L18 20 L0 8 L-18 20 Z" className="fill-ink" />
          <text y="52" textAnchor="middle" fontSize="30" className="fill-ink font-bold">
            N
          </text>
        </g>
        <g transform={`translate(${x + width - 140} ${y + height - 30})`}>
          <path d="M0 0 V10 H100 V0" className="fill-none stroke-ink" strokeWidth="4" />
          <text x="50" y="-8" textAnchor="middle" fontSize="26" className="fill-ink">
            1 m
          </text>
        </g>
        {steps.map(({ moveId, from, to }) => (
          <StepsMark key={moveId} from={from} to={to} />
        ))}
        {flights && <FlightMarks flights={flights} />}
        {stands.map((stand) => (
          <HiveMark
            key={stand.id}
            stand={stand}
            placed={placeOf(stand)}
            {...roomFor(stand)}
            isChosen={stand.id === chosen}
            isFixed={isFixed}
            metresAPixel={metresAPixel}
            onChoose={() => onChoose(stand.id)}
            onPlace={(to, isEnd) => onPlace(stand.id, to, isEnd)}
          />
        ))}
      </svg>
    </div>
  );
}

interface HiveProps {
  readonly stand: MapStand;
  readonly placed: Placed;
  /** Radius of what can be tapped, cm. */
  readonly reach: number;
  /** Another one stands beside it: its name goes to the other side. */
  readonly isSecond: boolean;
  readonly isChosen: boolean;
  readonly isFixed: boolean;
  readonly metresAPixel: () => number;
  readonly onChoose: () => void;
  readonly onPlace: (to: Placed, isEnd: boolean) => void;
}

/** Where a hive that is moved by steps goes. */
function StepsMark({ from, to }: Pick<YardStep, 'from' | 'to'>) {
  const [a, b] = [drawnAt(from), drawnAt(to)];
  return (
    <g className="pointer-events-none fill-none stroke-muted" strokeWidth="4" strokeDasharray="14 10">
      <line x1={a.x} y1={a.y} x2={b.x} y2={b.y} />
      <rect x={b.x - HALF} y={b.y - HALF} width={2 * HALF} height={2 * HALF} rx="5" />
    </g>
  );
}

function HiveMark({ stand, placed, reach, isSecond, isChosen, isFixed, metresAPixel, onChoose, onPlace }: HiveProps) {
  const begin = useRef(placed);
  const bind = useDrag(
    ({ first, last, movement: [right, down], tap }) => {
      if (first) {
        begin.current = placed;
        onChoose();
      }
      if (tap || isFixed) return;
      const scale = metresAPixel();
      const { x, y } = begin.current;
      onPlace({ ...begin.current, x: toCm(x + right * scale), y: toCm(y - down * scale) }, last);
    },
    { filterTaps: true, threshold: 4 },
  );
  const key = (event: KeyboardEvent) => {
    const step = event.shiftKey ? BIG_STEP_M : STEP_M;
    const by: { readonly [key: string]: Partial<Placed> } = {
      ArrowLeft: { x: toCm(placed.x - step) },
      ArrowRight: { x: toCm(placed.x + step) },
      ArrowUp: { y: toCm(placed.y + step) },
      ArrowDown: { y: toCm(placed.y - step) },
      '[': { facing: (placed.facing + 360 - TURN) % 360 },
      ']': { facing: (placed.facing + TURN) % 360 },
    };
    if (event.key === 'Enter' || event.key === ' ') onChoose();
    else if (!isFixed && by[event.key]) onPlace({ ...placed, ...by[event.key] }, true);
    else return;
    event.preventDefault();
  };
  const { x, y } = drawnAt(placed);
  // Its name stands behind it, where no bee flies.
  const isFront = (placed.facing > 90 && placed.facing < 270) !== isSecond;
  const names = stand.colonies.map(({ entry }) => entry.name);
  const label = [stand.name, names.join(', ') || 'free', `faces ${facingName(placed.facing)}`].join(': ');
  return (
    // biome-ignore lint/a11y/useSemanticElements: a button cannot stand in a drawing
    <g
      {...bind()}
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-pressed={isChosen}
      aria-keyshortcuts="ArrowLeft ArrowRight ArrowUp ArrowDown [ ]"
      onKeyDown={key}
      onClick={onChoose}
      transform={`translate(${x} ${y})`}
      className="cursor-pointer touch-none focus:outline-none [&:focus-visible_.reach]:stroke-indigo"
      data-stand={stand.name}
    >
      <circle r={reach} className="fill-transparent" />
      <circle
        r={Math.max(reach, 2 * HALF)}
        className={`reach pointer-events-none fill-none ${isChosen ? 'stroke-ink' : 'stroke-transparent'}`}
        strokeWidth="5"
        strokeDasharray="14 8"
      />
      <g transform={`rotate(${placed.facing})`}>
        <rect
          x={-HALF}
          y={-HALF}
          width={2 * HALF}
          height={2 * HALF}
          rx="5"
          className={names.length > 0 ? 'fill-wax stroke-ink' : 'fill-paper stroke-muted'}
          strokeWidth="4"
          strokeDasharray={names.length > 0 ? undefined : '10 6'}
        />
        <path d={`M${-HALF * 0.6} ${-HALF} H${HALF * 0.6}`} className="stroke-ink" strokeWidth="10" />
        <path d={`M0 ${-HALF - 8} V${-HALF - 26}`} className="stroke-ink" strokeWidth="4" />
      </g>
      <text y={isFront ? -HALF - 16 : HALF + 36} textAnchor="middle" fontSize="30" className="fill-ink font-bold">
        {names.join(', ') || stand.name}
      </text>
    </g>
  );
}

function Mark({ mark: { kind, x1, y1, x2, y2 } }: { readonly mark: YardMarkFact }) {
  const [a, b] = [drawnAt({ x: x1, y: y1 }), drawnAt({ x: x2, y: y2 })];
  const [left, top] = [Math.min(a.x, b.x), Math.min(a.y, b.y)];
  if (kind === 'way-mark')
    return (
      <g className="stroke-muted" strokeWidth="6" strokeLinecap="round">
        <title>{YARD_MARK_WORDS[kind]}</title>
        <path
          d={`M${a.x - 16} ${a.y + 10} Q${a.x} ${a.y - 14} ${a.x + 18} ${a.y - 8} M${a.x - 2} ${a.y - 3} L${a.x + 6} ${a.y - 20}`}
          className="fill-none"
        />
      </g>
    );
  const text = (
    <text x={(a.x + b.x) / 2} y={(a.y + b.y) / 2 - 14} textAnchor="middle" fontSize="24" className="fill-muted">
      {YARD_MARK_WORDS[kind].toLowerCase()}
    </text>
  );
  if (kind === 'path' || kind === 'hedge' || kind === 'neighbour')
    return (
      <g>
        <line
          x1={a.x}
          y1={a.y}
          x2={b.x}
          y2={b.y}
          className={kind === 'hedge' ? 'stroke-muted' : 'stroke-line'}
          strokeWidth={kind === 'hedge' ? 22 : 14}
          strokeDasharray={kind === 'path' ? '30 18' : kind === 'neighbour' ? '6 14' : undefined}
        />
        {text}
      </g>
    );
  return (
    <g>
      <rect
        x={left}
        y={top}
        width={Math.abs(a.x - b.x)}
        height={Math.abs(a.y - b.y)}
        className="fill-tint stroke-muted"
        strokeWidth="4"
        rx={kind === 'water' ? 60 : 0}
      />
      {text}
    </g>
  );
}
