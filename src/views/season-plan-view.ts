import { type Day, formatDay } from '../core/calendar/day';
import type { CheckWindow, DayRange } from '../core/calendar/window';
import type { SeasonPlanFact } from '../core/facts/season-plan';
import { methodNamed } from '../core/methods/methods';
import type { Thing } from '../core/methods/thing';
import { flowFrom, type Intention, type IntentionStatus, type SeasonHooks } from '../core/season-plan/intentions';
import {
  atTheEnd,
  type BoxThing,
  boxesByWeek,
  isStillMeant,
  type LoadAsked,
  type PlannedColony,
  plannedDay,
  plannedWeeks,
  shortThings,
} from '../core/season-plan/load';
import type { SeasonPlan } from '../core/season-plan/plan';
import { fewerTakers, weeksTooFull } from '../core/season-plan/remedies';
import { onYear } from '../core/year/month-day';
import { rangeWords } from '../words/days';
import { thingsWords } from '../words/kit';
import { methodTitle } from '../words/methods/methods';
import { seasonPhrases } from '../words/pages/season';
import {
  actOf,
  atTheEndWords,
  beforeDronesWords,
  borrowWords,
  fewerWords,
  intentionWords,
  markName,
  moreTimeWords,
  moveThemWords,
  notBeforeWords,
  outsideWords,
  seasonName,
  shortWords,
  supposedDronesWords,
  supposedFlowWords,
  supposedYearWords,
  tooMuchWords,
  uncountedWords,
} from '../words/season-plan';
import type { ApiaryEntry, NamedColony } from './all-apiaries';
import type { SeasonFlow } from './season-view';
import { type YearBand, yearBands } from './year-bands';

/** Something that is meant, to be drawn and told. */
export interface IntentionView {
  readonly key: string;
  readonly label: string;
  readonly title: string;
  readonly window: CheckWindow;
  readonly on: Day;
  readonly status: IntentionStatus;
  readonly isIfCells: boolean;
  readonly isMoved: boolean;
  readonly words: string;
  /** What a day outside its window risks. */
  readonly outside: string;
  /** Where it is begun with one tap; null: not now. */
  readonly start: string | null;
  readonly programmeId: string | null;
}

export function intentionView(colonyId: string, intention: Intention, today: Day): IntentionView {
  const { key, method, window, on, status, isIfCells, isMoved, begun } = intention;
  return {
    key,
    label: markName({ method, isIfCells: isIfCells && status !== 'begun' }),
    title: methodTitle(method),
    window,
    on: begun?.on ?? on,
    status,
    isIfCells,
    isMoved,
    words: intentionWords(intention, today),
    outside: outsideWords(intention),
    start: status === 'now' || status === 'held' ? `/colonies/${colonyId}/start/${method}` : null,
    programmeId: begun?.programmeId ?? null,
  };
}

/** A plan as it is sent. */
export const planFact = ({ by, plannedOn, moved, dropped, again, ...plan }: SeasonPlan): SeasonPlanFact => ({
  ...plan,
  plannedOn: formatDay(plannedOn),
  by: by === null ? null : formatDay(by),
  moved: Object.fromEntries([...moved].map(([key, on]) => [key, formatDay(on)])),
  dropped: [...dropped],
  again: Object.fromEntries([...again].map(([key, on]) => [key, formatDay(on)])),
});

/** A colony with its plan for a season, and what is meant. */
export interface ColonyMeant {
  readonly colony: NamedColony;
  /** It is no more: it asks for no hours. */
  readonly isEnded: boolean;
  readonly apiary: ApiaryEntry;
  readonly plan: SeasonPlan | null;
  readonly intentions: readonly Intention[];
  readonly hooks: SeasonHooks;
  readonly planned: PlannedColony;
}

export interface PlanMove {
  readonly colonyId: string;
  readonly key: string;
  /** `YYYY-MM-DD` */
  readonly to: string;
}

/** Something that does not work yet, with what would do. */
export interface NotYet {
  readonly key: string;
  readonly words: string;
  readonly remedies: readonly string[];
  /** Days to which acts can be put with one tap; empty: that does not help. */
  readonly moves: readonly PlanMove[];
}

export interface PlanRow {
  readonly colonyId: string;
  readonly name: string;
  readonly plan: SeasonPlanFact | null;
  readonly intentions: readonly IntentionView[];
}

