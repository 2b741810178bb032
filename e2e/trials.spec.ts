import { expect, test } from '@playwright/test';
import { notReadCold, openSampleBook, saved } from './cook';

test('trials stand latest first, with what differed, what was predicted and read', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.getByRole('button', { name: 'More for Weir House hummus', exact: true }).click();
  await page.getByRole('menuitem', { name: 'See its trials' }).click();
  const headings = page.getByRole('heading', { level: 2 });
  await expect(headings).toHaveCount(6);
  await expect(headings.first()).toContainText('Trial 6');
  const first = page.getByRole('listitem', { name: 'Trial 6' });
  await expect(first).toContainText('Made for the trial boat. A touch loose warm.');
  await expect(first).toContainText('1/4 cup + 1 tbsp');
  await expect(first.getByRole('img')).toHaveAccessibleName(
    /Body, warm: predicted [\d.]+, read \w+.*; chilled: predicted [\d.]+, (not read|read \w+)/,
  );
  await expect(first).toContainText(/5\d\d g/);
  await expect(page.getByRole('listitem', { name: 'Trial 2' })).toContainText(/salt.*short/);
});

test('a trial is read cold the next day, and kept', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/trials?dip=weir-house-hummus');
  const trial = await notReadCold(page);
  await trial.getByRole('button', { name: 'Read it cold' }).click();
  await trial.getByRole('radio', { name: 'spreads' }).click();
  await expect(trial.getByRole('img')).toHaveAccessibleName(
    /chilled: predicted [\d.]+, read spreads/,
  );
  await saved(page);
  await page.reload();
  await expect(trial.getByRole('img')).toHaveAccessibleName(/read spreads/);
  await page.keyboard.press('Control+z');
  await expect(trial.getByRole('img')).toHaveAccessibleName(/not read/);
});

test('a trial can be deleted, and undo brings it back', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/trials?dip=edamame-mint');
  const trial = page.getByRole('listitem', { name: 'Trial 2' });
  await trial.getByRole('button', { name: 'How it was made' }).click();
  await expect(page.getByRole('list', { name: 'How trial 2 was made' })).toContainText('Edamame');
  await trial.getByRole('button', { name: 'Delete trial 2' }).click();
  await expect(trial).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(trial).toBeVisible();
});

test('on a phone a trial fits the width', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openSampleBook(page);
  await page.goto('/trials?dip=weir-house-hummus');
  await expect(page.getByRole('listitem', { name: 'Trial 6' })).toBeVisible();
  const wider = await page.evaluate(
    () => document.documentElement.scrollWidth > document.documentElement.clientWidth,
  );
  expect(wider).toBe(false);
});
