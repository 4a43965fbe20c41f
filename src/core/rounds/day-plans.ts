import type { Day } from '../calendar/day';
import { grouped } from '../grouped';
import type { RoundCheck, RoundDay, RoundsAsked } from './asked';
import type { Trip } from './road';
import type { Route } from './routes';
import type { Ways } from './statement';
import type { TimedDay } from './timed-days';
import { boundsOf, type FitSpell, type Laid, type Stop, stopsOn, type Work } from './timetable';

/** What a day comes to by what is done on it. */
export interface DayPlan {
  /** At each apiary that is visited, what weighs most first. */
  readonly works: readonly Work[];
  /** The trips with the least road, the hours apart. */
  readonly trips: readonly Trip[];
  /** Null: its hours are not known, or it cannot be laid out by them. */
  readonly laid: Laid | null;
  /** Minutes on the road. */
  readonly road: number;
}

/** The days of a question, by what is done on which. */
export interface DayPlans {
  readonly ways: Ways;
  readonly planned: (dayOf: ReadonlyMap<string, Day>) => ReadonlyMap<Day, DayPlan>;
  /** Days that cannot be laid out by the clock, or only on more road than was reckoned with. */
  readonly astray: (dayOf: ReadonlyMap<string, Day>, road: ReadonlyMap<Day, number>) => readonly Day[];
}

export function dayPlans({ days, checks, pinned }: RoundsAsked, ways: Ways): DayPlans {
  const { roads, clock } = ways;
  const known = new Map<string, DayPlan>();
  const pinsOn = grouped(pinned, ({ on }) => on);
  const planned = (dayOf: ReadonlyMap<string, Day>): ReadonlyMap<Day, DayPlan> => {
    const doneOn = grouped(
      checks.filter(({ id }) => dayOf.has(id)),
      ({ id }) => dayOf.get(id) as Day,
    );
    return new Map(
      days.flatMap((day) => {
        const works = worksOf(doneOn.get(day.on) ?? [], pinsOn.get(day.on) ?? []);
        if (works.length === 0) return [];
        const key = JSON.stringify([day.on, works]);
        const before = known.get(key);
        if (before) return [[day.on, before] as const];
        const trips = roads.parted(works.map(({ apiary }) => apiary));
        const laid = day.free ? clock.lay(day, works) : null;
        const road = laid?.road ?? trips.reduce((sum, { minutes }) => sum + minutes, 0);
        const plan = { works, trips, laid, road };
        known.set(key, plan);
        return [[day.on, plan] as const];
      }),
    );
  };
  return {
    ways,
    planned,
    astray: (dayOf, road) => {
      const plans = planned(dayOf);
      return days.flatMap(({ on, free }) => {
        const plan = plans.get(on);
        // Of a day on which nothing is done the pinned rounds stand, whatever its hours.
        const isDone = plan?.works.some(({ all }) => all > 0) ?? false;
        if (!plan || !free || !isDone) return [];
        return plan.laid === null || plan.laid.road > (road.get(on) ?? 0) ? [on] : [];
      });
    },
  };
}

/** The gravest first, so that a day's order is theirs where the road does not mind. */
function worksOf(done: readonly RoundCheck[], pins: readonly { readonly apiary: string }[]): readonly Work[] {
  const at = grouped(done, ({ apiary }) => apiary);
  const idle = pins.filter(({ apiary }) => !at.has(apiary)).map(({ apiary }) => ({ apiary, open: 0, all: 0 }));
  const minutes = (list: readonly RoundCheck[]) => list.reduce((sum, check) => sum + check.minutes, 0);
  // Of two as grave, the one that has fewer days left.
  const gravest = (list: readonly RoundCheck[]) =>
    list.reduce((most, { weight, window }) => Math.max(most, weight - window.latest / A_FAR_DAY), 0);
  return [
    ...[...at]
      .sort(([, a], [, b]) => gravest(b) - gravest(a))
      .map(([apiary, list]) => ({ apiary, open: minutes(list.filter(({ opens }) => opens)), all: minutes(list) })),
    ...idle,
  ];
}

/** So far off that a day divided by it counts for less than any weight. */
const A_FAR_DAY = 1_000_000;

/**
 * The variables of a day that is laid out in the programme, as its works say: by the shortest of its routes over them, since of routes that
 * are alike it has one. None of a day that cannot be made, such as one of a plan that was seen in other weather.
 */
export function laidValues(
  { routes, stops }: TimedDay,
  day: RoundDay,
  works: readonly Work[],
  { clock }: Ways,
): readonly (readonly [number, number])[] {
  const bounds = boundsOf(day);
  const workAt = new Map(works.map((work) => [work.apiary, work]));
  const hours = new Map(works.map(({ apiary }) => [apiary, clock.spells(day, apiary)]));
  const isOver = ({ apiaries }: Route) => apiaries.length === works.length && apiaries.every((id) => workAt.has(id));
  const [best] = routes
    .flatMap(({ of, route }) => {
      const made = bounds && isOver(route) ? stopsOn(hours, route, works, bounds) : null;
      return made ? [{ of, made, road: route.road }] : [];
    })
    .sort((a, b) => a.road - b.road);
  if (!best) return [];
  return [
    [best.of, 1],
    ...stops.flatMap((stop): (readonly [number, number])[] => {
      const made = best.made.find(({ apiary }) => apiary === stop.apiary);
      const { open = 0 } = workAt.get(stop.apiary) ?? {};
      const spell = made && stop.spells.find((one) => holds(one.spell, made, open));
      if (!spell) return [];
      const opens = openIn(spell.spell, made);
      return [
        [spell.of, 1],
        [stop.from, made.from],
        [stop.to, made.to],
        [stop.openFrom, opens.from],
        [stop.openTo, opens.to],
      ];
    }),
  ];
}

/** What of a stop lies in hours in which nests can be opened; of a spell of which that is not asked, all of it. */
const openIn = ({ open }: FitSpell, { from, to }: Stop) =>
  open ? { from: Math.max(from, open.from), to: Math.min(to, open.to) } : { from, to };

function holds(spell: FitSpell, stop: Stop, open: number): boolean {
  if (stop.from < spell.brief.from || stop.to > spell.brief.to) return false;
  const { from, to } = openIn(spell, stop);
  return open === 0 ? spell.open === null : spell.open !== null && to - from >= open;
}
