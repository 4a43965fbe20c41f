import type { Day } from '../calendar/day';
import type { InspectionFact } from '../colony/facts';
import { methodNamed } from '../methods/methods';
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
 */
export function partBy(
  { programme, colonyId, otherHalfLooks, queenClipped }: PartFact,
  looks: readonly InspectionFact[],
  answers: readonly CheckAnswerFact[],
  today: Day,
): ProgrammePart {
  const units = unitsOf(programme, colonyId);
  const queens = methodNamed(programme.method)
    .units.filter(({ name }) => units.includes(name))
    .map(({ queen }) => queen);
  const queen = queens.find((role) => role !== 'unchanged') ?? 'unchanged';
  if (queen !== 'either') {
    const halves = changedParts(programme, colonyId, answers, today);
    return { programme, units, queen, queenClipped, half: halves.at(-1) ?? null, halves };
  }
  const looksOf = (id: string) => (id === colonyId ? looks : otherHalfLooks);
  const halves = whichHalf(programme, colonyId, looksOf, answers, today);
  return { programme, units: [...units, 'both'], queen, queenClipped, half: halves.at(-1) ?? null, halves };
}
