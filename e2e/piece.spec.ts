// Editing a piece: figures follow the keys, calculations open, wrong input is named in words, nothing is lost.
import { amount, expect, expectWritten, holdDrafts, openPiece, test, write } from './fixtures.ts';

test.beforeEach(async ({ page, demo }) => await openPiece(page, demo.url, 'Barometer brooch'));

test('every key changes the count, and undo restores it', async ({ page }) => {
  const cost = await amount(page, 'Cost').textContent();
  const diameter = page.getByLabel('Dial, across');
  await write(diameter, '68');
  await expect(amount(page, 'Cost')).not.toHaveText(cost ?? '');
  await expect(page.getByRole('button', { name: 'Save as version 2' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expectWritten(diameter, '33 mm');
  await expect(amount(page, 'Cost')).toHaveText(cost ?? '');
  await page.keyboard.press('Control+Shift+z');
  await expectWritten(diameter, '68 mm');
});

test('a figure opens its calculation down to the sources, and Escape closes it', async ({ page }) => {
  await amount(page, 'Metal').click();
  await page.getByRole('button', { name: /GBP Dial$/ }).click();
  await page.getByRole('button', { name: /g Dial, as cut$/ }).click();
  const working = page.locator('.working');
  await expect(working).toContainText('π/4 × 34.534² × 0.9 × 10.36 ÷ 1000');
  await expect(working).toContainText(
    'density of Sterling silver, typical value, not checked against its source (ASM Handbook',
  );
  await page.getByRole('button', { name: /per g Sterling silver, per gram to replace$/ }).click();
  await page.getByRole('button', { name: /metal in Sterling silver$/ }).click();
  await expect(working).toContainText('metal prices of');
  await amount(page, 'Metal').press('Escape');
  await expect(working).toBeHidden();
});

test('a field that cannot be read is named, the rest still counts, and the piece cannot be accepted', async ({
  page,
}) => {
  const thickness = page.getByLabel('Dial, thickness');
  for (const [typed, sentence] of [
    ['99 ga', /no 99 gauge in B&S/],
    ['-3 mm', /negative/],
    ['1/0', /divided by zero/],
    ['thin', /“thin” does not fit/],
  ] as const) {
    await write(thickness, typed);
    await expect(page.getByText(sentence)).toBeVisible();
    await expect(thickness).toHaveAttribute('aria-invalid', 'true');
  }
  await expectWritten(thickness, 'thin');
  await expect(page.getByRole('button', { name: '1 to fix before this version can be saved' })).toBeDisabled();
  await expect(amount(page, 'Bench time')).toHaveText('13.79');
  await write(thickness, '20 ga');
  await expect(page.getByRole('button', { name: 'Save as version 2' })).toBeEnabled();
});

test('a reload in the middle of a word loses nothing', async ({ page }) => {
  await write(page.getByLabel('Hub, length'), '7.25');
  await page.reload();
  await expectWritten(page.getByLabel('Hub, length'), '7.25 mm');
  await expect(page.getByText('Version 1, draft saved')).toBeVisible();
});

test('typing goes on while the server is away, and is sent when it is back', async ({ page, demo, expected }) => {
  expected.push(/ERR_CONNECTION_(?:REFUSED|RESET)/);
  await demo.stop();
  await write(page.getByLabel('Hub, length'), '9');
  await expect(page.getByText(/Offline/)).toBeVisible();
  await demo.start();
  await expect(page.getByText('Version 1, draft saved')).toBeVisible({ timeout: 15_000 });
  await page.reload();
  await expectWritten(page.getByLabel('Hub, length'), '9 mm');
});

test('two pages that edit one piece show both versions, and the maker chooses one', async ({
  page,
  context,
  expected,
}) => {
  expected.push(/409 \(Conflict\)/);
  const tablet = await context.newPage();
  await tablet.goto(page.url());
  let send = await holdDrafts(page);
  await write(page.getByLabel('Dial, across'), '36');
  await write(tablet.getByLabel('Dial, across'), '40');
  await expect(tablet.getByText('Version 1, draft saved')).toBeVisible();
  send();
  const sheet = page.getByRole('dialog', { name: 'This piece was edited elsewhere' });
  await expect(sheet.getByRole('row', { name: 'parts, Dial, blank, across' })).toContainText('36 mm40 mm');
  send = await holdDrafts(tablet);
  await write(tablet.getByLabel('Hub, length'), '5');
  await page.bringToFront();
  await sheet.getByRole('button', { name: 'Keep my version' }).click();
  await expect(page.getByText('Version 1, draft saved')).toBeVisible();
  send();
  await tablet.getByRole('button', { name: 'Use the saved version' }).click();
  await expectWritten(tablet.getByLabel('Dial, across'), '36 mm');
  await expectWritten(tablet.getByLabel('Hub, length'), '3.5 mm');
});

test('the keyboard alone is enough: Enter moves down, the blank row adds, Alt with an arrow moves a row', async ({
  page,
}) => {
  await page.getByLabel('Part 1, name').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Part 2, name')).toBeFocused();
  for (let row = 0; row < 3; row += 1) await page.keyboard.press('Enter');
  await expect(page.getByLabel('Add a part')).toBeFocused();
  await page.keyboard.type('Needle');
  await expect(page.getByLabel('Part 5, name')).toBeFocused();
  await expectWritten(page.getByLabel('Part 5, name'), 'Needle');
  await page.keyboard.press('Alt+ArrowUp');
  await expectWritten(page.getByLabel('Part 4, name'), 'Needle');
  await page.getByRole('button', { name: 'Row actions for Needle' }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('menuitem', { name: /Delete/ }).press('Enter');
  await expectWritten(page.getByLabel('Part 4, name'), 'Hub');
});

test('an exported piece can be imported, and a foreign file is refused in a sentence', async ({
  page,
  demo,
  expected,
}) => {
  expected.push(/400 \(Bad Request\)/);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'More actions' }).click();
  await page.getByRole('menuitem', { name: 'Export (JSON)' }).click();
  const path = await (await download).path();
  const cost = await amount(page, 'Cost').textContent();

  await page.goto(`${demo.url}/pieces`);
  const picker = page.getByLabel('Import pieces');
  await picker.setInputFiles({
    name: 'other.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"shapes": []}'),
  });
  await expect(page.getByText(/not a Noon Ledger piece file/)).toBeVisible();
  await picker.setInputFiles({ name: 'notes.json', mimeType: 'application/json', buffer: Buffer.from('dear diary') });
  await expect(page.getByText(/not valid JSON/)).toBeVisible();
  await picker.setInputFiles(path);
  await expect(page.getByLabel('Name of the piece')).toHaveValue('Barometer brooch');
  await expect(page.getByText('Not saved as a version yet, draft saved')).toBeVisible();
  await expect(amount(page, 'Cost')).toHaveText(cost ?? '');
});

test('a draft is deleted only after a second question, and the tab names the page', async ({ page, demo }) => {
  await expect(page).toHaveTitle('Barometer brooch, Noon Ledger');
  await page.goto(`${demo.url}/pieces`);
  await page.getByRole('button', { name: 'New piece' }).click();
  await expect(page.getByLabel('Name of the piece')).toBeFocused();
  await page.keyboard.type('Flotsam');
  await expect(page.getByText('Not saved as a version yet, draft saved')).toBeVisible();
  const throwAway = async () => {
    await page.getByRole('button', { name: 'More actions' }).click();
    await page.getByRole('menuitem', { name: 'Delete' }).click();
  };
  await throwAway();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await throwAway();
  await page.getByRole('dialog').getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByRole('heading', { name: 'Pieces', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Flotsam' })).toHaveCount(0);
  await expect(page.getByText('9 pieces, 2 with a draft')).toBeVisible();
});

test('a changed piece can return to its accepted revision', async ({ page }) => {
  const cost = await amount(page, 'Cost').textContent();
  await write(page.getByLabel('Pointer, length'), '60');
  await expect(amount(page, 'Cost')).not.toHaveText(cost ?? '');
  await page.getByRole('button', { name: 'Discard changes, back to version 1' }).click();
  await expectWritten(page.getByLabel('Pointer, length'), '22 mm');
  await expect(amount(page, 'Cost')).toHaveText(cost ?? '');
  await expect(page.getByText('Version 1', { exact: true })).toBeVisible();
});
