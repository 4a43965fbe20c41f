import { type Day, day, dayOfMinute, formatDay } from '../calendar/day';
import { assembleFacts, type OwnFacts, type SharedFacts } from '../colony/assemble';
import type { CellSeenFact, InspectionFact } from '../colony/facts';
import { aColony, inspection } from '../colony/testing';
import type { FollowUpCode } from '../methods/method';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { foldColony } from '../state/fold';
import type { CheckAnswerFact, ProgrammeFact } from './facts';

/** A programme for tests, begun on 10 May 2027 on colony `home`, with the options that it has by default. */
export function aProgramme(over: Partial<ProgrammeFact> & Pick<ProgrammeFact, 'method'>): ProgrammeFact {
  return {
    id: `p-${over.method}`,
    colonyId: 'home',
    at: null,
    on: day('2027-05-10'),
    to: null,
    endedOn: null,
    secondThinning: true,
    onlySealedBroodUp: false,
    queenShakenDown: false,
    buysQueen: false,
    turnsDaily: false,
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

/** A cell of a colony, for tests, lettered by its id. */
export const cell = (id: string, part: 'above' | null = null) =>
  ({ id, label: id, place: 'bottom', box: null, frame: null, part }) as const;
/** What was seen of a cell. */
export const saw = (cellId: string, found: CellSeenFact['found'], takenDown = false) => ({ cellId, found, takenDown });
/** A look on a day of 2027, `MM-DD`. */
export const look = (on: string, over: Partial<InspectionFact> = {}) => inspection({ at: `2027-${on}T15:00`, ...over });
/** A day without its year. */
export const iso = (value: Day) => formatDay(value).slice(5);

/** Colonies with what they share; gives the state of one on a day of 2027. */
export function yard(own: Readonly<Record<string, Partial<OwnFacts>>>, shared: Partial<SharedFacts>) {
  const facts = assembled(own, shared);
  return (id: string, today: string) => {
    const colony = facts.get(id);
    if (!colony) throw new Error(`No colony ${id}`);
    return foldColony(colony, DEFAULT_SETTINGS, day(`2027-${today}`));
  };
}
export type State = ReturnType<ReturnType<typeof yard>>;
/** What is due, each with the first, best and last day. */
export const checks = ({ schedule }: State) =>
  schedule.checks.map(
    ({ code, window }) => `${code} ${iso(window.earliest)}/${iso(window.ideal)}/${iso(window.latest)}`,
  );
/** When it is to be left shut. */
export const shut = ({ schedule }: State) => schedule.leaveShut.map(({ from, to }) => `${iso(from)}..${iso(to)}`);
