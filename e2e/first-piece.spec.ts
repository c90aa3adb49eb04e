// The first day of a maker: from an empty ledger to a price and a date, and all of it is there the next day.
import { amount, choose, expect, expectWritten, openBook, test, write } from './fixtures.ts';

test('a piece is made, priced and put in a batch, and is unchanged after a restart', async ({
  page,
  own,
  expected,
}) => {
  // Pages that are fetched ahead fail while the server restarts.
  expected.push(/404 \(Not Found\)/, /ERR_CONNECTION_(?:REFUSED|RESET)/);
  await openBook(page, own.url);

  await page.getByRole('link', { name: 'Enter today’s metal prices' }).click();
  await page.getByLabel('Price of silver').fill('1.00 / g');
  await page.getByRole('button', { name: /^Save metal prices for/ }).click();
  await expect(page.getByText(/Current prices:/)).toBeVisible();
  await page.getByRole('navigation', { name: 'Settings' }).getByRole('link', { name: 'Metal' }).click();
  await page.getByLabel('Add a metal').selectOption('silver');
  await page.getByLabel('silver, sheet').fill('0.10');
  await page.getByRole('link', { name: 'Workshop' }).click();
  await page.getByLabel('Overhead', { exact: true }).fill('9');
  await page.getByRole('button', { name: 'Save as version 2' }).click();
  await expect(page.getByText('Version 2', { exact: true })).toBeVisible();

  await page.getByRole('link', { name: 'Pieces' }).click();
  await page.getByRole('button', { name: 'New piece' }).click();
  await page.getByLabel('Name of the piece').fill('Buoy pendant');
  await page.getByLabel('Add a part').pressSequentially('Disc');
  await choose(page.getByLabel('Disc, section'), 'sheet');
  await write(page.getByLabel('Disc, thickness'), '1');
  await write(page.getByLabel('Disc, diameter'), '20');
  await page.getByLabel('Add a finding').pressSequentially('Bail');
  await write(page.getByLabel('Bail, price each'), '1.50');
  await page.getByLabel('Add a step').pressSequentially('Saw and file');
  await write(page.getByLabel('Saw and file, set-up minutes'), '12');
  await write(page.getByLabel('Saw and file, minutes each'), '6');
  await write(page.getByLabel('Saw and file, unattended minutes'), '20');
  await page.getByLabel('Usual batch size').fill('6');

  // 3.25469 g × (0.925 × 1.00 + 0.10) = 3.336; 1.50; 8 min at 30 and at 9 an hour: 4.00 and 1.20. Total 10.04, × 2 up
  // to 21.
  await expect(amount(page, 'Metal', 'quantity')).toHaveText('3.25 g');
  await expect(amount(page, 'Cost')).toHaveText('10.04');
  await expect(amount(page, 'Wholesale')).toHaveText('21.00');
  await expect(amount(page, 'Retail')).toHaveText('47.00');

  await page.getByRole('button', { name: 'New batch' }).click();
  await page.getByLabel('Quantity', { exact: true }).fill('24');
  await page.getByLabel('Due date', { exact: true }).fill('2099-12-24');
  await page.getByLabel('Customer', { exact: true }).fill('The quay shop');
  await page.getByRole('button', { name: 'New batch: 24' }).click();
  await expect(page.getByRole('heading', { name: 'Buoy pendant, 24' })).toBeVisible();
  // 24 × 3.25469 g, and 12 + 24 × 6 attended minutes.
  await expect(amount(page, 'Total')).toHaveText('78.11 g');
  await expect(amount(page, 'Bench time', 'quantity')).toHaveText('2.6 h');
  const cutList = page.getByRole('row', { name: /Disc/ });
  await expect(cutList).toContainText('disc 20.0 mm');
  await expect(cutList).toContainText('24');
  await expect(page.getByRole('paragraph').filter({ hasText: /^Completion/ })).toBeVisible();
  const address = page.url();

  // A power cut: what was acknowledged is kept.
  await own.stop('SIGKILL');
  await own.start();
  await page.goto(address);
  await expect(amount(page, 'Total')).toHaveText('78.11 g');
  await expect(page.getByLabel('Customer', { exact: true })).toHaveValue('The quay shop');
  await page.getByRole('link', { name: 'Buoy pendant' }).click();
  await expect(amount(page, 'Cost')).toHaveText('10.04');
  await expect(page.getByText('Version 1', { exact: true })).toBeVisible();
  await expectWritten(page.getByLabel('Disc, thickness'), '1 mm');
});

test('a rate that cannot be read is corrected where it was typed', async ({ page, own, expected }) => {
  expected.push(/404 \(Not Found\)/, /400 \(Bad Request\)/);
  await page.goto(own.url);
  await page.getByLabel('Target hourly rate').fill('30/0');
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page.getByText(/cannot be divided by zero/)).toBeVisible();
  await expect(page.getByLabel('Target hourly rate')).toHaveValue('30/0');
});
