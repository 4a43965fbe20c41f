import { describe, expect, it } from 'vitest';
import { addDays, day } from '../calendar/day';
import type { ColonyFacts } from '../colony/facts';
import { aColony, inspection, queenEvent } from '../colony/testing';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { foldColony } from '../state/fold';
import { type ColonyBack, colonyBack } from './colony-back';
import { seasonBack } from './season-back';

const SPAN = { from: day('2027-01-01'), to: day('2027-12-31') };
const AUTUMN = day('2027-10-01');
const back = (over: Partial<ColonyFacts>, span = SPAN): ColonyBack => {
  const facts = aColony(over);
  return colonyBack(foldColony(facts, DEFAULT_SETTINGS, AUTUMN), facts, span, AUTUMN);
};
const cells = [{ id: 'a', label: 'a', place: 'bottom', box: 1, frame: 3, part: null } as const];

describe('what a colony’s season came to', () => {
  it('counts inspections, swarms and casts of the span alone', () => {
    const swarmed = queenEvent({ kind: 'swarmed', on: day('2027-05-20') });
    const cast = queenEvent({ kind: 'cast-left', on: day('2027-05-29') });
    const looks = [inspection({ at: '2027-05-01T12:00', drones: 'flying' }), inspection({ at: '2027-06-01T12:00' })];
    const all = back({ inspections: looks, queenEvents: [swarmed, cast] });
    expect(all).toMatchObject({ inspections: 2, primes: 1, casts: 1, firstDrones: day('2027-05-01') });
    const may = { from: day('2027-05-01'), to: day('2027-05-25') };
    expect(back({ inspections: looks, queenEvents: [swarmed, cast] }, may)).toMatchObject({
      inspections: 1,
      primes: 1,
      casts: 0,
    });
  });

  it('says how old the oldest cell was when it was found', () => {
    const look = (found: 'egg' | 'larva-large') =>
      inspection({ at: '2027-05-10T12:00', cells: [{ cellId: 'a', found, takenDown: true }] });
    const [egg, larva] = (['egg', 'larva-large'] as const).map((found) => back({ cells, inspections: [look(found)] }));
    expect(egg?.oldestCell).toMatchObject({ on: day('2027-05-10'), least: 0 });
    expect(larva?.oldestCell?.least).toBeGreaterThanOrEqual(5);
    expect(larva?.oldestCell?.most).toBeLessThanOrEqual(9);
    expect(larva?.firstCharged).toBe(day('2027-05-10'));
    expect(back({}).oldestCell).toBeNull();
  });
});

describe('a season over colonies', () => {
  const method = (over: Partial<ColonyBack['methods'][number]> = {}): ColonyBack['methods'][number] => ({
    programmeId: 'p',
    method: 'walk-away',
    on: day('2027-05-10'),
    cameOut: 'over',
    swarmedAfter: false,
    ...over,
  });
  const none = back({});

  it('counts a method once, by the half that says most of it', () => {
    const { methods } = seasonBack([
      { ...none, methods: [method()] },
      { ...none, methods: [method({ cameOut: 'queen-lays', swarmedAfter: true })] },
      { ...none, methods: [method({ programmeId: 'q', cameOut: 'given-up' })] },
    ]);
    expect(methods).toEqual([
      {
        method: 'walk-away',
        begun: 2,
        cameOut: { 'queen-lays': 1, 'given-up': 1, 'under-way': 0, over: 0 },
        swarmedAfter: 1,
      },
    ]);
  });

  it('takes the oldest cell and the first days of all', () => {
    const cell = (least: number, on: string) => ({ on: day(on), least, most: null });
    const season = seasonBack([
      { ...none, cellsFound: 2, oldestCell: cell(4, '2027-05-01'), firstCharged: day('2027-05-01') },
      { ...none, cellsFound: 1, oldestCell: cell(9, '2027-05-20'), firstCharged: day('2027-05-20') },
      none,
    ]);
    expect(season).toMatchObject({
      colonies: 3,
      lookedAt: 0,
      cellsFound: 3,
      oldestCell: { least: 9 },
      firstCharged: day('2027-05-01'),
      firstDrones: null,
    });
    expect(seasonBack([])).toMatchObject({ colonies: 0, methods: [], oldestCell: null });
    expect(addDays(SPAN.from, 364)).toBe(SPAN.to);
  });
});
