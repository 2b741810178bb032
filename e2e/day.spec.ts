import { readFile } from 'node:fs/promises';
import { expect, type Page, test } from '@playwright/test';
import { openBench, openSampleBook, saved } from './cook';

async function openRegatta(page: Page) {
  await openSampleBook(page);
  await page.getByRole('link', { name: 'Day' }).click();
  await page.getByRole('link', { name: /Regatta, first day/ }).click();
  await expect(page.getByText(/^Begin Fri 12 Jun at 2\d:\d\d/)).toBeVisible();
}

/** Types a day and a time, section after section, the month first since it says how many days there are. */
async function typeMoment(page: Page, label: string, day: string, monthToMinute: string) {
  const field = page.getByRole('group', { name: label });
  await field.getByRole('spinbutton', { name: 'Month', exact: true }).click();
  await page.keyboard.type(monthToMinute, { delay: 20 });
  await field.getByRole('spinbutton', { name: 'Day', exact: true }).click();
  await page.keyboard.type(day, { delay: 20 });
}

test('the regatta’s day is planned back to the evening before, by what it keeps busy', async ({
  page,
}) => {
  await openRegatta(page);
  const chart = page.getByRole('group', { name: /^The day from/ });
  await expect(chart.getByText('cook 1', { exact: true })).toBeVisible();
  await expect(chart.getByText('served')).toBeVisible();
  await expect(
    chart.getByRole('button', { name: /Red kidney.*soak in 3\.5 times/ }).first(),
  ).toBeVisible();
  await expect(page.getByText(/in all; (wash up \d times?|nothing to wash)/)).toBeVisible();
  const setup = page.getByRole('region', { name: 'Dips of the day' });
  await expect(setup).toContainText('38 portions of 60 g');
  await expect(setup).toContainText('Red kidney bean: Raw or undercooked they are poisonous');
});

test('a task is moved by key and stays, the rest goes around it, and it is let go again', async ({
  page,
}) => {
  await openRegatta(page);
  const blend = page
    .getByRole('button', { name: /^\d\d:\d\d Weir House hummus, green: blend/ })
    .first();
  const at = async () => ((await blend.getAttribute('aria-label')) ?? '').slice(0, 5);
  const before = await at();
  await blend.focus();
  await page.keyboard.press('Shift+ArrowLeft');
  const chosen = page.getByRole('region', { name: 'The chosen task' });
  await expect(chosen).toContainText('Weir House hummus, green: blend');
  await expect(chosen.getByRole('button', { name: 'Let it go' })).toBeVisible();
  await expect.poll(at).not.toBe(before);
  const moved = await at();
  await saved(page);
  await page.reload();
  await expect.poll(at).toBe(moved);
  await page.keyboard.press('Control+z');
  await expect.poll(at).toBe(before);
});

test('what next is ticked off and kept, in the order of the clock', async ({ page }) => {
  await openRegatta(page);
  await page.getByRole('button', { name: 'what next' }).click();
  const list = page.getByRole('list', { name: 'What next' });
  await expect(list.getByRole('listitem').first()).toContainText(
    'Red kidney bean, dried: sort and rinse',
  );
  const times = await list.locator('label > div:nth-child(2)').allTextContents();
  expect(times.length).toBeGreaterThan(40);
  await list.getByRole('checkbox').first().click();
  await expect(list.getByRole('checkbox').first()).toBeChecked();
  await saved(page);
  await page.reload();
  await page.getByRole('button', { name: 'what next' }).click();
  await expect(list.getByRole('checkbox').first()).toBeChecked();
});

test('what to buy, by shelf, as text and CSV; what is left over; the calendar', async ({
  page,
}) => {
  await openRegatta(page);
  await page.getByRole('button', { name: 'shopping' }).click();
  const shopping = page.getByRole('region', { name: 'Shopping' });
  await expect(shopping.getByRole('list', { name: 'lemon and vinegar' })).toContainText(
    /\d+\s*lemons/,
  );
  await expect(shopping).toContainText(/\d+ cans of 400 g/);
  await expect(page.getByRole('region', { name: 'Left over' })).toContainText('can liquid');
  const [csv] = await Promise.all([
    page.waitForEvent('download'),
    shopping.getByRole('button', { name: 'As CSV' }).click(),
  ]);
  expect(csv.suggestedFilename()).toBe('regatta-first-day-shopping.csv');
  expect(await readFile(await csv.path(), 'utf8')).toMatch(/^shelf,what,amount,grams\r\nacid,/);
  const [calendar] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Calendar' }).click(),
  ]);
  const events = await readFile(await calendar.path(), 'utf8');
  expect(events.match(/BEGIN:VEVENT/g)?.length).toBeGreaterThan(40);
  expect(events).toContain('BEGIN:VALARM');
});

