import { figure } from '../biology/figure';
import { addDays, type Day, dayOfWeek, earliestOf, latestOf } from '../calendar/day';
import type { DayRange } from '../calendar/window';
import { methodNamed, newUnitOf } from '../methods/methods';
import { planMethod, USUAL_CHOICES } from '../methods/plan';
import type { Brings, Thing } from '../methods/thing';
import { WORKING_SPAN } from '../rounds/fit-hours';
import { KIND_OF, type MinutesByKind, OPENING_MINUTES, type VisitKind } from '../rounds/work';
import { freeOn, minutesIn, within } from '../settings/free-time';
import { AFTER_SEASON_INTERVAL, BUILD_UP_INTERVAL, type Settings } from '../settings/settings';
import { seasonPart } from '../year/beekeeping-year';
import type { PlaceYear } from '../year/place-year';
import type { Intention } from './intentions';

/** A thorough inspection earns a week in the swarm season (the hidden-cell rule). */
const WEEKLY = figure('inspected-in-the-swarm-season-every', 7, 'days-between', 'caution').value;
const WEEK = 7;

/** A colony of the plan, with what is meant to be done to it. */
export interface PlannedColony {
  readonly id: string;
  readonly apiaryId: string;
  readonly year: PlaceYear;
  readonly intentions: readonly Intention[];
}

export interface LoadAsked {
  readonly colonies: readonly PlannedColony[];
  readonly season: DayRange;
  readonly today: Day;
  readonly settings: Settings;
  readonly minutes: MinutesByKind;
  /** There and back, min, by apiary. */
  readonly wayOf: (apiaryId: string) => number;
}

/** Work that is meant at a colony on a day, and what it brings along. */
export interface MeantWork {
  readonly colonyId: string;
  readonly apiaryId: string;
  /** The intention it comes of; null: an inspection as usual. */
  readonly key: string | null;
  readonly on: Day;
  readonly minutes: number;
}

/** A week from Monday to Sunday, as far as it lies in the season and is not over. */
export interface PlannedWeek {
  readonly from: Day;
  readonly to: Day;
  /** At the hives, and on the way there. */
  readonly minutes: number;
  /** Of them those that come of what is meant, and not of inspections as usual. */
  readonly meant: number;
  readonly free: number;
}

/** What is still to be done of what is meant; what waits for cells that may never come is left out. */
export const isStillMeant = ({ status, isIfCells }: Intention): boolean =>
  !isIfCells && (status === 'to-come' || status === 'now' || status === 'held');

const mondayOf = (on: Day): Day => addDays(on, -((dayOfWeek(on) + 6) % WEEK));

/** The weeks of a season from today on. */
export function weeksOf({ season, today }: Pick<LoadAsked, 'season' | 'today'>): readonly DayRange[] {
  const weeks: DayRange[] = [];
  const first = latestOf(season.from, today);
  for (let monday = mondayOf(first); monday <= season.to; monday = addDays(monday, WEEK))
    weeks.push({ from: latestOf(monday, first), to: earliestOf(addDays(monday, WEEK - 1), season.to) });
  return weeks;
}

/** The day on which something that is meant is planned: no day that is over. */
export const plannedDay = ({ on }: Intention, today: Day): Day => latestOf(on, today);

/** What an intention asks for: the method on its day, its follow-ups on theirs. */
export function workOf(
  colony: PlannedColony,
  intention: Intention,
  { settings, minutes, today, season }: LoadAsked,
): readonly MeantWork[] {
  const { id: colonyId, apiaryId } = colony;
  const { key, method } = intention;
  const definition = methodNamed(method);
  const on = plannedDay(intention, today);
  const at = (day: Day, kind: VisitKind): MeantWork => ({
    colonyId,
    apiaryId,
    key,
    on: day,
    minutes: minutes[kind] + OPENING_MINUTES,
  });
  const { checks, eggsBy } = planMethod(
    definition,
    { ...USUAL_CHOICES, secondThinning: settings.secondThinning, on },
    settings,
  );
  const followUps = checks
    .filter(({ code }) => code !== 'turn-hive' && code !== 'shift-boxes')
    .map(({ code, window }) => at(window.ideal, KIND_OF[code as keyof typeof KIND_OF]));
  const newUnit = newUnitOf(definition);
  // A colony more is inspected too, once its queen lays.
  const from = eggsBy ? eggsBy.latest : addDays(on, WEEKLY);
  const looks = newUnit ? routineDays(colony.year, { from, to: season.to }) : [];
  return [
    at(on, definition.kind === 'room' ? 'make-room' : 'method'),
    ...followUps,
    ...looks.map((day) => at(day, 'look')),
  ];
}

