import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import type { Book } from '../db/open';
import { colonies } from '../db/schema/tables';
import { versionOf } from '../device/version-of';
import { loadChanges, loadColony, loadQueenLines, nameQueen, queensOfColony } from './colony-page';
import { dueAt } from './due-at';
import { deleteInspection } from './entries/delete-inspection';
import { saveInspection } from './entries/save-inspection';
import { loadFrames } from './frames/load-frames';
import { neighboursOf } from './neighbours';
import { nightOf } from './night-of';
import { anEntry, DEMO_NOW, demoBook, id } from './testing';

let opened: Book;
beforeEach(() => {
  opened = demoBook();
});
afterEach(() => opened.sqlite.close());

const found = (name: string) => {
  const row = opened.db
    .select()
    .from(colonies)
    .all()
    .find((one) => one.name === name);
  const loaded = row && loadColony(opened, row.id, DEMO_NOW.today);
  if (!loaded) throw new Error(`No colony ${name}`);
  return loaded;
};

describe('a colony’s page', () => {
  it('has the colony as it is on its day, with the flow at its apiary', () => {
    const { colony, apiary, state, flow } = found('Teasel');
    expect([colony.name, apiary.name, state.today]).toEqual(['Teasel', 'Old quarry', DEMO_NOW.today]);
    expect(flow === null || flow.from <= flow.to).toBe(true);
    expect(loadColony(opened, id(999), day('2027-05-16'))).toBeNull();
  });

  it('names queens by year, colour and where they came from', () => {
    const queen = {
      id: 'q',
      motherQueenId: null,
      emergedFrom: null,
      emergedTo: null,
      note: '',
      isToBreedFrom: false,
    } as const;
    expect(nameQueen({ ...queen, origin: 'unknown' })).toEqual('queen of unknown age');
    expect(nameQueen({ ...queen, origin: 'swarm', emergedTo: '2026-06-01' })).toEqual(
      'queen of 2026 (white), came with a swarm',
    );
    const { id: sainfoin } = found('Sainfoin').colony;
    expect(loadQueenLines(opened.db, sainfoin, null).map(({ kind, queen: name }) => [kind, name])).toEqual([
      ['marked', 'queen of 2026 (white), raised'],
      ['present', 'queen of 2026 (white), raised'],
    ]);
    expect(queensOfColony(opened.db, sainfoin)).toHaveLength(1);
  });

  it('knows the colonies beside it, its parent and what came of it', () => {
    const beside = (name: string) => {
      const { previous, next, parent, children } = neighboursOf(opened.db, found(name).colony);
      return [previous?.name ?? null, next?.name ?? null, parent?.name ?? null, children.map((child) => child.name)];
    };
    expect(beside('Teasel')).toEqual(['Sorrel', 'Vetch', null, []]);
    expect(beside('Knapweed nuc')[2]).toBe('Knapweed');
    expect(beside('Knapweed')[3]).toEqual(['Knapweed nuc']);
  });

  it('shows what was corrected and deleted', () => {
    const { colony } = found('Betony');
    const look = anEntry({ id: id(70), colonyId: colony.id, at: '2027-05-14T10:00' });
    saveInspection(opened.db, look, DEMO_NOW);
    saveInspection(opened.db, { ...look, note: 'Calm.' }, DEMO_NOW, [versionOf(look)]);
    deleteInspection(opened.db, look.id, DEMO_NOW);
    const { changes, deleted } = loadChanges(opened.db, colony.id, (instant) => `local ${instant}`);
    expect(changes.map(({ action }) => action).sort()).toEqual(['corrected', 'deleted']);
    expect(changes[0]?.at).toBe(`local ${DEMO_NOW.instant}`);
    expect(deleted).toEqual([expect.objectContaining({ id: look.id, at: '2027-05-14T10:00' })]);
  });

  it('has both halves of a split that nobody has told apart, and none elsewhere', () => {
    const halves = (name: string) => {
      const { colony, state } = found(name);
      return dueAt(opened.db, colony, state)
        .halves.map((half) => half.name)
        .sort();
    };
    expect(halves('Comfrey')).toEqual(['Comfrey', 'Comfrey half']);
    expect(halves('Teasel')).toEqual([]);
  });
});

describe('the page of a colony’s frames', () => {
  it('lists surveys, what was planned, and which frames could be followed', () => {
    const { colony, state } = found('Burnet');
    const hive = state.frames?.survey.hive;
    if (!hive) throw new Error('Burnet has been surveyed');
    const { surveys, plans, followed, choices, deleted } = loadFrames(opened.db, colony.id, hive);
    expect(surveys[0]?.when).toMatch(/^Thu 13 May, \d\d:\d\d$/);
    expect(surveys[0]?.words).toMatch(/ of brood$/);
    expect([plans, followed, deleted]).toEqual([[], [], []]);
    expect(choices[0]?.place).toEqual('frame 1 of brood box');
  });
});

it('a night is a number of degrees that makes sense, or not said', () => {
  expect(['', ' ', 'cold', '-40', '60', '4', '-3'].map(nightOf)).toEqual([null, null, null, null, null, 4, -3]);
});
