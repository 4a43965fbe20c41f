import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { Worker } from 'node:worker_threads';
import { buildSync } from 'esbuild';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { isLong } from '../../../../scripts/lib/how-often';

/** What a browser's page may take of an old laptop. */
const MOST_MB = 300;
/** A few seconds, on machines that are slow at times; what goes through all rows for each row takes many minutes. */
const MOST_MS = 60_000;

/** Reads a file that is made within it, looks at its columns and plans its rows, in little room. */
const READS_IT = `
import { parentPort, workerData } from 'node:worker_threads';
import { columnsSeen } from './column-seen';
import { NOTHING } from './matching';
import { countFates } from './plan';
import { planWhole } from './plan-sheet';
import { readSheet } from './read-sheet';

const MB = 1024 * 1024;
const repeated = (text, bytes) => text.repeat(Math.floor(bytes / text.length));
const FILES = {
  'a hundred megabytes': () => new Uint8Array(100 * MB).fill(44),
  'commas alone': () => repeated(',', 19 * MB),
  'a million columns': () => Array.from({ length: 1e6 }, (_, i) => 'c' + i).join(',') + '\\n' + repeated('1,', 2e6),
  'quotation marks alone': () => repeated('"', 19 * MB),
  'a quotation mark that stays open before many rows': () => 'hive,at\\n"Oak,' + repeated('2027-05-01\\nOak,', 18 * MB),
  'rows without end': () => 'hive,at\\n' + repeated('Oak,2027-05-01\\n', 19 * MB),
  'as many cells as can be': () => repeated('a,', 398) + 'a\\n' + repeated(repeated('1,', 398) + '1\\n', 19 * MB),
  'letters of no script': () => Uint8Array.from({ length: 5 * MB }, (_, i) => (i * 7919) % 256),
  'one cell on every row': () =>
    'hive,at,cell,found\\n' + Array.from({ length: 50_000 }, (_, i) => 'Oak,2027-05-' + (Math.floor(i / 1440) % 12 + 1) + ' ' + (Math.floor(i / 60) % 24) + ':' + String(i % 60).padStart(2, '0') + ',1,sealed').join('\\n'),
  'each of another': () =>
    'colony,came-of\\n' + Array.from({ length: 50_000 }, (_, i) => 'H' + i + ',H' + (i + 1)).join('\\n'),
  'the longest that is read': () =>
    'hive,at,eggs,note\\n' + Array.from({ length: 50_000 }, (_, i) => 'H' + (i % 3000) + ',2027-05-01,=cmd|x!' + i + ',' + 'n'.repeat(300)).join('\\n'),
};
let next = 0;
const made = FILES[workerData]();
const bytes = typeof made === 'string' ? new TextEncoder().encode(made) : made;
const began = performance.now();
const read = readSheet(bytes);
let says = read.ok ? 'read' : read.issues.map(({ message }) => message.says.slice('problems/'.length)).join();
if (read.ok) {
  const columns = columnsSeen(read.value.table);
  const is = (field) => ({ ...NOTHING, field });
  const book = Object.fromEntries(['apiaries', 'colonies', 'inspections', 'cells', 'cellObservations', 'cellMoves', 'queens', 'queenEvents', 'scaleDays'].map((name) => [name, []]));
  const KINDS = {
    'one cell on every row': ['cells', ['colony', 'at', 'label', 'found']],
    'each of another': ['colonies', ['colony', 'cameOf']],
  };
  const [kind, fields] = KINDS[workerData] ?? ['inspections', ['colony', 'at', 'eggs', 'note']];
  const matching = { kind, columns: columns.map((_, i) => is(fields[i] ?? null)), hives: { oak: 'new' }, apiary: { name: 'Hill' }, isOverBook: false };
  const now = { today: 20954, minute: '2027-05-16T23:59', instant: '2027-05-16T18:00:00.000Z' };
  const plan = planWhole(read.value.table, { matching, book, now, newId: () => '01970000-0000-7000-8000-' + String(next++).padStart(12, '0') }, null);
  says += ' ' + JSON.stringify(countFates(plan.fates));
}
parentPort.postMessage({ says, ms: performance.now() - began });
`;

describe('a file that is made to do harm', () => {
  let folder: string;
  let script: string;
  beforeAll(() => {
    folder = mkdtempSync(join(tmpdir(), 'ubbet-hostile-'));
    script = join(folder, 'reads-it.mjs');
    const stdin = { contents: READS_IT, resolveDir: resolve(import.meta.dirname), loader: 'ts' } as const;
    buildSync({ stdin, bundle: true, platform: 'node', format: 'esm', outfile: script, logLevel: 'error' });
  });
  afterAll(() => rmSync(folder, { recursive: true }));

  const inLittleRoom = (file: string) =>
    new Promise<{ readonly says: string; readonly ms: number }>((done, failed) => {
      const worker = new Worker(script, { workerData: file, resourceLimits: { maxOldGenerationSizeMb: MOST_MB } });
      worker.once('message', done);
      worker.once('error', failed);
    });

  it.each([
    ['a hundred megabytes', 'larger-than'],
    ['commas alone', 'line-too-long'],
    ['a million columns', 'line-too-long'],
    ['quotation marks alone', 'line-too-long'],
    ['a quotation mark that stays open before many rows', 'quote-not-closed'],
    ['rows without end', 'too-many-rows'],
    ['as many cells as can be', 'read {"new":0,"known":0,"conflict":0,"refused":49807}'],
    ['letters of no script', 'text-not-readable'],
    ['one cell on every row', 'read {"new":17280,"known":0,"conflict":0,"refused":32720}'],
    ['each of another', 'read {"new":0,"known":0,"conflict":0,"refused":50000}'],
    ['the longest that is read', 'read {"new":0,"known":0,"conflict":0,"refused":50000}'],
  ])(
    '%s: %s, soon and in little room',
    async (file, expected) => {
      const { says, ms } = await inLittleRoom(file);
      expect(says).toBe(expected);
      // How soon hangs on the machine: it is held where nothing else runs beside it.
      if (isLong) expect(ms).toBeLessThan(MOST_MS);
    },
    2 * MOST_MS,
  );
});
