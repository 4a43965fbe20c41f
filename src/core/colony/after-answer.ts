import type { FollowUpCode } from '../methods/method';
import { meaningOf } from '../programmes/answers';
import type { CheckAnswerFact, ProgrammePart } from '../programmes/facts';
import { daysOf } from './facts';
import { nobodyElse, noQueen, type QueenState } from './queen-state';

/** The state after a follow-up was answered, as far as the answer says more than what was seen. */
export function afterAnswer(state: QueenState, answer: CheckAnswerFact, parts: readonly ProgrammePart[]): QueenState {
  const { on, programmeId, code } = answer;
  const programme = parts.find((part) => part.programme.id === programmeId)?.programme;
  const requeeningId = state.requeeningId ?? programmeId;
  switch (meaningOf(code as FollowUpCode, answer.answer)?.queen) {
    case 'queen-there':
      return { ...state, noEggsOn: null, lateButThereOn: on };
    case 'raising': {
      const days = programme ? daysOf(programme) : { from: on, to: on };
      const unit = programme?.units[0]?.unit ?? 'hive';
      return {
        ...state,
        ...nobodyElse,
        ...noQueen,
        removedOn: days.from,
        removedTo: days.to,
        lastOwnEggs: days.to,
        requeeningId,
        programme: { id: programmeId, unit, isThinned: true, isMoved: false, buysQueen: false },
      };
    }
    case 'without':
      // A split that failed leaves both halves without a queen; that is told by the halves.
      if (code === 'which-half') return state;
      return { ...state, ...nobodyElse, ...noQueen, withoutSince: on, requeeningId, programme: state.programme };
    case undefined:
      return state;
  }
}
