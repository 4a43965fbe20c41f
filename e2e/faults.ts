import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** What axe has against the page as it stands. The title of a page that was walked to comes a moment after the page itself. */
export async function faults(page: Page): Promise<string[]> {
  await expect(page).toHaveTitle(/./);
  return against(page);
}

/** What on the page as it stands is too pale to be read. */
export const paleIn = (page: Page): Promise<string[]> =>
  against(page, { runOnly: { type: 'rule', values: ['color-contrast'] } });

async function against(page: Page, only: Parameters<AxeBuilder['options']>[0] = {}): Promise<string[]> {
  // There are no frames of other origins here, and what is right is not asked for.
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode()
    .options({ resultTypes: ['violations'], ...only })
    .analyze();
  return violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`);
}
