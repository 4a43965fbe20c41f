import { v7 as newId } from 'uuid';
import type { Now } from '../core/calendar/now';
import { readScaleFile } from '../core/formats/scale-file';
import { readSeasonFile } from '../core/formats/season-file';
import { readWeatherFile } from '../core/formats/weather-file';
import { type Result, success } from '../core/problems/issue';
import type { Matching } from '../core/spreadsheets/bring-in/matching';
import type { BookSide, Plan } from '../core/spreadsheets/bring-in/plan';
import { planWhole } from '../core/spreadsheets/bring-in/plan-sheet';
import { readTable } from '../core/spreadsheets/bring-in/read-table';

interface SheetAsked {
  readonly matching: Matching;
  readonly book: BookSide;
  readonly now: Now;
  readonly zone: string | null;
}

/** A spreadsheet as it is understood. */
export interface SheetRead {
  readonly heads: readonly string[];
  readonly plan: Plan;
}

function readSheet(text: string, { matching, book, now, zone }: SheetAsked): Result<SheetRead> {
  const table = readTable(text);
  if (!table.ok) return table;
  return success({ heads: table.value.heads, plan: planWhole(table.value, { matching, book, now, newId }, zone) });
}

/** How each kind of file that comes from outside is read: of its text and what was said with it, and nothing else. */
export const FILE_READERS = {
  season: (text: string, _: null) => readSeasonFile(text),
  weather: readWeatherFile,
  scale: readScaleFile,
  sheet: readSheet,
} as const;

export type FileKind = keyof typeof FILE_READERS;
export type FileAsked<K extends FileKind> = Parameters<(typeof FILE_READERS)[K]>[1];
export type FileRead<K extends FileKind> = ReturnType<(typeof FILE_READERS)[K]>;
