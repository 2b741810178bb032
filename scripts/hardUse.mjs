/**
 * Hard use, counted: tabs killed right after a tap, a key and a drop; bursts of taps; two tabs on one dip; books and
 * other files spoilt at random; requests of every verb. `npm run hard-use`, or with parts of it: `npm run hard-use -- kills bursts tabs books files
 * rooms requests`.
 * `TIMES=0.1` does a tenth of it, `RATES=6` the kills on a machine slowed to a sixth only, `DEEDS=drop` those of a drop only.
 */
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { chromiumFlags, ensureChromium } from './chromium.mjs';
import { ensureInstalled, root } from './installed.mjs';

ensureInstalled();
const { build, freePort, isBuilt, startServer } = await import('./server.mjs');
const { chromium } = await import('@playwright/test');

const times = Number(process.env.TIMES ?? 1);
const rates = (process.env.RATES ?? '1,6').split(',').map(Number);
const deedsAsked = process.env.DEEDS?.split(',');
const count = (whole) => Math.max(1, Math.round(whole * times));
const parts =
  process.argv.length > 2
    ? process.argv.slice(2)
    : ['kills', 'bursts', 'tabs', 'books', 'files', 'rooms', 'requests'];

const executablePath = ensureChromium();
if (!executablePath) process.exit(1);
if (!isBuilt()) build();
const server = await startServer(await freePort(), { quiet: true });
const browser = await chromium.launch({ executablePath, args: chromiumFlags });

async function withSampleBook() {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  await page.goto(server.address);
  await page.getByRole('button', { name: 'Open the sample book' }).click();
  await page.getByRole('heading', { name: 'The book' }).waitFor();
  return { context, page };
}

async function slowed(page, rate) {
  const session = await page.context().newCDPSession(page);
  if (rate > 1) await session.send('Emulation.setCPUThrottlingRate', { rate });
  return session;
}

/** The tab dies without a word, or is reloaded at once. */
async function end(page, session, kill) {
  if (!kill) return page.goto('about:blank');
  const crashed = page.waitForEvent('crash');
  void session.send('Page.crash').catch(() => undefined);
  await crashed;
  return page.close();
}

const bench = `${server.address}/bench?dip=weir-house-hummus`;
const make = `${server.address}/make?dip=weir-house-hummus`;
const water = (page) => page.getByRole('textbox', { name: 'Amount of Water', exact: true });
const lemon = (page) => page.getByRole('textbox', { name: 'Amount of Lemon juice' }).first();

/** What each way of working does last, and whether it is there afterwards, once. */
const deeds = {
  async tap(page) {
    await page.goto(make);
    const start = page.getByRole('button', { name: 'Start making' });
    await start
      .or(page.getByText(/step \d+ of/))
      .first()
      .waitFor();
    if (await start.isVisible()) {
      await start.click();
      await page.getByText(/step 1 of/).waitFor();
    }
    const step = Number(/step (\d+)/.exec(await page.getByText(/step \d+ of/).textContent())[1]);
    return {
      act: () => page.getByRole('button', { name: 'In, as written' }).click({ noWaitAfter: true }),
      async kept(again) {
        await again.goto(make);
        await again
          .getByText(/step \d+ of|the check/)
          .first()
          .waitFor();
        const text = await again
          .getByText(/step \d+ of|the check/)
          .first()
          .textContent();
        const now = Number(/step (\d+)/.exec(text)?.[1] ?? 11);
        // so that there is always a next one
        if (now > 7) {
          await again.getByRole('button', { name: 'Stop making' }).click();
          await again.getByRole('button', { name: 'Throw it away' }).click();
          await again.getByText('All saved').waitFor();
        }
        return now === step + 1;
      },
    };
  },
  async key(page, i) {
    await page.goto(bench);
    await water(page).waitFor();
    const text = `${20 + (i % 70)} g`;
    return {
      async act() {
        await water(page).fill(text, { noWaitAfter: true });
        // a key counts once it is on the screen: the browser may hold one back that the page has not seen
        await page.waitForFunction((typed) => document.activeElement?.value === typed, text);
      },
      async kept(again) {
        await again.goto(bench);
        await water(again).waitFor();
        return (await water(again).inputValue()) === text;
      },
    };
  },
  async drop(page, i) {
    await page.goto(bench);
    const handle = page.locator('[data-bead="1"]');
    await handle.waitFor();
    const box = await handle.boundingBox();
    const [x, y] = [box.x + 15, box.y + 15];
    let dropped = '';
    return {
      async act() {
        await page.mouse.move(x, y);
        await page.mouse.down();
        await page.mouse.move(x - 20 - (i % 40), y, { steps: 3 });
        dropped = await lemon(page).inputValue();
        await page.mouse.up();
      },
      async kept(again) {
        await again.goto(bench);
        await lemon(again).waitFor();
        return (await lemon(again).inputValue()) === dropped;
      },
    };
  },
};

