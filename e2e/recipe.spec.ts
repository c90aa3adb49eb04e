// The whole recipe on its page: joins and their heat, the route, the bench check, sizes, pictures.
import type { Locator, Page } from '@playwright/test';
import sharp from 'sharp';
import { amount, choose, expect, expectWritten, openBook, openPiece, test, write } from './fixtures.ts';

const newPiece = async (page: Page, name: string) => {
  await page.getByRole('button', { name: 'New piece' }).first().click();
  await page.getByLabel('Name of the piece').fill(name);
};

/** Adds a part: its stock and its blank. */
async function addPart(
  page: Page,
  name: string,
  stock: {
    metal?: string;
    form?: string;
    sizes: Readonly<Record<string, string>>;
    cut?: string;
    measures: Readonly<Record<string, string>>;
  },
) {
  await write(page.getByLabel('Add a part'), name);
  const field = (what: string) => page.getByLabel(`${name}, ${what}`, { exact: true });
  if (stock.metal) await choose(field('metal'), { label: stock.metal });
  if (stock.form) await choose(field('section'), { label: stock.form });
  for (const [what, text] of Object.entries(stock.sizes)) await write(field(what), text);
  if (stock.cut) await choose(field('blank'), { label: stock.cut });
  for (const [what, text] of Object.entries(stock.measures)) await write(field(what), text);
}

async function addJoin(page: Page, name: string, members: readonly string[], kind?: string) {
  await write(page.getByLabel('Add a join'), name);
  await page.getByRole('button', { name: `${name} parts joined` }).click();
  for (const member of members) await page.getByRole('menuitemcheckbox', { name: member, exact: true }).click();
  await page.keyboard.press('Escape');
  if (kind) await choose(page.getByLabel(`${name}, kind`), { label: kind });
}

const remark = (page: Page, rule: string): Locator => page.locator(`[data-rule="${rule}"]`);

// What was typed reaches the ledger before the ledger closes under the page.
test.afterEach(async ({ page }) => {
  const status = page.getByRole('status').filter({ hasText: /draft saved|^Version \d+$/ });
  // Behind a dialog the page has no roles.
  const isPiece = /\/pieces\/./.test(page.url()) && (await page.getByRole('dialog').count()) === 0;
  if (isPiece) await expect(status.first()).toBeVisible();
});
test.beforeEach(({ expected }) => void expected.push(/404 \(Not Found\)/));

/** The names of the steps, the active row included. */
const stepNames = (page: Page) =>
  page
    .getByRole('region', { name: 'Bench route' })
    .getByRole('textbox', { name: /Step \d+, name/ })
    .evaluateAll((fields) =>
      fields.map((field) => (field instanceof HTMLInputElement ? field.value : field.textContent)),
    );

