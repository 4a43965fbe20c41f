import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { addDays, formatDay } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import type { StandMoveSaid, StandStepSaid } from '../../core/facts/yard';
import { readSeasonFile, writeSeasonFile } from '../../core/formats/season-file';
import type { Book } from '../../db/open';
import { loadStands, loadYard, loadYardMarks } from '../../db/repositories/yard';
import { mapView } from '../../views/map-view';
import { yardToday } from '../../views/today-view';
import { loadApiaries } from '../all-apiaries';
import { saveColony } from '../entries/save-colony';
import { formerOf } from '../former-names';
import { readAllFacts } from '../season/season-facts';
import { codes, DEMO_NOW, demoBook, id } from '../testing';
import { saveStandMove } from './save-stand-move';
import { saveYard } from './save-yard';

let opened: Book;
beforeEach(() => {
  opened = demoBook();
});
afterEach(() => {
  opened.sqlite.close();
});

const later = (days: number): Now => {
  const today = addDays(DEMO_NOW.today, days);
  return { ...DEMO_NOW, today, minute: `${formatDay(today)}T12:00` };
};
const all = (now = DEMO_NOW) => loadApiaries(opened, now.today);
const garden = () => all().apiaries.find(({ name }) => name === 'Walled garden')?.id as string;
const stand = (name: string) => {
  const found = loadStands(opened.db, garden()).find((one) => one.name === name);
  if (!found) throw new Error(name);
  return found;
};
const save = (said: StandMoveSaid, now = DEMO_NOW) => saveStandMove(opened.db, said, now);
const MOVE = id(70);
const begin = (said: Partial<Extract<StandMoveSaid, { kind: 'begun' }>> = {}) =>
  save({ kind: 'begun', id: MOVE, standId: stand('stand 3').id, ontoId: null, toX: 4, toY: -2, ...said });
const step = (days: number, kind: StandStepSaid['kind'] = 'moved') => {
  const now = later(days);
  return save(
    { kind, id: id(80 + days), moveId: MOVE, at: now.minute, on: formatDay(now.today) },
    later(Math.max(days, 0)),
  );
};
const onToday = (now = DEMO_NOW) =>
  yardToday(all(now), now.today, (apiaryId) => loadYard(opened.db, apiaryId)).steps.filter(
    ({ name }) => name === 'Yarrow',
  );

