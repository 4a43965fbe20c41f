import type { Day } from '../calendar/day';
import { grouped } from '../grouped';
import { joined, minutesIn, type Span } from '../settings/free-time';
import { type Alike, alikes } from './alike';
import { fitAt, hasTimeAlone, mayBeDone, type RoundCheck, type RoundDay, type RoundsAsked } from './asked';
import { lossOn, lossUndone } from './loss';
import type { Row, Sum } from './model';
import { type Roads, roadsOf, type Trip } from './road';
import { routesOn, type TimedDay, timedDays } from './timed-days';
import { type Timetables, timetables } from './timetable';

/** The question when to go where, as a programme over whole numbers. */
export interface Statement {
  /** Of each variable the most that it can be. */
  readonly most: readonly number[];
  readonly rows: readonly Row[];
  /** What is to be least, in this order: each as small as those before it let it be. */
  readonly goals: { readonly [G in Goal]: Sum };
  /** What of a goal is there with nothing done: the sums leave it out. */
  readonly undone: { readonly [G in Goal]: number };
  /** Of plans of which each goal is as good, one with most done, and then with fewest checks on another day than the keeper last saw. */
  readonly many: Sum;
  readonly moved: Sum;
  /** How many of those alike the first variables say are done on a day. */
  readonly done: readonly { readonly alike: Alike; readonly on: Day }[];
  /** The round that each of those after them says is made. */
  readonly made: readonly { readonly apiary: string; readonly on: Day }[];
  /** The trip that each of those after them says is made in place of the ways of its apiaries. */
  readonly driven: readonly { readonly trip: Trip; readonly on: Day }[];
  /** The minutes on the road of each day. */
  readonly road: ReadonlyMap<Day, Sum>;
  /** The days that are laid out by the clock, with the variables that say how. */
  readonly laid: readonly TimedDay[];
}

export const GOALS = ['heavy', 'lastDay', 'light', 'minutes', 'rounds', 'daysOff'] as const;
export type Goal = (typeof GOALS)[number];

/** Minutes on the road weigh so much more than those of a light check for each day that it is done early. */
export const ROAD_TIMES = 7;

/** The roads of a question, and its days by the clock. */
export interface Ways {
  readonly roads: Roads;
  readonly clock: Timetables;
}

export function waysOf({ apiaries, between }: Pick<RoundsAsked, 'apiaries' | 'between'>): Ways {
  const roads = roadsOf(apiaries, between);
  const ids = apiaries.map(({ id }) => id);
  return { roads, clock: timetables(ids, roads) };
}

/** Whether a check can be done on a day if nothing else is done that day. */
export const couldBeDone = (
  check: RoundCheck,
  day: RoundDay,
  forbidden: ReadonlySet<Day>,
  { roads, clock }: Ways,
): boolean =>
  mayBeDone(check, day, forbidden) &&
  hasTimeAlone(check, day, roads.leastTo(check.apiary), clock.mostInOneGo(day, check.apiary));

/**
 * @param timed days of which the rounds are laid out by the clock in the programme itself; of others the hours are only counted, and whether
 * they can be laid out is for whoever asks
 */
