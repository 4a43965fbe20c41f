import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** What axe has against the page as it stands. The title of a page that was walked to comes a moment after the page itself. */
export async function faults(page: Page): Promise<string[]> {
  await expect(page).toHaveTitle(/./);
  const { violations } = await new AxeBuilder({ page }).analyze();
  return violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`);
}