async function kills() {
  for (const rate of rates) {
    for (const [name, deed] of Object.entries(deeds)) {
      if (deedsAsked && !deedsAsked.includes(name)) continue;
      const { context, page: first } = await withSampleBook();
      await first.close();
      let lost = 0;
      const all = count(170);
      for (let i = 0; i < all; i += 1) {
        const page = await context.newPage();
        const session = await slowed(page, rate);
        const { act, kept } = await deed(page, i);
        await act();
        await end(page, session, i % 2 === 0);
        const again = await context.newPage();
        if (!(await kept(again))) lost += 1;
        await again.getByText('All saved').waitFor();
        await again.close();
        if (!page.isClosed()) await page.close();
      }
      console.log(
        `${name} and the tab gone at once, at ${rate}×: ${lost} of ${all} lost or doubled`,
      );
      await context.close();
    }
  }
}

async function bursts() {
  const { context, page } = await withSampleBook();
  let wrong = 0;
  const all = count(500);
  for (let i = 0; i < all; i += 1) {
    await page.goto(make);
    await page.getByRole('button', { name: 'Start making' }).click();
    await page.getByText('step 1 of 10').waitFor();
    const wanted = Array.from({ length: 10 }, (_, k) => ((i + k) % 3 === 0 ? '–' : '✓'));
    await page.evaluate(async (marks) => {
      for (const mark of marks) {
        const name = mark === '✓' ? 'In, as written' : 'Leave it out';
        [...document.querySelectorAll('button')].find((one) => one.textContent === name)?.click();
        await new Promise((resolve) => setTimeout(resolve, 80));
      }
    }, wanted);
    const steps = page.getByRole('navigation', { name: 'Steps' }).getByRole('listitem');
    const marks = (await steps.allTextContents()).map((text) => text.charAt(0));
    if (marks.join('') !== wanted.join('')) wrong += 1;
    await page.getByRole('button', { name: 'Stop making' }).click();
    await page.getByRole('button', { name: 'Throw it away' }).click();
    await page.getByText('All saved').waitFor();
  }
  console.log(`bursts of ten taps 80 ms apart: ${wrong} of ${all} not each on its own`);
  await context.close();
}

async function tabs() {
  const { context, page } = await withSampleBook();
  const other = await context.newPage();
  await Promise.all([page.goto(bench), other.goto(bench)]);
  let lost = 0;
  const all = count(500);
  for (let i = 0; i < all; i += 1) {
    const [mine, theirs] = [`${20 + (i % 60)} g`, `${10 + (i % 50)} g`];
    await Promise.all([water(page).fill(mine), lemon(other).fill(theirs)]);
    await Promise.all([page, other].map((tab) => tab.getByText('All saved').waitFor()));
    const third = await context.newPage();
    await third.goto(bench);
    await water(third).waitFor();
    const values = [await water(third).inputValue(), await lemon(third).inputValue()];
    if (values[0] !== mine || values[1] !== theirs) lost += 1;
    await third.close();
  }
  console.log(`two rows of one dip changed in two tabs at once: ${lost} of ${all} lost`);
  await context.close();
}

function books() {
  const ran = spawnSync(
    process.execPath,
    ['--import', 'tsx', `${root}scripts/spoiltBooks.ts`, String(count(10_000))],
    { cwd: root, encoding: 'utf8' },
  );
  if (ran.status !== 0) throw new Error(ran.stderr);
  console.log(ran.stdout.trim());
}

/** Files of every kind that is taken in, spoilt. */
function files() {
  const ran = spawnSync(
    process.execPath,
    ['--import', 'tsx', `${root}scripts/spoiltFiles.ts`, String(count(10_000))],
    { cwd: root, encoding: 'utf8' },
  );
  if (ran.status !== 0) throw new Error(ran.stderr);
  console.log(ran.stdout.trim());
}

/** Books spoilt at random that are taken, each opened, and every room of it for the dip that is spoilt or the first one. */
async function rooms() {
  const file = `${mkdtempSync(`${tmpdir()}/spoilt-`)}/taken.txt`;
  const all = count(300);
  const ran = spawnSync(
    process.execPath,
    ['--import', 'tsx', `${root}scripts/spoiltBooks.ts`, String(all * 8), file],
    { cwd: root, encoding: 'utf8' },
  );
  if (ran.status !== 0) throw new Error(ran.stderr);
  const books = readFileSync(file, 'utf8').split('\n').slice(0, all);
  const whole = JSON.parse(readFileSync(`${root}web/public/sample-book.json`, 'utf8'));
  const known = new Map(whole.dips.map((dip) => [dip.id, JSON.stringify(dip)]));
  const { context, page } = await withSampleBook();
  const thrown = [];
  page.on('pageerror', (error) => thrown.push(error.message));
  let fallen = 0;
  for (const [i, line] of books.entries()) {
    const text = JSON.parse(line);
    await page.goto(server.address);
    await page.getByRole('heading', { name: 'The book' }).waitFor();
    await page.getByLabel('Book file').setInputFiles({
      name: `${i}.json`,
      mimeType: 'application/json',
      buffer: Buffer.from(text),
    });
    await page.getByText(`${i}.json is open`).waitFor();
    const { dips, plans } = JSON.parse(text);
    const dip = (dips.find((one) => known.get(one.id) !== JSON.stringify(one)) ?? dips[0])?.id;
    const of = `?dip=${encodeURIComponent(dip)}`;
    const day = `?plan=${encodeURIComponent(plans?.[0]?.id)}`;
    const at = [
      '',
      `bench${of}`,
      `make${of}`,
      `trials${of}`,
      'house',
      `day${day}`,
      'larder',
      'kit',
    ];
    for (const room of at) {
      // a room that sends on to another address may still be doing so
      await page
        .goto(`${server.address}/${room}`)
        .catch(() => page.goto(`${server.address}/${room}`));
      const fell = page.getByText('This room fell over');
      await fell.or(page.getByRole('heading').first()).first().waitFor();
      if (await fell.isVisible()) {
        fallen += 1;
        console.log(`book ${i} fell over in ${room}`);
      }
    }
  }
  console.log(
    `${books.length} spoilt books that were taken, every room opened: ${fallen} fell over, ${thrown.length} errors thrown${thrown[0] ? `: ${thrown[0]}` : ''}`,
  );
  await context.close();
}

