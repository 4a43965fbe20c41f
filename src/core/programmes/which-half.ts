import { EGG_HATCHES, LAST_QUEENABLE_AGE, QUEEN_EMERGES } from '../biology/development';
import { EGGS_AFTER_LOSS } from '../biology/mating';
import { type Day, daysBetween } from '../calendar/day';
import { isLive } from '../cells/stage';
import { isFullSearch } from '../cells/thoroughness';
import type { InspectionFact } from '../colony/facts';
import { methodNamed } from '../methods/methods';
import { meaningOf } from './answers';
import type { CheckAnswerFact, ProgrammeFact } from './facts';

export const HALVES = ['queen', 'queenless', 'failed', 'settled'] as const;

/**
 * What one half of a split is known to be: it has the old queen; it has none and raises one; neither half has one or can raise one;
 * or a queen lays in it, and it no longer matters which.
 */
export type HalfIs = (typeof HALVES)[number];

/** Since when a colony is known to be which half, and by what. */
export interface HalfKnown {
  readonly at: string;
  readonly on: Day;
  readonly is: HalfIs;
  readonly by: 'word' | 'eggs' | 'cells' | 'seen' | 'nothing';
}

/** Eggs that were there on the day of the split have hatched before this day of it. */
const EGGS_TELL_FROM = EGG_HATCHES.value + 1;
/** From this day on eggs may be those of a young queen: {@link EGGS_AFTER_LOSS}. */
const EGGS_TELL_BEFORE = EGGS_AFTER_LOSS.value;
/** Until this day no virgin can have emerged: a queen who is seen is the old one. */
const SEEN_TELLS_BEFORE = QUEEN_EMERGES.value.early - LAST_QUEENABLE_AGE.value;

/** The days after a split on which eggs in one half tell which it is, both ends inclusive. */
export const EGGS_TELL = { from: EGGS_TELL_FROM, to: EGGS_TELL_BEFORE - 1 } as const;

/** What was seen in the halves. */
export interface HalvesSeen {
  /** The standing inspections of a colony, in any order. */
  readonly looksOf: (colonyId: string) => readonly InspectionFact[];
  /** A half that was divided again, with the day: what is not found in it after that may be in the other part. */
  readonly dividedOn: Readonly<Record<string, Day>>;
}

interface Told {
  readonly at: string;
  readonly on: Day;
  /** The half that has no queen; null: neither has one. */
  readonly queenless: string | null;
  readonly by: HalfKnown['by'];
}

/**
 * Which half of a split a colony is, as it became known, in order of time: the first thing that tells, a later word of the keeper's,
 * and eggs that were seen too late to tell which queen laid them. A look tells from the fourth day on:
 *
 * - eggs in one half are its queen's, until a young queen could have laid them; after that they only say that one lays in it;
 * - no eggs though looked for, but live cells: that half has no queen, unless she was seen in it;
 * - a queen seen before a virgin can have emerged is the old one;
 * - neither eggs nor cells in either: the split has failed.
 *
 * Empty while nobody can tell.
 *
 * @param today later looks and answers do not count
 */
export function whichHalf(
  programme: ProgrammeFact,
  colonyId: string,
  seen: HalvesSeen,
  answers: readonly CheckAnswerFact[],
  today: Day,
): readonly HalfKnown[] {
  const [a, b] = programme.units.map((unit) => unit.colonyId);
  if (a === undefined || b === undefined || (colonyId !== a && colonyId !== b)) return [];
  const told = [...toldByLooks(programme, [a, b], seen, today), ...toldByWord(programme, answers, today)].sort(byTime);
  const lateEggs = [
    ...seen.looksOf(colonyId).filter((look) => look.eggs === 'seen' && look.droneBroodInWorkerCells !== 'seen'),
    ...answers.filter(
      (given) => given.colonyId === colonyId && meaningOf(given.code, given.answer)?.sees?.eggs === 'seen',
    ),
  ]
    .filter(({ on }) => on <= today && daysBetween(programme.on, on) >= EGGS_TELL_BEFORE)
    .sort((x, y) => (x.at < y.at ? -1 : 1))[0];
  const known: HalfKnown[] = [];
  for (const { at, on, queenless, by } of told) {
    // Once it is known, only the keeper's word says otherwise; what is seen later is read by what was known.
    if (known.length > 0 && by !== 'word') continue;
    const is = queenless === null ? 'failed' : queenless === colonyId ? 'queenless' : 'queen';
    if (known.at(-1)?.is !== is) known.push({ at, on, is, by });
  }
  const [first] = known;
  if (lateEggs && (!first || first.at > lateEggs.at)) {
    const settled: HalfKnown = { at: lateEggs.at, on: lateEggs.on, is: 'settled', by: 'eggs' };
    return [settled, ...known.filter(({ by }) => by === 'word')];
  }
  return known;
}

