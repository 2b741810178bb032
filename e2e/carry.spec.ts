import { readFile } from 'node:fs/promises';
import { expect, type Page, test } from '@playwright/test';
import { expectClean } from './clean';
import { openBlankBook, openSampleBook } from './cook';

/** What a tap downloads, as text. */
async function downloaded(page: Page, tap: () => Promise<void>): Promise<[string, string]> {
  const waiting = page.waitForEvent('download');
  await tap();
  const file = await waiting;
  return [file.suggestedFilename(), await readFile(await file.path(), 'utf8')];
}

test('a dip is carried out as a recipe and a card, and read in again in another book', async ({
  page,
}) => {
  await openSampleBook(page);
  const leaf = page.getByRole('listitem').filter({ hasText: 'Butter bean and sage' }).last();
  await leaf.getByRole('button', { name: /^More/ }).first().click();
  await page.getByRole('menuitem', { name: 'As a file…' }).click();
  const dialog = page.getByRole('dialog');
  const [name, recipe] = await downloaded(page, () =>
    dialog.getByRole('button', { name: /^A recipe for other programs/ }).click(),
  );
  expect(name).toBe('butter-bean-and-sage.json');
  expect(JSON.parse(recipe)).toMatchObject({ '@type': 'Recipe', name: 'Butter bean and sage' });
  const [, card] = await downloaded(page, () =>
    dialog.getByRole('button', { name: 'A card in Markdown' }).click(),
  );
  expect(card).toMatch(/^# Butter bean and sage\n/);
  await expectClean(page, 'as a file');
  await dialog.getByRole('button', { name: 'Done' }).click();
  await page.goto('/new');
  const html = `<html><head><script type="application/ld+json">${recipe}</script></head><body>x</body></html>`;
  const file = page.getByLabel('Recipe file');
  await file.setInputFiles({
    ...{ name: 'page.html', mimeType: 'text/html' },
    buffer: Buffer.from('<html><body>nothing</body></html>'),
  });
  await expect(page.getByRole('alert').filter({ hasText: 'page.html' })).toContainText(
    'page.html was not taken. The page has no recipe data in it.',
  );
  await file.setInputFiles({
    ...{ name: 'saved.html', mimeType: 'text/html' },
    buffer: Buffer.from(html),
  });
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Butter bean and sage');
  await expect(page.getByRole('textbox', { name: 'What goes in' })).toHaveValue(/butter beans/i);
});

test('tables of the book come as CSV', async ({ page }) => {
  await openSampleBook(page);
  await page.getByRole('button', { name: 'Tables' }).click();
  const [name, csv] = await downloaded(page, () =>
    page.getByRole('menuitem', { name: 'Trials' }).click(),
  );
  expect(name).toMatch(/^cobbet-trials-\d{4}-\d\d-\d\d\.csv$/);
  const [head = '', ...rows] = csv.trim().split('\n');
  expect(head).toMatch(/^dip,trial,made on,what went in/);
  expect(rows.length).toBeGreaterThanOrEqual(40);
});

test('a blank book has tables too, and a text file is lines', async ({ page }) => {
  await openBlankBook(page);
  await page.goto('/new');
  await page.getByLabel('Recipe file').setInputFiles({
    ...{ name: 'dip.txt', mimeType: 'text/plain' },
    buffer: Buffer.from('Lockside dip\n\n200 g canned chickpeas\n2 tbsp tahini\n'),
  });
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Lockside dip');
  await page.goto('/');
  await page.getByRole('button', { name: 'Tables' }).click();
  const [, csv] = await downloaded(page, () =>
    page.getByRole('menuitem', { name: 'What is in the house' }).click(),
  );
  expect(csv.trim()).toBe('ingredient,name,amount,use by');
});

test('another book is joined: what is new, alike and other is said, chosen, and one undo brings this one back', async ({
  page,
}) => {
  await openSampleBook(page);
  const [, text] = await downloaded(page, () =>
    page.getByRole('button', { name: 'Export' }).click(),
  );
  const book = JSON.parse(text) as {
    dips: { id: string; name: string; note: string }[];
    trials: { id: string; dipId: string }[];
  };
  const [sage] = book.dips.filter(({ id }) => id === 'butter-bean-sage');
  if (!sage) throw new Error('it is in the sample book');
  sage.note = 'From the other tablet.';
  book.dips.push({ ...sage, id: 'from-there', name: 'Made over there' });
  const join = page.getByLabel('Another book to join');
  await join.setInputFiles({
    ...{ name: 'other.json', mimeType: 'application/json' },
    buffer: Buffer.from('{ "format": "cobbet-book" }'),
  });
  await expect(page.getByText(/^The file was not taken\./)).toBeVisible();
  await join.setInputFiles({
    ...{ name: 'other.json', mimeType: 'application/json' },
    buffer: Buffer.from(JSON.stringify(book)),
  });
  const dialog = page.getByRole('dialog', { name: 'Join other.json to this book' });
  await expect(dialog.getByRole('status')).toContainText(/^1 new, \d+ alike, .* 1 changed in both/);
  const differs = dialog.getByRole('list', { name: 'What both have changed' });
  await expect(differs).toContainText('note: here');
  await expect(differs).toContainText('there “From the other tablet.”');
  await expectClean(page, 'joining');
  await differs.getByRole('button', { name: 'the other’s' }).click();
  await dialog.getByRole('button', { name: 'Join them' }).click();
  await expect(page.getByText(/^other\.json is joined: 1 new, 1 taken over/)).toBeVisible();
  await expect(page.getByRole('link', { name: 'Made over there' })).toBeVisible();
  // joined once more nothing is new
  await join.setInputFiles({
    ...{ name: 'other.json', mimeType: 'application/json' },
    buffer: Buffer.from(JSON.stringify(book)),
  });
  await expect(dialog.getByRole('status')).toContainText(
    /^0 new, \d+ alike, 0 later here, .* 0 changed in both/,
  );
  await dialog.getByRole('button', { name: 'Leave it' }).click();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('link', { name: 'Made over there' })).toHaveCount(0);
});

