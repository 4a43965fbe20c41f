import { begin, CLEARED, choose, expect, saveInspection, test } from './test';

// The server's clock is in UTC; the keeper's is not.
test.use({ seed: 'real' });

/** The day, as people write it, and the time that a clock in a zone shows. */
const clockIn = (timeZone: string) => {
  const at = new Date();
  const day = at.toLocaleDateString('en-GB', { timeZone, weekday: 'short', day: 'numeric', month: 'short' });
  const time = at.toLocaleTimeString('en-GB', { timeZone, hour: '2-digit', minute: '2-digit' });
  return [day.replace(',', '').replace('Sept', 'Sep'), time] as const;
};

for (const zone of ['America/New_York', 'Pacific/Auckland']) {
  test.describe(`a keeper in ${zone}`, () => {
    test.use({ timezoneId: zone });

    test('enters the present minute, and neither it nor today is another day', async ({ page }) => {
      await begin(page, 'Orchard', 'Clover');
      await page.reload();
      await page.getByRole('link', { name: 'Enter an inspection' }).click();
      const [day, time] = clockIn(zone);
      await expect(page.getByLabel('Day', { exact: true })).toHaveValue(day);
      const shown = await page.getByLabel('Time', { exact: true }).inputValue();
      const minutes = (text: string) => Number(text.slice(0, 2)) * 60 + Number(text.slice(3));
      expect(Math.abs(minutes(shown) - minutes(time))).toBeLessThanOrEqual(3);
      await choose(page, 'Eggs?', 'seen');
      await choose(page, 'How thoroughly did you check for cells?', CLEARED);
      await saveInspection(page);
      await expect(page.getByRole('region', { name: 'Reading' })).toContainText(', today');
      await page.goto('/settings');
      await expect(page.getByLabel('Time zone')).toHaveValue(zone);
    });
  });
}
