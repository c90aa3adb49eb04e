// One plan: ten tabs and two restarts show the same version and dates, a rush order is begun next, and a better schedule
// is only offered.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { choose, expect, test } from './fixtures.ts';
import { LedgerServer, WORKING_DAY } from './ledger-server.ts';

/** Version and dates as a page shows them. */
async function shown(page: Page, url: string): Promise<string[]> {
  await page.clock.setFixedTime(WORKING_DAY);
  await page.goto(`${url}/plan`);
  const version = page.getByRole('heading', { name: /^Schedule \d+, / });
  await expect(version).toBeVisible({ timeout: 60_000 });
  const end = await page.getByRole('heading', { level: 1 }).innerText();
  await page.goto(`${url}/day`);
  const dates = page.getByRole('table').first();
  await expect(dates).toBeVisible();
  return [await version.innerText(), end, await dates.innerText()];
}

test('ten tabs and two restarts leave the plan as it was', async ({ context }) => {
  const dir = mkdtempSync(join(tmpdir(), 'noon-plan-'));
  const server = new LedgerServer(join(dir, 'ledger.sqlite'), 'demo', WORKING_DAY);
  await server.start();
  // Three tabs ask for the first plan at the same moment; more at once would only starve the browser.
  const pages = await Promise.all(Array.from({ length: 3 }, () => context.newPage()));
  const all = await Promise.all(pages.map(async (page) => await shown(page, server.url)));
  while (pages.length < 10) {
    const page = await context.newPage();
    pages.push(page);
    all.push(await shown(page, server.url));
  }
  const [first = []] = all;
  expect(first[0]).toMatch(/^Schedule 1, /);
  for (const one of all) expect(one).toEqual(first);
  for (const page of pages.slice(1)) await page.close();
  const page = pages[0] ?? (await context.newPage());
  for (let restarts = 0; restarts < 2; restarts += 1) {
    await page.goto('about:blank');
    await server.stop();
    await server.start();
    expect(await shown(page, server.url)).toEqual(first);
  }
  await page.goto('about:blank');
  await server.stop();
  rmSync(dir, { recursive: true, force: true });
});

test('a rush order is begun next, and the list of batches says that it is one', async ({ page, demo }) => {
  await page.goto(`${demo.url}/what-if`);
  await page.getByLabel('A rush order').check();
  await page.getByLabel('Rush order, quantity').fill('1');
  await choose(page.getByLabel('Rush order, piece'), { label: 'Mooring tie bar' });
  await expect(page.getByRole('row').filter({ hasText: 'The rush order' })).toBeVisible();
  await page.getByRole('button', { name: 'Apply' }).click();
  await expect(page.getByRole('heading', { name: /^All work finished/ })).toBeVisible();
  await page.goto(`${demo.url}/batches`);
  await expect(page.getByText('rush').first()).toBeVisible();
  await page.goto(`${demo.url}/day`);
  // The demo's working day is at ten: the first step starts at once.
  const start = page.getByRole('button', { name: /^Start: cut and file ends, 1$/ });
  await expect(start.first()).toBeVisible();
});
