import type { YoungestBrood } from '../brood/youngest';
import type { Cause } from '../cells/cause';
import type { CellStage } from '../cells/stage';
import type { Layer } from './patch';

/** A reason for what is right, with what goes into it. Days count from today. */
export type Because =
  | { readonly code: 'stage-is'; readonly stage: CellStage; readonly from: number; readonly to: number | null }
  | { readonly code: 'age-was'; readonly days: number }
  | { readonly code: 'seals-and-emerges' }
  | { readonly code: 'tip-hidden' }
  | { readonly code: 'hidden-by-bees'; readonly count: number }
  | { readonly code: 'shaken-tender'; readonly count: number; readonly from: number; readonly to: number }
  | { readonly code: 'back-by'; readonly hiddenAge: number | null }
  | {
      readonly code: 'youngest-is';
      readonly youngest: YoungestBrood;
      readonly from: number | null;
      readonly to: number;
    }
  | { readonly code: 'laid-by'; readonly layer: Layer }
  | { readonly code: 'cause-is'; readonly cause: Cause }
  | { readonly code: 'shut-span'; readonly from: number; readonly to: number }
  | { readonly code: 'clipped-later' }
  | { readonly code: 'removed-restart' }
  | { readonly code: 'kept-never-shaken' }
  | { readonly code: 'tender-age'; readonly from: number; readonly to: number };
