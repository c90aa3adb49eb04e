// Learned times are offered, not imposed: in the piece with the prices they would change, and as standard times of the
// studio. The hours of a week go out as a table.
import { readFileSync } from 'node:fs';
import { expect, test } from './fixtures.ts';

test('learned times are taken into the piece, as the dialog says', async ({ page, demo }) => {
  await page.goto(`${demo.url}/pieces`);
  await page
    .getByRole('link', { name: /Squall cufflinks/ })
    .first()
    .click();
  const section = page.getByRole('region', { name: 'Learned times' });
  await section.getByRole('button', { name: 'Use the learned times' }).click();
  const dialog = page.getByRole('dialog', { name: 'What changes' });
  const cost = dialog.getByRole('row', { name: /^Cost/ });
  const [now, then] = [await cost.getByRole('cell').nth(1).textContent(), await cost.getByRole('cell').nth(2).textContent()]; // prettier-ignore
  expect(then).not.toBe(now);
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  const costIs = (shown: string | null) =>
    page.getByRole('button', { name: `Cost, amount: ${String(shown).replace('£', '')}, show calculation` });
  await expect(costIs(now)).toBeVisible();
  await section.getByRole('button', { name: 'Use the learned times' }).click();
  await dialog.getByRole('button', { name: 'Use these times' }).click();
  await expect(costIs(then)).toBeVisible();
  // What was taken is not offered again.
  await expect(section.getByRole('button', { name: 'Use the learned times' })).toBeHidden();
  await page.reload();
  await expect(costIs(then)).toBeVisible();
});

test('a learned share of a kind of work becomes a standard time of the studio', async ({ page, demo }) => {
  await page.goto(`${demo.url}/studio/hours`);
  const section = page.getByRole('region', { name: 'Standard times' });
  const row = section.getByRole('row', { name: /^soldering/ });
  const learned = String(await row.getByRole('cell').nth(1).textContent());
  expect(learned).toMatch(/^\d+ %$/);
  await row.getByRole('button', { name: /^Use/ }).click();
  await expect(row.getByRole('textbox')).toHaveValue(learned);
  await expect(row.getByRole('button', { name: /^Use/ })).toBeHidden();
  await page.reload();
  await expect(row.getByRole('textbox')).toHaveValue(learned);
});

test('the hours of a week go out as a table of the same minutes', async ({ page, demo }) => {
  await page.goto(`${demo.url}/hours`);
  const total = page.locator('p.font-bold');
  await page.getByRole('button', { name: 'Week before' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Week 16 Nov to 22 Nov');
  await expect(page.getByRole('table', { name: 'Hours at the bench' }).getByRole('row').nth(1)).toBeVisible();
  const shown = String(await total.textContent());
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as CSV' }).click();
  const [head, ...rows] = readFileSync(await (await saving).path(), 'utf8')
    .trim()
    .split(/\r?\n/);
  expect(head).toContain('day,batch,kind,maker,minutes');
  const minutes = rows.reduce((sum, row) => sum + Number(row.split(',').at(-1)), 0);
  const [hours = 0, rest = 0] = [...shown.matchAll(/\d+/g)].map(Number);
  expect(Math.abs(minutes - (60 * hours + rest))).toBeLessThan(1 + 0.05 * rows.length);
});
