// Takes one picture of each main view.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { chromiumOptions } from './chromium.ts';
import { LedgerServer, WORKING_DAY } from './ledger-server.ts';

const dir = mkdtempSync(join(tmpdir(), 'noon-pictures-'));
const demo = new LedgerServer(join(dir, 'demo.sqlite'), 'demo');
const browser = await chromium.launch(chromiumOptions);
try {
  await demo.start();
  const page = await browser.newPage({
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    reducedMotion: 'reduce',
    serviceWorkers: 'block',
  });
  await page.clock.setFixedTime(WORKING_DAY);
  await page.goto(`${demo.url}/pieces`);
  await picture(page, 'pieces');
  await page.getByRole('link', { name: 'Barometer brooch' }).first().click();
  await page.getByRole('heading', { name: 'Bench route' }).waitFor();
  await picture(page, 'piece');
  await page.goto(`${demo.url}/pieces`);
  await page.getByRole('link', { name: 'Squall cufflinks, a pair' }).first().click();
  await page.emulateMedia({ colorScheme: 'dark' });
  await page.reload();
  await page.getByRole('heading', { name: 'Last times' }).waitFor();
  const learned = page.getByRole('region', { name: 'Learned times' });
  await page.waitForLoadState('networkidle', { timeout: 5000 }).catch(() => undefined);
  await learned
    .getByRole('button', { name: /show calculation/ })
    .nth(4)
    .click();
  await learned.evaluate((region) => window.scrollTo(0, region.getBoundingClientRect().top + scrollY - 220));
  await picture(page, 'piece-last-times');
  await page.emulateMedia({ colorScheme: 'light' });
  await page.goto(`${demo.url}/ask?q=what is 0.62 g per 100 mm`);
  await page.getByText('assumed').waitFor();
  await picture(page, 'ask');
  await page.goto(`${demo.url}/prices`);
  await page.getByText('to update').first().waitFor();
  await picture(page, 'prices');
  await page.getByRole('table').getByRole('link', { name: 'Flood-tide caddy spoon' }).click();
  await page.getByText('80 % of batches').waitFor();
  await picture(page, 'price-sheet');
  await page.goto(`${demo.url}/fairs`);
  await page.getByRole('link', { name: 'Winter market on the quay' }).click();
  await page.getByText('buyers on, the fair pays').waitFor();
  await picture(page, 'fair');
  await page.goto(`${demo.url}/made`);
  await page.getByRole('table', { name: 'Finished pieces' }).waitFor();
  await picture(page, 'made');
  await page.goto(`${demo.url}/review`);
  await page.getByRole('table', { name: 'By piece' }).waitFor();
  await picture(page, 'review');
  await page.goto(`${demo.url}/quotes`);
  await page.getByRole('link', { name: 'E. Marrow' }).click();
  await page.getByText('Balance due').waitFor();
  await picture(page, 'quote');
  await page.goto(`${demo.url}/day`);
  await page.getByRole('heading', { name: /^Schedule \d/ }).waitFor();
  await picture(page, 'day');
  await page.goto(`${demo.url}/plan`);
  await page.getByRole('heading', { name: /^Schedule \d/ }).waitFor();
  await page
    .getByRole('button', { name: /^Close rims/ })
    .first()
    .focus();
  await picture(page, 'plan');
  await page.goto(`${demo.url}/promise`);
  await page.getByLabel('Piece', { exact: true }).selectOption({ label: 'Flood-tide caddy spoon' });
  await page.getByRole('region', { name: 'Rush order' }).getByText('chance by').waitFor();
  await picture(page, 'promise');
  await page.goto(`${demo.url}/buying`);
  await page.getByRole('table', { name: 'To order' }).waitFor();
  await page.getByText(/^ ?Calculating/).waitFor({ state: 'hidden' });
  await picture(page, 'buying');
  await page.goto(`${demo.url}/batches`);
  await page.getByRole('link', { name: /Barometer brooch/ }).click();
  await page.getByRole('heading', { name: 'Schedule' }).waitFor();
  await picture(page, 'batch');
  await page.getByRole('link', { name: 'Cutting plan' }).click();
  await page
    .getByText(/[Pp]roven|Within/)
    .first()
    .waitFor({ timeout: 60_000 });
  await page.getByText('planning').first().waitFor({ state: 'detached', timeout: 60_000 });
  await picture(page, 'cutting');
  await page.goto(`${demo.url}/shelf`);
  await page.getByRole('table', { name: 'Stock', exact: true }).waitFor();
  await picture(page, 'shelf');
  await page.goto(`${demo.url}/account`);
  await page.getByRole('table', { name: 'Where it went' }).waitFor();
  await picture(page, 'account');
  await page.goto(`${demo.url}/batches`);
  await page
    .getByRole('row', { name: /finished/ })
    .getByRole('link', { name: 'Squall cufflinks, a pair, 10' })
    .first()
    .click();
  await page.getByRole('region', { name: /Estimate and actual/ }).waitFor();
  await atTheBench(page);
} finally {
  await browser.close();
  await demo.stop();
  rmSync(dir, { recursive: true, force: true });
}

/** A step under way at ten past ten, with a pickle that is nearly over. */
async function atTheBench(page: Page): Promise<void> {
  const press = async (name: string | RegExp) => await page.getByRole('button', { name }).first().click();
  await page.setViewportSize({ width: 1180, height: 820 });
  await page.clock.setFixedTime('2026-11-24T09:02');
  await page.goto(`${demo.url}/bench`);
  await press('Isa');
  await press(/^Squall cufflinks/);
  await press(/^3 Pickle/);
  await press('Start');
  await page.clock.setFixedTime('2026-11-24T09:55');
  await press(/^Leave it/);
  await page.getByRole('link', { name: 'All steps' }).click();
  await page.clock.setFixedTime('2026-11-24T09:24');
  await press(/^5 Posts on/);
  await press('Start');
  await page.clock.setFixedTime('2026-11-24T10:10:20');
  for (let good = 0; good < 7; good += 1) await press(/^\d+ good/);
  await press(/^\d+ done again/);
  await page.reload();
  await page.getByRole('timer').waitFor();
  await picture(page, 'bench');
}

async function picture(page: Page, name: string): Promise<void> {
  // A worker that ends while it is fetched counts as loading for ever.
  await page.waitForLoadState('networkidle', { timeout: 5000 }).catch(() => undefined);
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
}
