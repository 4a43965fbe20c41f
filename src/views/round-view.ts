import type { Day } from '../core/calendar/day';
import { situationOf } from '../core/colony/situation';
import { type Gift, inRoundOrder } from '../core/rounds/round-order';
import { visitId } from '../core/rounds/to-visit';
import { KIND_OF, type VisitKind } from '../core/rounds/work';
import { isDaily } from '../core/schedule/check';
import { type ColonyOnDay, colonyOnDay } from '../core/schedule/standing';
import type { ColonyState } from '../core/state/fold';
import { weekdayWords } from '../words/days';
import { dueWords } from '../words/due';
import { inWords } from '../words/in-words';
import { roundPhrases } from '../words/pages/round';
import { notBeforeWords, openedFrom } from '../words/shut';
import { dayAllows, flightsWords } from '../words/weather';
import { type Tone, toneOf } from './marks';
import type { WeatherThere } from './measured';
import { swarmRisk } from './measured-notes';
import { NO_YARD, wayMarkNote, type YardThere, yardSteps } from './yard-notes';

export interface RoundHive {
  readonly colonyId: string;
  readonly name: string;
  readonly stand: string;
  readonly situation: string;
  /** Why it is in the round, the most pressing first. */
  readonly due: readonly {
    readonly key: string;
    readonly words: string;
    readonly why: string;
    readonly tone: Tone;
    /** What kind of work it is; null: a daily task, done in passing. */
    readonly kind: VisitKind | null;
  }[];
  /** Something of it is on this day's round. */
  readonly isOnRound: boolean;
  /** What is due there is planned for another day; null: it is on this day's round, or on none. */
  readonly plannedFor: string | null;
}

/** One apiary's hives in the order in which they are gone through. */
export interface RoundView {
  readonly due: readonly RoundHive[];
  /** Not due: to be looked at where there is time, or where it is passed anyway. */
  readonly others: readonly RoundHive[];
  readonly leaveShut: readonly {
    readonly colonyId: string;
    readonly name: string;
    readonly words: string;
    /** On which afternoons its virgin could fly; null: it has none, or the weather is not known. */
    readonly flights: string | null;
  }[];
  /** What the weather of the day allows, which hives may swarm on a day to come, which are moved by a step, and where a way-mark is put. */
  readonly notes: readonly string[];
}

/** On which day each check is on a round, and who gives frames to whom. */
export interface PlannedThere {
  readonly on: ReadonlyMap<string, Day>;
  readonly gifts: readonly Gift[];
}

const NOTHING_PLANNED: PlannedThere = { on: new Map(), gifts: [] };

interface Standing {
  readonly colony: { readonly id: string; readonly name: string; readonly stand: string };
  readonly state: ColonyState;
}

/**
 * Healthy ones first, those in doubt last; among equals the one that presses most. What is to be left shut is named apart.
 *
 * @param weather at the apiary; null: nothing is known of it
 * @param planned what is planned there
 * @param yard where its hives stand
 */
export function roundView(
  standings: readonly Standing[],
  day: Day,
  weather: WeatherThere | null = null,
  { on: planned, gifts }: PlannedThere = NOTHING_PLANNED,
  yard: YardThere = NO_YARD,
): RoundView {
  const hives = standings
    .filter(({ state }) => !state.ended)
    .map((standing) => ({ ...standing, onDay: colonyOnDay(standing.state.schedule, day) }));
  const isShut = ({ onDay }: OnDay) => onDay.shut !== null && onDay.due.length === 0;
  const open = inRoundOrder(
    hives.filter((hive) => !isShut(hive)),
    gifts,
  );
  return {
    // What the round is made for, then what is due and on another.
    due: byWhetherOnRound(
      open.filter(({ onDay }) => onDay.due.length > 0).map((hive) => roundHive(hive, day, planned)),
    ),
    others: open.filter(({ onDay }) => onDay.due.length === 0).map((hive) => roundHive(hive, day, planned)),
    leaveShut: hives.flatMap(({ colony, state, onDay: { shut } }) =>
      shut ? [{ colonyId: colony.id, name: colony.name, words: openedFrom(shut), flights: flightsOf(state) }] : [],
    ),
    notes: [...weatherLines(standings, day, weather), ...yardLines(standings, day, weather, yard)],
  };
}

const byWhetherOnRound = (hives: readonly RoundHive[]): readonly RoundHive[] =>
  [...hives].sort((a, b) => Number(b.isOnRound) - Number(a.isOnRound));

const flightsOf = ({ flights }: ColonyState): string | null => flights && flightsWords(flights);

function weatherLines(standings: readonly Standing[], day: Day, weather: WeatherThere | null): readonly string[] {
  const fit = weather?.days.find(({ on }) => on === day);
  const risk = swarmRisk(standings, weather, day);
  return [...(fit ? [roundPhrases.weather(dayAllows(fit))] : []), ...(risk === null ? [] : [risk])];
}

function yardLines(
  standings: readonly Standing[],
  day: Day,
  weather: WeatherThere | null,
  yard: YardThere,
): readonly string[] {
  const mark = wayMarkNote(standings, yard);
  const steps = yardSteps(standings, yard, day, weather).filter(({ isDoneToday }) => !isDoneToday);
  return [...steps.map(({ words, why }) => `${words}. ${why}`), ...(mark ? [mark.words] : [])];
}

interface OnDay extends Standing {
  readonly onDay: ColonyOnDay;
}

function roundHive({ colony, state, onDay }: OnDay, day: Day, planned: ReadonlyMap<string, Day>): RoundHive {
  const days = onDay.due.flatMap(({ check }) => planned.get(visitId(colony.id, check.key)) ?? []);
  const next = days.length === 0 ? null : (Math.min(...days) as Day);
  return {
    colonyId: colony.id,
    name: colony.name,
    stand: colony.stand,
    situation: inWords(situationOf(state)),
    isOnRound: days.includes(day),
    plannedFor: next === null || days.includes(day) ? null : weekdayWords(next),
    due: onDay.due.map((one) => ({
      key: one.check.key,
      words: dueWords(one, day),
      why: `${onDay.shut && one.check.forced ? `${notBeforeWords(onDay.shut)}. ` : ''}${inWords(one.check.why)}`,
      tone: toneOf(one.standing),
      kind: isDaily(one.check.code) ? null : KIND_OF[one.check.code],
    })),
  };
}
