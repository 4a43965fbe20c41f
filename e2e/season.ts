import type { Page } from '@playwright/test';
import { CLEARED, choose, expect, saveInspection, setClock, setTime } from './test';

/**
 * The address of a colony, by its name. That one gets there by the list of colonies is held by `demo.spec.ts`; here each page that is
 * not walked through saves a second.
 */
export async function addressOf(page: Page, name: string): Promise<string> {
  const { facts } = await (await page.request.get('/api/season/export')).json();
  const found = (facts.colonies as { id: string; name: string; deletedAt: string | null }[]).find(
    (one) => one.name === name && one.deletedAt === null,
  );
  if (!found) throw new Error(`There is no colony ${name}`);
  return `/colonies/${found.id}`;
}

/** Opens a colony’s page, with all its rows open. */
export async function openColony(page: Page, name: string) {
  await page.goto(await addressOf(page, name));
  await expect(page.getByRole('heading', { level: 1, name, exact: true })).toBeVisible();
  await openRows(page);
}

/** Enters an inspection of a colony on a day, with the clock set to it; every frame is looked at with the bees off. */
export async function inspect(
  page: Page,
  name: string,
  day: string,
  {
    eggs = 'seen',
    queen,
    time = '15:00',
    what,
  }: { eggs?: string; queen?: string; time?: string; what?: () => Promise<void> } = {},
) {
  await setClock(page, day);
  await page.goto(`${await addressOf(page, name)}/inspect`);
  await expect(page.getByRole('heading', { name: /Cups and cells|New cups and cells/ })).toBeVisible();
  await what?.();
  await choose(page, 'Eggs?', eggs);
  if (queen) await choose(page, 'Queen?', queen);
  await choose(page, 'How thoroughly did you check for cells?', CLEARED);
  await setTime(page, day, time);
  await saveInspection(page);
  await expect(page.getByRole('heading', { name: 'Inspections' })).toBeVisible();
  await unfold(page);
}

/** Says what a known cell has become. */
export async function cellIs(page: Page, label: string, ...taps: string[]) {
  const group = page.getByRole('group', { name: `Cell ${label} is now` });
  for (const tap of taps) await group.getByRole('button', { name: tap, exact: true }).click();
}

/** Notes what methods are weighed by. */
export async function countStrength(
  page: Page,
  { brood, seams, drones }: { brood: number; seams: number; drones: string },
) {
  await page.getByText('More that you saw').click();
  await page.getByLabel('Frames with brood').fill(String(brood));
  await page.getByLabel('Seams covered by bees').fill(String(seams));
  await choose(page, 'Drones?', drones);
}

/** On a colony’s choices: goes to the start of a method, whether it is said first or folded away. */
export async function seeDates(page: Page, method: string | RegExp) {
  await expect(page.getByText(/others, and why not$/)).toBeVisible();
  await page.locator('details').evaluateAll((all) => {
    for (const one of all) (one as HTMLDetailsElement).open = true;
  });
  const name = typeof method === 'string' ? `See the dates: ${method}` : method;
  await page.getByRole('link', { name, exact: true }).first().click();
  await expect(page).toHaveURL(/\/start\//);
}

/** Goes from a colony’s choices to the start of a method. */
export async function plan(page: Page, name: string, method: string) {
  await page.goto(`${await addressOf(page, name)}/decide`);
  await seeDates(page, method);
  await expect(page.getByRole('heading', { level: 1, name: method })).toBeVisible();
}

export async function start(page: Page) {
  await page.getByRole('button', { name: 'Start it' }).click();
  await expect(page).toHaveURL(/\/programmes\//);
}

/** Answers a due check where it stands on the present page. */
export async function answer(page: Page, code: string, words: string | RegExp, on?: string) {
  await unfold(page);
  const check = page.locator(`[data-due="${code}"]`).first();
  await check.getByRole('button', { name: 'record the result' }).click();
  if (on) await check.getByLabel('Seen on').fill(on);
  await check.getByRole('button', { name: words }).click();
  await expect(check.getByRole('button', { name: words })).toHaveCount(0);
}

/** What is due on the present page, as `code: words`. */
export function due(page: Page): Promise<string[]> {
  return page
    .locator('[data-due]')
    .evaluateAll((checks) =>
      checks.map((check) => `${check.getAttribute('data-due')}: ${check.querySelector('b')?.textContent}`),
    );
}

/** The codes of what is due on the present page. */
export async function codes(page: Page): Promise<string[]> {
  return (await due(page)).map((line) => line.split(':')[0] as string);
}

/** What a strip of time says to those who do not see it. */
export async function strip(page: Page, name: string): Promise<string> {
  return (
    (await page
      .getByRole('img', { name: new RegExp(`^${name}`) })
      .first()
      .getAttribute('aria-label')) ?? ''
  );
}

/** Waits for the week on Today, and opens every line that it has folded away. */
export async function openTheWeek(page: Page) {
  await expect(page.getByRole('main').getByText('Change the plan').first()).toBeVisible();
  await unfold(page);
}

/** Opens every folded line of a page. */
export const unfold = (page: Page) =>
  page.locator('main details:not([open])').evaluateAll((lines) => {
    for (const line of lines) (line as HTMLDetailsElement).open = true;
  });

/** Waits for a colony’s page, and opens all its rows. */
export async function openRows(page: Page) {
  await expect(page.getByRole('heading', { name: 'Queen', exact: true })).toBeVisible();
  await unfold(page);
}
