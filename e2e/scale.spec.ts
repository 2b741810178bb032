import { expect, type Locator, type Page, test } from '@playwright/test';
import { openSampleBook, saved } from './cook';

/** Starts making a dip with the practice scale at hand. */
async function startOnScale(page: Page, dip: string, press: (what: Locator) => Promise<void>) {
  await openSampleBook(page);
  await page.goto(`/make?dip=${dip}`);
  await press(page.getByRole('button', { name: 'Start making' }));
  await press(page.getByRole('button', { name: 'Practice scale' }));
}

const meter = (page: Page) => page.getByRole('meter', { name: 'On the scale' });

/** What lies on the scale of the addition in hand, g. */
async function inHand(page: Page): Promise<number> {
  return Number(await meter(page).getAttribute('aria-valuenow'));
}

/** g wanted of the step in hand, as it says beside its name. */
async function wanted(page: Page): Promise<number> {
  return Number(await meter(page).getAttribute('aria-valuemax')) / 2;
}

/** What the scale offers to log, once it has stood for a moment. */
async function caught(page: Page): Promise<{ log: Locator; amount: string }> {
  const log = page.getByRole('button', { name: /^Log [\d.]+ g$/ });
  await expect(log).toBeVisible();
  let before = '';
  await expect
    .poll(
      async () => {
        const now = (await log.textContent()) ?? '';
        const same = now === before;
        before = now;
        return same;
      },
      { intervals: [400] },
    )
    .toBe(true);
  return { log, amount: before.replace('Log ', '') };
}

/** Expects every step to have logged what was offered for it, to a gram: the last figure may still turn. */
async function expectLogged(page: Page, amounts: readonly string[]): Promise<void> {
  const list = page.getByRole('navigation', { name: 'Steps', includeHidden: true });
  const texts = await list.getByRole('listitem', { includeHidden: true }).allTextContents();
  expect(texts).toHaveLength(amounts.length);
  texts.forEach((text, i) => {
    const loggedG = Number(/^✓\s?([\d.]+) g/.exec(text)?.[1]);
    const off = Math.abs(loggedG - Number.parseFloat(amounts[i] ?? ''));
    expect([text, amounts[i], off < 1]).toEqual([text, amounts[i], true]);
  });
}

test.describe('by touch on a phone', () => {
  test.use({ hasTouch: true, viewport: { width: 390, height: 844 } });

  test('a whole run is poured on the scale, read, tasted, warmed and kept', async ({ page }) => {
    const tap = (what: Locator) => what.tap();
    await startOnScale(page, 'edamame-mint', tap);
    const amounts: string[] = [];
    for (let step = 1; step <= 8; step += 1) {
      await expect(page.getByText(`step ${step} of 8`)).toBeVisible();
      await expect(meter(page)).toHaveText(/^-?0\.\d g$/);
      const enough = 0.9 * (await wanted(page));
      await tap(page.getByRole('button', { name: 'Pour', exact: true }));
      await expect.poll(() => inHand(page), { intervals: [40] }).toBeGreaterThan(enough);
      await tap(page.getByRole('button', { name: 'Stop pouring' }));
      const { log, amount } = await caught(page);
      amounts.push(amount);
      await tap(log);
    }
    await expect(page.getByRole('heading', { name: 'What does the spoon show?' })).toBeVisible();
    await expectLogged(page, amounts);

    await tap(page.getByRole('radio', { name: 'scoops' }));
    await tap(page.getByRole('group', { name: 'Salt' }).getByRole('button', { name: 'right' }));
    await page.getByRole('textbox', { name: 'Eaten with' }).fill('radishes');
    await tap(page.getByRole('button', { name: /^Take \d+ °C$/ }));
    await tap(page.getByRole('button', { name: 'Tasted: it may leave' }));
    await expect(page.getByText(/✓ tasted with radishes at \d+ °C/)).toBeVisible();
    await expect(page.getByRole('heading', { name: 'And again cold' })).toBeVisible();
    const onScale = page.getByRole('button', { name: /^The scale says \d+ g: take it$/ });
    const total = /\d+/.exec((await onScale.textContent()) ?? '')?.[0] ?? '';
    await tap(onScale);
    await expect(page.getByRole('textbox', { name: /^Weighed out/ })).toHaveValue(total);
    await tap(page.getByRole('button', { name: 'Keep it as a trial' }));
    await expect(page.getByRole('listitem', { name: /^Trial \d+$/ }).first()).toBeVisible();
  });
});

test('by keys a whole run is poured, caught and logged, with what the scale says', async ({
  page,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await startOnScale(page, 'edamame-mint', async (what) => {
    await what.focus();
    await page.keyboard.press('Enter');
  });
  const amounts: string[] = [];
  for (let step = 1; step <= 8; step += 1) {
    await expect(page.getByText(`step ${step} of 8`)).toBeVisible();
    await expect(meter(page)).toHaveText(/^-?0\.\d g$/);
    const enough = 0.9 * (await wanted(page));
    await page.keyboard.press('p');
    await expect.poll(() => inHand(page), { intervals: [40] }).toBeGreaterThan(enough);
    if (step === 2) {
      // what still moves is not logged
      await page.keyboard.press('Space');
      await expect(page.getByText('Wait until the scale stands still.')).toBeVisible();
    }
    await page.keyboard.press('p');
    amounts.push((await caught(page)).amount);
    await page.keyboard.press(step % 2 === 0 ? 'PageDown' : 'Space');
  }
  await expect(page.getByRole('heading', { name: 'What does the spoon show?' })).toBeVisible();
  await expectLogged(page, amounts);
  await saved(page);
});

test('a spoon more, set to nothing, and on without a scale', async ({ page }) => {
  await startOnScale(page, 'weir-house-hummus', (what) => what.click());
  await expect(meter(page)).toHaveText(/^-?0\.\d g$/);
  await page.getByRole('button', { name: 'A little' }).click();
  await expect.poll(() => inHand(page)).toBeGreaterThan(1.5);
  await page.getByRole('button', { name: 'Set to 0' }).click();
  await expect.poll(() => inHand(page)).toBeLessThan(0.6);
  await page.getByRole('button', { name: 'Without scale' }).click();
  await expect(meter(page)).toHaveCount(0);
  await page.getByRole('button', { name: /\d.* more$/ }).click();
  await expect(page.getByText('step 2 of 10')).toBeVisible();
  await page.keyboard.press('m');
  await expect(page.getByText('step 3 of 10')).toBeVisible();
  const steps = page.getByRole('navigation', { name: 'Steps' }).getByRole('listitem');
  await expect(steps.nth(0)).toContainText('⅓ cup + 1 tbsp');
  await expect(steps.nth(1)).toContainText('3 tbsp');
});