/** Days on which a colony is inspected as usual, by the part of its year: from one on, each so long after the last. */
function routineDays(year: PlaceYear, { from, to }: DayRange): readonly Day[] {
  const days: Day[] = [];
  let before: Day | null = null;
  for (let on = from; on <= to; on = addDays(on, 1)) {
    const part = seasonPart(on, year);
    if (part === 'rest') continue;
    const every =
      part === 'swarm-season' ? WEEKLY : part === 'build-up' ? BUILD_UP_INTERVAL.value : AFTER_SEASON_INTERVAL.value;
    if (before !== null && on - before < every) continue;
    days.push(on);
    before = on;
  }
  return days;
}

type ForWork = Pick<LoadAsked, 'season' | 'today' | 'settings' | 'minutes'>;
/** The work of each colony as last reckoned: where one act is tried elsewhere, that of all others is as it was. */
const KEPT = new WeakMap<PlannedColony, { readonly of: ForWork; readonly work: readonly MeantWork[] }>();

function colonyWork(colony: PlannedColony, asked: LoadAsked): readonly MeantWork[] {
  const { season, today, settings, minutes } = asked;
  const kept = KEPT.get(colony);
  if (
    kept &&
    kept.of.season === season &&
    kept.of.today === today &&
    kept.of.settings === settings &&
    kept.of.minutes === minutes
  )
    return kept.work;
  const meant = colony.intentions.filter(isStillMeant).flatMap((intention) => workOf(colony, intention, asked));
  const weeks = new Set(meant.map(({ on }) => mondayOf(on)));
  const usual = routineDays(colony.year, { from: latestOf(season.from, today), to: season.to })
    .filter((on) => !weeks.has(mondayOf(on)))
    .map((on) => ({
      colonyId: colony.id,
      apiaryId: colony.apiaryId,
      key: null,
      on,
      minutes: minutes.look + OPENING_MINUTES,
    }));
  const work = [...meant, ...usual];
  KEPT.set(colony, { of: { season, today, settings, minutes }, work });
  return work;
}

/** All work of the season that is meant or usual. A method does for an inspection of the same week. */
export const allWork = (asked: LoadAsked): readonly MeantWork[] =>
  asked.colonies.flatMap((colony) => colonyWork(colony, asked));

/** The weeks of a season with the hours that they ask and those that are free. To each apiary one goes once in a week with work there. */
export function plannedWeeks(asked: LoadAsked): readonly PlannedWeek[] {
  const work = allWork(asked);
  return weeksOf(asked).map(({ from, to }) => {
    const own = work.filter(({ on }) => from <= on && on <= to);
    const ways = [...new Set(own.map(({ apiaryId }) => apiaryId))].reduce((sum, id) => sum + asked.wayOf(id), 0);
    const sum = (of: readonly MeantWork[]) => of.reduce((total, one) => total + one.minutes, 0);
    return {
      from,
      to,
      minutes: sum(own) + ways,
      meant: sum(own.filter(({ key }) => key !== null)),
      free: freeMinutes(asked.settings, { from, to }),
    };
  });
}

function freeMinutes(settings: Settings, { from, to }: DayRange): number {
  let minutes = 0;
  for (let on = from; on <= to; on = addDays(on, 1)) minutes += minutesIn(within(freeOn(settings, on), WORKING_SPAN));
  return minutes;
}

/** A thing that is short from a day on. */
export interface ShortThing {
  /** Any of these would do. */
  readonly of: readonly Thing[];
  readonly short: number;
  /** The day from which so many are wanting: the most of the season. */
  readonly on: Day;
  /** How many each of the acts that take it takes, and which those are up to that day. */
  readonly takers: readonly { readonly colonyId: string; readonly key: string; readonly count: number }[];
}

/** When a thing that a method took comes free again, by its last follow-up; null: it stays. */
function freeFrom(intention: Intention, comesFree: Brings['comesFree'], asked: LoadAsked): Day | null {
  if (comesFree !== 'method-over') return null;
  const on = plannedDay(intention, asked.today);
  const { checks } = planMethod(methodNamed(intention.method), { ...USUAL_CHOICES, on }, asked.settings);
  return checks.reduce<Day>((last, { window }) => latestOf(last, window.latest), on);
}

