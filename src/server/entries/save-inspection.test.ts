import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { day } from '../../core/calendar/day';
import { endOfDay, type Now } from '../../core/calendar/now';
import { cellLabel } from '../../core/cells/cell-label';
import { bareApiary } from '../../core/facts/apiary';
import type { InspectionEntry } from '../../core/facts/entry';
import { type Book, openDatabase } from '../../db/open';
import { loadColonyFacts } from '../../db/repositories/colony-facts';
import { findEntry } from '../../db/repositories/inspection-entry';
import { revisionsOf } from '../../db/repositories/revisions';
import { versionOf } from '../../device/version-of';
import { readAllFacts } from '../season/season-facts';
import { anEntry, id } from '../testing';
import { deleteInspection, restoreInspection } from './delete-inspection';
import { saveApiary } from './save-apiary';
import { saveColony } from './save-colony';
import { saveInspection } from './save-inspection';
import { saveQueenEvent } from './save-queen-event';

const TODAY = day('2027-05-16');
const now: Now = { today: TODAY, minute: endOfDay(TODAY), instant: '2027-05-16T18:00:00.000Z' };

let folder: string;
let opened: Book;

const colony = {
  id: id(2),
  apiaryId: id(1),
  name: 'Clover',
  stand: '',
  origin: 'established',
  parentColonyId: null,
  startedOn: '2027-04-10',
  endedOn: null,
  note: '',
  wanted: 'nothing' as const,
} as const;

const entry = (over: Partial<InspectionEntry> = {}) => anEntry({ id: id(10), colonyId: id(2), ...over });
const newCell = (n: number, found: InspectionEntry['cells'][number]['found'] = 'egg') => ({
  observationId: id(100 + n),
  cellId: id(200 + n),
  found,
  takenDown: false,
  newCell: { place: 'bottom' as const, box: null, frame: null, part: null },
});
const codes = (result: ReturnType<typeof saveInspection>) =>
  result.ok ? 'stored' : result.issues.map(({ code }) => code);

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ubbet-unit-'));
  opened = openDatabase(join(folder, 'season.sqlite'));
  saveApiary(opened.db, bareApiary(id(1), 'Orchard'), now);
  saveColony(opened.db, colony, now);
});
afterEach(() => {
  opened.sqlite.close();
  rmSync(folder, { recursive: true });
});

