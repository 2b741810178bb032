import { expect, test } from '@playwright/test';
import { amount, openSampleBook, saved } from './cook';

test('my lemons give less: the correction reaches every dip, and can be taken back', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/bench?dip=weir-house-hummus');
  await amount(page, 'Lemon juice').fill('juice of 1 lemon');
  await amount(page, 'Lemon juice').press('Enter');
  const makes = page.getByRole('region', { name: 'What it makes' });
  await expect(makes).toContainText('591 g');
  await saved(page);
  await page.getByRole('link', { name: 'Larder' }).click();
  await page.getByRole('textbox', { name: 'Find' }).fill('lemon jui');
  await page.getByRole('list', { name: 'Ingredients' }).getByRole('button').first().click();
  const card = page.getByRole('complementary', { name: 'Lemon juice' });
  await card.getByRole('textbox', { name: 'One piece gives, g' }).fill('35');
  await expect(card).toContainText('typical 46');
  await card.getByRole('textbox', { name: 'Price, € per kg' }).fill('cheap');
  await expect(card.getByRole('button', { name: 'Keep my numbers' })).toBeDisabled();
  await card.getByRole('textbox', { name: 'Price, € per kg' }).fill('5');
  await card.getByRole('button', { name: 'Keep my numbers' }).click();
  await expect(page.getByText(/things, 1 with your own numbers/)).toBeVisible();
  await saved(page);
  await card.getByRole('link', { name: 'Weir House hummus', exact: true }).click();
  await expect(makes).toContainText('580 g');
  await page.getByRole('link', { name: 'Larder' }).click();
  await page.getByRole('combobox', { name: 'Shelf' }).selectOption('mine');
  await page.getByRole('list', { name: 'Ingredients' }).getByRole('button').first().click();
  await card.getByRole('button', { name: 'As it shipped' }).click();
  await expect(page.getByText(/things, 0 with your own numbers/)).toBeVisible();
});

test('something new goes on the shelf, and into a dip by its other name', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/larder');
  await page.getByRole('button', { name: 'Something new' }).click();
  const card = page.getByRole('complementary', { name: 'Something new' });
  await card.getByRole('combobox', { name: 'Most like' }).selectOption('tahini-hulled');
  await expect(card.getByRole('button', { name: 'Put it on the shelf' })).toBeDisabled();
  await card.getByRole('textbox', { name: 'Name' }).fill('Boathouse tahini');
  await card.getByRole('textbox', { name: /^Also called/ }).fill('weir paste');
  await card.getByRole('textbox', { name: 'Water' }).fill('60');
  await expect(card).toContainText('more than 100 g can hold');
  await card.getByRole('textbox', { name: 'Water' }).fill('2');
  await card.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(page.getByRole('complementary', { name: 'Boathouse tahini' })).toBeVisible();
  await saved(page);
  await page.goto('/bench?dip=butter-bean-sage');
  const add = page.getByRole('combobox', { name: 'Add something' });
  await add.fill('2 tbsp weir paste');
  await page.getByRole('listbox').getByRole('option').first().click();
  await expect(amount(page, 'Boathouse tahini')).toHaveValue('2 tbsp');
  await expect(page.getByRole('region', { name: 'What it makes' })).toContainText('sesame');
});

test('something like red beans brings their caution to a dip, and a caution taken away says so', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/larder');
  await page.getByRole('button', { name: 'Something new' }).click();
  const card = page.getByRole('complementary', { name: 'Something new' });
  await card
    .getByRole('combobox', { name: 'Most like' })
    .selectOption({ label: 'Red kidney beans, cooked from dried' });
  await card.getByRole('textbox', { name: 'Name' }).fill('My red beans');
  await expect(card).toContainText('Poisonous when undercooked');
  await card.getByRole('button', { name: 'Put it on the shelf' }).click();
  const kept = page.getByRole('complementary', { name: 'My red beans' });
  await expect(kept).toContainText('Poisonous when undercooked');
  await saved(page);
  await page.goto('/bench?dip=butter-bean-sage');
  await page.getByRole('combobox', { name: 'Add something' }).fill('200 g my red beans');
  await page.getByRole('listbox').getByRole('option').first().click();
  await expect(page.getByText(/Undercooked they are poisonous/).first()).toBeVisible();
  await saved(page);
  await page.goto('/larder');
  await page.getByRole('textbox', { name: 'Find' }).fill('my red beans');
  await page.getByRole('list', { name: 'Ingredients' }).getByRole('button').first().click();
  await kept.getByRole('combobox', { name: 'Cautions it brings to a dip' }).focus();
  await page.keyboard.press('Backspace');
  await expect(kept).toContainText('Taken away: Poisonous when undercooked');
});

test('the shelves can be searched, and nothing found says so', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/larder');
  const list = page.getByRole('list', { name: 'Ingredients' });
  await page.getByRole('combobox', { name: 'Shelf' }).selectOption('nut-butter');
  await expect(list.getByRole('listitem')).toHaveCount(4);
  await expect(list.getByRole('img', { name: /^In/ }).first()).toHaveAccessibleName(
    /^In 100 g: fat \d+/,
  );
  await page.getByRole('textbox', { name: 'Find' }).fill('zzzz');
  await expect(page.getByText('Nothing here is called that.')).toBeVisible();
});

test('on a phone the list and the card each have the screen', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openSampleBook(page);
  await page.goto('/larder');
  await page.getByRole('textbox', { name: 'Find' }).fill('tahini');
  await page.getByRole('list', { name: 'Ingredients' }).getByRole('button').first().click();
  await expect(page.getByRole('textbox', { name: 'Find' })).toBeHidden();
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('textbox', { name: 'Find' })).toBeVisible();
  const wider = await page.evaluate(
    () => document.documentElement.scrollWidth > document.documentElement.clientWidth,
  );
  expect(wider).toBe(false);
});
