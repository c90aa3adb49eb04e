// What is on every screen: the finder, keys, the other page, the focus after navigation, and the menu of a phone.
import { expect, openPiece, test } from './fixtures.ts';

test('the finder opens pieces, batches, settings and actions by a few letters', async ({ page, demo }) => {
  await page.goto(`${demo.url}/shelf`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  const finder = page.getByRole('dialog', { name: 'Find' });
  const find = async (text: string) => {
    await page.keyboard.press('Control+k');
    await finder.getByRole('combobox').fill(text);
  };
  await page.keyboard.press('/');
  await expect(finder.getByRole('combobox')).toBeFocused();
  await page.keyboard.type('barom');
  await expect(finder.getByRole('option').first()).toHaveText(/Barometer brooch/);
  await find('pricing rule');
  await expect(finder.getByRole('option').first()).toHaveText(/Pricing rule/);
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/studio\/pricing#rule$/);
  await find('hair fork piece');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name of the piece')).toHaveValue('Tide hair fork');
  // What was opened last comes first.
  await find('');
  await expect(finder.getByRole('option').first()).toHaveText(/Tide hair fork/);
  await finder.getByRole('combobox').fill('new repair');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/quotes\/.+/);
  await find('zzqx');
  await expect(finder.getByText('Nothing found.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(finder).toBeHidden();
});

test('keys: the list, the calculator, to a section, to the other page', async ({ page, demo }) => {
  await page.goto(`${demo.url}/pieces`);
  await expect(page.getByRole('heading', { level: 1, name: 'Pieces' })).toBeVisible();
  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keys' });
  await expect(keys).toContainText('Ctrl+Shift+Z');
  await page.keyboard.press('Escape');
  await page.keyboard.press('=');
  await expect(page.getByLabel('Calculator')).toBeFocused();
  // In a field a letter is a letter.
  await page.keyboard.type('gb');
  await expect(page).toHaveURL(/\/pieces$/);
  await page.keyboard.press('Escape');
  await page.keyboard.press('g');
  await page.keyboard.press('s');
  await expect(page).toHaveURL(/\/shelf$/);
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
  await page.keyboard.press('F6');
  await expect(page.getByRole('complementary', { name: 'Summary' })).toBeFocused();
  await page.keyboard.press('Shift+F6');
  await expect(page.getByRole('region', { name: 'The work' })).toBeFocused();
});

test('a row is duplicated, a new one is put above it, and both are undone', async ({ page, demo }) => {
  await openPiece(page, demo.url, 'Barometer brooch');
  await page.getByLabel('Dial, metal').focus();
  const parts = page.getByRole('region', { name: 'Parts' }).getByRole('button', { name: /^Row actions for / });
  const before = await parts.count();
  await page.keyboard.press('Alt+d');
  await expect(parts).toHaveCount(before + 1);
  await page.keyboard.press('Alt+i');
  await expect(parts).toHaveCount(before + 2);
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(parts).toHaveCount(before);
});

test('help: searched, and opened from the finder', async ({ page, demo }) => {
  await page.goto(`${demo.url}/help`);
  await expect(page.getByRole('heading', { level: 1, name: 'Your first price' })).toBeVisible();
  await page.getByLabel('Search the help').fill('pallion');
  await expect(page.getByText('No help page has these words.')).toBeVisible();
  await page.getByLabel('Search the help').fill('cadmium');
  await page.getByRole('link', { name: 'Joins and solder' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Joins and solder' })).toBeVisible();
});

test('search and order stand in the address, and Back restores them', async ({ page, demo }) => {
  await page.goto(`${demo.url}/pieces`);
  await page.getByRole('columnheader', { name: 'cost' }).getByRole('button').click();
  await page.getByLabel('Search pieces').fill('pin');
  await expect(page).toHaveURL(/words=pin/);
  await expect(page).toHaveURL(/sort=-cost/);
  await page.getByRole('table').first().getByRole('link').first().click();
  await expect(page.getByLabel('Name of the piece')).toBeVisible();
  await page.goBack();
  await expect(page.getByLabel('Search pieces')).toHaveValue('pin');
  await expect(page.getByRole('columnheader', { name: 'cost' })).toHaveAttribute('aria-sort', 'descending');
  // The order is remembered; a search is not.
  await page.goto(`${demo.url}/pieces`);
  await expect(page.getByRole('columnheader', { name: 'cost' })).toHaveAttribute('aria-sort', 'descending');
  await expect(page.getByLabel('Search pieces')).toHaveValue('');
});

test('a page that loads slowly opens although a list was filtered just before', async ({ page, demo }) => {
  await page.route(/outlets-screen.*\.js/, async (route) => {
    await new Promise((done) => setTimeout(done, 1500));
    await route.continue();
  });
  await page.goto(`${demo.url}/made`);
  await page.getByRole('combobox', { name: 'From', exact: true }).selectOption('Ferry café');
  await page.getByRole('link', { name: 'Shops', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Shops' })).toBeVisible();
});

test('what deserves attention leads to where it is dealt with', async ({ page, demo }) => {
  await page.goto(`${demo.url}/pieces`);
  await page.getByRole('link', { name: 'Attention' }).click();
  await expect(page.getByRole('region', { name: 'Late batches' }).getByRole('listitem')).not.toHaveCount(0);
  await page
    .getByRole('link', { name: /^Update: / })
    .first()
    .click();
  await expect(page).toHaveURL(/\/prices\/.+/);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('the sections fold into a menu, and the cells of a row name their columns', async ({ page, demo }) => {
    await page.goto(`${demo.url}/pieces`);
    await page.getByRole('button', { name: 'Menu' }).tap();
    await page.getByRole('menuitem', { name: 'Metal' }).tap();
    await expect(page.getByRole('heading', { level: 1, name: 'Stock' })).toBeVisible();
    const cell = page
      .getByRole('cell')
      .filter({ has: page.getByLabel(/in stock/) })
      .first();
    await expect(cell).toHaveAttribute('data-label', 'quantity');
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
  });

  test('a price is found on the piece page by touch', async ({ page, demo }) => {
    await openPiece(page, demo.url, 'Barometer brooch');
    await page.getByRole('button', { name: 'Open summary' }).tap();
    await page.getByRole('button', { name: /^Wholesale, amount/ }).tap();
    await expect(page.locator('.working')).toBeVisible();
  });
});
