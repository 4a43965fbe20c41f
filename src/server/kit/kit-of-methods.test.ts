import { describe, expect, it } from 'vitest';
import { addDays } from '../../core/calendar/day';
import type { Thing } from '../../core/methods/thing';
import { loadYard, loadYardMarks } from '../../db/repositories/yard';
import { mapView } from '../../views/map-view';
import { loadApiaries } from '../all-apiaries';
import { putBackProgramme, takeBackProgramme } from '../programmes/change-programme';
import { eachWithDemoBook } from '../programmes/testing';
import { DEMO_NOW, id } from '../testing';
import { stockNow } from './stock-now';

const { book, nucSwarm, begin } = eachWithDemoBook();
const TODAY = DEMO_NOW.today;

const garden = () => loadApiaries(book(), TODAY).apiaries.find(({ name }) => name === 'Walled garden')?.id as string;
const lies = (thing: Thing, today = TODAY) =>
  stockNow(book(), loadApiaries(book(), today), today).stock.lying(garden(), thing).count;

describe('what a method takes', () => {
  it('is taken on its day, is there again when its start is taken back, and gone when that is put back', () => {
    expect([lies('nuc-box'), lies('drawn-comb')]).toEqual([3, 5]);
    begin(nucSwarm());
    expect([lies('nuc-box'), lies('drawn-comb')]).toEqual([2, 0]);
    expect(takeBackProgramme(book().db, id(1), DEMO_NOW).ok).toBe(true);
    expect([lies('nuc-box'), lies('drawn-comb')]).toEqual([3, 5]);
    expect(putBackProgramme(book().db, id(1), DEMO_NOW).ok).toBe(true);
    expect([lies('nuc-box'), lies('drawn-comb')]).toEqual([2, 0]);
  });

  it('entered late, of a day before the count, takes nothing from it', () => {
    begin(nucSwarm({ on: '2027-05-15', at: '2027-05-15T14:45' }));
    expect(lies('nuc-box')).toBe(3);
  });
});

it('a split that faces away is turned on the map, day by day', () => {
  const usual = nucSwarm().newColony;
  if (!usual) throw new Error('no new colony');
  const newColony = { ...usual, stand: 'stand 1' };
  begin(nucSwarm({ method: 'queen-split', on: '2027-05-15', turnsDaily: true, keptCellIds: [], newColony }));
  const daily = (today = TODAY) =>
    mapView(
      loadApiaries(book(), today),
      garden(),
      loadYard(book().db, garden()),
      loadYardMarks(book().db, garden()),
      today,
    )
      .stands.flatMap(({ colonies }) => colonies)
      .flatMap(({ entry, daily: tasks }) => tasks.map(({ order }) => `${entry.name}: ${order}`));
  expect(daily()).toEqual(['Sainfoin nuc: Turn the hive by 15 degrees']);
  expect(daily(addDays(TODAY, 11))).toHaveLength(1);
  expect(daily(addDays(TODAY, 12))).toEqual([]);
});
