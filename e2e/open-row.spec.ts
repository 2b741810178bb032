import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';
import { openBench, openSampleBook, saved } from './cook';

const beside = (page: Page) => page.getByRole('group', { name: 'Side by side' });

async function leaveOpen(page: Page, words: string) {
  await page.getByRole('button', { name: 'Swap Chickpeas, canned' }).click();
  await page.getByRole('button', { name: 'Leave it open, and compare' }).click();
  const field = page.getByRole('textbox', { name: 'What may go in here' });
  await field.fill(words);
  await field.press('Enter');
  await expect(beside(page)).toBeVisible();
}

test('a row is left open, what could fill it stands side by side, and one is used while it stays open', async ({
  page,
}) => {
  await openBench(page);
  await leaveOpen(page, 'any white pulse');
  await expect(beside(page).getByRole('columnheader')).toHaveCount(4);
  await expect(beside(page).getByRole('row', { name: /^allergens/ })).toContainText('the same');
  await expect(beside(page).getByRole('row', { name: /^salt/ })).toContainText(/0\.\d\d/);
  const axe = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze();
  expect(axe.violations.map(({ id, nodes }) => `${id} ${nodes[0]?.target.join(' ')}`)).toEqual([]);
  // another is put beside them from what could go in
  const card = page.getByRole('list', { name: 'What could go in instead' }).getByRole('listitem');
  const [fourth] = [card.nth(4)];
  await fourth.getByRole('button').first().click();
  await fourth.getByRole('button', { name: 'Compare it' }).click();
  await expect(beside(page).getByRole('columnheader')).toHaveCount(5);
  await beside(page).getByRole('button', { name: /^Use / }).first().click();
  await saved(page);
  await expect(page.getByText('any white pulse').first()).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('textbox', { name: 'Amount of Chickpeas, canned' })).toBeVisible();
});

test('a filling makes a variant, and the base keeps its own', async ({ page }) => {
  await openBench(page);
  await leaveOpen(page, 'any pulse');
  await beside(page)
    .getByRole('button', { name: /^A variant with / })
    .first()
    .click();
  await saved(page);
  await expect(page.getByRole('textbox', { name: 'Amount of Chickpeas, canned' })).toBeVisible();
  await page.getByRole('link', { name: 'Book' }).click();
  await expect(
    page
      .getByRole('link', { name: /Weir House hummus, .*(chickpeas|beans|lentils|peas)/i })
      .first(),
  ).toBeVisible();
});

test('what plays a part of a pattern is compared side by side too', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/house');
  await page.getByRole('button', { name: 'Open Hummus', exact: true }).click();
  await page.getByRole('button', { name: 'Swap the body of Hummus' }).click();
  const card = page.getByRole('list', { name: 'What could go in instead' }).getByRole('listitem');
  for (const i of [0, 1]) {
    await card.nth(i).getByRole('button').first().click();
    await card.nth(i).getByRole('button', { name: 'Compare it' }).click();
  }
  await expect(beside(page).getByRole('columnheader')).toHaveCount(3);
  await beside(page).getByRole('button', { name: /^Use / }).first().click();
  await expect(beside(page)).toHaveCount(0);
});

test('a thing of the house is swapped in a dip that uses it, with the reason kept', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/house');
  const swap = page.getByRole('list', { name: 'Stock' }).getByRole('button', { name: /^Swap / });
  await swap.first().click();
  const chooser = page.getByRole('region', { name: /^Instead of / });
  await expect(chooser.getByRole('combobox', { name: 'In which dip' })).toBeVisible();
  const card = chooser
    .getByRole('list', { name: 'What could go in instead' })
    .getByRole('listitem');
  await card.first().getByRole('button').first().click();
  await card.first().getByRole('button', { name: 'had none' }).click();
  await card.first().getByRole('button', { name: 'Swap it' }).click();
  await expect(chooser).toHaveCount(0);
  await saved(page);
  await page.goto('/trials?swaps');
  const kept = page.getByRole('listitem').filter({ hasText: 'had none' });
  await expect(kept.first()).toBeVisible();
});
