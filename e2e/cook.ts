import { expect, type Page } from '@playwright/test';

/** Opens Cobbet for the first time and takes the sample book. */
export async function openSampleBook(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the sample book' }).click();
  await expect(page.getByRole('heading', { name: 'The book' })).toBeVisible();
}

/** Opens Cobbet for the first time with an empty book. */
export async function openBlankBook(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Begin a blank book' }).click();
  await expect(page.getByText('Nothing here yet')).toBeVisible();
}

/** Opens the bench of a sample dip. */
export async function openBench(page: Page, dip = 'weir-house-hummus'): Promise<void> {
  await openSampleBook(page);
  await page.goto(`/bench?dip=${dip}`);
  await expect(page.getByRole('region', { name: 'In the mouth' })).toBeVisible();
}

/** An amount's field on the bench; the first of several rows with the same ingredient. */
export function amount(page: Page, name: string) {
  return page.getByRole('textbox', { name: `Amount of ${name}`, exact: true }).first();
}

/** Waits until everything is saved. */
export async function saved(page: Page): Promise<void> {
  await expect(page.getByText('All saved')).toBeVisible();
}

/** Starts a dip with nothing in it yet. */
export async function beginBlankDip(page: Page, name: string): Promise<void> {
  await page.getByRole('link', { name: 'New dip' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill(name);
  await page.getByRole('button', { name: 'Blank, to add to one by one' }).click();
  await page.getByRole('heading', { level: 1, name }).waitFor();
}

/** The first trial shown that nobody has read cold yet. */
export async function notReadCold(page: Page) {
  const unread = page.getByRole('img', { name: /chilled: predicted [\d.]+, not read/ });
  const found = page.getByRole('listitem').filter({ has: unread }).first();
  const name = (await found.getAttribute('aria-label')) ?? '';
  return page.getByRole('listitem', { name, exact: true });
}

/** Waits until everything is kept on this device and answered from there. */
export async function keptOnDevice(page: Page): Promise<void> {
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
    if (navigator.serviceWorker.controller) return;
    await new Promise((resolve) =>
      navigator.serviceWorker.addEventListener('controllerchange', resolve, { once: true }),
    );
  });
}
