/** Speed, measured: one table and one line of JSON. Aims are printed beside the figures and never asserted. */
import { spawnSync } from 'node:child_process';
import { cpus } from 'node:os';
import { gzipSync } from 'node:zlib';
import { chromiumFlags, ensureChromium } from './chromium.mjs';
import { ensureInstalled, root } from './installed.mjs';

ensureInstalled();
const { build, freePort, isBuilt, startServer } = await import('./server.mjs');
const { chromium } = await import('@playwright/test');

/** First-load JavaScript of a bare MUI page, gzipped, that the rooms are held against. */
const bareMuiKb = 181.5;

const core = spawnSync(process.execPath, ['--import', 'tsx', `${root}scripts/benchCore.ts`], {
  cwd: root,
  encoding: 'utf8',
});
if (core.status !== 0) {
  process.stderr.write(core.stderr);
  process.exit(1);
}
const { evaluation, refresh, landing, landed } = JSON.parse(core.stdout);

const executablePath = ensureChromium();
if (!executablePath) process.exit(1);
if (!isBuilt()) build();
const server = await startServer(await freePort(), { quiet: true });
const browser = await chromium.launch({ executablePath, args: chromiumFlags });

/** Typing one character into an amount to the end of the frame that shows it, ms. */
async function typing() {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(server.address);
  await page.getByRole('button', { name: 'Open the sample book' }).click();
  await page.getByRole('heading', { name: 'The book' }).waitFor();
  await page.goto(`${server.address}/bench?dip=weir-house-green`);
  const field = page.getByRole('textbox', { name: 'Amount of Chickpeas, canned' });
  await field.waitFor();
  await page.evaluate(() => {
    window.paints = [];
    document.addEventListener(
      'beforeinput',
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
  });
  for (let i = 0; i < 60; i += 1) {
    await field.fill('');
    await field.pressSequentially(`${1 + (i % 8)} cups`, { delay: 25 });
  }
  const paints = (await page.evaluate(() => window.paints)).sort((a, b) => a - b);
  await page.close();
  const at = (share) => paints[Math.min(paints.length - 1, Math.floor(paints.length * share))];
  return { median: at(0.5), p95: at(0.95), count: paints.length };
}

/** JavaScript a first visit to a room loads before it settles, gzipped kB. */
async function firstLoad(path) {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(server.address);
  await page.getByRole('button', { name: 'Open the sample book' }).click();
  await page.getByRole('heading', { name: 'The book' }).waitFor();
  const fresh = await context.newPage();
  let bytes = 0;
  const pending = [];
  // what the page itself asks for; what it fetches ahead for other rooms is not its first load
  fresh.on('response', (response) => {
    const request = response.request();
    if (request.resourceType() !== 'script') return;
    pending.push(response.body().then((body) => (bytes += gzipSync(body, { level: 9 }).length)));
  });
  await fresh.goto(`${server.address}${path}`, { waitUntil: 'load' });
  await fresh.waitForTimeout(600);
  await Promise.all(pending);
  await context.close();
  return bytes / 1024;
}

const typed = await typing();
const rooms = {};
for (const [room, path] of Object.entries({
  book: '/',
  bench: '/bench?dip=weir-house-hummus',
  make: '/make?dip=weir-house-hummus',
  trials: '/trials?dip=weir-house-hummus',
})) {
  rooms[room] = await firstLoad(path);
}
await browser.close();
await server.stop();

const us = (ms) => `${(ms * 1000).toFixed(1)} µs`;
const ms = (value) => `${value.toFixed(1)} ms`;
const lines = [
  ['what', 'median', '95th', 'aim'],
  ['one evaluation of a 20-part bowl', us(evaluation.median), us(evaluation.p95), '10 µs'],
  ['Bench refresh: path, seasoning, band', ms(refresh.median), ms(refresh.p95), '4 ms'],
  [`land it, 15 free rows (${landed} of 60 landed)`, ms(landing.median), ms(landing.p95), '60 ms'],
  ['typing an amount to the painted frame', ms(typed.median), ms(typed.p95), 'two frames, 33 ms'],
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
console.log(`\n${JSON.stringify({ evaluation, refresh, landing, typed, rooms })}`);
