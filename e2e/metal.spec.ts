// The account of metal through the interface: scrap to settlement, batch to balance, order to receipt, count to entry.
import { expect, openBook, openPiece, test, write } from './fixtures.ts';

test('a drawer of unknown scrap becomes an account: weighed, sent, settled', async ({ page, own, expected }) => {
  expected.push(/404 \(Not Found\)/);
  await openBook(page, own.url);
  await page.goto(`${own.url}/jars`);
  await expect(page.getByText('No scrap yet')).toBeVisible();
  await page.getByLabel('Jar, weighs now').fill('212.5 g');
  await page.getByLabel('was there before the ledger').check();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  const jars = page.getByRole('table', { name: 'Jars' });
  await expect(jars).toContainText('212.50');
  await page.getByRole('checkbox', { name: /Choose the jar: Sterling silver/ }).check();
  await page.getByLabel('Refiner', { exact: true }).fill('Breakwater');
  await page.getByRole('button', { name: 'Send the chosen jars' }).click();
  const away = page.getByRole('region', { name: 'At the refiner: Breakwater' });
  await expect(away).toContainText('212.50 g');
  await away.getByLabel('Paid for the metal').fill('120');
  await away.getByRole('button', { name: 'Record the settlement' }).click();
  await expect(page.getByRole('table', { name: 'Settled' })).toContainText('120.00');

  await page.goto(`${own.url}/account`);
  const row = page.getByRole('table', { name: 'Where it went' }).getByRole('row', { name: /Sterling silver/ });
  // It came, it went, nothing is left.
  await expect(row).toContainText('212.50');
  await expect(row.getByRole('cell').last()).toHaveText('0.00');
});

test('what came back from a batch leaves a loss, and a planted mistake is named', async ({ page, demo }) => {
  await openPiece(page, demo.url, 'Mooring tie bar');
  await page.getByRole('button', { name: 'New batch' }).click();
  await page.getByLabel('Quantity', { exact: true }).fill('5');
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^New batch/ })
    .click();
  await expect(page.getByRole('heading', { name: /Mooring tie bar, 5/ })).toBeVisible();
  const metal = page.getByRole('region', { name: 'Metal account' });
  await metal.getByLabel('Lot to issue').selectOption({ label: '11: Sterling silver, grain, 180.00 g' });
  await metal.getByLabel('Amount to issue').fill('60 g');
  await metal.getByRole('button', { name: 'Issue', exact: true }).click();
  await expect(metal).toContainText('60.00 g Sterling silver');
  await metal.getByRole('button', { name: 'Enter what came back' }).click();
  const form = metal.getByRole('form', { name: 'Enter what came back' });
  await form.getByLabel('Finished pieces, weight together').fill('42 g');
  await form.getByLabel('Sterling silver, clean scrap').fill('1.68 g');
  // 16.8 g came back, not 1.68: the point slipped.
  await expect(form.getByRole('status')).toContainText('the decimal point slipped');
  await expect(form.getByRole('button', { name: 'Save' })).toBeDisabled();
  await write(form.getByLabel('Sterling silver, clean scrap'), '16.8 g');
  await expect(form.getByRole('status')).toHaveCount(0);
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(metal.getByRole('table', { name: 'Metal balance' })).toContainText('60.00');
  await page.getByText('Undo', { exact: true }).click();
  await expect(metal).toContainText('60.00 g Sterling silver');
});

test('an order is made of the buying list and received with its weight and postage', async ({ page, demo }) => {
  await page.goto(`${demo.url}/buying`);
  const orders = page.getByRole('region', { name: 'Orders' });
  await orders
    .getByRole('button', { name: /^Order from/ })
    .first()
    .click({ timeout: 60_000 });
  await expect(page.getByRole('heading', { name: /^Order, / })).toBeVisible();
  await page.getByRole('button', { name: 'Everything came' }).click();
  await page.getByLabel('Postage, shared out by price').fill('4.90');
  await page.getByRole('button', { name: 'Save receipt' }).click();
  await expect(page.getByText('All received')).toBeVisible();
  await page.goto(`${demo.url}/account`);
  await expect(page.getByRole('table', { name: 'Entries' }).getByText('received').first()).toBeVisible();
});

test('a stock count is blind, compared, and saved as differences', async ({ page, demo }) => {
  await page.goto(`${demo.url}/count`);
  const counted = page.getByLabel(/^Sterling silver, grain 11, counted/);
  await counted.fill('119.2');
  await expect(page.getByRole('columnheader', { name: 'expected' })).toHaveCount(0);
  await page.reload();
  await page.getByRole('button', { name: 'Compare' }).click();
  await expect(page.getByRole('row', { name: /Sterling silver, grain/ })).toContainText('−');
  await page.getByLabel('reason').fill('year’s end');
  await page.getByRole('button', { name: 'Save the differences' }).click();
  await expect(page.getByText('Differences saved.', { exact: true })).toBeVisible();
  await page.goto(`${demo.url}/lots/11`);
  await expect(page.getByText('119.20 g in stock')).toBeVisible();
  await expect(page.getByRole('table', { name: 'Entries' })).toContainText('year’s end');
});

test('clean scrap is melted into an ingot with its loss', async ({ page, demo }) => {
  await page.goto(`${demo.url}/convert`);
  await page.getByLabel('Sterling silver, clean scrap, take, g').fill('20');
  await page.getByLabel('Comes out, weighs').fill('19.8');
  await expect(page.getByText(/0\.20 g lost, 1\.0 %/)).toBeVisible();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('table', { name: 'Entries' })).toContainText('converted');
  await page.getByLabel('g wanted').fill('50 g');
  await expect(page.getByRole('listitem').filter({ hasText: '50.00 g' })).toBeVisible();
  await page.getByRole('button', { name: 'Fill in' }).click();
});
