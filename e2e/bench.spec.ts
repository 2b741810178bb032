import { expect, test } from '@playwright/test';
import { amount, openBench, saved } from './cook';

test('reads down: where the bowl stands after each addition', async ({ page }) => {
  await openBench(page);
  const rows = page.getByRole('listitem');
  await expect(rows).toHaveCount(10);
  await expect(rows.nth(0)).toContainText('After this: ribbons');
  await expect(rows.nth(1)).toContainText('After this: spreads');
  await expect(rows.nth(2)).toContainText('After this: slumps');
  await expect(rows.nth(5)).toContainText('After this: spreads');
  await expect(page.getByText('Scoops, just blended')).toBeVisible();
  await expect(page.getByText(/inside your 7.0–7.9/)).toBeVisible();
});

test('an amount typed as cooks write is predicted at once and kept after a reload', async ({
  page,
}) => {
  await openBench(page);
  const makes = page.getByRole('region', { name: 'What it makes' });
  await expect(makes).toContainText('575 g');
  await amount(page, 'Water').fill('1½ cups');
  await expect(makes).toContainText('870 g');
  await expect(
    page.getByText('Pours, just blended').or(page.getByText('Ribbons, just blended')),
  ).toBeVisible();
  await amount(page, 'Water').press('Enter');
  await expect(amount(page, 'Garlic, raw')).toBeFocused();
  await saved(page);
  await page.reload();
  await expect(amount(page, 'Water')).toHaveValue('1½ cups');
  await page.keyboard.press('Control+z');
  await expect(amount(page, 'Water')).toHaveValue('1/4 cup');
  await page.keyboard.press('Control+Shift+z');
  await expect(amount(page, 'Water')).toHaveValue('1½ cups');
});

test('printed, a dip is a card: what goes in and how, what it keeps and what to mind, and nothing of the screen', async ({
  page,
}) => {
  await openBench(page);
  const card = page.getByRole('region', { name: 'Card' });
  await expect(card).toBeHidden();
  await page.emulateMedia({ media: 'print' });
  await expect(card.getByRole('row')).toHaveCount(10);
  await expect(card.getByRole('row').first()).toContainText('1/3 cup');
  await expect(card).toContainText('Keeps 4 days at 4 °C or below');
  await expect(card).toContainText('Contains sesame');
  await expect(card).toContainText('follow local codes');
  await expect(page.getByRole('button', { name: 'Land it' })).toBeHidden();
  await expect(page.getByRole('region', { name: 'What it makes' })).toBeHidden();
});

test('an amount nobody can read says why beside it and loses nothing', async ({ page }) => {
  await openBench(page);
  const oil = amount(page, 'Extra virgin olive oil');
  await oil.fill('3 cloves');
  await expect(page.getByRole('alert').filter({ hasText: 'cloves' })).toContainText(
    "can't be measured in cloves",
  );
  await expect(oil).toHaveAttribute('aria-invalid', 'true');
  await oil.press('Enter');
  await saved(page);
  await page.reload();
  await expect(oil).toHaveValue('3 cloves');
  await page.getByRole('button', { name: 'Land it' }).click();
  await expect(page.getByText('Mend the amounts that can’t be read first.')).toBeVisible();
});

test('Escape leaves the amount as it was', async ({ page }) => {
  await openBench(page);
  await amount(page, 'Water').fill('9 cups');
  await amount(page, 'Water').press('Escape');
  await expect(amount(page, 'Water')).toHaveValue('1/4 cup');
});

test('one switch shows all in grams, one all in spoons', async ({ page }) => {
  await openBench(page, 'butter-bean-sage');
  const beans = amount(page, 'Butter beans, canned');
  await page.getByRole('button', { name: 'grams' }).click();
  await expect(beans).toHaveValue('490 g');
  await expect(amount(page, 'Fine sea salt')).toHaveValue('2.8 g');
  await page.getByRole('button', { name: 'as typed' }).click();
  await expect(beans).toHaveValue('2 x 400 g cans');
  await amount(page, 'Lemon juice').fill('31 g');
  await amount(page, 'Lemon juice').press('Enter');
  await page.getByRole('button', { name: 'spoons' }).click();
  await expect(amount(page, 'Lemon juice')).toHaveValue('2 tbsp');
});

