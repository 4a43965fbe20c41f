import { existsSync, rmSync } from 'node:fs';
import { resolve } from 'node:path';
import { readSeasonFile, writeSeasonFile } from '../src/core/formats/season-file';
import { openDatabase } from '../src/db/open';
import { larkvaleSeason } from '../src/demo/larkvale';
import { insertAllFacts } from '../src/server/season/season-facts';

/** Makes the demo's data file anew: `make-demo.ts FILE`. */
const file = resolve(process.argv[2] ?? 'data/demo.sqlite');
for (const suffix of ['', '-wal', '-shm']) if (existsSync(file + suffix)) rmSync(file + suffix);

// Through the season file's own checks, so that the demo can hold nothing that a user could not have entered.
const checked = readSeasonFile(writeSeasonFile(larkvaleSeason()));
if (!checked.ok) throw new Error(`The demo season is not sound: ${JSON.stringify(checked.issues, null, 1)}`);
const { db, sqlite } = openDatabase(file);
db.transaction((tx) => insertAllFacts(tx, checked.value));
sqlite.close();
console.log(`Demo data made: ${file}`);
