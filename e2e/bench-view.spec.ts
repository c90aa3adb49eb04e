// The bench view on a tablet, by touch only: a batch from issued metal to finished, timers, a scale, and a tablet that
// loses its connection.
import type { Page } from '@playwright/test';
import sharp from 'sharp';
import type { BenchPage } from '../contract/plan.ts';
import { expect, test } from './fixtures.ts';

const TABLET = { width: 1180, height: 820 };
const tap = async (page: Page, name: string | RegExp) => await page.getByRole('button', { name }).first().tap();

/** Opens the bench view as a maker, on a page that touches. */
async function openBench(page: Page, url: string, maker = 'Isa'): Promise<void> {
  await page.setViewportSize(TABLET);
  await page.goto(`${url}/bench`);
  await tap(page, maker);
  await expect(page.getByRole('heading', { name: maker, level: 1 })).toBeVisible();
}

/** A picture as a camera gives it. */
const picture = async () =>
  await sharp({ create: { width: 80, height: 60, channels: 3, background: '#aab' } })
    .png()
    .toBuffer();

async function openBatch(page: Page, name: RegExp): Promise<void> {
  await page.getByRole('region', { name: 'All batches' }).getByRole('button', { name }).tap();
  await expect(page.getByRole('list', { name: 'All steps' })).toBeVisible();
}

test.use({ hasTouch: true });

test('a batch goes from issued metal to finished by touch, with a lunch forgotten and a joint done again', async ({
  page,
  demo,
}) => {
  await openBench(page, demo.url);
  await openBatch(page, /Mooring tie bar/);
  await page.getByRole('list', { name: 'All steps' }).getByRole('button').first().tap();

  // Metal is weighed, then the first step begins.
  await tap(page, 'Weigh');
  const pad = page.getByRole('dialog', { name: 'Weigh' });
  for (const digit of ['9', '1', '.', '5'])
    await pad.getByRole('button', { name: digit === '.' ? 'point' : digit, exact: true }).tap();
  await pad.getByRole('button', { name: 'Save' }).tap();
  await tap(page, /^Start$/);
  await page.clock.setFixedTime('2026-11-24T10:40');
  await tap(page, /^All good/);
  await tap(page, /^Done/);

  // Soldering goes on over lunch without a stop, and one joint is done again.
  await expect(page.getByRole('heading', { name: /Bollards on, solder/ })).toBeVisible();
  await page.clock.setFixedTime('2026-11-24T12:10');
  await tap(page, /^Start$/);
  await tap(page, /^\d+ done again/);
  await page.clock.setFixedTime('2026-11-24T13:45');
  await page.reload();
  await expect(page.getByText('Did you stop at 12:30 and go on at 13:15?')).toBeVisible();
  await tap(page, 'Correct it');
  await expect(page.getByText('Did you stop at')).toBeHidden();
  await expect(page.getByRole('timer')).toHaveText(/^50:0\d$/);
  await tap(page, /^All good/);
  await tap(page, /^Done: on to pickle/);

  // The pickle runs unattended and calls when it is over.
  await tap(page, /^Start$/);
  await page.clock.setFixedTime('2026-11-24T13:47');
  await tap(page, /^Leave it: 15 min unattended/);
  await expect(page.getByRole('region', { name: 'Runs unattended' })).toContainText('until 14:02');
  await page.clock.setFixedTime('2026-11-24T14:03');
  await expect(page.getByRole('region', { name: 'Runs unattended' })).toContainText('ended 14:02');
  await expect(page).toHaveTitle(/Pickle: take out/);
  await tap(page, /^Taken out: done/);

  for (const step of [/Bend the spring/, /Satin finish/]) {
    await expect(page.getByRole('heading', { name: step })).toBeVisible();
    await tap(page, /^Start$/);
    await tap(page, /^All good/);
    if (/Satin/.exec(step.source)) {
      await tap(page, 'Weigh');
      await page.getByRole('dialog').getByRole('button', { name: '8', exact: true }).tap();
      await page.getByRole('dialog').getByRole('button', { name: '4', exact: true }).tap();
      await page.getByRole('dialog').getByRole('button', { name: 'Save' }).tap();
    }
    await tap(page, /^Done/);
  }

  await page.goto(`${demo.url}/batches`);
  await page
    .getByRole('link', { name: /Mooring tie bar/ })
    .first()
    .tap();
  const story = page.getByRole('region', { name: /Estimate and actual/ });
  await expect(story).toContainText('5 of 5 steps done');
  const soldered = story.getByRole('row', { name: /Bollards on, solder/ });
  await expect(soldered).toContainText('50.0');
  await expect(soldered.getByRole('cell').nth(6)).toHaveText('1');
  await expect(page.getByRole('table', { name: 'Metal', exact: true })).toContainText('91.5');
});

