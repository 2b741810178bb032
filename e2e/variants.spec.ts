import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';
import { amount, openBench, openSampleBook, saved } from './cook';

const variants = (page: Page) => page.getByRole('list', { name: 'Variants' });
const changed = (page: Page) => page.getByRole('list', { name: 'What changed in the base' });
const green = '/bench?dip=weir-house-green';

/** Writes another amount on the bench and waits until it is saved. */
async function write(page: Page, name: string, text: string) {
  await amount(page, name).fill(text);
  await amount(page, name).press('Enter');
  await saved(page);
}

test('what changed in a base is offered to its variants, taken in all by one tap, and by one undo taken back', async ({
  page,
}) => {
  await openBench(page);
  await write(page, 'Water', '5 tbsp');
  await page.getByRole('button', { name: '3 variants have not got what changed here' }).click();
  const one = variants(page).getByRole('listitem', { name: 'Weir House hummus, green' });
  await expect(one).toContainText('5 tbsp water, was 1/4 cup');
  await expect(one).toContainText('would do there: cold −');
  const smoked = variants(page).getByRole('listitem', { name: /smoked carrot/ });
  await expect(smoked).toContainText('Here it is 2 tbsp water.');
  const axe = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze();
  expect(axe.violations.map(({ id, nodes }) => `${id} ${nodes[0]?.target.join(' ')}`)).toEqual([]);
  await smoked.getByRole('button', { name: 'Leave it' }).click();
  await expect(variants(page).getByRole('listitem')).toHaveCount(2);
  await page.getByRole('button', { name: 'Take it in all 2' }).click();
  await expect(page.getByText('They have all been asked.')).toBeVisible();
  await saved(page);
  await page.goto(green);
  await expect(amount(page, 'Water')).toHaveValue('5 tbsp');
  await page.goto('/bench?dip=weir-house-hummus');
  await expect(amount(page, 'Water')).toHaveValue('5 tbsp');
  await page.keyboard.press('Control+z');
  await page.getByRole('button', { name: '2 variants have not got what changed here' }).click();
  await page.goto(green);
  await expect(amount(page, 'Water')).toHaveValue('1/4 cup');
});

test('a variant looks at each change of its base, takes one and leaves another', async ({
  page,
}) => {
  await openBench(page);
  await write(page, 'Water', '5 tbsp');
  await write(page, 'Lemon juice', '4 tbsp');
  await page.goto(green);
  await page.getByRole('button', { name: 'The base has changed: 2 things' }).click();
  const lemon = changed(page).getByRole('listitem', { name: '4 tbsp lemon juice, was 2 tbsp' });
  await expect(lemon).toContainText('Here it is 3 tbsp lemon juice.');
  await lemon.getByRole('button').first().click();
  await lemon.getByRole('button', { name: 'Leave it as it is' }).click();
  await expect(lemon).toHaveCount(0);
  await expect(amount(page, 'Lemon juice')).toHaveValue('3 tbsp');
  const water = changed(page).getByRole('listitem', { name: '5 tbsp water, was 1/4 cup' });
  await water.getByRole('button').first().click();
  await water.getByRole('button', { name: 'Take it' }).click();
  await expect(amount(page, 'Water')).toHaveValue('5 tbsp');
  await expect(changed(page)).toHaveCount(0);
});

test('a variant that follows takes over what nothing was made of in it', async ({ page }) => {
  await openBench(page, 'weir-house-green');
  await page.getByRole('button', { name: 'What that does' }).click();
  await page.getByRole('checkbox', { name: /^Follow the base/ }).check();
  await saved(page);
  await page.goto('/bench?dip=weir-house-hummus');
  await expect(amount(page, 'Water')).toBeVisible();
  await write(page, 'Water', '5 tbsp');
  await write(page, 'Lemon juice', '4 tbsp');
  await page.goto(green);
  await expect(amount(page, 'Water')).toHaveValue('5 tbsp');
  // its own amount is not overwritten: it is asked about
  await expect(amount(page, 'Lemon juice')).toHaveValue('3 tbsp');
  await page.getByRole('button', { name: 'The base has changed: one thing' }).click();
  await expect(changed(page).getByRole('listitem')).toHaveCount(1);
});