test('a hinge entered from nothing gets findings, remedies and a suggested route', async ({ page, own }) => {
  await openBook(page, own.url);
  await newPiece(page, 'Ferry clasp');
  await addPart(page, 'Leaves', {
    form: 'sheet',
    sizes: { thickness: '0.8' },
    cut: 'rectangle',
    measures: { width: '12', length: '20' },
  });
  await write(page.getByLabel('Leaves, number per piece'), '2');
  await addPart(page, 'Knuckles', {
    form: 'tube',
    sizes: { outside: '2.4', wall: '0.6' },
    cut: 'hinge knuckles',
    measures: { width: '20', knuckles: '4' },
  });
  await addPart(page, 'Pin', {
    form: 'round wire',
    sizes: { diameter: '1.3' },
    cut: 'hinge pin',
    measures: { width: '20' },
  });
  const even = remark(page, 'hinge').filter({ hasText: 'odd number' });
  await expect(even).toBeVisible();
  await even.getByRole('button', { name: 'Use 5' }).click();
  await expectWritten(page.getByLabel('Knuckles, knuckles'), '5');
  // The check runs after a pause in typing: until then both findings stay.
  await expect(remark(page, 'hinge')).toHaveCount(1);
  await expect(remark(page, 'hinge')).toContainText('does not go in');
  await write(page.getByLabel('Pin, diameter'), '1.2');
  await expect(remark(page, 'hinge')).toHaveCount(0);

  await addJoin(page, 'Knuckles on', ['Knuckles', 'Leaves']);
  await write(page.getByLabel('Knuckles on, joints per piece'), '5');
  await addJoin(page, 'Pin through', ['Pin', 'Knuckles'], 'rivet');
  await page.getByRole('button', { name: 'Propose the route' }).click();
  await expect
    .poll(() => stepNames(page))
    .toEqual([
      'Cut the lengths',
      'Saw the tube',
      'Saw the blanks',
      'Solder knuckles on',
      'Pickle knuckles on',
      'Flush knuckles, boil out in bicarbonate',
      'Sand',
      'Rivet pin through',
      'Polish',
      'Inspect and weigh',
    ]);
  await expect(page.locator('[data-offer="route"]')).toHaveCount(0);

  // A step changed by hand stays when the recipe changes; the rest follows.
  await write(page.getByLabel('Solder knuckles on, minutes each'), '3');
  await write(page.getByLabel('Join 1, name'), 'Hinge on');
  await expect.poll(() => stepNames(page)).toContain('Pickle hinge on');
  expect(await stepNames(page)).toContain('Solder knuckles on');
  // Undo takes back the name, and the route with it.
  await page.keyboard.press('Control+z');
  await expect.poll(() => stepNames(page)).toContain('Pickle knuckles on');
});

test('a bezel can add its stone, and a part its sub-assembly', async ({ page, own }) => {
  await openBook(page, own.url);
  await newPiece(page, 'Lamp-room ring');
  await addPart(page, 'Bezel', {
    form: 'strip',
    sizes: { width: '3', thickness: '0.3' },
    cut: 'bezel',
    measures: {},
  });
  await choose(page.getByLabel('Bezel, stone'), { label: 'new stone' });
  await write(page.getByLabel('Stone, diameter'), '10');
  await page.getByRole('button', { name: 'Bezel, more' }).click();
  await choose(page.getByLabel('Bezel, sub-assembly'), { label: 'a new sub-assembly' });
  await expectWritten(page.getByLabel('Sub-assembly 1, name'), 'Sub-assembly 1');
  // Round 10 mm and half the strip on each side: π × (10 + 0.3) = 32.36 mm.
  await expect(page.getByText('cut 32.4 mm')).toBeVisible();
});

test('arrow keys on the heat ladder choose another solder, and the finding disappears', async ({ page, demo }) => {
  await openPiece(page, demo.url, 'Barometer brooch');
  await expect(remark(page, 'solder-order')).toContainText('Hub to dial: solder flows at');
  const rung = page.getByRole('slider', { name: 'Hub to dial: flow point' });
  await expect(rung).toHaveAttribute('aria-valuenow', '738');
  await rung.press('ArrowLeft');
  await expect(rung).toHaveAttribute('aria-valuenow', '718');
  // Easy now flows where the catch, easy too, is soldered after it.
  await expect(remark(page, 'solder-order')).toContainText('Pin and catch on: solder flows at');
  await remark(page, 'solder-order').getByRole('button', { name: 'Make it extra easy' }).click();
  await expect(remark(page, 'solder-order')).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(remark(page, 'solder-order')).toHaveCount(1);

  // The same by dragging: to the right, where hard flows.
  await rung.evaluate((element) => element.scrollIntoView({ block: 'center' }));
  const box = await rung.boundingBox();
  if (!box) throw new Error('The rung is on the page.');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2, { steps: 5 });
  await page.mouse.move(box.x + box.width / 2 + 115, box.y + box.height / 2, { steps: 5 });
  await page.mouse.up();
  await expect(rung).toHaveAttribute('aria-valuenow', '788');
});

