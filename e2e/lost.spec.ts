import { expect, type Page, test } from '@playwright/test';
import { amount, openBench, openSampleBook, saved } from './cook';

/** The tab dies at once, without a word to the page. */
async function kill(page: Page): Promise<void> {
  const session = await page.context().newCDPSession(page);
  const crashed = page.waitForEvent('crash');
  void session.send('Page.crash').catch(() => undefined);
  await crashed;
}

test('a tap is kept when the tab dies at once, and is there once', async ({ page, context }) => {
  await openSampleBook(page);
  await page.goto('/make?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Start making' }).click();
  await page.getByRole('button', { name: 'In, as written' }).click();
  await page.getByText('step 2 of 10').waitFor();
  await kill(page);
  const again = await context.newPage();
  await again.goto('/make?dip=weir-house-hummus');
  await expect(again.getByText('step 2 of 10')).toBeVisible();
  await saved(again);
  await again.keyboard.press('Control+z');
  await expect(again.getByText('step 1 of 10')).toBeVisible();
});

test('what is being typed and where a bead was dropped are kept when the page goes at once', async ({
  page,
}) => {
  await openBench(page);
  await amount(page, 'Water').fill('3 tb');
  await page.goto('/bench?dip=weir-house-hummus');
  await expect(amount(page, 'Water')).toHaveValue('3 tb');
  const bead = await page.locator('[data-bead="2"]').boundingBox();
  if (!bead) throw new Error('there is no bead');
  await page.getByRole('button', { name: 'grams', exact: true }).click();
  const before = await amount(page, 'Lemon juice').inputValue();
  const second = await page.locator('[data-bead="1"]').boundingBox();
  if (!second) throw new Error('there is no bead');
  await page.mouse.move(second.x + 15, second.y + 15);
  await page.mouse.down();
  await page.mouse.move(second.x - 25, second.y + 15, { steps: 4 });
  await page.mouse.up();
  const dropped = await amount(page, 'Lemon juice').inputValue();
  expect(dropped).not.toBe(before);
  await page.reload();
  await expect(amount(page, 'Lemon juice')).toHaveValue(dropped);
});

test('quick taps are each the next addition’s, and the keys stay where they were', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/make?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Start making' }).click();
  await page.getByText('step 1 of 10').waitFor();
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('Space');
  await expect(page.getByText('step 4 of 10')).toBeVisible();
  await page.getByRole('button', { name: 'In, as written' }).click();
  await page.getByRole('button', { name: 'Leave it out' }).click();
  await expect(page.getByText('step 6 of 10')).toBeVisible();
  // the keys stay on the button that was pressed
  await page.getByRole('button', { name: 'In, as written' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('step 7 of 10')).toBeVisible();
  await expect(page.getByRole('button', { name: 'In, as written' })).toBeFocused();
  const steps = page.getByRole('navigation', { name: 'Steps' }).getByRole('listitem');
  const marks = (await steps.allTextContents()).map((text) => text.charAt(0));
  expect(marks.slice(0, 6)).toEqual(['✓', '✓', '✓', '✓', '–', '✓']);
});

test('two tabs change two rows of one dip at the same moment, and both stay', async ({
  page,
  context,
}) => {
  await openBench(page);
  const other = await context.newPage();
  await other.goto('/bench?dip=weir-house-hummus');
  await expect(amount(other, 'Water')).toBeVisible();
  await Promise.all([
    amount(page, 'Water').fill('5 tbsp'),
    amount(other, 'Cumin, ground').fill('3/4 tsp'),
  ]);
  for (const tab of [page, other]) {
    await saved(tab);
    await expect(amount(tab, 'Water')).toHaveValue('5 tbsp');
    await expect(amount(tab, 'Cumin, ground')).toHaveValue('3/4 tsp');
  }
  await page.reload();
  await expect(amount(page, 'Water')).toHaveValue('5 tbsp');
  await expect(amount(page, 'Cumin, ground')).toHaveValue('3/4 tsp');
});

test('a piece that can’t be fetched leaves its room standing, and can be asked for again', async ({
  page,
}) => {
  await openBench(page, 'butter-bean-sage');
  // all that the room itself fetches late is there before the line is cut
  await page.getByRole('button', { name: 'How often would it land?' }).scrollIntoViewIfNeeded();
  await expect(page.getByRole('region', { name: 'Lead and colour' })).toBeVisible();
  await expect(page.getByRole('slider', { name: 'Target salt, from' })).toBeVisible();
  const pieces = '**/_next/static/**';
  await page.route(pieces, (route) => route.abort());
  await page.getByRole('button', { name: 'What would a spoon do?' }).click();
  const told = page.getByRole('alert').filter({ hasText: 'This part could not be fetched.' });
  await expect(told).toBeVisible();
  await expect(page.getByRole('region', { name: 'In the mouth' })).toBeVisible();
  await page.unroute(pieces);
  await told.getByRole('button', { name: 'Try again' }).click();
  await expect(told).toHaveCount(0);
  await expect(page.getByRole('table', { name: 'What a spoon of each would do' })).toBeVisible();

  // only what asks the solver is out of reach: the panel comes, and says what became of the question
  await page.route(pieces, async (route) => {
    const piece = await route.fetch();
    const asksTheSolver = (await piece.text()).includes('The solver took too long');
    await (asksTheSolver ? route.abort() : route.fulfill({ response: piece }));
  });
  const landIt = page.getByRole('button', { name: 'Land it' });
  await landIt.click();
  await expect(page.getByText('the server can’t be reached')).toBeVisible();
  await page.unroute(pieces);
  await landIt.click();
  await expect(page.getByRole('button', { name: 'Take it' })).toBeVisible();
});
