import { expect, test } from '@playwright/test';
import { openSampleBook } from './cook';

test.use({ serviceWorkers: 'allow' });

test('no request leaves the origin and the policy is never crossed', async ({ page, baseURL }) => {
  const outside: string[] = [];
  const complaints: string[] = [];
  page.on('request', (request) => {
    const url = request.url();
    if (!url.startsWith(baseURL ?? '') && !/^(data|blob):/.test(url)) outside.push(url);
  });
  page.on('console', (message) => {
    if (message.type() === 'error' || message.type() === 'warning') complaints.push(message.text());
  });
  page.on('pageerror', (error) => complaints.push(error.message));
  await openSampleBook(page);
  for (const room of ['bench', 'make', 'trials']) {
    await page.goto(`/${room}?dip=butter-bean-sage`);
    await expect(page.getByRole('heading', { name: 'Butter bean and sage' })).toBeVisible();
  }
  await page.goto('/bench?dip=butter-bean-sage');
  await page.getByRole('button', { name: 'Land it' }).click();
  await expect(page.getByRole('button', { name: 'Take it' })).toBeVisible();
  await page.getByRole('button', { name: 'Details of Fine sea salt' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  expect(outside).toEqual([]);
  expect(complaints).toEqual([]);
});

test('pages carry a strict policy with a nonce of their own', async ({ request }) => {
  const policyOf = async () => (await request.get('/')).headers()['content-security-policy'] ?? '';
  const [first, second] = [await policyOf(), await policyOf()];
  for (const part of [
    "default-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "frame-ancestors 'none'",
  ]) {
    expect(first).toContain(part);
  }
  expect(first).not.toContain('unsafe-inline');
  expect(first).not.toContain("'unsafe-eval'");
  const nonce = (policy: string) => /'nonce-([^']+)'/.exec(policy)?.[1];
  expect(nonce(first)).toBeTruthy();
  expect(nonce(first)).not.toBe(nonce(second));
});

test('the usual headers are there, the product’s maker is not', async ({ request }) => {
  const headers = (await request.get('/')).headers();
  expect(headers['x-content-type-options']).toBe('nosniff');
  expect(headers['x-frame-options']).toBe('DENY');
  expect(headers['referrer-policy']).toBe('no-referrer');
  expect(headers['permissions-policy']).toContain('camera=()');
  expect(headers['x-powered-by']).toBeUndefined();
});

test('the same computation answers over HTTP', async ({ request }) => {
  const parts = [
    { ingredient: 'tahini', amount: '1/3 cup' },
    { ingredient: 'water', amount: '60 g' },
  ];
  const analysed = await request.post('/api/analyse', { data: { parts } });
  expect(analysed.status()).toBe(200);
  expect(await analysed.json()).toMatchObject({
    allergens: ['sesame'],
    body: { continuous: 'water' },
  });
  const landed = await request.post('/api/land', {
    data: { parts, target: { freshBody: [5.5, 6.5] } },
  });
  expect(await landed.json()).toMatchObject({ feasible: true });
  const bad = await request.post('/api/analyse', {
    data: { parts: [{ ingredient: 'water', amount: 'x' }] },
  });
  expect(bad.status()).toBe(400);
  expect(await bad.json()).toMatchObject({ error: { field: 'parts[0].amount' } });
  const big = await request.post('/api/land', { data: { pad: 'x'.repeat(1_000_100) } });
  expect(big.status()).toBe(413);
});