const tahini = [
  { ingredient: 'tahini', amount: '1/3 cup' },
  { ingredient: 'water', amount: '60 g' },
];
const many = (length) =>
  Array.from({ length }, (_, i) => ({
    ingredient: ['chickpeas-cooked', 'water', 'tahini', 'lemon-juice'][i % 4],
    amount: `${1 + (i % 9)} tbsp`,
  }));
const longTasks = (length) => ({
  serveAt: '2027-06-12T12:30',
  tasks: Array.from({ length }, (_, i) => ({
    id: `t${i}`,
    handsOnMin: 5 + (i % 20),
    waitMin: (i % 7) * 30,
    after: i > 3 ? [`t${i - 3}`] : [],
  })),
});
const asked = [
  ['analyse', { parts: tahini, nudges: true }],
  ['analyse', { parts: many(200), nudges: true }],
  ['land', { parts: tahini, target: { freshBody: [5.5, 6.5] } }],
  [
    'land',
    { parts: many(200), target: { freshBody: [5.5, 6.5], saltG: [1, 1.2] }, kitchenMeasures: true },
  ],
  ['reading', { eye: 'scoops' }],
  ['prepare', { ingredient: 'chickpeas-cooked', from: 'dried', amount: '200 g' }],
  ['soak', { pulse: 'chickpea', hours: 8 }],
  ['cool', { shape: 'bowl' }],
  ['plan', longTasks(12)],
  ['plan', longTasks(500)],
  ['advise', { parts: tahini, target: { saltG: [1, 1.2] }, atHand: ['sea-salt-fine'] }],
  ['stage', { parts: tahini, kitchen: { machine: 'jug-blender' } }],
  [
    'loads',
    { parts: [{ ingredient: 'water', amount: '999999999 kg' }], leastMl: 50, mostMl: 20_000 },
  ],
  ['loads', { parts: tahini, leastMl: 50, mostMl: 200 }],
  ['swap', { parts: tahini, swap: 0 }],
  ['free', { parts: tahini, free: ['sesame'] }],
  ['batch', { parts: tahini, containers: [{ name: 'jar', ml: 200, count: 4 }] }],
  ['keep', { parts: tahini, madeOn: '2026-06-12' }],
  ['analyse', '['.repeat(200_000)],
  ['analyse', 'not JSON'],
];

async function requests() {
  const memory = () =>
    Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.child.pid}/status`, 'utf8'))?.[1]) /
    1024;
  const all = count(10_000);
  const codes = new Map();
  let slowest = 0;
  let begun = 0;
  const levels = [];
  const one = async () => {
    while (begun < all) {
      const [verb, body] = asked[begun % asked.length];
      begun += 1;
      if (begun % Math.ceil(all / 8) === 0) levels.push(memory());
      const at = performance.now();
      const answer = await fetch(`${server.address}/api/${verb}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: typeof body === 'string' ? body : JSON.stringify(body),
      });
      await answer.text();
      slowest = Math.max(slowest, performance.now() - at);
      codes.set(answer.status, (codes.get(answer.status) ?? 0) + 1);
    }
  };
  await one();
  const told = [...codes].sort(([a], [b]) => a - b).map(([code, n]) => `${n} × ${code}`);
  console.log(
    `${all} requests, one after another: ${told.join(', ')}; the slowest ${(slowest / 1000).toFixed(1)} s; memory ${levels.map((mb) => mb.toFixed(0)).join(', ')} MB`,
  );
}

const work = { kills, bursts, tabs, books, files, rooms, requests };
for (const part of parts) {
  if (!work[part]) {
    console.error(`No such part: ${part}. There are ${Object.keys(work).join(', ')}.`);
    process.exitCode = 2;
    break;
  }
  await work[part]();
}
await browser.close();
await server.stop();
process.exit();
