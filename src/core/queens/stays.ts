import { figure } from '../biology/figure';
import type { Day } from '../calendar/day';
import type { QueenEventKind, Temper } from '../colony/facts';

/** A time that a queen spent in a colony; `to` null: she is there still, or nobody knows when she was no more. */
export interface Stay {
  readonly colonyId: string;
  readonly from: Day;
  readonly to: Day | null;
}

const LEAVES: ReadonlySet<QueenEventKind> = new Set(['removed', 'lost', 'swarmed', 'cast-left', 'virgin-taken']);

/**
 * Where a queen was when, by what is noted of her: in a colony from the first that is noted of her there until she is noted elsewhere, or left.
 *
 * @param noted in order of time; `kind` null: a method that moved her there
 */
export function staysOf(
  noted: readonly { readonly on: Day; readonly colonyId: string; readonly kind: QueenEventKind | null }[],
): readonly Stay[] {
  const stays: Stay[] = [];
  const end = (to: Day) => {
    const last = stays.at(-1);
    if (last && last.to === null) stays[stays.length - 1] = { ...last, to };
  };
  for (const { on, colonyId, kind } of noted) {
    const last = stays.at(-1);
    if (!last || last.to !== null || last.colonyId !== colonyId) {
      end(on);
      stays.push({ colonyId, from: on, to: null });
    }
    if (kind !== null && LEAVES.has(kind)) end(on);
  }
  return stays;
}

/** How often the bees of a queen were noted to be of a temper. */
export type TemperCounts = { readonly [T in Exclude<Temper, 'not-noted'>]: number };

interface TemperNoted {
  readonly on: Day;
  readonly temper?: Temper;
}

/** Bees live about so long in summer: until then those of a queen before her are among them. */
const HER_OWN_AFTER = figure('bees-of-a-colony-are-a-new-queens-own-after', 42, 'days', 'practice').value;

/**
 * The temper of her bees as noted while she was there. Where she came to a colony that was there, what was noted in the first weeks was
 * another's.
 *
 * @param isOwnFrom whether the colony was hers from its first day on
 */
export function temperUnder(
  stays: readonly Stay[],
  notedOf: (colonyId: string) => readonly TemperNoted[],
  isOwnFrom: (stay: Stay) => boolean,
): TemperCounts {
  const counts = { calm: 0, uneasy: 0, defensive: 0 };
  for (const stay of stays) {
    const { colonyId, from, to } = stay;
    for (const { on, temper = 'not-noted' } of notedOf(colonyId))
      if (temper !== 'not-noted' && on >= from + (isOwnFrom(stay) ? 0 : HER_OWN_AFTER) && (to === null || on <= to))
        counts[temper] += 1;
  }
  return counts;
}
