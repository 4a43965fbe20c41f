import type { Page } from '@playwright/test';
import { addCells, begin, CLEARED, choose, expect, onDay, saveInspection, setTime, test } from './test';

const first = (page: Page) => page.getByRole('heading', { level: 1 });

/** A colony that is new on 3 May, and the entry of an inspection on the 10th. */
async function beginEntry(page: Page) {
  await page.goto('/');
  await onDay(page, '2027-05-03');
  await begin(page, 'Orchard', 'Clover');
  await onDay(page, '2027-05-10');
  await page.getByRole('link', { name: 'Enter an inspection' }).first().click();
  await setTime(page, '2027-05-10', '14:00');
}

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test('from charged cells to a started method in eight taps, the first choice whole on the first screen', async ({
    page,
  }) => {
    await beginEntry(page);
    let taps = 0;
    await page.exposeFunction('tapped', () => {
      taps += 1;
    });
    await page.evaluate(() =>
      document.addEventListener('pointerdown', () => (window as never as { tapped(): void }).tapped(), true),
    );
    await choose(page, 'Queen?', 'seen');
    await addCells(page, 'charged (large larva)', 2);
    await choose(page, 'How thoroughly did you check for cells?', CLEARED);
    await saveInspection(page);
    await page.getByRole('link', { name: 'What are my choices?' }).click();

    await expect(first(page)).toHaveText('Artificial swarm with a nuc');
    // Its name, why, its days, which cell, and the way on: all above the bar at the foot.
    const bar = await page.getByRole('navigation').last().boundingBox();
    for (const part of [
      page.getByText('She is laying and the cells are open'),
      page.getByText(/^Best today|^Late since/),
      page.getByText(/^Keep cell [ab]: open, and seen/).first(),
      page.getByRole('link', { name: 'See the dates: Artificial swarm with a nuc' }),
    ]) {
      const box = await part.boundingBox();
      expect((box?.y ?? 999) + (box?.height ?? 0)).toBeLessThan(bar?.y ?? 0);
    }
    // biome-ignore lint/performance/useDomNodeTextContent: what is folded away is not to be counted
    const words = (await page.locator('main').innerText()).split(/\s+/).filter(Boolean).length;
    expect(words).toBeLessThanOrEqual(120);

    await page.getByRole('link', { name: 'See the dates: Artificial swarm with a nuc' }).click();
    await page.getByRole('button', { name: 'Start it' }).click();
    await expect(page).toHaveURL(/\/programmes\//);
    expect(taps).toBeLessThanOrEqual(8);
  });
});

test('what keepers differ on is asked once, when it first matters, and the order follows', async ({ page }) => {
  await beginEntry(page);
  await choose(page, 'Eggs?', 'seen');
  await addCells(page, 'egg');
  await choose(page, 'How thoroughly did you check for cells?', CLEARED);
  await saveInspection(page);
  await page.getByRole('link', { name: 'What are my choices?' }).click();
  await page.getByText(/^At the first signs, what first/).click();
  await page.getByRole('button', { name: /^Break the cups/ }).click();
  await expect(first(page)).toHaveText('Break the cups');
  await expect(page.getByText(/^At the first signs, what first/)).toHaveCount(0);
  await page.goto('/');
  await expect(page.getByRole('main')).toContainText(/break the cups/i);
  await page.goto('/settings');
  await expect(page.getByRole('radio', { name: /^break the cups/ })).toBeChecked();
});

test.describe('in the demo', () => {
  test.use({ seed: 'demo' });

  test('a hive to be left shut is offered nothing that opens it; who is not found today is parted without her', async ({
    page,
  }) => {
    await page.goto('/colonies');
    await page.getByRole('link', { name: 'Campion', exact: true }).click();
    await page.getByRole('link', { name: 'What are my choices?' }).click();
    await expect(first(page)).toHaveText('Leave it shut');
    await expect(page.getByRole('link', { name: /^See the dates/ })).toHaveCount(0);
    await page.goto('/colonies');
    await page.getByRole('link', { name: 'Sainfoin', exact: true }).click();
    await page.getByRole('link', { name: 'What are my choices?' }).click();
    await expect(first(page)).toHaveText('Artificial swarm with a nuc');
    await page.getByRole('group', { name: 'Is she found?' }).getByText('not today').click();
    await expect(first(page)).toHaveText('Walk-away split');
    await page.getByRole('group', { name: 'Is she found?' }).getByText('yes').click();
    await expect(first(page)).toHaveText('Artificial swarm with a nuc');
    await page.getByText('How to find her').click();
    await expect(page.getByText('close it up, and split it without finding her')).toBeVisible();
  });
});
