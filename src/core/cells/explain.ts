import { LAST_QUEENABLE_AGE } from '../biology/development';
import { addDays, type Day } from '../calendar/day';
import type { Said } from '../says/said';
import { type CellCheck, type CellDates, type CellSight, NOT_A_SIGHT, notThereBefore } from './dating';
import { say } from './says';
import { STAGES } from './stage';
import { hiddenAgeOf } from './thoroughness';

/** What each thing seen says of the laying day, in order of date. */
export function explainDating(
  sights: readonly CellSight[],
  checks: readonly CellCheck[],
  queenRemoved: Day | null,
): readonly Said[] {
  const first = sights[0];
  if (!first) return [];
  const lines = sights.map(({ on, stage }) => bySight(on, stage));
  const isEmergency = queenRemoved !== null && first.on > queenRemoved;
  const before = checks.filter(({ on }) => on < first.on);
  const drawnOver = isEmergency || before.some(({ cellsRemoved }) => cellsRemoved === true);
  for (const check of before) {
    const { on, thoroughness } = check;
    const from = notThereBefore(check, drawnOver);
    lines.push(
      from === null
        ? say('only-tipped-up', { on })
        : say('not-there', { on, from, beesOff: hiddenAgeOf(thoroughness) === 0, drawnOver }),
    );
  }
  if (isEmergency) {
    const from = addDays(queenRemoved, -LAST_QUEENABLE_AGE.value);
    lines.push(say('queen-gone', { on: queenRemoved, laid: { from, to: queenRemoved } }));
  }
  return lines;
}

function bySight(on: Day, stage: CellSight['stage']): Said {
  const { ages } = STAGES[stage];
  if (stage === 'cup-dry') return say('nothing-laid-yet', { stage, on });
  if (!ages) return say('tells-no-age', { stage, on });
  const to = addDays(on, -ages.from);
  return ages.to === null
    ? say('laid-by', { stage, on, by: to })
    : say('laid', { stage, on, laid: { from: addDays(on, -ages.to), to }, ages: { from: ages.from, to: ages.to } });
}

/** Which two things contradict each other, and what may be behind it. Null when nothing does. */
export function explainConflict({ conflict }: Pick<CellDates, 'conflict'>, sights: readonly CellSight[]): Said | null {
  if (!conflict) return null;
  const [one, other] = conflict.between.map((index) => nameOf(index, sights)) as [Said, Said];
  const cause = say(conflict.between.includes(NOT_A_SIGHT) ? 'may-be-overlooked' : 'one-is-wrong');
  return say('cannot-both-be', { one, other, cause });
}

function nameOf(index: number, sights: readonly CellSight[]): Said {
  const sight = sights.find((candidate) => candidate.index === index);
  return sight ? say('stage-on', { stage: sight.stage, on: sight.on }) : say('inspection-before');
}
