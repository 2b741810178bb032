import { expect, test } from '@playwright/test';
import { beginBlankDip, openBlankBook, openSampleBook } from './cook';

test('a first visit offers the sample book, and it is there after a reload', async ({ page }) => {
  await openSampleBook(page);
  await expect(page.getByText('14 dips, 40 trials')).toBeVisible();
  const base = page.getByRole('link', { name: 'Weir House hummus', exact: true });
  await expect(base).toBeVisible();
  await expect(page.getByRole('link', { name: 'Weir House hummus, no sesame' })).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^salt [\d.]+ g per 100 g, right$/ }).first(),
  ).toBeVisible();
  await expect(page.getByText('One spoon less water, and read it cold again.')).toBeVisible();
  await page.reload();
  await expect(base).toBeVisible();
});

test('a blank book starts with a dip of one’s own, from its name to its body', async ({ page }) => {
  await openBlankBook(page);
  await beginBlankDip(page, 'Lockside dip');
  await expect(page.getByRole('heading', { name: 'Lockside dip' })).toBeVisible();
  const add = page.getByRole('combobox', { name: 'Add something' });
  for (const text of ['2 cups chickpeas', '1/4 cup tahini', '3 tbsp lemon juice', '1/2 tsp salt']) {
    await add.fill(text);
    await page.getByRole('listbox').getByRole('option').first().click();
  }
  await expect(page.getByRole('textbox', { name: 'Amount of Tahini, hulled' })).toHaveValue(
    '1/4 cup',
  );
  await expect(page.getByRole('region', { name: 'What it makes' })).toContainText('422 g');
  await expect(page.getByText(/, just blended$/)).toBeVisible();
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Lockside dip' })).toBeVisible();
});

test('a dip can be renamed, varied and deleted, and undo brings it back', async ({ page }) => {
  await openSampleBook(page);
  const more = page.getByRole('button', { name: 'More for Edamame and mint' });
  await more.click();
  await page.getByRole('menuitem', { name: 'Rename' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Edamame, mint and lime');
  await page.getByRole('button', { name: 'Rename' }).click();
  await expect(page.getByRole('link', { name: 'Edamame, mint and lime' })).toBeVisible();
  await page.getByRole('button', { name: 'More for Edamame, mint and lime' }).click();
  await page.getByRole('menuitem', { name: 'Delete with its trials' }).click();
  await expect(page.getByText('13 dips, 38 trials')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('14 dips, 40 trials')).toBeVisible();
  await page.getByRole('button', { name: 'More for Butter bean and sage' }).click();
  await page.getByRole('menuitem', { name: 'Start a variant' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Butter bean and thyme');
  await page.getByRole('button', { name: 'Start it' }).click();
  await expect(page.getByRole('heading', { name: 'Butter bean and thyme' })).toBeVisible();
  await expect(page.getByRole('textbox', { name: /^Amount of Butter beans/ })).toHaveValue(
    '2 x 400 g cans',
  );
});

test('an address that leads nowhere, and a dip that is gone, say so', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/nowhere');
  await expect(page.getByRole('heading', { name: 'There is no such room' })).toBeVisible();
  await page.goto('/bench?dip=gone');
  await expect(page.getByRole('heading', { name: 'That dip is not in the book' })).toBeVisible();
  await page.goto('/bench');
  await page.getByRole('link', { name: 'Cauliflower and cashew' }).click();
  await expect(page.getByRole('heading', { name: 'Cauliflower and cashew' })).toBeVisible();
});

test('a very long name breaks no room', async ({ page }) => {
  await openBlankBook(page);
  const name = `Dip ${'verylongword'.repeat(14)}`;
  await beginBlankDip(page, name);
  await expect(page.getByRole('heading', { name })).toBeVisible();
  for (const room of ['Book', 'Make', 'Trials']) {
    await page.getByRole('link', { name: room, exact: true }).click();
    const wider = await page.evaluate(
      () => document.documentElement.scrollWidth > document.documentElement.clientWidth,
    );
    expect([room, wider]).toEqual([room, false]);
  }
});

test('a first dip is shown by doing: typed, aimed, landed, asked about, and made', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Be shown, on a first dip' }).click();
  const guide = page.getByRole('region', { name: 'A first dip' });
  await expect(guide).toContainText('1 of 6');
  const add = page.getByRole('combobox', { name: 'Add something' });
  await add.fill('2 cups chickpeas');
  await page.getByRole('listbox').getByRole('option').first().click();
  await expect(guide).toContainText('2 of 6');
  await guide.getByRole('button', { name: 'Put it in for me' }).click();
  await expect(page.getByRole('textbox', { name: 'Amount of Tahini, hulled' })).toHaveValue(
    '1/3 cup',
  );
  await expect(guide).toContainText('3 of 6');
  // what is taken back is asked for again
  await page.keyboard.press('Control+z');
  await expect(guide).toContainText('2 of 6');
  await page.keyboard.press('Control+Shift+z');
  await guide.getByRole('button', { name: 'Put them in for me' }).click();
  await expect(guide).toContainText('4 of 6');
  await page.reload();
  await expect(guide).toContainText('4 of 6');
  await page.getByRole('button', { name: 'Aim at scoops' }).click();
  await expect(guide).toContainText('Tap Land it');
  await page.getByRole('button', { name: 'Land it' }).click();
  await page.getByRole('button', { name: 'Take it' }).click();
  await expect(guide).toContainText('6 of 6');
  await page.getByRole('button', { name: /^What is the body, rested/ }).click();
  await expect(guide).toContainText('That is a dip worked out');
  await guide.getByRole('link', { name: 'Make it' }).click();
  await expect(page.getByRole('button', { name: 'Start making' })).toBeVisible();
});

test('on a phone the guide can be followed with one thumb', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/');
  await page.getByRole('button', { name: 'Be shown, on a first dip' }).click();
  const guide = page.getByRole('region', { name: 'A first dip' });
  await guide.getByRole('button', { name: 'Put it in for me' }).click();
  await expect(guide).toContainText('2 of 6');
  await guide.getByRole('button', { name: 'Put it in for me' }).click();
  await guide.getByRole('button', { name: 'Put them in for me' }).click();
  await guide.getByRole('button', { name: 'Aim at that for me' }).click();
  await expect(guide).toContainText('Tap Land it');
  await expect(page.getByText(/than your 6\.\d–\d\.\d/)).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
});

test('the guide is left at any moment, and the dip stays', async ({ page }) => {
  await openBlankBook(page);
  await page.getByRole('link', { name: 'New dip' }).click();
  await page.getByRole('button', { name: 'With a guide, in three minutes' }).click();
  const guide = page.getByRole('region', { name: 'A first dip' });
  await guide.getByRole('button', { name: 'Put it in for me' }).click();
  await guide.getByRole('link', { name: 'Leave the guide' }).click();
  await expect(guide).toHaveCount(0);
  await expect(page.getByRole('textbox', { name: /^Amount of Chickpeas/ })).toHaveValue('2 cups');
});
