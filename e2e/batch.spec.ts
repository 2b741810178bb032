import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';
import { openSampleBook, saved } from './cook';

const pots = (page: Page) => page.getByRole('list', { name: 'Pots' }).getByRole('listitem');
const made = (page: Page) => page.getByRole('list', { name: 'Made here' }).getByRole('listitem');

/** Opens the latest trial's batch and says what jars there are. */
async function intoJars(page: Page) {
  await openSampleBook(page);
  await page.goto('/trials?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Into jars' }).last().click();
  await expect(page.getByText(/^Batch WHH-/)).toBeVisible();
  await page.getByRole('button', { name: 'Jars and tubs of this kitchen' }).click();
  const form = page.getByRole('form', { name: 'A new container' });
  await form.getByRole('textbox', { name: 'Called' }).fill('tasting jar');
  await form.getByRole('textbox', { name: 'To the rim' }).fill('120');
  await form.getByRole('textbox', { name: 'Empty' }).fill('95');
  await form.getByRole('textbox', { name: 'How many' }).fill('12');
  await form.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('form', { name: 'tasting jar' })).toBeVisible();
}

/** Fills what jars there are, and gives their labels. */
async function jarsToLabel(page: Page) {
  await intoJars(page);
  await page
    .getByRole('form', { name: 'tasting jar' })
    .getByRole('button', { name: 'Filled' })
    .click();
  return page.getByRole('region', { name: 'Labels' });
}

test('what a dip made goes into jars, is opened, frozen, thrown away, and what is due stands first', async ({
  page,
}) => {
  await intoJars(page);
  const fill = page.getByRole('form', { name: 'tasting jar' });
  await expect(fill).toContainText(/fills \d with \d+ g each/);
  await fill.getByRole('textbox', { name: 'How many' }).fill('3');
  await fill.getByRole('button', { name: 'Filled' }).click();
  await expect(pots(page)).toHaveCount(3);
  const axe = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze();
  expect(axe.violations.map(({ id, nodes }) => `${id} ${nodes[0]?.target.join(' ')}`)).toEqual([]);
  await pots(page).nth(0).getByRole('button', { name: 'Open it' }).click();
  await expect(pots(page).nth(0)).toContainText('opened');
  await pots(page).nth(1).getByRole('button', { name: 'Freeze it' }).click();
  await expect(pots(page).nth(1)).toContainText('frozen');
  await pots(page).nth(1).getByRole('button', { name: 'Thaw it in the fridge' }).click();
  await expect(pots(page).nth(1)).toContainText('not to be frozen again');
  await expect(pots(page).nth(1).getByRole('button', { name: 'Freeze it' })).toHaveCount(0);
  await pots(page).nth(2).getByRole('button', { name: 'Thrown away' }).click();
  await pots(page).nth(2).getByRole('button', { name: 'spilled' }).click();
  await expect(pots(page).nth(2)).toContainText(/thrown away .*: spilled/);
  await saved(page);
  await page.getByRole('link', { name: 'What there is' }).click();
  await expect(made(page).filter({ hasText: 'WHH-' })).toHaveCount(2);
  await expect(made(page).first()).toContainText('Weir House hummus');
  await page.reload();
  await expect(made(page).filter({ hasText: 'WHH-' })).toHaveCount(2);
  await made(page).first().getByRole('link').click();
  await page.keyboard.press('Control+z');
  await expect(pots(page).nth(2)).not.toContainText('spilled');
});

test('a weighed yield accounts for what is lost, and is filled once', async ({ page }) => {
  await intoJars(page);
  const yields = page.getByRole('region', { name: 'What it made' });
  const inG = Number(/of (\d+) g that went in/.exec((await yields.textContent()) ?? '')?.[1]);
  await yields.getByRole('textbox', { name: /^Weighed/ }).fill(String(inG - 60));
  await yields.getByRole('button', { name: 'That is it' }).click();
  await expect(yields).toContainText(`${inG - 60} g weighed`);
  await expect(yields).toContainText('not accounted for');
  await yields.getByRole('textbox', { name: 'Spilled' }).fill('20');
  await expect(yields).toContainText('20 g spilled');
  await expect(yields).toContainText(`${inG - 60} g weighed`);
  await page.getByRole('button', { name: /^The rest, \d+ g, in one bowl/ }).click();
  await expect(page.getByText('all of it is in something')).toBeVisible();
  await expect(pots(page).first()).toContainText(`${inG - 60} g`);
});

