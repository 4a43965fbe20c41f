import { meaningOf } from '../programmes/answers';
import type { CheckAnswerFact } from '../programmes/facts';
import { alsoAnswered } from '../programmes/follow-up-state';
import { lays } from '../queens/queen-questions';
import { patienceWith } from '../queens/virgin-care';
import { afterAnswer } from './after-answer';
import { beforeSeen } from './after-reading';
import { afterSeen } from './after-seen';
import { emergingOf, isBelow, type Known, lastKnownLive, type Setting, withQueen } from './known';
import { seenByAnswer } from './seen';
import { mayStillHoldQueen } from './track-cells';

/** What follows from an answer, given by the keeper or by an inspection that saw the same. */
export function withAnswer(known: Known, answer: CheckAnswerFact, { facts, settings }: Setting): Known {
  const seen = answer.isByLook ? null : seenByAnswer(answer);
  const amid = {
    emerging: emergingOf(known),
    hasCells: lastKnownLive(known).length > 0,
    patientUntil: patienceWith(known.queen, facts, known.followUps),
    settings,
  };
  const before = lastKnownLive(known).filter(isBelow);
  const liveNow = before.filter((cell) => mayStillHoldQueen(cell, answer.on)).length;
  const looked = seen
    ? afterSeen(beforeSeen(known.queen, seen, before, liveNow, amid.emerging), seen, amid)
    : known.queen;
  const queen = afterAnswer(looked, answer, known.parts);
  // What was seen too early to be hers answers nothing.
  const sees = meaningOf(answer.code, answer.answer)?.sees?.eggs;
  const isDoubted = sees === 'seen' && !lays(queen) && queen.is !== 'either-half';
  const also = isDoubted ? [] : alsoAnswered(answer, known.followUps);
  return { ...withQueen(known, queen), told: isDoubted ? known.told : [...known.told, answer, ...also] };
}
