// A batch: its cut list and completion date follow the quantity; a late batch says so.
import { amount, choose, expect, test, write } from './fixtures.ts';

test('twice the quantity takes twice the metal, and the plan follows', async ({ page, demo }) => {
  await page.goto(`${demo.url}/batches`);
  await page.getByRole('link', { name: 'Tide hair fork, 8' }).click();
  await expect(amount(page, 'Total')).toHaveText('157.28 g');
  const promise = page.getByRole('paragraph').filter({ hasText: /^Completion/ });
  const done = await promise.textContent();
  await page.getByLabel('Tide hair fork, usual, quantity').fill('16');
  await expect(page.getByRole('heading', { name: 'Tide hair fork, 16' })).toBeVisible();
  await expect(amount(page, 'Total')).toHaveText('314.55 g');
  await expect(promise).not.toHaveText(done ?? '');
  await page.getByLabel('Tide hair fork, usual, quantity').fill('some');
  await expect(page.getByText(/“some” does not fit/)).toBeVisible();
  await page.getByRole('button', { name: 'Discard changes, back to version 1' }).click();
  await expect(amount(page, 'Total')).toHaveText('157.28 g');
});

test('a late batch is marked, and leaves the plan when it is finished', async ({ page, demo }) => {
  await page.goto(`${demo.url}/batches`);
  await expect(page.getByText(/Squall cufflinks, a pair, 10, \d days? late/)).toBeVisible();
  await page.getByRole('link', { name: 'Squall cufflinks, a pair, 10' }).first().click();
  await choose(page.getByLabel('Status of the batch'), { label: 'finished' });
  await page.getByRole('button', { name: 'Save as version 2' }).click();
  await expect(page.getByText('Version 2', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Batches' }).click();
  await expect(page.getByRole('heading', { name: 'Finished' })).toBeVisible();
  await expect(page.getByText(/days? late/)).toHaveCount(0);
});

test('a batch can be moved to a later revision of its piece', async ({ page, demo }) => {
  await page.goto(`${demo.url}/pieces`);
  await page.getByRole('table').getByRole('link', { name: 'Tide hair fork' }).first().click();
  await write(page.getByLabel('Prongs and crown, length'), '280');
  await page.getByRole('button', { name: 'Save as version 2' }).click();
  await expect(page.getByText('Version 2', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Batches' }).click();
  await page.getByRole('link', { name: 'Tide hair fork, 8' }).click();
  await expect(page.getByRole('row', { name: /Prongs and crown/ })).toContainText('272.0 mm');
  await page.getByRole('button', { name: 'Update to version 2' }).click();
  await expect(page.getByRole('row', { name: /Prongs and crown/ })).toContainText('284.0 mm');
});

test('settings move prices only once accepted, and the page lists the moves before', async ({ page, demo }) => {
  await page.goto(`${demo.url}/studio/pricing`);
  await page.getByLabel('Wholesale multiplier', { exact: true }).fill('2.4');
  const warning = page.getByRole('region', { name: 'These changes affect wholesale prices' });
  await expect(warning.getByRole('row', { name: /Barometer brooch/ })).toContainText('66.00to82.00');
  await page.getByRole('link', { name: 'Pieces' }).click();
  const renew = page.getByRole('region', { name: 'Wholesale prices to update' });
  await expect(renew).toBeVisible();
  await expect(renew).not.toContainText('Barometer brooch');
  await page.getByRole('link', { name: 'Settings', exact: true }).click();
  await page.getByRole('button', { name: 'Save as version 3' }).click();
  await expect(page.getByText('Version 3', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Pieces' }).click();
  // The set price stays until it is updated; the suggested price stands beside it.
  await expect(renew.getByRole('row', { name: /Barometer brooch/ })).toContainText('82.00');
  await expect(page.getByRole('row', { name: /Barometer brooch/ }).last()).toContainText('66.00');
});
