import { test as base, expect, type Page } from '@playwright/test';
import { type Seed, Servers } from './server';

interface Options {
  /** What the book holds when the test begins; `real`: nothing, and the clock is not the demo's. */
  seed: Seed;
}

/** What is tapped or typed before a page has come alive goes astray: whoever opens one waits for that. */
export function waitsToBeAlive(page: Page): Page {
  const [goto, reload] = [page.goto.bind(page), page.reload.bind(page)];
  const alive = () => page.locator('html[data-alive]').waitFor({ state: 'attached' });
  page.goto = async (...args) => {
    const response = await goto(...args);
    await alive();
    return response;
  };
  page.reload = async (...args) => {
    const response = await reload(...args);
    await alive();
    return response;
  };
  return page;
}

/** A test with a book of its own, in the application of its worker. */
export const test = base.extend<Options, { servers: Servers }>({
  servers: [
    // biome-ignore lint/correctness/noEmptyPattern: the runner wants a pattern
    async ({}, use) => {
      const servers = new Servers();
      await use(servers);
      await servers.stop();
    },
    { scope: 'worker' },
  ],
  seed: ['empty', { option: true }],
  baseURL: async ({ seed, servers }, use) => use(await servers.withBook(seed)),
  page: async ({ page }, use) => {
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(error.message));
    // What the page's own policy refuses is a fault of the page.
    page.on('console', (message) => {
      if (/Content Security Policy/i.test(message.text())) errors.push(message.text());
    });
    waitsToBeAlive(page);
    await use(page);
    expect(errors, 'nothing is thrown on the page').toEqual([]);
  },
});

export { expect };

/** Sets the demo's clock, as its buttons do, for every page that is opened from now on. */
export async function setClock(page: Page, day: string) {
  const url = test.info().project.use.baseURL ?? new URL(page.url()).origin;
  await page.context().addCookies([{ name: 'ubbet-demo-day', value: day, url }]);
}

/** Sets the demo's clock, and has the present page follow it. */
export async function onDay(page: Page, day: string) {
  await setClock(page, day);
  await page.reload();
}

/** Goes through the three questions of the first run. */
export async function begin(page: Page, apiary: string, colony: string) {
  await page.goto('/');
  await page.getByLabel('Apiary').fill(apiary);
  await page.getByLabel('First colony').fill(colony);
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('heading', { level: 1, name: colony })).toBeVisible();
}

/** Answers one of the questions that have a few big buttons. */
export async function choose(page: Page, question: string, answer: string) {
  await page.getByRole('group', { name: question }).locator('label').filter({ hasText: answer }).click();
}

/** Counts a new cell of a stage up, `times` times. */
export async function addCells(page: Page, stage: string, times = 1) {
  for (let i = 0; i < times; i++) await page.getByRole('button', { name: `One ${stage} more`, exact: true }).click();
}

export const CLEARED = 'every brood frame, bees shaken or brushed off';

export async function setTime(page: Page, day: string, time: string) {
  await page.getByLabel('Day', { exact: true }).fill(day);
  await page.getByLabel('Time', { exact: true }).fill(time);
}

export async function saveInspection(page: Page) {
  await page
    .getByRole('button', { name: /Save the (inspection|correction)/ })
    .filter({ visible: true })
    .click();
}
