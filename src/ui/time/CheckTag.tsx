import type { CSSProperties } from 'react';
import type { CheckWindow } from '../../core/calendar/window';
import type { Tone } from '../../views/marks';
import { type Axis, insetOf, leftOf, percent, rightOf } from './axis';

interface Props {
  readonly axis: Axis;
  readonly window: CheckWindow;
  readonly label: string;
  readonly tone: Tone;
  readonly y: number;
  /** What it says to who points at it. */
  readonly words: string;
}

/** So near an end of the strip a label is kept whole by hanging it to one side, in per cent. */
const NEAR_END = 6;

/** A label on a string: the bracket is the check's window, the string hangs from its best day. */
export function CheckTag({ axis, window, label, tone, y, words }: Props) {
  const [start, end] = [leftOf(axis, window.earliest), rightOf(axis, window.latest)];
  const isAhead = start >= 100;
  const isPast = end <= 0;
  const best = (leftOf(axis, window.ideal) + rightOf(axis, window.ideal)) / 2;
  const at = Math.min(98, Math.max(2, best));
  const [from, to] = isAhead || isPast ? [at, at] : [Math.max(0, start), Math.min(100, end)];
  const shape = [
    'check',
    `check-${tone}`,
    isAhead || isPast ? 'check-off' : '',
    start < 0 ? 'check-from-before' : '',
    end > 100 ? 'check-to-after' : '',
    at < NEAR_END ? 'check-at-start' : at > 100 - NEAR_END ? 'check-at-end' : '',
  ];
  const style = {
    inset: insetOf(from, to, y),
    ...(to > from ? { '--at': percent(((at - from) / (to - from)) * 100) } : {}),
  } as CSSProperties;
  const text = isAhead ? `${label} ▸` : isPast ? `◂ ${label}` : label;
  return <b className={shape.filter(Boolean).join(' ')} style={style} title={words} data-wide={text} />;
}