test('rows are added by typing, moved by key, held and taken out', async ({ page }) => {
  await openBench(page);
  const add = page.getByRole('combobox', { name: 'Add something' });
  await expect(add).toBeVisible();
  await page.keyboard.press('a');
  await expect(add).toBeFocused();
  await add.fill('1/4 tsp smoked paprika');
  await expect(page.getByRole('listbox').getByRole('option').first()).toContainText(
    'Smoked paprika',
  );
  await page.keyboard.press('Enter');
  const rows = page.getByRole('listitem');
  await expect(rows).toHaveCount(11);
  await expect(amount(page, 'Smoked paprika, sweet')).toHaveValue('1/4 tsp');
  await amount(page, 'Smoked paprika, sweet').press('Alt+ArrowUp');
  await expect(rows.nth(9)).toContainText('Smoked paprika');
  await amount(page, 'Smoked paprika, sweet').press('Alt+h');
  const hold = page.getByRole('button', { name: 'Hold Smoked paprika, sweet', exact: true });
  await expect(hold).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Details of Smoked paprika, sweet' }).click();
  await page.getByRole('button', { name: 'Take it out' }).click();
  await expect(rows).toHaveCount(10);
});

test('rows are moved by dragging and by the handle’s own keys', async ({ page }) => {
  await openBench(page);
  const rows = page.getByRole('listitem');
  const handle = page.getByRole('button', { name: 'Move Water, step 3' });
  // dragging is fetched once the rows are shown
  await expect(handle).toHaveAttribute('aria-roledescription', 'sortable');
  const from = await handle.boundingBox();
  if (!from) throw new Error('no handle');
  await page.mouse.move(from.x + 8, from.y + 15);
  await page.mouse.down();
  await page.mouse.move(from.x + 8, from.y - 30, { steps: 6 });
  await page.mouse.move(from.x + 8, from.y - 95, { steps: 6 });
  await page.mouse.up();
  await expect(rows.nth(0)).toContainText('Water');
  // what is told of the drop is over before the keys take it up: the words of the two begin alike
  await expect(page.getByText(/^Draggable item .* was dropped/)).toBeAttached();
  const first = page.getByRole('button', { name: 'Move Water, step 1' });
  const height = async () => (await first.boundingBox())?.y ?? 0;
  await first.focus();
  await page.keyboard.press('Space');
  await expect(page.getByText(/^Draggable item .* was moved over/)).toBeAttached();
  const start = await height();
  await page.keyboard.press('ArrowDown');
  await expect.poll(height).toBeGreaterThan(start + 15);
  await page.keyboard.press('Space');
  await expect(rows.nth(1)).toContainText('Water');
});

