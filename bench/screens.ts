import { chromium, type Page } from '@playwright/test';
import { larkvaleSeason } from '../src/demo/larkvale';
import { bigYard } from './big-yard';
import { servedBook } from './served-yard';

/**
 * What a keeper has before them with nothing opened: words, things to press, how many screens, and how far down the first hive's act stands; at
 * a desk and on a phone; in the demo, an empty book, one hive and many. Of the page itself, without the head and foot that all pages have.
 */
const DAY = '2027-05-16';
const MANY = 45;
const BOOKS = [
  ['demo', larkvaleSeason()],
  ['empty', null],
  ['one hive', bigYard(1)],
  [`${MANY} colonies`, bigYard(MANY)],
] as const;
const SIZES = { desk: { width: 1280, height: 800 }, phone: { width: 390, height: 844 } } as const;
const PATHS = ['/', '/hive', '/colonies', 'COLONY', 'COLONY/inspect', 'COLONY/decide'] as const;
const PORT = 4697;

/** Runs in the page. */
const measured = () => {
  const main = document.querySelector('main') ?? document.body;
  const isSeen = (element: Element) => {
    const { width, height } = element.getBoundingClientRect();
    return width > 0 && height > 0 && element.checkVisibility();
  };
  const words = (text: string) => text.split(/\s+/).filter((word) => /[\p{L}\p{N}]/u.test(word)).length;
  // The days of the ruler are figures on every page, and no words of this one.
  const ruler = [...main.querySelectorAll<HTMLElement>('.ruler-row ol, .ruler-row ul')]
    // biome-ignore lint/performance/useDomNodeTextContent: as above, what is hidden is not to be counted
    .map((one) => one.innerText)
    .join(' ');
  const acts = [...main.querySelectorAll('.hive-lane summary, h1')];
  return {
    // biome-ignore lint/performance/useDomNodeTextContent: what is folded away is not to be counted
    words: words(main.innerText),
    days: words(ruler),
    presses: [...main.querySelectorAll('a, button, summary, input, select, textarea')].filter(isSeen).length,
    height: main.scrollHeight,
    act: Math.round(acts.find((one) => one.tagName === 'SUMMARY')?.getBoundingClientRect().bottom ?? 0),
  };
};

async function look(page: Page, path: string, height: number) {
  await page.goto(path, { waitUntil: 'networkidle' });
  const { words, days, presses, height: whole, act } = await page.evaluate(measured);
  return `${String(words).padStart(5)} words (${String(days).padStart(2)} of the ruler) ${String(presses).padStart(4)} presses ${(whole / height).toFixed(1).padStart(5)} screens${act > 0 ? `, first act at ${act} px` : ''}`;
}

const browser = await chromium.launch({
  executablePath: process.env.UBBET_CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
for (const [name, facts] of BOOKS) {
  console.log(name);
  const { address, colonyId, stop } = await servedBook(facts, PORT);
  for (const [size, viewport] of Object.entries(SIZES)) {
    const context = await browser.newContext({ viewport, baseURL: address, serviceWorkers: 'block' });
    await context.addCookies([{ name: 'ubbet-demo-day', value: DAY, url: address }]);
    // What is run in the page is compiled with the names of its functions.
    await context.addInitScript('globalThis.__name = (one) => one');
    const page = await context.newPage();
    for (const path of PATHS) {
      if (path.startsWith('COLONY') && colonyId === '') continue;
      const at = path.replace('COLONY', `/colonies/${colonyId}`);
      console.log(`  ${size.padEnd(5)} ${path.padEnd(14)} ${await look(page, at, viewport.height)}`);
    }
    await context.close();
  }
  stop();
}
await browser.close();
process.exit(0);
