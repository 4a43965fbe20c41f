import { existsSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { addDays, day } from '../src/core/calendar/day';
import { type FortnightAsked, planFortnight } from '../src/core/rounds/plan-fortnight';
import { plannedDays } from '../src/core/rounds/planned-days';
import type { VisitCheck } from '../src/core/rounds/to-visit';
import { KIND_OF, OPENING_MINUTES, USUAL_MINUTES } from '../src/core/rounds/work';
import { verbatim } from '../src/core/says/together';
import { aCheck } from '../src/core/schedule/check';
import { USUAL_WEEK } from '../src/core/settings/free-time';
import { openDatabase } from '../src/db/open';
import { saveInspection } from '../src/server/entries/save-inspection';
import { planApart } from '../src/server/rounds/plan-apart';
import { insertAllFacts } from '../src/server/season/season-facts';
import { anEntry, id } from '../src/server/testing';
import { stationHours } from '../src/simulated/station';
import { highsSolver } from '../src/solver/highs';
import { bigYard } from './big-yard';

/** How long it takes to plan two weeks, and what an entry waits meanwhile. Goals: 16 colonies in 3 apiaries proven under 1 s; 100 in 5 in 2 s. */
const TODAY = day('2027-05-16');

/** A small repeatable source of numbers from 0 up to 1. */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

/** Mid-season: each colony has a look due about once in nine days, one in three a follow-up beside, one in eight cells. */
function asked(colonies: number, apiaries: number, seed: number): FortnightAsked {
  const next = seeded(seed);
  const pick = <T>(list: readonly T[]) => list[Math.floor(next() * list.length)] as T;
  const ids = Array.from({ length: apiaries }, (_, i) => `a${i}`);
  const visits: VisitCheck[] = [];
  const add = (colony: string, apiary: string, code: keyof typeof KIND_OF, weight: number, length: number) => {
    const first = Math.floor(next() * 13) - 2;
    const ideal = first + Math.floor(next() * (length + 1));
    const window = {
      earliest: addDays(TODAY, first),
      ideal: addDays(TODAY, ideal),
      latest: addDays(TODAY, first + length),
    };
    if (window.latest < TODAY) return;
    const check = aCheck({ key: `${code}:${colony}`, code, window, why: verbatim('') });
    const kind = KIND_OF[code];
    const minutes = USUAL_MINUTES[kind] + OPENING_MINUTES;
    visits.push({
      id: `${colony} ${check.key}`,
      apiary,
      window,
      minutes,
      opens: code !== 'supers-check',
      weight,
      colonyId: colony,
      check,
      kind,
      isLate: false,
    });
  };
  for (let i = 0; i < colonies; i++) {
    const [colony, apiary] = [`c${i}`, ids[i % apiaries] as string];
    add(colony, apiary, 'look', next() < 0.125 ? 100 : 10, 2 + Math.floor(next() * 3));
    if (next() < 0.33)
      add(colony, apiary, pick(['thin-cells', 'eggs', 'supers-check', 'make-room']), pick([100, 20, 10, 10]), 3);
  }
  const hours = stationHours(
    { seed: 'valley', warmerC: 0.3, spells: [{ from: addDays(TODAY, 2), to: addDays(TODAY, 3), byC: -5, wet: true }] },
    addDays(TODAY, -1),
    TODAY,
  );
  return {
    days: plannedDays({
      today: TODAY,
      minute: '2027-05-16T10:00',
      time: { freeWeek: USUAL_WEEK, away: [], extraHours: [] },
      hours: new Map(ids.map((one) => [one, hours])),
      apiaries: ids,
      sunset: () => null,
    }),
    apiaries: ids.map((one, i) => ({ id: one, wayMinutes: 10 + 8 * i })),
    visits,
    pinned: [],
    forbidden: [],
    together: [],
    seen: new Map(),
    gifts: [],
  };
}

const SEEDS = [1, 2, 3, 4, 5, 6, 7];
const solve = await highsSolver();
const seconds = () => performance.now() / 1000;

console.log('two weeks planned, by seed: seconds, what is proven, weight that may be undone needlessly');
for (const [colonies, apiaries] of [
  [16, 3],
  [40, 3],
  [100, 5],
] as const) {
  const told = SEEDS.map((seed) => {
    const question = asked(colonies, apiaries, seed);
    const began = seconds();
    const { optimal, gap, unmet, rounds } = planFortnight(question, solve, seconds);
    const weight = unmet.reduce(
      (sum, { id: name }) => sum + (question.visits.find((one) => one.id === name)?.weight ?? 0),
      0,
    );
    return `${(seconds() - began).toFixed(2)} s ${optimal ? 'proven' : `gap ${gap}`} (${question.visits.length} checks, ${rounds.length} rounds, ${weight} unmet)`;
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
  const plan = planApart(asked(100, 5, 1)).finally(() => {
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
