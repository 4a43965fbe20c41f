'use client';

import { ChevronLeft, ChevronRight, type LucideIcon } from 'lucide-react';
import { useRef, useState } from 'react';
import { v7 as newId } from 'uuid';
import { tenthsOf } from '../../core/space/content';
import type { Box, Frame } from '../../core/space/hive';
import { type SurveyChange, sideWith } from '../../device/survey-draft';
import { sideContents } from '../../words/frame-contents';
import { Button } from '../controls/Button';
import { useIsWide } from '../controls/useIsWide';
import type { Brush } from './brush';
import { PaintSide, rowsOf } from './PaintSide';

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
 * a side, a number key says how many tenths hold what is chosen, 0 meaning all ten; the arrows walk from side to side. On a phone
 * tenths are painted on one frame at a time, drawn large.
 */
export function PaintBox({ box, name, brush, queenFrameId, change }: Props) {
  const all = useRef<HTMLDivElement>(null);
  const isPainting = useRef(false);
  /** Where the stroke last painted, so that sliding within a tenth paints it once. */
  const last = useRef('');
  const isWide = useIsWide();
  const [chosenId, setChosen] = useState<string | null>(null);
  const isLarge = !isWide && brush.reach === 'tenth';
  const chosenAt = Math.max(
    0,
    box.frames.findIndex(({ id }) => id === chosenId),
  );
  const chosen = box.frames[chosenAt];

  const fill = (frameId: string) => {
    if (brush.reach !== 'frame') return;
    if (brush.fill === 'none') change({ type: 'drop-frame', frameId });
    else change({ type: 'fill-frame', frameIds: [frameId], fill: brush.fill });
  };

  const paint = (target: Element | null) => {
    const cell = target?.closest<HTMLElement>('[data-tenth]');
    if (!cell || !all.current?.contains(cell)) return;
    const { frame: frameId = '', side = '0', tenth = '0' } = cell.dataset;
    if (isLarge && !cell.closest('[data-large]')) return setChosen(frameId);
    const key = brush.reach === 'frame' ? frameId : `${frameId} ${side} ${tenth}`;
    if (key === last.current) return;
    last.current = key;
    if (brush.reach === 'frame') return fill(frameId);
    const frame = box.frames.find(({ id }) => id === frameId);
    const at = side === '1' ? 1 : 0;
    const holds = frame?.sides?.[at];
    if (!holds || rowsOf(holds)[Number(tenth)] === brush.content) return;
    const holdsMore = sideWith(holds, brush.content, tenthsOf(holds, brush.content) + 1);
    change({ type: 'side', frameId, side: at, holds: holdsMore });
  };

  const onKey = (event: React.KeyboardEvent, frame: Frame, side: 0 | 1) => {
    const sides = [...(all.current?.querySelectorAll<HTMLElement>('[data-comb-side]') ?? [])];
    const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    const digit = TENTH_KEYS.indexOf(event.key);
    if (step !== undefined) {
      sides[sides.indexOf(event.currentTarget as HTMLElement) + step]?.focus();
    } else if (digit >= 0 && event.key.length === 1) {
      if (brush.reach === 'frame') fill(frame.id);
      else if (frame.sides)
        change({ type: 'side', frameId: frame.id, side, holds: sideWith(frame.sides[side], brush.content, digit + 1) });
    } else return;
    event.preventDefault();
  };

  const stop = () => {
    isPainting.current = false;
  };
  return (
    <div ref={all}>
      <div
        className="touch-none select-none"
        onPointerDown={(event) => {
          isPainting.current = true;
          last.current = '';
          paint(event.target as Element);
        }}
        onPointerMove={(event) => {
          // A finger stays captured by where it went down: what it is over now is asked for.
          if (isPainting.current) paint(document.elementFromPoint(event.clientX, event.clientY));
        }}
        onPointerUp={stop}
        onPointerCancel={stop}
        onPointerLeave={stop}
      >
        <ol aria-label={`${name}, frames`} className="mt-2 flex gap-1">
          {box.frames.map((frame, i) => (
            <li
              key={frame.id}
              className={`min-w-0 flex-1 ${isLarge && i === chosenAt ? 'outline-3 outline-willow' : ''}`}
              style={{ maxWidth: 48 }}
            >
              <p className="text-center text-xs font-semibold">
                {i + 1}
                {frame.id === queenFrameId && <b className="ml-0.5 bg-ink px-0.5 text-white">Q</b>}
              </p>
              <Comb frame={frame} place={i + 1} onKey={onKey} />
            </li>
          ))}
        </ol>
        {isLarge && chosen && (
          <div data-large className="mx-auto mt-3 max-w-xs">
            <Comb frame={chosen} place={chosenAt + 1} isLarge onKey={onKey} />
            {chosen.sides && (
              <div className="grid grid-cols-2 gap-2 pt-1 text-xs">
                {chosen.sides.map((side, at) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: a frame has a left and a right side
                  <p key={at}>{`${at === 0 ? 'Left' : 'Right'}: ${sideContents(side)}`}</p>
                ))}
              </div>
            )}
          </div>
        )}
      </div>
      {isLarge && chosen && (
        <p className="mt-2 grid grid-cols-[3rem_1fr_3rem] items-center text-center font-semibold">
          <Step words="The frame before" icon={ChevronLeft} to={box.frames[chosenAt - 1]} onStep={setChosen} />
          {`${name}, frame ${chosenAt + 1} of ${box.frames.length}`}
          <Step words="The next frame" icon={ChevronRight} to={box.frames[chosenAt + 1]} onStep={setChosen} />
        </p>
      )}
      <Button
        kind="quiet"
        className="mt-1 min-h-11 text-sm"
        onClick={() => change({ type: 'add-frame', boxId: box.id, newId: newId() })}
      >
        {`+ a frame in ${name.toLowerCase()}`}
      </Button>
    </div>
  );
}

/** Both sides of a frame under its top bar. */
function Comb({
  frame,
  ...side
}: {
  frame: Frame;
  place: number;
  isLarge?: boolean;
  onKey: (event: React.KeyboardEvent, frame: Frame, side: 0 | 1) => void;
}) {
  return (
    <div className="flex gap-px border-t-4 border-ink">
      {(frame.sides ? ([0, 1] as const) : ([0] as const)).map((at) => (
        <PaintSide key={at} frame={frame} at={at} {...side} />
      ))}
    </div>
  );
}

function Step({
  words,
  icon: Icon,
  to,
  onStep,
}: {
  words: string;
  icon: LucideIcon;
  to: Frame | undefined;
  onStep: (frameId: string) => void;
}) {
  return (
    <Button
      aria-label={words}
      disabled={!to}
      kind="plain"
      className="min-h-12 px-0"
      onClick={() => to && onStep(to.id)}
    >
      <Icon aria-hidden="true" className="inline size-5" strokeWidth={3} />
    </Button>
  );
}