describe('saving an inspection', () => {
  it('gives new cells the next free letters and stores all of it', () => {
    expect(codes(saveInspection(opened.db, entry({ cells: [newCell(1), newCell(2)] }), now))).toBe('stored');
    const later = entry({ id: id(11), at: '2027-05-12T12:00', cells: [newCell(3)] });
    expect(codes(saveInspection(opened.db, later, now))).toBe('stored');
    const facts = loadColonyFacts(opened.db).get(id(2));
    expect(facts?.cells.map(({ label }) => label)).toEqual(['a', 'b', 'c']);
    expect(facts?.inspections.map(({ cells }) => cells.length)).toEqual([2, 1]);
  });

  it('lands once when sent twice, and keeps what it said when corrected', () => {
    const first = entry({ cells: [newCell(1)] });
    for (let i = 0; i < 2; i++) saveInspection(opened.db, first, now);
    expect(revisionsOf(opened.db, first.id)).toEqual([]);
    saveInspection(opened.db, { ...first, cells: [{ ...newCell(1), found: 'larva-small' }] }, now, [versionOf(first)]);
    const [revision] = revisionsOf(opened.db, first.id);
    expect(revision?.before).toMatchObject({ cells: [{ found: 'egg' }] });
    expect(findEntry(opened.db, first.id)?.entry.cells[0]?.found).toBe('larva-small');
  });

  it('stores nothing of an entry that it refuses', () => {
    const before = readAllFacts(opened.db);
    const refused = entry({ at: '2027-05-17T12:00', cells: [newCell(1)] });
    expect(codes(saveInspection(opened.db, refused, now))).toEqual(['in-the-future']);
    expect(codes(saveInspection(opened.db, entry({ colonyId: id(99) }), now))).toEqual(['unknown-reference']);
    expect(readAllFacts(opened.db)).toEqual(before);
  });

  it('does not let an entry take a cell or an observation that is another’s', () => {
    saveColony(opened.db, { ...colony, id: id(3), name: 'Sorrel' }, now);
    saveInspection(opened.db, entry({ cells: [newCell(1)] }), now);
    const stolen = entry({ id: id(11), colonyId: id(3), cells: [newCell(1)] });
    expect(codes(saveInspection(opened.db, stolen, now))).toEqual(['duplicate-id']);
    expect(codes(saveInspection(opened.db, entry({ colonyId: id(3) }), now))).toEqual(['duplicate-id']);
  });

  it('does not take one sight of a cell for two', () => {
    const twice = entry({ cells: [newCell(1), { ...newCell(2), observationId: newCell(1).observationId }] });
    expect(codes(saveInspection(opened.db, twice, now))).toEqual(['duplicate-id']);
    expect(readAllFacts(opened.db).inspections).toEqual([]);
  });

  it('takes out and puts back', () => {
    saveInspection(opened.db, entry({ cells: [newCell(1)] }), now);
    deleteInspection(opened.db, id(10), now);
    expect(loadColonyFacts(opened.db).get(id(2))?.inspections).toEqual([]);
    expect(restoreInspection(opened.db, id(10), now).ok).toBe(true);
    expect(loadColonyFacts(opened.db).get(id(2))?.inspections).toHaveLength(1);
    expect(deleteInspection(opened.db, id(77), now)).toMatchObject({ ok: false, issues: [{ code: 'not-found' }] });
  });

  it('is refused by the database itself when a value is none of those known', () => {
    saveInspection(opened.db, entry(), now);
    const change = () => opened.sqlite.prepare("update inspection set eggs = 'perhaps'").run();
    expect(change).toThrow(/CHECK constraint/);
    expect(() => opened.sqlite.prepare('delete from colony').run()).toThrow(/FOREIGN KEY/);
  });
});

describe('saving colonies and queens', () => {
  it('does not move a colony’s first day past its inspections, nor repeat a name', () => {
    saveInspection(opened.db, entry(), now);
    const began = { ...colony, startedOn: '2027-05-11' };
    const later = saveColony(opened.db, { ...began, origin: 'nuc' }, now);
    expect(later).toMatchObject({ ok: false, issues: [{ path: ['startedOn'], code: 'contradiction' }] });
    expect(saveColony(opened.db, began, now).ok).toBe(true);
    const namesake = saveColony(opened.db, { ...colony, id: id(3) }, now);
    expect(namesake).toMatchObject({ ok: false, issues: [{ path: ['name'] }] });
  });

  it('stores no queen when her event is refused', () => {
    const newQueen = {
      id: id(50),
      motherQueenId: null,
      origin: 'bought',
      emergedFrom: null,
      emergedTo: null,
      note: '',
      isToBreedFrom: false,
    } as const;
    const event = {
      id: id(51),
      queenId: id(50),
      colonyId: id(2),
      at: null,
      on: '2027-05-20',
      to: null,
      kind: 'present',
      went: null,
      hivedAsId: null,
      note: '',
    } as const;
    expect(saveQueenEvent(opened.db, { event, newQueen }, now)).toMatchObject({
      ok: false,
      issues: [{ code: 'in-the-future' }],
    });
    expect(readAllFacts(opened.db).queens).toEqual([]);
    expect(saveQueenEvent(opened.db, { event: { ...event, on: '2027-05-10' }, newQueen }, now).ok).toBe(true);
    expect(readAllFacts(opened.db).queens).toHaveLength(1);
  });
});

describe('letters', () => {
  it('go on after z', () =>
    expect([0, 25, 26, 27, 52, 701, 702].map(cellLabel)).toEqual(['a', 'z', 'aa', 'ab', 'ba', 'zz', 'aaa']));
});
