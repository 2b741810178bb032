import { expect, type Page, test } from '@playwright/test';
import { openSampleBook, saved } from './cook';

/** Ten cooks, each with a dip, the row that something else goes in for, why, and how it was. */
const season = [
  { dip: 'weir-house-hummus', row: 0, why: 'an allergy', was: 'again' },
  { dip: 'butter-bean-sage', row: 0, why: 'had none', was: 'again' },
  { dip: 'butter-bean-sage', row: 7, why: 'did not like it', was: 'only here' },
  { dip: 'black-bean-lime-cocoa', row: 1, why: 'had none', was: 'again' },
  { dip: 'watercress-hazelnut-pesto', row: 0, why: 'had none', was: 'not again' },
  { dip: 'watercress-hazelnut-pesto', row: 1, why: 'the cost', was: 'again' },
  { dip: 'watercress-hazelnut-pesto', row: 4, why: 'on purpose', was: 'again' },
  { dip: 'nettle-pumpkin-seed-pesto', row: 3, why: 'had none', was: 'not again' },
  { dip: 'cauliflower-cashew', row: 7, why: 'the cost', was: 'again' },
  { dip: 'charred-aubergine-labneh', row: 1, why: 'the machine', was: 'only here' },
] as const;

const candidates = (page: Page) => page.getByRole('list', { name: 'What could go in instead' });
const kept = (page: Page) => page.getByRole('list', { name: 'Swaps' }).getByRole('listitem');

test('ten cooks swap what they have not, each for a reason, and find all of it again', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/trials?swaps');
  await expect(kept(page).first()).toBeVisible();
  const before = await kept(page).count();
  const made: string[] = [];
  for (const { dip, row, why } of season) {
    await page.goto(`/bench?dip=${dip}`);
    const amount = page.getByRole('textbox', { name: /^Amount of/ }).nth(row);
    await amount.focus();
    await page.keyboard.press('Alt+s');
    const nearest = candidates(page).getByRole('listitem').first();
    await nearest.getByRole('button').first().click();
    const name = (await nearest.getAttribute('aria-label')) ?? '';
    await nearest.getByRole('button', { name: why }).click();
    await nearest.getByRole('button', { name: 'Swap it' }).click();
    await expect(candidates(page)).toHaveCount(0);
    await expect(page.getByRole('textbox', { name: /^Amount of/ }).nth(row)).not.toHaveValue('');
    await saved(page);
    made.push(name);
  }
  await page.goto('/trials?swaps');
  await expect(kept(page)).toHaveCount(before + season.length);
  // the latest first
  for (const [i, { was }] of season.entries()) {
    const swap = kept(page).nth(season.length - 1 - i);
    await expect(swap).toHaveAttribute('aria-label', new RegExp(`^${made[i]?.split(/[,(]/)[0]}`));
    await swap.getByRole('button', { name: was, exact: true }).click();
    await expect(swap.getByRole('button', { name: was, exact: true })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
  }
  await saved(page);
  await page.reload();
  await page.getByRole('combobox', { name: 'How it was' }).selectOption('not again');
  const never = season.flatMap(({ was }, i) => (was === 'not again' ? [made[i] ?? ''] : []));
  for (const name of never)
    await expect(kept(page).filter({ hasText: name.split(/[,(]/)[0] })).not.toHaveCount(0);
  await page.getByRole('combobox', { name: 'How it was' }).selectOption('any');
  await page.getByRole('textbox', { name: 'Find a swap' }).fill('watercress');
  const why = page.getByRole('combobox', { name: 'Why it was swapped' });
  await why.selectOption({ label: 'the cost' });
  await expect(kept(page)).toHaveCount(1);
  await expect(kept(page)).toContainText('Watercress, hazelnut and hard cheese pesto');
});

/** At the bowl: a dip, the step in hand when something is not there, why, and how it was. */
const atTheBowl = [
  { dip: 'weir-house-hummus', step: 2, why: 'had none', was: 'again' },
  { dip: 'butter-bean-sage', step: 1, why: 'had none', was: 'only here' },
  { dip: 'watercress-hazelnut-pesto', step: 3, why: 'an allergy', was: 'again' },
  { dip: 'cauliflower-cashew', step: 2, why: 'the cost', was: 'not again' },
] as const;

test('four of them are half way when they find it is not there, and the trial asks how it was', async ({
  page,
}) => {
  await openSampleBook(page);
  const made: string[] = [];
  for (const { dip, step, why, was } of atTheBowl) {
    await page.goto(`/make?dip=${dip}`);
    await page.getByRole('button', { name: 'Start making' }).click();
    for (let at = 1; at < step; at += 1) {
      await page.getByText(new RegExp(`^step ${at} of`)).waitFor();
      await page.getByRole('button', { name: 'In, as written' }).click();
    }
    await page.getByText(new RegExp(`^step ${step} of`)).waitFor();
    await page.getByRole('button', { name: 'Swap it', exact: true }).click();
    const nearest = candidates(page).getByRole('listitem').first();
    await nearest.getByRole('button').first().click();
    const name = ((await nearest.getAttribute('aria-label')) ?? '').split(/[,(]/)[0] ?? '';
    await nearest.getByRole('button', { name: why }).click();
    await nearest.getByRole('button', { name: 'Swap it' }).click();
    await expect(candidates(page)).toHaveCount(0);
    const asWritten = page.getByRole('button', { name: 'In, as written' });
    const keep = page.getByRole('button', { name: 'Keep it as a trial' });
    while (!(await keep.isVisible())) {
      const now = await page.getByText(/^step \d+ of \d+/).textContent();
      await asWritten.click();
      await expect(page.getByText(now ?? '', { exact: true })).toHaveCount(0);
      await keep.or(asWritten).first().waitFor();
    }
    await keep.click();
    const verdict = page.getByRole('group', { name: new RegExp(`^How ${name}`, 'i') }).first();
    await verdict.getByRole('button', { name: was, exact: true }).click();
    await saved(page);
    made.push(name);
  }
  await page.goto('/trials?swaps');
  for (const [i, { was, why }] of atTheBowl.entries()) {
    const swap = kept(page).nth(atTheBowl.length - 1 - i);
    await expect(swap).toContainText('at the bowl');
    await expect(swap).toContainText(why);
    await expect(swap).toHaveAttribute('aria-label', new RegExp(`^${made[i]}`));
    const said = swap.getByRole('button', { name: was, exact: true });
    await expect(said).toHaveAttribute('aria-pressed', 'true');
  }
});

test('what is out of season is left out where the larder says when it is', async ({ page }) => {
  await openSampleBook(page);
  await page.clock.setFixedTime(new Date('2026-12-12T10:00:00'));
  await page.goto('/larder');
  await page.getByRole('textbox', { name: 'Find' }).fill('rocket');
  await page.getByRole('list', { name: 'Ingredients' }).getByRole('button').first().click();
  const months = page.getByRole('textbox', { name: /^In season here/ });
  await months.fill('in summer');
  await expect(page.getByText('Months, such as May to September.')).toBeVisible();
  await months.fill('May to September');
  await page.getByRole('button', { name: 'Keep my numbers' }).click();
  await saved(page);
  await page.goto('/bench?dip=watercress-hazelnut-pesto');
  await page.getByRole('textbox', { name: 'Amount of Watercress' }).focus();
  await page.keyboard.press('Alt+s');
  const rocket = candidates(page).getByRole('listitem', { name: /^Rocket/ });
  await expect(rocket).toBeVisible();
  await page.getByRole('button', { name: 'in season' }).click();
  await expect(rocket).toHaveCount(0);
});
