import { describe, expect, it } from 'vitest';
import { day, formatDay } from '../calendar/day';
import { DEFAULT_SETTINGS, NORTHERN_SWARM_MONTHS, type Settings, SOUTHERN_SWARM_MONTHS } from '../settings/settings';
import { endOfRest, seasonPart, workingYear } from './beekeeping-year';
import { type RoutineFrom, routineLook } from './routine';

const routine = (from: Partial<RoutineFrom>, settings: Partial<Settings> = {}) => {
  const { window, why } = routineLook(
    {
      on: day('2027-05-10'),
      thoroughness: 'cleared',
      cellsRemoved: false,
      clipped: false,
      alreadyDue: null,
      datesStand: false,
      ...from,
    },
    { ...DEFAULT_SETTINGS, ...settings },
  );
  return { days: [window.earliest, window.ideal, window.latest].map((on) => formatDay(on).slice(5)), why };
};

describe('the routine look', () => {
  it('follows from what the last one may have missed', () => {
    expect(routine({}).days).toEqual(['05-15', '05-16', '05-17']);
    expect(routine({ thoroughness: 'bees-on' }).days).toEqual(['05-12', '05-13', '05-14']);
    expect(routine({ thoroughness: 'tip-up' }).days).toEqual(['05-11', '05-11', '05-12']);
    expect(routine({ clipped: true }).days).toEqual(['05-22', '05-23', '05-24']);
  });

  it('says why', () => {
    expect(routine({}).why).toEqual(
      'Last inspection: bees shaken or brushed off every brood frame. A missed cell could be sealed after 17 May.',
    );
    expect(routine({ cellsRemoved: true }).why).toEqual(
      'You broke cells down. That buys time until 13 May; it does not stop swarming.',
    );
    expect(routine({ clipped: true }).why).saying(
      'A missed cell could be sealed after 17 May. She is clipped: she herself may be lost with a swarm that returns; the colony once a virgin is out, from 25 May.',
    );
  });

  it('never lets a tip-up, or a look that told too little, put a date off', () => {
    expect(routine({ thoroughness: 'tip-up', alreadyDue: day('2027-05-09') }).days[2]).toBe('05-11');
    expect(routine({ datesStand: true, alreadyDue: day('2027-05-12') }).days).toEqual(['05-11', '05-11', '05-12']);
    expect(routine({ datesStand: true, alreadyDue: null }).days[2]).toBe('05-17');
  });

  it('takes the keeper’s own interval and shows what it risks', () => {
    expect(routine({}, { fixedIntervalDays: 7 })).toEqual({
      days: ['05-15', '05-16', '05-17'],
      why: 'Your own interval of 7 days.',
    });
    const risky = routine({ thoroughness: 'bees-on' }, { fixedIntervalDays: 9 });
    expect(risky.days[2]).toBe('05-19');
    expect(risky.why).toEqual('Your own interval of 9 days. That is 5 days later than what was seen allows.');
    expect(routine({ thoroughness: 'bees-on' }, { fixedIntervalDays: 5 }).why).saying('1 day later');
    expect(routine({ cellsRemoved: true }, { fixedIntervalDays: 9 }).days[2]).toBe('05-13');
    expect(routine({ thoroughness: 'tip-up' }, { fixedIntervalDays: 9 }).days[2]).toBe('05-12');
  });

  it('slows down outside the swarm season and stops in the rest of winter', () => {
    expect(routine({ on: day('2027-03-10') }).days[1]).toBe('03-24');
    expect(routine({ on: day('2027-09-01') }).days[1]).toBe('09-22');
    expect(routine({ on: day('2027-12-24') })).toEqual({
      days: ['02-29', '03-01', '03-04'],
      why: 'Nothing to look for in the rest of winter; first inspection in build-up.',
    });
  });
});

describe('the beekeeping year', () => {
  it.each([
    ['2027-02-28', 'rest', 'after-season'],
    ['2027-03-01', 'build-up', 'after-season'],
    ['2027-04-01', 'swarm-season', 'after-season'],
    ['2027-07-31', 'swarm-season', 'rest'],
    ['2027-08-01', 'after-season', 'rest'],
    ['2027-09-01', 'after-season', 'build-up'],
    ['2027-10-31', 'after-season', 'swarm-season'],
    ['2027-11-01', 'rest', 'swarm-season'],
    ['2027-01-31', 'rest', 'swarm-season'],
  ] as const)('%s is %s in the north and %s in the south', (on, north, south) => {
    expect([seasonPart(day(on), NORTHERN_SWARM_MONTHS), seasonPart(day(on), SOUTHERN_SWARM_MONTHS)]).toEqual([
      north,
      south,
    ]);
  });

  it('ends its rest on the first day of build-up', () => {
    const end = (on: string, months: readonly number[]) => formatDay(endOfRest(day(on), months));
    expect(end('2027-11-15', NORTHERN_SWARM_MONTHS)).toBe('2028-03-01');
    expect(end('2028-01-15', NORTHERN_SWARM_MONTHS)).toBe('2028-03-01');
    expect(end('2027-06-15', SOUTHERN_SWARM_MONTHS)).toBe('2027-09-01');
    expect(end('2027-06-15', NORTHERN_SWARM_MONTHS)).toBe('2027-06-15');
  });

  it('goes by the months in which swarms come, wherever they lie', () => {
    const parts = (...months: number[]) =>
      Array.from(
        { length: 12 },
        (_, i) => seasonPart(day(`2027-${String(i + 1).padStart(2, '0')}-10`), months)[0],
      ).join('');
    expect(parts(2, 3, 4)).toBe('bsssaaarrrrr');
    expect(parts(12, 1, 2)).toBe('ssaaarrrrrbs');
    // Two seasons in a year, with a pause that is no rest between them.
    expect(parts(4, 5, 9)).toBe('rrbssaabsaaa');
    expect(parts(1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12)).toBe('s'.repeat(12));
    expect(parts(6)).toBe('rrrrbsaaarrr');
  });

  it('is shown from its build-up to its rest, in the rest the nearer', () => {
    const shown = (on: string, months: readonly number[]) => {
      const { from, to } = workingYear(day(on), months);
      return `${formatDay(from)} ${formatDay(to)}`;
    };
    expect(shown('2027-05-16', NORTHERN_SWARM_MONTHS)).toBe('2027-03-01 2027-10-31');
    expect(shown('2027-12-01', NORTHERN_SWARM_MONTHS)).toBe('2027-03-01 2027-10-31');
    expect(shown('2028-01-20', NORTHERN_SWARM_MONTHS)).toBe('2028-03-01 2028-10-31');
    expect(shown('2027-01-16', SOUTHERN_SWARM_MONTHS)).toBe('2026-09-01 2027-04-30');
    expect(shown('2027-05-16', [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12])).toBe('2027-01-01 2027-12-31');
    expect(shown('2027-05-16', [2, 3, 4, 5, 6, 7, 8, 9])).toBe('2027-01-01 2027-12-31');
  });
});
