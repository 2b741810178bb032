/**
 * Speed, measured: one table and one line of JSON. Aims are printed beside the figures and never asserted.
 *
 *     npm run bench              everything
 *     npm run bench -- screen    what a cook waits for in the browser, in a few minutes
 */
import { spawnSync } from 'node:child_process';
import { cpus } from 'node:os';
import { gzipSync } from 'node:zlib';
import { bigBook } from './bigBook.mjs';
import { chromiumFlags, ensureChromium } from './chromium.mjs';
import { ensureInstalled, root } from './installed.mjs';

ensureInstalled();
const { bundle } = await import('./bundle.mjs');
const { build, freePort, isBuilt, startServer } = await import('./server.mjs');
const { chromium } = await import('@playwright/test');

/** First-load JavaScript of a bare MUI page, gzipped, that the rooms are held against. */
const bareMuiKb = 181.5;

const onlyScreen = process.argv[2] === 'screen';

/** What the core takes, timed bundled as a browser gets it: a runner of TypeScript names every inner function anew. */
async function timeCore() {
  const coreBundle = `${root}.cache/benchCore.mjs`;
  await bundle({ benchCore: `${root}scripts/benchCore.ts` });
  const core = spawnSync(process.execPath, [coreBundle], { cwd: root, encoding: 'utf8' });
  if (core.status !== 0) {
    process.stderr.write(core.stderr);
    process.exit(1);
  }
  return JSON.parse(core.stdout);
}
const timed = onlyScreen ? null : await timeCore();

const executablePath = ensureChromium();
if (!executablePath) process.exit(1);
if (!isBuilt()) build();
const server = await startServer(await freePort(), { quiet: true });
const browser = await chromium.launch({ executablePath, args: chromiumFlags });

const at = (sorted, share) =>
  sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))];
const summary = (times) => {
  const sorted = [...times].sort((a, b) => a - b);
  return { median: at(sorted, 0.5), p95: at(sorted, 0.95), count: sorted.length };
};

async function sampleBench() {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(server.address);
  await page.getByRole('button', { name: 'Open the sample book' }).click();
  await page.getByRole('heading', { name: 'The book' }).waitFor();
  await page.goto(`${server.address}/bench?dip=weir-house-green`);
  await page.getByRole('textbox', { name: 'Amount of Chickpeas, canned' }).waitFor();
  return page;
}

/** Keeps the time from each event of a kind to the end of the frame that shows what it did. */
function watchPaints(page, kind) {
  return page.evaluate((name) => {
    window.paints = [];
    document.addEventListener(
      name,
      () => {
        const start = performance.now();
        requestAnimationFrame(() => {
          const channel = new MessageChannel();
          // a message posted in the frame is answered after it was painted
          channel.port1.onmessage = () => window.paints.push(performance.now() - start);
          channel.port2.postMessage(0);
        });
      },
      true,
    );
  }, kind);
}

/** What the page's thread spent on an event, ms: scripts, styles and layout, and all of it with painting. */
async function spending(page) {
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  const read = async () => {
    const { metrics } = await session.send('Performance.getMetrics');
    return Object.fromEntries(metrics.map(({ name, value }) => [name, value * 1000]));
  };
  const before = await read();
  return async (events) => {
    const after = await read();
    const per = (...names) =>
      names.reduce((sum, name) => sum + after[name] - before[name], 0) / events;
    return {
      script: per('ScriptDuration'),
      layout: per('LayoutDuration', 'RecalcStyleDuration'),
      all: per('TaskDuration'),
    };
  };
}

/** Typing one character into an amount to the end of the frame that shows it, ms. */
async function typing() {
  const page = await sampleBench();
  const field = page.getByRole('textbox', { name: 'Amount of Chickpeas, canned' });
  await watchPaints(page, 'beforeinput');
  const spent = await spending(page);
  for (let i = 0; i < 60; i += 1) {
    await field.fill('');
    await field.pressSequentially(`${1 + (i % 8)} cups`, { delay: 25 });
  }
  const paints = await page.evaluate(() => window.paints);
  const frame = await spent(paints.length);
  await page.close();
  return { ...summary(paints), frame };
}

/** A bead dragged to the end of the frame that shows it, ms. */
async function dragging() {
  const page = await sampleBench();
  const box = await page.locator('[data-bead="5"]').boundingBox();
  const y = box.y + box.height / 2;
  const x = box.x + box.width / 2;
  await page.mouse.move(x, y);
  await page.mouse.down();
  await watchPaints(page, 'pointermove');
  const spent = await spending(page);
  for (let i = 0; i < 120; i += 1) {
    await page.mouse.move(x + 60 * Math.sin(i / 9), y);
    await page.waitForTimeout(24);
  }
  const paints = await page.evaluate(() => window.paints);
  const frame = await spent(paints.length);
  await page.mouse.up();
  await page.close();
  return { ...summary(paints), frame };
}

