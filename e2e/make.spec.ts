import { expect, test } from '@playwright/test';
import { amount, beginBlankDip, openSampleBook, saved } from './cook';

test('a dip is made, read, tasted, weighed, and found next week as a trial', async ({ page }) => {
  await openSampleBook(page);
  await page.getByRole('button', { name: 'More for Weir House hummus', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Make it' }).click();
  await expect(page.getByText('10 additions in the food processor')).toBeVisible();
  await page.getByRole('button', { name: 'Start making' }).click();
  await expect(page.getByText('step 1 of 10')).toBeVisible();
  await page.getByRole('button', { name: 'In, as written' }).click();
  await expect(page.getByText('step 2 of 10')).toBeVisible();
  await page.getByRole('button', { name: 'Half of it' }).click();
  // the other half stays next in line
  await expect(page.getByText('step 3 of 11')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1, name: 'Lemon juice' })).toBeVisible();
  await page.getByRole('button', { name: 'Leave it out' }).click();
  await expect(page.getByText('step 4 of 11')).toBeVisible();
  await page.getByRole('textbox', { name: 'Another amount went in' }).fill('3 tbsp');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByText('step 5 of 11')).toBeVisible();
  await page.getByRole('button', { name: 'Leave it out' }).click();

  // the tab dies; nothing is lost
  await page.reload();
  await expect(page.getByText('step 6 of 11')).toBeVisible();
  const steps = page.getByRole('navigation', { name: 'Steps' });
  await expect(steps.getByRole('listitem').nth(1)).toContainText('1 tbsp');
  await expect(steps.getByRole('listitem').nth(2)).toContainText('left out');
  await expect(steps.getByRole('listitem').nth(3)).toContainText('3 tbsp');
  await expect(steps.getByRole('listitem').nth(4)).toContainText('left out');

  for (let step = 6; step <= 11; step += 1) {
    await expect(page.getByText(`step ${step} of 11`)).toBeVisible();
    await page.keyboard.press('Space');
  }
  await expect(page.getByText('the check')).toBeVisible();
  await page.getByRole('radio', { name: 'spreads' }).click();
  await expect(page.getByRole('radio', { name: 'spreads' })).toHaveAttribute(
    'aria-checked',
    'true',
  );
  await page.getByRole('group', { name: 'Salt' }).getByRole('button', { name: 'short' }).click();
  await page.getByRole('group', { name: 'Sour' }).getByRole('button', { name: 'right' }).click();
  await page.getByRole('textbox', { name: 'Weighed out, g' }).fill('532');
  await page.getByRole('textbox', { name: 'Notes' }).fill('Made for the long course.');
  await page.getByRole('textbox', { name: 'What to change next time' }).fill('Whole lemon.');
  await page.getByRole('textbox', { name: 'Made by' }).fill('Cox');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Notes' })).toHaveValue(
    'Made for the long course.',
  );
  await page.getByRole('button', { name: 'Keep it as a trial' }).click();

  const trial = page.getByRole('listitem', { name: 'Trial 7' });
  await expect(trial).toContainText('Made for the long course.');
  await expect(trial).toContainText('532 g');
  await expect(trial).toContainText('Cox');
  await expect(
    trial.getByRole('img', { name: /warm: predicted [\d.]+, read spreads/ }),
  ).toBeVisible();
  await trial.getByRole('button', { name: 'How it was made' }).click();
  const story = page.getByRole('list', { name: 'How trial 7 was made' });
  await expect(story).toContainText('planned 1/4 cup');
  await expect(story).toContainText(/Garlic, raw, crushed or minced left out/);
  await expect(story).toContainText('read: spreads');
  await expect(story).toContainText('tasted: salt short, sour right');
  await expect(story.getByRole('listitem').last()).toContainText('weighed 532 g');
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'The book' })).toBeVisible();
  await expect(page.getByText('Whole lemon.')).toBeVisible();
  await expect(page.getByText(/trial 7, .*spreads/)).toBeVisible();
  await page.goto('/find?q=made by cox');
  const found = page.getByRole('list', { name: 'Found' }).getByRole('listitem');
  await expect(found).toHaveCount(1);
  await expect(found).toContainText('trial 7');
});

