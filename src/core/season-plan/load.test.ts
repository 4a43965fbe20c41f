import { describe, expect, it } from 'vitest';
import { type Day, formatDay } from '../calendar/day';
import type { Thing } from '../methods/thing';
import { iso } from '../programmes/testing';
import { USUAL_MINUTES } from '../rounds/work';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { intentionsOf } from './intentions';
import { atTheEnd, type LoadAsked, plannedWeeks, shortThings, weeksOf } from './load';
import type { SeasonPlan } from './plan';
import { fewerTakers, weeksTooFull } from './remedies';
import { aPlan, HOOKS, NORTH, NOTHING_SEEN, on } from './testing';
import type { WayName } from './way';

const colonyOf = (id: string, way: WayName, today: Day, over: Partial<SeasonPlan> = {}) => ({
  id,
  apiaryId: 'garden',
  year: NORTH,
  intentions: intentionsOf(aPlan(way, over), HOOKS, NOTHING_SEEN, today),
});
const asked = (colonies: LoadAsked['colonies'], over: Partial<LoadAsked> = {}): LoadAsked => ({
  colonies,
  season: HOOKS.season,
  today: on('02-10'),
  settings: DEFAULT_SETTINGS,
  minutes: USUAL_MINUTES,
  wayOf: () => 20,
  ...over,
});
const many = (n: number, way: WayName, today = on('02-10')) =>
  Array.from({ length: n }, (_, i) => colonyOf(`c${i}`, way, today));
const weekOf = (all: ReturnType<typeof plannedWeeks>, day: string) =>
  all.find(({ from, to }) => from <= on(day) && on(day) <= to);

describe('a season by its weeks', () => {
  it('begins with its first day or today, on Mondays, and ends with its last', () => {
    const weeks = weeksOf({ season: HOOKS.season, today: on('02-10') });
    expect(weeks.slice(0, 2).map(({ from, to }) => `${iso(from)} ${iso(to)}`)).toEqual(['03-01 03-07', '03-08 03-14']);
    expect(weeks.at(-1)).toEqual({ from: on('10-25'), to: on('10-31') });
    expect(weeksOf({ season: HOOKS.season, today: on('05-20') })[0]).toEqual({ from: on('05-20'), to: on('05-23') });
  });

  it('asks for inspections, what is meant with its follow-ups, and the way once', () => {
    const { look, method, 'cells-above': above } = USUAL_MINUTES;
    const idle = plannedWeeks(asked([{ ...colonyOf('a', 'demaree', on('02-10')), intentions: [] }]));
    expect(weekOf(idle, '05-12')).toMatchObject({ minutes: look + 3 + 20, meant: 0 });
    const weeks = plannedWeeks(asked(many(1, 'demaree')));
    // The Demaree of 1 June does for the inspection of that week; a week later come its two boxes.
    expect(weekOf(weeks, '06-01')?.minutes).toBe(method + 3 + 20);
    expect(weekOf(weeks, '06-08')?.minutes).toBe(above + 3 + look + 3 + 20);
    // Five evenings of three hours and two days of eight.
    expect(weekOf(weeks, '06-08')?.free).toBe((5 * 3 + 2 * 8) * 60);
  });

  it('leaves out days away, and what waits for cells that may never come', () => {
    const away = { ...DEFAULT_SETTINGS, away: [{ from: '2027-06-07', to: '2027-06-13', why: 'sea' }] };
    expect(weekOf(plannedWeeks(asked(many(1, 'demaree'), { settings: away })), '06-08')?.free).toBe(0);
    const waiting = plannedWeeks(asked(many(1, 'wait-for-cells')));
    expect(waiting.reduce((sum, { meant }) => sum + meant, 0)).toBe(
      // The super and its check.
      USUAL_MINUTES['make-room'] + USUAL_MINUTES.look + 6,
    );
  });

  it('plans nothing on a day that is over', () => {
    const weeks = plannedWeeks(asked(many(1, 'demaree', on('06-10')), { today: on('06-10') }));
    expect(weekOf(weeks, '06-10')?.meant).toBe(USUAL_MINUTES.method + 3);
  });
});

