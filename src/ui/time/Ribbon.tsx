import { useId } from 'react';
import type { Window } from '../../core/calendar/window';
import { RIBBON_SHORT_WORDS, type RibbonKind } from '../../words/marks';
import { type Axis, leftOf, percent, rightOf } from './axis';
import { StripLabel } from './StripLabel';

const COLOURS: { readonly [K in RibbonKind]: { readonly fill: string; readonly text: string } } = {
  laid: { fill: 'var(--color-muted)', text: 'var(--color-white)' },
  sealing: { fill: 'var(--color-wax)', text: 'var(--color-on-wax)' },
  emergence: { fill: 'var(--color-indigo)', text: 'var(--color-white)' },
  eggs: { fill: 'var(--color-larch)', text: 'var(--color-white)' },
};

const HEIGHT = 18;
/** How much of the colour is left at an uncertain end. */
const FAINT = 0.14;

/**
 * When something uncertain happens: solid over the likely days, fading towards the earliest and the latest. An end that is certain,
 * because it was seen, is not faded. A dotted line underneath shows how far the faded ends reach.
 */
export function Ribbon({
  axis,
  window,
  kind,
  label,
  y,
}: {
  axis: Axis;
  window: Window;
  kind: RibbonKind;
  label: string;
  y: number;
}) {
  const gradient = useId();
  const [start, end] = [leftOf(axis, window.earliest), rightOf(axis, window.latest)];
  const [shownStart, shownEnd] = [Math.max(0, start), Math.min(100, end)];
  const { fill, text } = COLOURS[kind];
  // What is long past stands in words beside the strip, and eggs far ahead need no label to say that they are.
  if (shownStart >= shownEnd && (kind === 'eggs' || kind === 'laid' || end <= 0)) return null;
  if (shownStart >= shownEnd) {
    return (
      <StripLabel
        from={100}
        to={100}
        whole={[100, 100]}
        y={y}
        height={HEIGHT}
        label={`${label} ▸`}
        on={fill}
        inside={text}
        outside={fill}
      />
    );
  }
  const stop = (at: number) => percent(((at - start) / (end - start)) * 100);
  return (
    <g>
      <linearGradient id={gradient} gradientUnits="userSpaceOnUse" x1={percent(start)} x2={percent(end)} y1="0" y2="0">
        <stop offset="0%" stopColor={fill} stopOpacity={window.earliest === window.likelyFrom ? 1 : FAINT} />
        <stop offset={stop(leftOf(axis, window.likelyFrom))} stopColor={fill} />
        <stop offset={stop(rightOf(axis, window.likelyTo))} stopColor={fill} />
        <stop offset="100%" stopColor={fill} stopOpacity={window.latest === window.likelyTo ? 1 : FAINT} />
      </linearGradient>
      <rect
        x={percent(shownStart)}
        width={percent(shownEnd - shownStart)}
        y={y}
        height={HEIGHT}
        rx="7"
        fill={`url(#${gradient})`}
      />
      <line
        x1={percent(shownStart)}
        x2={percent(shownEnd)}
        y1={y + HEIGHT + 2.5}
        y2={y + HEIGHT + 2.5}
        stroke={fill}
        strokeWidth="1.5"
        strokeDasharray="1.5 2.5"
      />
      <StripLabel
        from={Math.max(shownStart, leftOf(axis, window.likelyFrom))}
        to={Math.min(shownEnd, rightOf(axis, window.likelyTo))}
        whole={[shownStart, shownEnd]}
        y={y}
        height={HEIGHT}
        label={label}
        shortLabel={kind === 'sealing' ? label : RIBBON_SHORT_WORDS[kind]}
        on={fill}
        inside={text}
        outside={kind === 'sealing' ? 'var(--color-ink)' : fill}
      />
    </g>
  );
}
