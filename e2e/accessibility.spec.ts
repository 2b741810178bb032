import { expect, test } from '@playwright/test';
import { expectClean } from './clean';
import { openBench, openSampleBook } from './cook';

for (const scheme of ['light', 'dark'] as const) {
  test(`every room is clean in the ${scheme} theme`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: scheme, reducedMotion: 'reduce' });
    await page.goto('/');
    await expect(page.getByRole('button', { name: 'Open the sample book' })).toBeVisible();
    await expectClean(page, 'first visit');
    await page.getByRole('button', { name: 'Open the sample book' }).click();
    await expect(page.getByRole('heading', { name: 'The book' })).toBeVisible();
    await expectClean(page, 'book');
    await page.goto('/bench?dip=butter-bean-sage');
    await expect(page.getByRole('region', { name: 'In the mouth' })).toBeVisible();
    await expectClean(page, 'bench');
    await page.getByRole('button', { name: 'What would a spoon do?' }).click();
    await expect(page.getByRole('table', { name: 'What a spoon of each would do' })).toBeVisible();
    await expectClean(page, 'nudges');
    await page.getByRole('combobox', { name: 'Machine or tool' }).selectOption('jug-blender');
    await page.getByRole('button', { name: 'How often would it land?' }).click();
    await expect(page.getByRole('region', { name: 'Odds' })).toBeVisible();
    await expectClean(page, 'stall and odds');
    await page.getByRole('combobox', { name: 'Machine or tool' }).selectOption('food-processor');
    await page.getByRole('button', { name: 'Land it' }).click();
    await expect(page.getByRole('button', { name: 'Take it' })).toBeVisible();
    await expectClean(page, 'landing');
    await page.goto('/make?dip=edamame-mint');
    await page.getByRole('button', { name: 'Start making' }).click();
    await expect(page.getByText('step 1 of 8')).toBeVisible();
    await expectClean(page, 'make');
    for (let i = 0; i < 8; i += 1) {
      await page.getByRole('button', { name: /Step on|To the check/ }).click();
    }
    await expect(page.getByText('the check')).toBeVisible();
    await expectClean(page, 'check');
  });
}

for (const scheme of ['light', 'dark'] as const) {
  test(`trials, larder and kit are clean in the ${scheme} theme`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: scheme, reducedMotion: 'reduce' });
    await openSampleBook(page);
    await page.goto('/trials?dip=weir-house-hummus');
    await expect(page.getByRole('heading', { name: /Trial 6/ })).toBeVisible();
    await expectClean(page, 'trials');
    await page
      .getByRole('button', { name: /^Read it cold/ })
      .first()
      .click();
    await page.getByRole('button', { name: 'ring' }).click();
    await expect(page.getByRole('textbox', { name: 'Spread' })).toBeVisible();
    await expectClean(page, 'a ring test');
    await page.goto('/trials?compare=weir-house-hummus-trial-1,weir-house-green-trial-1');
    await expect(page.getByRole('table', { name: 'Side by side' })).toBeVisible();
    await expectClean(page, 'side by side');
    await page.goto('/larder');
    await page.getByRole('button', { name: 'Something new' }).click();
    await expectClean(page, 'larder');
    await page.goto('/kit');
    await expect(page.getByText('77 readings teach')).toBeVisible();
    await expectClean(page, 'kit');
    await page.getByRole('button', { name: 'Another' }).click();
    await expectClean(page, 'a machine');
  });
}

test('the phone’s book and make are clean', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openSampleBook(page);
  await expectClean(page, 'book');
  await page.goto('/make?dip=edamame-mint');
  await page.getByRole('button', { name: 'Start making' }).click();
  await expect(page.getByText('step 1 of 8')).toBeVisible();
  await expectClean(page, 'make');
});

for (const scheme of ['light', 'dark'] as const) {
  test(`the scale and the plate are clean in the ${scheme} theme`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: scheme, reducedMotion: 'reduce' });
    await openSampleBook(page);
    await page.goto('/make?dip=watercress-hazelnut-pesto');
    await page.getByRole('button', { name: 'On the plate…' }).click();
    await expect(page.getByRole('region', { name: 'A pot for each' })).toBeVisible();
    await expectClean(page, 'plate');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Start making' }).click();
    await page.getByRole('button', { name: 'Practice scale' }).click();
    await expect(page.getByRole('meter')).toHaveText(/^-?0\.\d g$/);
    await expectClean(page, 'scale');
  });
}

test('details and the sheet of keys are clean, and close with Escape', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await openBench(page);
  await page.getByRole('button', { name: 'Details of Garlic, raw' }).click();
  await expect(page.getByRole('region', { name: /Details of Garlic/ })).toBeVisible();
  await expectClean(page, 'details');
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await expectClean(page, 'keys');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('the rooms are reached by key, and the theme is remembered', async ({ page }) => {
  await openBench(page);
  await page.keyboard.press('Alt+4');
  await expect(page).toHaveURL(/trials\?dip=weir-house-hummus/);
  await page.keyboard.press('Alt+3');
  await expect(page).toHaveURL(/make\?dip=weir-house-hummus/);
  await page.keyboard.press('Alt+1');
  await expect(page.getByRole('heading', { name: 'The book' })).toBeVisible();
  await page.getByRole('button', { name: 'Dark theme' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
});
