import { chromium } from '@playwright/test';
import { gzipSync } from 'node:zlib';
import { writeFileSync } from 'node:fs';
import { chromiumFlags } from './scripts/chromium.mjs';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: chromiumFlags });
const A = 'http://localhost:3111';
const out = {};
for (const [room, path] of Object.entries({ book: '/', bench: '/bench?dip=weir-house-hummus', make: '/make?dip=weir-house-hummus', trials: '/trials?dip=weir-house-hummus', day: '/day?plan=regatta-first-day', house: '/house', larder: '/larder', kit: '/kit' })) {
  const c = await b.newContext({serviceWorkers:'allow'}); const p = await c.newPage(); await p.goto(A); await p.getByRole('button', { name: 'Open the sample book' }).click(); await p.getByRole('heading', { name: 'The book' }).waitFor();
  const f = await c.newPage(); const pend = []; const files = [];
  const w = (r) => { if (r.request().resourceType() !== 'script') return; pend.push(r.body().then((body) => files.push([r.url().split('/').at(-1), gzipSync(body, { level: 9 }).length, body.length]))); };
  f.on('response', w); await f.goto(A + path, { waitUntil: 'load' }); await f.waitForTimeout(900); f.off('response', w); await Promise.all(pend);
  out[room] = files; console.log(room, (files.reduce((s, x) => s + x[1], 0) / 1024).toFixed(1), files.length); await c.close();
}
writeFileSync('/tmp/load.json', JSON.stringify(out)); await b.close();
