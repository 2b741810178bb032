import { expect, test } from '@playwright/test';
import { amount, openBench, openSampleBook, saved } from './cook';

test('ways of making it say what they would change, and one is taken and taken back', async ({
  page,
}) => {
  await openBench(page);
  await page.getByRole('button', { name: 'Ways', exact: true }).click();
  const ways = page.getByRole('region', { name: 'Ways of making it' });
  const pulses = ways.getByRole('group', { name: 'Where do the pulses come from?' });
  await expect(pulses.getByRole('radio', { name: 'canned' })).toBeChecked();
  await expect(pulses).toContainText(/soaked overnight.*ready 1\d h .* later.*salt −0\.\d\d g/);
  await pulses.getByRole('radio', { name: /^soaked overnight/ }).click();
  await expect(pulses.getByRole('radio', { name: /^soaked overnight/ })).toBeChecked();
  await expect(ways.getByRole('group', { name: 'Salt in the pot?' })).toBeVisible();
  await ways.getByRole('button', { name: 'Leave ways of making it' }).click();
  await expect(amount(page, 'Chickpeas')).toHaveValue(/^\d+ g$/);
  await page.keyboard.press('Control+z');
  await expect(amount(page, 'Chickpeas, canned')).toHaveValue('2 cups');
});

test('an amount of the raw thing is read as what it gives, and what is left over goes in the ledger', async ({
  page,
}) => {
  await openBench(page, 'black-bean-lime-cocoa');
  const beans = amount(page, 'Black beans');
  await beans.fill('200 g dried');
  await beans.press('Enter');
  await expect(beans).toHaveAttribute('aria-invalid', 'false');
  await expect(beans).toHaveValue('200 g dried');
  await page.getByRole('button', { name: 'Details of Black beans' }).click();
  await page.getByRole('button', { name: 'Made ready…' }).click();
  const ready = page.getByRole('region', { name: 'Black beans, made ready' });
  await expect(ready.getByRole('status').first()).toContainText(
    '200 g black bean, dried, for 480 g',
  );
  await ready.getByRole('textbox', { name: /Salt in the pot/ }).fill('10');
  await expect(ready).toContainText(/takes up about 0\.2\d g in 100 g/);
  await expect(ready.getByRole('region', { name: 'If it is begun now' })).toContainText(
    'hot-soaked',
  );
  await ready.getByRole('button', { name: 'Keep it in the ledger' }).first().click();
  await saved(page);
  await page.goto('/house');
  const ledger = page.getByRole('region', { name: 'Left from before' });
  await expect(ledger).toContainText(/\d+ ml cooking liquid.*within 3 days/);
  await ledger.getByRole('button', { name: 'cooking liquid is used' }).first().click();
  await expect(ledger).toContainText(/So far 2 used, 1 thrown away/);
});

test('a timer started from the plan is there in every room and after a reload', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.getByRole('link', { name: 'Day' }).click();
  await page.getByRole('link', { name: /Regatta, first day/ }).click();
  await page.getByRole('button', { name: 'what next' }).click();
  await page
    .getByRole('button', { name: /^Timer for .*: soak/ })
    .first()
    .click();
  const timers = page.getByRole('region', { name: 'Timers' });
  await expect(timers).toContainText(/\d+:\d\d:\d\d/);
  await saved(page);
  await page.reload();
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await expect(timers).toContainText('soak');
  await timers.getByRole('button', { name: /soak/ }).click();
  await timers.getByRole('button', { name: 'Stop' }).click();
  await expect(timers).toHaveCount(0);
});

test('the day on paper is a sheet of its own', async ({ page }) => {
  await openSampleBook(page);
  await page.getByRole('link', { name: 'Day' }).click();
  await page.getByRole('link', { name: /Regatta, first day/ }).click();
  await expect(page.getByText(/^Begin Fri 12 Jun/)).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  const sheet = page.getByRole('region', { name: 'Day sheet' });
  await expect(sheet).toContainText('on the table');
  expect(await sheet.getByRole('row').count()).toBeGreaterThan(40);
  await expect(sheet).toContainText('follow local codes');
  await expect(page.getByRole('button', { name: 'what next' })).toBeHidden();
});

