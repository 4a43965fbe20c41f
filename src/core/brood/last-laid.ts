import { EGG_HATCHES } from '../biology/development';
import { figure } from '../biology/figure';
import { addDays, type Day } from '../calendar/day';
import { showsEggs, type YoungestBrood } from './youngest';

const DAYS_AGO = 'days-before-inspection';
const ago = (youngest: YoungestBrood, newest: number, oldest: number) => ({
  newest: figure(`youngest-${youngest}-newest`, newest, DAYS_AGO, 'derived').value,
  oldest: figure(`youngest-${youngest}-oldest`, oldest, DAYS_AGO, 'derived').value,
});

/** How many days before the inspection the last egg was laid; `oldest` null: any time before. */
const LAST_LAID_AGO: {
  readonly [Y in YoungestBrood]: { readonly newest: number; readonly oldest: number | null };
} = {
  'eggs-upright': ago('eggs-upright', 0, 1),
  eggs: ago('eggs', 0, EGG_HATCHES.value),
  'larvae-small': ago('larvae-small', EGG_HATCHES.value, 5),
  'larvae-large': ago('larvae-large', 5, 10),
  sealed: ago('sealed', 8, 22),
  none: { newest: figure('youngest-none-newest', 20, DAYS_AGO, 'derived').value, oldest: null },
};

export interface BroodSeen {
  readonly on: Day;
  readonly youngest: YoungestBrood;
  readonly eggsLookedFor: boolean;
  /** The last day on which eggs were surely seen. */
  readonly lastEggsSeen: Day | null;
}

export interface LastLaid {
  /** Inclusive; `from` null: any day up to `to`. Null: not to be told. */
  readonly lastLaid: { readonly from: Day | null; readonly to: Day } | null;
  /** Eggs were seen too recently for the brood to be this old. */
  readonly conflict: boolean;
}

/**
 * When the queen last laid, from the youngest worker brood. Not to be told when eggs were not looked for and none were
 * seen by chance: "not looked for" is not "none". Eggs surely seen on day S mean that she laid on S-3 or later.
 */
export function lastLaid({ on, youngest, eggsLookedFor, lastEggsSeen }: BroodSeen): LastLaid {
  if (!eggsLookedFor && !showsEggs(youngest)) return { lastLaid: null, conflict: false };
  const { newest, oldest } = LAST_LAID_AGO[youngest];
  const to = addDays(on, -newest);
  let from = oldest === null ? null : addDays(on, -oldest);
  if (lastEggsSeen !== null) {
    const laidByThen = addDays(lastEggsSeen, -EGG_HATCHES.value);
    if (from === null || laidByThen > from) from = laidByThen;
  }
  if (from !== null && from > to) return { lastLaid: null, conflict: true };
  return { lastLaid: { from, to }, conflict: false };
}
