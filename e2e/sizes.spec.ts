// Patterns and sizes entered once; units measured one by one.
import { amount, expect, test, write } from './fixtures.ts';

test('stones measured one by one are cut, weighed and priced each to its own measure', async ({ page, demo }) => {
  await page.goto(`${demo.url}/pieces`);
  await page.getByRole('button', { name: 'Start from a piece…' }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Bezel ring/ })
    .click();
  await page.getByRole('button', { name: 'Create the piece' }).click();
  await page.getByRole('button', { name: 'Save as version 1' }).click();
  await page.getByRole('button', { name: 'New batch' }).click();
  await page.getByRole('button', { name: /^New batch: / }).click();
  await expect(page.getByRole('heading', { name: 'Pieces and quantities' })).toBeVisible();
  await page.getByRole('button', { name: 'Measure one by one' }).click();
  await expect(page.getByRole('textbox', { name: 'No. 6, stone' })).toBeVisible();

  // A column of seven measures from a spreadsheet: the seventh adds a unit.
  await page.getByRole('textbox', { name: 'No. 1, stone' }).focus();
  await page.getByRole('textbox', { name: 'No. 1, stone' }).evaluate((field, text) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', text);
    field.dispatchEvent(new ClipboardEvent('paste', { bubbles: true, cancelable: true, clipboardData }));
  }, '8.2 mm\n9.4 mm\n7.9 mm\n10.1 mm\n8.8 mm\n9.9 mm\n12 mm\n');
  await expect(page.getByRole('heading', { name: 'Bezel ring, 7', level: 1 })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'No. 7, stone' })).toHaveText('12 mm');

  // A bezel round a 12 mm stone: 3.1416 x (12 + 0.35 + 2 x 0.05) = 39.1 mm.
  await expect(page.getByRole('row', { name: /Bezel ring, no\. 7, fine silver/ })).toContainText('39.1 mm');
  const grams = await amount(page, 'Total').textContent();
  await write(page.getByRole('textbox', { name: 'No. 7, stone' }), '14 mm');
  await expect(page.getByRole('row', { name: /Bezel ring, no\. 7, fine silver/ })).toContainText('45.4 mm');
  await expect(amount(page, 'Total')).not.toHaveText(grams ?? '');
  await page.getByRole('button', { name: 'Use quantities instead' }).click();
  await expect(page.getByRole('heading', { name: 'Bezel ring, 6', level: 1 })).toBeVisible();
});

test('patterns and sizes are entered once, and a batch has a quantity for each', async ({ page, demo }) => {
  await page.goto(`${demo.url}/pieces`);
  await page.getByRole('button', { name: 'Start from a piece…' }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Plain band/ })
    .click();
  await page.getByRole('button', { name: 'Create the piece' }).click();
  await page.getByRole('button', { name: 'Add a size' }).click();
  await write(page.getByLabel('Size 2, name'), 'large');
  await page.getByRole('button', { name: 'Add a pattern' }).click();
  await write(page.getByLabel('Pattern 1, name'), 'ripple');
  await page.getByRole('button', { name: 'Add a pattern' }).click();
  await write(page.getByLabel('Pattern 2, name'), 'calm');
  await expect(page.getByRole('button', { name: 'calm, large' })).toBeVisible();
  await page.getByRole('button', { name: 'Save as version 1' }).click();
  await page.getByRole('button', { name: 'New batch' }).click();
  await page.getByRole('button', { name: /^New batch: / }).click();
  await page.getByLabel('calm, large, quantity').fill('3');
  await page.getByLabel('ripple, usual, quantity').fill('2');
  await expect(page.getByRole('heading', { name: 'Plain band, 5', level: 1 })).toBeVisible();
  await expect(page.getByText('Plain band, calm, large').first()).toBeVisible();
});