/** What an act that is still meant takes, and when it comes free again. */
interface Take extends Brings {
  readonly colonyId: string;
  readonly key: string;
  readonly on: Day;
  /** Null: it stays out. */
  readonly free: Day | null;
}

const takesOf = (asked: LoadAsked): readonly Take[] =>
  asked.colonies.flatMap((colony) =>
    colony.intentions.filter(isStillMeant).flatMap((intention) =>
      methodNamed(intention.method).kit.flatMap(({ brings }) =>
        brings.map((one) => ({
          ...one,
          colonyId: colony.id,
          key: intention.key,
          on: plannedDay(intention, asked.today),
          free: freeFrom(intention, one.comesFree, asked),
        })),
      ),
    ),
  );

/** How many of some takes are out on a day. */
const outOn = (takes: readonly Take[], day: Day): number =>
  takes.reduce((sum, { on, free, count }) => sum + (on <= day && (free === null || free >= day) ? count : 0), 0);

/** The boxes that acts put on hives. */
export const BOXES = ['nuc-box', 'brood-box', 'super'] as const satisfies readonly Thing[];
export type BoxThing = (typeof BOXES)[number];

/** How many boxes more than today are on hives at the end of each week, by what is meant. */
export function boxesByWeek(asked: LoadAsked): readonly { readonly [B in BoxThing]: number }[] {
  const takes = takesOf(asked);
  const of = (thing: BoxThing) => takes.filter((take) => take.of[0] === thing);
  const own = { 'nuc-box': of('nuc-box'), 'brood-box': of('brood-box'), super: of('super') };
  return weeksOf(asked).map(({ to }) => ({
    'nuc-box': outOn(own['nuc-box'], to),
    'brood-box': outOn(own['brood-box'], to),
    super: outOn(own.super, to),
  }));
}

/**
 * Of what is counted, what is short for all that is meant, thing by thing: what methods take and what comes free of them, day by day.
 *
 * @param counted how many there are of a thing, apart from those on hives; null: it was never counted
 */
export function shortThings(asked: LoadAsked, counted: (thing: Thing) => number | null): readonly ShortThing[] {
  const takes = takesOf(asked);
  const groups = new Map<string, readonly Take[]>();
  for (const take of takes) groups.set(take.of.join(), [...(groups.get(take.of.join()) ?? []), take]);
  return [...groups.values()].flatMap((own): ShortThing[] => {
    const [first] = own;
    const have = first ? first.of.map(counted) : [];
    if (!first || have.every((count) => count === null)) return [];
    const there = have.reduce<number>((sum, count) => sum + (count ?? 0), 0);
    const worst = own
      .map(({ on }) => ({ on, short: outOn(own, on) - there }))
      .sort((a, b) => b.short - a.short || a.on - b.on)[0];
    if (!worst || worst.short <= 0) return [];
    const takers = own.filter(({ on, free }) => on <= worst.on && (free === null || free >= worst.on));
    return [
      {
        of: first.of,
        ...worst,
        takers: takers.map(({ colonyId, key, count }) => ({ colonyId, key, count })),
      },
    ];
  });
}

/** How many colonies there will be at the end, and what they live in beside what they have now. */
export interface AtTheEnd {
  readonly colonies: number;
  /** More, if cells come wherever they are waited for. */
  readonly moreIfCells: number;
  readonly boxes: ReadonlyMap<Thing, number>;
}

export function atTheEnd({ colonies }: Pick<LoadAsked, 'colonies'>): AtTheEnd {
  const boxes = new Map<Thing, number>();
  let [more, ifCells] = [0, 0];
  for (const { intentions } of colonies) {
    for (const intention of intentions) {
      const definition = methodNamed(intention.method);
      const isNew = newUnitOf(definition) !== undefined;
      if (intention.isIfCells && intention.status !== 'begun') {
        if (isNew && intention.status !== 'dropped' && intention.status !== 'lapsed') ifCells += 1;
        continue;
      }
      if (!isStillMeant(intention)) continue;
      if (isNew) more += 1;
      for (const { of, count, comesFree } of definition.kit.flatMap(({ brings }) => brings)) {
        const [thing] = of;
        if (comesFree === 'colony-ends' && BOXES.some((box) => box === thing) && thing)
          boxes.set(thing, (boxes.get(thing) ?? 0) + count);
      }
    }
  }
  return { colonies: colonies.length + more, moreIfCells: ifCells, boxes };
}
