import { spawn } from 'node:child_process';
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureChromium } from './lib/chromium.mjs';
import { checkNode, ensureBuilt, ensureDemoData, ensureInstalled, freePort, ROOT } from './lib/setup.mjs';

/** Takes one picture of each main view from fresh demo data into docs/screenshots, or of those alone that are named. */
const FOLDER = join(ROOT, 'docs', 'screenshots');
const DATA = join(ROOT, '.ubbet', 'screenshots', 'demo.sqlite');
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

const colony = (name) => async (page) => {
  await page.goto('/colonies');
  await page.getByRole('link', { name, exact: true }).click();
  await page.getByRole('heading', { level: 1, name }).waitFor();
};
const tapCells = async (page) => {
  await page.getByRole('group', { name: 'Cell a is now' }).getByRole('button', { name: 'sealed' }).click();
  await page.getByRole('group', { name: 'Cell b is now' }).getByRole('button', { name: 'broken down' }).click();
};
const round = (apiary) => async (page) => {
  await page.goto('/hive');
  await page.getByRole('link', { name: new RegExp(`^${apiary}`) }).click();
  await page.getByRole('list', { name: 'The round' }).waitFor();
};
const hiveEntry = async (page) => {
  await page.goto('/hive');
  await page.evaluate(() => localStorage.setItem('ubbet-theme', 'sunlight'));
  await round('Walled garden')(page);
  await page
    .getByRole('link', { name: /Sainfoin/ })
    .first()
    .click();
  await tapCells(page);
};
const choices = async (page) => {
  await colony('Sainfoin')(page);
  await page.getByRole('link', { name: 'What are my choices?' }).click();
  await page.getByRole('heading', { level: 1, name: 'Artificial swarm with a nuc' }).waitFor();
};
const openHive = async (page) => {
  await page.goto('/practice');
  await page.getByRole('button', { name: 'Begun already', exact: true }).click();
  await page.getByRole('button', { name: 'Open Willowherb', exact: true }).click();
  await page.getByRole('button', { name: 'Every frame, bees shaken or brushed off' }).click();
  await page.getByRole('button', { name: 'Write it down yourself' }).waitFor();
};
const programme = (name, title) => async (page) => {
  await colony(name)(page);
  await page.getByRole('link', { name: title }).click();
  await page.getByRole('heading', { level: 1, name: title }).waitFor();
};
const frames = (name) => async (page) => {
  await colony(name)(page);
  await page.getByRole('heading', { name: 'Frames', exact: true }).click();
  await page.getByRole('link', { name: 'Frames and moves' }).click();
  await page.getByRole('heading', { name: 'Which frame goes where?' }).waitFor();
};
const plan = async (page) => {
  await page.goto('/season/plan');
  await page.getByRole('toolbar', { name: 'Move through the season' }).evaluate((bar) => bar.scrollIntoView());
};

const whatIf = async (page) => {
  await choices(page);
  await page.getByRole('link', { name: 'Compare them' }).click();
  await page.getByRole('table', { name: 'What each choice comes to' }).waitFor();
};
const board = async (page) => {
  await frames('Sainfoin')(page);
  await page.getByRole('link', { name: 'Artificial swarm with a nuc' }).click();
  await page.getByRole('button', { name: 'Use the proposal' }).click();
  await page.getByRole('region', { name: 'The nuc', exact: true }).waitFor();
  await page.getByRole('button', { name: /the kept cell is on it/ }).click();
};
const weather = (apiary) => async (page) => {
  await page.goto('/apiaries');
  const line = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: apiary }) });
  await line.getByRole('link', { name: 'Weather' }).click();
  await page.locator('canvas').nth(1).waitFor();
};
const map = (apiary) => async (page) => {
  await page.goto('/apiaries');
  await page.getByRole('link', { name: `Map of ${apiary}` }).click();
  await page.getByRole('button', { name: /^stand 3: Yarrow/ }).click();
  await page.getByRole('button', { name: 'Move Yarrow to another stand' }).click();
  await page.getByLabel('To', { exact: true }).selectOption({ label: 'stand 1' });
};
const at = (path) => (page) => page.goto(path);
const week = async (page) => {
  await page.goto('/');
  await page.getByText('Change the plan').waitFor();
};
const minutesHere = async (page) => {
  await round('Old quarry')(page);
  await page.getByText('So many minutes here, now').click();
  await page.getByRole('button', { name: 'Rain in half an hour' }).click();
  await page.getByRole('list', { name: 'Now' }).waitFor();
};

const VIEWS = [
  { file: 'today', size: DESK, open: week },
  { file: 'today-phone', size: PHONE, open: week },
  { file: 'colony', size: DESK, open: colony('Sainfoin') },
  { file: 'hive-round-phone', size: PHONE, open: round('School roof') },
  { file: 'hive-entry-phone', size: PHONE, open: hiveEntry },
  { file: 'choices', size: DESK, open: choices },
  { file: 'practice', size: DESK, open: openHive },
  { file: 'programme', size: DESK, open: programme('Knapweed', /Artificial swarm with a nuc/) },
  { file: 'minutes-here-phone', size: PHONE, open: minutesHere },
  { file: 'cells', size: DESK, open: at('/cells') },
  {
    file: 'cell-clock',
    size: DESK,
    open: at('/cell-clock?seen=2027-05-10.larva-large&seen=2027-05-13.sealed-fresh&empty=2027-05-03.cleared'),
  },
  { file: 'weather', size: DESK, open: weather('Walled garden') },
  { file: 'kit', size: DESK, open: at('/apiaries/kit') },
  { file: 'map', size: DESK, open: map('Walled garden') },
  { file: 'season', size: DESK, open: at('/season') },
  { file: 'plan', size: DESK, open: plan },
  { file: 'frames', size: DESK, open: frames('Sainfoin') },
  { file: 'what-if', size: DESK, open: whatIf },
  { file: 'board', size: DESK, open: board },
];

checkNode();
ensureInstalled();
ensureBuilt();
const executablePath = ensureChromium();
if (!executablePath) process.exit(1);
rmSync(DATA, { force: true });
ensureDemoData(DATA);
mkdirSync(FOLDER, { recursive: true });

const { chromium } = await import('@playwright/test');
const port = await freePort(4690, '127.0.0.1');
const server = spawn(process.execPath, ['.next/gate/main.mjs'], {
  cwd: ROOT,
  env: { ...process.env, NODE_ENV: 'production', PORT: String(port), UBBET_DEMO: '1', UBBET_DATA: DATA, TZ: 'UTC' },
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise((resolve) =>
  server.stdout.on('data', (chunk) => String(chunk).includes('Ubbet is ready') && resolve()),
);
const browser = await chromium.launch({
  executablePath,
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--lang=en-GB',
  ],
});
const named = process.argv.slice(2);
for (const { file, size, open } of VIEWS) {
  if (named.length > 0 && !named.includes(file)) continue;
  const page = await browser.newPage({ viewport: size, baseURL: `http://127.0.0.1:${port}`, locale: 'en-GB' });
  await open(page);
  await page.mouse.move(0, 0);
  await page.evaluate(() => document.fonts.ready);
  await page.waitForTimeout(300);
  await page.screenshot({ path: join(FOLDER, `${file}.png`) });
  await page.close();
  console.log(`docs/screenshots/${file}.png`);
}
await browser.close();
server.kill();
