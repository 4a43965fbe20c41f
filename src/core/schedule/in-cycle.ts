import type { AgeSpread, Figure } from '../biology/figure';
import { addDays, type Day } from '../calendar/day';
import type { CheckWindow } from '../calendar/window';
import { checkKey } from '../programmes/check-key';
import type { CheckAnswerFact } from '../programmes/facts';
import { programmeOf, requeeningIdOf } from '../queens/queen-questions';
import { aCheck, type Check, type CheckCode } from './check';
import type { ScheduleFrom } from './schedule-part';

/** The days of a figure after one. */
export function windowAfter(from: Day, { value }: Figure<AgeSpread>): CheckWindow {
  return {
    earliest: addDays(from, value.early),
    ideal: addDays(from, value.typical),
    latest: addDays(from, value.late),
  };
}

type Asked = Pick<Check, 'code' | 'window' | 'why'> & Partial<Pick<Check, 'order' | 'forced' | 'reading'>>;

/** A check that hangs on the colony's present span without a laying queen, and on the programme it came about by. */
export function inCycle({ queen }: ScheduleFrom, asked: Asked): Check {
  const programme = programmeOf(queen);
  return aCheck({
    key: checkKey(asked.code, requeeningIdOf(queen) ?? 'queen'),
    ...asked,
    programme: programme && { id: programme.id, unit: programme.unit },
  });
}

/** The last answer to a check of the programme that the colony is under, from a day on. */
export function answered({ queen, answers }: ScheduleFrom, code: CheckCode, since: Day): CheckAnswerFact | null {
  return (
    answers.findLast(
      (answer) => answer.programmeId === programmeOf(queen)?.id && answer.code === code && answer.on >= since,
    ) ?? null
  );
}
