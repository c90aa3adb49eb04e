// While the server is away: entries wait on the device, nothing is lost or doubled, and every failure has words.
import { spawnSync } from 'node:child_process';
import { rm } from 'node:fs/promises';
import { chromium, type Page } from '@playwright/test';
import { expect, holdDrafts, openPiece, test, write } from './fixtures.ts';

const AWAY = [/ERR_CONNECTION_(?:REFUSED|RESET)/, /ERR_INCOMPLETE_CHUNKED/, /ERR_EMPTY_RESPONSE/, /500/, /409/];

test('stock that is received while the server is away waits, and is there once when it is back', async ({
  page,
  demo,
  expected,
}) => {
  expected.push(...AWAY);
  await page.goto(`${demo.url}/shelf`);
  const lots = page.getByRole('table').first().getByRole('row');
  await expect(lots.nth(2)).toBeVisible();
  const before = await lots.count();
  await demo.stop();
  await page.getByLabel('Stock, diameter').fill('1.7 mm');
  await page.getByLabel('Stock, length').fill('480 mm');
  await page.getByRole('button', { name: 'Add to stock' }).click();
  await expect(page.getByText('This entry waits on this device')).toBeVisible();
  await expect(page.getByRole('button', { name: '1 change waiting' })).toBeVisible();
  await expect(page.getByLabel('Stock, length')).toHaveValue('');
  await demo.start();
  await page.getByRole('button', { name: '1 change waiting' }).click();
  await page.getByRole('button', { name: 'Send now' }).click();
  await page.keyboard.press('Escape');
  await expect(lots).toHaveCount(before + 1);
  await expect(page.getByRole('button', { name: /waiting/ })).toBeHidden();
  await page.reload();
  await expect(lots).toHaveCount(before + 1);
});

test('what is typed and entered is still there when the browser was killed', async ({ demo, expected }, info) => {
  expected.push(...AWAY);
  const profile = info.outputPath('profile');
  const start = async () =>
    await chromium.launchPersistentContext(profile, {
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
    });
  const first = await start();
  const page = first.pages()[0] ?? (await first.newPage());
  await openPiece(page, demo.url, 'Barometer brooch');
  await demo.stop();
  await page.getByLabel('Name of the piece').fill('Storm glass brooch');
  await expect(page.getByText(/^Offline/)).toBeVisible();
  // Killed, not closed: no page gets a chance to say goodbye.
  spawnSync('pkill', ['-9', '-f', profile]);
  await demo.start();
  const second = await start();
  const again = second.pages()[0] ?? (await second.newPage());
  await again.goto(`${demo.url}/pieces`);
  await again.getByRole('table').getByRole('link', { name: 'Barometer brooch' }).first().click();
  await expect(again.getByLabel('Name of the piece')).toHaveValue('Storm glass brooch');
  await expect(again.getByText(/draft saved/)).toBeVisible();
  await second.close();
  await rm(profile, { recursive: true, force: true });
});

test('two tabs that edit one piece are merged field by field', async ({ page, context, demo, expected }) => {
  expected.push(/409/);
  await openPiece(page, demo.url, 'Barometer brooch');
  const other = await context.newPage();
  await openPiece(other, demo.url, 'Barometer brooch');
  const sends = [await holdDrafts(page), await holdDrafts(other)];
  await page.getByLabel('Name of the piece').fill('Glass brooch');
  await write(other.getByLabel('Dial, across'), '41');
  for (const send of sends) send();
  const asks = async (one: Page) => await one.getByRole('dialog').isVisible();
  await expect.poll(async () => (await asks(page)) || (await asks(other))).toBe(true);
  const hand = (await asks(other)) ? other : page;
  await hand.getByRole('button', { name: 'Save what is chosen' }).click();
  await expect(hand.getByLabel('Name of the piece')).toHaveValue('Glass brooch');
  await expect(hand.getByLabel('Dial, across')).toContainText('41');
  const last = hand === page ? other : page;
  await expect(last.getByLabel('Name of the piece')).toHaveValue('Glass brooch');
  await expect(last.getByLabel('Dial, across')).toContainText('41');
});

test('a page that cannot be fetched says so', async ({ page, demo, expected }) => {
  // A server that stops answers 503 until its socket is closed.
  expected.push(...AWAY, /Failed to fetch/, /503 \(Service Unavailable\)/);
  await page.goto(`${demo.url}/pieces`);
  await expect(page.getByRole('table').first()).toBeVisible();
  await demo.stop();
  await page.getByRole('link', { name: 'Settings' }).click();
  await expect(page.getByText(/Noon Ledger does not answer|What you type is stored/).first()).toBeVisible();
  await demo.start();
});

test('a device whose storage is full says so, and the ledger still gets what is typed', async ({ page, demo }) => {
  await openPiece(page, demo.url, 'Barometer brooch');
  const session = await page.context().newCDPSession(page);
  await session.send('Storage.overrideQuotaForOrigin', { origin: demo.url, quotaSize: 1 });
  const name = page.getByLabel('Name of the piece');
  await name.fill('Barometer brooch, full');
  await expect(page.getByText(/This device cannot store what you type/)).toBeVisible();
  await expect(page.getByText(/draft saved/)).toBeVisible();
  // With room again the notice goes at the next key.
  await session.send('Storage.overrideQuotaForOrigin', { origin: demo.url });
  await name.fill('Barometer brooch, room');
  await expect(page.getByText(/This device cannot store what you type/)).toBeHidden();
  await page.reload();
  await expect(name).toHaveValue('Barometer brooch, room');
});
