import { figure } from '../biology/figure';
import { addDays, type Day, daysBetween } from '../calendar/day';
import type { FoodLeft } from './food';

/** A colony made or hived this lately has few flying bees and little in its combs. */
const YOUNG_FOR = figure('a-young-colony-is-asked-about-food-for', 21, 'days', 'caution').value;
/** So long after it was fed, or found with enough, nobody asks again. */
const ENOUGH_FOR = figure('food-is-not-asked-about-again-for', 7, 'days', 'caution').value;
/** So long what was found of its food says something of today. */
const FOUND_FOR = figure('what-was-found-of-the-food-says-something-for', 21, 'days', 'caution').value;
/** Days running on which bees stay in: a cold spell. */
const SPELL_DAYS = figure('days-running-on-which-bees-stay-in-that-are-a-cold-spell', 3, 'days', 'caution').value;

/** Why a colony is asked about its food: it is young and nothing comes in, or bees will stay in while it has little. */
export type FoodAsked =
  | { readonly code: 'young-without-flow'; readonly since: Day }
  | { readonly code: 'cold-with-little'; readonly from: Day; readonly to: Day; readonly foundOn: Day };

export interface FoodKnown {
  /** The day on which it was made or hived; null: it is not young by that. */
  readonly madeOn: Day | null;
  /** Nectar comes in, as entered or by a scale; null: nothing is known of it. */
  readonly isFlow: boolean | null;
  /** The last that inspections found of its food; null: nobody looked. */
  readonly found: { readonly on: Day; readonly food: Exclude<FoodLeft, 'not-looked-for'> } | null;
  readonly fedOn: Day | null;
  /** Days from today on that are known, and whether bees fly. */
  readonly days: readonly { readonly on: Day; readonly flies: boolean }[];
}

/** Days running, from today on, on which bees stay in; null: no such spell is in sight. */
function coldSpell(days: FoodKnown['days'], today: Day): { readonly from: Day; readonly to: Day } | null {
  const ahead = days.filter(({ on }) => on >= today).sort((a, b) => a.on - b.on);
  let from: Day | null = null;
  let before: Day | null = null;
  for (const { on, flies } of ahead) {
    const runsOn = before !== null && on === addDays(before, 1);
    if (from !== null && (flies || !runsOn)) {
      if (before !== null && daysBetween(from, before) + 1 >= SPELL_DAYS) return { from, to: before };
      from = null;
    }
    if (!flies && from === null) from = on;
    before = on;
  }
  return from !== null && before !== null && daysBetween(from, before) + 1 >= SPELL_DAYS ? { from, to: before } : null;
}

/**
 * Whether a colony is asked about its food, and why; null: it is not. Fed lately, or found with enough, it is left alone: what was done counts
 * whenever it is entered. Where nothing is known of a flow a young colony is asked about: better once too often.
 */
export function foodAsked({ madeOn, isFlow, found, fedOn, days }: FoodKnown, today: Day): FoodAsked | null {
  const isLate = (on: Day | null, within: number) => on !== null && on <= today && daysBetween(on, today) < within;
  const isFed = isLate(fedOn, ENOUGH_FOR);
  const littleOn =
    found?.food === 'little' && isLate(found.on, FOUND_FOR) && (fedOn === null || fedOn < found.on) ? found.on : null;
  if (littleOn !== null) {
    const spell = coldSpell(days, today);
    if (spell) return { code: 'cold-with-little', ...spell, foundOn: littleOn };
  }
  const hasEnough = found?.food === 'enough' && isLate(found.on, ENOUGH_FOR);
  const isYoung = isLate(madeOn, YOUNG_FOR) && isFlow !== true && !isFed && !hasEnough;
  return isYoung && madeOn !== null ? { code: 'young-without-flow', since: madeOn } : null;
}
