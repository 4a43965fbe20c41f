import 'server-only';
import { asc, gt } from 'drizzle-orm';
import type { SQLiteColumn, SQLiteTable } from 'drizzle-orm/sqlite-core';
import { SEASON_FORMAT, SEASON_VERSION, type SeasonFacts } from '../../core/formats/season-file';
import type { Db } from '../../db/open';
import { TABLES } from './season-facts';

/** Rows that are in memory at one time; a photo is a third of a megabyte. */
const ROWS_AT_ONCE = 200;

/** Every row of a table in the order of its key, a page at a time. */
function* rowsOf(db: Db, table: SQLiteTable): Generator<unknown> {
  const columns = table as unknown as Record<string, SQLiteColumn>;
  const name = 'id' in columns ? 'id' : 'key';
  const key = columns[name] as SQLiteColumn;
  let last: unknown = null;
  for (;;) {
    const page = db
      .select()
      .from(table)
      .where(last === null ? undefined : gt(key, last))
      .orderBy(asc(key))
      .limit(ROWS_AT_ONCE)
      .all() as Record<string, unknown>[];
    yield* page;
    if (page.length < ROWS_AT_ONCE) return;
    last = page.at(-1)?.[name];
  }
}

/** A value as it stands at some depth of the file: the same text as the whole written at once. */
const indented = (value: unknown, depth: number): string =>
  JSON.stringify(value, null, 1).replaceAll('\n', `\n${' '.repeat(depth)}`);

/** The season file piece by piece, the same to the letter as {@link writeSeasonFile} writes it whole. */
export function* seasonFileParts(db: Db): Generator<string> {
  yield `{\n "format": ${JSON.stringify(SEASON_FORMAT)},\n "version": ${SEASON_VERSION},\n "facts": {`;
  const names = Object.keys(TABLES) as (keyof SeasonFacts)[];
  for (const [i, name] of names.entries()) {
    yield `${i === 0 ? '' : ','}\n  ${JSON.stringify(name)}: [`;
    let isFirst = true;
    for (const row of rowsOf(db, TABLES[name])) {
      yield `${isFirst ? '' : ','}\n   ${indented(row, 3)}`;
      isFirst = false;
    }
    yield isFirst ? ']' : '\n  ]';
  }
  yield '\n }\n}\n';
}

const CHUNK_CHARACTERS = 64 * 1024;

export function seasonFileStream(db: Db): ReadableStream<Uint8Array> {
  const parts = seasonFileParts(db);
  const encoder = new TextEncoder();
  return new ReadableStream({
    pull(controller) {
      let text = '';
      while (text.length < CHUNK_CHARACTERS) {
        const { value, done } = parts.next();
        if (done) {
          if (text !== '') controller.enqueue(encoder.encode(text));
          return controller.close();
        }
        text += value;
      }
      controller.enqueue(encoder.encode(text));
    },
  });
}
