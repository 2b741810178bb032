import { expect, type Page, test } from '@playwright/test';
import { expectClean } from './clean';
import { openSampleBook } from './cook';
import { sidewaysOf } from './sideways';

const field = (page: Page) => page.getByRole('searchbox', { name: 'Find in the whole book' });
const found = (page: Page) => page.getByRole('list', { name: 'Found' }).getByRole('listitem');

test('a key in any room finds a dip with its name misspelt, by keys alone', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/day?plan=regatta-first-day');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('/');
  await expect(field(page)).toBeFocused();
  await page.keyboard.type('watercres hazlenut');
  await expect(found(page).first()).toContainText('Watercress');
  await page.keyboard.press('ArrowDown');
  await expect(found(page).first().getByRole('link')).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/(bench|trials|design|tasting|house|day|larder)/);
});

test('what it was understood as is shown, kept in the address, and can be looked for as words instead', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/find');
  await field(page).fill('dips without sesame');
  const understood = page.getByRole('group', { name: 'Understood as' });
  await expect(understood.getByRole('button')).toHaveText(['without sesame', 'only dips']);
  await expect(found(page).first()).toBeVisible();
  const titles = await found(page).locator('a').allTextContents();
  expect(titles.some((text) => text.startsWith('Weir House hummusdip'))).toBe(false);
  expect(titles.some((text) => text.includes('no sesame') || text.includes('Butter bean'))).toBe(
    true,
  );
  await expect(page).toHaveURL(/q=dips%20without%20sesame/);
  await page.reload();
  await expect(field(page)).toHaveValue('dips without sesame');
  await understood.getByRole('button', { name: 'only dips' }).click();
  await expect(field(page)).toHaveValue('“dips” without sesame');
  await field(page).fill('zzzzzz');
  await expect(page.getByText('Nothing like that is in the book.')).toBeVisible();
});

test('what was changed in a dip is its trials, and one is opened where it stands', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/find');
  await page.getByRole('button', { name: 'what did I change in Weir House hummus' }).click();
  await expect(found(page).first()).toContainText('Weir House hummus, trial');
  const third = found(page).filter({ hasText: 'Weir House hummus, trial 3' });
  await third.getByRole('link').click();
  const trial = page.getByRole('listitem', { name: 'Trial 3', exact: true });
  await expect(trial).toBeInViewport();
});

test('something noted a moment ago is found', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/kit');
  await page.goto('/bench?dip=butter-bean-sage');
  await page.goto('/find?q=quokka');
  await expect(page.getByText('Nothing like that is in the book.')).toBeVisible();
  await page.goto('/new');
  await page.getByRole('textbox', { name: 'Name' }).fill('Quokka dip');
  await page.getByRole('button', { name: 'Blank, to add to one by one' }).click();
  await page.getByRole('heading', { level: 1, name: 'Quokka dip' }).waitFor();
  await page.keyboard.press('Control+k');
  await field(page).fill('quoka');
  await expect(found(page)).toHaveCount(1);
  await expect(found(page)).toContainText('Quokka dip');
});

test('a dip’s trials are narrowed, and the address keeps it', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/trials?dip=weir-house-hummus');
  const only = page.getByRole('searchbox', { name: 'Only trials' });
  const strips = page.getByRole('listitem', { name: /^Trial \d+$/ });
  await expect(strips.first()).toBeVisible();
  const all = await strips.count();
  await only.fill('short of salt');
  await expect(page.getByText('marked salt short')).toBeVisible();
  await expect(async () => expect(await strips.count()).toBeLessThan(all)).toPass();
  await expect(page).toHaveURL(/only=short/);
  await page.reload();
  await expect(only).toHaveValue('short of salt');
  await only.fill('zzzzzz');
  await expect(page.getByText('No trial of it is like that.')).toBeVisible();
  await only.fill('');
  await expect(strips).toHaveCount(all);
});

for (const [scheme, width] of [
  ['light', 390],
  ['dark', 1280],
] as const) {
  test(`finding is clean and fits: ${scheme}, ${width}`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: scheme, reducedMotion: 'reduce' });
    await page.setViewportSize({ width, height: 844 });
    await openSampleBook(page);
    await page.goto('/find');
    await expect(field(page)).toBeVisible();
    await expectClean(page, 'nothing asked');
    await field(page).fill('hummus in May too salty');
    await expect(page.getByRole('group', { name: 'Understood as' })).toContainText('salt over');
    await field(page).fill('hummus');
    await expect(found(page).first()).toBeVisible();
    expect(await sidewaysOf(page)).toEqual([]);
    await expectClean(page, 'found');
    await page.goto('/trials?dip=weir-house-hummus');
    await expect(page.getByRole('searchbox', { name: 'Only trials' })).toBeVisible();
    expect(await sidewaysOf(page)).toEqual([]);
    await expectClean(page, 'narrowed');
  });
}
