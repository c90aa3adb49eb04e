// Prices as a maker uses them: the price book, a price sheet, a fair, a quote, papers for shops.
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { choose, expect, expectWritten, openPiece, test, write } from './fixtures.ts';

const row = (page: Page, name: string) =>
  page.getByRole('row').filter({ has: page.getByRole('link', { name, exact: true }) });

test('a price is set in the price book, needs a reason below cost, and can be undone', async ({
  page,
  demo,
  expected,
}) => {
  expected.push(/400 \(Bad Request\)/);
  await page.goto(`${demo.url}/prices`);
  const wholesale = page.getByLabel('Mooring tie bar, wholesale', { exact: true });
  await expectWritten(wholesale, '37.00');
  await write(wholesale, '41');
  await page.keyboard.press('Enter');
  await expect(row(page, 'Mooring tie bar')).toContainText('set by hand');
  await expectWritten(wholesale, '41.00');

  await write(wholesale, '3');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/would sell below its cost/)).toBeVisible();
  await write(page.getByLabel('Mooring tie bar, reason for this price'), 'for the lifeboat raffle');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(row(page, 'Mooring tie bar')).toContainText('below floor');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expectWritten(wholesale, '41.00');

  await row(page, 'Mooring tie bar').getByRole('link').click();
  const history = page.getByRole('table', { name: 'Price history' });
  await expect(history.getByRole('row')).toHaveCount(5);
  await expect(history).toContainText('for the lifeboat raffle');
});

test('prices that are out of date are updated or kept, one by one and all together', async ({ page, demo }) => {
  await page.goto(`${demo.url}/prices`);
  await expect(page.getByText('4 prices to update')).toBeVisible();
  await page.getByRole('button', { name: 'Keep, Fairweather shawl pin' }).click();
  await expect(page.getByText('3 prices to update')).toBeVisible();
  await page.getByRole('button', { name: 'Update, Mooring tie bar' }).click();
  await expectWritten(page.getByLabel('Mooring tie bar, wholesale', { exact: true }), '40.00');
  await page.getByRole('button', { name: 'Update all' }).click();
  await expect(page.getByText('All prices are up to date.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('2 prices to update')).toBeVisible();
});

test('a move of the metal price changes the price book, and a group of prices changes after a preview', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/prices`);
  const cost = row(page, 'Flood-tide caddy spoon').getByRole('cell').nth(2);
  const before = await cost.textContent();
  await page.getByRole('slider', { name: 'Metal price change, per cent' }).focus();
  for (let key = 0; key < 2; key += 1) await page.keyboard.press('PageUp');
  await expect(page.getByText('up 20 %')).toBeVisible();
  await expect(cost).not.toHaveText(before ?? '');
  await page.getByRole('button', { name: 'Reset' }).click();
  await expect(cost).toHaveText(before ?? '');

  await page.getByLabel('Barometer brooch, select').check();
  await page.getByLabel('Tide hair fork, select').check();
  const change = page.getByRole('region', { name: 'Change selected prices' });
  await change.getByLabel('Amount').fill('10');
  await expect(change.getByRole('listitem').filter({ hasText: 'Barometer brooch' })).toContainText('66.00 → 74.00');
  await change.getByRole('button', { name: 'Change them' }).click();
  await expectWritten(page.getByLabel('Barometer brooch, wholesale', { exact: true }), '74.00');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expectWritten(page.getByLabel('Barometer brooch, wholesale', { exact: true }), '66.00');
});

test('the price sheet gives cost, price with reasons, earnings, and what would make a price true', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/prices`);
  await page.getByRole('table', { name: 'Price book' }).getByRole('link', { name: 'Flood-tide caddy spoon' }).click();
  await expect(page.getByRole('heading', { name: /^Cost, GBP/ })).toBeVisible();
  await expect(page.getByText(/80 % of batches cost no more/)).toBeVisible();
  const schools = page.getByRole('table', { name: 'Pricing methods' });
  await expect(schools.getByRole('row')).toHaveCount(4);
  await page.getByRole('button', { name: /^Wholesale by target margin: .*show calculation$/ }).click();
  await expect(schools).toContainText('÷ (1 − 0.46)');

  await page.getByLabel('Price the customer pays').fill('60');
  await expect(schools.getByRole('row').filter({ hasText: 'back from a retail price' })).toContainText('60.00');
  await expect(page.getByText(/Any one of these would reach the target/)).toBeVisible();
  await page.getByLabel('Pricing method of this piece').selectOption({ label: 'back from a retail price' });
  await page.getByLabel('Note on the pricing method').fill('The stall is full of spoons.');
  await page.getByRole('button', { name: /Save as version/ }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Version 2' })).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Note on the pricing method')).toHaveValue('The stall is full of spoons.');
  await expect(page.getByRole('table', { name: 'Sales channels' })).toContainText('Left at the ferry café');
});

