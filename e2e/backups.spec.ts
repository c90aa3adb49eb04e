// Copies of the ledger, from Settings: one is made, its age is shown, and a folder that is not there is refused.
import { expect, test } from './fixtures.ts';

test('a backup is made and checked from Settings, and a missing folder is refused in words', async ({
  page,
  demo,
  expected,
}) => {
  expected.push(/400 \(Bad Request\)/);
  await page.goto(`${demo.url}/studio/safety`);
  const backups = page.getByRole('region', { name: 'Backups' });
  await backups.getByRole('button', { name: 'Back up now' }).click();
  await expect(backups.getByRole('status')).toContainText('Last backup less than an hour ago, checked.');
  await expect(backups.getByRole('listitem').first()).toContainText('MB');
  await backups.getByRole('textbox', { name: 'Second folder for backups' }).fill('/no/such/folder');
  await backups.getByRole('button', { name: 'use this folder' }).click();
  await expect(backups.getByRole('alert')).toContainText('There is no folder /no/such/folder');
});
