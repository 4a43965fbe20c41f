'use client';

import { CONTENTS } from '../../core/space/content';
import { COUNTED_AS, sidesByGlance } from '../../core/space/count-survey';
import type { FrameFill } from '../../device/survey-draft';
import { COUNTED_WORDS } from '../../words/frame-contents';
import { CONTENT_WORDS } from '../../words/frames';
import { fillOf } from '../frames/CombPatterns';
import { FROM_TOP } from '../frames/FrameComb';
import type { Brush } from './brush';

const FILLS: readonly FrameFill[] = COUNTED_AS;

/** What is painted with, and how much at a time. */
export function BrushPalette({ brush, onChange }: { brush: Brush; onChange: (brush: Brush) => void }) {
  const chip = 'flex min-h-12 items-center gap-1.5 border-2 border-ink px-2 text-sm font-semibold';
  const look = (isOn: boolean) => `${chip} ${isOn ? 'bg-ink text-white' : 'bg-paper hover:bg-tint'}`;
  return (
    <fieldset className="sticky min-w-0 top-0 z-10 mt-3 border-b border-line bg-ground py-2" aria-label="Paint with">
      <div className="grid grid-cols-2 gap-2">
        <button
          type="button"
          className={look(brush.reach === 'frame')}
          aria-pressed={brush.reach === 'frame'}
          onClick={() => onChange({ reach: 'frame', fill: 'brood' })}
        >
          whole frames
        </button>
        <button
          type="button"
          className={look(brush.reach === 'tenth')}
          aria-pressed={brush.reach === 'tenth'}
          onClick={() => onChange({ reach: 'tenth', content: 'sealed' })}
        >
          tenths of a side
        </button>
      </div>
      <div className="mt-2 flex gap-1.5 overflow-x-auto pb-1 *:shrink-0 wide:flex-wrap">
        {brush.reach === 'frame'
          ? [...FILLS, 'none' as const].map((fill) => (
              <button
                key={fill}
                type="button"
                className={look(brush.fill === fill)}
                aria-pressed={brush.fill === fill}
                onClick={() => onChange({ reach: 'frame', fill })}
              >
                {fill !== 'dummy' && fill !== 'feeder' && fill !== 'none' && (
                  <Swatch fills={FROM_TOP.filter((content) => sidesByGlance(fill)[0][content])} />
                )}
                {fill === 'none' ? 'no frame' : COUNTED_WORDS[fill]}
              </button>
            ))
          : CONTENTS.map((content) => (
              <button
                key={content}
                type="button"
                className={look(brush.content === content)}
                aria-pressed={brush.content === content}
                onClick={() => onChange({ reach: 'tenth', content })}
              >
                <Swatch fills={[content]} />
                {CONTENT_WORDS[content]}
              </button>
            ))}
      </div>
    </fieldset>
  );
}

function Swatch({ fills }: { fills: readonly Parameters<typeof fillOf>[0][] }) {
  return (
    <svg width="16" height="24" aria-hidden="true">
      <title>Hatch</title>
      {fills.map((content, i) => (
        <rect
          key={content}
          y={(24 / fills.length) * i}
          width="16"
          height={24 / fills.length}
          fill={fillOf(content)}
          stroke="var(--color-ink)"
        />
      ))}
    </svg>
  );
}
