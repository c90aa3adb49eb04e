// Any document is duplicated, archived and deleted; entries are undone by a counter-entry.
import type { Page } from '@playwright/test';
import { expect, openPiece, test } from './fixtures.ts';

async function menu(page: Page, entry: string): Promise<void> {
  await page.getByRole('button', { name: 'More actions' }).click();
  await page.getByRole('menuitem', { name: entry }).click();
}

test('a piece in use is deleted with what uses it named, undone, deleted again and restored from the trash', async ({
  page,
  demo,
}) => {
  await openPiece(page, demo.url, 'Tide hair fork');
  await menu(page, 'Delete…');
  const dialog = page.getByRole('dialog', { name: 'Delete: Tide hair fork' });
  await expect(dialog.getByRole('listitem').filter({ hasText: 'batch: Tide hair fork' }).first()).toBeVisible();
  await dialog.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Pieces' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Tide hair fork' })).toBeHidden();
  // The message offers to undo it, by its button or by the key.
  await expect(page.getByText('Deleted: Tide hair fork', { exact: true })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Name of the piece')).toHaveValue('Tide hair fork');
  await menu(page, 'Delete…');
  await dialog.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Pieces' })).toBeVisible();
  await page.goto(`${demo.url}/studio/safety`);
  await page.getByRole('button', { name: 'Restore: Tide hair fork' }).click();
  await expect(page.getByText('The trash is empty.')).toBeVisible();
  await page.goto(`${demo.url}/pieces`);
  await expect(page.getByRole('link', { name: 'Tide hair fork' }).first()).toBeVisible();
});

test('a quote and a fair are duplicated; a quote is archived and brought back', async ({ page, demo }) => {
  await page.goto(`${demo.url}/fairs`);
  await page.getByRole('link', { name: 'Winter market on the quay' }).click();
  const first = page.url();
  await menu(page, 'Duplicate');
  await expect(page).not.toHaveURL(first);
  await expect(page.getByLabel('Name of the fair')).toHaveValue('Winter market on the quay');
  await page.goto(`${demo.url}/quotes`);
  await page.getByRole('link', { name: 'E. Marrow' }).first().click();
  await expect(page.getByRole('button', { name: 'More actions' })).toBeVisible();
  await menu(page, 'Archive');
  await expect(page.getByText(/^Archived\. It is hidden/)).toBeVisible();
  await page.goto(`${demo.url}/quotes`);
  await expect(page.getByRole('button', { name: 'Archived' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'E. Marrow' })).toBeHidden();
  await page.getByRole('button', { name: 'Archived' }).click();
  await page.getByRole('link', { name: 'E. Marrow' }).click();
  await menu(page, 'Restore');
  await expect(page.getByText(/^Archived\. It is hidden/)).toBeHidden();
});

test('a batch is duplicated; one with entries says why it stays', async ({ page, demo, expected }) => {
  expected.push(/400 \(Bad Request\)/);
  await page.goto(`${demo.url}/batches`);
  await page
    .getByRole('link', { name: /Squall cufflinks/ })
    .first()
    .click();
  const worked = page.url();
  await menu(page, 'Delete…');
  await page.getByRole('dialog').getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByRole('dialog').getByText(/its entries stay/)).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await menu(page, 'Duplicate');
  await expect(page).not.toHaveURL(worked);
  await expect(page.getByRole('heading', { level: 1, name: /Squall cufflinks/ })).toBeVisible();
});

test('a stock count is undone by the key', async ({ page, demo }) => {
  await page.goto(`${demo.url}/shelf`);
  const count = page.getByLabel(/in stock/).first();
  await count.focus();
  const before = await count.inputValue();
  await count.fill('7');
  await page.getByRole('button', { name: /count/i }).first().click();
  await expect(page.getByText(/^Stock count: /)).toBeVisible();
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('Control+z');
  await expect(count).toHaveValue(before);
});
