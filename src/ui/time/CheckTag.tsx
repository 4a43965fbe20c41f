import type { CheckWindow } from '../../core/calendar/window';
import type { Tone } from '../../views/marks';
import { type Axis, leftOf, percent, rightOf } from './axis';

const COLOURS: { readonly [T in Tone]: string } = {
  late: 'var(--color-propolis)',
  now: 'var(--color-willow)',
  later: 'var(--color-larch)',
  fine: 'var(--color-larch)',
};

const CHARACTER_PX = 6.8;
const TAG = { top: 12, height: 20 } as const;

/** A label on a string: the bracket is the check's window, the string hangs from its best day. */
export function CheckTag({
  axis,
  window,
  label,
  tone,
  y,
}: {
  axis: Axis;
  window: CheckWindow;
  label: string;
  tone: Tone;
  y: number;
}) {
  const colour = COLOURS[tone];
  const [start, end] = [leftOf(axis, window.earliest), rightOf(axis, window.latest)];
  const best = (leftOf(axis, window.ideal) + rightOf(axis, window.ideal)) / 2;
  const at = Math.min(98, Math.max(2, best));
  const isOff = start >= 100 ? 'ahead' : end <= 0 ? 'past' : null;
  const text = isOff === 'ahead' ? `${label} ▸` : isOff === 'past' ? `◂ ${label}` : label;
  const half = Math.max(18, (text.length * CHARACTER_PX) / 2 + 6);
  // Kept whole at the ends of the strip.
  const shift = at > 94 ? -half + 14 : at < 6 ? half - 14 : 0;
  return (
    <g>
      {!isOff && (
        <>
          <line
            x1={percent(Math.max(0, start))}
            x2={percent(Math.min(100, end))}
            y1={y + 1}
            y2={y + 1}
            stroke={colour}
            strokeWidth="2"
          />
          {[start, end]
            .filter((x) => x >= 0 && x <= 100)
            .map((x) => (
              <line key={x} x1={percent(x)} x2={percent(x)} y1={y} y2={y + 7} stroke={colour} strokeWidth="2" />
            ))}
          <line x1={percent(at)} x2={percent(at)} y1={y + 1} y2={y + TAG.top} stroke={colour} strokeWidth="1.5" />
        </>
      )}
      <svg x={percent(at)} y={y + TAG.top} overflow="visible" aria-hidden="true">
        <g transform={`translate(${shift} 0)`}>
          <path d={`M${-half} 6 L${-half + 6} 0 H${half - 6} L${half} 6 V${TAG.height} H${-half} Z`} fill={colour} />
          <text y="14.5" textAnchor="middle" fontSize="12" fontWeight="700" fill="var(--color-white)">
            {text}
          </text>
        </g>
      </svg>
    </g>
  );
}
