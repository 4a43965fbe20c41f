import { type Browser, chromium } from '@playwright/test';
import { servedYard } from './served-yard';

/** What pages cost in a browser, with a yard of many colonies: their script, and a step of the season sheet. Build first. */
const COLONIES = 100;
const PORT = 4695;
const STEPS = 60;
const SCRIPT_GOAL_KB = 175;
const STEP_GOAL_MS = 16;

const { address, colonyId } = await servedYard(COLONIES, PORT);
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
    baseURL: address,
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
  `/hive?hive=${colonyId}`,
  '/season',
  `/colonies/${colonyId}`,
  `/colonies/${colonyId}/inspect`,
  `/colonies/${colonyId}/decide`,
  '/room',
  `/colonies/${colonyId}/frames`,
  `/colonies/${colonyId}/frames/survey`,
  `/colonies/${colonyId}/board/nuc-swarm`,
];
for (const path of PATHS) {
  const page = await openPage(browser, path);
  const { first, later } = await page.evaluate(scriptBytes);
  const besides = await Promise.all(page.workers().map((worker) => worker.evaluate(scriptBytes)));
  const times: number[] = [];
  for (let i = 0; i < 7; i++) {
    const asked = performance.now();
    await (await fetch(`${address}${path}`)).text();
    times.push(performance.now() - asked);
  }
  const elements = await page.evaluate(() => document.querySelectorAll('main *').length);
  const name = path.replace(colonyId, '…');
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

/** Script of a step of dragging a frame over the board, with three hives and three boxes of twelve frames in the first. */
async function boardSteps(on: Browser) {
  const board = await openPage(on, `/colonies/${colonyId}/board/nuc-swarm`);
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
