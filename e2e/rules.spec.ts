import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';
import { amount, openBench, saved } from './cook';

const adding = (page: Page) => page.getByRole('combobox', { name: 'Add something' });
const rules = (page: Page) => page.getByRole('list', { name: 'Rules of this dip' });
const tie = (page: Page, words: string) =>
  page.getByRole('button', { name: new RegExp(`^Rule: ${words}`) });

async function rule(page: Page, words: string) {
  await adding(page).fill(words);
  await page.getByRole('option', { name: /^Hold to it:/ }).waitFor();
  await adding(page).press('Enter');
}

test('a rule is typed where things are added, drawn as a tie, broken by the hand and put right', async ({
  page,
}) => {
  await openBench(page);
  await rule(page, 'as much tahini as lemon');
  await expect(tie(page, 'as much tahini as lemon, does not hold')).toBeVisible();
  await tie(page, 'as much tahini as lemon').click();
  await expect(rules(page)).toContainText('Tahini as much as lemon juice');
  await expect(rules(page)).toContainText('too much');
  const axe = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze();
  expect(axe.violations.map(({ id, nodes }) => `${id} ${nodes[0]?.target.join(' ')}`)).toEqual([]);
  await rules(page)
    .getByRole('button', { name: /^Lemon juice to/ })
    .click();
  await expect(rules(page)).toContainText('holds');
  await expect(tie(page, 'as much tahini as lemon, holds')).toBeVisible();
  // the hand is right: another amount stands, and is only said
  await amount(page, 'Lemon juice').fill('1 tbsp');
  await amount(page, 'Lemon juice').press('Enter');
  await expect(rules(page)).toContainText('too much');
  await expect(amount(page, 'Lemon juice')).toHaveValue('1 tbsp');
  await saved(page);
  await page.reload();
  await expect(tie(page, 'as much tahini as lemon, does not hold')).toBeVisible();
});

test('landing keeps a rule, and says which rule a target fights with', async ({ page }) => {
  await openBench(page);
  await rule(page, 'salt 4 g a kilo');
  await page.getByRole('button', { name: 'Land it' }).click();
  const landing = page.getByRole('region', { name: 'Landing' });
  await expect(landing.getByRole('heading', { name: 'It can’t all be met' })).toBeVisible();
  await expect(landing).toContainText('without the rule “salt 4 g a kilo”');
  await landing.getByRole('button', { name: 'Leave it' }).click();
  await tie(page, 'salt 4 g a kilo').click();
  await page.getByRole('button', { name: 'Drop the rule salt 4 g a kilo' }).click();
  await expect(tie(page, 'salt 4 g a kilo')).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(tie(page, 'salt 4 g a kilo')).toBeVisible();
});

test('a rule that can’t be followed says why and loses nothing typed', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: 'A rule between rows' }).click();
  const field = page.getByRole('textbox', { name: 'A new rule' });
  await field.fill('as much tahini as squash');
  await expect(page.getByText('Nothing in this dip is called “squash”.')).toBeVisible();
  await field.fill('some tahini');
  await field.press('Enter');
  await expect(page.getByText('Say how much of one against another')).toBeVisible();
  await expect(field).toHaveValue('some tahini');
  await field.fill('at least twice as much chickpeas as tahini');
  await expect(page.getByText('Chickpeas at least twice tahini, by')).toBeVisible();
  await field.press('Enter');
  await expect(rules(page).getByRole('listitem')).toHaveCount(1);
  await expect(field).toHaveValue('');
});

test('another size keeps a rule that held, and the lead its floor', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: 'Never less than that' }).click();
  await expect(tie(page, 'the lead at least')).toBeVisible();
  await page.getByRole('button', { name: 'Size' }).click();
  await page.getByRole('combobox', { name: 'Sized by' }).selectOption('times');
  await page.getByRole('textbox', { name: 'How much' }).fill('3');
  await page.getByRole('button', { name: 'Take this size' }).click();
  await expect(
    page.getByRole('button', { name: /Rule: the lead at least .*, holds/ }),
  ).toBeVisible();
});
