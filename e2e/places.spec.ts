import { expect, test } from './test';

test.use({ seed: 'demo' });

test('a method is read without a colony: needs, steps, what goes where, and its checks from day 0', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('navigation', { name: 'Screens' }).getByRole('link', { name: 'Learn' }).click();
  await page.getByRole('navigation', { name: 'Learn' }).getByRole('link', { name: 'Methods' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Methods' })).toBeVisible();
  await page
    .getByRole('region', { name: 'Against swarming' })
    .getByRole('link', { name: 'Artificial swarm with a nuc' })
    .click();
  await expect(page.getByRole('heading', { level: 1, name: 'Artificial swarm with a nuc' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'When and for whom' })).toContainText('at least 4 frames of brood');
  const follows = page.getByRole('region', { name: 'What follows, from day 0' });
  await expect(follows).toContainText('Leave shut, parent: day 9 to 27, both included');
  await expect(follows).toContainText('parent: Look for eggs: day 28 to 34, best day 30.');
  const example = page.getByRole('region', { name: 'An example' });
  await expect(example.getByRole('figure', { name: 'The hive' })).toHaveCount(3);
  await expect(page.getByRole('navigation', { name: 'Screens' }).getByRole('link', { name: 'Learn' })).toHaveAttribute(
    'aria-current',
    'page',
  );
});

test('the menu shuts by Escape, and the focus goes back to its button', async ({ page }) => {
  await page.goto('/');
  const button = page.locator('summary[aria-label="More"]');
  await button.focus();
  await page.keyboard.press('Enter');
  const menu = page.getByRole('navigation', { name: 'More' });
  await expect(menu.getByRole('link', { name: 'Settings' })).toBeVisible();
  await page.keyboard.press('Tab');
  await page.keyboard.press('Escape');
  await expect(menu.getByRole('link', { name: 'Settings' })).toBeHidden();
  await expect(button).toBeFocused();
  await button.click();
  await menu.getByRole('link', { name: 'Data' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Your season is yours' })).toBeVisible();
  await expect(menu).toBeHidden();
});
