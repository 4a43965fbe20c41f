import type { CSSProperties } from 'react';
import type { Window } from '../../core/calendar/window';
import { RIBBON_SHORT_WORDS, type RibbonKind } from '../../words/marks';
import { type Axis, insetOf, leftOf, percent, rightOf } from './axis';
import { placeLabel } from './label-place';

interface Props {
  readonly axis: Axis;
  readonly window: Window;
  readonly kind: RibbonKind;
  readonly label: string;
  readonly y: number;
  /** What it says to who points at it. */
  readonly words: string;
}

/**
 * When something uncertain happens: solid over the likely days, fading towards the earliest and the latest. An end that is certain,
 * because it was seen, is not faded. A dotted line underneath shows how far the faded ends reach.
 */
export function Ribbon({ axis, window, kind, label, y, words }: Props) {
  const [start, end] = [leftOf(axis, window.earliest), rightOf(axis, window.latest)];
  const [shownStart, shownEnd] = [Math.max(0, start), Math.min(100, end)];
  const isOff = shownStart >= shownEnd;
  // What is long past stands in words beside the strip, and eggs far ahead need no label to say that they are.
  if (isOff && (kind === 'eggs' || kind === 'laid' || end <= 0)) return null;
  if (isOff) {
    const ahead = `${label} ▸`;
    return <b className={`ribbon ribbon-${kind} ribbon-off`} style={{ top: y }} title={words} data-wide={ahead} />;
  }
  const [likelyFrom, likelyTo] = [leftOf(axis, window.likelyFrom), rightOf(axis, window.likelyTo)];
  const within = (at: number) => percent(((at - start) / (end - start)) * 100);
  const narrow = kind === 'sealing' ? label : RIBBON_SHORT_WORDS[kind];
  const place = placeLabel(
    {
      from: Math.max(shownStart, likelyFrom),
      to: Math.min(shownEnd, likelyTo),
      whole: [shownStart, shownEnd],
      isCut: start < 0 || end > 100,
      wide: label,
      narrow,
    },
    within,
  );
  const ends = [
    window.earliest === window.likelyFrom ? 'ribbon-sure-from' : '',
    window.latest === window.likelyTo ? 'ribbon-sure-to' : '',
  ];
  return (
    <b
      className={['ribbon', `ribbon-${kind}`, ...ends, place.className].filter(Boolean).join(' ')}
      style={
        {
          inset: insetOf(start, end, y),
          '--from': within(likelyFrom),
          '--to': within(likelyTo),
          ...place.style,
        } as CSSProperties
      }
      title={words}
      data-wide={label}
      data-narrow={narrow}
    />
  );
}
