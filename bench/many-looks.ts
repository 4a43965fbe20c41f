import { readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v7 as newId } from 'uuid';
import { start } from '../faults/server';
import { addDays, day, formatDay } from '../src/core/calendar/day';
import { openDatabase } from '../src/db/open';
import { insertAllFacts, readAllFacts } from '../src/server/season/season-facts';
import { anEntry, bookOf } from '../src/server/testing';

/** A colony's page with so many looks, and the export of a book with so many inspections: time and memory. Build first. */
const LOOKS = 2_000;
const EXPORTED = 30_000;
const COLONY = '01990000-0000-7000-8000-000000000002';

function bookWith(count: number): string {
  const file = join(tmpdir(), `ubbet-looks-${count}.sqlite`);
  for (const suffix of ['', '-wal', '-shm']) rmSync(file + suffix, { force: true });
  const made = bookOf('01990000-0000-7000-8000-000000000001', { Clover: COLONY });
  const facts = readAllFacts(made.db);
  made.sqlite.close();
  const first = day('2016-04-01');
  const inspections = Array.from({ length: count }, (_, i) => {
    const at = `${formatDay(addDays(first, Math.floor((i * 4_000) / count)))}T${String(8 + (i % 10)).padStart(2, '0')}:${String(i % 60).padStart(2, '0')}`;
    const { cells: _cells, ...entry } = anEntry({ id: newId(), colonyId: COLONY, at, eggs: 'seen' });
    return { ...entry, deletedAt: null };
  });
  const opened = openDatabase(file);
  const colonies = facts.colonies.map((colony) => ({ ...colony, startedOn: '2016-04-01' }));
  opened.db.transaction((tx) => insertAllFacts(tx, { ...facts, colonies, inspections }));
  opened.sqlite.close();
  return file;
}

const memoryOf = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

const server = await start(bookWith(LOOKS));
for (let i = 0; i < 3; i++) {
  const began = performance.now();
  const page = await (await fetch(`${server.url}/colonies/${COLONY}`)).text();
  console.log(
    `colony page, ${LOOKS} looks: ${Math.round(performance.now() - began)} ms, ${Math.round(page.length / 1024)} kB`,
  );
}
await server.kill();

const big = await start(bookWith(EXPORTED));
const before = memoryOf(big.child.pid as number);
let most = before;
const watch = setInterval(() => {
  most = Math.max(most, memoryOf(big.child.pid as number));
}, 20);
const began = performance.now();
const size = (await (await fetch(`${big.url}/api/season/export`)).arrayBuffer()).byteLength;
clearInterval(watch);
console.log(
  `export, ${EXPORTED} inspections: ${Math.round(performance.now() - began)} ms, ${Math.round(size / 1e6)} MB, ${Math.round(most - before)} MB more memory (${Math.round(before)} before)`,
);
for (const [name, body] of [
  ['8 MB of 0,', `{"format":"ubbet-season","version":5,"facts":{"inspections":[${'0,'.repeat(4_000_000)}0]}}`],
  ['60 MB of 0,', `{"format":"ubbet-season","version":5,"facts":{"inspections":[${'0,'.repeat(30_000_000)}0]}}`],
  ['60 MB of [', '['.repeat(60_000_000)],
  [
    '130,000 wrong rows',
    `{"format":"ubbet-season","version":5,"facts":{"inspections":[${'{"id":1},'.repeat(130_000)}{"id":1}]}}`,
  ],
  ['60 MB of text', `"${'x'.repeat(60_000_000)}"`],
] as const) {
  let peak = memoryOf(big.child.pid as number);
  const timer = setInterval(() => {
    peak = Math.max(peak, memoryOf(big.child.pid as number));
  }, 20);
  const from = performance.now();
  const response = await fetch(`${big.url}/api/season/preview`, { method: 'POST', body });
  const { issues } = (await response.json()) as { issues: unknown[] };
  clearInterval(timer);
  console.log(
    `${name}: ${Math.round(performance.now() - from)} ms, peak ${Math.round(peak)} MB, ${issues.length} faults named`,
  );
}
await big.kill();
