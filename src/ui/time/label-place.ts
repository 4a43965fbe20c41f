const CHARACTER_PX = 6.6;
/** The narrowest a strip gets on a desk and on a phone. */
const STRIP_PX = { wide: 750, narrow: 333 } as const;

interface Label {
  /** The solid part that the label may stand on, in per cent of the strip. */
  readonly from: number;
  readonly to: number;
  /** The whole mark as far as it is shown, faded ends and all: the label goes there with a halo, or else beside it. */
  readonly whole: readonly [start: number, end: number];
  /** The strip ends before the mark does. */
  readonly isCut: boolean;
  readonly wide: string;
  /** The same for a phone. */
  readonly narrow: string;
}

type Place = 'on' | 'over' | 'after' | 'before';

function placeOf({ from, to, whole: [start, end] }: Label, label: string, stripPx: number): Place {
  const labelPx = label.length * CHARACTER_PX + 8;
  const hasRoom = (share: number) => (share / 100) * stripPx >= labelPx;
  if (hasRoom(to - from)) return 'on';
  if (hasRoom(end - start)) return 'over';
  return hasRoom(100 - end) ? 'after' : 'before';
}

/**
 * Where a word stands that names a mark: on it where it fits, beside it where it does not, decided apart for a desk and for a phone.
 *
 * @param within the place of a share of the strip in the mark's own box
 * @returns the classes by which `marks.css` puts it there; where only a part of the mark is shown also the place on that part
 */
export function placeLabel(
  label: Label,
  within: (at: number) => string,
): { readonly className: string; readonly style: Readonly<Record<string, string>> } {
  const wide = placeOf(label, label.wide, STRIP_PX.wide);
  const narrow = placeOf(label, label.narrow, STRIP_PX.narrow);
  return {
    className: `wide-${wide} narrow-${narrow}`,
    style: label.isCut
      ? { '--wide-at': within(anchorOf(label, wide)), '--narrow-at': within(anchorOf(label, narrow)) }
      : {},
  };
}

function anchorOf({ from, to, whole: [start, end] }: Label, place: Place): number {
  if (place === 'on') return (from + to) / 2;
  return place === 'over' ? (start + end) / 2 : end;
}
