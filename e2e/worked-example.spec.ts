import { execFileSync } from 'node:child_process';
import { openRows } from './season';
import { addCells, begin, CLEARED, choose, expect, onDay, saveInspection, setTime, test } from './test';

const SEEN = 'seen=2027-05-10.larva-large&seen=2027-05-13.sealed-fresh&empty=2027-05-03.cleared';

test('the colony page, the cell clock and the command line agree to the day', async ({ page }) => {
  await page.goto('/');
  await onDay(page, '2027-05-03');
  await begin(page, 'Orchard', 'Clover');
  const inspect = async (day: string, what: () => Promise<void>) => {
    await onDay(page, day);
    await page.getByRole('link', { name: 'Enter an inspection' }).click();
    await what();
    await choose(page, 'Eggs?', 'seen');
    await choose(page, 'How thoroughly did you check for cells?', CLEARED);
    await setTime(page, day, '15:00');
    await saveInspection(page);
    await openRows(page);
  };
  await inspect('2027-05-03', async () => {});
  await inspect('2027-05-10', () => addCells(page, 'charged (large larva)'));
  await inspect('2027-05-13', async () => {
    await page.getByLabel('Cell a, something else').selectOption({ label: 'sealed, fresh' });
  });
  const cell = page.locator('[data-cell=a]');
  await expect(cell).toContainText('laid 3 to 5 May');
  const strip = await cell.getByRole('img').getAttribute('aria-label');
  expect(strip).toContain('sealed: 10 to 13 May, likely 11 to 13 May');
  expect(strip).toContain('virgin emerges: 18 to 22 May, likely 19 to 21 May');

  await page.goto(`/cell-clock?${SEEN}`);
  await expect(page.locator('[data-answer=Laid]')).toContainText('3 to 5 May');
  await expect(page.locator('[data-answer=Sealed]')).toContainText('10 to 13 May');
  await expect(page.locator('[data-answer="Virgin emerges"]')).toContainText('18 to 22 May');
  await expect(page.locator('[data-answer="Virgin emerges"]')).toContainText('likely 19 to 21 May');

  const input = {
    observations: [
      { cell: 'a', on: '2027-05-10', stage: 'larva-large' },
      { cell: 'a', on: '2027-05-13', stage: 'sealed-fresh' },
    ],
    checks: [{ on: '2027-05-03', thoroughness: 'cleared' }],
  };
  const output = execFileSync('npm', ['run', '--silent', 'ubbet', '--', 'date-cells'], {
    input: JSON.stringify(input),
  });
  expect(JSON.parse(String(output)).cells[0]).toMatchObject({
    laid: { from: '2027-05-03', to: '2027-05-05' },
    sealing: { earliest: '2027-05-10', latest: '2027-05-13' },
    emergence: { earliest: '2027-05-18', likelyFrom: '2027-05-19', likelyTo: '2027-05-21', latest: '2027-05-22' },
  });
});

test('the cell clock keeps what was tapped in its address, and says what contradicts', async ({ page }) => {
  await page.goto('/cell-clock');
  await onDay(page, '2027-05-16');
  await page.getByRole('button', { name: 'charged (large larva)' }).click();
  await expect(page).toHaveURL(/seen=2027-05-16\.larva-large/);
  await expect(page.locator('[data-answer=Laid]')).toContainText('7 to 11 May');
  await page.getByRole('button', { name: 'sealed, ripe' }).click();
  await page.getByLabel('Day 2').fill('2027-05-14');
  await expect(page.getByRole('heading', { name: 'This cannot all be true' })).toBeVisible();
  await expect(
    page.getByText('“charged (large larva)” on 16 May and “sealed, ripe” on 14 May cannot both be true.'),
  ).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'This cannot all be true' })).toBeVisible();
  await page.getByRole('button', { name: 'Leave out sight 2' }).click();
  await expect(page.locator('[data-answer=Sealed]')).toContainText('16 to 20 May');
});
