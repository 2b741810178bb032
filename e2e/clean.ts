import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** Everything axe knows of WCAG 2.2 A and AA, on the page as it stands. */
export async function expectClean(page: Page, where: string) {
  await expect(page).toHaveTitle(/./);
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze();
  const found = violations.map(
    ({ id, nodes }) =>
      `${id}: ${nodes
        .map((n) => n.target.join(' '))
        .slice(0, 3)
        .join(' | ')}`,
  );
  expect([where, found]).toEqual([where, []]);
}
