import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { formatDay } from '../core/calendar/day';
import { HOME } from '../core/kit/kit-entry';
import type { Fortnight } from '../core/rounds/plan-fortnight';
import type { Book } from '../db/open';
import { kitView } from '../views/kit-view';
import { todayView } from '../views/today-view';
import { loadApiaries } from './all-apiaries';
import { saveInspection } from './entries/save-inspection';
import { kitNow } from './kit/kit-now';
import { stockNow } from './kit/stock-now';
import { makePack } from './pack';
import { fortnightNow } from './rounds/fortnight-now';
import { besideRounds } from './rounds/week-page-now';
import { readAllFacts } from './season/season-facts';
import { meantInSeason, seasonPlanNow } from './season-plan/season-plan-now';
import { anEntry, DEMO_NOW, demoBook, id } from './testing';
import { hasSoundNumbers, workedOut } from './worked-out';

type Is = 'threw' | 'too-long' | 'nonsense';

/** Which reckoner has a fault, and what it does. */
const fault = vi.hoisted(() => ({ of: '', is: 'threw' as Is }));

/** A reckoner that does what the fault says while it is the one that is named, and what it does otherwise at other times. */
const faulty = vi.hoisted(
  () =>
    <A extends readonly unknown[], R>(name: string, real: (...of: A) => R, nonsense: (right: R) => unknown) =>
    (...of: A): R => {
      if (fault.of !== name) return real(...of);
      if (fault.is === 'threw') throw new Error('a fault that was put in');
      if (fault.is === 'too-long') for (;;) {}
      return nonsense(real(...of)) as R;
    },
);

vi.mock('../core/weather/weather-of', async (original) => {
  const real = await original<typeof import('../core/weather/weather-of')>();
  const spoilt = (right: ReturnType<typeof real.weatherOf>) => ({
    ...right,
    days: right.days.map((one) => ({ ...one, flightHours: Number.NaN })),
  });
  return { ...real, weatherOf: faulty('weather', real.weatherOf, spoilt) };
});
vi.mock('../core/scale/scale-of', async (original) => {
  const real = await original<typeof import('../core/scale/scale-of')>();
  return { ...real, scaleOf: faulty('scale', real.scaleOf, () => ({ flow: undefined })) };
});
vi.mock('../core/kit/stock', async (original) => {
  const real = await original<typeof import('../core/kit/stock')>();
  const spoilt = (right: ReturnType<typeof real.stockOf>) => ({
    ...right,
    lying: (...of: Parameters<typeof right.lying>) => ({ ...right.lying(...of), count: Number.NaN }),
  });
  return {
    ...real,
    // With nothing counted there is nothing to reckon.
    stockOf: (...of: Parameters<typeof real.stockOf>) =>
      of[0].length === 0 ? real.stockOf(...of) : faulty('kit', real.stockOf, spoilt)(...of),
  };
});
vi.mock('../core/season-plan/intentions', async (original) => {
  const real = await original<typeof import('../core/season-plan/intentions')>();
  return {
    ...real,
    intentionsOf: faulty('plan', real.intentionsOf, (right) => right.map((one) => ({ ...one, on: Number.NaN }))),
  };
});
vi.mock('./reckoned-within', () => ({ RECKONED_WITHIN: 200 }));

const { today } = DEMO_NOW;
let opened: Book;
beforeEach(() => {
  fault.of = '';
  opened = demoBook();
  // The devices that weigh and forecast here are the demo's.
  vi.stubEnv('UBBET_DEMO', '1');
  vi.spyOn(console, 'error').mockReturnValue();
});
afterEach(() => {
  vi.unstubAllEnvs();
  vi.restoreAllMocks();
  opened.sqlite.close();
});