test('a stop blocks acceptance until the maker overrides it, and the reason is stored', async ({ page, own }) => {
  await openBook(page, own.url);
  await newPiece(page, 'Buoy');
  await addPart(page, 'Halves', {
    form: 'sheet',
    sizes: { thickness: '0.5' },
    cut: 'disc for a dome',
    measures: { across: '14', height: '7' },
  });
  await write(page.getByLabel('Add a sub-assembly'), 'Ball');
  await page.getByLabel('Ball, hollow, sealed').check();
  const stop = remark(page, 'closed-form');
  await expect(stop).toContainText('Stop');
  await expect(page.getByText('1 to fix before this version can be saved')).toBeVisible();
  await stop.getByRole('button', { name: 'Dismiss' }).click();
  await stop.getByLabel('Reason for override').fill('Cast in one, never soldered.');
  await stop.getByRole('button', { name: 'Override' }).click();
  await expect(stop).toContainText('Dismissed:');
  await page.getByRole('button', { name: 'Save as version 1' }).click();
  await expect(page.getByRole('status').filter({ hasText: /^Version 1$/ })).toBeVisible();
  await page.reload();
  await expect(remark(page, 'closed-form')).toContainText('Cast in one, never soldered.');
});

test('a size binds a measure in a formula, and each size has its weight and price, or one price for all', async ({
  page,
  own,
}) => {
  await openBook(page, own.url);
  await newPiece(page, 'Moon');
  await addPart(page, 'Disc', {
    metal: 'Copper C110',
    form: 'sheet',
    sizes: { thickness: '1' },
    cut: 'disc',
    measures: { diameter: '20' },
  });
  await page.getByRole('button', { name: 'Add sizes' }).click();
  await write(page.getByLabel('Measure 1, name'), 'across');
  await write(page.getByLabel('Size 1, name'), 'small');
  await write(page.getByLabel('small, across'), '20 mm');
  await page.getByRole('button', { name: 'Add a size' }).click();
  await write(page.getByLabel('Size 2, name'), 'large');
  await write(page.getByLabel('large, across'), '38 mm');
  await write(page.getByLabel('Disc, diameter'), 'across + 2 mm');
  // π/4 × 22² × 8.89 ÷ 1000 and π/4 × 40² × 8.89 ÷ 1000.
  const rows = page.getByRole('region', { name: 'Sizes' }).getByRole('row');
  await expect(rows.filter({ has: page.getByLabel('small, across') })).toContainText('3.38');
  await expect(rows.filter({ has: page.getByLabel('large, across') })).toContainText('11.17');
  await page.getByRole('group', { name: 'Size shown' }).getByRole('button', { name: 'large' }).click();
  await expect(amount(page, 'Finished weight', 'quantity')).toContainText('11.17');
});

test('a picture is uploaded and shown, tags filter the list, and an archived piece leaves it', async ({
  page,
  demo,
}) => {
  await openPiece(page, demo.url, 'Mooring tie bar');
  const picture = await sharp({ create: { width: 900, height: 600, channels: 3, background: '#9aa7b0' } })
    .png()
    .toBuffer();
  await page
    .getByLabel('Add a photo or a sketch')
    .setInputFiles({ name: 'bar.png', mimeType: 'image/png', buffer: picture });
  // The first is the drawing of the sample.
  await expect(page.getByRole('img', { name: 'Photo 2 of the piece' })).toBeVisible();
  await page.getByLabel('Add a tag').fill('gift');
  await page.getByLabel('Add a tag').press('Enter');
  await expect(page.getByRole('button', { name: 'Remove the tag gift' })).toBeVisible();
  await page.waitForTimeout(1200);
  await page.goto(`${demo.url}/pieces`);
  await page.getByLabel('any tag').selectOption('gift');
  await expect(page.getByText('1 of 9 pieces')).toBeVisible();
  await page.getByRole('link', { name: 'Mooring tie bar' }).first().click();
  await page.getByRole('button', { name: 'More actions' }).click();
  await page.getByRole('menuitem', { name: 'Archive' }).click();
  await expect(page.getByText(/^Archived\. It is hidden/)).toBeVisible();
  await page.goto(`${demo.url}/pieces`);
  await expect(page.getByRole('table').getByRole('link', { name: 'Flood-tide caddy spoon' }).first()).toBeVisible();
  await expect(page.getByText('8 pieces')).toBeVisible();
  await page.getByRole('button', { name: 'Archived' }).click();
  await expect(page.getByRole('link', { name: 'Mooring tie bar' }).first()).toBeVisible();
});