/** Taking a book of so many trials from its file, and then opening the Book with it, ms. */
async function bookOf(trials) {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  await page.goto(server.address);
  await page.getByRole('button', { name: 'Begin a blank book' }).click();
  const buffer = Buffer.from(bigBook(trials));
  const input = page.getByLabel('Book file', { exact: true });
  await input.waitFor({ state: 'attached' });
  const start = performance.now();
  await input.setInputFiles({ name: 'book.json', mimeType: 'application/json', buffer });
  await page.getByText(`14 dips, ${trials} trials`).waitFor();
  const taken = performance.now() - start;
  // the dips can be worked with as soon as they are painted; the trials of a long book follow
  await page.addInitScript((count) => {
    window.painted = {};
    const painted = (what) => {
      requestAnimationFrame(() => {
        const channel = new MessageChannel();
        channel.port1.onmessage = () => (window.painted[what] ??= performance.now());
        channel.port2.postMessage(0);
      });
    };
    new MutationObserver(() => {
      const text = document.querySelector('main')?.textContent ?? '';
      if (text.includes('Butter bean and sage')) painted('dips');
      if (text.includes(`14 dips, ${count} trials`)) painted('all');
    }).observe(document, { childList: true, subtree: true, characterData: true });
  }, trials);
  const times = [];
  const whole = [];
  for (let i = 0; i < 7; i += 1) {
    await page.goto('about:blank');
    await page.goto(server.address, { waitUntil: 'commit' });
    await page.getByText(`14 dips, ${trials} trials`).waitFor();
    const { dips, all } = await page.evaluate(() => window.painted);
    times.push(dips);
    whole.push(all);
  }
  await context.close();
  return { taken, opened: summary(times).median, whole: summary(whole).median };
}

/** JavaScript a first visit to a room asks for before its heading stands, gzipped kB; what it fetches after that is not waited for. */
async function firstLoad(path) {
  const context = await browser.newContext({ serviceWorkers: 'block' });
  const page = await context.newPage();
  await page.goto(server.address);
  await page.getByRole('button', { name: 'Open the sample book' }).click();
  await page.getByRole('heading', { name: 'The book' }).waitFor();
  const fresh = await context.newPage();
  await fresh.addInitScript(() => {
    performance.setResourceTimingBufferSize(2000);
    // by the insertion itself: an observer is told only after the effects of what was put there, which ask for more
    const insert = Node.prototype.insertBefore;
    const append = Node.prototype.appendChild;
    const look = () => {
      if (window.stoodAt === undefined && document.querySelector('main h1'))
        window.stoodAt = performance.now();
    };
    Node.prototype.insertBefore = function (...given) {
      const put = insert.apply(this, given);
      look();
      return put;
    };
    Node.prototype.appendChild = function (...given) {
      const put = append.apply(this, given);
      look();
      return put;
    };
  });
  const sizes = new Map();
  const pending = [];
  fresh.on('response', (response) => {
    // what is fetched ahead for other rooms is no script of this one
    if (response.request().resourceType() !== 'script') return;
    const body = response.body().then((bytes) => gzipSync(bytes, { level: 9 }).length);
    pending.push(
      body.then(
        (size) => sizes.set(response.url(), size),
        // what comes after the room stands may be cut off where the page is closed
        () => undefined,
      ),
    );
  });
  await fresh.goto(`${server.address}${path}`, { waitUntil: 'load' });
  await fresh.locator('main h1').first().waitFor();
  const asked = await fresh.evaluate(() =>
    performance
      .getEntriesByType('resource')
      .filter(({ startTime }) => startTime < window.stoodAt)
      .map(({ name }) => name),
  );
  await Promise.all(pending);
  await context.close();
  return asked.reduce((sum, url) => sum + (sizes.get(url) ?? 0), 0) / 1024;
}

const typed = await typing();
const dragged = await dragging();
const small = await bookOf(50);
const large = await bookOf(5000);
const rooms = {};
for (const [room, path] of Object.entries({
  book: '/',
  bench: '/bench?dip=weir-house-hummus',
  make: '/make?dip=weir-house-hummus',
  trials: '/trials?dip=weir-house-hummus',
  day: '/day?plan=regatta-first-day',
  house: '/house',
  larder: '/larder',
  kit: '/kit',
  new: '/new',
  design: '/design?id=tahini-chickpeas-oil',
})) {
  rooms[room] = await firstLoad(path);
}
await browser.close();
await server.stop();

