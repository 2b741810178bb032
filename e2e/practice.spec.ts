import { expect, type Page, test } from '@playwright/test';
import { expectClean } from './clean';
import { keptOnDevice, openBlankBook, openSampleBook, saved } from './cook';
import { sidewaysOf } from './sideways';

const nextOf = (page: Page) => page.getByRole('region', { name: 'What goes in next' });

/** Chooses a thing and a measure, without adding it. */
async function choose(page: Page, thing: string, amount: string): Promise<void> {
  const next = nextOf(page);
  await next.getByRole('button', { name: thing, exact: true }).click();
  await next.getByRole('button', { name: amount, exact: true }).click();
}

test('a bowl is taken up from Make, guessed, brought right, and what it was is shown only then', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/make');
  await page.getByRole('link', { name: 'Practice on a hidden bowl' }).click();
  await page.getByRole('button', { name: /^The cold tub/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'The cold tub' })).toBeVisible();
  const now = page.getByRole('region', { name: 'The bowl now' });
  await expect(now).toContainText('salt right, sour right');
  // nothing tells what is in it but eye and tongue
  await expect(page.getByRole('main')).not.toContainText(/body \d|g per 100|One way/);
  await expect(page.getByRole('button', { name: 'Add it' })).toBeDisabled();
  await choose(page, 'water', '3 tbsp');
  const add = page.getByRole('button', { name: /^Add 3 tbsp water/ });
  await expect(add).toHaveText('Add 3 tbsp water without a guess');
  const axis = page.getByRole('slider', { name: 'Where the body will be' });
  await expect(axis).toHaveAttribute('aria-valuetext', 'not guessed yet');
  await axis.focus();
  await page.keyboard.press('PageDown');
  await page.keyboard.press('ArrowRight');
  await expect(axis).toHaveAttribute('aria-valuetext', /^scoops, body \d/);
  await nextOf(page)
    .getByRole('group', { name: 'Salt will be' })
    .getByRole('button', { name: 'right' })
    .click();
  await expect(add).toHaveText('Add 3 tbsp water');
  await add.click();
  await expect(page.getByRole('list', { name: 'What went in' })).toContainText(
    /3 tbsp water · guessed \d\.\d, the spoon showed \w+/,
  );
  await page.getByRole('button', { name: 'Stop and see what it was' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Right in all three' })).toHaveText(
    'Right in all three, with one addition of 3.',
  );
  await expect(page.getByText(/It was too stiff\. One way: 3 tbsp water\./)).toBeVisible();
  await expect(page.getByRole('list', { name: 'Guesses' })).toContainText(
    /Guessed \d\.\d; it was \d\.\d, \d\.\d (stiffer|looser)\. Salt: guessed right, and so it was\. Cobbet would have said \d\.\d\./,
  );
  await page.getByRole('link', { name: 'All bowls' }).click();
  await expect(
    page.getByRole('button', { name: /^The cold tub.*right, with one addition/ }),
  ).toBeVisible();
  await expect(page.getByRole('region', { name: 'How your guesses go' })).toContainText(
    'Over 1 guess of body you were',
  );
});

test('half a guess outlives its tab; an addition is taken back by one undo; the last one ends it', async ({
  page,
}) => {
  await openSampleBook(page);
  await page.goto('/practice?bowl=nobody-salted');
  await page.getByRole('button', { name: 'Take it up' }).click();
  await choose(page, 'fine sea salt', '1/8 tsp');
  await page.getByRole('slider', { name: 'Where the body will be' }).click();
  await page.reload();
  const add = page.getByRole('button', { name: 'Add 1/8 tsp fine sea salt', exact: true });
  await expect(add).toBeEnabled();
  await add.click();
  const went = page.getByRole('list', { name: 'What went in' }).getByRole('listitem');
  await expect(went).toHaveCount(1);
  await page.keyboard.press('Control+z');
  await expect(went).toHaveCount(0);
  for (let i = 1; i <= 3; i += 1) {
    await choose(page, 'water', '1/2 cup');
    await page.getByRole('button', { name: /^Add 1\/2 cup water/ }).click();
    if (i < 3) await expect(went).toHaveCount(i);
  }
  await expect(page.getByRole('status').filter({ hasText: 'It is still' })).toHaveText(
    'It is still too loose, short of salt and not sour enough.',
  );
  await page.getByRole('button', { name: 'The same once more' }).click();
  await expect(nextOf(page)).toContainText('3 left');
});

