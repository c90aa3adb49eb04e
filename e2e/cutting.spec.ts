// From quantities in sizes to an accepted cutting plan: extras, plan, offcuts in stock, and everything returned.
import { readFileSync } from 'node:fs';
import { choose, expect, openBook, openPiece, test, write } from './fixtures.ts';

test('a batch in three sizes is cut from stock: offcuts are added, and a cancelled batch returns everything', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/batches`);
  await page.getByRole('link', { name: 'Tide hair fork, 8' }).click();
  await write(page.getByLabel('Tide hair fork, short, quantity'), '2');
  await write(page.getByLabel('Tide hair fork, long, quantity'), '1');
  await expect(page.getByRole('heading', { name: 'Tide hair fork, 11' })).toBeVisible();
  // Two extras of each size.
  await choose(page.getByLabel('How extras are counted'), { label: 'fixed number' });
  await expect(page.getByRole('button', { name: /^Tide hair fork, usual, to start: .*show calculation$/ })).toHaveText(
    '10',
  );
  await choose(page.getByLabel('How extras are counted'), { label: 'none' });
  await page.getByRole('button', { name: 'Save as version 2' }).click();
  await expect(page.getByText('Version 2', { exact: true })).toBeVisible();

  await page.getByRole('link', { name: 'Cutting plan' }).click();
  const brass = page.getByRole('region', { name: /Cartridge brass/ });
  await expect(brass.getByRole('status')).toHaveText(/[Pp]roven|Within/, { timeout: 30_000 });
  const silver = page.getByRole('region', { name: /Sterling silver/ });
  await expect(silver.getByRole('status')).toHaveText(/[Pp]roven|Within/, { timeout: 30_000 });
  await expect(brass.getByRole('button', { name: /Prongs and crown, .* mm, in bar/ })).toHaveCount(11);

  // One blank is moved by hand to a bar of its own, which costs more.
  const bars = brass.getByRole('listitem');
  const before = await bars.count();
  await brass
    .getByRole('button', { name: /in bar 1$/ })
    .first()
    .click();
  await brass.getByRole('button', { name: 'new bar' }).click();
  await expect(bars.or(brass.getByRole('alert').filter({ hasText: 'no further bar' }))).not.toHaveCount(0);
  expect(await bars.count()).toBeGreaterThanOrEqual(before);

  await page.getByRole('button', { name: 'Accept and issue metal' }).click();
  await expect(page.getByText(/Metal issued for this batch: [\d.]+ g of blanks/)).toBeVisible();
  await page.getByRole('link', { name: 'Metal', exact: true }).click();
  const lots = page.getByRole('table', { name: 'Stock', exact: true });
  await expect(lots.getByText('offcut').first()).toBeVisible();
  await expect(page.getByRole('table', { name: 'Stock movements' })).toContainText('scrap');

  await page.goBack();
  await page.getByRole('button', { name: 'Return metal to stock' }).click();
  await expect(page.getByRole('button', { name: 'Accept and issue metal' })).toBeVisible();
  await page.getByRole('link', { name: 'Metal', exact: true }).click();
  await expect(lots).toBeVisible();
  await expect(lots.getByText('offcut')).toHaveCount(0);
});

test('stock is received and counted, and unreadable input is named', async ({ page, own, expected }) => {
  expected.push(/404 \(Not Found\)/);
  await openBook(page, own.url);
  await page.getByRole('link', { name: 'Metal', exact: true }).click();
  await expect(page.getByText('No stock yet')).toBeVisible();
  await page.getByLabel('Stock, diameter').fill('18 ga');
  await page.getByLabel('Stock, length').fill('2 m');
  await page.getByLabel('Stock, quantity').fill('3');
  await page.getByLabel('Stock, total paid').fill('60');
  await page.getByRole('button', { name: 'Add to stock' }).click();
  const row = page.getByRole('table', { name: 'Stock', exact: true }).getByRole('row').last();
  // π/4 × 1.0236² × 2000 × 10.36 ÷ 1000 g, and a third of what was paid.
  await expect(row).toContainText('17.05');
  await expect(row).toContainText('20.00');
  await write(page.getByLabel(/quantity in stock/), '2');
  await page.getByRole('button', { name: 'Save count: 2' }).click();
  await expect(page.getByRole('table', { name: 'Stock movements' })).toContainText('stock count');
  await expect(page.getByRole('table', { name: 'Metal in stock' })).toContainText('34.11');
  await page.getByLabel('Stock, length').fill('some');
  await expect(page.getByRole('alert').filter({ hasText: 'some' })).toBeVisible();
});

test('thirty forks in six sizes get a job sheet, a cutting plan, offcuts and a buying list', async ({ page, demo }) => {
  await openPiece(page, demo.url, 'Tide hair fork');
  await page.getByRole('button', { name: 'New batch' }).click();
  await page.getByLabel('Quantity', { exact: true }).fill('4');
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^New batch/ })
    .click();
  const wanted = { short: 4, usual: 8, long: 6, crown: 4, child: 3, nape: 5 };
  for (const [size, count] of Object.entries(wanted))
    await write(page.getByLabel(`Tide hair fork, ${size}, quantity`), String(count));
  await expect(page.getByRole('heading', { name: 'Tide hair fork, 30' })).toBeVisible();
  await page.getByLabel('Due date', { exact: true }).fill('2026-12-12');
  await page.getByRole('button', { name: 'Save as version 2' }).click();
  await expect(page.getByText('Version 2', { exact: true })).toBeVisible();
  const batchUrl = new URL(page.url()).pathname;

  await page.getByRole('link', { name: 'Buying list' }).click();
  const toOrder = page.getByRole('table', { name: 'To order' });
  // Two metres and an offcut are in stock; thirty forks take more than eight metres.
  const brass = toOrder.getByRole('row').filter({ hasText: 'round wire 3.20 mm' });
  await expect(brass).toContainText('The Slipway Sundries, BR-32', { timeout: 60_000 });
  await expect(brass.getByRole('link', { name: 'Tide hair fork, 30' })).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export CSV' }).click();
  const rows = readFileSync(await (await saved).path(), 'utf8').split('\r\n');
  expect(rows[0]).toBe('supplier,item,name,packs,pack,to pay,currency,order by,for');
  expect(rows.find((row) => row.includes('BR-32'))).toMatch(/^The Slipway Sundries,BR-32,.*,GBP,\d{4}-\d\d-\d\d,/);

  await page.goto(`${demo.url}${batchUrl}`);
  await page.getByRole('link', { name: 'Cutting plan' }).click();
  await expect(page.getByRole('region', { name: /Cartridge brass/ }).getByRole('status')).toHaveText(
    /[Pp]roven|Within/,
    {
      timeout: 60_000,
    },
  );
  const accept = page.getByRole('button', { name: 'Accept and issue metal' });
  await expect(accept).toBeEnabled({ timeout: 60_000 });
  await accept.click();
  await expect(page.getByText(/Metal issued for this batch/)).toBeVisible();
  await page.goto(`${demo.url}${batchUrl}`);
  await expect(page.getByLabel('Status of the batch')).toHaveValue('issued');
  const sheet = await page.request.get(`${demo.url}/api${batchUrl}/job-sheet.pdf?paper=A4`);
  expect(sheet.headers()['content-type']).toContain('application/pdf');
  expect((await sheet.body()).length).toBeGreaterThan(10_000);
  await page.getByRole('link', { name: 'Metal', exact: true }).click();
  await expect(page.getByRole('table', { name: 'Stock', exact: true }).getByText('offcut').first()).toBeVisible();

  // A cancelled batch returns all its metal.
  await page.goto(`${demo.url}${batchUrl}`);
  await choose(page.getByLabel('Status of the batch'), { label: 'cancelled' });
  await page.getByRole('button', { name: /^Save as version/ }).click();
  await expect(page.getByText('Cancelled', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Metal', exact: true }).click();
  await expect(page.getByRole('table', { name: 'Stock movements' })).toContainText('returned');
});

test('a blank on a sheet is moved by keyboard, and not onto another', async ({ page, demo }) => {
  await page.goto(`${demo.url}/batches`);
  await page.getByRole('link', { name: 'Barometer brooch, 12' }).click();
  await page.getByRole('link', { name: 'Cutting plan' }).click();
  const copper = page.getByRole('region', { name: /Copper C110, sheet/ });
  await expect(copper.getByRole('status')).toHaveText(/[Pp]roven|Within/, { timeout: 60_000 });
  await page
    .getByRole('button', { name: 'Stop and use this plan' })
    .click({ timeout: 5000 })
    .catch(() => undefined);
  const offcut = copper.getByText(/leaves/);
  const before = await offcut.textContent();
  const blanks = copper.getByRole('button', { name: /Pointer, on sheet 1/ });
  await expect(blanks).toHaveCount(12);
  // Each blank touches its neighbours except at the free side: one of them moves.
  for (let index = 0; index < 12 && (await offcut.textContent()) === before; index += 1) {
    await blanks.nth(index).press('ArrowRight');
  }
  await expect(offcut).not.toHaveText(before ?? '');
  await expect(blanks).toHaveCount(12);
});

test('a line of a price list that cannot be read is named and left out', async ({ page, own, expected }) => {
  expected.push(/404 \(Not Found\)/);
  await openBook(page, own.url);
  await page.goto(`${own.url}/buying`);
  await expect(page.getByText('No batch needs metal.')).toBeVisible();
  const file = (text: string) => ({ name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  const input = page.getByLabel('Import price list (CSV)');
  await input.setInputFiles(file('supplier,item,name,price\nCove,P,pins,1.20\nCove,Q,pins,dear'));
  await expect(page.getByText(/dear/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Import 1 row' }).click();
  await expect(page.getByText('1 row imported.', { exact: true })).toBeVisible();
  await page.goto(`${own.url}/buying`);
  await page.getByRole('button', { name: 'Load sample price list' }).click();
  await page.getByRole('button', { name: /^Import \d+ rows$/ }).click();
  await expect(page.getByText(/^\d+ rows imported\.$/)).toBeVisible();
  await page.goto(`${own.url}/buying`);
  await expect(page.getByText('Breakwater Bullion')).toBeVisible();
  // A consumable is ordered by its reorder level.
  await page.getByLabel('Add a consumable').fill('Saw blades 3/0');
  await page.getByRole('button', { name: 'Track this item' }).click();
  const always = page.getByLabel('Saw blades 3/0, reorder level');
  await expect(always).toHaveValue('1');
  await always.fill('288');
  await always.press('Enter');
  const line = page.getByRole('table', { name: 'To order' }).getByRole('row').filter({ hasText: 'Saw blades' });
  await expect(line).toContainText('25.20');
  const there = page.getByLabel('Saw blades 3/0, quantity in stock');
  await there.fill('200');
  await there.press('Tab');
  await expect(line).toContainText('12.60');
});
