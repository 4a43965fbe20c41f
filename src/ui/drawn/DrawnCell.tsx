import { useId } from 'react';
import type { CellLook } from '../../core/practice/cell-look';

interface Props {
  readonly look: CellLook;
  /** Bees sit on its tip. */
  readonly isTipHidden?: boolean;
  /** The one that is asked about. */
  readonly isAsked?: boolean;
  /** No room is left below a short one. */
  readonly isCropped?: boolean;
  readonly className?: string;
}

const INK = 'var(--color-ink)';
/** An opening is dark in every light. */
const HOLE = 'var(--color-shade)';
const TOP = 14;
const RADIUS = 25;
const SHORTEST = 20;
const LONGEST = 104;

/** A queen cell hanging from the comb, cut open in front as long as it is open, made of its look alone. */
export function DrawnCell({ look, isTipHidden = false, isAsked = false, isCropped = false, className = '' }: Props) {
  const id = useId();
  const { wall, egg, larva, jelly, capping, end, shape } = look;
  const r = RADIUS * shape.width;
  const length = SHORTEST + (LONGEST - SHORTEST) * wall;
  const [left, right, bottom] = [60 - r, 60 + r, TOP + length];
  const closed = `M${left} ${TOP} C${left - 3} ${TOP + length * 0.5} ${left + 3} ${bottom} 60 ${bottom} C${right - 3} ${bottom} ${right + 3} ${TOP + length * 0.5} ${right} ${TOP} Z`;
  const inside = `M${left} ${TOP} C${left - 4} ${TOP + length * 0.5} ${left} ${bottom - 4} ${left + 5} ${bottom} H${right - 5} C${right} ${bottom - 4} ${right + 4} ${TOP + length * 0.5} ${right} ${TOP} Z`;
  const open = `M${left} ${TOP} C${left - 4} ${TOP + length * 0.5} ${left} ${bottom - 4} ${left + 5} ${bottom} M${right} ${TOP} C${right + 4} ${TOP + length * 0.5} ${right} ${bottom - 4} ${right - 5} ${bottom}`;
  const wax = capping
    ? `color-mix(in srgb, var(--color-paper), var(--color-wax) ${25 + Math.round(capping.tone * 75)}%)`
    : 'none';
  const bareFrom = capping ? bottom - length * 0.34 * Math.max(0, capping.bareTip) : bottom;
  return (
    <svg viewBox={`0 0 120 ${isCropped ? bottom + 10 : 140}`} aria-hidden="true" className={className}>
      <defs>
        <clipPath id={`${id}c`}>
          <path d={closed} />
        </clipPath>
        <pattern id={`${id}h`} width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(35)">
          <rect width="5" height="5" fill="var(--color-propolis)" />
          <path d="M0 2.5 H5" stroke={INK} strokeWidth="1.4" />
        </pattern>
      </defs>
      <g transform={`rotate(${shape.slant} 60 ${TOP})`}>
        {capping ? (
          <>
            <path d={closed} fill={wax} stroke={INK} strokeWidth="2.6" strokeLinejoin="round" />
            <g clipPath={`url(#${id}c)`}>
              {/* The wax is dimpled all over; where it is stripped the cocoon shows. */}
              {DIMPLES.map(([x, y]) => (
                <circle key={`${x} ${y}`} cx={x} cy={TOP + y * length} r="1.7" fill={INK} opacity="0.35" />
              ))}
              {capping.bareTip > 0 && (
                <rect x="20" y={bareFrom} width="80" height={bottom - bareFrom} fill={`url(#${id}h)`} />
              )}
              {end === 'lid-cut' && (
                <path
                  d={`M30 ${bottom - 15} Q60 ${bottom - 8} 90 ${bottom - 15}`}
                  fill="none"
                  stroke="var(--color-paper)"
                  strokeWidth="3.4"
                />
              )}
              {end === 'torn-side' && (
                <path
                  d={`M${right - 22} ${TOP + length * 0.42} l9 -6 l6 5 l12 -4 v32 l-11 -3 l-8 4 l-9 -9 z`}
                  fill={HOLE}
                  stroke={INK}
                  strokeWidth="1.6"
                />
              )}
            </g>
            {end === 'open-tip' && (
              <>
                <ellipse cx="60" cy={bottom - 9} rx={r * 0.52} ry="6" fill={HOLE} stroke={INK} strokeWidth="1.6" />
                <path
                  d={`M${60 + r * 0.5} ${bottom - 8} q10 3 9 14 q-9 2 -14 -5 z`}
                  fill={wax}
                  stroke={INK}
                  strokeWidth="2"
                />
              </>
            )}
            {end === 'lid-cut' && (
              <path
                d={`M30 ${bottom - 15} Q60 ${bottom - 8} 90 ${bottom - 15}`}
                clipPath={`url(#${id}c)`}
                fill="none"
                stroke={INK}
                strokeWidth="1.6"
                strokeDasharray="3 2.4"
              />
            )}
          </>
        ) : (
          <>
            <path d={inside} fill="var(--color-paper)" opacity="0.8" />
            {jelly > 0 && (
              <path
                d={`M${left + 2} ${TOP + 2} H${right - 2} V${TOP + 6 + jelly * length * 0.4} Q60 ${TOP + 14 + jelly * length * 0.46} ${left + 2} ${TOP + 6 + jelly * length * 0.4} Z`}
                fill="var(--color-tint)"
                stroke={INK}
                strokeWidth="1"
                strokeDasharray="2 3"
              />
            )}
            {egg && (
              <g transform={`translate(60 ${TOP + 3}) rotate(${-egg.lean})`}>
                <rect x="-2" y="0" width="4" height="13" rx="2" fill={INK} />
              </g>
            )}
            {larva && <Larva look={larva} x={60} y={TOP + 6 + jelly * length * 0.34} width={r * 1.5} />}
            <path d={open} fill="none" stroke={INK} strokeWidth="4" strokeLinecap="round" />
          </>
        )}
        {isTipHidden && <Bees x={60} y={bottom - 6} />}
      </g>
      <path d={`M6 ${TOP} H114`} stroke={INK} strokeWidth="5" strokeLinecap="round" />
      {isAsked && <path d="M52 136 L60 126 L68 136 Z" fill="var(--color-willow)" />}
    </svg>
  );
}