const byTime = (x: Told, y: Told) => (x.at < y.at ? -1 : x.at > y.at ? 1 : 0);

/** She, or eggs that only she can have laid, were seen in one half. */
const SHOWS_HER: ReadonlySet<Told['by']> = new Set(['seen', 'eggs']);

/**
 * Which part a unit has, where the queen turned up in the other one: two alike boxes change parts, by what first showed in which of
 * them she is, or by the keeper's word at any time. In order of time; empty for a method whose units are not alike, and while
 * nothing of the kind was seen or said.
 */
export function changedParts(
  programme: ProgrammeFact,
  colonyId: string,
  seen: HalvesSeen,
  answers: readonly CheckAnswerFact[],
  today: Day,
): readonly HalfKnown[] {
  const { unitsMayChange, units } = methodNamed(programme.method);
  if (!unitsMayChange || !programme.units.some((unit) => unit.colonyId === colonyId)) return [];
  const raising = programme.units.find(({ unit }) =>
    units.some(({ name, queen }) => name === unit && queen === 'taken'),
  );
  const [first, second] = programme.units.map((unit) => unit.colonyId);
  const looked = first && second ? toldByLooks(programme, [first, second], seen, today) : [];
  const told = [...looked.filter(({ by }) => SHOWS_HER.has(by)), ...toldByWord(programme, answers, today)].sort(byTime);
  let queenless = raising?.colonyId ?? null;
  return told.flatMap(({ at, on, by, ...now }, i): HalfKnown[] => {
    if ((i > 0 && by !== 'word') || now.queenless === queenless) return [];
    queenless = now.queenless;
    const is = queenless === null ? 'failed' : queenless === colonyId ? 'queenless' : 'queen';
    return [{ at, on, is, by }];
  });
}

function toldByWord(programme: ProgrammeFact, answers: readonly CheckAnswerFact[], today: Day): readonly Told[] {
  return answers.flatMap(({ at, on, answer, queenlessColonyId, code, programmeId }): Told[] => {
    if (programmeId !== programme.id || code !== 'which-half' || on > today) return [];
    if (answer === 'known' && queenlessColonyId !== null) return [{ at, on, queenless: queenlessColonyId, by: 'word' }];
    return answer === 'neither' ? [{ at, on, queenless: null, by: 'word' }] : [];
  });
}

function toldByLooks(
  programme: ProgrammeFact,
  [a, b]: readonly [string, string],
  { looksOf, dividedOn }: HalvesSeen,
  today: Day,
): readonly Told[] {
  const told: Told[] = [];
  const empty = new Map<string, InspectionFact>();
  for (const half of [a, b]) {
    const other = half === a ? b : a;
    for (const look of looksOf(half)) {
      const { at, on, eggs, queen, queenSeenAs, cells, thoroughness } = look;
      const since = daysBetween(programme.on, on);
      if (on > today || since < 0 || (since === 0 && !isAfterStart(look, programme, half))) continue;
      const isOldQueen = queen === 'seen' && (queenSeenAs === 'as-known' || since < SEEN_TELLS_BEFORE);
      if (isOldQueen && queenSeenAs !== 'virgin' && queenSeenAs !== 'unmarked') {
        told.push({ at, on, queenless: other, by: 'seen' });
        continue;
      }
      if (since < EGGS_TELL_FROM) continue;
      if (eggs === 'seen' && since < EGGS_TELL_BEFORE) told.push({ at, on, queenless: other, by: 'eggs' });
      const again = dividedOn[half];
      if (eggs !== 'none' || (again !== undefined && on >= again)) continue;
      const hasCells = cells.some((seen) => seen.found !== 'not-found' && isLive(seen.found));
      const before = empty.get(half);
      if (hasCells && since < EGGS_TELL_BEFORE) told.push({ at, on, queenless: half, by: 'cells' });
      else if (!hasCells && isFullSearch(thoroughness) && since < SEEN_TELLS_BEFORE && (!before || at < before.at))
        empty.set(half, look);
    }
  }
  const [emptyA, emptyB] = [empty.get(a), empty.get(b)];
  if (emptyA && emptyB) {
    const { at, on } = emptyA.at > emptyB.at ? emptyA : emptyB;
    told.push({ at, on, queenless: null, by: 'nothing' });
  }
  return told;
}

/**
 * A look of the day of the split counts once it was made, into the half that had not been there before; without a minute noted it is not
 * known to have been. Into the other it tells how the colony was before it was divided, whichever was entered first.
 */
function isAfterStart({ at }: InspectionFact, programme: ProgrammeFact, half: string): boolean {
  return half !== programme.colonyId && programme.at !== null && at > programme.at;
}
