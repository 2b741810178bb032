import { readFileSync, writeFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { expectClean } from './clean';
import { openSampleBook, saved } from './cook';
import { sidewaysOf } from './sideways';

const say = (page: Page, what: string) =>
  page.getByRole('button', { name: what, exact: true }).click();
const heading = (page: Page) => page.getByRole('heading', { level: 1 });

/** Plans a tasting of two trials of the hummus. */
async function plan(page: Page, tasters: string) {
  await page.goto('/tasting?new');
  const add = page.getByRole('combobox', { name: 'Add a sample' });
  await add.selectOption('trial weir-house-hummus-trial-2');
  await add.selectOption('trial weir-house-hummus-trial-6');
  await page.getByRole('textbox', { name: /^Names with commas/ }).fill(tasters);
}

/** The pot in hand is marked. */
async function mark(page: Page, liking: number, salt: string) {
  await say(page, `How do you like it: ${liking}`);
  for (const name of ['Body', 'Sour', 'Garlic']) await say(page, `${name}: just right`);
  await say(page, `Salt: ${salt}`);
}

test('one tablet goes round: each sees a pot at a time and nothing of the others, and it says what is short', async ({
  page,
}) => {
  test.setTimeout(400_000);
  await page.setViewportSize({ width: 390, height: 844 });
  await openSampleBook(page);
  await plan(page, 'Bow, Stroke, Cox');
  await expect(page.getByText(/^3 tasters can show no difference for sure/)).toBeVisible();
  await page.getByRole('button', { name: 'Lay the pots out' }).click();
  await page.getByRole('button', { name: 'I carry them: what is what?' }).click();
  const pots = await page
    .getByRole('list', { name: 'Pots' })
    .getByRole('listitem')
    .allTextContents();
  const short = /^\d{3}/.exec(pots.find((text) => text.includes('trial 2')) ?? '')?.[0] ?? '';
  expect(short).not.toBe('');
  await page.getByRole('link', { name: 'Hand it to Bow' }).click();
  for (const name of ['Bow', 'Stroke', 'Cox']) {
    await expect(heading(page)).toHaveText(name);
    // nothing of what is what, nor a way into the book
    await expect(page.getByText('Weir House')).toHaveCount(0);
    await expect(page.getByRole('navigation', { name: 'Rooms' })).toHaveCount(0);
    await say(page, 'Begin');
    for (const [at, next] of ['Next pot', 'That is all'].entries()) {
      await expect(page.getByText(`${at + 1} of 2`)).toBeVisible();
      const code = await heading(page).textContent();
      expect(await page.locator('[aria-pressed=true]').count()).toBe(0);
      if (code === short) await mark(page, 4, 'a little too little');
      else await mark(page, 7, 'just right');
      expect(await sidewaysOf(page)).toEqual([]);
      if (name === 'Stroke' && next === 'Next pot') {
        // a tab that is closed loses nothing, and the taster comes back to the pot
        await page.reload();
        await expect(page.getByRole('button', { name: 'Garlic: just right' })).toHaveAttribute(
          'aria-pressed',
          'true',
        );
      }
      await say(page, next);
    }
    await expect(heading(page)).toHaveText('Thank you');
    if (name !== 'Cox') await page.getByRole('button', { name: /^To / }).click();
  }
  await expect(page.getByText('Everybody is done.')).toBeVisible();
  await page.getByRole('link', { name: 'Back to whoever runs it' }).click();
  await page.getByRole('button', { name: 'Close it and see' }).click();
  await expect(page.getByRole('img', { name: /^Liking: trial 6, 2 Jun 7\.0/ })).toBeVisible();
  await expect(page.getByText(/3 tasters are few/)).toBeVisible();
  const asked = page.getByRole('list', { name: 'For the next bowl' });
  await expect(asked).toContainText('More salt');
  await expect(asked).toContainText('100 % find it short');
  expect(await sidewaysOf(page)).toEqual([]);
  await asked
    .getByRole('button', { name: /^Aim for .* on the Bench$/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { level: 1, name: 'Weir House hummus' })).toBeVisible();
  await page
    .getByRole('button', { name: /^Undo: Aim for salt as tasted/ })
    .waitFor({ state: 'attached' });
  // what it takes to land there is worked out already
  await expect(page.getByRole('button', { name: 'Take it' })).toBeVisible();
});

test('of many pots each taster gets a few, every pot as often as the others', async ({ page }) => {
  await openSampleBook(page);
  await plan(page, '6');
  await page
    .getByRole('combobox', { name: 'Add a sample' })
    .selectOption('trial weir-house-hummus-trial-4');
  await page.getByRole('combobox', { name: 'Each taster gets' }).selectOption('2 of 3');
  await page.getByRole('button', { name: 'Lay the pots out' }).click();
  await page
    .getByRole('link', { name: /^Hand it to/ })
    .first()
    .click();
  await say(page, 'Begin');
  await expect(page.getByText('1 of 2')).toBeVisible();
});

test('half-done answers are said, can be gone back to or left so', async ({ page }) => {
  await openSampleBook(page);
  await plan(page, '2');
  await page.getByRole('button', { name: 'Lay the pots out' }).click();
  await page.getByRole('link', { name: 'Hand it to Seat 1' }).click();
  await say(page, 'Begin');
  await say(page, 'How do you like it: 6');
  await say(page, 'Next pot');
  await expect(page.getByText('2 of 2')).toBeVisible();
  await mark(page, 6, 'far too much');
  // tapped again it is taken back
  await say(page, 'Salt: far too much');
  await expect(page.getByRole('button', { name: 'Salt: far too much' })).toHaveAttribute(
    'aria-pressed',
    'false',
  );
  await say(page, 'That is all');
  await expect(heading(page)).toContainText('still lack something');
  await say(page, 'Leave it so');
  await page.getByRole('button', { name: 'To Seat 2' }).click();
  await page.getByRole('link', { name: 'Back to whoever runs it' }).click();
  await expect(page.getByRole('list', { name: 'Tasters' })).toContainText('done, 2 left open');
});

test('marks are saved as CSV and taken from one, each wrong line named', async ({ page }, info) => {
  await openSampleBook(page);
  await plan(page, 'Bow, Stroke');
  await page.getByRole('button', { name: 'Lay the pots out' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the marks as CSV' }).click(),
  ]);
  const lines = readFileSync(await file.path(), 'utf8')
    .trim()
    .split('\n');
  expect(lines).toHaveLength(5);
  const filled = lines.map((line, i) => {
    const cells = line.split(',');
    if (i > 0) cells[2] = i === 4 ? '12' : String(i + 4);
    return cells.join(',');
  });
  const path = info.outputPath('marks.csv');
  writeFileSync(path, filled.join('\n'));
  await page.getByLabel('File of marks').setInputFiles(path);
  await expect(page.getByText('3 lines of marks.csv can be taken.')).toBeVisible();
  await expect(page.getByText('Line 5: liking “12” must be a whole number, 1 to 9.')).toBeVisible();
  await page.getByRole('button', { name: 'Take what can be taken' }).click();
  await page.getByRole('button', { name: 'Close it and see' }).click();
  await expect(page.getByRole('img', { name: /^Liking: / })).toBeVisible();
  await page.getByRole('button', { name: /^Undo: Close the tasting/ }).click();
  await page.getByRole('button', { name: /^Undo: Take marks/ }).click();
  await page.getByRole('button', { name: 'Close it and see' }).click();
  await expect(page.getByText('Nobody said anything before it was closed.')).toBeVisible();
});

test('closing it with two taps closes it', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/tasting?id=crew-lunch');
  await page.getByRole('button', { name: 'Open it again' }).click();
  await page.getByRole('button', { name: 'Close it and see' }).dblclick();
  await expect(page.getByRole('img', { name: /^Liking/ })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Open it again' })).toBeVisible();
  await expect(page.getByRole('heading', { level: 1, name: /^Crew lunch/ })).toBeVisible();
});

test('a triangle says how many found the odd one, and what that is worth', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/tasting');
  await page.getByRole('link', { name: 'Is the sesame missed?' }).click();
  await expect(page.getByText(/^\d+ of 12 found the odd one \(p/)).toBeVisible();
  await page.goto('/tasting?new');
  const add = page.getByRole('combobox', { name: 'Add a sample' });
  await add.selectOption('dip weir-house-hummus');
  await page.getByRole('combobox', { name: 'What is asked' }).selectOption('odd');
  await expect(page.getByText('That question takes two, no more.')).toBeVisible();
  await add.selectOption('dip weir-house-no-sesame');
  await page.getByRole('textbox', { name: /^Names with commas/ }).fill('3');
  await expect(page.getByText(/^All 3 must find the odd one/)).toBeVisible();
  await page.getByRole('button', { name: 'Lay the pots out' }).click();
  await page.getByRole('link', { name: 'Hand it to Seat 1' }).click();
  await say(page, 'Begin');
  await expect(heading(page)).toHaveText('Two are the same. Which is the other?');
  const codes = page.getByRole('main').getByRole('button', { name: /^\d{3}$/ });
  await expect(codes).toHaveCount(3);
  await codes.nth(1).click();
  await codes.nth(2).click();
  await expect(page.locator('[aria-pressed=true]')).toHaveCount(1);
  await say(page, 'That is all');
  await expect(heading(page)).toHaveText('Thank you');
});

test('those around an open bowl are asked, and what they agree on is marked with a tap', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/make?dip=edamame-mint');
  await page.getByRole('button', { name: 'Start making' }).click();
  const check = page.getByText('the check');
  const steps = page.getByText(/^step \d+ of \d+$/);
  await expect(steps).toBeVisible();
  const [, many] = /of (\d+)/.exec((await steps.textContent()) ?? '') ?? [];
  for (let step = 1; step <= Number(many); step += 1) {
    await expect(page.getByText(`step ${step} of ${many}`)).toBeVisible();
    await page.keyboard.press('Space');
  }
  await expect(check).toBeVisible();
  await page.getByRole('button', { name: 'Ask the table' }).click();
  const table = page.getByRole('region', { name: 'The table' });
  const says = (seat: string, taste: string, verdict: string) =>
    table
      .getByRole('group', { name: `${taste}, ${seat}` })
      .getByRole('button', { name: verdict, exact: true })
      .click();
  await says('First', 'Salt', 'short');
  await table.getByRole('button', { name: 'Second' }).click();
  await says('Second', 'Salt', 'right');
  const agreed = table.getByRole('status', { name: 'What they agree on' });
  await expect(agreed).toHaveText('Salt: they differ');
  await table.getByRole('button', { name: 'Third' }).click();
  await says('Third', 'Salt', 'short');
  await expect(agreed).toHaveText('Salt: 2 of 3 say short');
  await saved(page);
  await page.reload();
  await expect(agreed).toHaveText('Salt: 2 of 3 say short');
  await table.getByRole('button', { name: 'Mark salt short' }).click();
  await expect(
    page.getByRole('group', { name: 'Salt', exact: true }).getByRole('button', { name: 'short' }),
  ).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Keep it as a trial' }).first().click();
  await page.goto('/tasting');
  await page.getByRole('link', { name: /^At the bowl: Edamame/ }).click();
  await page.getByRole('button', { name: 'Close it and see' }).click();
  await expect(page.getByRole('list', { name: 'For the next bowl' })).toContainText(
    '67 % find it short, how it is liked was not asked',
  );
  await expect(
    page.getByRole('img', { name: 'Salt: 2 too little, 1 right, 0 too much' }),
  ).toBeVisible();
});

