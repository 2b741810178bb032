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
  await expect(page.getByText('Choose two to five things to vary, or one alone.')).toBeVisible();
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
  await page.getByRole('button', { name: 'What goes in' }).click();
  await expect(page.getByRole('list', { name: 'What goes in' })).toContainText('lemon juice');
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

test('one thing alone: a ladder is set up, marked, read, and its best goes into the dip', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/design?dip=weir-house-hummus');
  await page.getByRole('checkbox', { name: /^Garlic/ }).click();
  await expect(page.getByRole('textbox', { name: 'Bowl 2' })).toHaveValue('½ clove');
  await page.getByRole('textbox', { name: 'Bowl 4' }).fill('1 clove');
  await expect(page.getByText('Two bowls are the same.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Bowl 4' }).fill('two blorps');
  await expect(page.getByText('Mend the amount that can’t be read.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Bowl 4' }).fill('3 cloves');
  await page.getByRole('button', { name: 'Set the ladder up' }).click();
  const bowls = page.getByRole('list', { name: 'Bowls' }).getByRole('listitem');
  await expect(bowls).toHaveCount(4);
  await expect(bowls.first()).toContainText('nothing');
  // half a clove of 4 g to 571 g of base is 0.35 g to a hundred
  await expect(bowls.nth(1)).toContainText('0.4 g');
  for (const [i, liking] of ['4', '6', '7', '2'].entries()) {
    await page.getByRole('textbox', { name: `liking of bowl ${i + 1}` }).fill(liking);
  }
  const says = page.getByRole('region', { name: 'What they say' });
  await expect(says.getByRole('status')).toContainText(/^liking \d\.\d ± \d\.\d at/);
  const curve = says.getByRole('slider', { name: 'Curve of liking' });
  await curve.focus();
  for (let i = 0; i < 60; i += 1) await page.keyboard.press('ArrowRight');
  await expect(curve).toHaveAttribute('aria-valuetext', /^3 cloves garlic/);
  await says.getByRole('button', { name: 'Put 3 cloves into the dip' }).click();
  await page.goto('/bench?dip=weir-house-hummus');
  await expect(page.getByRole('textbox', { name: 'Amount of Garlic, raw' })).toHaveValue(
    '3 cloves',
  );
  await page.goto('/design');
  await page.getByRole('link', { name: 'Garlic, step by step' }).click();
  await page.getByRole('button', { name: /^Make the base, 400 g without garlic/ }).click();
  await expect(page.getByText(/^step 1 of 9/)).toBeVisible();
});

test('four things are mapped three at a time, over days and in small bowls; a day is planned; a trial that is tasted is marked by it', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/design?dip=weir-house-hummus');
  const varied = page.getByRole('list', { name: 'What is varied' });
  for (const name of [/^Tahini/, /^Chickpeas/, /^Extra virgin/, /^Garlic/]) {
    await varied.getByRole('checkbox', { name }).click();
  }
  await page.getByRole('textbox', { name: 'In a day' }).fill('5');
  await page.getByRole('textbox', { name: 'Of them twice' }).fill('20');
  await expect(page.getByText(/of them can be done twice/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Of them twice' }).fill('2');
  await page.getByRole('button', { name: /^As small as the food processor grips/ }).click();
  await page.getByRole('button', { name: 'Choose the trials' }).click();
  const trials = page.getByRole('list', { name: 'Trials' });
  await expect(trials.getByRole('heading', { name: 'Day 2' })).toBeVisible();
  await expect(trials.getByRole('listitem').first()).toContainText('320 g');
  const many = await trials.getByRole('textbox').count();
  for (let i = 0; i < many; i += 1) {
    await trials
      .getByRole('textbox')
      .nth(i)
      .fill(String(5 + ((i * 7) % 5) / 2));
  }
  const says = page.getByRole('region', { name: 'What they say' });
  await expect(says.getByRole('slider', { name: 'Map of liking' })).toBeVisible();
  await expect(says).toContainText(/Two today\? Beside it|No mixture is expected to do better/);
  const held = says.getByRole('slider', { name: 'Share of extra virgin olive oil' });
  await expect(held).toBeVisible();
  await held.focus();
  await page.keyboard.press('Home');
  const before = (await says.getByRole('status').textContent()) ?? '';
  await page.keyboard.press('End');
  await expect(says.getByRole('status')).not.toHaveText(before);
  await says
    .getByRole('combobox', { name: 'What the map is of' })
    .selectOption('garlic, chickpeas, extra virgin olive oil');
  await expect(says.getByRole('slider', { name: 'Share of tahini' })).toBeVisible();
  await says.getByRole('button', { name: 'cost per 100 g' }).click();
  await expect(says.getByRole('slider', { name: 'Map of cost' })).toBeVisible();
  await trials.getByRole('button', { name: 'Plan this day' }).first().click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/day 1$/);
});

