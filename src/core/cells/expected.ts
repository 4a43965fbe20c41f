import { type Day, daysBetween } from '../calendar/day';
import type { LaidRange } from './dating';
import { type CellStage, STAGES } from './stage';

/** The stages in which a cell is looked for again, youngest first. Each covers its whole span of ages. */
const LATER_STAGES: readonly CellStage[] = ['egg', 'larva-small', 'larva-large', 'sealed', 'emerged'];

/** The ages, in days since laying, that a cell may have on `today`; `to` null: any from there on. */
export function ageOn(laid: LaidRange, today: Day): { readonly from: number; readonly to: number | null } {
  return {
    from: Math.max(0, daysBetween(laid.to, today)),
    to: laid.from === null ? null : Math.max(0, daysBetween(laid.from, today)),
  };
}

/**
 * What a cell last seen as `lastStage` may look like on `today`, youngest first; never earlier than it was. When nothing is
 * known of its laying day, every stage from the last one on.
 */
export function expectedStages(laid: LaidRange | null, lastStage: CellStage, today: Day): readonly CellStage[] {
  const lastRank = STAGES[lastStage].rank ?? 0;
  const age = laid ? ageOn(laid, today) : { from: 0, to: null };
  return LATER_STAGES.filter((stage) => {
    const { ages, rank } = STAGES[stage];
    if (!ages || rank === null || rank < lastRank) return false;
    return (ages.to === null || ages.to >= age.from) && (age.to === null || ages.from <= age.to);
  });
}
