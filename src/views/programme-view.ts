import { type Day, daysBetween } from '../core/calendar/day';
import { situationOf } from '../core/colony/situation';
import { methodNamed } from '../core/methods/methods';
import type { CheckAnswerFact, ProgrammeFact } from '../core/programmes/facts';
import { needsWayOut, type WayOut, waysOut } from '../core/programmes/ways-out';
import type { HalfIs } from '../core/programmes/which-half';
import { lays, lostIn, programmeOf } from '../core/queens/queen-questions';
import { broodlessWindow } from '../core/schedule/broodless';
import { colonyOnDay } from '../core/schedule/standing';
import { movesOf } from '../core/schedule/what-moved';
import type { Settings } from '../core/settings/settings';
import type { ColonyState } from '../core/state/fold';
import { answerWords, remedyWords } from '../words/answers';
import { broodlessWords } from '../words/broodless';
import { cautionWords } from '../words/cautions';
import { CHECK_NAMES } from '../words/check-names';
import { inWords } from '../words/in-words';
import { methodSaid, methodTitle } from '../words/methods/methods';
import { programmePhrases } from '../words/pages/programme';
import { UNIT_WORDS } from '../words/units';
import { flightsWords } from '../words/weather';
import { type DueAt, type DueView, dueView } from './due-view';
import type { Mark } from './marks';
import { windowMoved } from './moves-view';
import { planMarks } from './plan-marks';

export interface UnitView extends DueAt {
  readonly unit: string;
  readonly apiary: string;
  readonly stand: string;
  readonly situation: string;
  readonly gets: string;
  readonly due: readonly DueView[];
  readonly leaveShutWords: string | null;
  /** When it has no sealed brood; null: it always has, or that is past. */
  readonly broodlessWords: string | null;
  /** On which afternoons its virgin could fly; null: it has none, or the weather is not known. */
  readonly flights: string | null;
  readonly marks: readonly Mark[];
}

export interface StoryLine {
  readonly key: string;
  readonly on: Day;
  readonly words: string;
  readonly remedy: string | null;
  /** The answer that it tells of, which can be taken back; null: it is no answer. */
  readonly answerId: string | null;
}

export interface WayOutView extends WayOut {
  readonly title: string;
  readonly cost: string;
}

export interface ProgrammeView {
  readonly id: string;
  /** The colony that it was started on. */
  readonly colonyId: string;
  readonly colonyName: string;
  readonly title: string;
  /** The day on which it was done, and the last on which it may have been. */
  readonly on: Day;
  readonly to: Day | null;
  readonly begun: string;
  readonly status: string;
  readonly isRunning: boolean;
  readonly endedOn: Day | null;
  readonly cautions: readonly string[];
  readonly steps: readonly { readonly step: number; readonly words: string; readonly isDone: boolean }[];
  readonly units: readonly UnitView[];
  /** What was answered, seen, moved and missed, newest first. */
  readonly story: readonly StoryLine[];
  readonly waysOut: {
    readonly colonyId: string;
    readonly colonyName: string;
    readonly ways: readonly WayOutView[];
  } | null;
}

/** One of the colonies in a programme. */
export interface Member {
  readonly colonyId: string;
  readonly name: string;
  readonly apiary: string;
  readonly stand: string;
  readonly state: ColonyState;
}

/** A running programme: what is to be done in each unit, the steps, what happened, and the ways on where it went wrong. */
export function programmeView(
  programme: ProgrammeFact,
  members: readonly Member[],
  stepsDone: ReadonlySet<number>,
  settings: Settings,
  today: Day,
): ProgrammeView {
  const method = methodNamed(programme.method);
  const said = methodSaid(programme.method);
  const units = members.map((member) => unitView(programme, member, members, today));
  const isOver = units.every(({ due }) => due.length === 0);
  const failing = members.find(({ state }) => !state.ended && needsWayOut(state) && leads(programme, state));
  const day = daysBetween(programme.on, today);
  return {
    id: programme.id,
    colonyId: programme.colonyId,
    colonyName: members.find(({ colonyId }) => colonyId === programme.colonyId)?.name ?? '',
    title: said.title,
    on: programme.on,
    to: programme.to,
    begun: programmePhrases.started(programme.on, day),
    status: statusWords(programme, members, failing !== undefined, isOver),
    isRunning: programme.endedOn === null && !isOver,
    endedOn: programme.endedOn,
    cautions: method.cautions.map(cautionWords),
    steps: said.steps.map((words, step) => ({ step, words, isDone: stepsDone.has(step) })),
    units,
    story: storyOf(programme, members),
    waysOut: failing
      ? {
          colonyId: failing.colonyId,
          colonyName: failing.name,
          ways: waysOutView(failing.state, settings) ?? [],
        }
      : null,
  };
}

