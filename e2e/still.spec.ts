import { expect, type Page, test } from '@playwright/test';
import { openSampleBook } from './cook';

/** What stands last in a room, and how to wait for it. */
const rooms: [room: string, path: string, last: (page: Page) => ReturnType<Page['locator']>][] = [
  [
    'what stands in the Book',
    '/',
    (page) => page.getByRole('status', { name: 'Where else the book is' }),
  ],
  [
    'what stands on the Bench',
    '/bench?dip=weir-house-hummus',
    (page) => page.getByRole('heading', { name: 'Lead and colour' }),
  ],
  [
    'what stands in Trials',
    '/trials?dip=weir-house-hummus',
    (page) => page.getByRole('searchbox', { name: 'Only trials' }),
  ],
  [
    'what stands in the Day',
    '/day?plan=regatta-first-day',
    (page) => page.getByRole('button', { name: /as a picture$/ }),
  ],
  ['what stands in the Kit', '/kit', (page) => page.getByRole('heading', { name: 'House taste' })],
];

/** How much of what was in sight jumped, and how far, by itself: the browser's own sum. */
const shifted = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        let sum = 0;
        new PerformanceObserver((list) => {
          for (const entry of list.getEntries())
            sum += (entry as PerformanceEntry & { value: number }).value;
        }).observe({ type: 'layout-shift', buffered: true });
        // two frames: what is buffered has been told by then
        requestAnimationFrame(() => requestAnimationFrame(() => resolve(sum)));
      }),
  );

for (const [room, path, last] of rooms) {
  test(`${room} stays where it is while its pieces come, so that a tap falls where it was meant`, async ({
    page,
  }) => {
    await openSampleBook(page);
    await page.goto(path);
    await expect(last(page)).toBeVisible();
    expect(await shifted(page)).toBeLessThan(0.1);
  });
}