test('rows from a spreadsheet are pasted into parts, findings and steps', async ({ page, own }) => {
  await openBook(page, own.url);
  await newPiece(page, 'Pasted');
  const paste = async (into: Locator, text: string) => {
    await into.focus();
    await into.evaluate((element, value) => {
      const clipboardData = new DataTransfer();
      clipboardData.setData('text/plain', value);
      element.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
    }, text);
  };
  await paste(
    page.getByLabel('Add a part'),
    'Part\tstock\teach\ttrim\nRim\t18 ga sterling round 120 mm\t2\t1 mm\nPlate\tdisc 20 mm 20 ga copper\t1\t',
  );
  await expectWritten(page.getByLabel('Part 1, name'), 'Rim');
  await expectWritten(page.getByLabel('Rim, diameter'), '18 ga');
  await expectWritten(page.getByLabel('Plate, metal'), 'Copper C110');
  await paste(page.getByLabel('Add a finding'), 'Ear wire\t0.40\t0.3\t2\nCard\t0.10\t\t1');
  await expectWritten(page.getByLabel('Finding 2, name'), 'Card');
  await paste(page.getByLabel('Add a step'), 'Saw\tpeg\t5\t1.5\nPickle\tpickle\t2\t\t15');
  await expectWritten(page.getByLabel('Pickle, unattended minutes, once per batch'), '15');
});

test('a row is dragged to another place, and a duplicate is compared with its original', async ({ page, demo }) => {
  await openPiece(page, demo.url, 'Fairweather shawl pin');
  const handle = page.getByRole('button', { name: 'Row actions for Gull rings' });
  const target = page.getByRole('button', { name: 'Row actions for Ring' });
  const [from, to] = [await handle.boundingBox(), await target.boundingBox()];
  if (!from || !to) throw new Error('The handles are on the page.');
  await page.mouse.move(from.x + 8, from.y + 8);
  await page.mouse.down();
  await page.mouse.move(to.x + 8, to.y + 20, { steps: 8 });
  await page.mouse.move(to.x + 8, to.y + 2, { steps: 4 });
  await page.mouse.up();
  await expectWritten(page.getByLabel('Part 1, name'), 'Gull rings');
  await page.keyboard.press('Control+z');
  await expectWritten(page.getByLabel('Part 1, name'), 'Ring');

  await page.getByRole('button', { name: 'More actions' }).click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).click();
  await expect(page.getByLabel('Name of the piece')).toHaveValue('Fairweather shawl pin, copy');
  await write(page.getByLabel('Stick, length'), '140');
  await page.waitForTimeout(1200);
  await page.getByRole('link', { name: 'Compare' }).click();
  await page.getByLabel('Second piece, piece').selectOption({ label: 'Fairweather shawl pin' });
  await expect(page.getByText('2 differences')).toBeVisible();
  await expect(page.getByRole('row', { name: /Stick, blank, length/ })).toContainText('118 mm');
});

test('changes since the last revision are listed in words', async ({ page, demo }) => {
  await openPiece(page, demo.url, 'Flood-tide caddy spoon');
  await write(page.getByLabel('Bowl, thickness'), '1.2');
  await page.getByRole('button', { name: 'What changed' }).click();
  await expect(page.getByRole('dialog')).toContainText('Parts, Bowl, section, thickness: 1.2 mm, it was 1.1 mm');
});
