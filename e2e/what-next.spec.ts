import { expect, type Page, test } from '@playwright/test';
import { openSampleBook, saved } from './cook';

/** Makes the hummus with some of its additions left out, up to the check. */
async function makeWithout(page: Page, leftOut: readonly number[]) {
  await openSampleBook(page);
  await page.goto('/make?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Start making' }).click();
  for (let i = 0; i < 10; i += 1) {
    await expect(page.getByText(`step ${i + 1} of 10`)).toBeVisible();
    const name = leftOut.includes(i) ? 'Leave it out' : 'In, as written';
    await page.getByRole('button', { name, exact: true }).click();
  }
  await expect(page.getByRole('heading', { name: 'What does the spoon show?' })).toBeVisible();
}

const next = (page: Page) => page.getByRole('region', { name: 'What next' });

test('a stiff bowl without salt is told what to add, half of it first, until it is told to stop', async ({
  page,
}) => {
  await makeWithout(page, [2, 4, 6]);
  await expect(next(page)).toContainText(/too stiff.*short of salt/);
  await expect(next(page)).toContainText(/in 100 that all of it goes too far|hardly a chance/);
  for (let i = 0; i < 8; i += 1) {
    const first = next(page).getByRole('button', { name: /^First / });
    await expect(first.first().or(next(page).getByText(/Stop here/))).toBeVisible();
    if (
      await next(page)
        .getByText(/Stop here/)
        .isVisible()
    )
      break;
    const steps = page.getByRole('navigation', { name: 'Steps' }).getByRole('listitem');
    const before = await steps.count();
    await next(page).getByRole('button', { name: 'All of it is in' }).first().click();
    await expect.poll(() => steps.count()).toBeGreaterThan(before);
    await saved(page);
  }
  await expect(next(page)).toContainText('Nothing: it is where you want it. Stop here.');
  await page.getByRole('button', { name: 'Keep it as a trial' }).click();
  await expect(page).toHaveURL(/trials/);
  await expect(page.getByRole('list').first()).toBeVisible();
});

test('the first step is logged by one tap, survives a reload, and undo takes it back', async ({
  page,
}) => {
  await makeWithout(page, [2]);
  const steps = page.getByRole('navigation', { name: 'Steps' }).getByRole('listitem');
  await expect(steps).toHaveCount(10);
  await next(page)
    .getByRole('button', { name: /^First / })
    .first()
    .click();
  await expect.poll(() => steps.count()).toBeGreaterThan(10);
  const after = await steps.count();
  await saved(page);
  await page.reload();
  await expect(steps).toHaveCount(after);
  await page.keyboard.press('Control+z');
  await expect(steps).toHaveCount(10);
});

test('what is out of reach is not advised; tasted too lean, fat is', async ({ page }) => {
  await makeWithout(page, [2, 6]);
  await expect(
    next(page)
      .getByRole('button', { name: /^First / })
      .first(),
  ).toContainText(/water|liquid|juice/);
  await next(page).getByRole('button', { name: 'Change it' }).click();
  for (const name of ['water', 'chickpea can liquid', 'aquafaba']) {
    const box = next(page).getByRole('checkbox', { name: new RegExp(name) });
    if ((await box.count()) > 0) {
      await box.first().click();
      await expect(box.first()).not.toBeChecked();
    }
  }
  await expect(next(page).getByRole('button', { name: /^First .*(water|liquid)/ })).toHaveCount(0);
  await page.getByRole('group', { name: 'Fat' }).getByRole('button', { name: 'too lean' }).click();
  await expect(next(page)).toContainText(/It is .*lean:|A way back/);
});

