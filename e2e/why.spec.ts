import { expect, test } from '@playwright/test';
import { openBench } from './cook';

test('any figure can be asked: what it is, what makes it up, how sure it is and what would help', async ({
  page,
}) => {
  await openBench(page);
  await page.getByRole('button', { name: 'What is the salt, and why?' }).click();
  const salt = page.getByRole('region', { name: 'Salt: what it is, and why' });
  await expect(salt).toContainText('0.92 g per 100 g');
  const rows = salt.getByRole('list', { name: 'What each row brings' }).getByRole('listitem');
  await expect(rows.first()).toContainText('Fine sea salt');
  // the shares are the figure
  const shares = (await rows.allTextContents()).map((text) =>
    Number(/(\d\.\d+) g$/.exec(text)?.[1]),
  );
  expect(shares.reduce((sum, one) => sum + one, 0)).toBeCloseTo(0.92, 1);
  await page.keyboard.press('Escape');
  await expect(salt).toHaveCount(0);
  // by key, of what the line shows
  await page.keyboard.press('w');
  const body = page.getByRole('region', { name: 'Body, chilled: what it is, and why' });
  await expect(body).toContainText('from the model');
  await expect(body).toContainText(/readings of this dip in this machine/);
  const water = body.getByRole('listitem').filter({ hasText: /^Water/ });
  await expect(water).toContainText(/looser by \d\.\d/);
  await water.hover();
  await expect(page.getByRole('region', { name: 'In the mouth' })).toBeVisible();
});

test('fat, bitterness and cost are asked as salt is', async ({ page }) => {
  await openBench(page);
  for (const [asked, title, first] of [
    [/^What is fat \d+ %, and why/, /^Fat: what it is/, 'Tahini'],
    [/^What is bitter faint, and why/, /^Bitter: what it is/, /Tahini|Cumin|Extra/],
    ['What is the cost, and why?', /^Cost: what it is/, 'Tahini'],
  ] as const) {
    await page.getByRole('button', { name: asked }).click();
    const why = page.getByRole('region', { name: title });
    await expect(
      why.getByRole('list', { name: 'What each row brings' }).getByRole('listitem').first(),
    ).toContainText(first);
  }
});

test('the bowl is asked while it is made', async ({ page }) => {
  await openBench(page);
  await page.goto('/make?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Start making' }).click();
  await expect(page.getByText(/^step 1 of/)).toBeVisible();
  await page.keyboard.press('PageDown');
  await page.getByRole('button', { name: 'What is the bowl now, and why?' }).click();
  const asked = page.getByRole('dialog', { name: 'Body, just blended: what it is, and why' });
  await expect(asked.getByRole('listitem')).toHaveCount(0);
  await expect(asked).toContainText('from how it is measured');
  await asked.getByRole('button', { name: 'Close' }).click();
  await page.keyboard.press('PageDown');
  await page.getByRole('button', { name: 'What is the bowl now, and why?' }).click();
  await expect(asked.getByRole('listitem').first()).toContainText(/Tahini|Lemon/);
});
