import { type Day, daysBetween } from '../calendar/day';
import { grouped } from '../grouped';
import {
  fitAt,
  hasTimeAlone,
  mayBeDone,
  type RoundApiary,
  type RoundCheck,
  type RoundDay,
  type RoundsAsked,
} from './asked';
import type { Row, Sum } from './model';

/** What lets a colony swarm or a virgin out unseen is not left to the last day of its window, where that can be. */
export const GRAVEST = 100;

/** The question when to go where, as a programme over yes and no. */
export interface Statement {
  readonly variables: number;
  readonly rows: readonly Row[];
  /** What is to be least, in this order: each as small as those before it let it be. */
  readonly goals: { readonly [G in Goal]: Sum };
  /** The last goal, which no plan's cost tells: as few checks as can be on another day than the keeper last saw. */
  readonly moved: Sum;
  /** The check that each of the first variables says is done on a day. */
  readonly done: readonly { readonly check: RoundCheck; readonly on: Day }[];
  /** The round that each of those after them says is made. */
  readonly made: readonly { readonly apiary: string; readonly on: Day }[];
}

export const GOALS = ['unmetWeight', 'lastDay', 'wayMinutes', 'rounds', 'daysOff'] as const;
export type Goal = (typeof GOALS)[number];

/** What is not done weighs as much less as is done: the constant is left out of the goal and comes back in the plan's cost. */
export function statementOf(asked: RoundsAsked): Statement {
  const { days, apiaries, checks, pinned, together } = asked;
  const forbidden = new Set(asked.forbidden);
  const apiaryOf = new Map(apiaries.map((apiary) => [apiary.id, apiary]));
  const overrun = overrunDays(asked);
  const done = checks.flatMap((check) => {
    const apiary = apiaryOf.get(check.apiary);
    return days
      .filter(
        (day) => apiary && !overrun.has(day.on) && mayBeDone(check, day, forbidden) && hasTimeAlone(check, day, apiary),
      )
      .map(({ on }) => ({ check, on }));
  });
  const isPinned = new Set(pinned.map(({ on, apiary }) => `${on} ${apiary}`));
  const visited = new Set([...done.map(({ check, on }) => `${on} ${check.apiary}`), ...isPinned]);
  const made = days.flatMap(({ on }) =>
    apiaries.filter(({ id }) => visited.has(`${on} ${id}`)).map(({ id }) => ({ apiary: id, on })),
  );
  const madeAt = new Map(made.map(({ apiary, on }, i) => [`${on} ${apiary}`, done.length + i]));
  const roundOf = (apiary: string, on: Day): number => madeAt.get(`${on} ${apiary}`) as number;
  const doneAt = new Map(done.map(({ check, on }, i) => [`${check.id} ${on}`, i]));
  const byCheck = grouped(done.keys(), (i) => done[i]?.check.id);
  const minutesOf = (on: Day): Sum => [
    ...done.flatMap((one, of) => (one.on === on ? [{ of, times: one.check.minutes }] : [])),
    ...made.flatMap((one, i) =>
      one.on === on ? [{ of: done.length + i, times: apiaryOf.get(one.apiary)?.wayMinutes ?? 0 }] : [],
    ),
  ];
  const rows: Row[] = [
    // Once at most.
    ...[...byCheck.values()]
      .filter((list) => list.length > 1)
      .map((list): Row => ({ sum: once(list), is: '<=', right: 1 })),
    // Only where somebody goes.
    ...done.map(
      ({ check, on }, of): Row => ({
        sum: [
          { of, times: 1 },
          { of: roundOf(check.apiary, on), times: -1 },
        ],
        is: '<=',
        right: 0,
      }),
    ),
    ...days
      .filter(({ on }) => !overrun.has(on))
      .map(({ on, freeMinutes }): Row => ({ sum: minutesOf(on), is: '<=', right: freeMinutes }))
      .filter(({ sum }) => sum.length > 0),
    ...days.flatMap((day) => apiaries.flatMap((apiary) => roundRows(day, apiary, done, madeAt))),
    ...days.filter(({ on, there }) => there && !overrun.has(on)).flatMap((day) => fitRows(day, apiaries, done)),
    ...pinned.map(({ on, apiary }): Row => ({ sum: [{ of: roundOf(apiary, on), times: 1 }], is: '=', right: 1 })),
    ...together.flatMap(([one, other]) =>
      days.flatMap(({ on }) => sameOn(doneAt.get(`${one} ${on}`), doneAt.get(`${other} ${on}`))),
    ),
  ];
  return {
    variables: done.length + made.length,
    rows,
    done,
    made,
    moved: done.flatMap(({ check, on }, of) => {
      const seenOn = asked.seen?.get(check.id);
      return seenOn === undefined || seenOn === on ? [] : [{ of, times: 1 }];
    }),
    goals: {
      unmetWeight: done.map(({ check }, of) => ({ of, times: -check.weight })),
      lastDay: done.flatMap(({ check, on }, of) => (isOnLastDay(check, on) ? [{ of, times: 1 }] : [])),
      wayMinutes: made.map(({ apiary }, i) => ({ of: done.length + i, times: apiaryOf.get(apiary)?.wayMinutes ?? 0 })),
      rounds: made.map((_, i) => ({ of: done.length + i, times: 1 })),
      daysOff: done.map(({ check, on }, of) => ({ of, times: Math.abs(daysBetween(check.window.ideal, on)) })),
    },
  };
}

