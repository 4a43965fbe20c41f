import { describe, expect, it } from 'vitest';
import { day } from '../calendar/day';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { foldColony } from '../state/fold';
import type { ColonyFacts } from './facts';
import { firstLookFrom, isBeforeColony, knownSince } from './known-since';
import { aColony, inspection } from './testing';

const SPRING = day('2027-04-01');
const EARLY = inspection({ at: '2027-03-20T12:00' });

const established = (over: Partial<ColonyFacts> = {}) => aColony({ startedOn: SPRING, ...over });

describe('since when a colony is known', () => {
  it('widens with what is entered of earlier days, for one that was there before', () => {
    expect(knownSince(established())).toBe(SPRING);
    expect(knownSince(established({ inspections: [EARLY] }))).toBe(EARLY.on);
    expect(knownSince(established({ origin: 'nuc', inspections: [EARLY] }))).toBe(SPRING);
  });

  it('forbids earlier entries only where the colony began on its first day', () => {
    expect(isBeforeColony({ origin: 'established', startedOn: '2027-04-01' }, '2026-04-01')).toBe(false);
    expect(isBeforeColony({ origin: 'cast', startedOn: '2027-04-01' }, '2027-03-31')).toBe(true);
    expect(isBeforeColony({ origin: 'cast', startedOn: '2027-04-01' }, '2027-04-01')).toBe(false);
  });

  it('counts the first look from the day on which it was entered, which is never before it began', () => {
    const enteredOn = day('2027-05-14');
    expect(firstLookFrom(established({ enteredOn }))).toBe(enteredOn);
    expect(firstLookFrom(established({ enteredOn: day('2027-03-01') }))).toBe(SPRING);
    const { schedule } = foldColony(established({ enteredOn }), DEFAULT_SETTINGS, enteredOn);
    expect(schedule.checks.map(({ code, window }) => [code, window.earliest, window.latest])).toEqual([
      ['first-look', enteredOn, day('2027-05-21')],
    ]);
  });
});

describe('an inspection whose question was not the cells', () => {
  const full = inspection({ id: 'a', at: '2027-05-10T12:00', eggs: 'seen' });
  const brief = inspection({ id: 'b', at: '2027-05-12T12:00', eggs: 'seen', thoroughness: 'not-searched' });
  const latestAfter = (...inspections: (typeof full)[]) =>
    foldColony(established({ inspections }), DEFAULT_SETTINGS, day('2027-05-12')).schedule.checks[0]?.window.latest;

  it('leaves the date of before as it is', () => {
    expect(latestAfter(full, brief)).toBe(latestAfter(full));
    expect(latestAfter(full)).toBe(day('2027-05-17'));
  });

  it('concludes nothing from having seen none', () => {
    const { lastInspection } = foldColony(established({ inspections: [brief] }), DEFAULT_SETTINGS, day('2027-05-12'));
    expect(lastInspection?.reading.reading).toBe('not-enough-seen');
    expect(lastInspection?.reading.because.map(({ code }) => code)).toContain('cells-not-sought');
    // Where nothing stood before, it is a colony still to be looked at for the first time.
    expect(latestAfter(brief)).toBe(day('2027-05-19'));
  });

  it('says nothing of when a cell was laid in', () => {
    const cell = { id: 'c', label: 'a', place: 'bottom', box: null, frame: null, part: null } as const;
    const found = inspection({
      id: 'd',
      at: '2027-05-14T12:00',
      cells: [{ cellId: 'c', found: 'larva-small', takenDown: false }],
    });
    const laid = (...before: (typeof full)[]) =>
      foldColony(established({ cells: [cell], inspections: [...before, found] }), DEFAULT_SETTINGS, found.on).cells[0]
        ?.planBy;
    expect(laid(brief)).toEqual(laid());
  });
});
