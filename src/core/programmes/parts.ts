import type { Day } from '../calendar/day';
import type { InspectionFact } from '../colony/facts';
import { methodNamed } from '../methods/methods';
import type { QueenState } from '../queens/queen-state';
import type { CheckAnswerFact, PartFact, ProgrammeFact, ProgrammePart } from './facts';
import { changedParts, whichHalf } from './which-half';

/** The units of a method that a colony is in a programme: those named, and the hive as a whole where that is none of them. */
export function unitsOf(programme: ProgrammeFact, colonyId: string): readonly string[] {
  const named = programme.units.filter((unit) => unit.colonyId === colonyId).map(({ unit }) => unit);
  const hasHive = programme.units.some(({ unit }) => unit === 'hive');
  return colonyId === programme.colonyId && !hasHive ? [...named, 'hive'] : named;
}

/**
 * A colony's part in a programme as known on `today`. Of a split whose halves nobody knows yet, it is told from both halves' looks
 * and the answers given; of one whose units may change parts, the keeper's word counts.
 *
 * @param looks of this colony
 * @param before how the queen of the colony that was divided stood, where this one came of it
 */
export function partBy(
  { programme, colonyId, otherHalfLooks, dividedOn, queenClipped }: PartFact,
  looks: readonly InspectionFact[],
  answers: readonly CheckAnswerFact[],
  today: Day,
  before: QueenState | null = null,
): ProgrammePart {
  const units = unitsOf(programme, colonyId);
  const queens = methodNamed(programme.method)
    .units.filter(({ name }) => units.includes(name))
    .map(({ queen }) => queen);
  const queen = queens.find((role) => role !== 'unchanged') ?? 'unchanged';
  const seen = { looksOf: (id: string) => (id === colonyId ? looks : otherHalfLooks), dividedOn };
  const isEither = queen === 'either';
  const halves = (isEither ? whichHalf : changedParts)(programme, colonyId, seen, answers, today);
  const half = halves.at(-1) ?? null;
  return {
    programme,
    isOwn: programme.colonyId === colonyId,
    units: isEither ? [...units, 'both'] : units,
    queen,
    queenClipped,
    half,
    halves,
    before,
    carriesOn: false,
  };
}
