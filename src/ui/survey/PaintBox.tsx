'use client';

import { useRef } from 'react';
import { CONTENT_WORDS, type Content, type Side, TENTHS, tenthsOf } from '../../core/space/content';
import type { Box, Frame } from '../../core/space/hive';
import { type SurveyChange, sideWith } from '../../device/survey-draft';
import { frameContents } from '../../views/frame-words';
import { fillOf } from '../frames/CombPatterns';
import { FROM_TOP } from '../frames/FrameComb';
import type { Brush } from './brush';

interface Props {
  readonly box: Box;
  readonly name: string;
  readonly brush: Brush;
  readonly queenFrameId: string | null;
  readonly change: (change: SurveyChange) => void;
}

const TENTH_KEYS = '1234567890';

/**
 * The frames of a box side by side, painted by tapping or sliding: whole frames at a time, or tenth by tenth from the top down. On
 * a side, a number key says how many tenths hold what is chosen, 0 meaning all ten; the arrows walk from side to side.
 */
export function PaintBox({ box, name, brush, queenFrameId, change }: Props) {
  const list = useRef<HTMLOListElement>(null);
  const isPainting = useRef(false);
  /** Where the stroke last painted, so that sliding within a tenth paints it once. */
  const last = useRef('');

  const paint = (target: Element | null) => {
    const cell = target?.closest<HTMLElement>('[data-tenth]');
    if (!cell || !list.current?.contains(cell)) return;
    const { frame: frameId = '', side = '0', tenth = '0' } = cell.dataset;
    const key = brush.reach === 'frame' ? frameId : `${frameId} ${side} ${tenth}`;
    if (key === last.current) return;
    last.current = key;
    if (brush.reach === 'frame') return change({ type: 'fill-frame', frameIds: [frameId], fill: brush.fill });
    const frame = box.frames.find(({ id }) => id === frameId);
    const at = side === '1' ? 1 : 0;
    const holds = frame?.sides?.[at];
    if (!holds || rows(holds)[Number(tenth)] === brush.content) return;
    const holdsMore = sideWith(holds, brush.content, tenthsOf(holds, brush.content) + 1);
    change({ type: 'side', frameId, side: at, holds: holdsMore });
  };

  const onKey = (event: React.KeyboardEvent, frame: Frame, side: 0 | 1) => {
    const sides = [...(list.current?.querySelectorAll<HTMLElement>('[data-comb-side]') ?? [])];
    const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    const digit = TENTH_KEYS.indexOf(event.key);
    if (step !== undefined) {
      sides[sides.indexOf(event.currentTarget as HTMLElement) + step]?.focus();
    } else if (digit >= 0 && event.key.length === 1) {
      if (brush.reach === 'frame') change({ type: 'fill-frame', frameIds: [frame.id], fill: brush.fill });
      else if (frame.sides)
        change({ type: 'side', frameId: frame.id, side, holds: sideWith(frame.sides[side], brush.content, digit + 1) });
    } else return;
    event.preventDefault();
  };

  return (
    <ol
      ref={list}
      aria-label={`${name}, frames`}
      className="mt-2 flex touch-none gap-1 select-none"
      onPointerDown={(event) => {
        isPainting.current = true;
        last.current = '';
        paint(event.target as Element);
      }}
      onPointerMove={(event) => {
        // A finger stays captured by where it went down: what it is over now is asked for.
        if (isPainting.current) paint(document.elementFromPoint(event.clientX, event.clientY));
      }}
      onPointerUp={() => {
        isPainting.current = false;
      }}
      onPointerCancel={() => {
        isPainting.current = false;
      }}
      onPointerLeave={() => {
        isPainting.current = false;
      }}
    >
      {box.frames.map((frame, i) => (
        <li key={frame.id} className="min-w-0 flex-1" style={{ maxWidth: 48 }}>
          <p className="text-center text-xs font-semibold">
            {i + 1}
            {frame.id === queenFrameId && <b className="ml-0.5 bg-ink px-0.5 text-white">Q</b>}
          </p>
          <div className="flex gap-px border-t-4 border-ink">
            {frame.sides ? (
              frame.sides.map((side, at) => (
                <PaintSide
                  // biome-ignore lint/suspicious/noArrayIndexKey: a frame has a left and a right side
                  key={at}
                  frame={frame}
                  at={at as 0 | 1}
                  rows={rows(side)}
                  words={`Frame ${i + 1}, ${at === 0 ? 'left' : 'right'} side. ${frameContents({ ...frame, sides: [side, side] })}`}
                  onKey={onKey}
                />
              ))
            ) : (
              <PaintSide
                frame={frame}
                at={0}
                rows={NO_COMB}
                words={`Frame ${i + 1}. ${frameContents(frame)}`}
                onKey={onKey}
              />
            )}
          </div>
        </li>
      ))}
    </ol>
  );
}

/** A side as ten rows from the top bar down. */
function rows(side: Side): readonly Content[] {
  return FROM_TOP.flatMap((content) => Array<Content>(tenthsOf(side, content)).fill(content));
}

/** A dummy board or a feeder: as high as a comb, and nothing in it. */
const NO_COMB: readonly Content[] = Array<Content>(TENTHS).fill('undrawn');

function PaintSide({
  frame,
  at,
  rows: contents,
  words,
  onKey,
}: {
  frame: Frame;
  at: 0 | 1;
  rows: readonly Content[];
  words: string;
  onKey: (event: React.KeyboardEvent, frame: Frame, side: 0 | 1) => void;
}) {
  return (
    // biome-ignore lint/a11y/useSemanticElements: a side is painted by keys and strokes, which no element of HTML stands for
    <div
      role="group"
      aria-label={words}
      data-comb-side
      // biome-ignore lint/a11y/noNoninteractiveTabindex: it takes number keys
      tabIndex={0}
      className="min-w-0 flex-1"
      onKeyDown={(event) => onKey(event, frame, at)}
    >
      {contents.map((content, row) => (
        <svg
          // biome-ignore lint/suspicious/noArrayIndexKey: the rows of a side are its tenths
          key={row}
          data-tenth={row}
          data-frame={frame.id}
          data-side={at}
          className="block h-4 w-full wide:h-3.5"
          aria-hidden="true"
        >
          <title>{frame.sides ? CONTENT_WORDS[content] : frame.kind}</title>
          <rect
            width="100%"
            height="100%"
            fill={frame.sides ? fillOf(content) : frame.kind === 'dummy' ? 'var(--color-muted)' : 'var(--color-tint)'}
            stroke={frame.sides ? 'var(--color-ink)' : 'none'}
            strokeWidth="0.5"
          />
        </svg>
      ))}
    </div>
  );
}