test('a row’s details: preparation, place, garlic, limits', async ({ page }) => {
  await openBench(page);
  const garlic = () => page.getByText('Garlic', { exact: true }).locator('xpath=../..');
  await expect(garlic()).toContainText('0.70 g');
  await page.getByRole('button', { name: 'Details of Garlic, raw' }).click();
  await page.getByRole('button', { name: 'crushed in acid' }).click();
  await expect(garlic()).toContainText('0.35 g');
  await page.getByRole('checkbox', { name: 'germ taken out' }).click();
  await expect(garlic()).toContainText('0.28 g');
  await page.getByRole('textbox', { name: 'At most' }).fill('9 blorps');
  await expect(page.getByText('“blorps” is no measure known here', { exact: false })).toBeVisible();
  await page.getByRole('textbox', { name: 'At most' }).fill('2 cloves');
  await page.getByRole('button', { name: 'on top' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('listitem').nth(3)).toContainText('germ out, crushed · on top');
  await expect(page.getByRole('region', { name: 'What it makes' })).toContainText(
    '4 g more on top',
  );
});

test('the line shows salt, sour or garlic in place of body', async ({ page }) => {
  await openBench(page);
  await page.keyboard.press('s');
  await expect(page.getByText('Salt 0.92 g per 100 g')).toBeVisible();
  await page.getByRole('button', { name: 'sour', exact: true }).click();
  await expect(page.getByText('Sour 0.40 g per 100 g')).toBeVisible();
  await page.keyboard.press('g');
  await expect(page.getByText('Garlic 0.70 g per 100 g')).toBeVisible();
  await expect(page.getByText('no target').first()).toBeVisible();
  await page.keyboard.press('b');
  await expect(page.getByText('Scoops, just blended')).toBeVisible();
});

test('cautions and allergens of what is in stand beside it', async ({ page }) => {
  await openBench(page, 'hazelnut-red-bean-pate');
  const makes = page.getByRole('region', { name: 'What it makes' });
  await expect(makes).toContainText('boil hard for at least 10 minutes');
  await expect(makes).toContainText('Contains sulphite, hazelnut');
  await expect(makes).toContainText('follow local codes');
});

test('grind, machine and family are choices that count', async ({ page }) => {
  await openBench(page);
  await expect(page.getByText(/body 6.4 ±/)).toBeVisible();
  await page.getByRole('combobox', { name: 'Grind' }).selectOption({ label: 'coarse' });
  await expect(page.getByText(/body 5.8 ±/)).toBeVisible();
  // a spoon of lemon is what seizes tahini hardest
  await amount(page, 'Lemon juice').fill('1 tbsp');
  await amount(page, 'Lemon juice').press('Enter');
  await page
    .getByRole('combobox', { name: 'Machine or tool' })
    .selectOption({ label: 'jug blender' });
  await expect(page.getByText('jug blender stalls', { exact: true })).toBeVisible();
  await expect(page.locator('svg text', { hasText: /stalls, fragile$/ })).toBeVisible();
});

test('about it: name, note, what to do next, and how it is served are kept', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: 'About it' }).click();
  const about = page.getByRole('dialog', { name: /^About/ });
  await about.getByRole('textbox', { name: 'What to do next' }).fill('Try it with lime.');
  await about.getByRole('textbox', { name: 'A portion, g' }).fill('a lot');
  await expect(about.getByText('a number from 1 to 10000')).toBeVisible();
  await about.getByRole('textbox', { name: 'A portion, g' }).fill('100');
  await about.getByRole('textbox', { name: 'Air whipped in, %' }).fill('20');
  await about.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('5 portions of 100 g', { exact: false })).toBeVisible();
  await expect(page.getByText(/body 6.7 ±/)).toBeVisible();
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await expect(page.getByText('Try it with lime.')).toBeVisible();
});

test('another country’s cups change what a cup weighs', async ({ page }) => {
  await openBench(page);
  const makes = page.getByRole('region', { name: 'What it makes' });
  await expect(makes).toContainText('575 g');
  await page.goto('/kit');
  await page.getByRole('radio', { name: /^metric/ }).click();
  await expect(page.getByRole('radio', { name: /^metric/ })).toBeChecked();
  await saved(page);
  await page.goto('/bench?dip=weir-house-hummus');
  await expect(makes).toContainText('605 g');
});

test('on a tablet the whole line is seen without scrolling sideways', async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  await openBench(page);
  const crumbs = await page.getByText('crumbs', { exact: true }).boundingBox();
  expect(crumbs && crumbs.x + crumbs.width).toBeLessThanOrEqual(820);
  await expect(amount(page, 'Water')).toBeVisible();
});

test('a twelve-row dip stands whole at 1280 × 800, down to how it is chilled', async ({ page }) => {
  await openBench(page, 'weir-house-green');
  const add = page.getByRole('combobox', { name: 'Add something' });
  await add.fill('1/4 tsp cumin');
  await page.getByRole('listbox').getByRole('option').first().click();
  await expect(page.getByRole('listitem')).toHaveCount(12);
  const foot = await page.getByText(/, rested and chilled$/).boundingBox();
  expect(foot && foot.y + foot.height).toBeLessThan(780);
  expect(await page.evaluate(() => window.scrollY)).toBe(0);
});

test('what is undone while a row’s details are open stays undone when they are left', async ({
  page,
}) => {
  await openBench(page);
  await page.getByRole('button', { name: 'Details of Garlic, raw' }).click();
  const most = page.getByRole('textbox', { name: 'At most' });
  const prep = page.getByRole('textbox', { name: 'How it is prepared' });
  const look = page.getByRole('textbox', { name: 'What to look for' });
  const before = [await prep.inputValue(), await look.inputValue()] as const;
  await most.fill('2 cloves');
  await prep.fill('sliced');
  await look.fill('no lump');
  await look.blur();
  for (const _ of ['look', 'prep', 'most']) await page.keyboard.press('Control+z');
  await expect(most).toHaveValue('');
  await expect(prep).toHaveValue(before[0]);
  await expect(look).toHaveValue(before[1]);
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('button', { name: 'Details of Garlic, raw' }).click();
  await expect(most).toHaveValue('');
  await expect(prep).toHaveValue(before[0]);
  await expect(look).toHaveValue(before[1]);
});