describe('a hive that is moved by steps', () => {
  it('stands a step further each day that is ticked, is told on Today until it is there, and not after', () => {
    expect(begin().ok).toBe(true);
    expect(onToday().map(({ words }) => words)).toEqual(['Move Yarrow by 67 cm to the south']);
    expect(onToday()[0]?.why).toContain('3 more steps, a day each: there on Tue 18 May at the earliest.');
    step(0);
    expect(stand('stand 3').y).toBe(-0.67);
    expect(onToday()[0]).toMatchObject({ isDoneToday: true });
    // Missed on the 17th.
    expect(onToday(later(2))[0]?.why).toContain('there on Wed 19 May');
    step(2);
    step(3);
    expect(stand('stand 3')).toMatchObject({ x: 4, y: -2 });
    expect(onToday(later(3))).toEqual([]);
    expect(codes(step(4))).toEqual(['contradiction moveId']);
  });

  it('said twice counts once, and a step that was not made is taken back', () => {
    begin();
    begin();
    step(0);
    step(0);
    expect(stand('stand 3').y).toBe(-0.67);
    step(0, 'not-moved');
    step(0, 'not-moved');
    expect(stand('stand 3').y).toBe(0);
    expect(onToday()[0]).toMatchObject({ isDoneToday: false });
  });

  it('goes onto a free stand: it stands there from the last day on, and its own is free where it was', () => {
    expect(begin({ ontoId: stand('stand 1').id }).ok).toBe(true);
    for (const days of [0, 1, 2, 3, 4]) expect(step(days).ok).toBe(true);
    const view = mapView(
      all(later(4)),
      garden(),
      loadYard(opened.db, garden()),
      loadYardMarks(opened.db, garden()),
      later(4).today,
    );
    const on = (name: string) => view.stands.find((one) => one.name === name);
    expect(on('stand 1')?.colonies.map(({ entry }) => entry.name)).toEqual(['Yarrow']);
    expect(on('stand 3')).toMatchObject({ x: 4, y: 0, colonies: [] });
    const yarrow = view.stands.flatMap(({ colonies }) => colonies).find(({ entry }) => entry.name === 'Yarrow');
    expect(formerOf(opened.db, yarrow?.entry.id ?? '')).toMatchObject([{ stand: 'stand 3', until: '2027-05-20' }]);
  });

  it('is refused where it makes no sense, each for its reason', () => {
    expect(codes(begin({ standId: id(9) }))).toEqual(['not-found standId']);
    expect(codes(begin({ ontoId: id(9) }))).toEqual(['not-found ontoId']);
    expect(codes(begin({ ontoId: stand('stand 2').id }))).toEqual(['in-use ontoId']);
    expect(codes(begin({ toY: 0.5 }))).toEqual(['out-of-range toX']);
    expect(codes(begin({ toY: 40 }))).toEqual(['out-of-range toX']);
    expect(codes(step(0))).toEqual(['not-found moveId']);
    begin();
    expect(codes(begin({ id: id(71) }))).toEqual(['in-use standId']);
    expect(codes(step(-1))).toEqual(['contradiction on']);
    const tomorrow = formatDay(later(1).today);
    expect(codes(save({ kind: 'moved', id: id(99), moveId: MOVE, at: DEMO_NOW.minute, on: tomorrow }))).toEqual([
      'in-the-future on',
    ]);
  });

  it('is refused where no hive stands', () => {
    expect(codes(begin({ standId: stand('stand 1').id, toX: 9 }))).toEqual(['not-found standId']);
  });

  it('ends when the colony is moved or ended by another door, and asks nothing of the one that comes after it', () => {
    const yarrow = () => all().colonies.find(({ colony }) => colony.name === 'Yarrow')?.colony;
    const entry = () => {
      const found = yarrow();
      if (!found) throw new Error('Yarrow');
      return found;
    };
    begin();
    // Only corrected: it is on its way still.
    expect(saveColony(opened.db, { ...entry(), note: 'Gentle.' }, DEMO_NOW).ok).toBe(true);
    expect(onToday()).toHaveLength(1);
    expect(saveColony(opened.db, { ...entry(), stand: 'stand 1', since: '2027-05-16' }, DEMO_NOW).ok).toBe(true);
    expect(saveColony(opened.db, { ...entry(), stand: 'stand 3', since: '2027-05-16' }, DEMO_NOW).ok).toBe(true);
    expect(onToday()).toEqual([]);
    expect(begin({ id: id(75) }).ok).toBe(true);
    expect(saveColony(opened.db, { ...entry(), endedOn: '2027-05-16' }, DEMO_NOW).ok).toBe(true);
    expect(codes(save({ kind: 'moved', id: id(98), moveId: id(75), at: DEMO_NOW.minute, on: '2027-05-16' }))).toEqual([
      'contradiction moveId',
    ]);
  });

  it('ends when it is left where it stands, when its stand is carried elsewhere, and when it is taken away', () => {
    begin();
    step(0);
    step(1, 'left');
    expect(stand('stand 3').y).toBe(-0.67);
    expect(onToday(later(1))).toEqual([]);
    begin({ id: id(71), toY: 3 });
    saveYard(opened.db, { stands: [{ ...stand('stand 3'), x: 5 }], marks: [], gone: [] }, DEMO_NOW);
    expect(onToday()).toEqual([]);
    begin({ id: id(72), toY: 3 });
    // Turned on its place it is on its way still.
    saveYard(opened.db, { stands: [{ ...stand('stand 3'), facing: 90 }], marks: [], gone: [] }, DEMO_NOW);
    expect(onToday()).toHaveLength(1);
    saveYard(opened.db, { stands: [], marks: [], gone: [stand('stand 3').id] }, DEMO_NOW);
    expect(onToday()).toEqual([]);
  });

  it('goes through a season file and back', () => {
    begin();
    step(0);
    const facts = readAllFacts(opened.db);
    expect(facts.standMoves.some(({ steps }) => steps.length === 1)).toBe(true);
    const read = readSeasonFile(writeSeasonFile(facts));
    expect(read.ok && read.value).toEqual(facts);
  });
});

it('Today says before which hives a way-mark is put, by the apiary', () => {
  const { wayMarks } = yardToday(all(), DEMO_NOW.today, (apiaryId) => loadYard(opened.db, apiaryId));
  expect(wayMarks.some(({ words }) => words.startsWith('Walled garden: Put a way-mark'))).toBe(true);
});
