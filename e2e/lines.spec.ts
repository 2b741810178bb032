import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';
import { amount, openBench, openBlankBook, openSampleBook, saved } from './cook';

const recipe = `Walnut and red pepper dip
makes about 2 cups

200 g walnuts, toasted
3 red peppers, roasted and skinned
1 tsp coriander
1 tbsp vinegar
50 ml olive oil, plus a little for the top
salt to taste

Toast the walnuts in a low oven. Blend everything but the oil.`;

const adding = (page: Page) => page.getByRole('combobox', { name: 'Add something' });
const offered = (page: Page) => page.getByRole('listbox').getByRole('option');

test('what is typed is shown as it is understood before it is taken', async ({ page }) => {
  await openBench(page);
  await adding(page).fill('juice of half a lemon');
  await expect(offered(page).first()).toContainText('23 g');
  await expect(offered(page).first()).toContainText('Lemon juice');
  await expect(offered(page).first()).toContainText(/body [\d.]+ → [\d.]+/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('listitem')).toHaveCount(11);
  await adding(page).fill('2 tbsp each of chopped mint and parsley');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('listitem')).toHaveCount(13);
  await saved(page);
  // both are one step
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(page.getByRole('listitem')).toHaveCount(11);
});

test('a row is written anew in its place, as one step', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: 'Details of Cumin, ground' }).click();
  await page.getByRole('button', { name: 'Write it anew' }).click();
  const anew = page.getByRole('combobox', { name: 'The row, written anew' });
  await expect(anew).toHaveValue('1/2 tsp Cumin, ground');
  await anew.fill('1 tsp smoked paprika');
  await expect(offered(page).first()).toContainText('Smoked paprika');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: /^Details of/ })).toHaveCount(0);
  await expect(page.getByRole('listitem').nth(7)).toContainText('Smoked paprika');
  await expect(amount(page, 'Smoked paprika, sweet')).toHaveValue('1 tsp');
  await saved(page);
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(amount(page, 'Cumin, ground')).toHaveValue('1/2 tsp');
});

test('what is not sure is asked, answered by a figure, and not asked again', async ({ page }) => {
  await openBench(page);
  await adding(page).fill('1 tsp coriander');
  await expect(page.getByText('Which coriander?')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('listitem')).toHaveCount(10);
  await page.keyboard.press('2');
  await expect(amount(page, 'Coriander seed')).toHaveValue('1 tsp');
  await adding(page).fill('1/2 tsp coriander');
  await expect(offered(page).first()).toContainText('Coriander seed');
  await expect(page.getByText('Which coriander?')).toHaveCount(0);
  await saved(page);
  // unless that is taken back
  await page.goto('/kit');
  await page.getByRole('button', { name: 'Ask again about coriander' }).click();
  await expect(page.getByRole('heading', { name: 'What your words mean' })).toHaveCount(0);
  await saved(page);
  await page.goto('/bench?dip=weir-house-hummus');
  await adding(page).fill('1/2 tsp coriander');
  await expect(page.getByText('Which coriander?')).toBeVisible();
});

test('another food is never taken for one of the larder', async ({ page }) => {
  await openBench(page);
  for (const text of ['1 cup cooked rice', '2 tsp tomato ketchup', '100 ml almond milk']) {
    await adding(page).fill(text);
    await expect(page.getByText('is not in the larder')).toBeVisible();
    await page.keyboard.press('Enter');
  }
  await page.keyboard.press('Escape');
  await expect(page.getByRole('listitem')).toHaveCount(10);
});

test('a food that is lacking can be kept like another one, with its row as one step of undo', async ({
  page,
}) => {
  await openBench(page);
  await adding(page).fill('2 tsp tomato ketchup');
  await offered(page).filter({ hasText: 'something new, “Tomato ketchup”' }).click();
  await expect(amount(page, 'Tomato ketchup')).toHaveValue('2 tsp');
  await saved(page);
  await page.goto('/larder');
  await page.getByRole('textbox', { name: 'Find' }).fill('ketchup');
  const list = page.getByRole('list', { name: 'Ingredients' });
  await expect(list.getByRole('button').first()).toContainText('Tomato ketchup');
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(list.getByText('Tomato ketchup')).toHaveCount(0);
});

