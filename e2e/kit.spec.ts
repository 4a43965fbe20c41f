import type { Page } from '@playwright/test';
import { openTheWeek, seeDates } from './season';
import { badge, signal, takeAlong } from './signal';
import { expect, test } from './test';

test.use({ seed: 'demo' });

const place = (page: Page, name: string) => page.getByText(name, { exact: true }).first().click();
const stepper = (page: Page, name: string) => page.getByRole('group', { name, exact: true });
const count = (page: Page, name: string) => stepper(page, name).getByRole('status');
const short = (page: Page) => page.getByRole('region', { name: 'Not where it is needed' });

test('a nuc that is short at one apiary comes from another, on the right rounds', async ({ page }) => {
  await page.goto('/');
  await openTheWeek(page);
  await expect(page.getByRole('region', { name: 'Kit: short' })).toContainText('No nuc box to spare anywhere');
  await page.goto('/apiaries/kit');
  await expect(short(page)).toContainText('A nuc box is at Walled garden: fetch it on the way today.');

  // One more is found at home: then nothing is short.
  await page.getByRole('button', { name: 'One nuc box more' }).click();
  await expect(page.getByText('not saved yet')).toBeVisible();
  await page.getByLabel('Why it differs').fill('behind the mower');
  await page.getByRole('button', { name: 'Save the count' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await expect(short(page)).not.toContainText('No nuc box to spare anywhere');
  await expect(page.getByRole('region', { name: 'What you said of it' })).toContainText('behind the mower');

  // Taken back, and put back.
  await page.getByRole('button', { name: 'Take out: Counted at home: a nuc box' }).click();
  await expect(short(page)).toContainText('No nuc box to spare anywhere');
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(short(page)).not.toContainText('No nuc box to spare anywhere');
});

test('what is ticked on the packing list is in the car', async ({ page }) => {
  await page.goto('/');
  await openTheWeek(page);
  await page.getByRole('link', { name: /^Packing list: Today .*School roof/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Packing list' })).toBeVisible();
  await page.getByRole('checkbox', { name: /frames of foundation, at home/ }).check();
  await expect(page.getByRole('region', { name: 'In the car', exact: true })).toContainText('11 frames of foundation');
  await page.goto('/apiaries/kit');
  await place(page, 'Car');
  await expect(count(page, 'frame of foundation')).toHaveText('11');
  await place(page, 'Home');
  await expect(count(page, 'frame of foundation')).toHaveText('9');
});

test('no more is carried than is there, and nothing that was entered is lost', async ({ page }) => {
  await page.goto('/apiaries/kit');
  const form = page.getByRole('form', { name: 'Carried' });
  await form.getByLabel('What').selectOption('super');
  await form.getByLabel('How many').fill('9');
  await form.getByLabel('Why').fill('for the flow');
  await form.getByRole('button', { name: 'Note it' }).click();
  await expect(form.getByText('By the count there are 3 there.').first()).toBeVisible();
  await expect(form.getByLabel('Why')).toHaveValue('for the flow');
  await form.getByLabel('How many').fill('2');
  await form.getByRole('button', { name: 'Note it' }).click();
  await expect(form.getByText('Noted.')).toBeVisible();
  await expect(count(page, 'super')).toHaveText('1');

  await form.getByLabel('To').selectOption('home');
  await form.getByRole('button', { name: 'Note it' }).click();
  await expect(form.getByText('It is there already.').first()).toBeVisible();
});

test('where brood disease is suspected nothing is lent', async ({ page }) => {
  await page.goto('/apiaries');
  await page.getByRole('listitem').filter({ hasText: 'Walled garden' }).getByRole('link', { name: 'Edit' }).click();
  await page.getByLabel('Brood disease is suspected here').check();
  await page.getByRole('button', { name: 'Save' }).click();
  await page.waitForURL(/\/apiaries$/);
  await page.goto('/apiaries/kit');
  await expect(short(page)).not.toContainText('A nuc box is at Walled garden');
  await expect(short(page)).toContainText('Old quarry, today: a nuc box. No nuc box to spare anywhere');
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, serviceWorkers: 'allow' });

  test('without a signal the packing list is there, and its ticks are sent afterwards', async ({ page, context }) => {
    await takeAlong(page);
    await page.goto('/');
    await openTheWeek(page);
    const link = page.getByRole('link', { name: /^Packing list: Today .*School roof/ });
    const href = await link.getAttribute('href');
    await signal(context, false);
    await page.goto(href as string);
    await page.getByRole('checkbox', { name: /frames of foundation, at home/ }).check();
    await expect(badge(page)).toContainText('1');
    await signal(context, true);
    await page.goto('/apiaries/kit');
    await expect(badge(page)).toContainText('all sent');
    await page.reload();
    await place(page, 'Car');
    await expect(count(page, 'frame of foundation')).toHaveText('11');
  });
});

test('a start that is being planned says what of its kit is not there yet', async ({ page }) => {
  await page.goto('/');
  await openTheWeek(page);
  await expect(page.getByRole('link', { name: /^Packing list/ }).first()).toBeVisible();
  await page.goto('/colonies');
  await page.getByRole('link', { name: 'Sainfoin', exact: true }).click();
  await page.getByRole('link', { name: 'What are my choices?' }).click();
  await seeDates(page, 'Vertical split over a split board');
  const there = page.getByRole('region', { name: 'Not there yet' });
  await expect(there).toContainText('Walled garden, today: a split board and 10 frames');
  await expect(there).toContainText('are at home: take them along today.');
});
