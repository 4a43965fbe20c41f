import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { day } from '../../core/calendar/day';
import type { SeasonFacts } from '../../core/formats/season-file';
import { columnsSeen } from '../../core/spreadsheets/bring-in/column-seen';
import { BRINGABLE } from '../../core/spreadsheets/bring-in/fields';
import { countFates } from '../../core/spreadsheets/bring-in/plan';
import { planWhole } from '../../core/spreadsheets/bring-in/plan-sheet';
import { readTable } from '../../core/spreadsheets/bring-in/read-table';
import { SHEETS } from '../../core/spreadsheets/sheet';
import { type Book, openDatabase } from '../../db/open';
import { takeReadings } from '../../db/repositories/scale';
import { proposeMatching } from '../../views/propose-matching';
import { saveInspection } from '../entries/save-inspection';
import { insertAllFacts, readAllFacts } from '../season/season-facts';
import { anEntry, DEMO_NOW, demoBook, id } from '../testing';
import { bookSideOf } from './book-side';
import { bringIn } from './bring-in';
import { csvOf } from './sheet-of-book';

const TODAY = day('2027-05-16');
/** UTF-8, commas, cells as they are stored and not as they are shown. */
const AS_CSV = 'csv:Text - txt - csv (StarCalc):44,34,76,1,,0,false,true,false';
const AS_SHEET = 'CSV:44,34,76,1';

let folder: string;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'ubbet-office-'));
});
afterAll(() => rmSync(folder, { recursive: true }));

const office = (...args: string[]) =>
  execFileSync('soffice', [`-env:UserInstallation=file://${folder}/profile`, '--headless', ...args], { stdio: 'pipe' });

/** A book that is hard on spreadsheet programs: names and notes that look like numbers, days and formulas. */
function hardBook(): Book {
  const whole = demoBook();
  const facts = readAllFacts(whole.db);
  const names = ['007', '1/2', '3 May', "'Tis", '=Oak', '12.50'];
  const notes = ['=SUM(A1:A9)', '+44 1632 960000', "'quoted'", 'two\nlines, "so"', '1e5', ' led by a space'];
  const colonies = facts.colonies.map((colony, i) => ({ ...colony, name: names[i] ?? colony.name }));
  const opened = openDatabase(':memory:');
  opened.db.transaction((tx) => insertAllFacts(tx, { ...facts, colonies } as SeasonFacts));
  const colonyId = facts.colonies[0]?.id ?? '';
  for (const [i, note] of notes.entries())
    saveInspection(opened.db, anEntry({ id: id(700 + i), colonyId, at: `2027-05-14T1${i}:00`, note }), DEMO_NOW);
  takeReadings(opened.db, colonyId, [
    { at: '2027-05-14T06:00', kg: 31.4 },
    { at: '2027-05-14T18:05', kg: 14.28816 },
  ]);
  return opened;
}

it('spreadsheets go through a spreadsheet program and come in again with nothing changed', async () => {
  const whole = hardBook();
  mkdirSync(join(folder, 'out'));
  for (const sheet of SHEETS) writeFileSync(join(folder, `${sheet}.csv`), csvOf(sheet, whole, TODAY));
  office(
    `--infilter=${AS_SHEET}`,
    '--convert-to',
    'ods',
    '--outdir',
    folder,
    ...SHEETS.map((sheet) => join(folder, `${sheet}.csv`)),
  );
  office(
    '--convert-to',
    AS_CSV,
    '--outdir',
    join(folder, 'out'),
    ...SHEETS.map((sheet) => join(folder, `${sheet}.ods`)),
  );
  const through = (sheet: string) => readFileSync(join(folder, 'out', `${sheet}.csv`), 'utf8');

  const empty = openDatabase(':memory:');
  for (const kind of BRINGABLE) {
    const table = readTable(through(kind));
    if (!table.ok) throw new Error(`${kind} is no table any more`);
    const matching = proposeMatching(columnsSeen(table.value));
    expect(matching.kind).toBe(kind);
    const plan = (opened: Book) =>
      countFates(
        planWhole(table.value, { matching, book: bookSideOf(opened.db, kind), now: DEMO_NOW, newId: () => id(1) }, null)
          .fates,
      );
    const rows = table.value.rows.length;
    expect(plan(whole), `${kind} held against the book that it is of`).toEqual({
      new: 0,
      known: rows,
      conflict: 0,
      refused: 0,
    });
    const sheet = { file: `${kind}.csv`, text: through(kind), matching, isRefusedLeftOut: false, seen: plan(empty) };
    expect(sheet.seen, kind).toEqual({ new: rows, known: 0, conflict: 0, refused: 0 });
    expect((await bringIn(empty, sheet, null, DEMO_NOW)).ok, kind).toBe(true);
  }
  for (const kind of BRINGABLE) expect(csvOf(kind, empty, TODAY), kind).toBe(csvOf(kind, whole, TODAY));
});
