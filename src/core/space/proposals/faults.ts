import type { MethodName } from '../../methods/method';
import { workList } from '../work-list/work-list';
import { JUDGES } from './fault-judges';
import type { Judged } from './judged';
import { asIs, type Proposal, type ProposalFrom } from './proposal';

/**
 * What a keeper would shake his head at in a proposal, by number:
 *
 * 1. food stands next to the brood in every unit that is made, no empty comb between
 * 2. the last frame of stores or of pollen, and the feeder, stay
 * 3. from the wall inwards honey, pollen, brood; the brood in one block, in the middle of a new box
 * 4. the queen, where she is known, is in the unit that is to have her, and not shut off
 * 5. a kept cell is in the unit that raises a queen, and its frame is not shaken
 * 6. every excluder and board that keeps the queen down stays
 * 7. every unit has what its method says: eggs or cells, stores, bees, or it is said that it has not
 * 8. no comb is lifted twice, and none is put back where it hung
 * 9. no box is lifted that need not be
 * 10. a nest that was hemmed in is so no more, or it is said why
 * 11. nothing empty comes between brood at cold nights
 * 12. comb that hangs idle is used before food is taken
 */
export const FAULT_NUMBERS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12] as const;
export type FaultNumber = (typeof FAULT_NUMBERS)[number];

export interface ProposalFault {
  readonly number: FaultNumber;
  /** Which fault of that number, and where, such as `no-food-beside:nuc`. */
  readonly what: string;
}

/**
 * What is wrong with a proposal, by the twelve things that a keeper would see at a glance. It knows nothing of how proposals are made,
 * and judges one that was written by hand as well.
 */
export function proposalFaults(method: MethodName, from: ProposalFrom, proposal: Proposal): readonly ProposalFault[] {
  const before = asIs(from.hive);
  const after = proposal.arrangement;
  const steps = workList(before, after, {
    queenWasOn: from.context.queenFrameId,
    queenFrameId: proposal.queenFrameId,
    keptCellFrames: from.context.keptCellFrames,
    shaken: new Set(proposal.shaken),
    coveredSeams: 0,
    placesAssumed: from.areCounted,
    sizes: from.sizes,
  });
  const judged: Judged = { method, from, proposal, before, after, steps };
  return FAULT_NUMBERS.flatMap((number) => JUDGES[number](judged).map((what) => ({ number, what })));
}
