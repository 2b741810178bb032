import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';
import { amount, openBench, openSampleBook, saved } from './cook';

const candidates = (page: Page) => page.getByRole('list', { name: 'What could go in instead' });
const candidate = (page: Page, name: string) =>
  candidates(page).getByRole('listitem', { name, exact: true });

async function openSwap(page: Page, name: string) {
  await amount(page, name).focus();
  await page.keyboard.press('Alt+s');
  await expect(candidates(page).getByRole('listitem').first()).toBeVisible();
}

test('a row is swapped where it stands, with a reason, and one undo takes it back', async ({
  page,
}) => {
  await openBench(page);
  await openSwap(page, 'Tahini, hulled');
  const butter = candidate(page, 'Sunflower seed butter, plain, unsalted');
  await expect(butter).toContainText('no sesame');
  await expect(butter).toContainText('here once: again');
  await butter.getByRole('button').first().click();
  await expect(butter).toContainText('an estimate');
  await butter.getByRole('button', { name: 'an allergy' }).click();
  await butter
    .getByRole('textbox', { name: 'Why, in your own words' })
    .fill('the lock keeper comes');
  const axe = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze();
  expect(axe.violations.map(({ id, nodes }) => `${id} ${nodes[0]?.target.join(' ')}`)).toEqual([]);
  await butter.getByRole('button', { name: 'Swap it' }).click();
  await expect(candidates(page)).toHaveCount(0);
  const row = page.getByRole('button', { name: 'Details of Sunflower seed butter' });
  await expect(row).toBeVisible();
  // it stands first, and held as the other was
  await expect(
    page.getByRole('button', { name: /^Move Sunflower seed butter, step 1/ }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Hold Sunflower seed butter' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await saved(page);
  await page.goto('/trials?swaps');
  const kept = page
    .getByRole('list', { name: 'Swaps' })
    .getByRole('listitem', { name: /^Sunflower seed butter.* for Tahini/ });
  await expect(kept).toHaveCount(2);
  await expect(kept.first()).toContainText('Weir House hummus');
  await expect(kept.first()).toContainText('an allergy · “the lock keeper comes”');
  await page.keyboard.press('Control+z');
  await expect(kept).toHaveCount(1);
  await page.goto('/bench?dip=weir-house-hummus');
  await expect(amount(page, 'Tahini, hulled')).toHaveValue('1/3 cup');
});

test('what could go in is narrowed, its amount chosen by weight, and anything else typed', async ({
  page,
}) => {
  await openBench(page);
  await openSwap(page, 'Tahini, hulled');
  const all = candidates(page).getByRole('listitem');
  await page.getByRole('button', { name: /further off$/ }).click();
  await expect(all.filter({ hasText: 'adds' }).first()).toBeVisible();
  await page.getByRole('button', { name: 'no new allergens' }).click();
  await expect(all.filter({ hasText: 'adds' })).toHaveCount(0);
  await page.getByRole('button', { name: 'no new allergens' }).click();
  await page.getByRole('button', { name: 'same amount' }).click();
  await expect(candidate(page, 'Sunflower seed butter, plain, unsalted')).toContainText('1/3 cup');
  const field = page
    .getByRole('region', { name: /^Swap Tahini/ })
    .getByRole('combobox', { name: 'Add something' });
  await field.fill('cocoa powder');
  await page.getByRole('option', { name: /Cocoa/ }).first().click();
  await expect(all).toHaveCount(1);
  await expect(all.first()).toContainText('Another dip:');
  await page.getByRole('button', { name: 'All that could go in' }).click();
  await expect.poll(() => all.count()).toBeGreaterThan(5);
  await page.getByRole('button', { name: 'Close the swap' }).click();
  await expect(amount(page, 'Tahini, hulled')).toHaveValue('1/3 cup');
});

test('mid-run a step is swapped for what there is; its trial asks how that was, and the next swap knows', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/make?dip=radish-dill-yogurt');
  await page.getByRole('button', { name: 'Start making' }).click();
  for (const step of [1, 2]) {
    await expect(page.getByText(`step ${step} of 7`)).toBeVisible();
    await page.getByRole('button', { name: 'In, as written' }).click();
  }
  await expect(page.getByText('step 3 of 7')).toBeVisible();
  await page.getByRole('button', { name: 'Swap it', exact: true }).click();
  const mint = candidate(page, 'Mint leaves');
  await mint.getByRole('button').first().click();
  await mint.getByRole('button', { name: 'had none' }).click();
  await mint.getByRole('button', { name: 'Swap it' }).click();
  await expect(page.getByText(/step 5 of 8/)).toBeVisible();
  for (let step = 5; step <= 8; step += 1) {
    await expect(page.getByText(`step ${step} of 8`)).toBeVisible();
    await page.getByRole('button', { name: 'In, as written' }).click();
  }
  await page.getByRole('button', { name: 'Keep it as a trial' }).click();
  const trial = page.getByRole('listitem', { name: 'Trial 4' });
  await expect(trial).toContainText(/mint leaves for dill.*how was that/);
  const verdict = trial.getByRole('group', { name: /^How mint/ });
  await verdict.getByRole('button', { name: 'not again' }).click();
  await expect(verdict.getByRole('button', { name: 'not again' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await saved(page);
  await page.goto('/bench?dip=radish-dill-yogurt');
  await openSwap(page, 'Dill fronds');
  // what is not to be made again stands further off
  await page.getByRole('button', { name: /further off$/ }).click();
  await expect(candidate(page, 'Mint leaves')).toContainText('here once: not again');
  await page.goto('/trials?swaps');
  await page.getByRole('textbox', { name: 'Find a swap' }).fill('dill mint');
  const kept = page.getByRole('list', { name: 'Swaps' }).getByRole('listitem');
  await expect(kept).toHaveCount(1);
  await expect(kept).toContainText('at the bowl');
  await page.getByRole('combobox', { name: 'How it was' }).selectOption('again');
  await expect(page.getByText('No swap is so.')).toBeVisible();
});

test('a dip is made free of sesame as a whole, looked at on the line, and taken as a variant', async ({
  page,
}) => {
  await openBench(page);
  await page.getByRole('button', { name: 'Free of' }).click();
  const panel = page.getByRole('region', { name: 'Make it free of' });
  await panel.getByRole('button', { name: 'sesame' }).click();
  const ways = panel.getByRole('list', { name: 'Ways to make it so' }).getByRole('listitem');
  await expect(ways.first()).toContainText('sunflower seed');
  await expect(ways.first()).toContainText('no sesame');
  await expect.poll(() => ways.count()).toBeGreaterThan(1);
  await ways.first().getByRole('button').first().click();
  await ways.first().getByRole('button', { name: 'Take it as a variant' }).click();
  await expect(
    page.getByRole('heading', { level: 1, name: 'Weir House hummus, no sesame' }),
  ).toBeVisible();
  await expect(amount(page, 'Tahini, hulled')).toHaveCount(0);
  await saved(page);
  await page.goto('/bench?dip=weir-house-hummus');
  await expect(amount(page, 'Tahini, hulled')).toHaveValue('1/3 cup');
  await page.getByRole('button', { name: 'Free of' }).click();
  await panel.getByRole('button', { name: 'garlic' }).click();
  await expect(ways.first()).toContainText('without garlic');
});

test('a row nothing else will do for is locked with its reason, and let go again', async ({
  page,
}) => {
  await openBench(page);
  await openSwap(page, 'Tahini, hulled');
  const panel = page.getByRole('region', { name: /^Swap Tahini/ });
  await panel.getByRole('button', { name: 'Nothing else will do' }).click();
  await panel.getByRole('textbox', { name: 'Why nothing else will do' }).fill('it is the dip');
  await panel.getByRole('button', { name: 'No substitute' }).click();
  await expect(panel).toContainText('No substitute: it is the dip.');
  await saved(page);
  await page.getByRole('button', { name: 'Free of' }).click();
  const free = page.getByRole('region', { name: 'Make it free of' });
  await free.getByRole('button', { name: 'sesame' }).click();
  await expect(free).toContainText('nothing else may go in for it here');
  await amount(page, 'Tahini, hulled').focus();
  await page.keyboard.press('Alt+s');
  await panel.getByRole('button', { name: 'Let it be swapped' }).click();
  await expect(candidates(page).getByRole('listitem').first()).toBeVisible();
});

test('a variant says what it does otherwise than its base, what each does, and goes back to it', async ({
  page,
}) => {
  await openSampleBook(page);
  await expect(page.getByText(/sunflower seed butter for tahini/).first()).toBeVisible();
  await page.goto('/bench?dip=weir-house-no-sesame');
  await expect(page.getByText(/^From Weir House hummus:/)).toContainText(
    'sunflower seed butter for tahini',
  );
  await page.getByRole('button', { name: 'What that does' }).click();
  const differs = page.getByRole('list', { name: 'What differs' }).getByRole('listitem');
  const oil = differs.filter({ hasText: 'rapeseed oil for extra virgin olive oil' });
  await oil.getByRole('button').first().click();
  await oil.getByRole('button', { name: 'Back to the base’s' }).click();
  await expect(oil).toHaveCount(0);
  await expect(amount(page, 'Extra virgin olive oil')).toHaveValue('1 tbsp');
  await page.keyboard.press('Control+z');
  await expect(oil).toHaveCount(1);
});

test('on a phone a swap fits the width', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openSampleBook(page);
  await page.goto('/make?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Start making' }).click();
  await page.getByRole('button', { name: 'Swap it', exact: true }).click();
  await candidates(page).getByRole('listitem').first().getByRole('button').first().click();
  await expect(page.getByRole('button', { name: 'had none' })).toBeVisible();
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
  await page.goto('/trials?swaps');
  await expect(page.getByRole('list', { name: 'Swaps' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
