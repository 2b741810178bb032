import { expect, test } from '@playwright/test';
import { amount, openSampleBook } from './cook';

test('trials of two dips stand side by side, what differed first, and one starts a new dip', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/trials?dip=weir-house-hummus');
  const pick = (n: number) => page.getByRole('checkbox', { name: `Trial ${n} side by side` });
  await pick(1).check();
  await expect(page.getByText('Pick another, of this dip or of any.')).toBeVisible();
  await pick(3).check();
  await page.getByRole('link', { name: 'Put side by side' }).click();
  const table = page.getByRole('table', { name: 'Side by side' });
  await expect(table.getByRole('columnheader')).toHaveCount(3);
  const water = table.getByRole('row', { name: /^Water/ });
  await expect(water.getByRole('cell').nth(0)).toContainText('2 tbsp');
  await expect(water.getByRole('cell').nth(1)).toContainText('1/4 cup');
  await expect(table.getByRole('row', { name: /^Chickpeas/ })).toHaveCount(0);
  await expect(table.getByRole('img')).toHaveAccessibleName(
    /Weir House hummus trial 1: predicted [\d.]+, read \w+.*trial 3: predicted [\d.]+, read \w+/,
  );

  await page
    .getByRole('combobox', { name: 'Add a trial or a dip' })
    .selectOption('weir-house-green-trial-1');
  await expect(table.getByRole('columnheader')).toHaveCount(4);
  await expect(
    table
      .getByRole('row', { name: /^Parsley/ })
      .getByRole('cell')
      .nth(0),
  ).toHaveText('none');
  await table.getByRole('button', { name: 'Take away Weir House hummus, trial 1' }).click();
  await expect(table.getByRole('columnheader')).toHaveCount(3);
  await table.getByRole('button', { name: /^Show the \d+ that were the same/ }).click();

  await table.getByRole('button', { name: 'Start from trial 3 of Weir House hummus' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('textbox', { name: 'Name' }).fill('Loose hummus');
  await dialog.getByRole('button', { name: 'Start it' }).click();
  await expect(page.getByRole('heading', { name: 'Loose hummus' })).toBeVisible();
  await expect(amount(page, 'Chickpea can liquid')).toHaveValue('1/3 cup');
  await expect(page.getByText('no trial yet')).toBeVisible();
});

test('trials that are gone say so', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/trials?compare=gone,also-gone');
  await expect(page.getByText('None of these trials is in the book')).toBeVisible();
});
