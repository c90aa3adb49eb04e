// Work on a part: its row, the proposed route, and the route kept in step.
import { choose, expect, expectWritten, openBook, test, write } from './fixtures.ts';

test('work is added to a part, and the route follows the recipe', async ({ page, own, expected }) => {
  expected.push(/404 \(Not Found\)/);
  await openBook(page, own.url);
  await page.getByRole('button', { name: 'New piece' }).first().click();
  await write(page.getByLabel('Name of the piece'), 'Spindrift band');
  await write(page.getByLabel('Add a part', { exact: true }), 'Band');
  await choose(page.getByLabel('Band, section'), 'strip');
  await write(page.getByLabel('Band, width'), '4 mm');
  await write(page.getByLabel('Band, thickness'), '1.2 mm');
  await choose(page.getByLabel('Band, blank'), 'ring-band');
  await write(page.getByLabel('Band, size'), '18 mm');

  await write(page.getByLabel('Add work', { exact: true }), 'Hammer texture');
  await choose(page.getByLabel('Hammer texture, done to'), { label: 'Band' });
  await page.getByRole('button', { name: 'Propose the route' }).click();
  const names = async () =>
    await page
      .getByLabel(/^Step \d+, name$/)
      .evaluateAll((fields) => fields.map((field) => (field as HTMLInputElement).value || field.textContent));
  await expect
    .poll(names)
    .toEqual(['Cut the lengths', 'Hammer texture: band', 'Bend band', 'Sand', 'Polish', 'Inspect and weigh']);

  // A soldering brings its pickle and its filing, without a press.
  await write(page.getByLabel('Add a join', { exact: true }), 'seam');
  await page.getByRole('button', { name: /^seam parts joined/ }).click();
  await page.getByRole('menuitemcheckbox', { name: 'Band' }).click();
  await page.keyboard.press('Escape');
  await choose(page.getByLabel('seam, solder', { exact: true }), 'silver-hard');
  await expect
    .poll(names)
    .toEqual([
      'Cut the lengths',
      'Hammer texture: band',
      'Bend band',
      'Close the seams of band',
      'Solder seam',
      'Pickle seam',
      'File seam',
      'Sand',
      'Polish',
      'Inspect and weigh',
    ]);

  // Minutes edited by hand stay when the recipe changes.
  await write(page.getByLabel('Solder seam, minutes each'), '4');
  await write(page.getByLabel('Part 1, name'), 'Ring');
  await expect.poll(names).toContain('Bend ring');
  await expectWritten(page.getByLabel('Solder seam, minutes each'), '4');
});

test('a piece is started from a recipe, with two measures and a price', async ({ page, demo }) => {
  await page.goto(`${demo.url}/pieces`);
  await page.getByRole('button', { name: 'Start from a piece…' }).click();
  await page.getByRole('button', { name: /^Disc pendant/ }).click();
  const box = page.getByRole('region', { name: 'Disc pendant' });
  const before = await box.getByText(/^GBP/).last().textContent();
  await write(page.getByLabel('Disc pendant, across'), '40 mm');
  await expect(box.getByText(/^GBP/).last()).not.toHaveText(before ?? '');
  await page.getByRole('button', { name: 'Create the piece' }).click();
  await expect(page.getByLabel('Name of the piece')).toHaveValue('Disc pendant');
  await expect(page.getByLabel('Step 1, name')).toHaveText('Saw the blanks');
  await expect(page.getByText('Follows the recipe')).toBeVisible();
});
