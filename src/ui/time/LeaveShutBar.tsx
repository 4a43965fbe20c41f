import { useId } from 'react';
import type { Day } from '../../core/calendar/day';
import { dayWords } from '../../words/days';
import { type Axis, leftOf, percent, rightOf } from './axis';

const HEIGHT = 19;

/** The days on which a hive is not to be opened: always hatched. */
export function LeaveShutBar({ axis, from, to, y }: { axis: Axis; from: Day; to: Day; y: number }) {
  const hatch = useId();
  const [start, end] = [Math.max(0, leftOf(axis, from)), Math.min(100, rightOf(axis, to))];
  if (start >= end) return null;
  return (
    <g>
      <pattern id={hatch} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(35)">
        <rect width="7" height="7" fill="var(--color-paper)" />
        <line x1="1" x2="1" y1="0" y2="7" stroke="var(--color-indigo)" strokeWidth="1.6" />
      </pattern>
      <rect
        x={percent(start)}
        width={percent(end - start)}
        y={y}
        height={HEIGHT}
        fill={`url(#${hatch})`}
        stroke="var(--color-indigo)"
        strokeWidth="1.5"
      />
      {end - start > 24 && (
        <svg x={percent((start + end) / 2)} y={y + 1} overflow="visible" aria-hidden="true">
          <Label words={`leave shut, last day ${dayWords(to)}`} halfWidth={96} className="label-wide" />
          <Label words={`last day ${dayWords(to)}`} halfWidth={60} className="label-narrow" />
        </svg>
      )}
    </g>
  );
}

function Label({ words, halfWidth, className }: { words: string; halfWidth: number; className: string }) {
  return (
    <g className={className}>
      <rect x={-halfWidth} width={2 * halfWidth} height={HEIGHT - 2} rx="2" fill="var(--color-paper)" />
      <text x="0" y="13.5" textAnchor="middle" fontSize="15" fontWeight="700" fill="var(--color-indigo)">
        {words}
      </text>
    </g>
  );
}
