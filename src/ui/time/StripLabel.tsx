import { percent } from './axis';

const FONT_PX = 12;
const CHARACTER_PX = 6.6;
/** The narrowest a strip gets on a desk and on a phone. */
const STRIP_PX = { wide: 750, narrow: 333 } as const;

/** Keeps a word readable over a faded end or a tinted day: it takes the colour of what it stands on along. */
const HALO = { stroke: 'var(--color-ground)', strokeWidth: 3, paintOrder: 'stroke' } as const;

interface Props {
  /** The solid part that the label may stand on, in per cent. */
  readonly from: number;
  readonly to: number;
  /** The whole mark, faded ends and all: the label goes there with a halo, or else beside it. */
  readonly whole: readonly [start: number, end: number];
  readonly y: number;
  readonly height: number;
  readonly label: string;
  /** The same for a phone. */
  readonly shortLabel?: string;
  /** The colour of the mark, of a word on it and of a word beside it. */
  readonly on: string;
  readonly inside: string;
  readonly outside: string;
}

/** A word on a mark where it fits, beside it where it does not, decided apart for a desk and for a phone. */
export function StripLabel(props: Props) {
  return (
    <>
      <OneLabel {...props} size="wide" />
      <OneLabel {...props} label={props.shortLabel ?? props.label} size="narrow" />
    </>
  );
}

function OneLabel({
  from,
  to,
  whole,
  y,
  height,
  label,
  on,
  inside,
  outside,
  size,
}: Props & { size: 'wide' | 'narrow' }) {
  const stripPx = STRIP_PX[size];
  const labelPx = label.length * CHARACTER_PX + 8;
  const baseline = y + height / 2 + FONT_PX * 0.36;
  const className = size === 'wide' ? 'label-wide' : 'label-narrow';
  const common = { y: baseline, fontSize: FONT_PX, fontWeight: 700, className };
  if (((to - from) / 100) * stripPx >= labelPx) {
    return (
      <text {...common} x={percent((from + to) / 2)} textAnchor="middle" fill={inside}>
        {label}
      </text>
    );
  }
  const [start, end] = whole;
  if (((end - start) / 100) * stripPx >= labelPx) {
    return (
      <text {...common} {...HALO} stroke={on} x={percent((start + end) / 2)} textAnchor="middle" fill={inside}>
        {label}
      </text>
    );
  }
  const fitsBeside = ((100 - end) / 100) * stripPx >= labelPx;
  return fitsBeside ? (
    <text {...common} {...HALO} x={percent(end)} dx="5" fill={outside}>
      {label}
    </text>
  ) : (
    <text {...common} {...HALO} x={percent(end)} dx="-3" textAnchor="end" fill={outside}>
      {label}
    </text>
  );
}