test('bowls are drawn without end; one with a number is the same for everybody; there is none beyond 999', async ({
  page,
}) => {
  await openBlankBook(page);
  await page.goto('/practice');
  await page.getByRole('button', { name: 'Two things wrong' }).click();
  const number = page.getByRole('textbox', { name: 'Number, if you have one' });
  await number.fill('1000');
  await expect(page.getByText('Bowls are numbered 1 to 999.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Draw a bowl' })).toBeDisabled();
  await number.fill('417');
  await page.getByRole('button', { name: 'Take bowl 417' }).click();
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).toHaveText(/, number 417$/);
  const now = page.getByRole('region', { name: 'The bowl now' });
  const name = (await heading.textContent()) ?? '';
  const shown = (await now.textContent()) ?? '';
  await page.goto('/practice?level=2&bowl=417');
  await expect(heading).toHaveText(name.replace(', number 417', ''));
  await page.getByRole('button', { name: 'Take it up' }).click();
  await expect(now).toHaveText(shown);
  await page.goto('/practice');
  await page.getByRole('button', { name: 'Draw a bowl' }).click();
  await expect(heading).toHaveText(/, number \d+$/);
  await page.goto('/practice?level=2&bowl=4000');
  await expect(page.getByText('There is no such bowl')).toBeVisible();
});

test('it goes by keys', async ({ page }) => {
  await openSampleBook(page);
  await page.goto('/practice?bowl=lemon-short');
  await page.getByRole('button', { name: 'Take it up' }).click();
  await expect(nextOf(page)).toBeVisible();
  await page.keyboard.press('2');
  await expect(nextOf(page).getByRole('button', { name: 'lemon juice' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  const now = page.getByRole('region', { name: 'The bowl now' });
  const first = (await now.textContent()) ?? '';
  // sooner or later a look differs from the first
  await expect(async () => {
    await page.keyboard.press('t');
    expect(await now.textContent()).not.toBe(first);
  }).toPass();
});

test.describe('without a server', () => {
  test.use({ serviceWorkers: 'allow' });

  test('a bowl is taken up, brought on and ended', async ({ page, context }) => {
    await openSampleBook(page);
    await keptOnDevice(page);
    await context.setOffline(true);
    await page.goto('/practice');
    await page.getByRole('button', { name: /^The jug slipped/ }).click();
    await choose(page, 'butter beans', '1/2 cup');
    await page.getByRole('button', { name: /^Add 1\/2 cup butter beans/ }).click();
    await page.getByRole('button', { name: 'Stop and see what it was' }).click();
    await expect(page.getByText('Right in all three, with one addition of 3.')).toBeVisible();
    await saved(page);
  });
});

for (const [scheme, width] of [
  ['light', 1280],
  ['dark', 390],
] as const) {
  test(`is clean and as wide as its screen: ${scheme}, ${width}`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: scheme });
    await page.setViewportSize({ width, height: 844 });
    await openSampleBook(page);
    await page.goto('/practice');
    await expect(page.getByRole('heading', { level: 1, name: 'Practice bowls' })).toBeVisible();
    expect(await sidewaysOf(page)).toEqual([]);
    await expectClean(page, 'all bowls');
    await page.getByRole('button', { name: /^Salty, sharp and loose/ }).click();
    for (const [thing, amount] of [
      ['chickpeas', '1 cup'],
      ['tahini', '4 tbsp'],
    ] as const) {
      await choose(page, thing, amount);
      await page.getByRole('slider', { name: 'Where the body will be' }).click();
      expect(await sidewaysOf(page)).toEqual([]);
      await expectClean(page, `at the bowl, ${thing}`);
      await page.getByRole('button', { name: new RegExp(`^Add ${amount}`) }).click();
    }
    await page.getByRole('button', { name: 'Stop and see what it was' }).click();
    await expect(page.getByText('Right in all three, with 2 additions of 4.')).toBeVisible();
    expect(await sidewaysOf(page)).toEqual([]);
    await expectClean(page, 'what it was');
    await page.getByRole('link', { name: 'All bowls' }).click();
    await expect(page.getByRole('img', { name: /^How far off 2 guesses/ })).toBeVisible();
    expect(await sidewaysOf(page)).toEqual([]);
    await expectClean(page, 'how guesses go');
  });
}
