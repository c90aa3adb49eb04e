// From "so many in these sizes" to an accepted cutting plan: spares, plan, offcuts on the shelf, and everything given back.
import { choose, expect, openBook, test, write } from './fixtures.ts';

test('a batch in three sizes is cut from the shelf: offcuts come back, and so does all of it', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/batches`);
  await page.getByRole('link', { name: 'Tide hair fork, 8' }).click();
  await write(page.getByLabel('Tide hair fork, short, how many to make'), '2');
  await write(page.getByLabel('Tide hair fork, long, how many to make'), '1');
  await expect(page.getByRole('heading', { name: 'Tide hair fork, 11' })).toBeVisible();
  // Two over of each size.
  await choose(page.getByLabel('How many are started'), { label: 'so many over' });
  await expect(page.getByRole('button', { name: 'Tide hair fork, usual, to start: working' })).toHaveText('10');
  await choose(page.getByLabel('How many are started'), { label: 'just as many as are wanted' });
  await page.getByRole('button', { name: 'Accept as revision 2' }).click();
  await expect(page.getByText('Revision 2', { exact: true })).toBeVisible();

  await page.getByRole('link', { name: 'Plan the cutting' }).click();
  const brass = page.getByRole('region', { name: /Cartridge brass/ });
  await expect(brass.getByRole('status')).toHaveText(/Proved|Within/, { timeout: 30_000 });
  const silver = page.getByRole('region', { name: /Sterling silver/ });
  await expect(silver.getByRole('status')).toHaveText(/Proved|Within/, { timeout: 30_000 });
  await expect(brass.getByRole('button', { name: /Prongs and crown, .* mm, in bar/ })).toHaveCount(11);

  // By hand one blank goes to a bar of its own: it is paid for.
  const bars = brass.getByRole('listitem');
  const before = await bars.count();
  await brass
    .getByRole('button', { name: /in bar 1$/ })
    .first()
    .click();
  await brass.getByRole('button', { name: 'a bar of its own' }).click();
  await expect(bars.or(brass.getByRole('alert').filter({ hasText: 'no further bar' }))).not.toHaveCount(0);
  expect(await bars.count()).toBeGreaterThanOrEqual(before);

  await page.getByRole('button', { name: 'Accept the cutting' }).click();
  await expect(page.getByText(/Metal is issued for this batch: [\d.]+ g of blanks/)).toBeVisible();
  await page.getByRole('link', { name: 'Metal', exact: true }).click();
  const lots = page.getByRole('table', { name: 'Stock on the shelf' });
  await expect(lots.getByText('offcut').first()).toBeVisible();
  await expect(page.getByRole('table', { name: 'What happened on the shelf' })).toContainText('fell as scrap');

  await page.goBack();
  await page.getByRole('button', { name: 'Give it all back' }).click();
  await expect(page.getByRole('button', { name: 'Accept the cutting' })).toBeVisible();
  await page.getByRole('link', { name: 'Metal', exact: true }).click();
  await expect(lots).toBeVisible();
  await expect(lots.getByText('offcut')).toHaveCount(0);
});

test('stock is written down and counted anew; what cannot be read is said', async ({ page, own, expected }) => {
  expected.push(/404 \(Not Found\)/);
  await openBook(page, own.url);
  await page.getByRole('link', { name: 'Metal', exact: true }).click();
  await expect(page.getByText('Nothing lies here yet')).toBeVisible();
  await page.getByLabel('Stock, diameter').fill('18 ga');
  await page.getByLabel('Stock, length').fill('2 m');
  await page.getByLabel('Stock, how many').fill('3');
  await page.getByLabel('Stock, paid in all').fill('60');
  await page.getByRole('button', { name: 'Put it on the shelf' }).click();
  const row = page.getByRole('table', { name: 'Stock on the shelf' }).getByRole('row').last();
  // π/4 × 1.0236² × 2000 × 10.36 ÷ 1000 g, and a third of what was paid.
  await expect(row).toContainText('17.05');
  await expect(row).toContainText('20.00');
  await write(page.getByLabel(/how many lie there/), '2');
  await page.getByRole('button', { name: 'There are 2' }).click();
  await expect(page.getByRole('table', { name: 'What happened on the shelf' })).toContainText('counted anew');
  await expect(page.getByRole('table', { name: 'Metal on the shelf' })).toContainText('34.11');
  await page.getByLabel('Stock, length').fill('some');
  await expect(page.getByRole('alert').filter({ hasText: 'some' })).toBeVisible();
});