test('a scale is read instead of typed: steady weights only, in its own unit', async ({ page, demo, context }) => {
  await openBench(page, demo.url);
  await openBatch(page, /Tide hair fork/);
  await page.getByRole('list', { name: 'All steps' }).getByRole('button').first().tap();
  await tap(page, 'Weigh');
  const opened = context.waitForEvent('page');
  await tap(page, 'Simulated scale');
  const scale = await opened;
  await tap(scale, '+ 20 g');
  await tap(scale, '+ 0.5 g');
  const pad = page.getByRole('dialog', { name: 'Weigh' });
  await expect(pad.getByRole('region', { name: 'Scale' })).toContainText('20.50 g');
  await tap(scale, 'Unsteady');
  await expect(pad.getByRole('button', { name: /Wait until the scale is steady/ })).toBeDisabled();
  await tap(scale, 'Unsteady');
  await scale.getByLabel('Unit').selectOption('ozt');
  await expect(pad.getByRole('alert')).toContainText('The scale shows ozt');
  await scale.getByLabel('Unit').selectOption('g');
  await expect(pad.getByRole('button', { name: 'Tare' })).toBeVisible();
  await page.bringToFront();
  await pad.getByRole('button', { name: 'Tare' }).tap();
  await tap(scale, '+ 5 g');
  await page.bringToFront();
  await pad.getByRole('button', { name: 'Use this weight' }).tap();
  await expect(pad.getByLabel('Weight in grams')).toHaveValue('5');
  await pad.getByRole('button', { name: 'Save' }).tap();
  await expect(page.getByRole('button', { name: /^Undo 5 g/ })).toBeVisible();
});

test('a start that was forgotten, a helper, an undo, and work that is not in the route', async ({ page, demo }) => {
  await openBench(page, demo.url);
  await openBatch(page, /Tide hair fork/);
  await page.getByRole('list', { name: 'All steps' }).getByRole('button').first().tap();
  await tap(page, /^Start$/);
  await tap(page, 'More');
  await tap(page, 'I started earlier');
  await tap(page, /^20 min ago/);
  await expect(page.getByRole('timer')).toHaveText(/^20:0\d$/);
  await tap(page, 'More');
  await tap(page, 'A helper did part');
  await tap(page, /^15 min/);
  await expect(page.getByRole('timer')).toHaveText(/^35:0\d$/);
  await tap(page, /^Undo 15 min of the helper/);
  await expect(page.getByRole('timer')).toHaveText(/^20:0\d$/);
  await tap(page, 'More');
  await tap(page, 'Something else happened');
  await tap(page, 'A tool or blade broke');
  await expect(page.getByRole('button', { name: /^Undo a tool or blade broke/ })).toBeVisible();
  await page.getByRole('link', { name: 'All steps' }).tap();
  await page.getByText('Work that is not in the route').tap();
  await tap(page, 'filing');
  await tap(page, /^Start$/);
  await expect(page.getByText('Their minutes are shared')).toBeVisible();
  await tap(page, /^Done/);
});

