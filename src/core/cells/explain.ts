import { LAST_QUEENABLE_AGE } from '../biology/development';
import { addDays, type Day } from '../calendar/day';
import { dayWords, rangeWords } from '../calendar/words';
import { hiddenAgeOf } from '../inspections/thoroughness';
import { type CellCheck, type CellDates, type CellSight, NOT_A_SIGHT, notThereBefore } from './dating';
import { STAGES } from './stage';

/** What each thing seen says of the laying day, in plain words, in order of date. */
export function explainDating(
  sights: readonly CellSight[],
  checks: readonly CellCheck[],
  queenRemoved: Day | null,
): readonly string[] {
  const first = sights[0];
  if (!first) return [];
  const lines = sights.map(({ on, stage }) => `${STAGES[stage].name} on ${dayWords(on)}: ${sightWords(on, stage)}`);
  const isEmergency = queenRemoved !== null && first.on > queenRemoved;
  const before = checks.filter(({ on }) => on < first.on);
  const isDrawnOver = isEmergency || before.some(({ cellsRemoved }) => cellsRemoved === true);
  for (const check of before) {
    const { on, thoroughness } = check;
    const from = notThereBefore(check, isDrawnOver);
    if (from === null) lines.push(`only tipped up on ${dayWords(on)}: says nothing of this cell`);
    else {
      const how =
        hiddenAgeOf(thoroughness) === 0 ? 'bees shaken or brushed off' : 'bees left on, so an egg may have been missed';
      const over = isDrawnOver ? '; it may be drawn over an egg or larva that was there' : '';
      lines.push(`not there on ${dayWords(on)} (${how}${over}): laid ${dayWords(from)} or later`);
    }
  }
  if (isEmergency) {
    const from = addDays(queenRemoved, -LAST_QUEENABLE_AGE.value);
    lines.push(`queen gone on ${dayWords(queenRemoved)}: laid ${rangeWords({ from, to: queenRemoved })}`);
  }
  return lines;
}

function sightWords(on: Day, stage: CellSight['stage']): string {
  const { ages } = STAGES[stage];
  if (stage === 'cup-dry') return `nothing laid yet, so ${dayWords(on)} or later`;
  if (!ages) return 'says nothing of its age';
  const to = addDays(on, -ages.from);
  return ages.to === null
    ? `laid by ${dayWords(to)}`
    : `laid ${rangeWords({ from: addDays(on, -ages.to), to })} (${ages.from} to ${ages.to} days old)`;
}

/** Which two things contradict each other, and what may be behind it. Null when nothing does. */
export function explainConflict(
  { conflict }: Pick<CellDates, 'conflict'>,
  sights: readonly CellSight[],
): string | null {
  if (!conflict) return null;
  const [one, other] = conflict.between.map((index) => nameOf(index, sights)) as [string, string];
  const cause = conflict.between.includes(NOT_A_SIGHT)
    ? 'It may have been overlooked then, or the stage is wrong.'
    : 'One of the two stages, or its day, is wrong, or they were two cells.';
  return `${one} and ${other} cannot both be true. ${cause}`;
}

function nameOf(index: number, sights: readonly CellSight[]): string {
  const sight = sights.find((candidate) => candidate.index === index);
  if (!sight) return 'the look before, which found no such cell,';
  return `“${STAGES[sight.stage].name}” on ${dayWords(sight.on)}`;
}
