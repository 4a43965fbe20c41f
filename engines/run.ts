import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { start } from '../faults/server';
import { type Engine, firefox, webkit } from './engines';
import { click, type EnginePage, fill, open, sees, until } from './page';

/**
 * With `UBBET_LONG=1` (`npm run test:engines`) the way from the first run to an inspection entered with the server gone and sent when it is back, a survey,
 * and each main page without a script error, in the engines that phones and desks have beside Chromium's. Otherwise, as part of `npm test`,
 * the first run and two pages: that each engine starts, and Ubbet in it.
 */
const isLong = process.env.UBBET_LONG === '1';
const MAIN = ['/', '/hive', '/season', '/colonies', '/room', '/cells', '/cell-clock', '/data', '/settings', '/phone'];

const say = (line: string) => process.stdout.write(`${line}\n`);

interface Count {
  passed: number;
  failed: number;
  skipped: number;
}

async function step(count: Count, name: string, work: () => Promise<void>): Promise<boolean> {
  try {
    await work();
    count.passed += 1;
    say(`  passed  ${name}`);
    return true;
  } catch (error) {
    count.failed += 1;
    say(`  FAILED  ${name}: ${error instanceof Error ? error.message : String(error)}`);
    return false;
  }
}

/** What the server has of inspections and surveys. */
async function facts(url: string): Promise<{ inspections: { note: string }[]; surveys: unknown[] }> {
  return (await (await fetch(`${url}/api/season/export`)).json()).facts;
}

async function noErrors(page: EnginePage): Promise<void> {
  const errors = await page.errors();
  if (errors.length > 0) throw new Error(`the page’s scripts threw: ${errors.join(' | ')}`);
}

async function walk(engine: Engine, count: Count): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'ubbet-engine-'));
  const book = join(folder, 'season.sqlite');
  let server = await start(book, { TZ: 'UTC' });
  const { url } = server;
  const page = await engine.start();
  try {
    const isBegun = await step(count, `${engine.name}: the first run`, async () => {
      await open(page, url);
      await fill(page, 'Apiary', 'Orchard');
      await fill(page, 'First colony', 'Clover');
      await click(page, 'button', 'Begin');
      await sees(page, 'h1', 'Clover');
    });
    const opens = async (paths: readonly string[]) => {
      for (const path of paths)
        await step(count, `${engine.name}: ${path} without a script error`, async () => {
          await open(page, url + path);
          await noErrors(page);
        });
    };
    if (!isBegun) return;
    if (!isLong) return await opens(['/', '/hive']);
    await step(count, `${engine.name}: kept for the hive, by a service worker`, async () => {
      await open(page, `${url}/hive`);
      await until('the service worker', () =>
        page.run<boolean>('return navigator.serviceWorker?.controller?.state === "activated" || false'),
      ).catch(async () => {
        // It takes over at the next visit, at the latest.
        await open(page, `${url}/hive`);
        await until('the service worker', () =>
          page.run<boolean>('return Boolean(navigator.serviceWorker?.controller)'),
        );
      });
      await until('the pages to be kept', () =>
        page.run<boolean>("return Object.keys(localStorage).some((key) => key.startsWith('ubbet-kept-'))"),
      );
    });
    await step(count, `${engine.name}: an inspection entered with the server gone, sent when it is back`, async () => {
      await open(page, `${url}/hive`);
      await server.kill();
      await open(page, `${url}/hive`);
      await click(page, 'a', 'Orchard');
      await click(page, 'a', 'Clover');
      await click(page, 'label', 'seen');
      await click(page, 'label', 'every brood frame, bees shaken');
      await fill(page, 'Note', `entered in ${engine.name}`);
      await click(page, 'button', 'Save the inspection');
      await sees(page, '[role=status]', '1 saved here, not sent');
      server = await start(book, { PORT: new URL(url).port, TZ: 'UTC' });
      await open(page, `${url}/hive`);
      await sees(page, '[role=status]', 'all sent');
      await until('the inspection on the server', async () =>
        (await facts(url)).inspections.some(({ note }) => note === `entered in ${engine.name}`),
      );
    });
    await step(count, `${engine.name}: a survey of the frames`, async () => {
      await open(page, `${url}/colonies`);
      await click(page, 'a', 'Clover');
      await sees(page, 'h1', 'Clover');
      const colony = await page.run<string>('return location.pathname');
      await open(page, `${url}${colony}/frames/survey`);
      await sees(page, 'h1', 'Frames of Clover');
      for (const counted of ['5 brood of all ages', '0 sealed brood', '0 eggs and larvae', '4 pollen', 'the other']) {
        await click(page, 'button', counted);
      }
      await click(page, 'button', 'Save the frames');
      await until('the survey on the server', async () => (await facts(url)).surveys.length === 1);
      // It goes on to the frames by itself.
      await until('the frames', () => page.run<boolean>("return !location.pathname.endsWith('/survey')"));
    });
    await opens(MAIN);
  } finally {
    await page.close();
    await server.kill();
    rmSync(folder, { recursive: true, force: true });
  }
}

async function once(engine: Engine): Promise<Count> {
  const walked: Count = { passed: 0, failed: 0, skipped: 0 };
  await walk(engine, walked).catch((error) => {
    walked.failed += 1;
    say(`  FAILED  ${engine.name} does not start: ${error instanceof Error ? error.message : String(error)}`);
  });
  return walked;
}

const count: Count = { passed: 0, failed: 0, skipped: 0 };
for (const engine of [webkit, firefox]) {
  if (engine.missing !== null) {
    count.skipped += 1;
    say(`  skipped ${engine.name}: ${engine.missing}`);
    continue;
  }
  let walked = await once(engine);
  if (walked.failed > 0) {
    // Drivers and screens that are not there fail by themselves at times; what fails twice has failed.
    say(`  ${engine.name} is tried once more`);
    walked = await once(engine);
  }
  count.passed += walked.passed;
  count.failed += walked.failed;
}
mkdirSync('.ubbet', { recursive: true });
writeFileSync('.ubbet/engines.json', JSON.stringify(count));
say(`${count.passed} passed, ${count.failed} failed, ${count.skipped} skipped`);
process.exitCode = count.failed > 0 ? 1 : 0;