test('two tablets on one batch: one loses its connection in the middle of a step, and both logs meet', async ({
  page,
  demo,
  browser,
  expected,
}) => {
  expected.push(/ERR_INTERNET_DISCONNECTED/);
  await openBench(page, demo.url);
  await openBatch(page, /Tide hair fork/);
  await page.getByRole('list', { name: 'All steps' }).getByRole('button').first().tap();
  await tap(page, /^Start$/);
  await expect(page.getByRole('button', { name: /^Undo start/ })).toBeVisible();
  await page.context().setOffline(true);
  for (let tapped = 0; tapped < 3; tapped += 1) await tap(page, /^\d+ good/);
  await expect(page.getByRole('button', { name: /^3 good/ })).toBeVisible();
  await expect(page.getByRole('button', { name: '3 changes waiting' })).toBeVisible();

  const other = await (await browser.newContext({ hasTouch: true })).newPage();
  await other.clock.setFixedTime('2026-11-24T10:05');
  await openBench(other, demo.url, 'Tam');
  await openBatch(other, /Tide hair fork/);
  await other.getByRole('list', { name: 'All steps' }).getByRole('button').first().tap();
  for (let tapped = 0; tapped < 2; tapped += 1) await tap(other, /^\d+ good/);
  await expect(other.getByRole('button', { name: /^2 good/ })).toBeVisible();

  await page.context().setOffline(false);
  for (const one of [page, other])
    await expect(one.getByRole('button', { name: /^5 good/ })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('button', { name: /waiting/ })).toBeHidden();
  await page.reload();
  await expect(page.getByRole('button', { name: /^5 good/ })).toBeVisible();
  await other.context().close();
});

test('every target of the bench view is 56 px or more, upright and across', async ({ page, demo }) => {
  await openBench(page, demo.url);
  await openBatch(page, /Tide hair fork/);
  await page.getByRole('list', { name: 'All steps' }).getByRole('button').first().tap();
  await tap(page, /^Start$/);
  for (const size of [TABLET, { width: 820, height: 1180 }, { width: 390, height: 844 }]) {
    await page.setViewportSize(size);
    const small = await page.locator('button:visible, a:visible, summary:visible').evaluateAll((targets) =>
      targets
        .map((target) => ({ text: target.textContent, box: target.getBoundingClientRect() }))
        .filter(({ box }) => box.height < 56 || box.width < 56)
        .map(({ text }) => text),
    );
    expect(small).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0);
  }
});

test.describe('stored on the device', () => {
  test.use({ serviceWorkers: 'allow' });

  test('the bench view opens and counts while the ledger is away', async ({ page, demo, expected }) => {
    expected.push(/ERR_CONNECTION_(?:REFUSED|RESET)/, /ERR_FAILED/, /503/, /no-response/);
    await openBench(page, demo.url);
    await openBatch(page, /Tide hair fork/);
    await page.getByRole('list', { name: 'All steps' }).getByRole('button').first().tap();
    await expect(page.getByRole('heading', { name: /Cut and anneal/, level: 1 })).toBeVisible();
    const step = page.url();
    await page.evaluate(async () => void (await navigator.serviceWorker.register('/sw.js')));
    await page.evaluate(async () => void (await navigator.serviceWorker.ready));
    // Under the worker's hands once, so that it has the answers.
    await page.reload();
    await expect(page.getByRole('button', { name: /^\d+ good/ })).toBeVisible();
    await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
    await page.reload();
    await expect(page.getByRole('button', { name: /^\d+ good/ })).toBeVisible();
    await demo.stop();
    await page.goto(step);
    await tap(page, /^Start$/);
    await tap(page, /^\d+ good/);
    await expect(page.getByRole('button', { name: /^1 good/ })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('button', { name: /^1 good/ })).toBeVisible();
    await page
      .locator('input[type="file"]')
      .setInputFiles({ name: 'joint.png', mimeType: 'image/png', buffer: await picture() });
    await expect(page.getByText('The photo waits on this device.')).toBeVisible();
    await demo.start();
    await expect(page.getByRole('button', { name: /waiting/ })).toBeHidden({ timeout: 90_000 });
    await page.reload();
    await expect(page.getByRole('button', { name: /^1 good/ })).toBeVisible();
    const { entries } = (await (await page.request.get(`${demo.url}/api/bench`)).json()) as BenchPage;
    const [photo, ...others] = entries.filter(({ how }) => how === 'photo');
    expect(others).toEqual([]);
    expect((await page.request.get(`${demo.url}/api/photos/${photo?.detail.photo ?? ''}`)).ok()).toBe(true);
  });
});
