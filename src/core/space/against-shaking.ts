import type { Said } from '../says/said';
import type { Arrangement } from './arrangement';
import { type ArrangementContext, checkArrangement } from './arrangement-rules';
import type { FrameSize } from './frame-size';

/** What speaks against shaking the bees off one more frame; null: nothing does. */
export function againstShaking(
  arrangement: Arrangement,
  context: ArrangementContext,
  frameId: string,
  sizes: readonly FrameSize[],
): Said | null {
  const shaken = new Set([...context.shaken, frameId]);
  const against = checkArrangement(arrangement, { ...context, shaken }, sizes).find(
    (finding) => finding.rule === 'kept-cell-not-shaken' && finding.frameId === frameId,
  );
  return against?.text ?? null;
}
