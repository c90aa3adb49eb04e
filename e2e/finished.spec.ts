// Finished pieces: brought in, left with a shop, sold, imported, reviewed.
import sharp from 'sharp';
import { expect, test } from './fixtures.ts';

test('pieces come in from a batch, go to a shop, are sold there, and the statement says what is due', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/made`);
  await page.getByRole('button', { name: 'Bring in' }).first().click();
  await page
    .getByRole('table', { name: /^Bring in/ })
    .getByRole('textbox')
    .first()
    .fill('3');
  await page.getByRole('button', { name: 'Bring in', exact: true }).last().click();
  await expect(page.getByText('Pieces brought in.', { exact: true })).toBeVisible();

  const pins = page.getByRole('row', { name: /Fairweather shawl pin/ }).first();
  const there = Number(await pins.getByRole('cell').nth(2).textContent());
  await pins.getByLabel(/take$/).fill('2');
  await page.getByRole('combobox', { name: 'Move to' }).selectOption('Ferry café');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(pins.getByRole('cell').nth(2)).toHaveText(String(there - 2));

  await page.getByRole('combobox', { name: 'From', exact: true }).selectOption('Ferry café');
  await pins.getByLabel(/take$/).fill('1');
  await page.getByRole('combobox', { name: 'What happens' }).selectOption('Sell');
  await page.getByLabel(/Fairweather shawl pin, price of one/).fill('50');
  await page.getByRole('button', { name: 'Sell', exact: true }).click();
  await expect(page.getByText('Saved.', { exact: true })).toBeVisible();

  await page.getByRole('link', { name: 'Shops', exact: true }).click();
  await page.getByRole('button', { name: 'Ferry café' }).click();
  await page.getByRole('button', { name: 'This month' }).click();
  const statement = page.getByRole('table', { name: 'Statement' });
  const row = statement.getByRole('row', { name: /Fairweather shawl pin/ });
  const [paid = 0, commission = 0, due = 0] = (await row.getByRole('cell').allTextContents()).slice(2).map(Number);
  expect(paid).toBeGreaterThanOrEqual(50);
  expect(commission).toBeCloseTo(0.38 * paid, 1);
  expect(due).toBeCloseTo(paid - commission, 2);
});

test('a file of sales counts once, and is undone with one press', async ({ page, demo }) => {
  const file = {
    name: 'reader.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'Date,Item,Qty,Gross Sales,Fees,Transaction ID\n2026-03-01,Anvil-cloud lapel pin,1,18.00,0.34,t1\n2026-03-01,Heron comb,1,20.00,0.38,t2\n',
    ),
  };
  const import1 = async () => {
    await page.goto(`${demo.url}/import`);
    await page.locator('input[type=file]').first().setInputFiles(file);
  };
  await import1();
  await expect(page.getByRole('button', { name: 'Import 1 row' })).toBeEnabled();
  await expect(page.getByText('No finished piece has this code or name.')).toHaveCount(1);
  await page.getByRole('button', { name: 'Import 1 row' }).click();
  await expect(page.getByText('1 row imported.', { exact: true })).toBeVisible();
  await import1();
  await expect(page.getByText('imported before')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Import/ }).last()).toBeDisabled();
});

test('what to make next becomes a batch, and the review says what a piece earned', async ({ page, demo }) => {
  await page.goto(`${demo.url}/make-next`);
  await page.getByRole('combobox', { name: 'Weeks ahead' }).selectOption('13');
  await page.getByRole('combobox', { name: 'Chance of not running out' }).selectOption('95 %');
  const first = page.getByRole('region', { name: /Tide hair fork/ });
  await expect(first.getByRole('table')).toContainText('usual');
  await expect(page.getByRole('table', { name: 'Packing list' })).toContainText('Anvil-cloud lapel pin');
  await page.getByRole('button', { name: 'Make a batch' }).first().click();
  await expect(page).toHaveURL(/\/batches\//);

  await page.goto(`${demo.url}/review`);
  await page.getByRole('button', { name: /^Kelp comb: Retire it/ }).click();
  await page.getByRole('button', { name: /^Anvil-cloud lapel pin: / }).click();
  await expect(page.getByText(/per bench hour; /).first()).toBeVisible();
  await expect(page.getByRole('table', { name: 'By channel and fair' })).toContainText('Regatta Sunday');
});

test('a piece that is one of a kind has its own photo and weight', async ({ page, demo }) => {
  await page.goto(`${demo.url}/made`);
  const form = page.getByRole('region', { name: 'Pieces that lie here already' });
  await form.getByLabel('Name', { exact: true }).fill('Harbour light pendant');
  await form.getByLabel('One of a kind').check();
  await form.getByRole('button', { name: 'Add', exact: true }).click();
  const row = page
    .getByRole('table', { name: 'Finished pieces' })
    .getByRole('row', { name: /Harbour light pendant/ })
    .first();
  await expect(row).toBeVisible();
  await row.getByRole('button', { name: 'photo and weight' }).click();
  await page.getByLabel('Harbour light pendant, Weight').fill('18.6 g');
  await page.getByRole('button', { name: 'Save the weight' }).click();
  await expect(row).toContainText('18.6 g');
  const picture = await sharp({ create: { width: 200, height: 200, channels: 3, background: '#9aa7b0' } })
    .png()
    .toBuffer();
  await page.getByLabel('Add a photo').setInputFiles({ name: 'pendant.png', mimeType: 'image/png', buffer: picture });
  await expect(row.locator('img')).toHaveAttribute('src', /\/api\/photos\//);
  await expect(row).toContainText('18.6 g');
});

test('sales in another currency count at the exchange rate', async ({ page, demo }) => {
  await page.goto(`${demo.url}/import`);
  await page
    .locator('input[type=file]')
    .first()
    .setInputFiles({
      name: 'euro.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(
        'Date,Item,Qty,Gross Sales,Currency,Transaction ID\n2026-11-23,Anvil-cloud lapel pin,1,20.00,EUR,e1\n',
      ),
    });
  await expect(page.getByText('Give the exchange rate.')).toBeVisible();
  await page.getByLabel('Exchange rate, EUR').fill('0.85');
  await page.getByRole('button', { name: 'Import 1 row' }).click();
  await expect(page.getByText('1 row imported.', { exact: true })).toBeVisible();
  await page.goto(`${demo.url}/sales`);
  await expect(page.getByText('17.00').first()).toBeVisible();
});