function broodlessOf({ queen, schedule, today }: ColonyState): string | null {
  const lost = lostIn(queen);
  if (lost === null || !schedule.emergence) return null;
  const window = broodlessWindow(lost.from, schedule.emergence);
  return window && window.likelyTo >= today ? broodlessWords(window) : null;
}

const HALF_WORDS: { readonly [H in HalfIs]: string } = {
  queenless: programmePhrases.halfWithoutAQueen,
  queen: programmePhrases.halfWithTheQueen,
  failed: 'half',
  settled: programmePhrases.halfWithALayingQueen,
};

/** Which unit of the method a colony is; of a split, only what is known by now. */
function roleWords({ id }: ProgrammeFact, own: readonly string[], { parts }: ColonyState): string {
  const part = parts.find(({ programme }) => programme.id === id);
  if (part?.queen === 'either' && part.half === null) return programmePhrases.oneHalf;
  if (part?.half) return HALF_WORDS[part.half.is];
  return [...new Set(own.map((unit) => UNIT_WORDS[unit] ?? unit))].join(' and ');
}

/** The programme is the one that the colony's queen hangs on. */
function leads({ id }: ProgrammeFact, { queen }: ColonyState): boolean {
  const led = programmeOf(queen);
  return led === null || led.id === id;
}

function statusWords(
  { endedOn }: ProgrammeFact,
  members: readonly Member[],
  failing: boolean,
  isOver: boolean,
): string {
  if (endedOn !== null) return programmePhrases.givenUp(endedOn);
  if (failing) return programmePhrases.noLayingQueenYet;
  if (!isOver) return programmePhrases.inProgress;
  const allLay = members.every(({ state }) => state.ended || lays(state.queen));
  return allLay ? programmePhrases.allLay : programmePhrases.nothingMoreToDo;
}

function unitView(programme: ProgrammeFact, member: Member, members: readonly Member[], today: Day): UnitView {
  const { colonyId, name, apiary, stand, state } = member;
  const own = programme.units.filter((unit) => unit.colonyId === colonyId).map(({ unit }) => unit);
  const { schedule } = state;
  const onDay = colonyOnDay(schedule, today);
  const dueHere = [...onDay.due, ...onDay.later].filter(({ check }) => check.programme?.id === programme.id);
  const checks = dueHere.map(({ check }) => check);
  const raises = programmeOf(state.queen)?.id === programme.id || state.queen.is === 'either-half';
  const shut = raises ? schedule.leaveShut.filter(({ from, to }) => from <= to) : [];
  const [first] = shut;
  return {
    colonyId,
    colonyName: name,
    apiary,
    stand,
    unit: roleWords(programme, own, state),
    situation: state.ended ? programmePhrases.noLongerItsOwn : inWords(situationOf(state)),
    gets: methodSaid(programme.method)
      .units.filter((unit) => own.includes(unit.name))
      .map(({ gets }) => gets)
      .join('; '),
    due: dueHere.map((one) => dueView(one, today)),
    leaveShut: schedule.leaveShut,
    broodlessWords: raises ? broodlessOf(state) : null,
    flights: raises && state.flights ? flightsWords(state.flights) : null,
    leaveShutWords: first ? programmePhrases.leaveShut(first) : null,
    halves: halvesOf(programme, members),
    marks: planMarks(
      {
        checks,
        leaveShut: shut,
        emergence: raises ? schedule.emergence : null,
        eggsBy: raises ? schedule.eggsBy : null,
      },
      today,
    ),
  };
}

