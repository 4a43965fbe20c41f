import { existsSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { planFortnight } from '../src/core/rounds/plan-fortnight';
import { openDatabase } from '../src/db/open';
import { saveInspection } from '../src/server/entries/save-inspection';
import { planApart } from '../src/server/rounds/plan-apart';
import { insertAllFacts } from '../src/server/season/season-facts';
import { anEntry, id } from '../src/server/testing';
import { highsSolver } from '../src/solver/highs';
import { bigYard } from './big-yard';
import { asked, TODAY } from './rounds-asked';

/** How long it takes to plan two weeks, and what an entry waits meanwhile. Goals: 16 colonies in 3 apiaries proven under 1 s; 100 in 5 in 2 s. */
const SEEDS = [1, 2, 3, 4, 5, 6, 7];
const solve = await highsSolver();
const seconds = () => performance.now() / 1000;

console.log('two weeks planned, by seed: seconds, what is proven, by how much it may lose needlessly');
for (const [colonies, apiaries] of [
  [16, 3],
  [40, 3],
  [100, 5],
] as const) {
  const told = SEEDS.map((seed) => {
    const question = asked(colonies, apiaries, seed);
    const began = seconds();
    const { optimal, gap, unmet, rounds } = planFortnight(question, solve, seconds);
    return `${(seconds() - began).toFixed(2)} s ${optimal ? 'proven' : `gap ${JSON.stringify(gap)}`} (${question.visits.length} checks, ${rounds.length} rounds, ${unmet.length} unmet)`;
  });
  console.log(`${colonies} colonies in ${apiaries} apiaries`);
  for (const line of told) console.log(`  ${line}`);
}

if (!existsSync('.next/solver/rounds-worker.mjs')) {
  console.log('an entry meanwhile: not measured, the application is not built (npm run build)');
} else {
  const file = join(tmpdir(), 'ubbet-bench-rounds.sqlite');
  for (const suffix of ['', '-wal', '-shm']) rmSync(file + suffix, { force: true });
  const opened = openDatabase(file);
  const yard = bigYard(100, 0);
  opened.db.transaction((tx) => insertAllFacts(tx, yard));
  const now = { today: TODAY, minute: '2027-05-16T23:59', instant: '2027-05-16T22:59:00Z' };
  let isPlanning = true;
  const plan = planApart(asked(100, 5, 1), 'a hundred colonies').finally(() => {
    isPlanning = false;
  });
  const took: number[] = [];
  for (let i = 0; isPlanning && i < 400; i++) {
    const colonyId = yard.colonies[i % yard.colonies.length]?.id as string;
    const at = `2027-05-16T${String(8 + Math.floor(i / 60)).padStart(2, '0')}:${String(i % 60).padStart(2, '0')}`;
    const began = performance.now();
    const saved = saveInspection(opened.db, anEntry({ id: id(5000 + i), colonyId, at }), now);
    if (!saved.ok) throw new Error(JSON.stringify(saved.issues));
    took.push(performance.now() - began);
    await new Promise((go) => setTimeout(go, 20));
  }
  await plan;
  took.sort((a, b) => a - b);
  console.log(
    `${took.length} entries saved meanwhile: median ${took[took.length >> 1]?.toFixed(1)} ms, slowest ${took.at(-1)?.toFixed(1)} ms (goal: 50)`,
  );
  opened.sqlite.close();
}
process.exit(0);
