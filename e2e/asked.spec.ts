import { expect, test } from '@playwright/test';
import { openSampleBook } from './cook';

test('any figure of a trial can be asked: what it is, and what each row brings', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/trials?dip=weir-house-hummus');
  const strip = page.getByRole('listitem', { name: 'Trial 1', exact: true });
  const said = await strip.getByText(/^salt [\d.]+ · sour/).textContent();
  const salt = Number(/salt ([\d.]+)/.exec(said ?? '')?.[1]);
  await strip.getByRole('button', { name: /^What is any figure of trial 1/ }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toHaveAccessibleName(/^Body.* what it is, and why$/);
  await dialog.getByRole('combobox', { name: 'Figure asked about' }).selectOption('saltG');
  await expect(dialog).toHaveAccessibleName('Salt: what it is, and why');
  await expect(dialog.locator('strong').first()).toContainText(String(salt));
  // shares of it add up to it
  const shares = await dialog
    .getByRole('list', { name: 'What each row brings' })
    .getByRole('listitem')
    .allTextContents();
  const sum = shares.reduce(
    (total, text) => total + Number(/([\d.]+) g$/.exec(text.trim())?.[1]),
    0,
  );
  expect(Math.abs(sum - salt)).toBeLessThan(0.03);
  await page.keyboard.press('Escape');
  await expect(dialog).toBeHidden();
});

test('what the Larder and the Kit say can be asked', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/larder');
  await page.getByRole('textbox', { name: 'Find' }).fill('tahnii');
  const found = page.getByRole('list', { name: 'Ingredients' });
  await found
    .getByRole('button', { name: /tahini/i })
    .first()
    .click();
  await page.getByRole('button', { name: 'What is how it acts in a dip, and why?' }).click();
  await expect(page.getByRole('dialog')).toContainText('Blends like');
  await page.getByRole('button', { name: 'Close', exact: true }).last().click();
  await page.goto('/kit');
  await page
    .getByRole('button', { name: /^What is what was expected of/ })
    .first()
    .click();
  await expect(page.getByRole('dialog')).toContainText('every reading in this machine but');
});
