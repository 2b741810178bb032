import { expect, test } from '@playwright/test';
import { openSampleBook, saved } from './cook';

test('pesto goes to pasta with its water, by the plate', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/make?dip=watercress-hazelnut-pesto');
  await page.getByRole('button', { name: 'On the plate…' }).click();
  const pasta = page.getByRole('dialog').getByRole('region', { name: 'To pasta' });
  await expect(pasta.getByRole('status')).toContainText(
    /It coats as \w+, body [\d.]+; 1\.\d g of salt on the plate/,
  );
  const bodyNow = async () =>
    Number(/body ([\d.]+)/.exec((await pasta.getByRole('status').textContent()) ?? '')?.[1]);
  const before = await bodyNow();
  await pasta.getByRole('textbox', { name: 'Its water' }).fill('15');
  await expect.poll(bodyNow).toBeGreaterThan(before);
  await pasta.getByRole('textbox', { name: 'Pesto' }).fill('63');
  await expect(pasta.getByRole('status')).toContainText('5 plates');
  await pasta.getByRole('textbox', { name: 'Pasta, dry' }).fill('nought');
  await expect(pasta).toContainText('From 1 to 2000.');
  await expect(pasta.getByRole('status')).toHaveCount(0);
});

test('a dip is loosened on purpose, and shared in pots with nothing of wheat to dip', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/make?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'On the plate…' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('region', { name: 'To pasta' })).toHaveCount(0);
  const loosen = dialog.getByRole('region', { name: 'Loosened on purpose' });
  const grams = async () =>
    Number(/^([\d.]+) g/.exec((await loosen.getByRole('status').textContent()) ?? '')?.[1]);
  const toPour = await grams();
  expect(toPour).toBeGreaterThan(10);
  await loosen.getByRole('combobox', { name: 'Until it' }).selectOption('slumps');
  await expect.poll(grams).toBeLessThan(toPour);
  await loosen.getByRole('combobox', { name: 'Loosened with' }).selectOption('lemon-juice');
  await expect(loosen.getByRole('status')).toContainText(/sour 0\.[6-9]\d in 100 g/);
  await loosen.getByRole('combobox', { name: 'Until it' }).selectOption('scoops');
  await expect(loosen.getByRole('status')).toContainText('It is that loose already.');

  const pots = dialog.getByRole('region', { name: 'A pot for each' });
  await pots.getByRole('textbox', { name: 'One pot holds' }).fill('100');
  await pots.getByRole('textbox', { name: 'For' }).fill('12');
  await expect(pots.getByRole('status')).toContainText(/^5 pots of 9\d g, \d+ g over; 7 short/);
  const toDip = pots.getByRole('list', { name: 'To dip' });
  await expect(toDip).toContainText('flatbread, 720 g (gluten)');
  await pots.getByRole('checkbox', { name: 'Someone eats no wheat or gluten' }).check();
  await expect(toDip).not.toContainText('gluten');
  await expect(toDip).toContainText('radishes, 480 g');
  await dialog.getByRole('button', { name: 'Done' }).click();
});

test('how a row is worked in is said on the bench and called out when it is made', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/bench?dip=edamame-mint');
  await page.getByRole('button', { name: /^Details of Water/ }).click();
  const details = page.getByRole('region', { name: /^Details of Water/ });
  const worked = details.getByRole('group', { name: 'Worked in' });
  await expect(worked.getByRole('combobox', { name: 'Worked in by' })).toHaveValue('stream');
  await worked.getByRole('combobox', { name: 'Worked in by' }).selectOption('scrape');
  await worked.getByRole('textbox', { name: 'For about' }).fill('3');
  await worked.getByRole('textbox', { name: 'What to look for' }).fill('no green flecks');
  await details.getByRole('button', { name: 'Done' }).click();
  await saved(page);
  await page.goto('/make?dip=edamame-mint');
  await page.getByRole('button', { name: 'Start making' }).click();
  const steps = page.getByRole('navigation', { name: 'Steps' }).getByRole('listitem');
  await steps.filter({ hasText: 'Water' }).first().getByRole('button').click();
  await expect(page.getByText('Scrape down, run, about 3 min · no green flecks')).toBeVisible();
  await expect(page.getByRole('group', { name: 'Time the run' }).getByRole('button')).toHaveText([
    '1 min',
    '2 min',
    '3 min',
    'Go',
  ]);
});