test('deleting a base asks what becomes of its variants, and a dip may come from another', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.getByRole('button', { name: 'More for Weir House hummus', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Delete…' }).click();
  const ask = page.getByRole('dialog', { name: 'Delete Weir House hummus?' });
  await expect(ask).toContainText('3 variants were made from it');
  await ask.getByRole('button', { name: 'Keep it' }).click();
  await expect(ask).toHaveCount(0);
  await page.getByRole('button', { name: 'More for Weir House hummus, green' }).click();
  await page.getByRole('menuitem', { name: 'Where it comes from' }).click();
  const from = page.getByRole('combobox', { name: 'Variant of' });
  // never of itself
  await expect(from.getByRole('option', { name: 'Weir House hummus, green' })).toHaveCount(0);
  await from.selectOption({ label: 'Weir House hummus, no sesame' });
  await page.getByRole('button', { name: 'Make it so' }).click();
  await saved(page);
  await page.getByRole('button', { name: 'More for Weir House hummus', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Delete…' }).click();
  await ask.getByRole('radio', { name: /They go too, 3 dips/ }).check();
  await ask.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(page.getByRole('link', { name: /^Weir House hummus/ })).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('link', { name: 'Weir House hummus, green' })).toBeVisible();
});

test('any two dips stand side by side as they are written', async ({ page }) => {
  await openSampleBook(page);
  await page.getByRole('button', { name: 'More for Weir House hummus', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Set beside another' }).click();
  const table = page.getByRole('table', { name: 'Side by side' });
  await expect(table).toContainText('as written');
  await page
    .getByRole('combobox', { name: 'Add a trial or a dip' })
    .selectOption({ label: 'Weir House hummus, no sesame' });
  await expect(table.getByRole('columnheader')).toHaveCount(3);
  await expect(
    table.getByRole('row', { name: /^Tahini, hulled, light 1\/3 cup.*none$/ }),
  ).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^Body side by side\. Weir House hummus as written/ }),
  ).toBeVisible();
});

test('where a dip comes from is kept by its variants and printed', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: 'About it' }).click();
  const field = page.getByRole('textbox', { name: 'Where it comes from, and whose it is' });
  await field.fill('the Weir House, first regatta');
  await page.getByRole('button', { name: 'Done' }).click();
  await saved(page);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('region', { name: 'Card' })).toContainText(
    'From the Weir House, first regatta',
  );
  await page.emulateMedia({ media: 'screen' });
  await page.goto('/');
  await page.getByRole('button', { name: 'More for Weir House hummus', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Start a variant' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Weir House hummus, late');
  await page.getByRole('button', { name: 'Start it' }).click();
  await page.getByRole('heading', { level: 1, name: 'Weir House hummus, late' }).waitFor();
  await page.getByRole('button', { name: 'About it' }).click();
  await expect(field).toHaveValue('the Weir House, first regatta');
});

test('a dip kept free of what its base has says so before it is made, and what the machine made last', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/make?dip=weir-house-no-sesame');
  const note = page.getByRole('note').filter({ hasText: 'Kept free of sesame' });
  await expect(note).toContainText('washed hot with soap');
  await expect(note).toContainText('The last with it');
  await page.goto('/make?dip=weir-house-hummus');
  await expect(page.getByRole('button', { name: 'Start making' })).toBeVisible();
  await expect(note).toHaveCount(0);
});

test('how a base is made is offered to its variants too', async ({ page }) => {
  await openBench(page);
  await page.getByRole('combobox', { name: 'Grind' }).selectOption('coarse');
  await saved(page);
  await page.goto(green);
  await page.getByRole('button', { name: 'The base has changed: one thing' }).click();
  const grind = changed(page).getByRole('listitem', { name: 'another grind or method' });
  await grind.getByRole('button').first().click();
  await grind.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByRole('combobox', { name: 'Grind' })).toHaveValue('coarse');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('combobox', { name: 'Grind' })).toHaveValue('silky');
});
