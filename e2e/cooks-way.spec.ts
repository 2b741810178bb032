import { expect, type Locator, type Page, test } from '@playwright/test';
import { amount, beginBlankDip, openBench, openBlankBook, openSampleBook } from './cook';
import { sidewaysOf } from './sideways';

test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } });

/** Does something, and holds that nothing has to be scrolled sideways for it. */
async function inHand(page: Page, what: string, act: () => Promise<unknown>) {
  await act();
  await expect.poll(async () => [what, await sidewaysOf(page)]).toEqual([what, []]);
}

const tap = (one: Locator) => one.tap();
const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first();

test('a dip is typed in, aimed, landed and made, read, tasted, weighed, and found again', async ({
  page,
}) => {
  await openBlankBook(page);
  await inHand(page, 'begun', () => beginBlankDip(page, 'Lockside dip'));
  const add = page.getByRole('combobox', { name: 'Add something' });
  for (const text of ['2 cups chickpeas', '1/4 cup tahini', '3 tbsp lemon juice', '1/2 tsp salt']) {
    await inHand(page, text, async () => {
      await add.fill(text);
      await tap(page.getByRole('listbox').getByRole('option').first());
    });
  }
  await expect(amount(page, 'Tahini, hulled')).toHaveValue('1/4 cup');
  await inHand(page, 'set up', () => tap(button(page, 'Set up')));
  await inHand(page, 'targets', () => tap(button(page, 'Targets')));
  const wanted = page.getByRole('region', { name: 'What it is to be' });
  await inHand(page, 'the usual', () =>
    tap(wanted.getByRole('button', { name: 'Take that over' })),
  );
  await inHand(page, 'left', () => tap(button(page, /^(Leave|Close) /)));
  await inHand(page, 'landed', () => tap(button(page, 'Land it')));
  await inHand(page, 'taken', () => tap(button(page, 'Take it')));
  await inHand(page, 'made', () =>
    tap(page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Make' })),
  );
  await inHand(page, 'started', () => tap(button(page, 'Start making')));
  for (let step = 1; step <= 4; step += 1) {
    await expect(page.getByText(new RegExp(`step ${step} of \\d`))).toBeVisible();
    await inHand(page, `step ${step}`, () => tap(button(page, 'In, as written')));
  }
  while (await page.getByText(/^step \d+ of/).isVisible()) {
    await inHand(page, 'the rest', () => tap(button(page, 'In, as written')));
  }
  await expect(page.getByText('the check')).toBeVisible();
  await inHand(page, 'read', () => tap(page.getByRole('radio', { name: 'spreads' })));
  await inHand(page, 'tasted', () =>
    tap(page.getByRole('group', { name: 'Salt' }).getByRole('button', { name: 'short' })),
  );
  await inHand(page, 'weighed', () =>
    page.getByRole('textbox', { name: 'Weighed out, g' }).fill('410'),
  );
  await inHand(page, 'kept', () => tap(button(page, 'Keep it as a trial')));
  await expect(page.getByRole('listitem', { name: 'Trial 1' })).toContainText('410 g');
  await inHand(page, 'the book', () =>
    tap(page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Book' })),
  );
  await expect(page.getByRole('link', { name: 'Lockside dip' })).toBeVisible();
  await expect(page.getByText(/trial 1, .*spreads/)).toBeVisible();
});

test('a swap is found and taken, and a way of making looked at', async ({ page }) => {
  await openBench(page);
  await inHand(page, 'details', () => tap(button(page, 'Details of Tahini, hulled')));
  await inHand(page, 'swap', () => tap(button(page, 'Swap it…')));
  const first = page
    .getByRole('list', { name: 'What could go in instead' })
    .getByRole('listitem')
    .first();
  await inHand(page, 'looked at', () => tap(first.getByRole('button').first()));
  await inHand(page, 'taken', () => tap(first.getByRole('button', { name: 'Swap it' })));
  await expect(page.getByRole('button', { name: 'Details of Tahini, hulled' })).toHaveCount(0);
  await inHand(page, 'undone', () => tap(button(page, /^Undo/)));
  await expect(page.getByRole('button', { name: 'Details of Tahini, hulled' })).toBeVisible();
  await inHand(page, 'set up', () => tap(button(page, 'Set up')));
  await inHand(page, 'ways', () => tap(button(page, 'Ways')));
});

test('a figure is asked about, and left out to see', async ({ page }) => {
  await openBench(page);
  await inHand(page, 'why', () => tap(button(page, /^What is the body, rested/)));
  await expect(
    page
      .getByRole('region', { name: /what it is, and why$/ })
      .getByText(/Tahini/)
      .first(),
  ).toBeVisible();
});

test('another size is worked out', async ({ page }) => {
  await openBench(page);
  await inHand(page, 'set up', () => tap(button(page, 'Set up')));
  await inHand(page, 'size', () => tap(button(page, 'Size')));
  await expect(page.getByRole('region', { name: /size/i }).first()).toBeVisible();
});

test('the next thing of a day is ticked with one thumb', async ({ page }) => {
  await openSampleBook(page);
  await inHand(page, 'day', () => page.goto('/day?plan=regatta-first-day'));
  const first = page.getByRole('checkbox').first();
  await inHand(page, 'ticked', () => tap(first));
  await expect(first).toBeChecked();
});

test('a pot is eaten from, and what may still be served is read', async ({ page }) => {
  await openSampleBook(page);
  await inHand(page, 'house', () => page.goto('/house'));
  await inHand(page, 'a batch', () =>
    page.goto('/house?batch=batch-weir-house-hummus').then(() => undefined),
  );
  await expect(page.locator('main :is(h1, h2):visible').first()).toBeVisible();
});

test('an old trial is found and read cold', async ({ page }) => {
  await openSampleBook(page);
  await inHand(page, 'trials', () => page.goto('/trials?dip=weir-house-hummus'));
  await inHand(page, 'read cold', () => tap(button(page, /^Read it cold/)));
  await inHand(page, 'ring', () => tap(page.getByRole('button', { name: 'ring', exact: true })));
  await expect(page.getByRole('textbox', { name: 'Spread' })).toBeVisible();
});

test('a price is put right in the larder, and a machine looked at in the kit', async ({ page }) => {
  await openSampleBook(page);
  await inHand(page, 'larder', () => page.goto('/larder'));
  await inHand(page, 'found', () => page.getByRole('textbox', { name: 'Find' }).fill('tahini'));
  await expect(page.getByText(/Tahini, hulled/).first()).toBeVisible();
  await inHand(page, 'kit', () => page.goto('/kit'));
  await inHand(page, 'machine', () => tap(button(page, 'Change the food processor')));
});

test('a recipe is pasted and read', async ({ page }) => {
  await openSampleBook(page);
  await inHand(page, 'new', () => page.goto('/new'));
  await page.getByRole('textbox', { name: 'Name' }).fill('Weir dip');
  await inHand(page, 'pasted', () =>
    page
      .getByRole('textbox', { name: /recipe|lines|What goes in/i })
      .last()
      .fill('2 cans chickpeas\n3 tbsp tahini\njuice of half a lemon'),
  );
  await expect(page.getByText(/Tahini/).first()).toBeVisible();
});
