import type { Looked } from '../brood/looked';
import type { YoungestBrood } from '../brood/youngest';
import type { Day } from '../calendar/day';
import { isFullSearch } from '../cells/thoroughness';
import type { FollowUpCode } from '../methods/method';
import { meaningOf } from '../programmes/answers';
import type { CheckAnswerFact } from '../programmes/facts';
import { daysOf, type InspectionFact, type QueenSeenAs } from './facts';

/**
 * What was seen of a colony's queen and brood at one time, by whichever way it was entered: an answer to a check is a short
 * inspection, and says no more and no less than an inspection that saw the same.
 */
export interface Seen {
  /** The inspection or the answer. */
  readonly id: string;
  readonly on: Day;
  /** The last day on which it may have been. */
  readonly to: Day;
  readonly eggs: Looked;
  /** The eggs stood upright: laid since yesterday. */
  readonly youngest: YoungestBrood | null;
  readonly queen: Looked;
  readonly queenSeenAs: QueenSeenAs;
  /** Every brood frame was looked at. */
  readonly isFull: boolean;
}

const NOTHING_ELSE = {
  eggs: 'not-looked-for',
  youngest: null,
  queen: 'not-looked-for',
  queenSeenAs: 'not-said',
  isFull: false,
} as const;

export function seenAtLook(inspection: InspectionFact): Seen {
  const { id, on, eggs, youngest, queen, queenSeenAs, thoroughness } = inspection;
  return { id, on, to: daysOf(inspection).to, eggs, youngest, queen, queenSeenAs, isFull: isFullSearch(thoroughness) };
}

/** What an answer says of eggs and queen; null when it speaks of neither. */
export function seenByAnswer({ id, on, code, answer }: CheckAnswerFact): Seen | null {
  const sees = meaningOf(code as FollowUpCode, answer)?.sees;
  return sees ? { ...NOTHING_ELSE, ...sees, id, on, to: on } : null;
}
