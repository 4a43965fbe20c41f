import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { day } from '../src/core/calendar/day';
import { openDatabase } from '../src/db/open';
import { loadColonyFacts } from '../src/db/repositories/colony-facts';
import { loadApiaries } from '../src/server/all-apiaries';
import { saveInspection } from '../src/server/entries/save-inspection';
import { insertAllFacts } from '../src/server/season/season-facts';
import { anEntry, id } from '../src/server/testing';
import { todayView } from '../src/views/today-view';
import { bigYard } from './big-yard';

/** What Today costs on the server after an entry, in a book of many colonies and seasons, beside writing one season's facts out as JSON. */
const COLONIES = 100;
const FORMER_SEASONS = 9;
const ROUNDS = 9;
const GOAL_MS = 60;

const file = join(tmpdir(), 'ubbet-bench-today.sqlite');
for (const suffix of ['', '-wal', '-shm']) rmSync(file + suffix, { force: true });
const opened = openDatabase(file);
opened.db.transaction((tx) => insertAllFacts(tx, bigYard(COLONIES, FORMER_SEASONS)));
const colonyIds = [...loadColonyFacts(opened.db).keys()];
const today = day('2027-05-20');
const now = { today, minute: '2027-05-20T18:00', instant: '2027-05-20T17:00:00Z' };

function median(run: () => unknown): number {
  const times = Array.from({ length: ROUNDS }, () => {
    const begun = performance.now();
    run();
    return performance.now() - begun;
  });
  return times.sort((a, b) => a - b)[ROUNDS >> 1] as number;
}

const season = [...loadColonyFacts(opened.db).values()].slice(0, COLONIES / (FORMER_SEASONS + 1));
const floor = median(() => JSON.stringify(season).length);

let entered = 0;
function enter(): void {
  entered += 1;
  const colonyId = colonyIds[entered % colonyIds.length] as string;
  const at = `2027-05-20T${String(8 + Math.floor(entered / 60)).padStart(2, '0')}:${String(entered % 60).padStart(2, '0')}`;
  const saved = saveInspection(opened.db, anEntry({ id: id(900 + entered), colonyId, at }), now);
  if (!saved.ok) throw new Error(JSON.stringify(saved.issues));
}

const begun = performance.now();
todayView(loadApiaries(opened, today), today);
const fromNothing = performance.now() - begun;
const after: number[] = [];
for (let i = 0; i < ROUNDS; i++) {
  enter();
  const asked = performance.now();
  todayView(loadApiaries(opened, today), today);
  after.push(performance.now() - asked);
}
const afterEntry = after.sort((a, b) => a - b)[ROUNDS >> 1] as number;
const facts = median(() => loadColonyFacts(opened.db));
opened.sqlite.close();

console.log(`${COLONIES} colonies, ${FORMER_SEASONS + 1} seasons`);
const report = (name: string, ms: number, goal = '') =>
  console.log(
    `${name.padEnd(44)} ${ms.toFixed(1).padStart(8)} ms  ${(ms / floor).toFixed(2).padStart(7)} × floor  ${goal}`,
  );
report('floor: the facts of one season as JSON', floor);
report('all facts read from the book', facts);
report('Today from nothing', fromNothing);
report('Today after an entry', afterEntry, `goal: ${GOAL_MS} ms where a bare page of 100 rows takes 19`);