test('ballots and the sheet to carry by are printed, and the ballots say nothing of what is what', async ({
  page,
}) => {
  await openSampleBook(page);
  await plan(page, 'Bow, Stroke');
  await page.getByRole('button', { name: 'Lay the pots out' }).click();
  await expect(page.getByRole('link', { name: 'Hand it to Bow' })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('region', { name: 'Sheet to carry by' })).toContainText('trial 2');
  const ballot = page.getByRole('region', { name: 'Ballot of Stroke' });
  await expect(ballot).toContainText('far too little');
  await expect(ballot).not.toContainText('trial 2');
});

for (const [width, height, colorScheme] of [
  [1280, 800, 'light'],
  [768, 1024, 'dark'],
  [390, 844, 'light'],
] as const) {
  test(`tastings at ${width} are clean and fit`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
    await openSampleBook(page);
    for (const [address, there] of [
      ['/tasting', 'Tastings'],
      ['/tasting?new', 'A new tasting'],
      ['/tasting?id=crew-lunch', 'Crew lunch: which hummus'],
    ] as const) {
      await page.goto(address);
      await expect(page.getByRole('heading', { level: 1, name: there })).toBeVisible();
      await page.waitForLoadState('networkidle');
      expect([address, await sidewaysOf(page)]).toEqual([address, []]);
      await expectClean(page, address);
    }
    await page.getByRole('button', { name: 'Open it again' }).click();
    await expect(page.getByRole('list', { name: 'Tasters' })).toBeVisible();
    await expectClean(page, 'open');
    await page.goto('/tasting?id=crew-lunch&seat=1&at=0');
    await expect(page.getByRole('button', { name: 'Next pot' })).toBeVisible();
    expect(await sidewaysOf(page)).toEqual([]);
    await expectClean(page, 'taster');
  });
}

test('what is usual here is moved by what was said, is asked for its reasons, and can be begun afresh', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/bench?dip=weir-house-hummus');
  await expect(page.getByText(/^usual here \(n \d+\)/).first()).toBeVisible();
  await page.goto('/kit');
  const house = page.getByRole('region', { name: 'House taste' });
  const salt = house.getByRole('img', {
    name: /^salt: \d+ short, \d+ right, \d+ over; right here/,
  });
  await expect(salt).toBeVisible();
  const before = await salt.getAttribute('aria-label');
  await house.getByRole('button', { name: 'What is house taste, and why?' }).click();
  await expect(page.getByRole('dialog')).toContainText('One odd verdict moves it little');
  await page.keyboard.press('Escape');
  await house.getByRole('button', { name: 'Begin afresh' }).click();
  await expect(house.getByText('nothing said yet; usual').first()).toBeVisible();
  await page.getByRole('button', { name: /^Undo: House taste afresh/ }).click();
  await expect(salt).toHaveAttribute('aria-label', before ?? '');
  await house.getByRole('combobox', { name: 'Family' }).selectOption('pate');
  await expect(house.getByText(/n \d; usual/).first()).toBeVisible();
});