export function statementOf(asked: RoundsAsked, { roads, clock }: Ways, timed: ReadonlySet<Day>): Statement {
  const { days, apiaries, checks, pinned, together } = asked;
  const forbidden = new Set(asked.forbidden);
  const wayOf = new Map(apiaries.map(({ id, wayMinutes }) => [id, wayMinutes]));
  const overrun = overrunDays(asked, { roads, clock });
  const done = alikes(asked).flatMap((alike) =>
    days
      .filter((day) => !overrun.has(day.on) && couldBeDone(alike.one, day, forbidden, { roads, clock }))
      .map(({ on }) => ({ alike, on })),
  );
  const isPinned = new Set(pinned.map(({ on, apiary }) => `${on} ${apiary}`));
  const visited = new Set([...done.map(({ alike, on }) => `${on} ${alike.one.apiary}`), ...isPinned]);
  const made = days.flatMap(({ on }) =>
    apiaries.filter(({ id }) => visited.has(`${on} ${id}`)).map(({ id }) => ({ apiary: id, on })),
  );
  // A day on which there are too many routes to look at is not laid out.
  const routes = new Map(
    days
      .filter(({ on }) => timed.has(on))
      .flatMap((day) => {
        const there = made.filter(({ on }) => on === day.on).map(({ apiary }) => apiary);
        const found = routesOn(day, there, asked, clock);
        return found === null ? [] : [[day.on, found] as const];
      }),
  );
  const driven = days.flatMap(({ on }) =>
    (routes.has(on) ? [] : roads.trips)
      .filter((trip) => trip.apiaries.every((id) => visited.has(`${on} ${id}`)))
      .map((trip) => ({ trip, on })),
  );
  const madeAt = new Map(made.map(({ apiary, on }, i) => [`${on} ${apiary}`, done.length + i]));
  const roundOf = (apiary: string, on: Day): number => madeAt.get(`${on} ${apiary}`) as number;
  const firstTrip = done.length + made.length;
  const doneAt = new Map(done.flatMap(({ alike, on }, i) => alike.checks.map(({ id }) => [`${id} ${on}`, i] as const)));
  const doneOn = grouped(done.keys(), (i) => (done[i] as Statement['done'][number]).on);
  const workOn = (on: Day, isIn: (check: RoundCheck) => boolean): Sum =>
    (doneOn.get(on) ?? []).flatMap((of) => {
      const { one } = (done[of] as Statement['done'][number]).alike;
      return isIn(one) ? [{ of, times: one.minutes }] : [];
    });
  const laid = timedDays(
    days.filter(({ on }) => routes.has(on)),
    { made, firstRound: done.length, first: firstTrip + driven.length, routes, clock, asked, workOn },
  );
  const drivenOn = grouped(driven.keys(), (i) => (driven[i] as Statement['driven'][number]).on);
  const saved = ({ apiaries: list, minutes }: Trip) => list.reduce((sum, id) => sum + (wayOf.get(id) ?? 0), -minutes);
  const road = (isIn: (on: Day) => boolean): Sum => [
    ...made.flatMap(({ apiary, on }, i) =>
      isIn(on) && !routes.has(on) ? [{ of: done.length + i, times: wayOf.get(apiary) ?? 0 }] : [],
    ),
    ...driven.flatMap(({ trip, on }, i) => (isIn(on) ? [{ of: firstTrip + i, times: -saved(trip) }] : [])),
    ...laid.days.flatMap((day) => (isIn(day.on) ? day.routes.map(({ of, route }) => ({ of, times: route.road })) : [])),
  ];
  const total = (sum: Sum) => sum.reduce((minutes, { of, times }) => minutes + times * (most[of] as number), 0);
  const most = [
    ...done.map(({ alike }) => alike.checks.length),
    ...made.map(() => 1),
    ...driven.map(() => 1),
    ...laid.most,
  ];

  const rows: Row[] = [
    // Each once at most.
    ...[...grouped(done.keys(), (i) => done[i]?.alike).entries()].flatMap(([alike, list]): Row[] =>
      alike && list.length > 1 ? [{ sum: once(list), is: '<=', right: alike.checks.length }] : [],
    ),
    // Only where somebody goes.
    ...done.map(
      ({ alike, on }, of): Row => ({
        sum: [
          { of, times: 1 },
          { of: roundOf(alike.one.apiary, on), times: -alike.checks.length },
        ],
        is: '<=',
        right: 0,
      }),
    ),
    // A trip over those apiaries alone to which somebody goes, each in one trip at most; and nobody goes for the sake of a trip.
    ...made.flatMap(({ apiary, on }, i): Row[] => {
      const trips = (drivenOn.get(on) ?? []).filter((at) => driven[at]?.trip.apiaries.includes(apiary));
      if (trips.length === 0 && !routes.has(on)) return [];
      const own = (doneOn.get(on) ?? []).filter((of) => done[of]?.alike.one.apiary === apiary);
      const round = { of: done.length + i, times: 1 };
      return [
        ...(trips.length === 0
          ? []
          : [
              {
                sum: [...once(trips.map((at) => firstTrip + at)), { ...round, times: -1 }],
                is: '<=' as const,
                right: 0,
              },
            ]),
        ...(isPinned.has(`${on} ${apiary}`)
          ? []
          : [{ sum: [round, ...own.map((of) => ({ of, times: -1 }))], is: '<=' as const, right: 0 }]),
      ];
    }),
    ...days
      .filter(({ on }) => !overrun.has(on))
      .map(
        ({ on, freeMinutes }): Row => ({
          sum: [...workOn(on, () => true), ...road((other) => other === on)],
          is: '<=',
          right: freeMinutes,
        }),
      )
      .filter(({ sum }) => sum.length > 0),
    ...days
      .filter(({ on }) => !overrun.has(on))
      .flatMap((day) => [
        ...apiaries.flatMap(({ id }) =>
          roundRows(day, id, madeAt.get(`${day.on} ${id}`), { roads, clock }, workOn, total),
        ),
        ...fitRows(day, asked, workOn, total),
      ]),
    ...laid.rows,
    ...pinned.map(({ on, apiary }): Row => ({ sum: [{ of: roundOf(apiary, on), times: 1 }], is: '=', right: 1 })),
    ...together.flatMap(([one, other]) =>
      days.flatMap(({ on }) => sameOn(doneAt.get(`${one} ${on}`), doneAt.get(`${other} ${on}`))),
    ),
  ];
  const losses = done.map(({ alike, on }) => ({ on: lossOn(alike.one, on), not: lossUndone(alike.one, days) }));
  const goal = (of: (loss: (typeof losses)[number]) => number): Sum =>
    losses.flatMap((loss, i) => (of(loss) === 0 ? [] : [{ of: i, times: of(loss) }]));
  const notDone = checks.map((check) => lossUndone(check, days));
  return {
    most,
    rows,
    done,
    made,
    driven,
    road: new Map(days.map(({ on }) => [on, road((other) => other === on)])),
    laid: laid.days,
    goals: {
      heavy: goal(({ on, not }) => on.heavy - not.heavy),
      lastDay: goal(({ on }) => on.lastDay),
      light: goal(({ on, not }) => on.light - not.light),
      minutes: [
        ...goal(({ on }) => on.early),
        ...road(() => true).map(({ of, times }) => ({ of, times: ROAD_TIMES * times })),
      ],
      rounds: made.map((_, i) => ({ of: done.length + i, times: 1 })),
      daysOff: goal(({ on }) => on.off),
    },
    undone: {
      heavy: notDone.reduce((sum, { heavy }) => sum + heavy, 0),
      lastDay: 0,
      light: notDone.reduce((sum, { light }) => sum + light, 0),
      minutes: 0,
      rounds: 0,
      daysOff: 0,
    },
    many: done.map((_, of) => ({ of, times: -1 })),
    moved: done.flatMap(({ alike: { seenOn }, on }, of) =>
      seenOn === undefined || seenOn === on ? [] : [{ of, times: 1 }],
    ),
  };
}

