import type { Looked } from '../brood/looked';
import type { YoungestBrood } from '../brood/youngest';
import type { Day } from '../calendar/day';
import type { Window } from '../calendar/window';
import type { CellsSeen } from '../cells/cause';

/** Cells seen at an inspection. Without `dates` they are dated from their stage alone. */
export interface DatedCellsSeen extends CellsSeen {
  readonly dates?: { readonly sealing: Window | null; readonly emergence: Window | null };
}

/** What one inspection saw, as far as the reading needs it. */
export interface InspectionSeen {
  readonly eggs: Looked;
  readonly queenSeen: boolean;
  /** Null: not noted. */
  readonly youngest: YoungestBrood | null;
  readonly cells: readonly DatedCellsSeen[];
  readonly droneBroodInWorkerCells: boolean;
  readonly severalEggsPerCell: boolean;
  /** Days until the queen has nowhere left to lay; null: not known. */
  readonly layingRoomDays: number | null;
  /** The brood nest is hemmed in by nectar, honey or pollen. */
  readonly bound: boolean;
}

export const QUEEN_EXPECTED = ['laying', 'none', 'virgin', 'caged'] as const;

/** What is known of the queen before the inspection. */
export type QueenExpected = (typeof QUEEN_EXPECTED)[number];

export interface ReadingContext {
  readonly queenExpected: QueenExpected;
  /** The day from which patience with a virgin is counted. */
  readonly virginEmergedFrom: Day | null;
}
