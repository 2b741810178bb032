import { expect, type Page, test } from '@playwright/test';
import { amount, openBench, openSampleBook, saved } from './cook';

const heading = (page: Page, name: string | RegExp) => page.getByRole('heading', { name });

/** Opens the book's database from outside Cobbet, at a version, and keeps hold of it where that is wanted. */
const openRaw = (page: Page, version: number | undefined, hold: boolean) =>
  page.evaluate(
    ([wanted, keep]) =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('cobbet', wanted);
        opening.onupgradeneeded = () => {
          // as an older Cobbet made them
          const lists =
            'settings larder dips trials runs plans stock yields byproducts timers place';
          for (const name of lists.split(' ')) {
            if (!opening.result.objectStoreNames.contains(name)) {
              opening.result.createObjectStore(name, { keyPath: 'id' });
            }
          }
          for (const name of ['history', 'labels']) {
            if (!opening.result.objectStoreNames.contains(name)) {
              opening.result.createObjectStore(name);
            }
          }
        };
        opening.onerror = () => reject(opening.error ?? new Error('not opened'));
        opening.onsuccess = () => {
          if (!keep) opening.result.close();
          resolve();
        };
      }),
    [version, hold] as const,
  );

test('a book of a newer Cobbet says so, and can be saved as it is', async ({ page }) => {
  await openSampleBook(page);
  await saved(page);
  await page.goto('/icon.svg');
  await openRaw(page, 990, false);
  await page.goto('/');
  await expect(heading(page, 'This book is newer than this Cobbet')).toBeVisible();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save what is there to a file' }).click();
  expect((await waiting).suggestedFilename()).toBe('cobbet-what-was-there.json');
});

test('an older tab that holds the book is waited for, and let go by itself', async ({
  page,
  context,
}) => {
  await page.goto('/icon.svg');
  await openRaw(page, 6, true);
  const next = await context.newPage();
  await next.goto('/');
  await expect(heading(next, 'Waiting for another tab')).toBeVisible();
  await expect(next.getByText('this one goes on by itself')).toBeVisible();
  await page.close();
  await expect(next.getByRole('button', { name: 'Open the sample book' })).toBeVisible();
});

test('a browser that keeps nothing says what to do', async ({ page }) => {
  await page.addInitScript(() => {
    indexedDB.open = () => {
      throw new DOMException('no', 'SecurityError');
    };
  });
  await page.goto('/');
  await expect(heading(page, 'There is no place for the book here')).toBeVisible();
  await expect(page.getByText('Private windows')).toBeVisible();
});

test('a full device says so; what was done is there, can be exported, and is saved once there is room', async ({
  page,
}) => {
  await openBench(page);
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    (window as unknown as { room: () => void }).room = () => {
      IDBObjectStore.prototype.put = put;
    };
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await amount(page, 'Water').fill('5 tbsp');
  const told = page.getByRole('alert').filter({ hasText: 'no room left' });
  await expect(told).toBeVisible();
  await expect(page.getByText('Not saved', { exact: true })).toBeVisible();
  await expect(told.getByRole('button', { name: 'Export the book' })).toBeVisible();
  await page.evaluate(() => (window as unknown as { room: () => void }).room());
  await told.getByRole('button', { name: 'Try again' }).click();
  await saved(page);
  await expect(told).toBeHidden();
  await page.reload();
  await expect(amount(page, 'Water')).toHaveValue('5 tbsp');
});

test('a record nobody can read takes no room down for good: it is named, can be saved and deleted', async ({
  page,
}) => {
  await openSampleBook(page);
  await saved(page);
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('cobbet');
        opening.onsuccess = () => {
          const transaction = opening.result.transaction('dips', 'readwrite');
          transaction.objectStore('dips').put({ id: 'half', name: 'Half a dip', parentId: null });
          transaction.oncomplete = () => {
            opening.result.close();
            resolve();
          };
          transaction.onerror = () => reject(new Error('not put'));
        };
      }),
  );
  await page.goto('/bench?dip=half');
  await expect(heading(page, 'This room fell over')).toBeVisible();
  const bad = page.getByRole('region', { name: 'What can’t be read' });
  await expect(bad).toContainText('Half a dip');
  const waiting = page.waitForEvent('download');
  await bad.getByRole('button', { name: 'Save it to a file' }).click();
  await waiting;
  await bad.getByRole('button', { name: 'Delete it' }).click();
  await expect(heading(page, 'That dip is not in the book')).toBeVisible();
});

test('a script in a text is a text and nothing more', async ({ page }) => {
  await openSampleBook(page);
  const script = '<img src=x onerror="window.ran=1"><script>window.ran=1</script>';
  await page.goto('/bench?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'About it' }).click();
  for (const name of ['Name', 'Note', 'What to do next']) {
    await page.getByRole('textbox', { name, exact: true }).fill(script);
  }
  await page.getByRole('button', { name: 'Done' }).click();
  await amount(page, 'Water').fill(script);
  for (const path of ['/', '/bench', '/make', '/trials']) {
    await page.goto(path === '/' ? path : `${path}?dip=weir-house-hummus`);
    await expect(page.getByText(script).first()).toBeVisible();
    expect(await page.evaluate(() => 'ran' in window)).toBe(false);
  }
});
