// Every screen in both themes, wide and narrow: no accessibility violation.
import type { Page } from '@playwright/test';
import axeCore from 'axe-core';
import { studioPlaces } from '../web/screens/studio/studio-places.ts';
import { amount, expect, openPiece, test } from './fixtures.ts';

/** Rules that a theme or a width can change; the other rules run once, in the light theme. */
const ofLook = ['color-contrast', 'scrollable-region-focusable'];

async function checkPage(page: Page, name: string): Promise<void> {
  // Once a document: pages that the router opens keep it. There are no frames, so the rules run in the page itself.
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axeCore.source);
  const violations = await page.evaluate(async (rulesOfLook) => {
    const { axe } = window as unknown as { readonly axe: typeof axeCore };
    const isDark = matchMedia('(prefers-color-scheme: dark)').matches;
    // Best-practice rules run as they are; these two are off unless they are asked for.
    const rules = { 'label-content-name-mismatch': { enabled: true }, 'target-size': { enabled: true } };
    const only = isDark ? { runOnly: rulesOfLook } : { rules };
    return (await axe.run(document, { resultTypes: ['violations'], ...only })).violations;
  }, ofLook);
  expect
    .soft(
      violations.map(
        ({ id, nodes }) =>
          `${name}: ${id}: ${nodes.map(({ target, failureSummary }) => `${target.join(' ')} ${failureSummary ?? ''}`).join('; ')}`,
      ),
    )
    .toEqual([]);
  const overflow = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect.soft(overflow, `${name} is wider than the screen`).toBeLessThanOrEqual(0);
}

/** Opens a screen as a link does, in a fifth of the time of a new document, and waits until it has settled. */
async function openByRouter(page: Page, path: string): Promise<void> {
  const title = await page.title();
  await page.evaluate((to) => {
    history.pushState({}, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, path);
  // Two parts of one screen share their title.
  await page.waitForFunction((before) => document.title !== before, title, { timeout: 800 }).catch(() => undefined);
  await page.evaluate(
    (quietMs) =>
      new Promise<void>((resolve) => {
        const done = () => {
          observer.disconnect();
          resolve();
        };
        let timer = setTimeout(done, quietMs);
        const observer = new MutationObserver(() => {
          clearTimeout(timer);
          timer = setTimeout(done, quietMs);
        });
        observer.observe(document.body, { childList: true, subtree: true });
      }),
    300,
  );
  await expect(page.getByRole('heading', { level: 1 }).or(page.getByLabel('Name of the studio')).first()).toBeVisible();
}

const lists = [
  '/day',
  '/plan',
  '/promise',
  '/what-if',
  '/hours',
  '/bench',
  '/scale',
  '/pieces',
  '/compare',
  '/batches',
  '/buying',
  '/shelf',
  '/jars',
  '/account',
  '/convert',
  '/count',
  '/lots/1',
  '/made',
  '/sales',
  '/outlets',
  '/make-next',
  '/review',
  ...studioPlaces.map(({ page }) => `/studio/${page}`),
  '/help',
  '/attention',
  '/import',
  '/prices',
  '/fairs',
  '/quotes',
  '/sheets',
  '/ask?q=ring 7 us, 1.5 mm',
  '/reference',
  '/reference?table=alloys',
  '/nowhere',
];

// Light and wide, dark and narrow, a phone: the markup is the same in the other theme. NOON_EVERY_LOOK runs them all.
const looks = [
  ['light', 1280],
  ['dark', 820],
  ['light', 390],
  ...(process.env['NOON_EVERY_LOOK']
    ? ([
        ['dark', 1280],
        ['light', 820],
        ['dark', 390],
      ] as const)
    : []),
] as const;
for (const [colorScheme, width] of looks) {
  const look = async (page: Page) => {
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
    await page.setViewportSize({ width, height: 800 });
  };

  test(`every list and table at ${String(width)} px, ${colorScheme}`, async ({ page, demo }) => {
    await look(page);
    await page.goto(demo.url);
    for (const path of lists) {
      await openByRouter(page, path);
      await checkPage(page, path);
    }
  });

  test(`every document at ${String(width)} px, ${colorScheme}`, async ({ page, demo }) => {
    await look(page);
    await openPiece(page, demo.url, 'Barometer brooch');
    if (width < 1000) await page.getByRole('button', { name: 'Open summary' }).click();
    await amount(page, 'Metal').click();
    await checkPage(page, 'piece with a working open');
    await page.getByRole('button', { name: 'New batch' }).click();
    await expect(page.getByRole('dialog')).toBeVisible();
    await checkPage(page, 'sheet over the piece');
    await page.keyboard.press('Escape');
    await page.getByLabel('Calculator').fill('brass 1 mm 1 m');
    await expect(page.getByRole('region', { name: 'Answer' })).toContainText('6.6994 g');
    await checkPage(page, 'ask line unfolded');
    await page.goto(`${demo.url}/bench`);
    await page.getByRole('button', { name: 'Isa' }).click();
    await checkPage(page, 'first page of the bench view');
    await page.getByRole('region', { name: 'Next for you' }).getByRole('button').first().click();
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await checkPage(page, 'step at the bench');
    await page.getByRole('button', { name: 'Weigh' }).click();
    await checkPage(page, 'weighing at the bench');
    await page.goto(`${demo.url}/batches`);
    await page
      .getByRole('link', { name: /Squall cufflinks/ })
      .first()
      .click();
    await expect(page.getByRole('region', { name: /Estimate and actual/ })).toBeVisible();
    await checkPage(page, 'batch with estimate and actual');
    await page.goto(`${demo.url}/batches`);
    await page
      .getByRole('link', { name: /Tide hair fork/ })
      .first()
      .click();
    await expect(page.getByRole('heading', { name: 'Schedule' })).toBeVisible();
    await checkPage(page, 'batch');
    await page.getByRole('link', { name: 'Cutting plan' }).click();
    await expect(page.getByRole('button', { name: /Prongs and crown, .* in bar 1/ }).first()).toBeVisible();
    await checkPage(page, 'cutting');
    for (const [list, name, is] of [
      ['/prices', 'Flood-tide caddy spoon', /80 % of batches/],
      ['/fairs', 'Winter market on the quay', /buyers on, the fair pays/],
      ['/quotes', 'E. Marrow', /Each piece on the quote becomes a batch/],
    ] as const) {
      await page.goto(demo.url + list);
      await page.getByRole('table').getByRole('link', { name }).click();
      // The list has a figure to open as well.
      await expect(page.getByText(is)).toBeAttached();
      if (width < 1000) await page.getByRole('button', { name: 'Open summary' }).click();
      await expect(page.getByText(is)).toBeVisible();
      await checkPage(page, name);
    }
  });
}

test('the first run and the empty list have no accessibility violation', async ({ page, own, expected }) => {
  expected.push(/404 \(Not Found\)/);
  await page.goto(own.url);
  await expect(page.getByRole('heading', { name: 'Set up your studio' })).toBeVisible();
  await checkPage(page, 'first run');
  await page.getByLabel('Target hourly rate').fill('30');
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page.getByText(/Enter one piece/)).toBeVisible();
  await checkPage(page, 'empty book');
  await page.goto(`${own.url}/batches`);
  await expect(page.getByText(/A batch is a quantity of pieces/)).toBeVisible();
});
