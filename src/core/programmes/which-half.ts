import { EGG_HATCHES, LAST_QUEENABLE_AGE, QUEEN_EMERGES } from '../biology/development';
import { FIRST_EGGS } from '../biology/mating';
import { type Day, daysBetween } from '../calendar/day';
import { isLive } from '../cells/stage';
import type { InspectionFact } from '../colony/facts';
import type { CheckAnswerFact, ProgrammeFact } from './facts';

export interface HalfKnown {
  readonly on: Day;
  /** The half that has no queen; null: cells in neither, so that none of the two has one that lays. */
  readonly queenless: string | null;
}

/** Eggs that were there on the day of the split have hatched before this day of it. */
const EGGS_TELL_FROM = EGG_HATCHES.value + 1;
/** From this day on eggs may be those of a young queen. */
const EGGS_TELL_BEFORE = QUEEN_EMERGES.value.early - LAST_QUEENABLE_AGE.value + FIRST_EGGS.value.early;

/**
 * Which half of a split has no queen, from the first thing that tells: an answer to the check, or a look from the fourth day on.
 * Eggs in one half are its queen's, until a young queen could have laid them. No eggs though looked for, but live cells: that half
 * has none. Neither in either: the split has failed. Null while nobody can tell.
 *
 * @param looksOf the standing inspections of a colony, in any order
 * @param today later looks and answers do not count
 */
export function whichHalf(
  programme: ProgrammeFact,
  looksOf: (colonyId: string) => readonly InspectionFact[],
  answers: readonly CheckAnswerFact[],
  today: Day,
): HalfKnown | null {
  const [a, b] = programme.units.map(({ colonyId }) => colonyId);
  if (a === undefined || b === undefined) return null;
  const other = (id: string) => (id === a ? b : a);
  const found: { at: string; known: HalfKnown }[] = [];
  const empty = new Map<string, InspectionFact>();
  for (const { at, on, answer, queenlessColonyId, code, programmeId } of answers) {
    if (programmeId !== programme.id || code !== 'which-half' || on > today) continue;
    if (answer === 'known' && queenlessColonyId !== null)
      found.push({ at, known: { on, queenless: queenlessColonyId } });
    if (answer === 'neither') found.push({ at, known: { on, queenless: null } });
  }
  for (const half of [a, b]) {
    for (const look of looksOf(half)) {
      const { at, on, eggs, cells } = look;
      const since = daysBetween(programme.on, on);
      if (on > today || since < EGGS_TELL_FROM) continue;
      if (eggs === 'seen' && since < EGGS_TELL_BEFORE) found.push({ at, known: { on, queenless: other(half) } });
      if (eggs !== 'none') continue;
      const hasCells = cells.some((seen) => seen.found !== 'not-found' && isLive(seen.found));
      const before = empty.get(half);
      if (hasCells) found.push({ at, known: { on, queenless: half } });
      else if (!before || at < before.at) empty.set(half, look);
    }
  }
  const [emptyA, emptyB] = [empty.get(a), empty.get(b)];
  if (emptyA && emptyB) {
    const later = emptyA.at > emptyB.at ? emptyA : emptyB;
    found.push({ at: later.at, known: { on: later.on, queenless: null } });
  }
  return found.sort((x, y) => (x.at < y.at ? -1 : x.at > y.at ? 1 : 0))[0]?.known ?? null;
}
