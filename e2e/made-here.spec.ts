import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';
import { beginBlankDip, openBench, openSampleBook, saved } from './cook';
import { textOfPdf } from './printed';

const pots = (page: Page) => page.getByRole('list', { name: 'Pots' }).getByRole('listitem');
const madeNow = (page: Page) => page.getByRole('form', { name: 'Made now' });

/** Begins a thing made here. */
async function beginThing(page: Page, kind: string) {
  await page.goto('/larder');
  await page.getByRole('button', { name: 'Something made here' }).click();
  await page.getByRole('menuitem', { name: kind }).click();
  await expect(page.getByRole('complementary', { name: kind })).toBeVisible();
}

/** Says on a dip's Bench that it goes into others. */
async function goesIntoOthers(page: Page) {
  await page.getByRole('button', { name: 'About it' }).click();
  await page.getByRole('checkbox', { name: 'It goes into other dips, under its name' }).check();
  await page.getByRole('button', { name: 'Done' }).click();
}

const rows = (page: Page) => page.getByRole('textbox', { name: /^Amount of / });

/** A dip of such lines, begun from nothing; its id. */
async function dipOf(page: Page, name: string, lines: readonly string[]): Promise<string> {
  await page.goto('/');
  await beginBlankDip(page, name);
  for (const [i, line] of lines.entries()) {
    await page.getByRole('combobox', { name: 'Add something' }).fill(line);
    await page.getByRole('listbox').getByRole('option').first().click();
    await expect(rows(page)).toHaveCount(i + 1);
  }
  await saved(page);
  return new URL(page.url()).searchParams.get('dip') ?? '';
}

/** Makes a dip as it is written, weighs it, and fills six jars of 100 g. */
async function makeIntoJars(page: Page, dipId: string, additions: number, weighedG: number) {
  await page.goto(`/make?dip=${dipId}`);
  await page.getByRole('button', { name: 'Start making' }).click();
  for (let step = 1; step <= additions; step += 1) {
    await expect(page.getByText(`step ${step} of ${additions}`)).toBeVisible();
    await page.keyboard.press('Space');
  }
  await expect(page.getByText('the check')).toBeVisible();
  await page.getByRole('textbox', { name: 'Weighed out, g' }).fill(`${weighedG}`);
  await page.getByRole('button', { name: 'Keep it, and into jars' }).click();
  const jar = page.getByRole('form', { name: 'jar 120 ml' });
  await jar.getByRole('textbox', { name: 'How many' }).fill('6');
  await jar.getByRole('textbox', { name: 'On the scale, each' }).fill('195');
  await jar.getByRole('button', { name: 'Filled' }).click();
  await expect(pots(page)).toHaveCount(6);
}

test('a Saturday: garlic oil made here, three dips of one base in six jars each, and the next day planned by it', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/larder?made=made-garlic-slow-in-oil');
  await madeNow(page).getByRole('textbox', { name: 'What ran off' }).fill('230');
  await madeNow(page).getByRole('button', { name: 'Made it' }).click();
  const soFar = page.getByRole('list', { name: 'Made so far' });
  await expect(soFar).toContainText('230 g left of 230 g');
  // another of its kind is another thing, and a typed line means one of them
  await beginThing(page, 'Garlic slow in oil');
  await expect(page.getByRole('textbox', { name: 'What runs off is called' })).toHaveValue(
    'Garlic oil, our own 2',
  );
  await page.keyboard.press('Control+z');
  await page.goto('/bench?dip=weir-house-hummus');
  await goesIntoOthers(page);
  await saved(page);

  const [base, oil] = ['500 g Weir House hummus', '40 g garlic oil, our own'];
  const lock = await dipOf(page, 'Lock hummus', [base, oil, '90 g capers']);
  const green = await dipOf(page, 'Lock green', [base, oil, '90 g parsley']);
  const red = await dipOf(page, 'Lock red', [base, '130 g jarred red pepper']);
  await makeIntoJars(page, lock, 3, 612);
  await makeIntoJars(page, red, 2, 610);
  await makeIntoJars(page, green, 3, 602);

  // the oil went out of its jar, and its date came along
  const yields = page.getByRole('region', { name: 'What it made' });
  await expect(yields).toContainText('602 g weighed');
  await expect(yields).toContainText(/Garlic oil, our own of \d{4}-\d\d-\d\d, GOO-\d{4}-1 went in/);
  await expect(page.getByRole('region', { name: 'How long it keeps' })).toContainText(
    /^How long it keeps[34] days: /,
  );

  // labels, printed and read back: the base is opened, and what someone may react to is said
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('[data-sheets]')).toBeVisible();
  const printed = await textOfPdf(await page.pdf({ preferCSSPageSize: true }));
  await page.emulateMedia({ media: 'screen' });
  expect(printed.match(/Lockgreen/g)).toHaveLength(6);
  expect(printed).toMatch(/Ingredients:WeirHousehummus\([^)]*tahini\(SESAME\)/);
  expect(printed).toMatch(/Garlicoil,ourown\(extravirginoliveoil,garlic\)/);
  expect(printed).toMatch(/Containssesame/);
  expect(printed).toMatch(/100g·LG-\d{4}-1/);

  await pots(page).nth(0).getByRole('button', { name: 'Open it' }).click();
  await expect(pots(page).nth(0)).toContainText('opened');
  await pots(page).nth(1).getByRole('button', { name: 'Freeze it' }).click();
  await pots(page).nth(2).getByRole('button', { name: 'Thrown away' }).click();
  await pots(page).nth(2).getByRole('button', { name: 'spilled' }).click();
  await expect(pots(page).nth(2)).toContainText('thrown away');
  await saved(page);
  await page.goto('/larder?made=made-none');
  await expect(page.getByRole('list', { name: 'Made here' })).toContainText('150 g there');

  // the next day: what stands there is not made again, what comes out here is reckoned with
  await page.goto('/day');
  await page.getByRole('button', { name: 'New day' }).click();
  await page.getByRole('dialog').getByRole('textbox', { name: 'Name' }).fill('Sunday');
  await page.getByRole('dialog').getByRole('button', { name: 'Start it' }).click();
  await page.getByRole('combobox', { name: 'Add a dip' }).selectOption({ label: 'Lock green' });
  const first = page.getByRole('region', { name: 'Made first' });
  await expect(first).toContainText(/\d+ g Weir House hummus, for Lock green/);
  await expect(first).not.toContainText('Garlic slow in oil');
  await expect(page.getByText(/go in: 9\d % comes out here/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Lock green' }).fill('6000');
  await page.getByRole('textbox', { name: 'Lock green' }).blur();
  await expect(first).toContainText(/Garlic slow in oil, of \d+ g, for Lock green/);
  await page.getByRole('button', { name: 'shopping' }).click();
  const shopping = page.getByRole('region', { name: 'Shopping' });
  await expect(shopping).toContainText('Tahini');
  await expect(shopping).not.toContainText('our own');
});

