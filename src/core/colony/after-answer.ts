import type { FollowUpCode } from '../methods/method';
import { meaningOf } from '../programmes/answers';
import type { CheckAnswerFact, ProgrammePart } from '../programmes/facts';
import { programmeOf, requeeningIdOf } from '../queens/queen-questions';
import { anew, type QueenState, raisingSince } from '../queens/queen-state';
import { daysOf } from './facts';

/** The state after a follow-up was answered, as far as the answer says more than what was seen. */
export function afterAnswer(state: QueenState, answer: CheckAnswerFact, parts: readonly ProgrammePart[]): QueenState {
  const { on, programmeId, code } = answer;
  const programme = parts.find((part) => part.programme.id === programmeId)?.programme;
  const requeeningId = requeeningIdOf(state) ?? programmeId;
  switch (meaningOf(code as FollowUpCode, answer.answer)?.queen) {
    case 'queen-there':
      return { ...state, overdue: { is: 'late-but-there', on, noEggsOn: null } };
    case 'raising': {
      const days = programme ? daysOf(programme) : { from: on, to: on };
      const unit = programme?.units[0]?.unit ?? 'hive';
      const waits = { id: programmeId, unit, isThinned: true, isMoved: false, buysQueen: false };
      return raisingSince(state, days, { requeeningId, programme: waits });
    }
    case 'without':
      // A split that failed leaves both halves without a queen; that is told by the halves.
      if (code === 'which-half') return state;
      return { ...anew(state), is: 'without', since: on, lost: null, requeeningId, programme: programmeOf(state) };
    case undefined:
      return state;
  }
}
