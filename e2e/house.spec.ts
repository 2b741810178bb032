import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { openBlankBook, openSampleBook, saved } from './cook';

test('what is in the house says what it makes, what runs out first, and what is missing', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.getByRole('link', { name: 'From the house' }).click();
  const makes = page.getByRole('region', { name: 'What it makes' });
  const row = (name: string) =>
    makes
      .getByRole('listitem')
      .filter({ has: page.getByRole('button', { name: `Open ${name}`, exact: true }) });
  await expect(row('Hummus')).toContainText('about 850 g, as far as the chickpeas, canned goes');
  await expect(row('Avocado')).toContainText('needs avocado');
  const stock = page.getByRole('list', { name: 'Stock' });
  await stock.getByRole('textbox', { name: 'Chickpeas, canned in the house' }).fill('1 can');
  await stock.getByRole('textbox', { name: 'Chickpeas, canned in the house' }).blur();
  await expect(row('Hummus')).toContainText('about 430 g');
  await stock
    .getByRole('combobox', { name: 'Watercress, how long it keeps' })
    .selectOption('by tomorrow');
  await expect(row('Leaf pesto with cheese')).toContainText('uses up watercress');
  await saved(page);
  await page.reload();
  await expect(row('Leaf pesto with cheese')).toContainText('uses up watercress');
  await stock.getByRole('button', { name: 'Watercress is used up' }).click();
  await expect(row('Leaf pesto with cheese')).toContainText('needs basil');
  await page.keyboard.press('Control+z');
  await expect(row('Leaf pesto with cheese')).toContainText('uses up watercress');
});

test('a pattern is filled, a part swapped, all of one thing used, and the dip lands on the Bench', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/house');
  await page.getByRole('button', { name: 'Open Hummus', exact: true }).click();
  await page
    .getByRole('combobox', { name: 'body of Hummus' })
    .selectOption({ label: 'Sunflower seed butter, plain, unsalted' });
  const size = page.getByRole('textbox', { name: 'How much' });
  await size.fill('20');
  await expect(page.getByText('From 50 to 50000 g.')).toBeVisible();
  await page.getByRole('button', { name: /^Use all the chickpeas/ }).click();
  await expect(size).toHaveValue('850');
  await page.getByRole('button', { name: 'Start it on the Bench' }).click();
  await expect(page.getByRole('heading', { name: 'Hummus, chickpeas, canned' })).toBeVisible();
  await expect(page.getByText(/inside your 6\.7–7\.8/)).toBeVisible();
  await expect(
    page.getByRole('textbox', { name: 'Amount of Sunflower seed butter' }),
  ).toBeVisible();
});

test('a part of a pattern is swapped for what does the same, and the dip starts with it', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/house');
  await page.getByRole('button', { name: 'Open Hummus', exact: true }).click();
  await page.getByRole('button', { name: 'Swap the body of Hummus' }).click();
  const candidates = page.getByRole('list', { name: 'What could go in instead' });
  await page.getByRole('button', { name: /further off$/ }).click();
  const butter = candidates.getByRole('listitem', { name: /^Sunflower seed butter/ });
  await butter.getByRole('button').first().click();
  await expect(butter).toContainText('no sesame');
  await butter.getByRole('button', { name: 'Swap it' }).click();
  await expect(candidates).toHaveCount(0);
  const body = page.getByRole('combobox', { name: 'body of Hummus' });
  await expect(body.locator('option:checked')).toContainText('Sunflower seed butter');
  await page.getByRole('button', { name: 'Start it on the Bench' }).click();
  await expect(
    page.getByRole('textbox', { name: 'Amount of Sunflower seed butter' }),
  ).toBeVisible();
});

test('a dip is made in another size: by portions, by jars, as far as what is in the house goes', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/bench?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Size' }).click();
  const dialog = page.getByRole('region', { name: /^Another size/ });
  await dialog.getByRole('textbox', { name: 'How much' }).fill('0');
  await expect(dialog.getByRole('button', { name: 'Take this size' })).toBeDisabled();
  await dialog.getByRole('combobox', { name: 'Sized by' }).selectOption({ label: 'so many times' });
  await expect(dialog.getByRole('status')).toContainText(
    '2.00 times: as measured below it makes 1150 g',
  );
  const amounts = dialog.getByRole('list', { name: 'Amounts in that size' });
  await expect(amounts.getByRole('listitem').nth(2)).toContainText('½ cup');
  await dialog.getByRole('combobox', { name: 'Sized by' }).selectOption({ label: 'jars' });
  await expect(dialog.getByRole('textbox', { name: 'One jar holds' })).toHaveValue('200');
  await dialog.getByRole('button', { name: /^As far as the chickpeas/ }).click();
  await expect(dialog.getByRole('status')).toContainText(/^1\.6\d times/);
  await dialog.getByRole('combobox', { name: 'Sized by' }).selectOption({ label: 'so many times' });
  await dialog.getByRole('button', { name: 'Take this size' }).click();
  const makes = page.getByRole('region', { name: 'What it makes' });
  await expect(makes).toContainText('1150 g');
  await saved(page);
  await page.keyboard.press('Control+z');
  await expect(makes).toContainText('575 g');
  // once in another size leaves the dip as it is
  await page.getByRole('button', { name: 'Size', exact: true }).click();
  await dialog.getByRole('combobox', { name: 'Sized by' }).selectOption({ label: 'so many times' });
  await dialog.getByRole('textbox', { name: 'How much' }).fill('1.9');
  await dialog.getByRole('button', { name: '2 ×, 1150 g' }).click();
  await dialog.getByRole('button', { name: 'Make it so once' }).click();
  await expect(page.getByText(/^step 1 of/)).toBeVisible();
  await expect(page.getByText('⅔ cup').first()).toBeVisible();
  await page.goto('/bench?dip=weir-house-hummus');
  await expect(makes).toContainText('575 g');
});

test('an empty house says how to begin, and takes what is typed', async ({ page }) => {
  await openBlankBook(page);
  await page.goto('/larder');
  await page.getByRole('combobox', { name: 'Shelf' }).selectOption({ label: 'in the house' });
  await page.getByRole('link', { name: 'Say what there is' }).click();
  await expect(page.getByText('Nothing said yet.')).toBeVisible();
  const add = page.getByRole('combobox', { name: 'Add something' });
  await add.fill('2 x 400 g cans cannellini');
  await page.getByRole('listbox').getByRole('option').first().click();
  const stock = page.getByRole('list', { name: 'Stock' });
  await expect(stock).toContainText('490 g');
  await saved(page);
  await page.getByRole('link', { name: 'Larder' }).click();
  await page.getByRole('combobox', { name: 'Shelf' }).selectOption({ label: 'in the house' });
  const shelf = page.getByRole('list', { name: 'Ingredients' }).getByRole('listitem');
  await expect(shelf).toHaveCount(1);
  await expect(shelf).toContainText('in the house: 2 x 400 g cans');
  await page.goBack();
  await stock.getByRole('textbox').fill('a blorp');
  await expect(stock).toContainText('can’t be read');
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze();
  expect(violations.map(({ id, nodes }) => `${id} ${nodes[0]?.target.join(' ')}`)).toEqual([]);
});
