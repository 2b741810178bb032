import { expect, type Page, test } from '@playwright/test';
import { drawnBoard } from '../scripts/drawnBoard.mjs';
import { expectClean } from './clean';
import { openBlankBook, openSampleBook, saved } from './cook';

const firstTrial = (page: Page) => page.getByRole('listitem', { name: 'Trial 6', exact: true });
const pictures = (page: Page) => page.getByRole('button', { name: /^Picture,/ });

/** Opens a trial's pictures and adds one. */
async function addPicture(page: Page, png: Buffer): Promise<void> {
  await page.goto('/trials?dip=weir-house-hummus');
  await firstTrial(page)
    .getByRole('button', { name: /^Pictures/ })
    .click();
  await page.getByLabel('A picture', { exact: true }).setInputFiles({
    ...{ name: 'board.png', mimeType: 'image/png' },
    buffer: png,
  });
  await expect(pictures(page)).toHaveCount(1);
}

test('a spread is measured on a picture taken aslant, and its width goes into the ring test with its error', async ({
  page,
}) => {
  await openSampleBook(page);
  const board = await drawnBoard(page, 132, 20);
  await addPicture(page, board.png);
  await pictures(page).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Measure a spread' }).click();
  await expect(dialog.getByRole('status')).toContainText(
    'Tap 3 places on the rim of what you know',
  );
  const shown = dialog.getByRole('group', { name: /^The picture\./ });
  const box = await shown.boundingBox();
  if (!box) throw new Error('the picture is shown');
  for (const [x, y] of [...board.lid, ...board.spread]) {
    await page.mouse.click(
      box.x + (x / board.widthPx) * box.width,
      box.y + (y / board.heightPx) * box.height,
    );
  }
  await expect(dialog.getByRole('status')).toContainText('By the edges of both rims');
  const told = await dialog.getByRole('status').innerText();
  const [, width] = /^(\d+) ± /.exec(told) ?? [];
  expect(Math.abs(Number(width) / 132 - 1)).toBeLessThan(0.03);
  await expectClean(page, 'measuring on a picture');
  await dialog.getByRole('button', { name: 'Keep the width' }).click();
  await expect(dialog).toContainText(`Spread ${width ?? ''} ± `);
  await dialog.getByRole('textbox', { name: 'What it shows' }).fill('After thirty seconds');
  await dialog.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('button', { name: 'After thirty seconds' })).toContainText('mm');
  await firstTrial(page).getByRole('button', { name: 'Read it cold again' }).click();
  await firstTrial(page).getByRole('button', { name: 'ring', exact: true }).click();
  await page.getByRole('button', { name: /mm from its picture$/ }).click();
  await expect(page.getByRole('textbox', { name: 'Spread' })).toHaveValue(width ?? '');
  await saved(page);
  await page.reload();
  await firstTrial(page).getByRole('button', { name: 'Pictures (1)' }).click();
  await expect(page.getByRole('button', { name: 'After thirty seconds' })).toBeVisible();
});

test('places are put and moved by keys, and one too few is said', async ({ page }) => {
  await openSampleBook(page);
  const { png } = await drawnBoard(page, 120, 0);
  await addPicture(page, png);
  await pictures(page).click();
  await page.getByRole('button', { name: 'Measure a spread' }).click();
  const board = page.getByRole('group', { name: /^The picture\./ });
  await board.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog').getByRole('status')).toContainText('Tap 2 places');
  const place = page.getByRole('button', { name: 'Place 1 on the rim of what you know' });
  const before = await place.locator('circle').last().getAttribute('cx');
  await place.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(place.locator('circle').last()).toHaveAttribute('cx', String(Number(before) + 10));
  await page.keyboard.press('Delete');
  await expect(place).toHaveCount(0);
});

test('on a phone a small rim is looked at closely, moved, and tapped', async ({ browser }) => {
  const page = await (
    await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })
  ).newPage();
  await openSampleBook(page);
  const { png, widthPx, lid } = await drawnBoard(page, 120, 15);
  await addPicture(page, png);
  await pictures(page).tap();
  await page.getByRole('button', { name: 'Measure a spread' }).tap();
  const dialog = page.getByRole('dialog');
  const shown = dialog.getByRole('group', { name: /^The picture\./ });
  /** Taps a place of the picture where it is shown now. */
  const tap = async ([x, y]: [number, number]) => {
    const box = await shown.boundingBox();
    const [left = 0, top = 0, wide = widthPx] = ((await shown.getAttribute('viewBox')) ?? '')
      .split(' ')
      .map(Number);
    if (!box) throw new Error('the picture is shown');
    const scale = box.width / wide;
    await page.touchscreen.tap(box.x + (x - left) * scale, box.y + (y - top) * scale);
  };
  const [first, second, third] = lid;
  if (!first || !second || !third) throw new Error('three places');
  await tap(first);
  await expect(dialog.getByRole('status')).toContainText('Tap 2 places');
  await dialog.getByRole('button', { name: 'Closer' }).tap();
  await dialog.getByRole('button', { name: 'Closer' }).tap();
  await tap(second);
  await tap(third);
  await expect(dialog.getByRole('status')).toContainText('Tap 3 places on the rim of the spread');
  await expectClean(page, 'measuring on a phone');
  await page.context().close();
});

test('a book with pictures goes into one file and comes out of it in another browser', async ({
  page,
  browser,
}) => {
  await openSampleBook(page);
  const { png } = await drawnBoard(page, 120, 10);
  await addPicture(page, png);
  await saved(page);
  await page.goto('/');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export' }).click();
  const file = await waiting;
  expect(file.suggestedFilename()).toMatch(/^cobbet-book-.*\.zip$/);
  const path = await file.path();
  const other = await (await browser.newContext()).newPage();
  await openBlankBook(other);
  await other.getByLabel('Book file').setInputFiles(path);
  await expect(other.getByText(/is open\. Undo brings the other book back/)).toBeVisible();
  await other.goto('/trials?dip=weir-house-hummus');
  await firstTrial(other).getByRole('button', { name: 'Pictures (1)' }).click();
  await pictures(other).click();
  await expect(other.getByRole('dialog').getByRole('img')).toHaveJSProperty('complete', true);
  const wide = await other
    .getByRole('dialog')
    .getByRole('img')
    .evaluate((img: HTMLImageElement) => img.naturalWidth);
  expect(wide).toBe(1600);
  await other.context().close();
});

test('what is no picture is said, and one thrown away is back by undo', async ({ page }) => {
  await openSampleBook(page);
  const { png } = await drawnBoard(page, 120, 10);
  await addPicture(page, png);
  await page.getByLabel('A picture', { exact: true }).setInputFiles({
    ...{ name: 'notes.txt', mimeType: 'text/plain' },
    buffer: Buffer.from('no picture'),
  });
  await expect(page.getByText('That is no picture this browser can read.')).toBeVisible();
  await pictures(page).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Throw away' }).click();
  await expect(pictures(page)).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(pictures(page)).toHaveCount(1);
  await pictures(page).click();
  await expect(page.getByRole('dialog').getByRole('img')).toBeVisible();
});