describe('a week with too much work', () => {
  // Nine hours at weekends alone are not enough for eleven colonies.
  const few = { ...DEFAULT_SETTINGS, freeWeek: [[{ from: 600, to: 1080 }], [], [], [], [], [], []] };
  const full = asked(many(9, 'demaree'), { settings: few });

  it('is said, with acts that can go to another day so that it goes', () => {
    expect(weeksTooFull(full).some(({ week }) => week.from <= on('06-01') && on('06-01') <= week.to)).toBe(false);
    const more = asked(many(11, 'demaree'), { settings: few });
    const week = weeksTooFull(more).find(({ week: { from, to } }) => from <= on('06-01') && on('06-01') <= to);
    expect(week?.over).toBe(11 * 48 + 20 - 480);
    expect(week?.move?.length).toBeGreaterThan(0);
    const moved = new Map(week?.move?.map(({ colonyId, to }) => [colonyId, to]));
    const after = more.colonies.map((colony) => {
      const to = moved.get(colony.id);
      return to === undefined
        ? colony
        : colonyOf(colony.id, 'demaree', more.today, { moved: new Map([['demaree', to]]) });
    });
    const left = plannedWeeks({ ...more, colonies: after }).find(({ from }) => from === week?.week.from);
    expect((left?.minutes ?? 0) <= (left?.free ?? 0)).toBe(true);
    for (const { to } of week?.move ?? []) expect(to >= on('05-22') && to <= on('06-15')).toBe(true);
  });

  it('says how many would have to go where none can be moved', () => {
    const none = { ...few, freeWeek: [[{ from: 600, to: 840 }], [], [], [], [], [], []] };
    const found = weeksTooFull(asked(many(11, 'demaree'), { settings: none }));
    const inJune = found.find(({ week }) => week.from <= on('06-01') && on('06-01') <= week.to);
    expect(inJune?.move).toBeNull();
    expect(inJune?.fewer?.length).toBeGreaterThan(3);
  });
});

describe('things for all that is meant', () => {
  const counted = (counts: Partial<Record<Thing, number>>) => (thing: Thing) => counts[thing] ?? null;

  it('says what is short, from which day, and who takes it', () => {
    const short = shortThings(asked(many(5, 'demaree')), counted({ 'brood-box': 3, super: 20 }));
    expect(short.map(({ of, short: n, on: from }) => `${of} ${n} ${iso(from)}`)).toEqual(['brood-box 2 06-01']);
    expect(fewerTakers(short[0] as never)).toBe(2);
    expect(short[0]?.takers).toHaveLength(5);
  });

  it('asks nothing of what was never counted; either of two things will do', () => {
    expect(shortThings(asked(many(5, 'demaree')), counted({}))).toEqual([]);
    const comb = shortThings(asked(many(2, 'demaree')), counted({ 'drawn-comb': 5, foundation: 10 }));
    expect(comb.map(({ of, short }) => [of, short])).toEqual([[['drawn-comb', 'foundation'], 5]]);
  });

  it('what comes free in time does twice', () => {
    const early = colonyOf('a', 'increase', on('02-10'), {
      method: 'vertical-split',
      moved: new Map([['split', on('04-10')]]),
    });
    const late = (day: string) =>
      colonyOf('b', 'increase', on('02-10'), { method: 'vertical-split', moved: new Map([['split', on(day)]]) });
    const board = (day: string) =>
      shortThings(asked([early, late(day)]), counted({ 'split-board': 1 })).map(
        ({ short, on: from }) => `${short} ${formatDay(from)}`,
      );
    expect(board('04-20')).toEqual(['1 2027-04-20']);
    expect(board('05-25')).toEqual([]);
  });

  it('counts colonies and boxes at the end, and those that come if cells do', () => {
    const colonies = [
      colonyOf('a', 'increase', on('02-10'), { count: 3 }),
      colonyOf('b', 'wait-for-cells', on('02-10')),
      colonyOf('c', 'demaree', on('02-10')),
    ];
    const end = atTheEnd({ colonies });
    expect([end.colonies, end.moreIfCells]).toEqual([6, 1]);
    expect(Object.fromEntries(end.boxes)).toMatchObject({ super: 4, 'brood-box': 1 });
  });
});
