import { expect, test } from '@playwright/test';
import { openBench, openSampleBook, saved } from './cook';

test('the kitchen learns from its readings, and one can be left out and put back', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.getByRole('link', { name: 'Kit' }).click();
  const calibration = page.getByRole('region', { name: 'Calibration', exact: true });
  await expect(calibration).toContainText('77 readings teach');
  await expect(calibration).toContainText(
    /Hummus, beans, yogurt and the like\s*(0\.\d (looser|stiffer)|as the model says), ± 0\.\d/,
  );
  await expect(calibration.getByRole('img')).toHaveAccessibleName(/77 readings/);
  const list = page.getByRole('region', { name: 'Readings' });
  await list
    .getByRole('button', { name: /^Leave out/ })
    .first()
    .click();
  await expect(calibration).toContainText('76 readings teach, 1 left out');
  await saved(page);
  await page.reload();
  await expect(calibration).toContainText('76 readings teach, 1 left out');
  await list.getByRole('button', { name: 'latest' }).click();
  await list.getByRole('button', { name: /^Show all/ }).click();
  await list.getByRole('button', { name: /^Put back/ }).click();
  await expect(calibration).toContainText('77 readings teach');
});

test('the reading that tells most is named for the dip in mind', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/kit');
  const telling = page.getByRole('region', { name: 'The reading that tells most' });
  const machine = page.getByRole('combobox', { name: 'Machine whose readings are shown' });
  await machine.selectOption('whisk');
  await expect(telling).toContainText('lift a ring');
  await expect(telling).toContainText(/from ± 0\.\d\d to ± 0\.\d\d body/);
  await machine.selectOption('food-processor');
  await telling.getByRole('combobox').selectOption({ label: 'Butter bean and sage' });
  await expect(telling).toContainText('press a dab');
});

test('a machine is corrected, the Bench follows, and it goes back to how it shipped', async ({
  page,
}) => {
  await openBench(page);
  await expect(page.getByRole('region', { name: 'Stall' })).toBeHidden();
  await page.goto('/kit');
  const machines = page.getByRole('region', { name: 'Machines and tools' });
  await machines.getByRole('button', { name: 'Change the food processor' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('slider', { name: 'Stalls above body' }).focus();
  for (let i = 0; i < 35; i += 1) await page.keyboard.press('ArrowLeft');
  await dialog.getByRole('textbox', { name: 'Most it takes' }).fill('100');
  await expect(dialog).toContainText('More than the least.');
  await expect(dialog.getByRole('button', { name: 'Keep it' })).toBeDisabled();
  await dialog.getByRole('textbox', { name: 'Most it takes' }).fill('900');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(machines).toContainText('stalls at 8.0');
  await expect(machines).toContainText('250–900 ml');
  await saved(page);
  await page.goto('/bench?dip=weir-house-hummus');
  await expect(page.getByRole('region', { name: 'Stall' })).toContainText('food processor');
  await page.goto('/kit');
  await machines.getByRole('button', { name: 'Change the food processor' }).click();
  await dialog.getByRole('button', { name: 'As it shipped' }).click();
  await expect(machines).toContainText('stalls at 11.5');
});

test('a machine of one’s own can be chosen on the Bench', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/kit');
  await page.getByRole('button', { name: 'Another' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('textbox', { name: 'Name' }).fill('boathouse mill');
  await dialog.getByRole('checkbox', { name: /^Stalls on a mix/ }).uncheck();
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('region', { name: 'Machines and tools' })).toContainText(
    'Boathouse mill yours',
  );
  await saved(page);
  await page.goto('/bench?dip=weir-house-hummus');
  await page
    .getByRole('combobox', { name: 'Machine or tool' })
    .selectOption({ label: 'boathouse mill' });
  await saved(page);
});

test('the ring’s size is kept, and one that can’t be says so', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/kit');
  const ring = page.getByRole('textbox', { name: 'Ring, inside' });
  await ring.fill('5');
  await expect(page.getByText('Between 10 and 300 mm.')).toBeVisible();
  await ring.fill('60');
  await ring.blur();
  await saved(page);
  await page.reload();
  await expect(ring).toHaveValue('60');
});

test('before anything is read the room says how to begin', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Begin a blank book' }).click();
  await page.getByRole('link', { name: 'Kit' }).click();
  await expect(page.getByText('Nothing read yet.')).toBeVisible();
});

test('what one machine taught is shown for it alone, and a new machine starts fresh', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/kit');
  const calibration = page.getByRole('region', { name: 'Calibration', exact: true });
  const machine = calibration.getByRole('combobox', { name: 'Machine whose readings are shown' });
  await expect(machine).toHaveValue('food-processor');
  await expect(calibration).toContainText('77 readings');
  await machine.selectOption('whisk');
  await expect(calibration).toContainText('7 readings');
  await expect(
    calibration.getByRole('combobox', { name: 'Dip to be read' }).getByRole('option'),
  ).toHaveText(['Radish and dill yogurt']);

  const spread = async () =>
    Number(
      /± ([\d.]+)/.exec(
        (await page
          .getByText(/^body [\d.]+ ± /)
          .first()
          .textContent()) ?? '',
      )?.[1],
    );
  await page.goto('/bench?dip=weir-house-hummus');
  await expect(page.getByText(/^body [\d.]+ ± /).first()).toBeVisible();
  const known = await spread();
  await page.getByRole('combobox', { name: 'Machine or tool' }).selectOption('jug-blender');
  await expect.poll(spread).toBeGreaterThan(2 * known);
});