test('looked at on the way, what follows does not belong to that reading', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/make?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Start making' }).click();
  for (let i = 0; i < 6; i += 1) {
    await page.getByRole('button', { name: 'In, as written', exact: true }).click();
    await expect(page.getByText(`step ${i + 2} of 10`)).toBeVisible();
    // water is next, and pulses that firm it are still to come
    if (i === 1)
      await expect(page.getByRole('note')).toContainText(/^Leave it well on the loose side/);
  }
  await page.getByRole('button', { name: 'Look and taste now' }).click();
  const predicted = (await page.getByText(/Predicted: /).textContent()) ?? '';
  const word = /Predicted: (\w+)/.exec(predicted)?.[1] ?? '';
  await page.getByRole('radio', { name: word }).click();
  await expect(page.getByRole('radio', { name: word })).toHaveAttribute('aria-checked', 'true');
  await saved(page);
  await page.getByRole('button', { name: 'On with the steps' }).click();
  await expect(page.getByText('step 7 of 10')).toBeVisible();
});

test('the gate: tasted with what it is eaten with, and a reminder to taste it cold', async ({
  page,
}) => {
  await makeWithout(page, []);
  const gate = page.getByRole('region', { name: 'Before the bowl is emptied' });
  await gate.getByRole('textbox', { name: 'Eaten with' }).fill('flatbread');
  await gate.getByRole('textbox', { name: 'Tasted at' }).fill('24');
  await gate.getByRole('button', { name: 'Tasted: it may leave' }).click();
  await expect(gate).toContainText('✓ tasted with flatbread at 24 °C');
  await expect(page.getByRole('region', { name: 'Timers' })).toContainText('again, cold');
});

test('a batch too large for its machine is made in equal loads', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/bench?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Size', exact: true }).click();
  const size = page.getByRole('region', { name: /^Another size/ });
  await size.getByRole('combobox').first().selectOption({ label: 'so many times' });
  await size.getByRole('textbox').first().fill('6');
  await size.getByRole('button', { name: /^Take/ }).click();
  await saved(page);
  await page.goto('/make?dip=weir-house-hummus');
  const loads = page.getByRole('region', { name: 'Loads' });
  await expect(loads).toContainText(/^3 loads, \d+ g each/);
  await expect(loads).toContainText('one bowl');
});

test('a base is divided: it is kept as a trial, and each part goes on with its own additions', async ({
  page,
}) => {
  await makeWithout(page, []);
  await page.getByRole('button', { name: 'Divide it into two or more' }).click();
  const divide = page.getByRole('region', { name: 'Divide the base' });
  await divide.getByRole('textbox', { name: 'Part 1 is called' }).fill('green');
  await divide.getByRole('textbox', { name: 'Part 2 is called' }).fill('with capers');
  await divide.getByRole('textbox', { name: 'Part 1', exact: true }).fill('900');
  await expect(divide.getByRole('status')).toContainText(/g more than the \d+ g in the bowl/);
  await expect(divide.getByRole('button', { name: 'Divide it' })).toBeDisabled();
  await divide.getByRole('textbox', { name: 'Part 1', exact: true }).fill('300');
  await divide.getByRole('textbox', { name: 'Part 2', exact: true }).fill('200');
  await divide.getByRole('button', { name: 'Divide it' }).click();
  const parts = page.getByRole('group', { name: 'Which part' });
  await expect(parts.getByRole('button')).toHaveText(['green', 'with capers']);
  await parts.getByRole('button', { name: 'with capers' }).click();
  await expect(page.getByText('200 g went in')).toBeVisible();
  const more = page.getByRole('region', { name: 'Something else goes in' });
  await more.getByRole('button', { name: 'folded in whole' }).click();
  await more.getByRole('combobox').fill('20 g capers');
  await page
    .getByRole('option', { name: /Capers/i })
    .first()
    .click();
  await expect(page.getByText('220 g went in')).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(parts.getByRole('button')).toHaveCount(2);
  await page.getByRole('button', { name: 'Keep it as a trial' }).click();
  await expect(page).toHaveURL(/trials/);
});

