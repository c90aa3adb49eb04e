// Working hours, stations, steps and stock levels, and the page itself: undo, dark theme, tablet.
import { studioPlaces } from '../web/screens/studio/studio-places.ts';
import { amount, choose, expect, expectWritten, openPiece, test, write } from './fixtures.ts';

test('a step stores whether it may pause and how its loads are passed on', async ({ page, demo }) => {
  await openPiece(page, demo.url, 'Barometer brooch');
  const steps = page.getByRole('region', { name: 'Bench route' });
  const more = steps.getByRole('button', { name: /, more/ }).first();
  const name = ((await more.getAttribute('aria-label')) ?? '').replace(/, more.*/, '');
  await more.focus();
  await page.keyboard.press('Enter');
  // The usual value stands in the list; loads are asked for only where a step has loads.
  await expect(page.getByLabel(`${name}, how loads are passed on`)).toHaveCount(0);
  await write(page.getByLabel(`${name}, load or group size`), '4');
  await choose(page.getByLabel(`${name}, how loads are passed on`), 'all');
  await choose(page.getByLabel(`${name}, breaks`), 'no');
  await expect(page.getByLabel(`${name}, breaks`).locator('option').first()).toHaveText(/, usual$/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expectChosen('breaks', 'usual');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expectChosen('breaks', 'one sitting');
  await page.reload();
  await steps
    .getByRole('button', { name: `${name}, more` })
    .first()
    .click();
  await expectChosen('breaks', 'one sitting');
  await expectChosen('how loads are passed on', 'when the whole batch is done');
  await expectWritten(page.getByLabel(`${name}, load or group size`), '4');

  async function expectChosen(field: string, words: string): Promise<void> {
    await expect
      .poll(() =>
        page
          .getByLabel(`${name}, ${field}`)
          .evaluate((element) =>
            element instanceof HTMLSelectElement ? element.selectedOptions[0]?.textContent : element.textContent,
          ),
      )
      .toContain(words);
  }
});

test('each page of the settings holds its sections, and an address leads to a section', async ({ page, demo }) => {
  for (const { page: name, sections } of studioPlaces) {
    await page.goto(`${demo.url}/studio/${name}`);
    for (const [id] of sections) await expect(page.locator(`#${id}`), `${name} ${id}`).toBeAttached();
  }
  // An address from before the pages.
  await page.goto(`${demo.url}/studio#setting-ownAlloys`);
  await expect(page.getByRole('heading', { name: 'Own alloys' })).toBeInViewport();
});

test('an extra maker in Studio is on the plan once the settings are accepted', async ({ page, demo }) => {
  await page.goto(`${demo.url}/studio`);
  await page.getByLabel('Add a maker').focus();
  await page.keyboard.type('Wren');
  await write(page.getByLabel('Wren, working hours'), 'Mon-Sun 9-25');
  await expect(page.getByText(/25/).and(page.locator('.problem'))).toBeVisible();
  await write(page.getByLabel('Wren, working hours'), 'Mon-Sat 9:00-13:00');
  await write(page.getByLabel('Tam, time off'), '24 Nov 2026 to 28 Nov 2026');
  await page.getByRole('button', { name: 'Save as version 3' }).click();
  await expect(page.getByText('Version 3', { exact: true })).toBeVisible();
  await page.goto(`${demo.url}/plan`);
  await expect(page.getByText('Wren', { exact: true }).first()).toBeVisible();
  await page.goto(`${demo.url}/day`);
  // A schedule moves little: it is the work of a maker who is away that goes to the new one.
  await expect(page.getByRole('region', { name: 'Steps, Wren' })).toBeVisible();
});

test('a consumable below its reorder level is on the buying list', async ({ page, demo, expected }) => {
  // The page reloads while a worker may still fetch its solver.
  expected.push(/400 \(Bad Request\)/, /Aborted\(NetworkError/);
  await page.goto(`${demo.url}/buying`);
  await page.getByLabel('Add a consumable').fill('Saw blades 4/0');
  await page.getByRole('button', { name: 'Track this item' }).click();
  const least = page.getByLabel('Saw blades 4/0, reorder level');
  await least.fill('36');
  await least.press('Enter');
  await page.getByLabel('Saw blades 4/0, quantity in stock').fill('a few');
  await page.getByLabel('Saw blades 4/0, quantity in stock').press('Enter');
  await expect(page.locator('.problem')).not.toBeEmpty();
  await page.getByLabel('Saw blades 4/0, quantity in stock').fill('12');
  await page.getByLabel('Saw blades 4/0, quantity in stock').press('Enter');
  await page.reload();
  await expect(page.getByLabel('Saw blades 4/0, quantity in stock')).toHaveValue('12');
  await expect(least).toHaveValue('36');
  // Two dozen are short, so they are on the list.
  await expect(page.getByRole('region', { name: 'The work' })).toContainText(/Saw blades 4\/0[^]*24/);
});

test('rows of a fair are moved and removed by menu and keyboard, and all of it can be undone', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/fairs`);
  await page.getByRole('link', { name: /Regatta Sunday/ }).click();
  const names = () =>
    page.locator('[data-column~="level"]').evaluateAll((fields) =>
      fields.map((field) => (field instanceof HTMLInputElement ? field.value : field.textContent)),
    ); // prettier-ignore
  await expect.poll(async () => (await names()).length).toBeGreaterThan(3);
  const before = await names();
  await page.getByLabel('Level 1, name').focus();
  await page.keyboard.press('Alt+ArrowDown');
  await expect.poll(names).toEqual([before[1], before[0], ...before.slice(2)]);
  await page.getByRole('button', { name: `Row actions for ${before[0] ?? ''}` }).click();
  await page.getByRole('menuitem', { name: /Delete/ }).click();
  await expect.poll(names).toEqual([before[1], ...before.slice(2)]);
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(names).toEqual(before);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect.poll(names).toEqual([before[1], before[0], ...before.slice(2)]);
});

test('the dark theme stays after a reload, and the light theme comes back', async ({ page, demo }) => {
  await page.goto(`${demo.url}/pieces`);
  const paper = () => page.evaluate(() => getComputedStyle(document.documentElement).getPropertyValue('--page'));
  const day = await paper();
  await page.getByRole('button', { name: 'Dark theme' }).click();
  const lamp = await paper();
  expect(lamp).not.toBe(day);
  await page.reload();
  expect(await paper()).toBe(lamp);
  await page.getByRole('button', { name: 'Light theme' }).click();
  expect(await paper()).toBe(day);
});

test('on a tablet the count is a drawer whose bottom line follows each key', async ({ page, demo }) => {
  await page.setViewportSize({ width: 820, height: 1100 });
  await openPiece(page, demo.url, 'Barometer brooch');
  await expect(amount(page, 'Metal')).toBeHidden();
  const line = page.getByRole('button', { name: /Open summary/ });
  const shut = await line.textContent();
  await write(page.getByLabel('Dial, across'), '44');
  await expect.poll(() => line.textContent()).not.toBe(shut);
  await line.click();
  await expect(amount(page, 'Metal')).toBeVisible();
  await page.getByRole('button', { name: /Close summary/ }).click();
  await expect(amount(page, 'Metal')).toBeHidden();
  const isWide = await page.evaluate(() => document.documentElement.scrollWidth > document.documentElement.clientWidth);
  expect(isWide).toBe(false);
});
