import { expect, type Page, test } from '@playwright/test';
import { openSampleBook } from './cook';

/** Numbers that come out the same every time. */
function seeded(seed: number) {
  let state = seed;
  return () => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    return state / 2_147_483_648;
  };
}

const stepAt = async (page: Page) =>
  Number(/step (\d+) of/.exec((await page.getByText(/step \d+ of 10/).textContent()) ?? '')?.[1]);

/** What the steps say went in: amounts, “left out”, or nothing yet. */
async function tappedSoFar(page: Page): Promise<string[]> {
  const steps = page.getByRole('navigation', { name: 'Steps' }).getByRole('listitem');
  const found: string[] = [];
  for (const text of await steps.allTextContents()) {
    if (text.startsWith('✓')) found.push('in');
    else if (text.startsWith('–')) found.push('out');
    else found.push('open');
  }
  return found;
}

test('the page is killed at random moments of a run: nothing tapped is lost, nothing doubled', async ({
  context,
  page: first,
}) => {
  const random = seeded(20_260);
  await openSampleBook(first);
  await first.goto('/make?dip=weir-house-hummus');
  await first.getByRole('button', { name: 'Start making' }).click();
  await expect(first.getByText('step 1 of 10')).toBeVisible();
  let page = first;
  const done: string[] = [];
  let kills = 0;
  while (done.length < 9) {
    const at = await stepAt(page);
    expect(at).toBe(done.length + 1);
    const out = random() < 0.3;
    const name = out ? 'Leave it out' : 'In, as written';
    const dies = random() < 0.6;
    if (!dies) {
      await page.getByRole('button', { name }).click();
      await expect(page.getByText(`step ${at + 1} of 10`)).toBeVisible();
      done.push(out ? 'out' : 'in');
      continue;
    }
    // a tap that may or may not have been shown as done, then the page is gone at once
    await page.getByRole('button', { name }).click({ noWaitAfter: true });
    const shown = random() < 0.5;
    if (shown) await expect(page.getByText(`step ${at + 1} of 10`)).toBeVisible();
    else await page.waitForTimeout(Math.floor(random() * 12));
    const client = await context.newCDPSession(page);
    client.send('Page.crash').catch(() => undefined);
    await page.waitForEvent('crash');
    kills += 1;
    await page.close();
    page = await context.newPage();
    await page.goto('/make?dip=weir-house-hummus');
    await expect(page.getByText(/step \d+ of 10/)).toBeVisible();
    const now = await stepAt(page);
    // shown as done is there for good; what was not shown is there once or not at all
    if (shown) expect(now).toBe(at + 1);
    else expect([at, at + 1]).toContain(now);
    if (now === at + 1) done.push(out ? 'out' : 'in');
    expect(await tappedSoFar(page)).toEqual([...done, ...Array(10 - done.length).fill('open')]);
  }
  expect(kills).toBeGreaterThan(2);
});