test('labels are printed at their true size, from the next free place of a sheet', async ({
  page,
}) => {
  const labels = await jarsToLabel(page);
  await expect(labels).toContainText('SESAME');
  await expect(labels).toContainText('Use by');
  await labels
    .getByRole('combobox', { name: 'Sheet of labels' })
    .selectOption({ label: 'A4, 2 × 4, 99 × 68 mm' });
  await labels.getByRole('textbox', { name: 'Begin at label' }).fill('9');
  await expect(labels).toContainText('From 1 to 8.');
  await labels.getByRole('textbox', { name: 'Begin at label' }).fill('4');
  await page.emulateMedia({ media: 'print' });
  const sheets = page.locator('[data-sheets]');
  await expect(sheets).toBeVisible();
  const faces = sheets.getByRole('img', { name: 'Code that opens the batch' });
  const count = await faces.count();
  const first = await faces.first().evaluate((code) => {
    const label = code.closest('div')?.parentElement?.getBoundingClientRect();
    const { scrollX, scrollY } = window;
    const px = label ? [label.x + scrollX, label.y + scrollY, label.width, label.height] : [];
    return px.map((one) => (one * 25.4) / 96);
  });
  // the fourth place of two columns: second column, second row
  const wanted = [4.7 + 99.1 + 2.5, 13.1 + 67.7, 99.1, 67.7];
  wanted.forEach((mm, i) => expect(Math.abs((first[i] ?? 0) - mm)).toBeLessThan(0.4));
  await expect(page.getByRole('table', { name: 'Nutrition' })).toHaveCount(count);
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.byteLength).toBeGreaterThan(5000);
  const pages = pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g) ?? [];
  expect(pages.length).toBe(Math.ceil((count + 3) / 8));
  // A4 in points
  expect(pdf.toString('latin1')).toMatch(/MediaBox\s*\[\s*0\s+0\s+59[45][.\d]*\s+84[12]/);
});

test('a run ends in jars, on a phone without a sideways scroll', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openSampleBook(page);
  await page.goto('/make?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Start making' }).click();
  await page.getByText(/^step 1 of/).waitFor();
  await page.getByRole('button', { name: 'In, as written' }).click();
  await page.getByText(/^step 2 of/).waitFor();
  await page.getByRole('button', { name: 'Look and taste now' }).click();
  await page.getByRole('button', { name: 'Keep it, and into jars' }).click();
  await expect(page.getByText(/^Batch WHH-/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'How long it keeps' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'What it cost' })).toBeVisible();
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
  const cost = page.getByRole('region', { name: 'What it cost' });
  await cost.getByRole('textbox').fill('30');
  await expect(page.getByText(/^then € \d+\.\d\d for 100 g/)).toBeVisible();
  await cost.getByRole('button', { name: 'Count work and power' }).click();
  await cost.getByRole('textbox', { name: 'It took' }).fill('20');
  await cost.getByRole('textbox', { name: 'An hour of work' }).fill('18');
  await cost.getByRole('textbox', { name: 'Power, a making' }).fill('0.4');
  await expect(cost).toContainText('€ 6.40 is work and power');
  // whatever is not saved by then is taken up
  await page.reload();
  await expect(cost).toContainText('€ 6.40 is work and power');
});

test('a sheet of labels of one’s own is measured once and kept, and says where it reaches over', async ({
  page,
}) => {
  const labels = await jarsToLabel(page);
  const sheet = labels.getByRole('combobox', { name: 'Sheet of labels' });
  await sheet.selectOption({ label: 'our own' });
  const own = labels.getByRole('group', { name: 'Our own sheet' });
  await own.getByRole('textbox', { name: 'Labels across' }).fill('4');
  await expect(own.getByRole('alert')).toContainText('They reach 268.7 mm across the page.');
  await own.getByRole('textbox', { name: 'A label, wide' }).fill('45');
  await expect(own.getByRole('alert')).toHaveCount(0);
  await saved(page);
  await page.reload();
  await sheet.selectOption({ label: 'our own' });
  await expect(own.getByRole('textbox', { name: 'A label, wide' })).toHaveValue('45');
  await page.emulateMedia({ media: 'print' });
  const label = page.locator('[data-sheets]').getByRole('img').first();
  await expect(label).toBeVisible();
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.toString('latin1')).toMatch(/MediaBox\s*\[\s*0\s+0\s+59[45][.\d]*\s+84[12]/);
});

test('a batch that is wanted again counts for what is usual here', async ({ page }) => {
  await openSampleBook(page);
  const counted = async () => {
    await page.goto('/kit');
    const house = page.getByRole('region', { name: 'House taste' });
    await expect(house).toContainText(/n \d+; usual/);
    return Number(/n (\d+); usual/.exec((await house.textContent()) ?? '')?.[1]);
  };
  const before = await counted();
  await page.goto('/trials?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Into jars' }).last().click();
  const again = page.getByRole('group', { name: 'Made so again' });
  await again.getByRole('button', { name: 'again', exact: true }).click();
  await saved(page);
  await page.reload();
  await expect(again.getByRole('button', { name: 'again', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  expect(await counted()).toBe(before + 1);
});