/** Days on which the ways of pinned rounds alone take more time than there is: they stand, and nothing is done. */
export function overrunDays(
  { days, pinned }: Pick<RoundsAsked, 'days' | 'pinned'>,
  { roads, clock }: Ways,
): ReadonlySet<Day> {
  const pinsOn = grouped(pinned, ({ on }) => on);
  const isOver = (day: RoundDay) => {
    const pins = (pinsOn.get(day.on) ?? []).map(({ apiary }) => apiary);
    if (roads.least(pins) > day.freeMinutes) return true;
    const works = pins.map((apiary) => ({ apiary, open: 0, all: 0 }));
    return day.free !== undefined && pins.length > 0 && clock.road(day, works) === null;
  };
  return new Set(days.filter(isOver).map(({ on }) => on));
}

export type WorkOn = (on: Day, isIn: (check: RoundCheck) => boolean) => Sum;

/**
 * Work at an apiary goes into the hours that are fit for it there, and into those that the way leaves. The day's own row says the second as
 * well; said by the round, it tells the solver more of half a round, which there is not.
 */
function roundRows(
  day: RoundDay,
  apiary: string,
  round: number | undefined,
  { roads, clock }: Ways,
  workOn: WorkOn,
  total: (sum: Sum) => number,
): readonly Row[] {
  if (round === undefined) return [];
  const { open, brief } = clock.mostInOneGo(day, apiary);
  const row = (isIn: (check: RoundCheck) => boolean, minutes: number): readonly Row[] => {
    const sum = workOn(day.on, (check) => check.apiary === apiary && isIn(check));
    const right = Math.min(minutes, day.freeMinutes - roads.leastTo(apiary));
    if (sum.length === 0 || total(sum) <= right) return [];
    return [{ sum: [...sum, { of: round, times: -right }], is: '<=', right: 0 }];
  };
  return [...row(({ opens }) => opens, open), ...row(() => true, brief)];
}

/** Nobody is at two places at once: at all apiaries together work goes into hours in which it can be done at one of them. */
function fitRows(
  day: RoundDay,
  { apiaries }: RoundsAsked,
  workOn: WorkOn,
  total: (sum: Sum) => number,
): readonly Row[] {
  if (!day.free) return [];
  const fits = apiaries.map(({ id }) => fitAt(day, id));
  const minutes = (spans: readonly Span[]) => minutesIn(joined(spans));
  const row = (isIn: (check: RoundCheck) => boolean, right: number): readonly Row[] => {
    const sum = workOn(day.on, isIn);
    return total(sum) <= right ? [] : [{ sum, is: '<=', right }];
  };
  return [
    ...row(({ opens }) => opens, minutes(fits.flatMap(({ open }) => open ?? day.free ?? []))),
    ...row(() => true, minutes(fits.flatMap(({ brief }) => brief ?? day.free ?? []))),
  ];
}

const once = (list: readonly number[]): Sum => list.map((of) => ({ of, times: 1 }));

/** Both on a day, or neither; where one of them cannot be done that day, neither. */
function sameOn(one: number | undefined, other: number | undefined): readonly Row[] {
  const [some] = [one, other].filter((of) => of !== undefined);
  if (some === undefined) return [];
  if (one === undefined || other === undefined) return [{ sum: [{ of: some, times: 1 }], is: '=', right: 0 }];
  return [
    {
      sum: [
        { of: one, times: 1 },
        { of: other, times: -1 },
      ],
      is: '=',
      right: 0,
    },
  ];
}