test('a table of another program is seen before it is taken, column by column, and one undo takes it back', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.getByLabel('A table as CSV').setInputFiles({
    ...{ name: 'prices.csv', mimeType: 'text/csv' },
    buffer: Buffer.from(
      'Food;Paid today;Pack\nTahini, hulled, light;5,10;300 g\nMoon cheese;2;100 g\n',
    ),
  });
  const dialog = page.getByRole('dialog', { name: 'Take prices.csv' });
  await dialog.getByLabel('It is a table of').selectOption('prices');
  await expect(dialog.getByRole('list', { name: 'Lines left out' })).toContainText(
    'No column is “price”.',
  );
  await dialog.getByLabel('Column for price').selectOption('Paid today');
  await expect(dialog.getByRole('status')).toContainText('1 to take, 0 already so, 1 left out');
  await expect(dialog.getByRole('list', { name: 'Lines left out' })).toContainText(
    'Line 3: “Moon cheese” is not in the larder.',
  );
  await expectClean(page, 'a table taken in');
  await dialog.getByRole('button', { name: 'Take 1' }).click();
  await expect(page.getByText('1 line of prices.csv taken. 1 left out.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Undo: Take prices.csv' }).first()).toBeEnabled();
});

test('a chart comes as SVG with its title and rows, and as PNG', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/bench?dip=weir-house-hummus');
  const button = page.getByRole('button', { name: /^Weir House hummus: .* as a picture$/ });
  await button.click();
  const [name, svg] = await downloaded(page, () =>
    page.getByRole('menuitem', { name: /^SVG/ }).click(),
  );
  expect(name).toMatch(/^weir-house-hummus.*\.svg$/);
  const read = await page.evaluate((text) => {
    const parsed = new DOMParser().parseFromString(text, 'image/svg+xml');
    const texts = [...parsed.querySelectorAll('text')].map((one) => one.textContent);
    return { broken: parsed.querySelector('parsererror') !== null, texts };
  }, svg);
  expect(read.broken).toBe(false);
  expect(read.texts).toEqual(
    expect.arrayContaining([
      expect.stringMatching(/^Weir House hummus: scoops/),
      '1/3 cup Tahini, hulled',
      'spreads',
      'Rested and chilled',
    ]),
  );
  expect(svg).not.toContain('var(--');
  await button.click();
  const waiting = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: /^PNG/ }).click();
  const png = await readFile(await (await waiting).path());
  expect(png.subarray(1, 4).toString()).toBe('PNG');
  expect(png.length).toBeGreaterThan(20_000);
});