export interface SeasonPlanView {
  readonly year: number;
  readonly name: string;
  readonly first: Day;
  readonly last: Day;
  readonly swarmSeason: DayRange | null;
  readonly groups: readonly {
    readonly apiary: string;
    readonly year: readonly YearBand[];
    readonly flows: readonly SeasonFlow[];
    readonly rows: readonly PlanRow[];
  }[];
  readonly notYet: readonly NotYet[];
  readonly weeks: readonly {
    readonly words: string;
    readonly from: Day;
    readonly to: Day;
    readonly usual: number;
    readonly meant: number;
    readonly free: number;
    /** More on hives than today, by what is meant. */
    readonly boxes: { readonly [B in BoxThing]: number };
  }[];
  /** What there is of each apart from hives; null: never counted. */
  readonly boxesThere: { readonly [B in BoxThing]: number | null };
  readonly atTheEnd: string;
  readonly supposes: readonly string[];
}

interface Asked {
  readonly year: number;
  readonly meant: readonly ColonyMeant[];
  readonly load: Omit<LoadAsked, 'colonies'>;
  /** How many there are of a thing apart from those on hives; null: never counted. */
  readonly counted: (thing: Thing) => number | null;
}

/** The plan for a season: how each colony is to be run, what that asks week by week, and what of it does not work yet. */
export function seasonPlanView({ year, meant, load, counted }: Asked): SeasonPlanView {
  const living = meant.filter(({ isEnded }) => !isEnded);
  const asked: LoadAsked = { ...load, colonies: living.map(({ planned }) => planned) };
  const apiaries = [
    ...new Map(meant.map(({ apiary, hooks, planned }) => [apiary.id, { apiary, hooks, planned }])).values(),
  ];
  const { from: first, to: last } = load.season;
  const hasPlan = meant.some(({ plan }) => plan !== null);
  const end = atTheEnd(asked);
  const boxes = boxesByWeek(asked);
  return {
    year,
    name: seasonName(year, formatDay(last).slice(0, 4) !== String(year)),
    first,
    last,
    swarmSeason: swarmsOf(meant),
    groups: apiaries.map(({ apiary, hooks, planned }) => ({
      apiary: apiary.name,
      year: yearBands(planned.year, { from: first, to: last }),
      flows: hooks.flow
        ? [{ id: `${apiary.id} flow`, label: seasonPhrases.flowExpected, ...hooks.flow, by: 'keeper' as const }]
        : [],
      rows: meant
        .filter((one) => one.apiary.id === apiary.id)
        .map(({ colony, plan, intentions }) => ({
          colonyId: colony.id,
          name: colony.name,
          plan: plan && planFact(plan),
          intentions: intentions.map((one) => intentionView(colony.id, one, load.today)),
        })),
    })),
    notYet: hasPlan ? [...tooMuch(asked, meant), ...short(asked, counted), ...beforeDrones(meant, load.today)] : [],
    weeks: plannedWeeks(asked).map(({ from, to, minutes, meant: own, free }, i) => ({
      boxes: boxes[i] as { readonly [B in BoxThing]: number },
      words: rangeWords({ from, to }),
      from,
      to,
      usual: minutes - own,
      meant: own,
      free,
    })),
    boxesThere: { 'nuc-box': counted('nuc-box'), 'brood-box': counted('brood-box'), super: counted('super') },
    atTheEnd: atTheEndWords(
      living.length,
      end.colonies,
      end.moreIfCells,
      [...end.boxes].map(([thing, count]) => thingsWords([thing], count)),
    ),
    supposes: hasPlan ? supposed(apiaries, counted) : [],
  };
}

function swarmsOf(meant: readonly ColonyMeant[]): DayRange | null {
  const swarms = meant.map(({ hooks }) => hooks.season.swarms);
  if (swarms.length === 0) return null;
  return {
    from: Math.min(...swarms.map(({ from }) => from)) as Day,
    to: Math.max(...swarms.map(({ to }) => to)) as Day,
  };
}

function tooMuch(asked: LoadAsked, meant: readonly ColonyMeant[]): readonly NotYet[] {
  const nameOf = (colonyId: string) => meant.find(({ colony }) => colony.id === colonyId)?.colony.name ?? '';
  const act = ({ colonyId, key }: { readonly colonyId: string; readonly key: string }): string => {
    const one = meant.find(({ colony }) => colony.id === colonyId)?.intentions.find((other) => other.key === key);
    return one ? actOf(one.method, nameOf(colonyId)) : '';
  };
  return weeksTooFull(asked).map(({ week, over, move, fewer }) => ({
    key: `week ${week.from}`,
    words: tooMuchWords(week, week.minutes, week.free),
    remedies: [
      ...(move && move.length > 0 ? [moveThemWords(move.map((one) => ({ words: act(one), to: one.to })))] : []),
      ...(fewer && fewer.length > 0 ? [fewerWords(fewer.map(act))] : []),
      moreTimeWords(over),
    ],
    moves: (move ?? []).map(({ to, ...one }) => ({ ...one, to: formatDay(to) })),
  }));
}