const DIMPLES: readonly (readonly [number, number])[] = [
  [44, 0.14],
  [60, 0.1],
  [76, 0.15],
  [51, 0.26],
  [68, 0.27],
  [43, 0.38],
  [60, 0.4],
  [77, 0.37],
  [52, 0.52],
  [69, 0.53],
  [60, 0.64],
  [50, 0.72],
  [70, 0.71],
  [60, 0.82],
];

/** A larva: a thick arc, the more closed the more it is curled. */
function Larva({ look, x, y, width }: { look: NonNullable<CellLook['larva']>; x: number; y: number; width: number }) {
  const size = width * look.length * 0.5;
  const turn = Math.PI * (0.5 + look.curl * 1.1);
  const point = (angle: number) => `${x + size * Math.sin(angle)} ${y - size * Math.cos(angle) * 0.8}`;
  const [from, to] = [Math.PI - turn / 2, Math.PI + turn / 2];
  return (
    <path
      d={`M${point(from)} A${size} ${size * 0.8} 0 ${turn > Math.PI ? 1 : 0} 1 ${point(to)}`}
      fill="none"
      stroke={INK}
      strokeWidth={3 + size * 0.55}
      strokeLinecap="round"
    />
  );
}

/** Two or three bees on a tip. */
function Bees({ x, y }: { x: number; y: number }) {
  return [
    [-10, -2, -30],
    [8, 2, 25],
    [0, -14, 80],
  ].map(([dx = 0, dy = 0, turn = 0]) => (
    <g key={turn} transform={`translate(${x + dx} ${y + dy}) rotate(${turn})`}>
      <ellipse rx="13" ry="6.5" fill="var(--color-wax)" stroke={INK} strokeWidth="2" />
      <path d="M-4 -6 V6 M2 -6.4 V6.4" stroke={INK} strokeWidth="2.4" />
      <circle cx="13" r="4" fill={INK} />
    </g>
  ));
}
