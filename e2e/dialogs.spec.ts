import { expect, type Page, test } from '@playwright/test';
import { expectClean } from './clean';
import { sidewaysOf } from './sideways';
import { openSampleBook } from './cook';

/** What is opened over a room or beside it: where, by which taps, and by what it is known to be there. */
interface Opened {
  what: string;
  room: string;
  open: (page: Page) => Promise<void>;
  there: (page: Page) => ReturnType<Page['getByRole']>;
}

const bench = '/bench?dip=black-bean-lime-cocoa';

/** Opens what stands in the head of the Bench, folded away on a phone. */
async function head(page: Page, name: string) {
  const more = page.getByRole('button', { name: 'Set up', exact: true });
  const button = page.getByRole('button', { name, exact: true });
  await expect(more.or(button).first()).toBeVisible();
  if (await more.isVisible()) await more.click();
  await button.click();
}

const details = async (page: Page) => {
  await page
    .getByRole('button', { name: /^Details of Black beans/ })
    .first()
    .click();
};

const all: readonly Opened[] = [
  ...['Targets', 'Size', 'Ways', 'Free of'].map((name) => ({
    ...{ what: name, room: bench, open: (page: Page) => head(page, name) },
    there: (page: Page) => page.getByRole('button', { name: /^(Leave|Close) / }).first(),
  })),
  {
    ...{ what: 'about', room: bench, open: (page) => head(page, 'About it') },
    there: (page) => page.getByRole('dialog', { name: /^About/ }),
  },
  {
    ...{ what: 'details', room: bench, open: details },
    there: (page) => page.getByRole('region', { name: /^Details of/ }),
  },
  {
    ...{ what: 'made ready', room: bench },
    open: async (page) => {
      await details(page);
      await page.getByRole('button', { name: 'Made ready…' }).click();
    },
    there: (page) => page.getByRole('region', { name: /made ready$/ }),
  },
  {
    ...{ what: 'swap', room: bench },
    open: async (page) => {
      await details(page);
      await page.getByRole('button', { name: 'Swap it…' }).click();
    },
    there: (page) => page.getByRole('button', { name: /^Leave/ }).first(),
  },
  {
    ...{ what: 'why', room: bench },
    open: (page) => page.getByRole('button', { name: /^What is the body, rested/ }).click(),
    there: (page) => page.getByRole('region', { name: /what it is, and why$/ }),
  },
  {
    ...{ what: 'new day', room: '/day' },
    open: (page) => page.getByRole('button', { name: 'New day' }).click(),
    there: (page) => page.getByRole('group', { name: 'On the table at' }),
  },
  {
    ...{ what: 'on the plate', room: '/make?dip=watercress-hazelnut-pesto' },
    open: (page) => page.getByRole('button', { name: 'On the plate…' }).click(),
    there: (page) => page.getByRole('region', { name: 'To pasta' }),
  },
  {
    ...{ what: 'a machine', room: '/kit' },
    open: (page) => page.getByRole('button', { name: 'Change the food processor' }).click(),
    there: (page) => page.getByRole('dialog').getByRole('button', { name: 'Keep it' }),
  },
  {
    ...{ what: 'something new', room: '/larder' },
    open: (page) => page.getByRole('button', { name: 'Something new' }).click(),
    there: (page) => page.getByRole('button', { name: 'Put it on the shelf' }),
  },
  {
    ...{ what: 'a figure of a trial', room: '/trials?dip=weir-house-hummus' },
    open: (page) =>
      page.getByRole('button', { name: 'What is any figure of trial 1, and why?' }).click(),
    there: (page) => page.getByRole('dialog', { name: /what it is, and why$/ }),
  },
  {
    ...{ what: 'what a heading is', room: '/kit' },
    open: (page) => page.getByRole('button', { name: /^What is looser or stiffer here/ }).click(),
    there: (page) => page.getByRole('dialog', { name: /what it is$/ }),
  },
];

// 640 × 400 is a window of 1280 × 800 at twice the size
for (const [width, height, colorScheme] of [
  [390, 844, 'light'],
  [390, 844, 'dark'],
  [640, 400, 'light'],
  [768, 1024, 'dark'],
  [1280, 800, 'light'],
  [1280, 800, 'dark'],
] as const) {
  test(`what opens over a room fits ${width} and is clean in the ${colorScheme} theme`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height });
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
    await openSampleBook(page);
    for (const { what, room, open, there } of all) {
      await page.goto(room);
      await open(page);
      await expect(there(page)).toBeVisible();
      await page.waitForLoadState('networkidle');
      // what it was opened from may still be closing
      await expect.poll(async () => [what, await sidewaysOf(page)]).toEqual([what, []]);
      await expectClean(page, `${what} at ${width}`);
    }
  });
}