test('pouring off says how much, and what must stay', async ({ page }) => {
  await openBench(page);
  await page
    .getByRole('button', { name: /^Details of Chickpea can liquid/ })
    .first()
    .click();
  const pour = page.getByRole('region', { name: 'Pour off' });
  await pour.getByRole('textbox').fill('1 cup');
  await expect(pour.getByRole('status')).toContainText(/Pour .* into the bowl; stop when .* stays/);
  await pour.getByRole('textbox').fill('1 tsp');
  await expect(pour).toContainText('too little');
});

test('a pesto is asked about its oil and cheese, and a dip tasted after each addition asks for it', async ({
  page,
}) => {
  await openBench(page, 'watercress-hazelnut-pesto');
  await page.getByRole('button', { name: 'Ways', exact: true }).click();
  const ways = page.getByRole('region', { name: 'Ways of making it' });
  const oil = ways.getByRole('group', { name: 'The oil, when?' });
  await oil.getByRole('radio', { name: /^little by little/ }).click();
  await expect(oil.getByRole('radio', { name: /^little by little/ })).toBeChecked();
  const tasting = ways.getByRole('group', { name: 'When is it tasted?' });
  await expect(tasting.getByRole('radio', { name: /again cold/ })).toBeChecked();
  await tasting.getByRole('radio', { name: /^after each addition/ }).click();
  const keeping = ways.getByRole('group', { name: 'How long is it kept?' });
  await expect(keeping).toContainText(/14 days.*kept 10 days longer/);
  await expect(keeping).toContainText('Local codes come first');
  await ways.getByRole('button', { name: 'Leave ways of making it' }).click();
  await expect(amount(page, 'Olive oil, light')).toHaveValue('29 g');
  await saved(page);
  await page.goto('/make?dip=watercress-hazelnut-pesto');
  await page.getByRole('button', { name: 'Start making' }).click();
  await page.getByRole('button', { name: 'In, as written' }).click();
  await page.getByRole('button', { name: 'Taste it now' }).click();
  await expect(page.getByRole('heading', { name: 'How does it taste?' })).toBeVisible();
});

test('everything in at once meets the machine only as a whole, and nothing runs before the last of it is in', async ({
  page,
}) => {
  await openBench(page);
  // a spoon of lemon is what seizes tahini hardest
  await amount(page, 'Lemon juice').fill('1 tbsp');
  await amount(page, 'Lemon juice').press('Enter');
  await page
    .getByRole('combobox', { name: 'Machine or tool' })
    .selectOption({ label: 'jug blender' });
  const stalls = page.getByRole('region', { name: 'Stall' });
  await expect(stalls).toContainText('stalls at step 2');
  await page.getByRole('button', { name: 'Ways', exact: true }).click();
  const ways = page.getByRole('region', { name: 'Ways of making it' });
  await ways.getByRole('radio', { name: /^everything at once/ }).click();
  await expect(stalls).toHaveCount(0);
  await saved(page);
  await page.goto('/make?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Start making' }).click();
  await expect(page.getByText('Everything goes in at once: nothing runs yet.')).toBeVisible();
  await expect(page.getByText('the bowl now')).toHaveCount(0);
  await expect(page.getByText('step 1 of 10')).toBeVisible();
  for (let step = 1; step < 10; step += 1) {
    await page.keyboard.press('PageDown');
    await expect(page.getByText(`step ${step + 1} of 10`)).toBeVisible();
  }
  await expect(page.getByText('nothing runs yet')).toHaveCount(0);
  await expect(page.getByText('the bowl now')).toBeVisible();
});
