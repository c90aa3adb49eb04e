// Inactive rows are text, the active row has fields; a maker should notice neither.
import type { Page } from '@playwright/test';
import { expect, expectWritten, openPiece, test, write } from './fixtures.ts';

test('only the active row has fields, and nothing moves when a row becomes active', async ({ page, demo }) => {
  await openPiece(page, demo.url, 'Barometer brooch');
  const row = page.getByRole('rowgroup').filter({ has: page.getByLabel('Hub, length') });
  const words = page.getByLabel('Hub, length');
  await page.getByRole('heading', { name: 'Parts' }).hover();
  await expect(words).toHaveJSProperty('tagName', 'SPAN');
  const before = await row.boundingBox();
  const at = await words.boundingBox();
  await row.hover();
  await expect(page.getByLabel('Hub, length')).toHaveJSProperty('tagName', 'INPUT');
  expect(await row.boundingBox()).toEqual(before);
  expect(await page.getByLabel('Hub, length').boundingBox()).toEqual(at);
  await page.getByRole('heading', { name: 'Bench route' }).hover();
  await expect(page.getByLabel('Hub, length')).toHaveJSProperty('tagName', 'SPAN');
});

test('Tab moves through every field of a row and on to the next, and back', async ({ page, demo }) => {
  await openPiece(page, demo.url, 'Barometer brooch');
  const inHand = () => page.evaluate(() => document.activeElement?.getAttribute('aria-label') ?? '');
  await page.getByLabel('Part 1, name').focus();
  const seen: string[] = [];
  for (let tab = 0; tab < 10; tab += 1) {
    seen.push(await inHand());
    await page.keyboard.press('Tab');
  }
  expect(seen).toEqual([
    'Part 1, name',
    'Dial, more',
    'Dial, metal',
    'Dial, section',
    'Dial, thickness',
    'Dial, blank',
    'Dial, across',
    'Dial, height',
    'Dial, trim',
    'Dial, number per piece',
  ]);
  expect(await inHand()).toBe('Part 2, name');
  await page.keyboard.press('Shift+Tab');
  expect(await inHand()).toBe('Dial, number per piece');
  // Typed text goes to the focused field, in place of the text before.
  await page.keyboard.type('2');
  await expectWritten(page.getByLabel('Dial, number per piece'), '2');
});

test('a list in an inactive row reads as its choice and opens as a list', async ({ page, demo }) => {
  await openPiece(page, demo.url, 'Barometer brooch');
  await expect(page.getByLabel('Dial, metal')).toHaveText('Sterling silver');
  await page.getByLabel('Dial, metal').focus();
  await page.keyboard.type('Fine');
  await page.getByRole('heading', { name: 'Bench route' }).click();
  await page.getByLabel('Part 2, name').focus();
  await expect(page.getByLabel('Dial, metal')).toHaveText('Fine silver');
});

test('a changed figure is highlighted when typing pauses, and not with reduced motion', async ({ page, demo }) => {
  await openPiece(page, demo.url, 'Barometer brooch');
  // A highlight is over in a moment, so the page counts those that start.
  await page.evaluate(() => {
    // eslint-disable-next-line @typescript-eslint/unbound-method -- called with its element below
    const animate = Element.prototype.animate;
    document.body.dataset['highlights'] = '0';
    Element.prototype.animate = function (...how: Parameters<typeof animate>) {
      document.body.dataset['highlights'] = String(Number(document.body.dataset['highlights']) + 1);
      return animate.apply(this, how);
    };
  });
  const highlights = async () => Number(await page.locator('body').getAttribute('data-highlights'));
  const metal = page.getByLabel(/^Metal, amount: /).first();
  const before = (await metal.getAttribute('aria-label')) ?? '';
  await write(page.getByLabel('Dial, across'), '40');
  await expect(metal).not.toHaveAttribute('aria-label', before);
  await expect.poll(highlights).toBeGreaterThan(0);
  await page.emulateMedia({ reducedMotion: 'reduce' });
  const after = (await metal.getAttribute('aria-label')) ?? '';
  const shown = await highlights();
  await write(page.getByLabel('Dial, across'), '41');
  await expect(metal).not.toHaveAttribute('aria-label', after);
  await page.waitForTimeout(400);
  expect(await highlights()).toBe(shown);
});