test('what can’t be read is said, and logging again puts a step right', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/make?dip=edamame-mint');
  await page.getByRole('button', { name: 'Start making' }).click();
  const other = page.getByRole('textbox', { name: 'Another amount went in' });
  await other.fill('2 blorps');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByText('“blorps” is no measure known here', { exact: false })).toBeVisible();
  await expect(other).toHaveValue('2 blorps');
  await expect(page.getByText('step 1 of 8')).toBeVisible();
  await other.fill('1 1/2 cups');
  await page.getByRole('button', { name: 'Log it' }).click();
  await page.getByRole('button', { name: 'Step back' }).click();
  await expect(page.getByText('In: 1 1/2 cups')).toBeVisible();
  await page.getByRole('button', { name: 'In, as written' }).click();
  await page.getByRole('button', { name: 'Step back' }).click();
  await expect(page.getByText('In: 2 cups')).toBeVisible();
});

test('a machine that would stall is said before it does', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/bench?dip=weir-house-hummus');
  await page
    .getByRole('combobox', { name: 'Machine or tool' })
    .selectOption({ label: 'jug blender' });
  // a spoon of lemon is what seizes tahini hardest
  await amount(page, 'Lemon juice').fill('1 tbsp');
  await amount(page, 'Lemon juice').press('Enter');
  await saved(page);
  await page.getByRole('link', { name: 'Make' }).click();
  await page.getByRole('button', { name: 'Start making' }).click();
  await page.getByRole('button', { name: 'In, as written' }).click();
  await expect(
    page.getByText('The jug blender may stall on this.', { exact: false }),
  ).toBeVisible();
});

test('making can be stopped, and taken up again with undo', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/make?dip=edamame-mint');
  await page.getByRole('button', { name: 'Start making' }).click();
  await page.getByRole('button', { name: 'In, as written' }).click();
  await expect(page.getByText('step 2 of 8')).toBeVisible();
  await page.getByRole('button', { name: 'Stop making' }).click();
  const asked = page.getByRole('dialog', { name: 'Stop making it?' });
  await expect(asked).toContainText('One addition is logged.');
  await asked.getByRole('button', { name: 'Go on making' }).click();
  await expect(page.getByText('step 2 of 8')).toBeVisible();
  await page.getByRole('button', { name: 'Stop making' }).click();
  await asked.getByRole('button', { name: 'Throw it away' }).click();
  await expect(page.getByRole('button', { name: 'Start making' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('step 2 of 8')).toBeVisible();
});

test('a dip with nothing in it is sent to the bench', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Begin a blank book' }).click();
  await beginBlankDip(page, 'Empty dip');
  await expect(page.getByRole('heading', { name: 'Empty dip' })).toBeVisible();
  await page.getByRole('link', { name: 'Make' }).click();
  await expect(page.getByText('Nothing goes in yet.', { exact: false })).toBeVisible();
  await page.getByRole('link', { name: 'Trials' }).click();
  await expect(page.getByText('no trial yet')).toBeVisible();
});

test('on a phone the step fits the width and its buttons fit a wet finger', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openSampleBook(page);
  await page.goto('/make?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Start making' }).click();
  for (const name of ['In, as written', 'Half of it', 'Leave it out', 'Step back', 'Step on']) {
    const box = await page.getByRole('button', { name }).boundingBox();
    expect([name, (box?.height ?? 0) >= 48]).toEqual([name, true]);
  }
  const fits = () =>
    page.evaluate(
      () => document.documentElement.scrollWidth <= document.documentElement.clientWidth,
    );
  expect(await fits()).toBe(true);
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'The book' })).toBeVisible();
  expect(await fits()).toBe(true);
});

test('a caution stands at its step, and moves no button from under the hand', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/make?dip=hazelnut-red-bean-pate');
  await page.getByRole('button', { name: 'Start making' }).click();
  await expect(page.getByText('step 1 of 9')).toBeVisible();
  const button = page.getByRole('button', { name: 'In, as written', exact: true });
  const before = await button.boundingBox();
  await button.click();
  await expect(page.getByText('step 2 of 9')).toBeVisible();
  await expect(page.getByText(/boil hard for at least 10 minutes/)).toBeVisible();
  expect((await button.boundingBox())?.y).toBe(before?.y);
});