test('by a foot switch that turns pages the steps are logged and gone back; marks write what to change', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/make?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Start making' }).click();
  for (let i = 1; i <= 10; i += 1) {
    await expect(page.getByText(`step ${i} of 10`)).toBeVisible();
    await page.keyboard.press('PageDown');
  }
  await expect(page.getByRole('heading', { name: 'What does the spoon show?' })).toBeVisible();
  await page.getByRole('group', { name: 'Salt' }).getByRole('button', { name: 'short' }).click();
  await page.getByRole('group', { name: 'Sour' }).getByRole('button', { name: 'over' }).click();
  await page.getByRole('button', { name: 'Write: more salt, less lemon' }).click();
  await expect(page.getByRole('textbox', { name: 'What to change next time' })).toHaveValue(
    'more salt, less lemon',
  );
  await page.getByRole('textbox', { name: /Weighed out/ }).fill('540');
  await expect(
    page.getByText(/g went in, \d+ g stayed behind \(about \d+ g is usual\)/),
  ).toBeVisible();
});

test('parts of a base have aims of their own, and what next follows them', async ({ page }) => {
  await makeWithout(page, []);
  await page.getByRole('button', { name: 'Divide it into two or more' }).click();
  const divide = page.getByRole('region', { name: 'Divide the base' });
  await divide.getByRole('textbox', { name: 'Part 1 is called' }).fill('to dip');
  await divide.getByRole('textbox', { name: 'Part 2 is called' }).fill('to dress');
  await divide.getByRole('combobox', { name: 'Part 2 is to be' }).selectOption('ribbons');
  await divide.getByRole('button', { name: 'Divide it' }).click();
  await page
    .getByRole('group', { name: 'Which part' })
    .getByRole('button', { name: 'to dress' })
    .click();
  await expect(next(page).getByRole('combobox', { name: 'This bowl is to be' })).toHaveValue(
    'ribbons',
  );
  await expect(next(page)).toContainText(/too stiff/);
  await next(page).getByRole('combobox', { name: 'This bowl is to be' }).selectOption('dip');
  await expect(next(page)).toContainText('Stop here');
});

test('a trial is tasted cold the next day, with marks of its own', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/trials?dip=weir-house-hummus');
  const trial = page.getByRole('listitem', { name: 'Trial 6' });
  await trial.getByRole('button', { name: 'Taste it cold' }).click();
  const gate = trial.getByRole('region', { name: 'And again cold' });
  await expect(gate.getByRole('button', { name: 'Tasted cold' })).toBeDisabled();
  await gate.getByRole('group', { name: 'Salt' }).getByRole('button', { name: 'short' }).click();
  await gate.getByRole('textbox', { name: 'Eaten with' }).fill('oatcakes');
  await gate.getByRole('textbox', { name: 'Tasted at' }).fill('200');
  await expect(gate).toContainText('From −10 to 100.');
  await gate.getByRole('textbox', { name: 'Tasted at' }).fill('6');
  await gate.getByRole('button', { name: 'Tasted cold' }).click();
  await expect(gate).toContainText('✓ tasted cold with oatcakes at 6 °C: salt short');
  await saved(page);
  await page.reload();
  await expect(trial.getByRole('button', { name: 'Tasted cold ✓' })).toBeVisible();
});

test('what a spoon would do is predicted from the bowl as it really is, and logged', async ({
  page,
}) => {
  await makeWithout(page, [2]);
  const advice = page.getByRole('region', { name: 'What next' });
  await expect(advice.getByRole('button', { name: /^First / }).first()).toBeVisible();
  await page.getByRole('button', { name: 'What would a spoon do?' }).click();
  const table = page.getByRole('table', { name: 'What a spoon of each would do' });
  const water = table.getByRole('row').filter({ hasText: 'Water' });
  // left out of the bowl, though it is in the dip
  await expect(water).toContainText('not in yet');
  const steps = page.getByRole('navigation', { name: 'Steps' }).getByRole('listitem');
  await expect(steps).toHaveCount(10);
  await water.getByRole('button', { name: /^Add / }).click();
  await expect(steps).toHaveCount(11);
  await expect(water).not.toContainText('not in yet');
});