test('what a table likes of a trial that was made stands in the plan by itself', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/design?id=tahini-chickpeas-oil');
  const trials = page.getByRole('list', { name: 'Trials' });
  const last = trials.getByRole('listitem').last();
  await last.getByRole('button', { name: 'Make it' }).click();
  await expect(page.getByText(/^step 1 of/)).toBeVisible();
  await page.goto('/design?id=tahini-chickpeas-oil');
  await expect(last).toContainText('being made');
  await page.goto('/tasting?new');
  const add = page.getByRole('combobox', { name: 'Add a sample' });
  const bowl = add.locator('option[value^="run "]').first();
  await add.selectOption((await bowl.getAttribute('value')) ?? '');
  await page.getByRole('textbox', { name: /^Names with commas/ }).fill('Bow');
  await page.getByRole('button', { name: 'Lay the pots out' }).click();
  await expect(page.getByRole('link', { name: 'Hand it to Bow' })).toBeVisible();
  const tasting = page.url();
  await page.getByRole('link', { name: 'Hand it to Bow' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByRole('button', { name: 'How do you like it: 8', exact: true }).click();
  await page.getByRole('button', { name: 'That is all' }).click();
  const liking = last.getByRole('textbox', { name: /^liking of trial/ });
  await page.goto('/design?id=tahini-chickpeas-oil');
  // blind, and still open: nothing is given away
  await expect(last).toContainText('being made');
  await expect(liking).toHaveAttribute('placeholder', '…');
  await page.goto(tasting);
  await page.getByRole('button', { name: 'Close it and see' }).click();
  await expect(page.getByRole('button', { name: 'Close it and see' })).toBeHidden();
  await page.goto('/design?id=tahini-chickpeas-oil');
  await expect(last).toContainText('tasted by 1');
  await expect(liking).toHaveAttribute('placeholder', '8.0');
  // what is typed counts for more, until it is taken away
  await liking.fill('5');
  await expect(last).not.toContainText('tasted by');
  await liking.fill('');
  await expect(last).toContainText('tasted by 1');
});

test('salt is varied beside a mixture, and what is marked is more than one thing', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/design?dip=weir-house-hummus');
  const varied = page.getByRole('list', { name: 'What is varied' });
  for (const name of [/^Tahini/, /^Chickpeas/])
    await varied.getByRole('checkbox', { name }).click();
  const beside = page.getByRole('list', { name: 'Beside it' });
  await beside.getByRole('checkbox', { name: 'Salt' }).click();
  await beside.getByRole('textbox', { name: 'Salt, least' }).fill('1.4');
  await expect(
    page.getByText('What is varied beside it goes from a number to a larger one.'),
  ).toBeVisible();
  await beside.getByRole('textbox', { name: 'Salt, least' }).fill('0.7');
  await beside.getByRole('textbox', { name: 'Salt, most' }).fill('1.5');
  await page.getByRole('button', { name: 'Mark one thing more' }).click();
  await expect(page.getByText('Say what else is marked.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Called' }).fill('grain');
  await page.getByRole('combobox', { name: 'What is wanted of mark 2' }).selectOption('less');
  await page.getByRole('button', { name: 'Choose the trials' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tahini, chickpeas, salt');
  const rows = page.getByRole('list', { name: 'Trials' }).getByRole('listitem');
  await expect(rows.first()).toContainText(/salt (0\.70|1\.10|1\.50)/);
  // best liked at 1.1 of salt; the less tahini, the less grain
  for (let i = 0; i < (await rows.count()); i += 1) {
    const text = (await rows.nth(i).textContent()) ?? '';
    const figure = (name: RegExp) => Number(name.exec(text)?.[1]);
    const [salt, tahini] = [figure(/salt ([\d.]+)/), figure(/tahini (\d+)/)];
    const mark = (name: string) => rows.nth(i).getByRole('textbox', { name: new RegExp(name) });
    await mark('^liking of').fill((8 - 20 * (salt - 1.1) ** 2).toFixed(1));
    await mark('^grain of').fill((tahini / 5).toFixed(1));
  }
  const says = page.getByRole('region', { name: 'What they say' });
  await expect(says.getByRole('status')).toContainText(/^liking .* salt 1\.[01]/);
  const salt = says.getByRole('slider', { name: 'Set salt' });
  await salt.focus();
  await page.keyboard.press('End');
  await expect(says.getByRole('status')).toContainText('salt 1.50');
  await says.getByRole('button', { name: 'What goes in' }).click();
  await expect(page.getByRole('list', { name: 'What goes in' })).toContainText('salt');
  await says.getByRole('button', { name: 'grain', exact: true }).click();
  // less is better, so the best has the least tahini
  await expect(says.getByRole('status')).toContainText(/^grain 2\.\d .* at tahini 12 %/);
});