test('the book is kept in a folder too, written anew with every change, until it is left', async ({
  page,
}) => {
  // the browser's own private folder stands in for one that is chosen by hand
  await page.addInitScript(() => {
    Object.assign(window, {
      showDirectoryPicker: async () => {
        const root = await navigator.storage.getDirectory();
        return root.getDirectoryHandle('galley', { create: true });
      },
    });
  });
  const inFolder = () =>
    page.evaluate(async () => {
      const root = await navigator.storage.getDirectory();
      const folder = await root.getDirectoryHandle('galley');
      const names: string[] = [];
      for await (const name of (folder as unknown as { keys(): AsyncIterable<string> }).keys()) {
        names.push(name);
      }
      const file = await (await folder.getFileHandle('cobbet-book.json')).getFile();
      return { names: names.sort(), text: await file.text() };
    });
  await openSampleBook(page);
  const line = page.getByRole('status', { name: 'Where else the book is' });
  await expect(line).toContainText('The book is in this browser only.');
  await line.getByRole('button', { name: 'Keep it in a folder too' }).click();
  await expect(line).toContainText('Also kept in “galley”');
  const { names } = await inFolder();
  expect(names).toHaveLength(2);
  expect(names[1]).toBe('cobbet-book.json');
  await page.getByRole('link', { name: 'New dip' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Kept in the galley');
  await page.getByRole('button', { name: 'Blank, to add to one by one' }).click();
  await expect(async () =>
    expect((await inFolder()).text).toContain('Kept in the galley'),
  ).toPass();
  await page.goto('/');
  await line.getByRole('button', { name: 'No longer' }).click();
  await expect(line).toContainText('Last saved to a file');
});

test('a dip over time: drawn, told by month, and each thing leads where it is', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/trials?dip=weir-house-hummus');
  await page.getByRole('link', { name: 'Over time' }).click();
  await expect(page.getByRole('img', { name: /^Body over time: Trial 1 / })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'June 2026' })).toBeVisible();
  await expectClean(page, 'a dip over time');
  await page.getByRole('link', { name: 'Is the sesame missed?' }).click();
  await expect(
    page.getByRole('heading', { level: 1, name: 'Is the sesame missed?' }),
  ).toBeVisible();
});

test('use-by dates go to a calendar', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/house');
  // what the sample house holds was made long ago; something that keeps until tomorrow
  await page.getByRole('combobox', { name: 'Add something' }).fill('1 bunch parsley');
  await page.getByRole('listbox').getByRole('option').first().click();
  await page.getByRole('combobox', { name: /^Parsley.*, how long it keeps$/ }).selectOption({
    label: 'by tomorrow',
  });
  const [name, text] = await downloaded(page, () =>
    page.getByRole('button', { name: 'Dates to a calendar' }).click(),
  );
  expect(name).toBe('use-by-dates.ics');
  expect(text).toContain('SUMMARY:Use by: Parsley');
  expect(text).toContain('BEGIN:VALARM');
});