/** Days on which the ways of pinned rounds alone take more time than there is: they stand, and nothing is done. */
export function overrunDays({
  days,
  apiaries,
  pinned,
}: Pick<RoundsAsked, 'days' | 'apiaries' | 'pinned'>): ReadonlySet<Day> {
  const wayOf = new Map(apiaries.map(({ id, wayMinutes }) => [id, wayMinutes]));
  const waysOn = (on: Day) =>
    pinned.filter((pin) => pin.on === on).reduce((sum, { apiary }) => sum + (wayOf.get(apiary) ?? 0), 0);
  return new Set(days.filter(({ on, freeMinutes }) => waysOn(on) > freeMinutes).map(({ on }) => on));
}

/** No day is in hand if it rains. */
export const isOnLastDay = ({ weight, window, isPressing = false }: RoundCheck, on: Day): boolean =>
  weight === GRAVEST &&
  window.earliest < window.latest &&
  (on === window.latest || (isPressing && on > window.earliest));

/**
 * Work at an apiary goes into the hours that are fit for it there, and into those that the way leaves. The day's own row says the second as
 * well; said by the round, it tells the solver more of half a round, which there is not.
 */
function roundRows(
  day: RoundDay,
  { id, wayMinutes }: RoundApiary,
  done: Statement['done'],
  madeAt: ReadonlyMap<string, number>,
): readonly Row[] {
  const { openMinutes, briefMinutes } = fitAt(day, id);
  const round = madeAt.get(`${day.on} ${id}`);
  const row = (isIn: (check: RoundCheck) => boolean, minutes: number): readonly Row[] => {
    const sum = workOn(day, done, (check) => check.apiary === id && isIn(check));
    const most = Math.min(minutes, day.freeMinutes - wayMinutes);
    if (round === undefined || sum.length === 0 || total(sum) <= most) return [];
    return [{ sum: [...sum, { of: round, times: -most }], is: '<=', right: 0 }];
  };
  return [...row(({ opens }) => opens, openMinutes), ...row(() => true, briefMinutes)];
}

/** At all apiaries together work goes into the fit hours of the one that has most, since nobody is at two places at once. */
function fitRows(day: RoundDay, apiaries: readonly RoundApiary[], done: Statement['done']): readonly Row[] {
  const fits = apiaries.map(({ id }) => fitAt(day, id));
  const most = (minutes: 'openMinutes' | 'briefMinutes') => Math.max(0, ...fits.map((fit) => fit[minutes]));
  const row = (isIn: (check: RoundCheck) => boolean, right: number): readonly Row[] => {
    const sum = workOn(day, done, isIn);
    return total(sum) <= right ? [] : [{ sum, is: '<=', right }];
  };
  return [...row(({ opens }) => opens, most('openMinutes')), ...row(() => true, most('briefMinutes'))];
}

const workOn = ({ on }: RoundDay, done: Statement['done'], isIn: (check: RoundCheck) => boolean): Sum =>
  done.flatMap((one, of) => (one.on === on && isIn(one.check) ? [{ of, times: one.check.minutes }] : []));

const total = (sum: Sum): number => sum.reduce((minutes, { times }) => minutes + times, 0);

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