test('an own alloy weighed in water, or given by its metals, shows how its density was computed', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/studio/alloys`);
  await page.getByLabel('Add an alloy').pressSequentially('Tide bronze');
  const density = page.getByLabel('Tide bronze, density');
  await density.fill('12.41 g in air');
  await expect(page.getByText(/Give both weights/)).toBeVisible();
  await density.fill('Cu 70, Zn 30');
  await page.getByRole('button', { name: 'Save as version 3' }).click();
  await expect(page.getByText('Version 3', { exact: true })).toBeVisible();
  await page.getByLabel('Calculator').fill('density tide bronze');
  const answer = page.getByRole('region', { name: 'Answer' });
  await expect(answer).toContainText('ideal mixture until it is weighed');
  await expect(answer).toContainText('1 ÷ (0.7 ÷ 8.96 + 0.3 ÷ 7.14)');
});

test('a blank row becomes a row at the first letter, and keeps the focus', async ({ page, demo }) => {
  const types = async (blank: string, becomes: RegExp) => {
    await page.getByLabel(blank, { exact: true }).focus();
    await page.keyboard.type('tar', { delay: 20 });
    const field = page.locator(':focus');
    await expect(field).toHaveAttribute('aria-label', becomes);
    await expect(field).toHaveValue('tar');
    await expect(page.getByLabel(blank, { exact: true })).toHaveCount(1);
  };
  await page.goto(`${demo.url}/studio`);
  await types('Add a maker', /^tar, name/);
  await page.getByRole('link', { name: 'Stations and hours' }).click();
  await types('Add a station', /^tar, name/);
  await page.getByRole('link', { name: /^Money/ }).click();
  await types('Add a cost', /^tar, for/);
  await page.getByRole('link', { name: 'Selling' }).click();
  await types('Add a sales channel', /^tar, way/);
  await types('Add a break', /^break \d, minimum quantity/);
  await page.getByRole('link', { name: 'Alloys', exact: true }).click();
  await types('Add an alloy', /^tar, alloy/);
  await page.goto(`${demo.url}/fairs`);
  await page.getByRole('link', { name: /Regatta Sunday/ }).click();
  await types('Add a level', /^Level \d, name/);
  await page.goto(`${demo.url}/quotes`);
  await page.locator('table a[href^="/quotes/"]').first().click();
  await types('Add an item', /^Item \d, description/);
  await openPiece(page, demo.url, 'Barometer brooch');
  await types('Add a part', /^Part \d, name/);
  await types('Add a finding', /^Finding \d, name/);
  await types('Add a join', /^Join \d, name/);
  await types('Add a step', /^Step \d+, name/);
  await types('Add a sub-assembly', /^Sub-assembly \d, name/);
});

/** Pastes a text where the focus is. */
async function paste(page: Page, text: string): Promise<void> {
  await page.evaluate((words) => {
    const data = new DataTransfer();
    data.setData('text/plain', words);
    const event = new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true });
    document.activeElement?.dispatchEvent(event);
  }, text);
}

test('a block of a spreadsheet is pasted into quote items, adds rows, and is undone as one', async ({ page, demo }) => {
  await page.goto(`${demo.url}/quotes`);
  await page.getByRole('table').getByRole('link').first().click();
  const names = page.getByRole('table', { name: 'Items of the quote' }).getByLabel(/description$/);
  await expect(names.first()).toBeVisible();
  const count = await names.count();
  await page.getByLabel('Add an item').focus();
  await paste(page, 'Tide ring\t2\t120\nSpindrift pin\t3\t45.50\nFair copy\t1\t9\n');
  await expect(names).toHaveCount(count + 3);
  const quantity = page.getByLabel('Spindrift pin, quantity');
  await expectWritten(quantity, '3');
  await expectWritten(page.getByLabel('Fair copy, price each'), '9');
  await page.keyboard.press('ControlOrMeta+Z');
  await expect(names).toHaveCount(count);
});

test('rows are selected with Shift, copied with their heads, filled down and deleted as one', async ({
  page,
  demo,
}) => {
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await openPiece(page, demo.url, 'Barometer brooch');
  const names = page.getByRole('textbox', { name: /^Part \d+, name$/ });
  const count = await names.count();
  const trims = page.getByLabel(/, trim$/);
  await trims.first().focus();
  await page.keyboard.type('2 mm');
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Shift+ArrowDown');
  await expect(page.getByRole('toolbar', { name: 'rows selected' })).toContainText('3 rows selected');
  await page.keyboard.press('ControlOrMeta+C');
  const copied = await page.evaluate(async () => await navigator.clipboard.readText());
  expect(copied.split('\n')).toHaveLength(4);
  expect(copied).toMatch(/^part\tmaterial\tblank\tqty\tnet, g\nDial\tSterling silver /);
  await page.keyboard.press('ControlOrMeta+D');
  for (const at of [0, 1, 2]) await expectWritten(trims.nth(at), '2 mm');
  await page.getByRole('toolbar', { name: 'rows selected' }).getByRole('button', { name: 'Delete' }).click();
  await expect(names).toHaveCount(count - 3);
  await page.keyboard.press('ControlOrMeta+Z');
  await expect(names).toHaveCount(count);
});

test('a table is saved as CSV, and hides columns that stay hidden', async ({ page, demo }) => {
  await page.goto(`${demo.url}/quotes`);
  const table = page.getByRole('table').first();
  await table.hover();
  const heads = await table.getByRole('columnheader').count();
  await table.getByRole('button', { name: 'Table', exact: true }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: 'Save as CSV' }).click();
  expect((await download).suggestedFilename()).toMatch(/\.csv$/);
  await table.getByRole('button', { name: 'Table', exact: true }).click();
  await page.getByRole('menuitemcheckbox').last().click();
  await page.keyboard.press('Escape');
  await expect(table.getByRole('columnheader')).toHaveCount(heads - 1);
  await page.reload();
  await expect(page.getByRole('table').first().getByRole('columnheader')).toHaveCount(heads - 1);
});

test('prices pasted into the price book are one entry, undone as one', async ({ page, demo }) => {
  await page.goto(`${demo.url}/prices`);
  const retail = page.getByLabel(/, retail$/);
  const before = [await retail.nth(0).textContent(), await retail.nth(1).textContent()];
  await retail.nth(0).focus();
  await paste(page, '211\n212\n');
  await expect(page.getByText('2 prices changed.', { exact: true })).toBeVisible();
  await expect(retail.nth(1)).toHaveText(/212/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expectWritten(retail.nth(1), before[1] ?? '');
  await retail.nth(0).focus();
  await paste(page, '215\nmany\n');
  await expect(page.getByText(/^Nothing was changed/).first()).toBeVisible();
});

test('a column keeps the width it was dragged to, until its usual width is asked for', async ({ page, demo }) => {
  await page.goto(`${demo.url}/quotes`);
  const head = page.getByRole('columnheader', { name: 'customer' });
  const before = await head.boundingBox();
  if (!before) throw new Error('The head is not on the page.');
  await page.mouse.move(before.x + before.width - 3, before.y + 6);
  await page.mouse.down();
  await page.mouse.move(before.x + before.width + 77, before.y + 6, { steps: 4 });
  await page.mouse.up();
  const wider = async () => ((await head.boundingBox())?.width ?? 0) - before.width;
  expect(await wider()).toBeGreaterThan(50);
  await page.reload();
  await expect.poll(wider).toBeGreaterThan(50);
  await page.getByRole('table').first().hover();
  await page.getByRole('button', { name: 'Table', exact: true }).first().click();
  await page.getByRole('menuitem', { name: 'Usual column widths' }).click();
  await expect.poll(wider).toBeLessThan(5);
});

test('quantities of all sizes are pasted at once', async ({ page, demo }) => {
  await page.goto(`${demo.url}/batches`);
  await page
    .getByRole('link', { name: /^Tide hair fork/ })
    .first()
    .click();
  const quantities = page.getByLabel(/, quantity$/);
  await quantities.first().focus();
  await paste(page, '4\t5\t6');
  for (const [at, text] of ['4', '5', '6'].entries()) await expectWritten(quantities.nth(at), text);
  await page.keyboard.press('ControlOrMeta+Z');
  await expect(quantities.nth(2)).not.toHaveValue('6');
});

test('a column of the parts of a piece is hidden, and stays hidden', async ({ page, demo }) => {
  await openPiece(page, demo.url, 'Barometer brooch');
  const parts = page.getByRole('table').filter({ has: page.getByRole('columnheader', { name: 'blank' }) });
  const heads = parts.getByRole('columnheader');
  const count = await heads.count();
  const tracks = async () => (await parts.evaluate((table) => table.style.gridTemplateColumns)).split(' ').length;
  const before = await tracks();
  await parts.hover();
  await parts.getByRole('button', { name: 'Table', exact: true }).click();
  await page.getByRole('menuitemcheckbox', { name: 'qty' }).click();
  await page.keyboard.press('Escape');
  await expect(heads).toHaveCount(count - 1);
  expect(await tracks()).toBe(before - 1);
  await page.reload();
  await expect(heads).toHaveCount(count - 1);
});
