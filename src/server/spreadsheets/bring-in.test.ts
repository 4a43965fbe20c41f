import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { day } from '../../core/calendar/day';
import { writeSeasonFile } from '../../core/formats/season-file';
import { columnsSeen } from '../../core/spreadsheets/bring-in/column-seen';
import { BRINGABLE, type Bringable } from '../../core/spreadsheets/bring-in/fields';
import { type Matching, NOTHING } from '../../core/spreadsheets/bring-in/matching';
import { countFates } from '../../core/spreadsheets/bring-in/plan';
import { planWhole } from '../../core/spreadsheets/bring-in/plan-sheet';
import { readTable } from '../../core/spreadsheets/bring-in/read-table';
import { type Book, openDatabase } from '../../db/open';
import { takeReadings } from '../../db/repositories/scale';
import { proposeMatching } from '../../views/propose-matching';
import { deleteColony } from '../entries/delete-colony';
import { saveInspection } from '../entries/save-inspection';
import { wipeSeason } from '../season/replace-season';
import { insertAllFacts, readAllFacts } from '../season/season-facts';
import { anEntry, bookOf, codes, DEMO_NOW, demoBook, id } from '../testing';
import { bookSideOf } from './book-side';
import { bringIn, listBroughtIn, undoBroughtIn } from './bring-in';
import { csvOf } from './sheet-of-book';

/** What a sheet is taken for, what the keeper would see, and what handing it in comes to. */
function handIn(opened: Book, text: string, over: Partial<Matching> = {}, isRefusedLeftOut = false) {
  const table = readTable(text);
  if (!table.ok) throw new Error('no table');
  const matching = { ...proposeMatching(columnsSeen(table.value), over.kind), ...over };
  let next = 0;
  const newId = () => id(900_000 + next++);
  const asked = { matching, book: bookSideOf(opened.db, matching.kind), now: DEMO_NOW, newId };
  const plan = planWhole(table.value, asked, 'UTC');
  const seen = countFates(plan.fates);
  const sheet = { file: 'bees.csv', text, matching, isRefusedLeftOut, seen };
  return { plan, seen, matching, sheet, done: () => bringIn(opened, sheet, 'UTC', DEMO_NOW) };
}
const factsOf = ({ db }: Book) => readAllFacts(db);
const bookText = (opened: Book) => writeSeasonFile(factsOf(opened));
const reasons = ({ plan }: ReturnType<typeof handIn>) =>
  plan.fates.map(({ row, fate, issues, differs }) =>
    [row, fate, ...issues.map(({ message }) => message.says.replace('problems/', '')), ...differs].join(' '),
  );

describe('the book out as spreadsheets and in again', () => {
  const whole = demoBook();
  const weighed = readAllFacts(whole.db).colonies[3]?.id ?? '';
  takeReadings(whole.db, weighed, [
    { at: '2027-05-14T06:00', kg: 31.4 },
    { at: '2027-05-14T18:00', kg: 32.05 },
    { at: '2027-05-15T06:00', kg: 31.9 },
  ]);
  const sheets = new Map(BRINGABLE.map((kind) => [kind, csvOf(kind, whole, day('2027-05-16'))]));
  const sheet = (kind: Bringable) => sheets.get(kind) as string;

  it('gives an empty one the same colonies, queens, inspections, cells and weights', async () => {
    const empty = openDatabase(':memory:');
    for (const kind of BRINGABLE) {
      const handed = handIn(empty, sheet(kind));
      expect(handed.matching.kind).toBe(kind);
      expect(handed.plan.fates.filter(({ fate }) => fate !== 'new')).toEqual([]);
      expect(codes(await handed.done()), kind).toBe('stored');
    }
    const [before, after] = [factsOf(whole), factsOf(empty)];
    const apiaryOf = (facts: typeof before) => new Map(facts.apiaries.map((one) => [one.id, one.name]));
    const placed = (facts: typeof before) =>
      facts.colonies.map(({ enteredOn: _, apiaryId, ...colony }) => ({ ...colony, at: apiaryOf(facts).get(apiaryId) }));
    const unnamed = (facts: typeof before) => facts.scaleDays.map(({ id: _, ...own }) => JSON.stringify(own)).sort();
    expect(placed(after)).toEqual(placed(before));
    for (const table of ['queens', 'queenEvents', 'inspections', 'cellObservations', 'cells'] as const)
      expect(after[table], table).toEqual(before[table]);
    expect(unnamed(after)).toEqual(unnamed(before));
    for (const kind of BRINGABLE) expect(csvOf(kind, empty, day('2027-05-16')), kind).toBe(sheet(kind));
  });

  it('changes nothing in the book that it came from', async () => {
    const before = bookText(whole);
    for (const kind of BRINGABLE) {
      const handed = handIn(whole, sheet(kind));
      expect(handed.plan.fates.filter(({ fate }) => fate !== 'known')).toEqual([]);
      expect(codes(await handed.done()), kind).toEqual(['invalid ']);
    }
    expect(bookText(whole)).toBe(before);
  });
});