/** The colonies of a split in two halves, for saying which of them has the queen. */
export function halvesOf(
  programme: ProgrammeFact,
  members: readonly { readonly colonyId: string; readonly name: string }[],
) {
  const { units, unitsMayChange } = methodNamed(programme.method);
  if (!unitsMayChange && !units.some(({ queen }) => queen === 'either')) return [];
  return members.map(({ colonyId, name }) => ({ id: colonyId, name }));
}

function answerLine({ code, answer, queenlessColonyId }: CheckAnswerFact, members: readonly Member[]): string {
  const half = members.find(({ colonyId }) => colonyId === queenlessColonyId);
  return programmePhrases.answered(CHECK_NAMES[code], answerWords({ check: code, answer }), half?.name ?? null);
}

const NO_ANSWER = { remedy: null, answerId: null } as const;

function storyOf(programme: ProgrammeFact, members: readonly Member[]): readonly StoryLine[] {
  const many = members.length > 1;
  const answers = new Map(members.flatMap(({ state }) => state.answers.map((answer) => [answer.id, answer] as const)));
  const answered = [...answers.values()]
    .filter(({ programmeId }) => programmeId === programme.id)
    .map((answer): StoryLine => {
      const name = members.find(({ colonyId }) => colonyId === answer.colonyId)?.name;
      return {
        key: answer.id,
        on: answer.on,
        words: `${many && name ? `${name}, ` : ''}${answerLine(answer, members)}`,
        remedy: remedyWords(answer.code, answer.answer),
        answerId: answer.id,
      };
    });
  const others = members.flatMap(({ name, state }) => {
    const of = many ? `${name}, ` : '';
    const seen = state.followUps
      .filter(({ programmeId, status }) => programmeId === programme.id && status === 'seen')
      .map(
        ({ key, code, on }): StoryLine => ({
          key: `${name}${key}`,
          on: on ?? programme.on,
          words: programmePhrases.answeredByTheInspection(of, CHECK_NAMES[code]),
          ...NO_ANSWER,
        }),
      );
    const moved = movesOf(state.schedules())
      .filter(({ key }) => key.includes(programme.id))
      .map(
        ({ key, code, on, from, to, because }): StoryLine => ({
          key: `${name}${key}${on}`,
          on,
          words: programmePhrases.movedAfter(of, windowMoved(code, from, to), because),
          ...NO_ANSWER,
        }),
      );
    const skipped = state.schedule.skipped
      .filter(({ check }) => check.programme?.id === programme.id)
      .map(
        ({ check, reason, on }): StoryLine => ({
          key: `${name}${check.key}skipped`,
          on,
          words: programmePhrases.skipped(of, CHECK_NAMES[check.code], reason),
          ...NO_ANSWER,
        }),
      );
    const missed = state.schedule.missed
      .filter(({ programme: by }) => by?.id === programme.id)
      .map(
        ({ key, code, window }): StoryLine => ({
          key: `${name}${key}missed`,
          on: window.latest,
          words: programmePhrases.nothingEntered(of, CHECK_NAMES[code], window.latest),
          remedy: programmePhrases.tooLateNow,
          answerId: null,
        }),
      );
    return [...seen, ...moved, ...skipped, ...missed];
  });
  return [...answered, ...others].sort((a, b) => b.on - a.on);
}

/** The ways on for a colony that has not come to a laying queen, in words; null where nothing went wrong. */
export function waysOutView(state: ColonyState, settings: Settings): readonly WayOutView[] | null {
  if (state.ended || !needsWayOut(state)) return null;
  const isTested = state.schedule.checks.some(({ code }) => code === 'read-comb');
  const ways = waysOut(state.today, settings).filter(({ method }) => !(isTested && method === 'test-comb'));
  return ways.map((way) => ({ ...way, ...wayWords(way, state.today) }));
}

function wayWords({ method, until, brings }: WayOut, today: Day): { title: string; cost: string } {
  const days = { from: daysBetween(today, until.from), to: daysBetween(today, until.to) };
  const what = {
    known: programmePhrases.youKnowWhetherThere,
    laying: programmePhrases.aQueenLays,
    united: programmePhrases.theyAreOneColony,
  }[brings];
  return {
    title: methodTitle(method),
    cost: programmePhrases.daysUntil(days, what, until),
  };
}
