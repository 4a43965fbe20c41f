import 'server-only';
import type { SQLiteTable } from 'drizzle-orm/sqlite-core';
import type { Book } from './open';
import type * as tables from './schema/tables';

type Sqlite = Book['sqlite'];

type Tables = typeof tables;
/** Every table by its name in the database, so that a new one does not compile before it is said whose facts it holds. */
type TableName = {
  [K in keyof Tables]: Tables[K] extends SQLiteTable ? Tables[K]['_']['name'] : never;
}[keyof Tables];

/**
 * Whose own facts a changed row is among, a colony's or an apiary's, as a query over the row: `NEW` or `OLD`. Null: nobody's
 * alone, or nothing that a state follows from.
 */
const COLONY_OF: { readonly [T in TableName]: ((row: 'NEW' | 'OLD') => string) | null } = {
  colony: (row) => `SELECT ${row}.id AS id`,
  apiary: (row) => `SELECT id FROM main.colony WHERE apiary_id = ${row}.id`,
  inspection: (row) => `SELECT ${row}.colony_id AS id`,
  cell: (row) => `SELECT ${row}.colony_id AS id`,
  cell_observation: (row) => `SELECT colony_id AS id FROM main.inspection WHERE id = ${row}.inspection_id`,
  queen: (row) => `SELECT DISTINCT colony_id AS id FROM main.queen_event WHERE queen_id = ${row}.id`,
  queen_event: (row) => `SELECT ${row}.colony_id AS id`,
  survey: (row) => `SELECT ${row}.colony_id AS id`,
  book: null,
  calendar_feed: null,
  cell_move: null,
  check_answer: null,
  check_change: null,
  brought_in: null,
  device_key: null,
  former_place: null,
  frame_plan: null,
  kept_cell: null,
  kept_frame: null,
  kit_entry: null,
  season_plan: null,
  food_entry: null,
  practised: null,
  stand: null,
  stand_move: null,
  yard_mark: null,
  photo: null,
  programme: null,
  programme_unit: null,
  round: null,
  round_wish: null,
  seen_plan: null,
  receipt: null,
  revision: null,
  setting: null,
  step_done: null,
  scale_day: (row) => `SELECT ${row}.colony_id AS id`,
  scale_answer: (row) => `SELECT ${row}.colony_id AS id`,
  weather_day: (row) => `SELECT ${row}.apiary_id AS id`,
  night: (row) => `SELECT ${row}.apiary_id AS id`,
};

/**
 * From now on counts, by the colony, how often this connection has changed its own facts, and by the apiary its weather. The counts live with the connection alone and
 * leave the file as it is; what other connections change is told by `data_version`.
 */
export function watchColonies(sqlite: Sqlite): void {
  sqlite.exec('CREATE TEMP TABLE colony_change (id TEXT PRIMARY KEY, n INTEGER NOT NULL)');
  const counts = (query: string) =>
    `INSERT INTO colony_change SELECT id, 1 FROM (${query}) WHERE true ON CONFLICT (id) DO UPDATE SET n = n + 1;`;
  for (const [table, colonyOf] of Object.entries(COLONY_OF)) {
    if (!colonyOf) continue;
    const [before, after] = [counts(colonyOf('OLD')), counts(colonyOf('NEW'))];
    for (const [what, does] of [
      ['INSERT', after],
      ['UPDATE', before + after],
      ['DELETE', before],
    ] as const)
      sqlite.exec(
        `CREATE TEMP TRIGGER colony_change_${table}_${what} AFTER ${what} ON main.${table} BEGIN ${does} END`,
      );
  }
}

/** How often each colony's own facts, or an apiary's weather, were changed by this connection since it was opened; those that are not there: never. */
export function colonyChanges(sqlite: Sqlite): ReadonlyMap<string, number> {
  const rows = sqlite.prepare('SELECT id, n FROM temp.colony_change').all() as { id: string; n: number }[];
  return new Map(rows.map(({ id, n }) => [id, n]));
}
