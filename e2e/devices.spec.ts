// A second device over TLS: let in by a code, told of changes at once, shut out at once. And backups from the page.
import { expect, openBook, openPiece, test } from './fixtures.ts';

test('a tablet is let in by a code, sees changes at once, and is shut out at once', async ({
  page,
  demo,
  browser,
  expected,
}) => {
  expected.push(/401/, /ERR_/);
  await page.goto(`${demo.url}/studio/safety`);
  await page.getByRole('button', { name: 'Let other devices in' }).click();
  const address = page.getByText(/^https:\/\//).first();
  const port = new URL((await address.textContent()) ?? '').port;
  await page.getByLabel('What it may do').selectOption('maker');
  await page.getByRole('button', { name: 'Make a code' }).click();
  const digits = (await page.getByLabel('Code', { exact: true }).textContent()) ?? '';
  expect(digits).toMatch(/^\d{3} \d{3}$/);
  await expect(page.getByRole('region', { name: 'Other devices' }).locator('img')).toBeVisible();

  const tablet = await browser.newContext({ ignoreHTTPSErrors: true, viewport: { width: 820, height: 1180 } });
  const far = await tablet.newPage();
  await far.goto(`https://localhost:${port}/pair`);
  await expect(far.getByRole('heading', { name: 'This device is not let in yet' })).toBeVisible();
  await far.getByLabel('Code').fill('000 000');
  await far.getByLabel('Name of this device').fill('Bench tablet');
  await far.getByRole('button', { name: 'Let this device in' }).click();
  await expect(far.getByText(/This code is wrong/)).toBeVisible();
  await far.getByLabel('Code').fill(digits);
  await far.getByRole('button', { name: 'Let this device in' }).click();
  await expect(far.getByRole('heading', { name: 'Pieces', exact: true })).toBeVisible();
  await openPiece(far, `https://localhost:${port}`, 'Barometer brooch');

  // The computer changes the piece, and the tablet shows it without a reload.
  await openPiece(page, demo.url, 'Barometer brooch');
  await page.getByLabel('Name of the piece').fill('Storm glass');
  await expect(far.getByLabel('Name of the piece')).toHaveValue('Storm glass');

  await page.goto(`${demo.url}/studio/safety`);
  await expect(page.getByText('Bench tablet')).toBeVisible();
  await page.getByRole('button', { name: 'Shut out' }).click();
  await expect(page.getByText('shut out', { exact: true })).toBeVisible();
  await far.getByRole('link', { name: 'Batches' }).click();
  await expect(far.getByRole('heading', { name: 'This device is not let in yet' })).toBeVisible();
  await tablet.close();
});

test('a passcode locks the computer until it is typed', async ({ page, demo, expected }) => {
  expected.push(/401/, /400/);
  await page.goto(`${demo.url}/studio/safety`);
  await page.getByLabel('New passcode').fill('low tide');
  await page.getByRole('button', { name: 'Set passcode' }).click();
  await expect(page.getByRole('button', { name: 'Remove passcode' })).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Present passcode')).toBeVisible();
  await page.context().clearCookies();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Noon Ledger is locked' })).toBeVisible();
  await page.getByLabel('Passcode').fill('high tide');
  await page.getByRole('button', { name: 'Unlock' }).click();
  await expect(page.getByText(/This is not the passcode/)).toBeVisible();
  await page.getByLabel('Passcode').fill('low tide');
  await page.getByRole('button', { name: 'Unlock' }).click();
  await expect(page.getByRole('heading', { name: 'Backups' })).toBeVisible();
});

test('a backup is looked into in another tab, and restored', async ({ page, own, context, expected }) => {
  expected.push(/ERR_/, /403/, /404/);
  await openBook(page, own.url);
  await page.goto(`${own.url}/studio/safety`);
  await page.getByRole('button', { name: 'Back up now' }).click();
  await expect(page.getByRole('button', { name: /^look into/ }).first()).toBeVisible();
  await page.goto(`${own.url}/pieces`);
  await page.getByRole('button', { name: 'New piece' }).click();
  await page.getByLabel('Name of the piece').fill('After the backup');
  await expect(page.getByText(/draft saved/)).toBeVisible();

  await page.goto(`${own.url}/studio/safety`);
  const opened = context.waitForEvent('page');
  await page
    .getByRole('button', { name: /^look into/ })
    .first()
    .click();
  const copy = await opened;
  await expect(copy.getByText(/This is the backup of/)).toBeVisible();
  await copy.goto(`${new URL(copy.url()).origin}/pieces`);
  await expect(copy.getByText('After the backup')).toBeHidden();

  await page
    .getByRole('button', { name: /^restore/ })
    .first()
    .click();
  await page.getByRole('dialog').getByRole('button', { name: 'restore' }).click();
  await page.waitForURL(/\/pieces/);
  await expect(page.getByText('After the backup')).toBeHidden();
});
