import { expect, test } from '@playwright/test';
import { expectClean } from './clean';
import { openSampleBook } from './cook';
import { sidewaysOf } from './sideways';

test('trials on purpose are planned on bowls that land, told, and the next is proposed and made', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/trials?dip=weir-house-hummus');
  await page.getByRole('link', { name: 'Vary it on purpose' }).click();
  await expect(page.getByText('Choose two to five things to vary.')).toBeVisible();
  const varied = page.getByRole('list', { name: 'What is varied' });
  await varied.getByRole('checkbox', { name: /^Tahini/ }).click();
  await varied.getByRole('checkbox', { name: /^Chickpeas, canned/ }).click();
  await varied.getByRole('textbox', { name: /^Tahini.* least %$/ }).fill('40');
  await varied.getByRole('textbox', { name: /^Tahini.* most %$/ }).fill('50');
  await varied.getByRole('textbox', { name: /^Chickpeas.* least %$/ }).fill('70');
  await expect(page.getByText('With these limits the shares can’t add up to 100 %.')).toBeVisible();
  await varied.getByRole('textbox', { name: /^Tahini.* least %$/ }).fill('14');
  await varied.getByRole('textbox', { name: /^Tahini.* most %$/ }).fill('30');
  await page.getByRole('button', { name: 'Choose the trials' }).click();
  const trials = page.getByRole('list', { name: 'Trials' });
  await expect(trials).toBeVisible();
  const many = await trials.getByRole('textbox').count();
  expect(many).toBeGreaterThanOrEqual(6);
  await expect(page.getByText(/^Nothing yet/)).toBeVisible();
  for (let i = 0; i < many; i += 1) {
    const row = trials.getByRole('listitem').nth(i);
    const tahini = Number(/tahini (\d+)/.exec((await row.textContent()) ?? '')?.[1]);
    await row.getByRole('textbox').fill(String((8 - ((tahini - 22) / 6) ** 2 / 2).toFixed(1)));
  }
  const says = page.getByRole('region', { name: 'What they say' });
  await expect(says.getByRole('status')).toContainText(/^liking [\d.]+ ± [\d.]+ at tahini 2[1-3]/);
  await page.reload();
  await expect(says.getByRole('status')).toContainText(/^liking/);
  await says.getByRole('button', { name: 'Add it to the trials' }).click();
  await expect(trials.getByRole('textbox')).toHaveCount(many + 1);
  await trials.getByRole('button', { name: 'Amounts' }).last().click();
  await expect(trials.getByRole('listitem').last()).toContainText('lemon juice');
  await trials.getByRole('button', { name: 'Make it' }).last().click();
  await expect(page.getByText(/^step 1 of/)).toBeVisible();
});

test('the map is read by keys and by dragging, and a mixture becomes a variant', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/design');
  await page.getByRole('link', { name: 'Tahini, chickpeas, oil' }).click();
  const map = page.getByRole('slider', { name: 'Map of liking' });
  const said = page.getByRole('region', { name: 'What they say' }).getByRole('status');
  const best = (await said.textContent()) ?? '';
  await map.focus();
  for (let i = 0; i < 6; i += 1) await page.keyboard.press('ArrowDown');
  await expect(said).not.toHaveText(best);
  const value = (text: string) => Number(/liking ([\d.]+)/.exec(text)?.[1]);
  expect(value((await said.textContent()) ?? '')).toBeLessThan(value(best));
  await page.getByRole('button', { name: 'Back to the best' }).click();
  await expect(said).toHaveText(best);
  await page.getByRole('button', { name: 'Make a variant of this one' }).click();
  await expect(
    page.getByRole('heading', { level: 1, name: /^Weir House hummus, tahini/ }),
  ).toBeVisible();
  await page.goBack();
  await page.getByRole('textbox', { name: 'liking of trial 9' }).fill('seven');
  await expect(page.getByRole('textbox', { name: 'liking of trial 9' })).toHaveAttribute(
    'aria-invalid',
    'true',
  );
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'liking of trial 9' })).toHaveValue('');
});

test('a plan whose dip is gone says so, and can be deleted', async ({ page }) => {
  await openSampleBook(page);
  await page.getByRole('button', { name: 'More for Weir House hummus', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Delete…' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(page.getByText(/^13 dips/)).toBeVisible();
  await page.goto('/design');
  await page.getByRole('link', { name: 'Tahini, chickpeas, oil' }).click();
  await expect(page.getByText('That dip is not in the book')).toBeVisible();
  await page.getByRole('button', { name: 'Delete the plan' }).click();
  await expect(page.getByText(/^None is planned/)).toBeVisible();
});

for (const [width, height, colorScheme] of [
  [1280, 800, 'dark'],
  [390, 844, 'light'],
] as const) {
  test(`trials on purpose at ${width} are clean and fit`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
    await openSampleBook(page);
    for (const [address, there] of [
      ['/design', 'Trials on purpose'],
      ['/design?id=tahini-chickpeas-oil', 'Tahini, chickpeas, oil'],
      ['/design?dip=butter-bean-sage', /^Vary .* on purpose$/],
    ] as const) {
      await page.goto(address);
      await expect(page.getByRole('heading', { level: 1, name: there })).toBeVisible();
      await page.waitForLoadState('networkidle');
      if (address.includes('dip=')) await page.getByRole('checkbox').first().click();
      expect([address, await sidewaysOf(page)]).toEqual([address, []]);
      await expectClean(page, address);
    }
  });
}
