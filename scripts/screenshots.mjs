/** One picture of each main view, from the sample book, into docs/screenshots/. */
import { mkdirSync } from 'node:fs';
import { chromiumFlags, ensureChromium } from './chromium.mjs';
import { ensureInstalled, root } from './installed.mjs';

ensureInstalled();
const { build, freePort, isBuilt, startServer } = await import('./server.mjs');
const { chromium } = await import('@playwright/test');

const executablePath = ensureChromium();
if (!executablePath) process.exit(1);
if (!isBuilt()) build();
const folder = `${root}docs/screenshots`;
mkdirSync(folder, { recursive: true });
const server = await startServer(await freePort(), { quiet: true });
const browser = await chromium.launch({ executablePath, args: chromiumFlags });

const button = (page, name) => page.getByRole('button', { name, exact: true });

async function startMaking(page, steps, leftOut = []) {
  await button(page, 'Start making').click();
  for (let i = 1; i <= steps; i += 1) {
    await page.getByText(`step ${i} of 10`).waitFor();
    await button(page, leftOut.includes(i) ? 'Leave it out' : 'In, as written').click();
  }
}

const recipe = `Walnut and red pepper dip
makes about 2 cups

200 g walnuts, toasted
3 red peppers, roasted and skinned
2 tbsp pomegranate molasses
1 clove garlic
1 tsp coriander
1 tbsp vinegar
50 ml olive oil, plus a little for the top
salt to taste
handful of pomegranate seeds, to scatter over

Toast the walnuts in a low oven. Blend everything but the oil.`;

