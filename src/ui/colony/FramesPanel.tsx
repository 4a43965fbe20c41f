import Link from 'next/link';
import type { FrameSize } from '../../core/space/frame-size';
import type { NamedColony } from '../../views/all-apiaries';
import type { FramesView } from '../../views/frames-view';
import { BUTTON } from '../controls/styles';
import { CombLegend } from '../frames/CombLegend';
import { CombPatterns } from '../frames/CombPatterns';
import { Stack } from '../frames/Stack';

interface Props {
  readonly colony: NamedColony;
  readonly frames: FramesView | null;
  readonly sizes: readonly FrameSize[];
}

/** The hive as a section, and what room she has; or the way to tell it. */
export function FramesPanel({ colony, frames, sizes }: Props) {
  return (
    <section aria-label="Frames" className="mt-6">
      <h2 className="border-t-2 border-ink pt-2 text-lg">Frames and room</h2>
      {frames ? (
        <div className="mt-2 grid gap-x-10 gap-y-3 wide:grid-cols-[28rem_minmax(0,1fr)]">
          <CombPatterns />
          <Stack
            hive={frames.hive}
            sizes={sizes}
            weighs={frames.weighs}
            marks={{
              queenFrameId: frames.queenFrameId,
              keptCellFrames: new Set(frames.keptCellFrames),
              cellFrames: new Set(frames.cellFrames),
            }}
          />
          <div>
            <p className={`text-lg font-bold ${frames.room.isPressing ? 'text-willow' : ''}`}>{frames.room.headline}</p>
            <p className="text-muted text-sm">{`${frames.room.because.join('. ')}. ${frames.knownFrom}`}</p>
            <p className="mt-2 flex flex-wrap gap-3">
              <Link prefetch={false} href={`/colonies/${colony.id}/frames`} className={BUTTON.plain}>
                Frames and moves
              </Link>
              <Link prefetch={false} href={`/colonies/${colony.id}/frames/survey`} className={`${BUTTON.quiet} py-3`}>
                Survey again
              </Link>
            </p>
            <CombLegend />
          </div>
        </div>
      ) : (
        <p className="mt-2 flex flex-wrap items-center gap-3">
          No survey of its frames yet.
          <Link prefetch={false} href={`/colonies/${colony.id}/frames/survey`} className={BUTTON.plain}>
            Survey the frames
          </Link>
        </p>
      )}
    </section>
  );
}
