import { expect, type Page, test } from '@playwright/test';
import { amount, openBench, openSampleBook, saved } from './cook';

/** What has the focus: its words, and whether it can be seen to have it. */
const focused = (page: Page) =>
  page.evaluate(() => {
    const one = document.activeElement as HTMLElement | null;
    if (!one || one === document.body) return null;
    const box = one.getBoundingClientRect();
    const marked = (element: Element, before?: string) => {
      const style = getComputedStyle(element, before);
      return style.outlineStyle !== 'none' && parseFloat(style.outlineWidth) > 0;
    };
    // a field shows it by its frame
    const field = one.closest('[class*="InputBase-root"], label');
    return {
      words:
        one.getAttribute('aria-label') ?? one.textContent?.trim().slice(0, 40) ?? one.outerHTML,
      shown: marked(one) || marked(one, '::before') || field !== null,
      inSight:
        box.width > 0 &&
        box.bottom > 0 &&
        box.top < window.innerHeight &&
        box.right > 0 &&
        box.left < window.innerWidth,
    };
  });

const rooms = [
  '/',
  '/bench?dip=weir-house-hummus',
  '/make?dip=weir-house-hummus',
  '/trials?dip=weir-house-hummus',
  '/practice',
  '/tasting',
  '/design?id=tahini-chickpeas-oil',
  '/day?plan=regatta-first-day',
  '/find?q=hummus',
  '/house',
  '/larder',
  '/kit',
  '/new',
];

test('every room is walked with Tab alone, each stop in sight and seen to be one', async ({
  page,
}) => {
  await openSampleBook(page);
  for (const room of rooms) {
    await page.goto(room);
    await expect(page.locator('main :is(h1, h2):visible').first()).toBeVisible();
    await page.waitForLoadState('networkidle');
    const stops: string[] = [];
    for (let i = 0; i < 45; i += 1) {
      await page.keyboard.press('Tab');
      const stop = await focused(page);
      // past the last one the browser has the focus
      if (!stop) break;
      expect([room, stop]).toEqual([room, { words: stop.words, shown: true, inSight: true }]);
      stops.push(stop.words);
    }
    expect([room, new Set(stops).size > 8]).toEqual([room, true]);
  }
});

test('by keys alone a dip is typed in, aimed, landed, looked at and held', async ({ page }) => {
  await openBench(page, 'butter-bean-sage');
  await page.keyboard.press('a');
  await page.keyboard.type('1 tbsp lime juice');
  await expect(page.getByRole('listbox').getByRole('option').first()).toContainText('Lime juice');
  await page.keyboard.press('Enter');
  await expect(amount(page, 'Lime juice')).toHaveValue('1 tbsp');
  await amount(page, 'Lime juice').focus();
  await page.keyboard.press('Alt+h');
  await expect(page.getByRole('button', { name: 'Hold Lime juice' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Details of Lime juice' }).focus();
  await page.keyboard.press('Enter');
  const details = page.getByRole('region', { name: 'Details of Lime juice' });
  await expect(details).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(details).toHaveCount(0);
  // the hand comes back to where it was
  await expect(page.getByRole('button', { name: 'Details of Lime juice' })).toBeFocused();
  const low = page.getByRole('slider', { name: 'Target salt, from' });
  const before = Number(await low.getAttribute('aria-valuenow'));
  await low.focus();
  await page.keyboard.press('ArrowRight');
  await expect(low).toHaveAttribute('aria-valuenow', String(Number((before + 0.01).toFixed(2))));
  // in a target's end a letter is its own
  await low.blur();
  await page.keyboard.press('l');
  await page.getByRole('button', { name: 'Take it' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Take it' })).toHaveCount(0);
  await expect(amount(page, 'Lime juice')).toHaveValue('1 tbsp');
  await saved(page);
});

test('with a system’s own colours what is chosen and what is aimed for can still be told', async ({
  page,
}) => {
  await page.emulateMedia({ forcedColors: 'active', reducedMotion: 'reduce' });
  await openBench(page);
  const edge = (name: string) =>
    page
      .getByRole('button', { name, exact: true })
      .evaluate((one) => getComputedStyle(one).outlineStyle);
  expect(await edge('body')).toBe('solid');
  expect(await edge('garlic')).toBe('none');
  await page.getByRole('button', { name: 'garlic', exact: true }).click();
  await page.mouse.move(0, 0);
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await expect.poll(() => edge('garlic')).toBe('solid');
  expect(await edge('body')).toBe('none');
  // the ends of a target keep a colour that is not the page's
  const [end, ground] = await page
    .getByRole('slider', { name: 'Target salt, from' })
    .evaluate((one) => [
      getComputedStyle(one, '::before').backgroundColor,
      getComputedStyle(document.body).backgroundColor,
    ]);
  expect(end).not.toBe(ground);
  await expect(page.getByRole('button', { name: 'Land it' })).toHaveCSS('border-style', 'solid');
});

test('who asked for less motion gets none', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await openBench(page);
  await page.getByRole('button', { name: 'About it' }).click();
  const dialog = page.getByRole('dialog', { name: /^About/ });
  await expect(dialog).toBeVisible();
  const longest = await page.evaluate(() =>
    Math.max(
      ...[...document.querySelectorAll('*')].flatMap((one) => {
        const { transitionDuration, animationDuration } = getComputedStyle(one);
        return `${transitionDuration}, ${animationDuration}`.split(', ').map(parseFloat);
      }),
    ),
  );
  expect(longest).toBeLessThan(0.001);
});

test('at twice the size every room is still one step away', async ({ page }) => {
  await page.setViewportSize({ width: 640, height: 400 });
  await openBench(page);
  const kit = page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Kit' });
  await kit.scrollIntoViewIfNeeded();
  await kit.click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/kit/i);
  const undo = page.getByRole('button', { name: /undo/i }).first();
  await undo.scrollIntoViewIfNeeded();
  await expect(undo).toBeInViewport();
});
