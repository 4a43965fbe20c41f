import { day, dayOfMinute } from '../calendar/day';
import { assembleFacts, type OwnFacts, type SharedFacts } from '../colony/assemble';
import { aColony } from '../colony/testing';
import type { FollowUpCode } from '../methods/method';
import type { CheckAnswerFact, ProgrammeFact } from './facts';

/** A programme for tests, begun on 10 May 2027 on colony `home`, with the options that it has by default. */
export function aProgramme(over: Partial<ProgrammeFact> & Pick<ProgrammeFact, 'method'>): ProgrammeFact {
  return {
    id: `p-${over.method}`,
    colonyId: 'home',
    on: day('2027-05-10'),
    endedOn: null,
    secondThinning: true,
    onlySealedBroodUp: false,
    buysQueen: false,
    queenId: null,
    units: [],
    keptCellIds: [],
    ...over,
  };
}

/** An answer for tests. */
export function anAnswer(
  programmeId: string,
  colonyId: string,
  code: FollowUpCode,
  on: string,
  answer: string,
  over: Partial<CheckAnswerFact> = {},
): CheckAnswerFact {
  const at = `${on}T17:00`;
  return {
    id: `a-${programmeId}-${code}-${on}`,
    programmeId,
    colonyId,
    code,
    nth: 1,
    at,
    on: dayOfMinute(at),
    answer,
    queenlessColonyId: null,
    ...over,
  };
}

/** Colonies with what they share, for tests. */
export function assembled(own: Readonly<Record<string, Partial<OwnFacts>>>, shared: Partial<SharedFacts> = {}) {
  const all = new Map(Object.entries(own).map(([id, facts]): [string, OwnFacts] => [id, aColony(facts)]));
  return assembleFacts(all, { programmes: [], answers: [], changes: [], cellMoves: [], ...shared });
}