/** What goes on whatever cannot be worked out: every colony is shown, an entry is taken, and a phone gets its book. */
function othersGoOn() {
  const all = loadApiaries(opened, today);
  expect(all.colonies).toHaveLength(17);
  expect(besideRounds(opened, all, DEMO_NOW)).toBeDefined();
  const { colony } = all.colonies[0] ?? expect.fail();
  expect(
    saveInspection(opened.db, anEntry({ id: id(1), colonyId: colony.id, at: DEMO_NOW.minute }), DEMO_NOW),
  ).toMatchObject({ ok: true });
  expect(makePack(opened, DEMO_NOW).colonies).toHaveLength(17);
  return all;
}

describe.each<Is>(['threw', 'too-long', 'nonsense'])('what cannot be worked out is not known: %s', (is) => {
  const put = (of: string) => Object.assign(fault, { of, is });

  it('weather', () => {
    expect(loadApiaries(opened, today).measured?.weather.size).toBeGreaterThan(0);
    opened = demoBook();
    put('weather');
    const all = othersGoOn();
    expect(all.measured?.weather.size).toBe(0);
    expect(todayView(all, today)).toBeDefined();
  });

  it('a scale', () => {
    expect(loadApiaries(opened, today).measured?.scales.size).toBeGreaterThan(0);
    opened = demoBook();
    put('scale');
    expect(othersGoOn().measured?.scales.size).toBe(0);
  });

  it('kit: it is said, nothing is called short, and what was counted stays', () => {
    const all = loadApiaries(opened, today);
    expect(kitView(all, kitNow(opened, all, today, null), today)).toMatchObject({ isUnreckoned: false });
    const counted = stockNow(opened, all, today).entries.length;
    opened = demoBook();
    put('kit');
    const known = kitNow(opened, othersGoOn(), today, null);
    expect(known.entries).toHaveLength(counted);
    expect(known.met).toEqual([]);
    expect(kitView(all, known, today)).toMatchObject({ isUnreckoned: true, isEmpty: false, overdrawn: [] });
    expect(known.stock.lying(HOME, 'super').countedAt).toBeNull();
  });

  it('what is meant for the season: the plan itself is kept', () => {
    const all = loadApiaries(opened, today);
    const meant = () => meantInSeason(opened, all, today, 2027);
    const plans = meant().filter(({ plan }) => plan !== null).length;
    expect(meant().flatMap(({ intentions }) => intentions)).not.toEqual([]);
    put('plan');
    othersGoOn();
    expect(meant().filter(({ plan }) => plan !== null)).toHaveLength(plans);
    expect(meant().flatMap(({ intentions }) => intentions)).toEqual([]);
    expect(seasonPlanNow(opened, all, today, 2027)).toBeDefined();
  });
});

it('a plan of rounds that cannot be one of what was asked is none', async () => {
  const all = loadApiaries(opened, today);
  const { apiaries } = readAllFacts(opened.db);
  const apiary = apiaries[0]?.id as string;
  const made = (rounds: readonly object[]): Fortnight => ({ rounds, unmet: [], optimal: true, gap: 0 }) as never;
  const round = { on: today, apiary, checks: [], minutes: 30, hours: null, isPinned: false, tooLate: [] };
  const planned = async (rounds: readonly object[]) => {
    opened = demoBook();
    return fortnightNow(opened, all, DEMO_NOW, 'Europe/London', async () => made(rounds)).answer;
  };
  expect(await planned([round])).not.toBeNull();
  expect(await planned([{ ...round, checks: ['no such check'] }])).toBeNull();
  expect(await planned([{ ...round, on: Number.NaN }])).toBeNull();
  expect(await planned([{ ...round, on: today + 99 }])).toBeNull();
  expect(await planned([{ ...round, apiary: 'no such apiary' }])).toBeNull();
});

it('a number that is none is found as deep as it lies, and a day that is one is not', () => {
  expect(hasSoundNumbers({ a: [new Map([['b', { c: Number.NaN }]])] })).toBe(false);
  expect(hasSoundNumbers([0, -1, 'NaN', null, formatDay(today)])).toBe(true);
  expect(workedOut(() => 3, null)).toBe(3);
  expect(workedOut(() => undefined, 'not known')).toBe('not known');
});
