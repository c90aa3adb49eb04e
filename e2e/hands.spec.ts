// The main job by keyboard alone, and by touch alone.
import type { Page } from '@playwright/test';
import { expect, test } from './fixtures.ts';

/** Presses Tab until the element with this name has the focus. */
async function tabTo(page: Page, name: RegExp, most = 80): Promise<void> {
  for (let presses = 0; presses < most; presses += 1) {
    await page.keyboard.press('Tab');
    const at = await page.evaluate(() => {
      const { activeElement: active } = document;
      return (active?.getAttribute('aria-label') ?? active?.textContent ?? '').trim();
    });
    if (name.test(at)) return;
  }
  throw new Error(`Tab does not reach ${String(name)}.`);
}

test('by keyboard alone: a piece from a starter, changed, saved, and put in a batch', async ({ page, demo }) => {
  await page.goto(`${demo.url}/batches`);
  await expect(page.getByRole('heading', { name: 'Batches', level: 1 })).toBeVisible();
  await page.keyboard.press('g');
  await page.keyboard.press('p');
  await expect(page.getByRole('heading', { name: 'Pieces', level: 1 })).toBeFocused();
  await tabTo(page, /^Start from a piece/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Plain band/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Plain band, width$/);
  await page.keyboard.type('4 mm');
  await tabTo(page, /^Create the piece$/);
  await page.keyboard.press('Enter');
  const name = page.getByLabel('Name of the piece');
  await expect(name).toHaveValue('Plain band');
  await name.press('ControlOrMeta+a');
  await page.keyboard.type('Keyboard band');
  await tabTo(page, /^Part 1, name$/);
  await page.keyboard.press('Alt+d');
  await expect(page.getByRole('textbox', { name: 'Part 2, name' })).toBeVisible();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.getByRole('textbox', { name: 'Part 2, name' })).toBeHidden();
  await page.keyboard.press('F6');
  await tabTo(page, /^New batch$/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Quantity$/);
  await page.keyboard.type('6');
  await tabTo(page, /^New batch: 6$/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Keyboard band, 6' })).toBeVisible();
});

test.describe('by touch alone', () => {
  test.use({ hasTouch: true, viewport: { width: 820, height: 1180 } });

  test('a list opens with one tap, a row is dragged, rows are selected and deleted', async ({ page, demo }) => {
    await page.goto(`${demo.url}/pieces`);
    await page.getByRole('link', { name: 'Barometer brooch' }).first().tap();
    await expect(page.getByLabel('Name of the piece')).toHaveValue('Barometer brooch');
    await page.getByLabel('Dial, metal').tap();
    await expect(page.locator('select[aria-label="Dial, metal"]')).toBeFocused();
    await page.keyboard.press('Escape');

    const handle = page.getByRole('button', { name: 'Row actions for Dial' });
    const target = page.getByRole('button', { name: 'Row actions for Pointer', exact: true });
    const [from, to] = [await handle.boundingBox(), await target.boundingBox()];
    if (!from || !to) throw new Error('The handles are not on the page.');
    const touch = await page.context().newCDPSession(page);
    const at = (y: number) => [{ x: from.x + from.width / 2, y }];
    await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(from.y + from.height / 2) });
    for (const step of [0.25, 0.5, 0.75, 1])
      await touch.send('Input.dispatchTouchEvent', {
        type: 'touchMove',
        touchPoints: at(from.y + from.height / 2 + (to.y - from.y + 20) * step),
      });
    await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
    await expect(page.getByLabel('Part 1, name')).not.toHaveText('Dial');
    await page.getByRole('heading', { name: 'Parts' }).tap();

    await page
      .getByRole('button', { name: /^Row actions for/ })
      .first()
      .tap();
    await page.getByRole('menuitem', { name: /^Select/ }).tap();
    const bar = page.getByRole('toolbar', { name: 'rows selected' });
    await expect(bar).toContainText('1 row selected');
    const parts = page.getByRole('textbox', { name: /^Part \d+, name$/ });
    const count = await parts.count();
    await bar.getByRole('button', { name: 'Delete' }).tap();
    await expect(parts).toHaveCount(count - 1);
  });
});