const hummus = '?dip=weir-house-hummus';
const wide = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };
const views = [
  { name: 'book', size: wide, path: '/' },
  { name: 'bench', size: wide, path: `/bench${hummus}` },
  { name: 'bench-phone', size: phone, path: `/bench${hummus}` },
  {
    name: 'new-dip',
    size: { width: 1280, height: 1000 },
    path: '/new',
    act: async (page) => {
      await page.getByRole('textbox', { name: 'What goes in' }).fill(recipe);
      await page.getByText('2 lines left out until answered').waitFor();
    },
  },
  { name: 'make', size: wide, path: `/make${hummus}`, act: (page) => startMaking(page, 5) },
  {
    name: 'make-phone',
    size: phone,
    path: `/make${hummus}`,
    act: async (page) => {
      await startMaking(page, 2);
      await button(page, 'Practice scale').click();
      await page.getByText(/^-?0\.\d g$/).waitFor();
      await page.getByRole('button', { name: 'Pour', exact: true }).click();
      await page.waitForTimeout(2200);
      await button(page, 'Stop pouring').click();
      await page.getByRole('button', { name: /^Log [\d.]+ g$/ }).waitFor();
    },
  },
  {
    name: 'make-check',
    size: wide,
    path: `/make${hummus}`,
    act: async (page) => {
      await startMaking(page, 10, [3, 5, 7]);
      await page.getByRole('radio', { name: 'spreads' }).click();
      await page
        .getByRole('group', { name: 'Salt' })
        .getByRole('button', { name: 'short' })
        .click();
      await page
        .getByRole('button', { name: /^First / })
        .first()
        .waitFor();
    },
  },
  {
    name: 'swap',
    size: wide,
    path: `/bench${hummus}`,
    act: async (page) => {
      await page.getByRole('textbox', { name: 'Amount of Tahini, hulled' }).focus();
      await page.keyboard.press('Alt+s');
      const butter = page.getByRole('listitem', { name: /^Sunflower seed butter/ });
      await butter.getByRole('button').first().click();
      await butter.getByRole('button', { name: 'an allergy' }).click();
    },
  },
  {
    name: 'variant',
    size: wide,
    path: '/bench?dip=weir-house-green',
    act: async (page) => {
      const adding = page.getByRole('combobox', { name: 'Add something' });
      await adding.fill('at least twice as much chickpeas as tahini');
      await page.getByRole('option', { name: /^Hold to it/ }).waitFor();
      await adding.press('Enter');
      await button(page, 'What that does').click();
      await page.getByRole('list', { name: 'What differs' }).getByRole('button').first().click();
    },
  },
  {
    name: 'trials',
    size: wide,
    path: `/trials${hummus}`,
    act: async (page) => {
      await button(page, 'How it was made').first().click();
      await page.getByRole('list', { name: /^How trial/ }).waitFor();
    },
  },
  {
    name: 'side-by-side',
    size: wide,
    path: `/trials?compare=${[
      'weir-house-hummus-trial-1',
      'weir-house-hummus-trial-3',
      'weir-house-hummus-trial-6',
      'weir-house-green-trial-1',
    ].join(',')}`,
  },
  {
    name: 'tasting',
    size: wide,
    path: '/tasting?id=crew-lunch',
    act: (page) => page.getByRole('img', { name: /^Liking/ }).waitFor(),
  },
  {
    name: 'taster-phone',
    size: phone,
    path: '/tasting?id=crew-lunch',
    act: async (page) => {
      await button(page, 'Open it again').click();
      await page.getByRole('link', { name: 'Stroke', exact: true }).click();
      await button(page, 'Look at it again').click();
      await button(page, 'Next pot').waitFor();
    },
  },
  {
    name: 'mixture-map',
    size: wide,
    path: '/design?id=tahini-chickpeas-oil',
    act: (page) => page.getByRole('slider', { name: 'Map of liking' }).waitFor(),
  },
  {
    name: 'house',
    size: wide,
    path: '/house',
    act: async (page) => {
      await page
        .getByRole('combobox', { name: 'Watercress, how long it keeps' })
        .selectOption('by tomorrow');
      await button(page, 'Open Leaf pesto with cheese').click();
    },
  },
  {
    name: 'batch',
    size: { width: 1280, height: 1240 },
    path: '/trials?dip=butter-bean-sage',
    act: async (page) => {
      // the day it was made
      await page.clock.setFixedTime(new Date('2026-05-24T15:00:00'));
      await button(page, 'Into jars').first().click();
      const jars = page.getByRole('form', { name: 'jar 120 ml' });
      await jars.getByRole('textbox', { name: 'How many' }).fill('3');
      await button(jars, 'Filled').click();
      await page.getByRole('region', { name: 'Labels' }).waitFor();
    },
  },
  {
    name: 'day',
    size: { width: 1280, height: 900 },
    path: '/day?plan=regatta-first-day',
    act: async (page) => {
      await page.getByRole('progressbar', { name: 'Planning' }).waitFor({ state: 'visible' });
      await page.getByRole('progressbar', { name: 'Planning' }).waitFor({ state: 'hidden' });
    },
  },
  {
    name: 'larder',
    size: wide,
    path: '/larder',
    act: async (page) => {
      await page.getByRole('textbox', { name: 'Find' }).fill('garlic');
      const things = page.getByRole('list', { name: 'Ingredients' }).getByRole('button');
      await things.filter({ hasText: 'Garlic oil, our own' }).click();
      await page.getByRole('form', { name: 'Made now' }).waitFor();
    },
  },
  { name: 'kit', size: wide, path: '/kit' },
];

const wanted = process.argv.slice(2);
for (const { name, size, path, act, scheme = 'light' } of views) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  const context = await browser.newContext({
    viewport: size,
    colorScheme: scheme,
    reducedMotion: 'reduce',
  });
  const page = await context.newPage();
  await page.goto(server.address);
  await button(page, 'Open the sample book').click();
  await page.getByRole('heading', { name: 'The book' }).waitFor();
  if (path !== '/') await page.goto(`${server.address}${path}`);
  await page.locator('main h1').first().waitFor();
  if (act) await act(page);
  await page.mouse.move(0, 0);
  await page.waitForTimeout(500);
  await page.screenshot({ path: `${folder}/${name}.png` });
  console.log(`${name}.png`);
  await context.close();
}
await browser.close();
await server.stop();
