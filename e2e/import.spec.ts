// Other people's tables: columns mapped, rows seen before they are taken, repaired in place, undone as one.
import { expect, openBook, test } from './fixtures.ts';

const list =
  'Artikel;Legierung;Gewicht;Minuten;Verkaufspreis\nGull pin;925;4,25;18;48,40\nBuoy studs;unobtanium;1,1;25;120\nCord knot;925;2;9;30\n';

test('a spreadsheet of pieces is dropped, mapped, repaired, imported and undone', async ({ page, own, expected }) => {
  // Before the first run there is no studio.
  expected.push(/404/);
  await openBook(page, own.url);
  const drop = await page.evaluateHandle((text) => {
    const data = new DataTransfer();
    data.items.add(new File([text], 'pieces.csv', { type: 'text/csv' }));
    return data;
  }, list);
  // The listener loads after the first page.
  await expect(async () => {
    await page.dispatchEvent('body', 'dragover', { dataTransfer: drop });
    await expect(page.getByText('Drop the file to import it')).toBeVisible({ timeout: 500 });
  }).toPass();
  await page.dispatchEvent('body', 'drop', { dataTransfer: drop });

  await expect(page.getByText('pieces.csv: 3 rows, read as UTF-8, decimal comma')).toBeVisible();
  await expect(page.getByLabel('Column Verkaufspreis')).toHaveValue('retail');
  await expect(page.getByText('“unobtanium” is not a metal of the book.')).toBeVisible();
  await page.getByLabel('Column Verkaufspreis').selectOption('wholesale');
  await page.getByLabel('row 2, Legierung').fill('fine silver');
  await page.getByRole('button', { name: 'Import 3 rows' }).click();
  await expect(page.getByText('3 rows imported.', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).waitFor();

  await page.getByRole('link', { name: 'Pieces', exact: true }).click();
  await expect(page.getByRole('row').filter({ hasText: 'Gull pin' })).toContainText('48.40');
  await expect(page.getByRole('row').filter({ hasText: 'Gull pin' })).toContainText('4.25');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Gull pin' })).toBeHidden();

  // The same heads again: the columns are as they were chosen.
  await page.goto(`${own.url}/import`);
  await page.getByLabel('Paste cells here').fill(list);
  await expect(page.getByLabel('Column Verkaufspreis')).toHaveValue('wholesale');
});

test('a price list with other heads needs its columns and its supplier, and says what changes', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/import`);
  await page.getByLabel('Paste cells here').fill('SKU\tDescription\tNet\nA1\tEar wires\t5.50\nA2\tJump rings\t3.10\n');
  await page.getByRole('radio', { name: 'Price list of a supplier' }).check();
  await expect(page.getByText('Choose a column for: price')).toBeVisible();
  await page.getByLabel('Column Net').selectOption('price');
  await expect(page.getByText('Give the name of the supplier above.').first()).toBeVisible();
  await page.getByLabel('Supplier, where no column names one').fill('Quayside Findings');
  await page.getByRole('button', { name: 'Import 2 rows' }).click();
  await expect(page.getByText('2 rows imported.', { exact: true })).toBeVisible();
  await page.goto(`${demo.url}/buying`);
  await expect(page.getByText('Quayside Findings')).toBeVisible();
});
