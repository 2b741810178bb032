import { expect, test } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { keptOnDevice, openSampleBook, saved } from './cook';

test.use({ serviceWorkers: 'allow' });

test('after one visit every room works without the server, from a cold start', async ({
  page,
  context,
}) => {
  await openSampleBook(page);
  await keptOnDevice(page);
  await context.setOffline(true);
  await page.close();
  const cold = await context.newPage();
  const faults: string[] = [];
  cold.on('pageerror', (error) => faults.push(error.message));
  for (const [path, heading] of [
    ['/', 'The book'],
    ['/bench?dip=weir-house-hummus', 'Weir House hummus'],
    ['/make?dip=weir-house-hummus', 'Weir House hummus'],
    ['/trials?dip=weir-house-hummus', 'Weir House hummus'],
    ['/practice', 'Practice bowls'],
    ['/tasting?id=crew-lunch', 'Crew lunch: which hummus'],
    ['/design?id=tahini-chickpeas-oil', 'Tahini, chickpeas, oil'],
    ['/day?plan=regatta-first-day', /Regatta/],
    ['/find?q=sage', 'Find'],
    ['/house', 'In the house'],
    ['/larder', 'Larder'],
    ['/kit', 'Kit'],
  ] as const) {
    await cold.goto(path);
    await expect(cold.getByRole('heading', { level: 1, name: heading }).first()).toBeVisible();
  }
  await expect(cold.getByText('offline', { exact: true })).toBeVisible();
  expect(faults).toEqual([]);
});

test('landing, planning, files and what is fetched later work without the server', async ({
  page,
  context,
}) => {
  await openSampleBook(page);
  await keptOnDevice(page);
  await context.setOffline(true);
  await page.goto('/bench?dip=butter-bean-sage');
  await page.getByRole('button', { name: 'Land it' }).click();
  await page.getByRole('button', { name: 'Take it' }).click();
  await saved(page);
  await page.getByRole('button', { name: 'What would a spoon do?' }).click();
  await expect(page.getByRole('table')).toBeVisible();
  await page.goto('/day?plan=regatta-first-day');
  await expect(page.getByText(/^Begin .* in all/)).toBeVisible();
  await page.goto('/');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export' }).click();
  const file = await (await waiting).path();
  expect(JSON.parse(await readFile(file, 'utf8'))).toMatchObject({ format: 'cobbet-book' });
  await page.getByLabel('Book file').setInputFiles(file);
  await expect(page.getByText('Undo brings the other book back.')).toBeVisible();
});

test('a newer version is said, waits while something is made, and takes over when asked', async ({
  page,
}) => {
  await openSampleBook(page);
  await keptOnDevice(page);
  await page.goto('/make?dip=weir-house-hummus');
  await page.getByRole('button', { name: 'Start making' }).click();
  // a newer build's worker comes as another script does
  await page.evaluate(() => navigator.serviceWorker.register('/sw.js?newer', { scope: '/' }));
  const notice = page.getByRole('status').filter({ hasText: 'A newer Cobbet is ready' });
  await expect(notice).toContainText('waits until what is being made is finished');
  await expect(notice.getByRole('button', { name: 'Use it now' })).toBeDisabled();
  await page.getByRole('button', { name: 'Stop making' }).click();
  await saved(page);
  const reloaded = page.waitForEvent('load');
  await notice.getByRole('button', { name: 'Use it now' }).click();
  await reloaded;
  await expect(page.getByRole('button', { name: 'Start making' })).toBeVisible();
  const script = await page.evaluate(() => navigator.serviceWorker.controller?.scriptURL);
  expect(script).toContain('newer');
});
