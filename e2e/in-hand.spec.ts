import { expect, test } from '@playwright/test';
import { amount, openBench, openSampleBook } from './cook';
import { sidewaysOf } from './sideways';

const rooms = [
  '/',
  '/bench?dip=weir-house-green',
  '/make',
  '/make?dip=weir-house-hummus',
  '/trials',
  '/trials?dip=weir-house-hummus',
  '/trials?swaps',
  '/trials?compare=weir-house-hummus-trial-1,weir-house-hummus-trial-3',
  '/day',
  '/day?plan=regatta-first-day',
  '/house',
  '/house?batch=batch-weir-house-hummus',
  '/larder',
  '/larder?made=made-garlic-slow-in-oil',
  '/kit',
  '/new',
];

// the second is a window of 1280 × 800 at twice the size
for (const [width, height] of [
  [390, 844],
  [640, 400],
  [768, 1024],
] as const) {
  test(`no room scrolls sideways at ${width}`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await openSampleBook(page);
    for (const room of rooms) {
      await page.goto(room);
      await expect(page.locator('main :is(h1, h2):visible').first()).toBeVisible();
      // what a room fetches late is there when nothing more is on its way
      await page.waitForLoadState('networkidle');
      expect([room, await sidewaysOf(page)]).toEqual([room, []]);
    }
  });
}

test.describe('the Bench on a phone', () => {
  test.use({ hasTouch: true, viewport: { width: 390, height: 844 } });

  test('shows the whole line beside its rows, and what it comes to at the thumb', async ({
    page,
  }) => {
    await openBench(page);
    const bead = page.locator('[data-bead="5"]');
    await expect(bead).toBeInViewport();
    const hand = page.getByRole('region', { name: 'At hand' });
    await expect(hand).toBeInViewport();
    await expect(hand).toContainText(/scoops 7\.\d/);
    await page.getByRole('region', { name: 'What it makes' }).scrollIntoViewIfNeeded();
    await expect(hand).toBeInViewport();
    await hand.getByRole('combobox').fill('1 tbsp lime juice');
    await page.getByRole('listbox').getByRole('option').first().tap();
    await expect(amount(page, 'Lime juice')).toHaveValue('1 tbsp');
    await expect(page.locator('[data-bead="10"]')).toHaveCount(1);
    expect(await sidewaysOf(page)).toEqual([]);
  });

  test('an amount is typed, a row held, moved, taken out and swapped by touch alone', async ({
    page,
  }) => {
    await openBench(page);
    const names = async () =>
      (await page.getByRole('button', { name: /^Details of / }).allTextContents()).map((text) =>
        text.replace(/^Held/, '').split(' ').slice(0, 2).join(' '),
      );
    await amount(page, 'Water').fill('3 tbsp');
    await page.getByRole('button', { name: 'Details of Cumin, ground' }).tap();
    const details = page.getByRole('dialog');
    await details.getByRole('button', { name: 'Hold it' }).tap();
    await expect(details.getByRole('button', { name: 'Let it go' })).toBeVisible();
    await details.getByRole('button', { name: 'Up' }).tap();
    await details.getByRole('button', { name: 'Done' }).tap();
    await expect
      .poll(async () => (await names()).slice(6, 8))
      .toEqual(['Cumin, ground', 'Chickpea can']);
    await page.getByRole('button', { name: 'Details of Cumin, ground' }).tap();
    await page.getByRole('dialog').getByRole('button', { name: 'Swap it…' }).tap();
    const sheet = page.getByRole('presentation').filter({ hasText: 'Instead of' });
    await expect(sheet.getByRole('listitem').first()).toBeVisible();
    expect(await sidewaysOf(page)).toEqual([]);
    await page.keyboard.press('Escape');
    await expect(sheet).toHaveCount(0);
    await page.getByRole('button', { name: 'Set up', exact: true }).tap();
    await expect(page.getByRole('button', { name: 'Size' })).toBeVisible();
    expect(await sidewaysOf(page)).toEqual([]);
    await page.reload();
    await expect(amount(page, 'Water')).toHaveValue('3 tbsp');
  });
});

test('on a phone each step begins at its top', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 560 });
  await openSampleBook(page);
  await page.goto('/make?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Start making' }).click();
  await page.getByText('step 1 of 10').waitFor();
  await page.mouse.wheel(0, 900);
  await expect.poll(() => page.evaluate(() => window.scrollY)).toBeGreaterThan(0);
  await page.keyboard.press('Space');
  await page.getByText('step 2 of 10').waitFor();
  await expect.poll(() => page.evaluate(() => window.scrollY)).toBe(0);
});

test('on a phone a day opens on what is next', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openSampleBook(page);
  await page.goto('/day?plan=regatta-first-day');
  await expect(page.getByRole('button', { name: 'what next' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(page.getByRole('checkbox').first()).toBeVisible();
});
