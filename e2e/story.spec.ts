import { expect, type Page, test } from '@playwright/test';
import { amount, openSampleBook, saved } from './cook';

async function start(page: Page) {
  await openSampleBook(page);
  await page.goto('/make?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Start making' }).click();
  await expect(page.getByText('step 1 of 10')).toBeVisible();
}

const isIn = (page: Page) => page.getByRole('button', { name: 'In, as written' });

test('something else goes in instead, with a reason; the trial tells it and becomes the dip', async ({
  page,
}) => {
  await start(page);
  await isIn(page).click();
  await expect(page.getByText('step 2 of 10')).toBeVisible();
  await page.getByRole('button', { name: 'Something else goes in, or a note' }).click();
  const other = page.getByRole('region', { name: 'Something else goes in' });
  await other.getByRole('checkbox', { name: 'instead of the lemon juice' }).click();
  await other.getByRole('combobox').fill('2 tbsp lime juice');
  await page
    .getByRole('option', { name: /Lime juice/i })
    .first()
    .click();
  await expect(page.getByText('step 4 of 11')).toBeVisible();
  await page.getByRole('group', { name: 'Why' }).getByRole('button', { name: 'had none' }).click();
  await expect(page.getByRole('button', { name: 'had none' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  for (let step = 4; step <= 11; step += 1) {
    await expect(page.getByText(`step ${step} of 11`)).toBeVisible();
    await isIn(page).click();
  }
  await page.getByRole('button', { name: 'Keep it as a trial' }).click();
  const trial = page.getByRole('listitem', { name: 'Trial 7' });
  await expect(trial).toContainText(/lime juice instead of lemon juice/);
  await trial.getByRole('button', { name: 'How it was made' }).click();
  const story = page.getByRole('list', { name: 'How trial 7 was made' });
  await expect(story).toContainText('instead of lemon juice');
  await expect(story).toContainText('left out: had none');

  await page.getByRole('button', { name: 'Make this the dip' }).click();
  const dialog = page.getByRole('dialog', { name: /Trial 7 becomes Weir House hummus/ });
  await expect(dialog.getByRole('list', { name: 'What changes' })).toContainText('Lime juice');
  await dialog.getByRole('button', { name: 'Make it the dip' }).click();
  await saved(page);
  await page.goto('/bench?dip=weir-house-hummus');
  await expect(page.getByRole('textbox', { name: 'Amount of Lime juice' })).toHaveValue('2 tbsp');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('textbox', { name: 'Amount of Lime juice' })).toHaveCount(0);
});

test('of a can that is opened a part goes in and the rest is kept, in one act', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/bench?dip=weir-house-hummus');
  await amount(page, 'Chickpeas, canned').fill('1 can');
  await amount(page, 'Chickpeas, canned').press('Enter');
  await saved(page);
  await page.goto('/make?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Start making' }).click();
  for (let step = 1; step <= 5; step += 1) {
    await expect(page.getByText(`step ${step} of 10`)).toBeVisible();
    await isIn(page).click();
  }
  await expect(page.getByText('step 6 of 10')).toBeVisible();
  const typed = page.getByRole('textbox', { name: 'Another amount went in' });
  const keep = page.getByRole('button', { name: /^Log it, keep \d+ g$/ });
  await typed.fill('1 can');
  await expect(keep).toHaveCount(0);
  await typed.fill('1/2 can');
  await keep.click();
  await expect(page.getByText('step 7 of 10')).toBeVisible();
  await expect(page.getByText(/^\d+ g kept for another day/)).toBeVisible();
  await saved(page);
  await page.goto('/house');
  const ledger = page.getByRole('region', { name: 'Left from before' });
  await expect(ledger).toContainText('Chickpeas, canned');
  await page.keyboard.press('Control+z');
  await expect(ledger).not.toContainText('Chickpeas, canned');
});

test('a bowl that is open stands in the Book and in Make, and is taken up where it was', async ({
  page,
}) => {
  await start(page);
  await isIn(page).click();
  await expect(page.getByText('step 2 of 10')).toBeVisible();
  await saved(page);
  await page.goto('/make');
  const open = page.getByRole('region', { name: 'Open bowls' });
  await expect(open).toContainText('One bowl is open');
  await page.goto('/');
  await open.getByRole('link', { name: /Weir House hummus: step 2 of 10/ }).click();
  await expect(page.getByText('step 2 of 10')).toBeVisible();
});

test('what is wrong with it is told what to do about, and stands in the story with time and heat', async ({
  page,
}) => {
  await start(page);
  for (let step = 1; step <= 10; step += 1) {
    await expect(page.getByText(`step ${step} of 10`)).toBeVisible();
    await isIn(page).click();
  }
  const next = page.getByRole('region', { name: 'What next' });
  await page.getByRole('button', { name: 'split or oily' }).click();
  await expect(next).toContainText('It has split: work in hot water');
  await expect(next).not.toContainText('Stop here');
  await next.getByRole('button', { name: /1 tbsp water is in/ }).click();
  await expect(page.getByRole('button', { name: 'split or oily' })).toHaveAttribute(
    'aria-pressed',
    'false',
  );
  const happened = page.getByRole('form', { name: 'What else happened' });
  await happened.getByRole('button', { name: 'It stood' }).click();
  await happened.getByRole('textbox').fill('soon');
  await expect(happened.getByRole('button', { name: 'Write it down' })).toBeDisabled();
  await happened.getByRole('textbox').fill('10');
  await happened.getByRole('button', { name: 'Write it down' }).click();
  await expect(happened.getByRole('textbox')).toHaveCount(0);
  await page.getByRole('button', { name: 'Keep it as a trial' }).click();
  const trial = page.getByRole('listitem', { name: 'Trial 7' });
  await trial.getByRole('button', { name: 'How it was made' }).click();
  const story = page.getByRole('list', { name: 'How trial 7 was made' });
  await expect(story).toContainText('it was split or oily');
  await expect(story).toContainText('Water unplanned');
  await expect(story.getByRole('listitem').last()).toContainText('stood 10 min');
});