test('what is ticked in the shop goes into the house by one tap, with what is over said', async ({
  page,
}) => {
  await openRegatta(page);
  await page.getByRole('button', { name: 'shopping' }).click();
  const shopping = page.getByRole('region', { name: 'Shopping' });
  await expect(shopping).toContainText(/\d+ jars?/);
  await expect(shopping).toContainText(/\d+ g over/);
  await expect(shopping).toContainText(/About € \d+\.\d\d/);
  const yogurt = shopping.getByRole('checkbox', { name: /yogurt.* got$/i }).first();
  await yogurt.check();
  await shopping.getByRole('button', { name: 'Put the 1 ticked into the house' }).click();
  await expect(yogurt).toHaveCount(0);
  await saved(page);
  await page.goto('/house');
  await expect(page.getByRole('list', { name: 'Stock' })).toContainText(/yogurt/i);
});

test('too late to begin says by how much, and what would help', async ({ page }) => {
  await openRegatta(page);
  await typeMoment(page, 'Not before', '13', 'Jun20260800');
  const late = page.getByRole('alert').filter({ hasText: 'late if you begin no earlier' });
  await expect(late).toBeVisible();
  await late.getByRole('button', { name: 'What would help?' }).click();
  await expect(late).toContainText('soak hot what would soak overnight');
  await expect(late).toContainText('cans where there are any');
  await expect(late).toContainText('a second oven');
});

test('a day of one’s own: started, given dips, planned, deleted and brought back', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/day');
  await page.getByRole('button', { name: 'New day' }).click();
  await page.getByRole('dialog').getByRole('textbox', { name: 'Name' }).fill('Trial boat lunch');
  await page.getByRole('dialog').getByRole('button', { name: 'Start it' }).click();
  await expect(page.getByText('Say which dips, and how much of each.')).toBeVisible();
  await page
    .getByRole('combobox', { name: 'Add a dip' })
    .selectOption({ label: 'Edamame and mint' });
  await expect(page.getByText(/^Begin .* in all/)).toBeVisible();
  const amount = page.getByRole('textbox', { name: 'Edamame and mint' });
  await amount.fill('lots');
  await expect(page.getByText('From 1 to 100000 g.')).toBeVisible();
  await amount.fill('1500');
  await amount.blur();
  await saved(page);
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByRole('heading', { name: 'Days' })).toBeVisible();
  await expect(page.getByText('Trial boat lunch')).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Trial boat lunch')).toBeVisible();
});

test('a day is begun in one step, from its time, its dips and how many eat', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/day');
  await page.getByRole('button', { name: 'New day' }).click();
  const begin = page.getByRole('dialog', { name: 'New day' });
  await begin.getByRole('textbox', { name: 'Name' }).fill('Trial boat lunch');
  await typeMoment(page, 'On the table at', '20', 'Jun20261815');
  await begin.getByRole('textbox', { name: /A portion of each for/ }).fill('12');
  await begin.getByText('Edamame and mint').click();
  await begin.getByText('Radish and dill yogurt').click();
  await begin.getByRole('button', { name: 'Start it' }).click();
  await expect(page.getByText(/^Begin .* in all/)).toBeVisible();
  const setup = page.getByRole('region', { name: 'Dips of the day' });
  await expect(setup).toContainText('12 portions of');
  await page.getByRole('link', { name: 'All days' }).click();
  await expect(page.getByText('served Sat 20 Jun, 18:15 · 2 dips')).toBeVisible();
});

test('what is next stands large with how late it is, what that does to the rest, and one tap ticks it', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-06-13T07:20:00') });
  await openRegatta(page);
  await page.getByRole('button', { name: 'what next' }).click();
  const next = page.getByRole('region', { name: 'Next' });
  await expect(next).toContainText('Red kidney bean, dried: sort and rinse');
  await expect(next.getByRole('status')).toContainText(
    /\d+ h( \d+ min)? behind; the last is on the table at \d\d:\d\d, .* late\./,
  );
  for (const done of ['sort and rinse', 'soak in 3.5 times']) {
    await expect(next).toContainText(done);
    await next.getByRole('button', { name: 'Done' }).click();
  }
  await expect(next).not.toContainText('Red kidney');
  // what is left has begun or soon does, and nothing of it is half a night late any more
  await expect(next.getByRole('status')).not.toContainText(/\d+ h .*behind/);
  await page.keyboard.press('Control+z');
  await expect(next).toContainText('soak in 3.5 times');
});

