import { describe, expect, it } from 'vitest';
import { day, formatDay } from '../calendar/day';
import { DEFAULT_SETTINGS, type Settings } from '../settings/settings';
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
