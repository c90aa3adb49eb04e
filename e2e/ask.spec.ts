import { expect, openPiece, test } from './fixtures.ts';

test('a question is answered while it is typed, on any page, and its calculation opens', async ({ page, demo }) => {
  await page.goto(`${demo.url}/batches`);
  await expect(page.getByRole('heading', { name: 'Batches', exact: true })).toBeVisible();
  await page.keyboard.press('=');
  await page.keyboard.type('18 ga sterling 120 mm x 24');
  const answer = page.getByRole('region', { name: 'Answer' });
  await expect(answer).toContainText('24.557 g');
  await answer.getByRole('button', { name: /^mass of one / }).click();
  await expect(answer.locator('.working')).toContainText('π/4 × 1.0237² × 120 × 10.36 ÷ 1000');
  await expect(answer.locator('.working')).toContainText('ASTM B258');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await expect(answer).toBeHidden();
});

test('an assumption can be changed, and an unknown word corrected', async ({ page, demo }) => {
  await page.goto(`${demo.url}/ask`);
  const question = page.getByLabel('Question');
  await question.fill('brass 1 mm 1 m');
  const count = page.getByRole('complementary', { name: 'Summary' });
  await expect(count).toContainText('6.6994 g');
  await page.getByLabel('Cartridge brass C260 (70/30), assumed').selectOption({ label: 'Red brass C230 (85/15)' });
  await expect(count).toContainText('6.8722 g');
  await question.fill('sterlng 1 mm 1 m');
  await expect(count).toContainText('“sterlng” as sterling');
  await question.fill('stirlng 1 mm 1 m');
  await page.getByRole('button', { name: 'Read as sterling' }).click();
  await expect(question).toHaveValue('sterling 1 mm 1 m');
  await question.fill('four unicorns');
  await expect(count).toContainText('None of these words is known here');
  await page.getByRole('button', { name: 'ring 7 us, 1.5 mm', exact: true }).first().click();
  await expect(count).toContainText('59.134 mm');
});

test('questions stay in the history and stay pinned after a reload', async ({ page, demo }) => {
  await page.goto(`${demo.url}/ask`);
  await page.getByLabel('Question').fill('54 g in ozt');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Pin', exact: true }).click();
  await page.goto(`${demo.url}/ask`);
  const pinned = page.getByRole('region', { name: 'Pinned' });
  await expect(pinned).toContainText('1.7361 ozt');
  await pinned.getByRole('button', { name: /54 g in ozt/ }).click();
  await page.getByRole('button', { name: 'Unpin' }).click();
  await expect(pinned).toBeHidden();
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('54 g in ozt');
});

test('an answer is added to a piece as one part', async ({ page, demo }) => {
  await openPiece(page, demo.url, 'Mooring tie bar');
  const before = await page.getByLabel(/^Part \d+, name$/).count();
  await page.getByLabel('Calculator').fill('ring 7 us 4 x 1.5 mm sterling strip');
  await page.getByLabel('Add it to a piece as a part').selectOption({ label: 'Mooring tie bar' });
  await expect(page.getByLabel(`Part ${String(before + 1)}, name`)).toHaveText('Ring band');
  await expect(page.getByLabel('Ring band, width')).toHaveText('4 mm');
  await page.reload();
  await expect(page.getByLabel(/^Part \d+, name$/)).toHaveCount(before + 1);
});

test('the reference tables can be searched, and a line shows its calculation and source', async ({ page, demo }) => {
  await page.goto(`${demo.url}/reference`);
  await page.getByLabel('Search').fill('18');
  await page.getByRole('button', { name: '18', exact: true }).click();
  const count = page.getByRole('complementary', { name: 'Summary' });
  await expect(count).toContainText('ASTM B258');
  await expect(count).toContainText('π/4 × 1.0237² × 10.36');
  await page.getByLabel('Gauge system').selectOption({ label: 'SWG' });
  await expect(page.getByRole('row', { name: /^18 / })).toContainText('1.219');
  await page.getByRole('button', { name: 'Solders' }).click();
  await page.getByLabel('Search').fill('cadmium');
  await page.getByRole('button', { name: /with cadmium/ }).click();
  await expect(count).toContainText('do not use it');
  await page.getByLabel('Search').fill('');
  await page.getByRole('button', { name: 'Fineness and marks' }).click();
  await expect(page.getByText(/Follow the law where you make and sell/)).toBeVisible();
});

test('each table of the reference prints on one page', async ({ page, demo }) => {
  for (const table of ['gauges', 'alloys', 'solders', 'rings', 'hallmarks']) {
    await page.goto(`${demo.url}/reference?table=${table}`);
    await expect(page.getByRole('table')).toBeVisible();
    const printed = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
    expect(printed.match(/\/Type \/Page\b/g), table).toHaveLength(1);
  }
});
