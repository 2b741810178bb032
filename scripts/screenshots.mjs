/** One picture of each main view, from the sample book, into docs/screenshots/. */
import { mkdirSync } from 'node:fs';
import { drawnBoard } from './drawnBoard.mjs';
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
    name: 'trials',
    size: wide,
    path: `/trials${hummus}`,
    act: async (page) => {
      await button(page, 'How it was made').first().click();
      await page.getByRole('list', { name: /^How trial/ }).waitFor();
    },
  },
  {
    name: 'practice',
    size: wide,
    path: '/practice?bowl=salty-sharp-loose',
    act: async (page) => {
      await button(page, 'Take it up').click();
      const next = page.getByRole('region', { name: 'What goes in next' });
      const guess = async (thing, amount, share) => {
        await button(next, thing).click();
        await next.getByRole('button', { name: amount, exact: true }).click();
        const axis = next.getByRole('slider');
        const { width } = await axis.boundingBox();
        await axis.click({ position: { x: width * share, y: 84 } });
      };
      await guess('chickpeas', '3/4 cup', 0.46);
      await next.getByRole('button', { name: /^Add / }).click();
      await page.getByRole('list', { name: 'What went in' }).waitFor();
      await guess('tahini', '3 tbsp', 0.56);
      await next
        .getByRole('group', { name: 'Salt will be' })
        .getByRole('button', { name: 'right' })
        .click();
    },
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
  {
    name: 'find',
    size: wide,
    path: '/find?q=hummus+without+sesame',
    act: (page) =>
      page.getByRole('list', { name: 'Found' }).getByRole('listitem').first().waitFor(),
  },
  {
    name: 'join',
    size: wide,
    path: '/',
    act: async (page) => {
      await page.getByLabel('Another book to join').setInputFiles({
        ...{ name: 'galley-tablet.json', mimeType: 'application/json' },
        buffer: Buffer.from(JSON.stringify(await otherBook(page))),
      });
      await page.getByRole('button', { name: 'Join them' }).waitFor();
    },
  },
  {
    name: 'measured',
    size: wide,
    path: `/trials${hummus}`,
    act: async (page) => {
      const board = await drawnBoard(page, 132, 18);
      await button(page, 'Pictures').first().click();
      await page.getByLabel('A picture', { exact: true }).setInputFiles({
        ...{ name: 'board.png', mimeType: 'image/png' },
        buffer: board.png,
      });
      await page.getByRole('button', { name: /^Picture,/ }).click();
      await button(page, 'Measure a spread').click();
      const shown = page.getByRole('group', { name: /^The picture\./ });
      const { x, y, width, height } = await shown.boundingBox();
      for (const [px, py] of [...board.lid, ...board.spread]) {
        await page.mouse.click(
          x + (px / board.widthPx) * width,
          y + (py / board.heightPx) * height,
        );
      }
      await page.getByText('By the edges of both rims').waitFor();
    },
  },
];

/** The sample book as another tablet has it: a dip more, one changed, one thrown away, one that both have otherwise. */
async function otherBook(page) {
  const book = await page.evaluate(async () => (await fetch('/sample-book.json')).json());
  const at = '2026-06-14T09:00:00.000Z-0000';
  const stamped = (id, gone) =>
    book.lineage.stamps.push({ id, seen: { 'galley-tablet': at }, ...(gone ? { gone } : {}) });
  const dip = (id) => book.dips.find((one) => one.id === id);
  dip('butter-bean-sage').nextThing = 'Try it with half the sage, fried longer.';
  dip('weir-house-hummus').note = 'The rowing eight wants it looser for the boat.';
  stamped('dips/weir-house-hummus');
  const copy = { ...dip('butter-bean-sage'), id: 'galley-bean', name: 'Galley bean dip' };
  book.dips.push(copy);
  stamped('dips/galley-bean');
  const [swap] = book.swaps;
  book.swaps = book.swaps.filter(({ id }) => id !== swap.id);
  stamped(`swaps/${swap.id}`, true);
  return book;
}

/** Phones beside one another, as one picture. */
async function besideOneAnother(pictures) {
  const page = await browser.newPage({ viewport: { width: 1290, height: 900 } });
  const images = pictures
    .map((one) => `<img src="data:image/png;base64,${one.toString('base64')}">`)
    .join('');
  await page.setContent(
    `<body style="margin:0;padding:28px 30px;background:#e7e0d2;display:flex;gap:30px">${images}</body>`,
  );
  await page.screenshot({ path: `${folder}/phones.png` });
  await page.close();
  console.log('phones.png');
}

const wanted = process.argv.slice(2);
const phones = [];
for (const { name, size, path, act, scheme = 'light' } of views) {
  const file = size === phone ? 'phones' : name;
  if (wanted.length > 0 && !wanted.includes(file)) continue;
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
  if (size === phone) phones.push(await page.screenshot());
  else {
    await page.screenshot({ path: `${folder}/${name}.png` });
    console.log(`${name}.png`);
  }
  await context.close();
}
if (phones.length > 0) await besideOneAnother(phones);
await browser.close();
await server.stop();
