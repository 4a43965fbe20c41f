import 'server-only';
import { type Day, day, yearOf } from '../../core/calendar/day';
import type { SeasonFacts } from '../../core/formats/season-file';
import { SHEETS, type SheetName } from '../../core/spreadsheets/sheet';
import { OF_FACTS } from '../../core/spreadsheets/sheets/of-facts';
import { writeCsv } from '../../core/spreadsheets/write-csv';
import type { Book } from '../../db/open';
import { checksSheet } from '../../views/checks-sheet';
import { lookingBackSheet } from '../../views/looking-back-sheet';
import { loadApiaries } from '../all-apiaries';
import { lookBack } from '../looking-back/look-back';
import { readAllFacts } from '../season/season-facts';

export const isSheet = (name: string): name is SheetName => SHEETS.some((sheet) => sheet === name);

/** No sheet holds them. */
const WITHOUT: ReadonlySet<keyof SeasonFacts> = new Set(['photos', 'revisions', 'settings', 'framePlans']);

/** A sheet of the book as CSV; looking back is of the year of today. */
export function csvOf(
  name: SheetName,
  opened: Book,
  today: Day,
  facts: SeasonFacts = readAllFacts(opened.db, WITHOUT),
): string {
  if (name === 'checks') return writeCsv(checksSheet(loadApiaries(opened, today).colonies));
  if (name === 'looking-back') {
    const year = yearOf(today);
    const span = { from: day(`${year}-01-01`), to: day(`${year}-12-31`) };
    return writeCsv(lookingBackSheet(lookBack(opened, span, today, null).colonies));
  }
  return writeCsv(OF_FACTS[name](facts));
}

/** All of them, by their file's name. */
export function allCsv(opened: Book, today: Day): ReadonlyMap<string, string> {
  const facts = readAllFacts(opened.db, WITHOUT);
  return new Map(SHEETS.map((name) => [`ubbet-${name}.csv`, csvOf(name, opened, today, facts)]));
}
