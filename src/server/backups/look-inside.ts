import 'server-only';
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { sameValue } from '../../core/facts/same-value';
import type { SeasonFacts } from '../../core/formats/season-file';
import { openDatabase } from '../../db/open';
import type { BackupLook } from '../../views/backup-view';
import { writesOf } from '../book-version';
import { countFacts, readAllFacts } from '../season/season-facts';

/** The facts in a backup, of whatever version its tables are: a copy of it is brought up to date, itself it is left alone. */
export function factsInBackup(path: string): { readonly facts: SeasonFacts; readonly writes: number } {
  const folder = mkdtempSync(join(tmpdir(), 'ubbet-look-'));
  try {
    const copy = join(folder, 'copy.sqlite');
    copyFileSync(path, copy);
    const opened = openDatabase(copy);
    try {
      return { facts: readAllFacts(opened.db), writes: writesOf(opened) };
    } finally {
      opened.sqlite.close();
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

const LAST_ENTRIES = 8;

/** What is in a backup, its last inspections, and what differs from now. */
export function lookInside(then: SeasonFacts, now: SeasonFacts): BackupLook {
  const names = new Map(then.colonies.map(({ id, name }) => [id, name]));
  const last = then.inspections
    .filter(({ deletedAt }) => deletedAt === null)
    .sort((a, b) => (a.at < b.at ? 1 : -1))
    .slice(0, LAST_ENTRIES)
    .map(({ id, colonyId, at }) => ({ id, at, colony: names.get(colonyId) ?? '' }));
  const tables = (Object.keys(then) as (keyof SeasonFacts)[]).filter((name) => name !== 'revisions');
  const differs = tables.flatMap((name) => {
    const [before, after] = [byKey(then[name]), byKey(now[name])];
    const gone = [...before.keys()].filter((key) => !after.has(key)).length;
    const since = [...after.keys()].filter((key) => !before.has(key)).length;
    const changed = [...before].filter(([key, row]) => after.has(key) && !sameValue(row, after.get(key))).length;
    return gone + since + changed === 0 ? [] : [{ name, onlyThen: gone, onlyNow: since, changed }];
  });
  return { counts: countFacts(then), last, differs };
}

const byKey = (rows: readonly object[]): ReadonlyMap<string, object> =>
  new Map(rows.map((row) => [String('id' in row ? row.id : 'key' in row ? row.key : ''), row]));