test('how a row is made ready: the way, hot or overnight, what it takes, and cooling', async ({
  page,
}) => {
  await openBench(page, 'hazelnut-red-bean-pate');
  await page.getByRole('button', { name: /^Details of Red kidney/ }).click();
  await page.getByRole('button', { name: 'Made ready…' }).click();
  const dialog = page.getByRole('region', { name: /made ready/ });
  await expect(dialog).toContainText(/\d+ g red kidney bean, dried, for \d+ g/);
  await expect(dialog).toContainText('Red kidney bean: Raw or undercooked they are poisonous');
  await expect(dialog.getByText('Ready after 10 h at 20 °C')).toBeVisible();
  await dialog.getByRole('button', { name: 'hot', exact: true }).click();
  await expect(dialog.getByText(/Hot soak: boil 5 min/)).toBeVisible();
  const cooling = dialog.getByRole('region', { name: 'Cooling' });
  await expect(cooling).toContainText('Inside the usual two stages');
  await cooling.getByRole('combobox').selectOption({ label: 'on the side' });
  await expect(cooling).toContainText('to 5 °C: never');
  await expect(cooling).toContainText('Outside the usual two stages');
  await dialog
    .getByRole('combobox', { name: 'Way to make it ready' })
    .selectOption({ label: 'as it is bought' });
  await expect(dialog).toContainText('it goes in as it is bought');
  await dialog.getByRole('button', { name: /^Leave / }).click();
  await saved(page);
});

test('what this kitchen’s aubergines gave counts beside the table, and can be forgotten', async ({
  page,
}) => {
  await openBench(page, 'charred-aubergine-labneh');
  await page.getByRole('button', { name: /^Details of Aubergine/ }).click();
  await page.getByRole('button', { name: 'Made ready…' }).click();
  const gives = page.getByRole('region', { name: 'What it gives' });
  await expect(gives).toContainText('Typical: 45 % of the raw weight (36 % to 55 %)');
  await expect(gives).toContainText(/Yours: 4[12] % .*n = 3/);
  await gives.getByRole('textbox', { name: 'Mine: raw' }).fill('600');
  await gives.getByRole('textbox', { name: 'gave' }).fill('2400');
  await expect(gives).toContainText('That can hardly be.');
  await gives.getByRole('textbox', { name: 'gave' }).fill('228');
  await gives.getByRole('button', { name: 'Keep' }).click();
  await expect(gives).toContainText('n = 4');
  await gives.getByRole('button', { name: 'Forget' }).click();
  await expect(gives).not.toContainText('Yours');
  await page.keyboard.press('Escape');
  await expect(gives).toBeHidden();
  await page.keyboard.press('Control+z');
  await page.getByRole('button', { name: /^Details of Aubergine/ }).click();
  await page.getByRole('button', { name: 'Made ready…' }).click();
  await expect(gives).toContainText('n = 4');
});

test('the day is clean for those who can’t see it, and fits a phone', async ({ page }) => {
  const { default: AxeBuilder } = await import('@axe-core/playwright');
  await openRegatta(page);
  for (const view of ['plan', 'what next', 'shopping']) {
    await page.getByRole('button', { name: view }).click();
    const { violations } = await new AxeBuilder({ page })
      .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
      .analyze();
    expect([
      view,
      violations.map(({ id, nodes }) => `${id} ${nodes[0]?.target.join(' ')}`),
    ]).toEqual([view, []]);
  }
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole('button', { name: 'what next' }).click();
  const wider = await page.evaluate(
    () => document.documentElement.scrollWidth > document.documentElement.clientWidth,
  );
  expect(wider).toBe(false);
});

test.describe('a night in which the clocks are changed', () => {
  test.use({ timezoneId: 'Europe/Oslo' });

  const nights = [
    {
      way: 'forward',
      typed: ['28', 'Mar20270800'] as [string, string],
      begins: /^Begin Sat 27 Mar at (\d\d:\d\d)/,
      ahead: 1,
    },
    {
      way: 'back',
      typed: ['31', 'Oct20270800'] as [string, string],
      begins: /^Begin Sat 30 Oct at (\d\d:\d\d)/,
      ahead: 2,
    },
  ];
  for (const { way, typed, begins, ahead } of nights) {
    test(`${way}: it is said, and the calendar has the moments as they are`, async ({ page }) => {
      await openRegatta(page);
      await typeMoment(page, 'On the table at', ...typed);
      await expect(page.getByText(`The clocks go ${way} an hour in between`)).toBeVisible();
      const [, begin] = begins.exec((await page.getByText(begins).textContent()) ?? '') ?? [];
      const [calendar] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: 'Calendar' }).click(),
      ]);
      const events = await readFile(await calendar.path(), 'utf8');
      const starts = [...events.matchAll(/DTSTART:(\d{8}T\d{4})00Z/g)].map(([, at]) => at ?? '');
      // before the change the kitchen's clock is so many hours ahead of universal time
      const first = new Date(
        starts.sort()[0]?.replace(/(....)(..)(..T..)(..)/, '$1-$2-$3:$4:00Z') ?? '',
      );
      first.setUTCHours(first.getUTCHours() + ahead);
      expect(first.toISOString().slice(11, 16)).toBe(begin);
    });
  }
});
