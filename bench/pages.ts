import { spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Browser, chromium } from '@playwright/test';
import { openDatabase } from '../src/db/open';
import { insertAllFacts } from '../src/server/season/season-facts';
import { bigYard } from './big-yard';

/** What pages cost in a browser, with a yard of many colonies: their script, and a step of the season sheet. Build first. */
const COLONIES = 100;
const PORT = 4695;
const STEPS = 60;
const SCRIPT_GOAL_KB = 175;
const STEP_GOAL_MS = 16;

const file = join(tmpdir(), 'ubbet-bench.sqlite');
for (const suffix of ['', '-wal', '-shm']) rmSync(file + suffix, { force: true });
const opened = openDatabase(file);
opened.db.transaction((tx) => insertAllFacts(tx, bigYard(COLONIES)));
const colony = opened.sqlite.prepare('select id from colony order by name').get() as { id: string };
opened.sqlite.close();

const server = spawn(process.execPath, ['.next/gate/main.mjs'], {
  env: { ...process.env, NODE_ENV: 'production', PORT: String(PORT), UBBET_DATA: file, UBBET_DEMO: '1', TZ: 'UTC' },
  stdio: ['ignore', 'pipe', 'inherit'],
});
process.on('exit', () => server.kill());
await new Promise<void>((resolve) =>
  server.stdout.on('data', (chunk) => String(chunk).includes('Ubbet is ready') && resolve()),
);
const browser = await chromium.launch({
  executablePath: process.env.UBBET_CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});

/**
 * Runs in the page or in a worker: the script that it has loaded itself, as it came over the wire: what was there before the page had come
 * alive, and what came later. Nothing in it has a name, for names are kept by means that a page does not have.
 */
const scriptBytes = () =>
  (performance.getEntriesByType('resource') as PerformanceResourceTiming[])
    .filter(({ name, initiatorType }) => /\.js/.test(name) && initiatorType !== 'worker')
    .reduce(
      ({ first, later }, { responseEnd, encodedBodySize }) =>
        responseEnd <= (performance.getEntriesByName('alive')[0]?.startTime ?? Number.POSITIVE_INFINITY)
          ? { first: first + encodedBodySize, later }
          : { first, later: later + encodedBodySize },
      { first: 0, later: 0 },
    );
/** Runs before a page's own script: marks the moment from which on it can be used. */
const MARK_ALIVE = `new MutationObserver((_, observer) => {
  if (!document.documentElement?.hasAttribute('data-alive')) return;
  performance.mark('alive');
  observer.disconnect();
}).observe(document, { attributes: true, subtree: true, attributeFilter: ['data-alive'] });`;
const kB = (bytes: number) => String(Math.round(bytes / 1024)).padStart(4);

const median = (values: readonly number[]) => [...values].sort((a, b) => a - b)[values.length >> 1] as number;

async function openPage(on: Browser, path: string) {
  const page = await on.newPage({
    viewport: { width: 1280, height: 800 },
    baseURL: `http://127.0.0.1:${PORT}`,
    serviceWorkers: 'block',
  });
  await page.addInitScript(MARK_ALIVE);
  await page.goto(path, { waitUntil: 'networkidle' });
  return page;
}

console.log(`${COLONIES} colonies`);
const PATHS = [
  '/',
  '/hive',
  `/hive?hive=${colony.id}`,
  '/season',
  `/colonies/${colony.id}`,
  `/colonies/${colony.id}/inspect`,
  `/colonies/${colony.id}/decide`,
  '/room',
  `/colonies/${colony.id}/frames`,
  `/colonies/${colony.id}/frames/survey`,
  `/colonies/${colony.id}/board/nuc-swarm`,
];
for (const path of PATHS) {
  const page = await openPage(browser, path);
  const { first, later } = await page.evaluate(scriptBytes);
  const besides = await Promise.all(page.workers().map((worker) => worker.evaluate(scriptBytes)));
  const times: number[] = [];
  for (let i = 0; i < 7; i++) {
    const asked = performance.now();
    await (await fetch(`http://127.0.0.1:${PORT}${path}`)).text();
    times.push(performance.now() - asked);
  }
  const elements = await page.evaluate(() => document.querySelectorAll('main *').length);
  const name = path.replace(colony.id, '…');
  const beside = besides.reduce((sum, one) => sum + one.first + one.later, 0);
  console.log(
    `${name.padEnd(27)} script ${kB(first)} kB gz (goal: under ${SCRIPT_GOAL_KB}), then ${kB(later)}, in its worker ${kB(beside)}   server ${median(times).toFixed(0).padStart(4)} ms   ${elements} elements`,
  );
  await page.close();
}

const page = await openPage(browser, '/season');
for (const [what, keys] of [
  ['pan', ['ArrowRight', 'ArrowLeft']],
  ['zoom', ['+', '-']],
] as const) {
  const { script, layout } = await page.evaluate(
    ({ keys, STEPS }) => {
      const sheet = document.querySelector('.season') as HTMLElement;
      const script: number[] = [];
      const layout: number[] = [];
      for (let i = 0; i < STEPS; i++) {
        const begun = performance.now();
        sheet.dispatchEvent(
          new KeyboardEvent('keydown', { key: keys[i % 2] as string, bubbles: true, cancelable: true }),
        );
        const done = performance.now();
        sheet.getBoundingClientRect();
        script.push(done - begun);
        layout.push(performance.now() - done);
      }
      return { script, layout };
    },
    { keys, STEPS },
  );
  console.log(
    `season, a ${what} step`.padEnd(26),
    `script ${median(script).toFixed(2)} ms (goal: under ${STEP_GOAL_MS}), layout ${median(layout).toFixed(2)} ms`,
  );
}
await boardSteps(browser);
await browser.close();
server.kill();

/** Script of a step of dragging a frame over the board, with three hives and three boxes of twelve frames in the first. */
async function boardSteps(on: Browser) {
  const board = await openPage(on, `/colonies/${colony.id}/board/nuc-swarm`);
  await board.getByRole('button', { name: 'Use the proposal' }).click();
  await board.getByLabel('Bring in the hive of').selectOption({ index: 1 });
  const frames = board.locator('[data-frame]');
  const cdp = await board.context().newCDPSession(board);
  await cdp.send('Performance.enable');
  const scriptMs = async () => {
    const { metrics } = await cdp.send('Performance.getMetrics');
    return (metrics.find(({ name }) => name === 'ScriptDuration')?.value ?? 0) * 1000;
  };
  const [from, to] = [await frames.nth(3).boundingBox(), await frames.nth(30).boundingBox()];
  if (!from || !to) throw new Error('The board has no frames');
  await board.mouse.move(from.x + 8, from.y + 30);
  await board.mouse.down();
  await board.mouse.move(from.x + 20, from.y + 30, { steps: 3 });
  const times: number[] = [];
  for (let i = 1; i <= STEPS; i++) {
    const before = await scriptMs();
    const share = i / STEPS;
    await board.mouse.move(from.x + (to.x - from.x) * share, from.y + 30 + (to.y - from.y) * share);
    await board.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => resolve(null))));
    times.push((await scriptMs()) - before);
  }
  await board.mouse.up();
  const count = await frames.count();
  console.log(
    `board, a drag step`.padEnd(26),
    `script ${median(times).toFixed(2)} ms, at worst ${Math.max(...times).toFixed(1)} ms (goal: under ${STEP_GOAL_MS}), ${count} frames in 3 hives`,
  );
}