test('a recipe is written into an empty book: doubts are answered where they stand, and one undo takes all of it back', async ({
  page,
}) => {
  await openBlankBook(page);
  await page.getByRole('link', { name: 'Write or paste the first dip' }).click();
  await page.getByRole('textbox', { name: 'What goes in' }).fill(recipe);
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue(
    'Walnut and red pepper dip',
  );
  await expect(page.getByText('2 lines left out until answered')).toBeVisible();
  await expect(page.getByRole('combobox', { name: 'The family it is judged with' })).toHaveValue(
    'pate',
  );
  const which = (question: string) => page.getByRole('group', { name: question });
  await which('Which coriander?').getByRole('button', { name: /seed/ }).click();
  await which('Which vinegar?').getByRole('button', { name: /Cider/ }).click();
  await expect(page.getByText('Every line is understood')).toBeVisible();
  await page.getByRole('button', { name: 'Start it with 7 additions' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Walnut and red pepper dip');
  await expect(amount(page, 'Walnuts')).toHaveValue('200 g');
  await expect(amount(page, 'Cider vinegar')).toHaveValue('1 tbsp');
  await expect(page.getByRole('listitem')).toHaveCount(7);
  await saved(page);
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(page.getByText('Nothing here yet')).toBeVisible();
});

test('a second tap begins no second dip', async ({ page }) => {
  await openBlankBook(page);
  await page.goto('/new');
  await page.getByRole('button', { name: 'Blank, to add to one by one' }).dblclick();
  // the page it is begun on is headed the same
  await expect(page).toHaveURL(/\/bench\?dip=/);
  await expect(page.getByRole('combobox', { name: 'Add something' })).toBeVisible();
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await expect(page.getByText('1 dip,')).toBeVisible();
});

test('what is written is there after a reload, and a line left unanswered is kept in the note', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/new');
  await page.getByRole('textbox', { name: 'What goes in' }).fill('200 g feta\n1 tbsp vinegar');
  await expect(page.getByText('1 line left out until answered')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'What goes in' })).toHaveValue(/1 tbsp vinegar/);
  await page.getByRole('textbox', { name: 'Name' }).fill('Lockside feta');
  await page.getByRole('button', { name: 'Start it with 1 addition' }).click();
  await page.getByRole('button', { name: 'About it' }).click();
  await expect(page.getByRole('textbox', { name: 'Note' })).toHaveValue(
    /Not put in:\s+1 tbsp vinegar/,
  );
});

test('half a line is there after its tab was closed, and is gone once it is taken', async ({
  page,
  context,
}) => {
  await openBench(page);
  await adding(page).fill('2 tbsp capers');
  await page.close();
  const again = await context.newPage();
  await again.goto('/bench?dip=weir-house-hummus');
  await expect(adding(again)).toHaveValue('2 tbsp capers');
  await adding(again).focus();
  await expect(offered(again).first()).toContainText('Capers');
  await again.keyboard.press('Enter');
  await expect(again.getByRole('listitem')).toHaveCount(11);
  await again.reload();
  await expect(again.getByRole('listitem')).toHaveCount(11);
  await expect(adding(again)).toHaveValue('');
  // another dip's line is another
  await adding(again).fill('half a word');
  await again.goto('/bench?dip=butter-bean-sage');
  await expect(adding(again)).toHaveValue('');
});

test('the page of a new dip is clean for those who can’t see it, and fits a phone', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openSampleBook(page);
  await page.goto('/new');
  await expect(page.getByRole('region', { name: 'Or begin otherwise' })).toBeVisible();
  await page.getByRole('textbox', { name: 'What goes in' }).fill(recipe);
  await expect(page.getByText('2 lines left out until answered')).toBeVisible();
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze();
  expect(violations.map(({ id, nodes }) => `${id} ${nodes[0]?.target.join(' ')}`)).toEqual([]);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('a cream that splits when its oil goes in at once says so before, and streamed it holds', async ({
  page,
}) => {
  await openBlankBook(page);
  await page.getByRole('link', { name: 'New dip' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Garlic cream');
  await page
    .getByRole('textbox', { name: 'What goes in' })
    .fill('60 g raw garlic\n30 g lemon juice\n240 g light olive oil\n3 g salt');
  await page.getByRole('button', { name: 'Start it with 4 additions' }).click();
  await expect(page.getByText('Pours, just blended')).toBeVisible();
  await expect(page.getByRole('note')).toContainText('it splits');
  await expect(page.getByRole('region', { name: 'What it makes' })).toContainText('botulism');
  await page.getByRole('button', { name: 'Stream the oil' }).click();
  await expect(page.getByText('Spreads, just blended')).toBeVisible();
  await expect(page.getByRole('note')).toContainText('poured in at once it splits');
  await saved(page);
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(page.getByText('Pours, just blended')).toBeVisible();
});
