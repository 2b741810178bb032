import { expect, test } from '@playwright/test';
import { notReadCold, openSampleBook, saved } from './cook';

test('a ring test on a trial: what is typed is read at once, kept, and narrows the band', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/trials?dip=weir-house-green');
  const trial = await notReadCold(page);
  await trial.getByRole('button', { name: 'Read it cold' }).click();
  await trial.getByRole('button', { name: 'ring' }).click();
  await trial.getByRole('textbox', { name: 'Spread' }).fill('40');
  await expect(trial).toContainText('It can’t have spread to less than the ring.');
  await trial.getByRole('textbox', { name: 'Spread' }).fill('56');
  await trial.getByRole('textbox', { name: 'The other way' }).fill('58');
  await expect(trial).toContainText('Below 100 mm of spread the height left standing is needed.');
  await trial.getByRole('textbox', { name: 'Height left' }).fill('43');
  await expect(trial).toContainText(/scoops, body 7\.\d ± 0\.30/);
  await trial.getByRole('button', { name: 'Keep the ring test' }).click();
  await expect(trial.getByRole('img')).toHaveAccessibleName(
    /chilled: .*read scoops, body 7\.\d by ring/,
  );
  await saved(page);
  await page.goto('/kit');
  await expect(page.getByRole('region', { name: 'Calibration', exact: true })).toContainText(
    '78 readings teach',
  );
});

test('a press test out of its range says which test is better', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/trials?dip=radish-dill-yogurt');
  const trial = page.getByRole('listitem', { name: 'Trial 1', exact: true });
  await trial.getByRole('button', { name: /^Read it cold/ }).click();
  await trial.getByRole('button', { name: 'press' }).click();
  await trial.getByRole('textbox', { name: 'Across' }).fill('95');
  await expect(trial).toContainText('Too loose for the press: use the ring instead.');
});

test('a reading hardly possible is asked about, and can be taken back or kept', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/trials?dip=weir-house-hummus');
  const trial = await notReadCold(page);
  const picture = trial.getByRole('img', { name: /^Body/ });
  await trial.getByRole('button', { name: 'Read it cold' }).click();
  await trial.getByRole('radio', { name: 'shapes' }).click();
  const ask = trial.getByRole('alert');
  await expect(ask).toContainText('Is this right?');
  await expect(ask).toContainText('You read shapes; expected was');
  await ask.getByRole('button', { name: 'No, read again' }).click();
  await expect(picture).toHaveAccessibleName(/chilled: predicted [\d.]+, not read/);
  await trial.getByRole('radio', { name: 'shapes' }).click();
  await ask.getByRole('button', { name: 'Yes, keep it' }).click();
  await expect(picture).toHaveAccessibleName(/read shapes/);
});

test('the check in Make takes a press test and shows what it says', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/make?dip=edamame-mint');
  await page.getByRole('button', { name: 'Start making' }).click();
  for (let step = 1; step <= 8; step += 1) {
    await expect(page.getByText(`step ${step} of 8`)).toBeVisible();
    await page.keyboard.press('Space');
  }
  await expect(page.getByText('the check')).toBeVisible();
  const predicted = page.getByText(/Predicted: .* ± 0\.\d/);
  const before = Number(/± (0\.\d)/.exec((await predicted.textContent()) ?? '')?.[1]);
  await page.getByRole('button', { name: 'press', exact: true }).click();
  await page.getByRole('textbox', { name: 'Across' }).fill('58');
  await page.getByRole('button', { name: 'Keep the press test' }).click();
  await expect(page.getByText(/Read: \w+, body 7\.\d by press/)).toBeVisible();
  const after = Number(/± (0\.\d)/.exec((await predicted.textContent()) ?? '')?.[1]);
  expect(after).toBeLessThanOrEqual(before);
});