test('a thing made here is written, weighed and used, keeps what is typed, and is undone', async ({
  page,
}) => {
  await openSampleBook(page);
  await beginThing(page, 'Yogurt hung in a cloth');
  const card = page.getByRole('complementary', { name: 'Yogurt hung in a cloth' });
  const stays = card.getByRole('group', { name: 'What stays' });
  await expect(stays.getByRole('textbox', { name: 'Weighs' })).toHaveValue('422');
  await stays.getByRole('textbox', { name: 'Weighs' }).fill('900');
  await expect(stays).toContainText('0 to 452');
  await stays.getByRole('textbox', { name: 'Weighs' }).fill('380');
  await expect(card).toContainText('72 g boil away or stay behind');
  await expect(stays).toContainText('milk');
  const axe = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze();
  expect(axe.violations.map(({ id, nodes }) => `${id} ${nodes[0]?.target.join(' ')}`)).toEqual([]);
  await saved(page);
  await page.reload();
  await page.getByRole('combobox', { name: 'Shelf' }).selectOption({ label: 'made here' });
  await page.getByRole('button', { name: /^Yogurt hung in a cloth/ }).click();
  await expect(stays.getByRole('textbox', { name: 'Weighs' })).toHaveValue('380');
  await card.getByRole('textbox', { name: 'Amount of Fine sea salt' }).fill('a lot');
  await expect(card).toContainText('“lot”');
  await page.keyboard.press('Escape');
  await card.getByRole('button', { name: 'Made here no longer' }).click();
  await expect(page.getByRole('button', { name: /^Yogurt hung in a cloth/ })).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /^Yogurt hung in a cloth/ })).toBeVisible();
});

test('a dip in a dip counts as what it is made of, and never goes into itself', async ({
  page,
}) => {
  await openBench(page, 'weir-house-hummus');
  await goesIntoOthers(page);
  const field = page.getByRole('combobox', { name: 'Add something' });
  await field.fill('100 g Weir House hummus');
  await expect(page.getByText('“weir house hummus” is not in the larder.')).toBeVisible();
  await expect(page.getByRole('option', { name: /Weir House hummus/ })).toHaveCount(0);
  await saved(page);
  const dip = await dipOf(page, 'The same', ['575 g Weir House hummus']);
  expect(dip).not.toBe('');
  await expect(page.getByText('sesame', { exact: true })).toBeVisible();
  // it can't be deleted without a word
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await page.getByRole('button', { name: 'More for Weir House hummus', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Delete…' }).click();
  await expect(page.getByRole('dialog')).toContainText(
    'It goes into The same: there it will be missing.',
  );
});

test('what could be made here is said beside what would be bought for it', async ({ page }) => {
  await openSampleBook(page);
  const dip = await dipOf(page, 'Bought', ['300 g canned chickpeas', '20 g garlic confit']);
  expect(dip).not.toBe('');
  await page.goto('/day');
  await page.getByRole('button', { name: 'New day' }).click();
  await page.getByRole('dialog').getByRole('textbox', { name: 'Name' }).fill('Monday');
  await page.getByRole('dialog').getByRole('button', { name: 'Start it' }).click();
  await page.getByRole('combobox', { name: 'Add a dip' }).selectOption({ label: 'Bought' });
  await page.getByRole('button', { name: 'shopping' }).click();
  await expect(page.getByRole('region', { name: 'Shopping' })).toContainText(
    'you make your own: Slow garlic',
  );
});
