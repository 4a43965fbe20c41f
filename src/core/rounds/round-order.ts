import { byPressingLead, type ColonyOnDay } from '../schedule/standing';
import type { ColonyState } from '../state/fold';

/** A hive of a round, as much of it as its place in the order follows from. */
export interface InRound {
  readonly state: Pick<ColonyState, 'lastInspection'>;
  readonly onDay: ColonyOnDay;
}

/** What may carry trouble from hive to hive is opened last. */
const isSuspect = ({ state }: InRound) => state.lastInspection?.reading.reading === 'drone-laying';

/** Seams covered by bees, or else frames of brood, as last counted. */
const strengthOf = ({ state }: InRound): number =>
  state.lastInspection?.inspection.coveredSeams ?? state.lastInspection?.inspection.broodFrames ?? 0;

/** A colony that gives frames or cells, and the one that receives them. */
export type Gift = readonly [giver: string, receiver: string];

/** The hives of a round as they are seen to: {@link byRoundOrder}, and who gives before whoever receives. */
export function inRoundOrder<T extends InRound & { readonly colony: { readonly id: string } }>(
  hives: readonly T[],
  gifts: readonly Gift[],
): readonly T[] {
  const order = [...hives].sort(byRoundOrder);
  for (const [giver, receiver] of gifts) {
    const at = (id: string) => order.findIndex(({ colony }) => colony.id === id);
    const [from, to] = [at(giver), at(receiver)];
    if (from < 0 || to < 0 || from < to) continue;
    const [moved] = order.splice(from, 1);
    if (moved) order.splice(to, 0, moved);
  }
  return order;
}

/**
 * Which of two hives of a round is seen to first: healthy before what is in doubt; then what can lose more, and what can wait less, so that a
 * round that is cut short has done most; then the strong before the weak.
 */
export const byRoundOrder = (a: InRound, b: InRound): number =>
  Number(isSuspect(a)) - Number(isSuspect(b)) || byPressingLead(a.onDay, b.onDay) || strengthOf(b) - strengthOf(a);
