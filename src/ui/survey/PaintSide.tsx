'use client';

import { type Content, type Side, TENTHS, tenthsOf } from '../../core/space/content';
import type { Frame } from '../../core/space/hive';
import { frameContents, sideContents } from '../../words/frame-contents';
import { CONTENT_WORDS } from '../../words/frames';
import { fillOf } from '../frames/CombPatterns';
import { FROM_TOP } from '../frames/FrameComb';

interface Props {
  readonly frame: Frame;
  readonly at: 0 | 1;
  /** Counted from the left, from 1. */
  readonly place: number;
  readonly isLarge?: boolean;
  readonly onKey: (event: React.KeyboardEvent, frame: Frame, side: 0 | 1) => void;
}

/** A side as ten rows from the top bar down. */
export const rowsOf = (side: Side): readonly Content[] =>
  FROM_TOP.flatMap((content) => Array<Content>(tenthsOf(side, content)).fill(content));

/** A dummy board or a feeder: as high as a comb, and nothing in it. */
const NO_COMB: readonly Content[] = Array<Content>(TENTHS).fill('undrawn');

const SMALL = 'h-4 wide:h-3.5';
/** A tenth that a gloved finger hits. */
const LARGE = 'h-7';

/** One side of a frame in tenths, each of which can be painted. */
export function PaintSide({ frame, at, place, isLarge = false, onKey }: Props) {
  const side = frame.sides?.[at];
  const words = side
    ? `Frame ${place}, ${at === 0 ? 'left' : 'right'} side. ${sideContents(side)}`
    : `Frame ${place}. ${frameContents(frame)}`;
  return (
    // biome-ignore lint/a11y/useSemanticElements: a side is painted by keys and strokes, which no element of HTML stands for
    <div
      role="group"
      aria-label={isLarge ? `${words}, large` : words}
      data-comb-side
      // biome-ignore lint/a11y/noNoninteractiveTabindex: it takes number keys
      tabIndex={0}
      className="min-w-0 flex-1"
      onKeyDown={(event) => onKey(event, frame, at)}
    >
      {(side ? rowsOf(side) : NO_COMB).map((content, row) => (
        <svg
          // biome-ignore lint/suspicious/noArrayIndexKey: the rows of a side are its tenths
          key={row}
          data-tenth={row}
          data-frame={frame.id}
          data-side={at}
          className={`block w-full ${isLarge ? LARGE : SMALL}`}
          aria-hidden="true"
        >
          <title>{side ? CONTENT_WORDS[content] : frame.kind}</title>
          <rect
            width="100%"
            height="100%"
            fill={side ? fillOf(content) : frame.kind === 'dummy' ? 'var(--color-muted)' : 'var(--color-tint)'}
            stroke={side ? 'var(--color-ink)' : 'none'}
            strokeWidth="0.5"
          />
        </svg>
      ))}
    </div>
  );
}
