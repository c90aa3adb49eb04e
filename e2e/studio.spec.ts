// Settings, metals and prices: the studio's settings reach every price, and unreadable input is named at its field.
import { amount, choose, expect, expectWritten, openBook, openPiece, test, write } from './fixtures.ts';

test('an own alloy has no weight until it has a density', async ({ page, demo }) => {
  await page.goto(`${demo.url}/studio/alloys`);
  await page.getByLabel('Add an alloy').pressSequentially('Tide bronze');
  await expect(page.getByText(/Give its density in g\/cm³/)).toBeVisible();
  await expect(page.getByRole('button', { name: '1 to fix before this version can be saved' })).toBeDisabled();
  await page.getByLabel('Tide bronze, density').fill('85');
  await expect(page.getByText(/No metal has a density of 85/)).toBeVisible();
  await page.getByLabel('Tide bronze, density').fill('8.8');
  await page.getByRole('navigation', { name: 'Settings' }).getByRole('link', { name: 'Metal' }).click();
  await page.getByLabel('Add a metal').selectOption('bronze');
  await page.getByLabel('bronze, sheet').fill('0.03');
  await page.getByRole('button', { name: 'Save as version 3' }).click();
  await expect(page.getByText('Version 3', { exact: true })).toBeVisible();

  await openPiece(page, demo.url, 'Barometer brooch');
  await choose(page.getByLabel('Dial, metal'), { label: 'Tide bronze' });
  await amount(page, 'Metal', 'quantity').click();
  await page.getByRole('button', { name: /g Dial, as cut$/ }).click();
  await expect(page.locator('.working')).toContainText('π/4 × 34.534² × 0.9 × 8.8 ÷ 1000');
  await expect(page.locator('.working')).toContainText('Studio, own alloy, as typed');
});

test('base metal without a price says so, and the piece can still be accepted', async ({ page, demo }) => {
  await openPiece(page, demo.url, 'Tide hair fork');
  await choose(page.getByLabel('Prongs and crown, metal'), { label: 'Phosphor bronze C510' });
  await expect(page.getByText(/hosphor bronze C510 as wire has no price/)).toBeHidden();
  await choose(page.getByLabel('Prongs and crown, metal'), { label: 'Titanium grade 2' });
  await expect(page.getByText(/Titanium grade 2 as wire has no price/)).toBeVisible();
  await page.getByRole('button', { name: 'Save as version 2' }).click();
  await expect(page.getByText('Version 2', { exact: true })).toBeVisible();
});

test('new metal prices move every price, and the list marks those out of date', async ({ page, demo }) => {
  await openPiece(page, demo.url, 'Barometer brooch');
  await expect(amount(page, 'Wholesale')).toHaveText('66.00');
  await page.goto(`${demo.url}/studio`);
  const fix = page.getByRole('button', { name: /^Save metal prices for/ });
  await expect(fix).toBeDisabled();
  await page.getByLabel('Price of silver').fill('60 / stone');
  await expect(page.getByText(/“stone” is not a weight metal is priced by/)).toBeVisible();
  await expect(fix).toBeDisabled();
  await page.getByLabel('Price of silver').fill('60 / ozt');
  await fix.click();
  await expect(page.getByText(/entered from the dealer’s list\./)).toBeVisible();

  await openPiece(page, demo.url, 'Barometer brooch');
  await expect(amount(page, 'Wholesale')).not.toHaveText('66.00');
  await expect(page.getByText(/This price is out of date/)).toBeVisible();
  await page.getByRole('link', { name: 'Pieces' }).click();
  const renew = page.getByRole('region', { name: 'Wholesale prices to update' });
  await expect(renew.getByRole('row', { name: /Barometer brooch/ })).toContainText('66.00');
});

test('hours that cannot be read are named by day, and shorter hours move the completion date', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/studio/hours`);
  for (const day of ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday']) {
    await page.getByLabel(`${day}, working hours`).fill('');
  }
  await page.getByLabel('Sunday, working hours').fill('17-9');
  await expect(page.getByText(/“17-9” closes before it opens/)).toBeVisible();
  await page.getByLabel('Sunday, working hours').fill('10-12');
  // A maker with her own working hours keeps them.
  await page.getByRole('link', { name: /^Workshop/ }).click();
  await write(page.getByLabel('Tam, working hours'), '');
  await page.getByRole('button', { name: 'Save as version 3' }).click();
  await expect(page.getByText('Version 3', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Batches' }).click();
  await expect(page.getByRole('row', { name: /Anvil-cloud lapel pin/ })).toContainText(/done|Sun /);
  await expect(page.getByText(/weeks? late|\d+ days late/).first()).toBeVisible();
});

test('a maker who thinks in gauge and inches types bare numbers', async ({ page, own, expected }) => {
  expected.push(/404 \(Not Found\)/);
  await openBook(page, own.url);
  await page.getByRole('link', { name: 'Settings', exact: true }).click();
  await page.getByLabel('Units').selectOption('inch');
  await page.getByRole('button', { name: 'Save as version 2' }).click();
  await expect(page.getByText('Version 2', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Pieces' }).click();
  await page.getByRole('button', { name: 'New piece' }).first().click();
  await page.getByLabel('Name of the piece').fill('Bar pin');
  await page.getByLabel('Add a part').pressSequentially('Bar');
  await write(page.getByLabel('Bar, diameter'), '12');
  await write(page.getByLabel('Bar, length'), '2 1/2');
  await page.getByLabel('Bar, trim').focus();
  await expectWritten(page.getByLabel('Bar, diameter'), '12 ga');
  await expectWritten(page.getByLabel('Bar, length'), '2 1/2 in');
  await expect(page.getByText('cut 2.500 in')).toBeVisible();
  // π/4 × 2.0525² mm × 63.5 mm × 10.36 g/cm³ ÷ 1000: B&S 12 gauge is 0.0808 in (ASTM B258).
  await expect(amount(page, 'Metal', 'quantity')).toHaveText('2.18 g');
  // Sheet steel has another gauge system, and steel wire takes no gauge here.
  await choose(page.getByLabel('Bar, metal'), { label: 'Low-carbon steel' });
  await expect(page.getByText(/no gauge for this stock here/)).toBeVisible();
  await choose(page.getByLabel('Bar, section'), 'sheet');
  await expect(page.getByText('2.66 mm')).toBeVisible();
});

test('the day plan and the cut list print without the navigation', async ({ page, demo }) => {
  await page.goto(`${demo.url}/batches`);
  await page.getByRole('link', { name: 'Tide hair fork, 8' }).click();
  await expect(page.getByRole('heading', { name: 'Cautions' })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Sections' })).toBeHidden();
  await expect(page.getByRole('button', { name: 'Metal is issued' })).toBeHidden();
  await expect(page.getByRole('heading', { name: 'Metal to issue' })).toBeVisible();
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.length).toBeGreaterThan(10_000);
  await page.emulateMedia({ media: 'screen' });
  await openPiece(page, demo.url, 'Barometer brooch');
  await expect(page.getByRole('heading', { name: 'Cautions' })).toBeHidden();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('heading', { name: 'Cautions' })).toBeVisible();
});