const short = (asked: LoadAsked, counted: Asked['counted']): readonly NotYet[] =>
  shortThings(asked, counted).map((thing) => ({
    key: `short ${thing.of.join()}`,
    words: shortWords(thing.of, thing.short, thing.on),
    remedies: [borrowWords(thing.short, fewerTakers(thing))],
    moves: [],
  }));

/** The day from which drones fly at an apiary in the season; null: not entered. */
function dronesFrom({ year }: ApiaryEntry, { season }: SeasonHooks): Day | null {
  const drones = year?.starts.drones;
  if (drones === undefined) return null;
  const inYear = onYear(drones, season.year);
  return inYear > season.to ? onYear(drones, season.year - 1) : inYear;
}

function beforeDrones(meant: readonly ColonyMeant[], today: Day): readonly NotYet[] {
  return meant.flatMap(({ colony, apiary, hooks, intentions }) => {
    const drones = dronesFrom(apiary, hooks);
    if (drones === null) return [];
    return intentions
      .filter((one) => isStillMeant(one) && methodNamed(one.method).needs.drones && plannedDay(one, today) < drones)
      .map((one) => ({
        key: `drones ${colony.id} ${one.key}`,
        words: beforeDronesWords(actOf(one.method, colony.name), one.on, drones),
        remedies: [notBeforeWords(drones)],
        moves: drones <= one.window.latest ? [{ colonyId: colony.id, key: one.key, to: formatDay(drones) }] : [],
      }));
  });
}

function supposed(
  apiaries: readonly Pick<ColonyMeant, 'apiary' | 'hooks' | 'planned'>[],
  counted: Asked['counted'],
): readonly string[] {
  const THINGS_ASKED: readonly Thing[] = ['brood-box', 'nuc-box', 'super'];
  return [
    ...apiaries.flatMap(({ apiary, hooks, planned }) => [
      ...(planned.year.entered?.spans.some(({ kind }) => kind === 'swarm-season')
        ? []
        : [supposedYearWords(apiary.name)]),
      ...(hooks.flow ? [] : [supposedFlowWords(apiary.name, flowFrom(hooks))]),
      ...(apiary.year?.starts.drones === undefined ? [supposedDronesWords(apiary.name)] : []),
    ]),
    ...(THINGS_ASKED.every((thing) => counted(thing) === null) ? [uncountedWords] : []),
  ];
}

/** What is meant now, or has given way since a day, told on Today. */
export interface MeantNow {
  readonly colonyId: string;
  readonly name: string;
  readonly key: string;
  readonly words: string;
  readonly start: string | null;
}

/** So long after it gave way a keeper is told of it where he looks every day. */
const TOLD_DAYS = 7;

/** What is meant with one colony and is not over, with what of it was dropped lately. */
export const meantOf = (meant: readonly ColonyMeant[], colonyId: string, today: Day): readonly MeantNow[] =>
  meant
    .filter(({ colony }) => colony.id === colonyId)
    .flatMap(({ colony, intentions }) =>
      intentions
        .filter((one) => one.status === 'to-come' || isToldNow(one, today))
        .map((one) => toldOf(colony, one, today)),
    );

export const meantNow = (meant: readonly ColonyMeant[], today: Day): readonly MeantNow[] =>
  meant.flatMap(({ colony, intentions }) =>
    intentions.filter((one) => isToldNow(one, today)).map((one) => toldOf(colony, one, today)),
  );

/** Its time is there, or it gave way or lapsed a little while ago. */
function isToldNow({ status, because, window }: Intention, today: Day): boolean {
  if (status === 'now' || status === 'held') return true;
  if (status === 'lapsed') return today - window.latest <= TOLD_DAYS;
  return status === 'dropped' && because !== null && 'on' in because && today - because.on <= TOLD_DAYS;
}

function toldOf({ id: colonyId, name }: NamedColony, intention: Intention, today: Day): MeantNow {
  const { key, words, start } = intentionView(colonyId, intention, today);
  return { colonyId, name, key, words, start };
}