const ORCHARD = id(1);
const [OAK, ELM] = [id(2), id(3)];

const SHEET = [
  'Hive,Date,Queen,Eggs,Frames of brood,Temper,Notes',
  'Oak,03/05/2027,y,y,6,quiet,all well',
  'Oak,12/05/2027,n,yes,7,quiet,"one, charged"',
  'elm,13/05/2027,not checked,no,5,jumpy,',
].join('\n');

describe('a keeper’s own spreadsheet', () => {
  let folder: string;
  let opened: Book;
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'ubbet-sheet-'));
    opened = openDatabase(join(folder, 'season.sqlite'));
    const { db } = bookOf(ORCHARD, { Oak: OAK, Elm: ELM });
    insertAllFacts(opened.db, readAllFacts(db));
  });
  afterEach(() => {
    opened.sqlite.close();
    rmSync(folder, { recursive: true });
  });

  it('is understood by its headings and words, and its days by the one that is no month', async () => {
    const handed = handIn(opened, SHEET);
    expect(handed.matching).toMatchObject({
      kind: 'inspections',
      columns: [
        { field: 'colony' },
        { field: 'at', order: 'dmy' },
        { field: 'queen', words: { y: 'seen', n: 'none', 'not checked': 'not-looked-for' } },
        { field: 'eggs', words: { y: 'seen', yes: 'seen', no: 'none' } },
        { field: 'broodFrames' },
        { field: 'temper', words: { quiet: 'calm', jumpy: 'uneasy' } },
        { field: 'note' },
      ],
    });
    expect(handed.seen).toEqual({ new: 3, known: 0, conflict: 0, refused: 0 });
    expect(codes(await handed.done())).toBe('stored');
    expect(
      factsOf(opened).inspections.map(({ at, colonyId, queen, broodFrames, note }) => [
        at,
        colonyId,
        queen,
        broodFrames,
        note,
      ]),
    ).toEqual([
      ['2027-05-03T12:00', OAK, 'seen', 6, 'all well'],
      ['2027-05-12T12:00', OAK, 'none', 7, 'one, charged'],
      ['2027-05-13T12:00', ELM, 'not-looked-for', 5, ''],
    ]);
    expect(handIn(opened, SHEET).seen).toEqual({ new: 0, known: 3, conflict: 0, refused: 0 });
  });

  it('is undone to the letter, and not once something rests on it', async () => {
    const before = bookText(opened);
    const handed = handIn(opened, SHEET);
    const done = await handed.done();
    if (!done.ok) throw new Error('not taken');
    expect(readdirSync(join(folder, 'backups'))).toHaveLength(1);
    expect(codes(undoBroughtIn(opened, done.value.id, DEMO_NOW))).toBe('stored');
    expect(bookText(opened)).toBe(before);
    expect(codes(undoBroughtIn(opened, done.value.id, DEMO_NOW))).toEqual(['not-found id']);

    const again = await handed.done();
    if (!again.ok) throw new Error('not taken');
    const look = factsOf(opened).inspections.find(({ colonyId }) => colonyId === ELM);
    if (!look) throw new Error('no inspection');
    const { deletedAt: _, ...stands } = look;
    const standing = bookText(opened);
    saveInspection(opened.db, anEntry({ ...stands, note: 'mended', cells: [] }), DEMO_NOW, 'restore');
    expect(codes(undoBroughtIn(opened, again.value.id, DEMO_NOW))).toEqual(['in-use ']);
    expect(factsOf(opened).inspections).toHaveLength(3);
    expect(bookText(opened)).not.toBe(standing);
    expect(listBroughtIn(opened).map(({ undoneAt }) => undoneAt === null)).toContain(true);
  });

  it('is not undone under an inspection of a hive that came with it, nor once the book was put aside', async () => {
    const handed = handIn(opened, 'apiary,colony,since\nHill,Ash,2027-04-01', { kind: 'colonies' });
    const done = await handed.done();
    const ash = factsOf(opened).colonies.find(({ name }) => name === 'Ash');
    if (!done.ok || !ash) throw new Error('not taken');
    saveInspection(opened.db, anEntry({ id: id(60), colonyId: ash.id, at: '2027-05-03T09:00' }), DEMO_NOW);
    const standing = bookText(opened);
    expect(codes(undoBroughtIn(opened, done.value.id, DEMO_NOW))).toEqual(['in-use ']);
    expect(bookText(opened)).toBe(standing);
    deleteColony(opened.db, ash.id, DEMO_NOW);
    expect(codes(undoBroughtIn(opened, done.value.id, DEMO_NOW))).toEqual(['in-use ']);
    await wipeSeason(opened, { ...DEMO_NOW, instant: '2027-05-16T19:00:00.000Z' });
    expect(listBroughtIn(opened)).toEqual([]);
    expect(codes(undoBroughtIn(opened, done.value.id, DEMO_NOW))).toEqual(['not-found id']);
  });

  it('is held against what the book says: the same, otherwise, or not at all', async () => {
    await handIn(opened, SHEET).done();
    const changed = SHEET.replace('Oak,12/05/2027,n,yes,7', 'Oak,12/05/2027,n,yes,8').replace('elm,13/05', 'elm,14/05');
    const handed = handIn(opened, changed);
    expect(reasons(handed)).toEqual(['2 known', '3 conflict broodFrames', '4 new']);
    await handed.done();
    const frames = () =>
      factsOf(opened)
        .inspections.map(({ broodFrames }) => broodFrames)
        .sort();
    expect(frames()).toEqual([5, 5, 6, 7]);
    expect(codes(await handIn(opened, changed, { isOverBook: true }).done())).toBe('stored');
    expect(frames()).toEqual([5, 5, 6, 8]);
    expect(factsOf(opened).revisions.map(({ action }) => action)).toEqual(['corrected']);
    const [newest] = listBroughtIn(opened);
    undoBroughtIn(opened, newest?.id ?? '', DEMO_NOW);
    expect(frames()).toEqual([5, 5, 6, 7]);
  });

  it('brings in nothing where a row is wrong, but what is right where that is wished', async () => {
    const wrong = `${SHEET}\nOak,31/04/2027,y,y,6,quiet,\nAsh,14/05/2027,y,y,6,quiet,\nOak,14/05/2027,perhaps,y,6.5,quiet,\nOak,20/05/2027,y,y,6,,`;
    const handed = handIn(opened, wrong);
    expect(reasons(handed).slice(3)).toEqual([
      '5 refused no-day-in-sheet',
      '6 refused hive-not-known',
      '7 refused word-not-matched not-a-whole-number',
      '8 refused in-the-future',
    ]);
    expect(handed.plan.unknown).toEqual([{ key: 'ash', name: 'Ash', apiary: null, rows: 1 }]);
    expect(codes(await handed.done())).toEqual(['invalid ']);
    expect(factsOf(opened).inspections).toEqual([]);
    expect(readdirSync(folder)).not.toContain('backups');
    expect(codes(await handIn(opened, wrong, {}, true).done())).toBe('stored');
    expect(factsOf(opened).inspections).toHaveLength(3);
  });

  it('adds hives that the book does not have where that is said, with the day since which they are known', async () => {
    const text = 'hive,date,eggs\nAsh,12 May 2027,yes\nAsh,2 May 2027,yes';
    const refused = handIn(opened, text, { hives: { ash: 'new' } });
    expect(reasons(refused)).toEqual(['2 refused choose-an-apiary', '3 refused choose-an-apiary']);
    const handed = handIn(opened, text, { hives: { ash: 'new' }, apiary: { name: 'Hill' } });
    expect(codes(await handed.done())).toBe('stored');
    const { colonies, apiaries, inspections } = factsOf(opened);
    const ash = colonies.find(({ name }) => name === 'Ash');
    expect(ash).toMatchObject({ origin: 'established', startedOn: '2027-05-02' });
    expect(apiaries.map(({ name }) => name)).toContain('Hill');
    expect(inspections.map(({ colonyId }) => colonyId)).toEqual([ash?.id, ash?.id]);
    const other = handIn(opened, text.replaceAll('Ash', 'Old oak'), { hives: { 'old oak': OAK } });
    expect(other.plan.changes.map(({ table }) => table)).toEqual(['inspections', 'inspections']);
  });

  it('is refused where the book was changed since it was looked at', async () => {
    const handed = handIn(opened, SHEET);
    saveInspection(opened.db, anEntry({ id: id(50), colonyId: OAK, at: '2027-05-03T09:00' }), DEMO_NOW);
    expect(codes(await handed.done())).toEqual(['changed-meanwhile ']);
    expect(factsOf(opened).inspections).toHaveLength(1);
  });

  it('needs every column that its kind does', async () => {
    const handed = handIn(opened, SHEET);
    const [first, ...others] = handed.matching.columns;
    const without = { ...handed.matching, columns: [{ ...first, ...NOTHING }, ...others] };
    expect(codes(await bringIn(opened, { ...handed.sheet, matching: without }, null, DEMO_NOW))).toEqual([
      'missing matching',
    ]);
  });
});
