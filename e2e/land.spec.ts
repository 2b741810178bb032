import { expect, test } from '@playwright/test';
import { amount, openBench, saved } from './cook';

test('land it shows what changes, takes it, and undo brings it back', async ({ page }) => {
  await openBench(page, 'butter-bean-sage');
  await expect(page.getByText(/stiffer than your 6.4–7.3/)).toBeVisible();
  await page.getByRole('button', { name: 'Land it' }).click();
  const panel = page.getByRole('region', { name: 'Landing' });
  await expect(panel.getByRole('heading', { name: 'To land it' })).toBeVisible();
  await expect(panel).toContainText('cooking liquid');
  await expect(amount(page, 'Chickpea or bean cooking liquid')).toHaveValue('1/4 cup');
  await panel.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByText('inside your 6.4–7.3')).toBeVisible();
  await expect(amount(page, 'Chickpea or bean cooking liquid')).not.toHaveValue('1/4 cup');
  await saved(page);
  await page.keyboard.press('Control+z');
  await expect(amount(page, 'Chickpea or bean cooking liquid')).toHaveValue('1/4 cup');
});

test('left alone, nothing changes', async ({ page }) => {
  await openBench(page, 'butter-bean-sage');
  await page.keyboard.press('l');
  await page.getByRole('button', { name: 'Leave it' }).click();
  await expect(page.getByRole('region', { name: 'Landing' })).toBeHidden();
  await expect(page.getByText(/stiffer than your 6.4–7.3/)).toBeVisible();
});

test('what is held stays, and what fights is named', async ({ page }) => {
  await openBench(page);
  const names = [
    'Tahini, hulled',
    'Lemon juice',
    'Water',
    'Garlic, raw',
    'Fine sea salt',
    'Chickpeas, canned',
    'Chickpea can liquid',
    'Cumin, ground',
    'Extra virgin olive oil',
  ];
  for (const name of names) {
    for (const hold of await page
      .getByRole('button', { name: `Hold ${name}`, exact: true })
      .all()) {
      if ((await hold.getAttribute('aria-pressed')) === 'false') await hold.click();
      await expect(hold).toHaveAttribute('aria-pressed', 'true');
    }
  }
  await amount(page, 'Fine sea salt').fill('1/8 tsp');
  await amount(page, 'Fine sea salt').press('Enter');
  await saved(page);
  await page.getByRole('button', { name: 'Land it' }).click();
  const panel = page.getByRole('region', { name: 'Landing' });
  await expect(panel.getByRole('heading', { name: 'It can’t all be met' })).toBeVisible();
  await expect(panel).toContainText('let go of Fine sea salt');
  await expect(panel).toContainText('short');
});

test('targets are set, moved by key and taken away; grams land in grams', async ({ page }) => {
  await openBench(page, 'edamame-mint');
  await page.getByRole('button', { name: 'Set a target body, just blended' }).click();
  const from = page.getByRole('slider', { name: 'Target body, just blended, from' });
  const start = Number(await from.getAttribute('aria-valuenow'));
  const moved = (start + 0.1).toFixed(1);
  await from.focus();
  await page.keyboard.press('ArrowRight');
  await expect(from).toHaveAttribute('aria-valuenow', String(Number(moved)));
  await expect(page.getByText(`inside your ${moved}–`)).toBeVisible();
  await page.keyboard.press('Control+z');
  await page.getByRole('button', { name: 'Take away the target body, just blended' }).click();
  await expect(page.getByRole('slider', { name: 'Target body, just blended, from' })).toHaveCount(
    0,
  );
  await page.getByRole('button', { name: 'Make the usual garlic the target' }).click();
  await expect(page.getByRole('slider', { name: 'Target garlic, from' })).toHaveCount(1);
  await amount(page, 'Water').fill('30 g');
  await amount(page, 'Water').press('Enter');
  await page.getByRole('button', { name: 'grams' }).click();
  await page.getByRole('button', { name: 'Land it' }).click();
  await page.getByRole('button', { name: 'Take it' }).click();
  await expect(amount(page, 'Water')).toHaveValue(/^\d+ g$/);
  await expect(page.getByText('inside your 7.2–8.2')).toBeVisible();
});

test('a dip without targets says what to do first', async ({ page }) => {
  await openBench(page, 'nettle-pumpkin-seed-pesto');
  await page.getByRole('button', { name: 'Take away the target body, just blended' }).click();
  await page.getByRole('button', { name: 'Take away the target for salt' }).click();
  await page.getByRole('button', { name: 'Land it' }).click();
  await expect(page.getByText('Nothing to land on yet')).toBeVisible();
});

test('a solver that dies says so, and the next try starts a new one', async ({ page }) => {
  await openBench(page, 'butter-bean-sage');
  const worker = /turbopack-worker/;
  await page.route(worker, (route) => route.abort());
  await page.getByRole('button', { name: 'Land it' }).click();
  await expect(page.getByText('The solver stopped. Try once more.')).toBeVisible();
  await page.unroute(worker);
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('button', { name: 'Take it' })).toBeVisible();
});

test('a solver that hangs can be stopped, and nothing has changed', async ({ page }) => {
  await openBench(page, 'butter-bean-sage');
  const worker = /turbopack-worker/;
  await page.route(worker, (route) =>
    route.fulfill({ contentType: 'text/javascript', body: 'for (;;) {}' }),
  );
  await page.getByRole('button', { name: 'Land it' }).click();
  await expect(page.getByText('Working it out…')).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText('Working it out…')).toBeHidden();
  await expect(page.getByText(/stiffer than your 6.4–7.3/)).toBeVisible();
  await page.unroute(worker);
  await page.getByRole('button', { name: 'Land it' }).click();
  await expect(page.getByRole('button', { name: 'Take it' })).toBeVisible();
});

test('a word at the head of the line is what the dip is to be, two neighbours both, and again none', async ({
  page,
}) => {
  await openBench(page, 'butter-bean-sage');
  const words = page.getByRole('group', { name: 'Aim at a word, rested and chilled' });
  const end = (which: 'from' | 'to') =>
    page.getByRole('slider', { name: `Target body, rested and chilled, ${which}` });
  await words.getByRole('button', { name: 'Aim at spreads' }).click();
  await expect(end('from')).toHaveAttribute('aria-valuenow', '7.5');
  await expect(end('to')).toHaveAttribute('aria-valuenow', '8.8');
  await words.getByRole('button', { name: 'Aim at packs' }).click();
  await expect(end('to')).toHaveAttribute('aria-valuenow', '10.2');
  await expect(words.getByRole('button', { pressed: true })).toHaveCount(2);
  await words.getByRole('button', { name: 'Aim at packs' }).click();
  await words.getByRole('button', { name: 'Aim at packs' }).click();
  await expect(end('to')).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(end('to')).toHaveAttribute('aria-valuenow', '10.2');
});