const us = (ms) => `${(ms * 1000).toFixed(1)} µs`;
const ms = (value) => `${value.toFixed(1)} ms`;
/** The rows of what the core takes. */
function coreLines({
  evaluation,
  refresh,
  nudged,
  landing,
  landed,
  inMeasures,
  landedInMeasures,
  advice,
  reading,
  plan,
  cook,
  tongue,
  swapped,
  find,
}) {
  return [
    ['one evaluation of a 20-part bowl', us(evaluation.median), us(evaluation.p95), '10 µs'],
    ['Bench refresh: path, seasoning, band', ms(refresh.median), ms(refresh.p95), '4 ms'],
    [
      'Bench refresh with nudges and a band of 500 draws',
      ms(nudged.median),
      ms(nudged.p95),
      '16 ms',
    ],
    [
      `land it, 15 free rows (${landed} of 60 landed)`,
      ms(landing.median),
      ms(landing.p95),
      '60 ms',
    ],
    [
      `land it in spoons, 12 rows, with its odds (${landedInMeasures} of 30 landed)`,
      ms(inMeasures.median),
      ms(inMeasures.p95),
      '',
    ],
    ['what to add next, or a way back', ms(advice.median), ms(advice.p95), ''],
    ['what could go in instead, a dip of 12 rows', ms(swapped.median), ms(swapped.p95), '150 ms'],
    ['a search through 5,000 trials, in its worker', ms(find.median), ms(find.p95), '50 ms'],
    ['those trials learned, once', ms(find.readMs + find.learnedMs), '', ''],
    ['a line of a recipe read', ms(reading.median), ms(reading.p95), '2 ms'],
    [
      `a day of 12 dips, ${plan.tasks} tasks`,
      ms(plan.ms),
      `${plan.spanMin} min, no plan under ${plan.lowerBoundMin}`,
      '2 s',
    ],
    ['the same again after a task is pinned', ms(plan.replanMs), '', '300 ms'],
    [
      `a simulated cook, ${cook.kitchens} kitchens: inside every band`,
      `${(100 * cook.inside).toFixed(1)} %`,
      `${(100 * cook.insideWithinFour).toFixed(1)} % within 4 additions, median ${cook.medianAdditions}`,
      '95 %',
    ],
    ['… that ever went past a band', `${(100 * cook.overshot).toFixed(1)} %`, '', '3 %'],
    [
      `a cook who tastes, ${tongue.bowls} bowls of all patterns with mistakes: inside in 5 additions`,
      `${(100 * tongue.inside).toFixed(1)} %`,
      `${(100 * tongue.overshot).toFixed(1)} % ever went past`,
      '97 %, 3 %',
    ],
    [
      '… inside but for what nobody can tell (a third of what is noticed)',
      `${(100 * tongue.insideAsTold).toFixed(1)} %`,
      '',
      '97 %',
    ],
    [
      '… held tastes moved unsaid, implausible additions, false words',
      `${tongue.unsaid}, ${tongue.implausible}, ${tongue.falseWords}`,
      '',
      '0',
    ],
    ['… off in body after five readings', cook.bodyRmsAfterFive.toFixed(2), '', '0.35'],
  ];
}
const lines = [
  ['what', 'median', '95th', 'aim'],
  ...(timed ? coreLines(timed) : []),
  ['typing an amount to the painted frame', ms(typed.median), ms(typed.p95), 'two frames, 33 ms'],
  [
    'dragging a bead to the painted frame',
    ms(dragged.median),
    ms(dragged.p95),
    'two frames, 33 ms',
  ],
  ...[
    ['typing', typed.frame],
    ['dragging', dragged.frame],
  ].map(([what, { script, layout, all }]) => [
    `… ${what}: scripts, layout, all the page’s thread does for one`,
    ms(script),
    `${ms(layout)}, ${ms(all)}`,
    '',
  ]),
  ['a book of 5,000 trials taken from its file', ms(large.taken), '', ''],
  [
    'opening the Book with 5,000 trials against 50',
    ms(large.opened),
    `${(large.opened / small.opened).toFixed(2)} ×`,
    `1.5 × ${ms(small.opened)}`,
  ],
  ['… until its trials are all read', ms(large.whole), '', ''],
  ...Object.entries(rooms).map(([room, kb]) => [
    `first load of ${room}`,
    `${kb.toFixed(0)} kB`,
    `${(kb / bareMuiKb).toFixed(2)} ×`,
    `1.6 × ${bareMuiKb} kB`,
  ]),
];
const widths = lines[0].map((_, i) => Math.max(...lines.map((line) => line[i].length)));
console.log(
  `${cpus().length} × ${cpus()[0]?.model ?? 'unknown'}, Node.js ${process.versions.node}\n`,
);
for (const line of lines) console.log(line.map((cell, i) => cell.padEnd(widths[i])).join('  '));
console.log(`\n${JSON.stringify({ ...timed, typed, dragged, small, large, rooms })}`);
