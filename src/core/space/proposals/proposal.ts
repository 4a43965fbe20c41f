import type { Said } from '../../says/said';
import type { Arrangement } from '../arrangement';
import type { ArrangementContext } from '../arrangement-rules';
import type { FrameSize } from '../frame-size';
import type { Hive } from '../hive';
import type { Flow, NectarKg } from '../nectar';
import { WHOLE } from '../whole';

/** What a proposal is made from. */
export interface ProposalFrom {
  readonly hive: Hive;
  readonly context: Omit<ArrangementContext, 'before' | 'shaken' | 'queenUnit' | 'cellUnit'>;
  readonly sizes: readonly FrameSize[];
  /** Ids for frames and boxes that are new. */
  readonly newId: () => string;
  /** Drawn comb is at hand, or only foundation. */
  readonly fill: 'empty' | 'undrawn';
  /** Size of the keeper’s usual super, for a hive that has none yet. */
  readonly usualSuper: string;
  readonly flow: Flow;
  readonly nectarKg: NectarKg;
  /** Eggs a day that she would lay if she had room. */
  readonly wouldLayPerDay: number;
  /** Frames were only counted by what they mainly hold: how the ages of brood are spread over them is not known. */
  readonly areCounted: boolean;
  /** Robbers or pests are many here: honey is kept out of the weaker half of a split. */
  readonly manyPests: boolean;
}

/** Where each frame could go. */
export interface Proposal {
  readonly arrangement: Arrangement;
  /** Frames whose bees are shaken into the unit that needs them. */
  readonly shaken: readonly string[];
  /**
   * The frame that the queen is to be on: the one she was found on, or another that she is run over to by hand because a kept cell
   * hangs on hers; null: not known where she is.
   */
  readonly queenFrameId: string | null;
  /** The unit that is to have the queen, and the one that keeps cells; null: no matter. */
  readonly queenUnit: string | null;
  readonly cellUnit: string | null;
  /** What it could not do, and why; and what to do with what was taken out. */
  readonly notes: readonly Said[];
}

export type Propose = (from: ProposalFrom) => Proposal;

export const asIs = (hive: Hive): Arrangement => ({ units: [{ name: WHOLE, hive }], out: [] });

/** A proposal that leaves the frames in one hive, and the queen where she is. */
export const inOneHive = (from: ProposalFrom, arrangement: Arrangement, ...notes: readonly Said[]): Proposal => ({
  arrangement,
  shaken: [],
  queenFrameId: from.context.queenFrameId,
  queenUnit: null,
  cellUnit: null,
  notes,
});
