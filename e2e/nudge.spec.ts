import { expect, type Page, test } from '@playwright/test';
import { amount, openBench, saved } from './cook';

/** Takes hold of a row's bead and drags it sideways. */
async function dragBead(page: Page, row: number, byPx: number) {
  const bead = page.locator(`[data-bead="${row}"]`);
  const box = await bead.boundingBox();
  if (!box) throw new Error('no bead');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + byPx / 2, y, { steps: 4 });
  await page.mouse.move(x + byPx, y, { steps: 4 });
  await page.mouse.up();
}

test('what a spoon of each would do, in the order of what is wanted, and one is added', async ({
  page,
}) => {
  await openBench(page);
  await page.keyboard.press('n');
  const table = page.getByRole('table', { name: 'What a spoon of each would do' });
  const first = table.getByRole('row').nth(1);
  await expect(first).toContainText('1 tbsp');
  await page.getByRole('combobox', { name: 'What is wanted' }).selectOption('saltier');
  await expect(first).toContainText('Fine sea salt');
  await expect(first).toContainText(/\+0\.2\d/);
  const makes = page.getByRole('region', { name: 'What it makes' });
  await expect(makes).toContainText('575 g');
  await table.getByRole('button', { name: 'Add 1 tbsp Tahini, hulled' }).click();
  await expect(amount(page, 'Tahini, hulled')).toHaveValue('⅓ cup + 1 tbsp');
  await expect(makes).toContainText('590 g');
  await saved(page);
  await page.keyboard.press('Control+z');
  await expect(amount(page, 'Tahini, hulled')).toHaveValue('1/3 cup');
  await page.getByRole('button', { name: 'Put away' }).click();
  await expect(table).toBeHidden();
});

test('the wish comes from the target that is furthest off', async ({ page }) => {
  await openBench(page);
  await amount(page, 'Fine sea salt').fill('1/8 tsp');
  await amount(page, 'Fine sea salt').press('Enter');
  await page.getByRole('button', { name: 'What would a spoon do?' }).click();
  await expect(page.getByText('since that is furthest off')).toBeVisible();
  await expect(page.getByRole('combobox', { name: 'What is wanted' })).toHaveValue('saltier');
});

test('a bead dragged to the left loosens: its row’s amount follows in spoons, as one step of undo', async ({
  page,
}) => {
  await openBench(page);
  const liquid = amount(page, 'Chickpea can liquid');
  await expect(liquid).toHaveValue('1/4 cup');
  await dragBead(page, 6, -40);
  await expect(liquid).not.toHaveValue('1/4 cup');
  await expect(liquid).toHaveValue(/cup|tbsp/);
  await saved(page);
  const dragged = await liquid.inputValue();
  await page.reload();
  await expect(liquid).toHaveValue(dragged);
  await expect(page.getByText(/looser than your 6.2–7.3/)).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(liquid).toHaveValue('1/4 cup');
});

test('Alt and arrows step an amount by one measure', async ({ page }) => {
  await openBench(page);
  const water = amount(page, 'Water');
  await water.press('Alt+ArrowRight');
  await expect(water).not.toHaveValue('1/4 cup');
  await water.press('Alt+ArrowLeft');
  await expect(water).toHaveValue('¼ cup');
});

test('a fragile step says so', async ({ page }) => {
  await openBench(page);
  const rows = page.getByRole('listitem');
  await expect(rows.nth(1)).toContainText('fragile');
  await expect(rows.nth(9)).not.toContainText('fragile');
});

test('where a jug blender stalls, a way through is found and taken', async ({ page }) => {
  await openBench(page);
  await expect(page.getByRole('region', { name: 'Stall' })).toBeHidden();
  await page.getByRole('combobox', { name: 'Machine or tool' }).selectOption('jug-blender');
  await amount(page, 'Lemon juice').fill('1 tbsp');
  await amount(page, 'Lemon juice').press('Enter');
  const stall = page.getByRole('region', { name: 'Stall' });
  await expect(stall).toContainText('The jug blender stalls at step 2, the lemon juice');
  await stall.getByRole('button', { name: 'Find a way through' }).click();
  await expect(stall.getByRole('listitem')).toHaveCount(10);
  await stall.getByRole('button', { name: 'Take this order' }).click();
  await expect(stall).toBeHidden();
  const makes = page.getByRole('region', { name: 'What it makes' });
  await expect(makes).toContainText(/5[56]\d g/);
  await page.keyboard.press('Control+z');
  await expect(stall).toBeVisible();
});

test('an amount that can hardly be right is asked about, once', async ({ page }) => {
  await openBench(page);
  await amount(page, 'Cumin, ground').fill('3 tbsp');
  await amount(page, 'Cumin, ground').press('Enter');
  const doubts = page.getByRole('region', { name: 'Is this right?' });
  await expect(doubts).toContainText('3 tbsp cumin, ground: That is');
  await doubts.getByRole('button', { name: '3 tbsp Cumin, ground is right' }).click();
  await expect(doubts).toBeHidden();
  await saved(page);
  await page.reload();
  await expect(amount(page, 'Cumin, ground')).toHaveValue('3 tbsp');
  await expect(doubts).toBeHidden();
  await amount(page, 'Cumin, ground').fill('4 tbsp');
  await expect(doubts).toBeVisible();
});

test('the odds of landing with spoons, and steadier amounts near by', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: 'How often would it land?' }).click();
  const odds = page.getByRole('region', { name: 'Odds' });
  await expect(odds.getByRole('heading')).toHaveText(/Lands \d+ times in 100/);
  const before = Number(/\d+/.exec((await odds.getByRole('heading').textContent()) ?? '')?.[0]);
  await odds.getByRole('button', { name: 'Take these' }).click();
  await page.getByRole('button', { name: 'The dip has changed: ask again' }).click();
  await expect(odds.getByRole('heading')).toHaveText(/Lands \d+ times in 100/);
  const after = Number(/\d+/.exec((await odds.getByRole('heading').textContent()) ?? '')?.[0]);
  expect(after).toBeGreaterThan(before);
});

test('what leads and what colour it has, and what browns', async ({ page }) => {
  await openBench(page, 'weir-house-green');
  const looks = page.getByRole('region', { name: 'Lead and colour' });
  await expect(looks).toContainText(/In the lead: .+, \d+ g in 100 g/);
  await expect(looks).toContainText(/Tomorrow:.*brown.*What helps:/);
  await expect(looks.getByRole('img').first()).toBeVisible();
});
