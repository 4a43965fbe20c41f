import { addDays, type Day, dayOfMinute } from '../calendar/day';
import { ASKED_FOR_DAYS } from './scale-figures';
import type { Scale } from './scale-of';

/** What the keeper has said of a loss. */
export interface LossAnswer {
  /** The minute of the loss. */
  readonly at: string;
  readonly answer: 'swarm' | 'cast' | 'none' | 'look';
}

/** What else of a colony tells whether it has swarmed. */
export interface SinceLoss {
  /** Local minutes of inspections at which cells were looked for. */
  readonly looks: readonly string[];
  /** Days of swarms that are in its records. */
  readonly swarms: readonly Day[];
}

export interface OpenLoss {
  /** Local minute. */
  readonly at: string;
  /** Kilograms, over nothing. */
  readonly kg: number;
  /** At least half of it came back within the hour. */
  readonly returned: boolean;
  /** The keeper said that the colony is to be looked at, and it has not been. */
  readonly isToBeLookedAt: boolean;
}

/**
 * Losses on the scale that may have been swarms and are not settled: not answered, or to be looked at. A look for cells since, or a
 * swarm of that day in its records, settles one; after a week it is asked about no more.
 */
export function openLosses(
  { possibleSwarms }: Pick<Scale, 'possibleSwarms'>,
  answers: readonly LossAnswer[],
  { looks, swarms }: SinceLoss,
  today: Day,
): readonly OpenLoss[] {
  return possibleSwarms.flatMap(({ at, by, returned }): OpenLoss[] => {
    const answer = answers.find((one) => one.at === at)?.answer ?? null;
    const on = dayOfMinute(at);
    const isSettled = answer === 'none' || looks.some((look) => look > at) || swarms.includes(on);
    if (isSettled || on > today || addDays(on, ASKED_FOR_DAYS) < today) return [];
    return [{ at, kg: -by / 100, returned, isToBeLookedAt: answer === 'look' }];
  });
}