test('a new fair shows its break-even and how many to make', async ({ page, demo }) => {
  await page.goto(`${demo.url}/fairs`);
  await page.getByRole('button', { name: 'New fair' }).click();
  await page.getByLabel('Name of the fair').fill('Candle night');
  await page.getByLabel('Stall fee').fill('90');
  await page.getByLabel('Visitors', { exact: true }).fill('500');
  await page.getByLabel('Visitors who buy (%)').fill('8 %');
  await write(page.getByLabel('Add a level'), 'Bowl');
  await write(page.getByLabel('Bowl, price or multi-buy'), '15 / 25 / 34');
  await write(page.getByLabel('Bowl, cost each'), '5');
  await write(page.getByLabel('Bowl, share of buyers'), '100 %');
  await write(page.getByLabel('Bowl, share who buy a second'), '50 %');
  await write(page.getByLabel('Bowl, share who buy a third'), '40 %');
  // 40 buyers take 1, 2 or 3 with chances 0.5, 0.3 and 0.2: 0.5 × 15 + 0.3 × 25 + 0.2 × 34 = 21.80 each.
  const expecting = page.getByRole('table', { name: 'Forecast' });
  await expect(expecting).toContainText('872.00');
  // They take 1.7 each, which cost 8.50: 40 × 13.30 = 532.00, less 90.
  await expect(expecting).toContainText('442.00');
  await expect(page.getByText('From 7 buyers on, the fair pays; 40 are expected.')).toBeVisible();
  await page.getByRole('button', { name: 'Save as version 1' }).click();
  await page.getByRole('link', { name: 'Fairs' }).click();
  await expect(row(page, 'Candle night')).toContainText('442.00');
});

test('a quote is written, downloaded as a PDF, accepted, and becomes a batch', async ({ page, demo }) => {
  await page.goto(`${demo.url}/quotes`);
  await page.getByRole('button', { name: 'New quote' }).click();
  await page.getByLabel('Title of the quote').fill('Two forks for a wedding');
  await page.getByLabel('Customer', { exact: true }).fill('The sailmaker');
  await write(page.getByLabel('Add an item'), 'Hair fork');
  await choose(page.getByLabel('Hair fork, piece'), { label: 'Tide hair fork' });
  await write(page.getByLabel('Hair fork, quantity'), '2');
  const comes = page.getByRole('table', { name: 'Total of the quote' });
  await expect(comes).toContainText('152.00');
  await page.getByLabel('Deposit', { exact: true }).fill('25 %');
  await expect(comes).toContainText('38.00');
  await expect(page.getByText(/draft saved/)).toBeVisible();
  const [quote] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Download PDF' }).click(),
  ]);
  expect(quote.suggestedFilename()).toMatch(/^Quote \d{4}-\d{3} - The sailmaker\.pdf$/);
  await page.getByRole('button', { name: 'Mark accepted, create a batch' }).click();
  await page.getByRole('link', { name: 'a batch', exact: true }).click();
  await expect(page.getByLabel('Customer', { exact: true })).toHaveValue('The sailmaker');
});

test('shops get a line sheet, and the fair gets labels', async ({ page, demo }) => {
  await page.goto(`${demo.url}/sheets`);
  await page.getByLabel('Barometer brooch, on the line sheet').uncheck();
  const [table] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Export CSV' }).click(),
  ]);
  const csv = readFileSync(await table.path(), 'utf8');
  expect(csv).toContain('Tide hair fork');
  expect(csv).not.toContain('Barometer');
  await page.getByLabel('Copies of each').fill('2');
  const [labels] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: /Download \d+ price tags/ }).click(),
  ]);
  expect(
    readFileSync(await labels.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
});

test('metal prices come from the stand-in, marked as made up, or from a table', async ({ page, demo }) => {
  await page.goto(`${demo.url}/studio`);
  await page.getByRole('button', { name: 'Load sample prices' }).click();
  await expect(page.getByLabel('Source of the prices')).toHaveValue('made-up prices of the stand-in');
  await expect(page.getByLabel('Price of platinum')).toHaveValue(/ozt$/);
  await page.getByLabel('Import CSV').setInputFiles({
    name: 'week.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('day,silver\n2020-01-06,18.10\n2020-01-07,no\n'),
  });
  await expect(page.getByText(/Import failed, nothing was changed. Line 3/)).toBeVisible();
  await page.getByLabel('Import CSV').setInputFiles({
    name: 'week.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('day,silver\n2020-01-06,18.10\n2020-01-07,18.30\n'),
  });
  await expect(page.getByText('2 days of metal prices imported.')).toBeVisible();
});

test('the count says when metal is valued at what was paid', async ({ page, demo }) => {
  await page.goto(`${demo.url}/studio/metal`);
  await page.getByRole('combobox', { name: 'Value metal at' }).selectOption({ label: 'last cost' });
  await page.getByRole('button', { name: /Save as version/ }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Version 3' })).toBeVisible();
  await openPiece(page, demo.url, 'Flood-tide caddy spoon');
  await page.getByRole('button', { name: /^Metal, amount: .*show calculation$/ }).click();
  await page.locator('.working').getByRole('button', { name: /Bowl/ }).click();
  await expect(page.locator('.working')).toContainText('last paid');
});
