import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { beginBlankDip, openBlankBook, openSampleBook, saved } from './cook';

interface BookFile {
  format: string;
  version: number;
  dips: { name: string; rows: { amount: unknown }[] }[];
  trials: unknown[];
}

test('the whole book goes out as one file and comes in again', async ({ page }) => {
  await openSampleBook(page);
  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export' }).click();
  const download = await downloading;
  expect(download.suggestedFilename()).toMatch(/^cobbet-book-.*\.json$/);
  const text = await readFile(await download.path(), 'utf8');
  const file = JSON.parse(text) as BookFile;
  expect([file.format, file.version, file.dips.length, file.trials.length]).toEqual([
    'cobbet-book',
    20,
    14,
    40,
  ]);

  const [first] = file.dips;
  if (first) first.name = 'Renamed outside';
  await page.getByLabel('Book file').setInputFiles({
    name: 'book.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(file)),
  });
  await expect(page.getByText('book.json is open')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Renamed outside' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('link', { name: 'Weir House hummus', exact: true })).toBeVisible();
});

test('a bad file changes nothing and the message names the place', async ({ page }) => {
  await openSampleBook(page);
  const response = await page.request.get('/sample-book.json');
  const file = (await response.json()) as BookFile;
  const row = file.dips[2]?.rows[1];
  if (row) row.amount = 7;
  await page.getByLabel('Book file').setInputFiles({
    name: 'bad.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(file)),
  });
  await expect(page.getByRole('alert').filter({ hasText: 'not taken' })).toContainText(
    'dips[2].rows[1].amount',
  );
  await expect(page.getByText('14 dips, 40 trials')).toBeVisible();
  await page.getByLabel('Book file').setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{ "format": "cobbet-book",\n oops }'),
  });
  await expect(page.getByRole('alert').filter({ hasText: 'not taken' })).toContainText('line 2');
});

test('a second tab is kept in step, and either can undo', async ({ context, page }) => {
  await openBlankBook(page);
  const other = await context.newPage();
  await other.goto('/');
  await expect(other.getByText('Nothing here yet')).toBeVisible();
  await beginBlankDip(page, 'Two-tab dip');
  await expect(other.getByRole('link', { name: 'Two-tab dip' })).toBeVisible();
  await other.keyboard.press('Control+z');
  await expect(other.getByText('Nothing here yet')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'That dip is not in the book' })).toBeVisible();
});

test('a browser that keeps no data says what to do', async ({ page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'indexedDB', {
      get: () => ({
        open: () => {
          throw new DOMException('denied', 'SecurityError');
        },
      }),
    });
  });
  await page.goto('/');
  await expect(
    page.getByRole('heading', { name: 'There is no place for the book here' }),
  ).toBeVisible();
  await expect(page.getByText('This browser keeps no data', { exact: false })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Try again' })).toBeVisible();
});

test('a full disk is said, with the book to export; nothing is half written and nothing lost', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function full(this: IDBObjectStore, ...args) {
      if (this.name === 'place') throw new DOMException('full', 'QuotaExceededError');
      return put.apply(this, args as [unknown]);
    };
  });
  await page.getByRole('button', { name: 'More for Edamame and mint' }).click();
  await page.getByRole('menuitem', { name: 'Delete with its trials' }).click();
  await expect(page.getByText('no room left', { exact: false })).toBeVisible();
  await expect(page.getByText('Not saved', { exact: true })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Export the book' })).toBeVisible();
  // what was done waits; with room again it is there, and can be taken back
  await page.reload();
  await expect(page.getByText(/^13 dips, 3\d trials/)).toBeVisible();
  await expect(page.getByText('The last thing done before the page closed is kept.')).toBeVisible();
  await saved(page);
  await page.keyboard.press('Control+z');
  await expect(page.getByText('14 dips, 40 trials')).toBeVisible();
});
