import 'server-only';
import type { SQLiteTable } from 'drizzle-orm/sqlite-core';
import type { SeasonFacts } from '../../core/formats/season-file';
import type { Db } from '../../db/open';
import {
  apiaries,
  cellMoves,
  cellObservations,
  cells,
  checkAnswers,
  checkChanges,
  colonies,
  foodEntries,
  formerPlaces,
  framePlans,
  inspections,
  keptCells,
  keptFrames,
  kitEntries,
  nights,
  photos,
  practised,
  programmes,
  programmeUnits,
  queenEvents,
  queens,
  revisions,
  rounds,
  roundWishes,
  scaleAnswers,
  scaleDays,
  seasonPlans,
  settings,
  standMoves,
  stands,
  stepsDone,
  surveys,
  weatherDays,
  yardMarks,
} from '../../db/schema/tables';

/** Every table of facts under its name in the season file. Rows are always listed by id, so that equal facts give equal files. */
export const TABLES = {
  apiaries,
  colonies,
  formerPlaces,
  queens,
  queenEvents,
  inspections,
  cells,
  cellObservations,
  photos,
  cellMoves,
  programmes,
  programmeUnits,
  keptCells,
  stepsDone,
  checkAnswers,
  checkChanges,
  surveys,
  framePlans,
  keptFrames,
  weatherDays,
  nights,
  scaleDays,
  scaleAnswers,
  rounds,
  roundWishes,
  stands,
  standMoves,
  yardMarks,
  kitEntries,
  seasonPlans,
  foodEntries,
  practised,
  settings,
  revisions,
} as const satisfies Record<keyof SeasonFacts, SQLiteTable>;

const NAMES = Object.keys(TABLES) as (keyof SeasonFacts)[];

/** SQLite takes at most 32,766 values in one statement. */
const ROWS_PER_INSERT = 500;

/** @param without tables that are not asked for, and come back empty: pictures alone may be most of a book */
export function readAllFacts(db: Db, without: ReadonlySet<keyof SeasonFacts> = new Set()): SeasonFacts {
  const read = (name: keyof SeasonFacts) => {
    if (without.has(name)) return [];
    const table = TABLES[name];
    return db
      .select()
      .from(table)
      .orderBy('id' in table ? table.id : table.key)
      .all();
  };
  return Object.fromEntries(NAMES.map((name) => [name, read(name)])) as SeasonFacts;
}

/** Takes every fact out. Call it inside a transaction. */
export function removeAllFacts(db: Db): void {
  for (const name of [...NAMES].reverse()) db.delete(TABLES[name]).run();
}

/** Puts all facts in, in one go. Call it inside a transaction, on empty tables. */
export function insertAllFacts(db: Db, facts: SeasonFacts): void {
  for (const name of NAMES) {
    const rows = facts[name];
    for (let start = 0; start < rows.length; start += ROWS_PER_INSERT) {
      db.insert(TABLES[name])
        .values(rows.slice(start, start + ROWS_PER_INSERT) as never)
        .run();
    }
  }
}

/** How many rows there are of each kind. */
export function countFacts(facts: SeasonFacts): Readonly<Record<keyof SeasonFacts, number>> {
  return Object.fromEntries(NAMES.map((name) => [name, facts[name].length])) as Record<keyof SeasonFacts, number>;
}
