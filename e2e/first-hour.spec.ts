// The first hour: from an empty ledger to a first price, at the speed of a person, and a look around in the sample.
// Speeds: keystroke-level model of Card, Moran and Newell (1980): K 0.28 s (average typist), P 1.1 s, M 1.35 s, H 0.4 s.
import type { Locator } from '@playwright/test';
import { expect, test } from './fixtures.ts';

const SECONDS = { key: 0.28, point: 1.1, think: 1.35, hand: 0.4 } as const;

/** Does what a person does, and counts the time and the entries. */
class Person {
  seconds = 0;
  entries = 0;

  async press(target: Locator): Promise<void> {
    await target.click();
    this.seconds += SECONDS.think + SECONDS.hand + SECONDS.point;
  }

  async type(target: Locator, text: string): Promise<void> {
    await this.press(target);
    await target.fill(text);
    this.entries += 1;
    this.seconds += SECONDS.think + SECONDS.hand + text.length * SECONDS.key;
  }
}

test('an empty ledger gives a first price in under two minutes and twelve entries', async ({ page, own, expected }) => {
  expected.push(/404/);
  const maker = new Person();
  await page.goto(own.url);
  await maker.type(page.getByLabel('Studio'), 'Lantern Slip');
  await maker.type(page.getByLabel('Target hourly rate'), '28');
  await maker.press(page.getByRole('button', { name: 'Start', exact: true }));
  await maker.press(page.getByRole('link', { name: 'Enter today’s metal prices' }));
  await maker.type(page.getByLabel('Price of silver'), '29.35 / ozt');
  await maker.press(page.getByRole('button', { name: /^Save metal prices for/ }));
  await expect(page.getByText(/Current prices:/)).toBeVisible();
  await maker.press(page.getByRole('link', { name: 'Pieces', exact: true }));
  await expect(
    page.getByRole('listitem').filter({ hasText: 'Enter today’s metal prices' }).getByLabel('done'),
  ).toBeVisible();
  await maker.press(page.getByRole('button', { name: 'Start from a piece', exact: true }));
  await maker.press(page.getByRole('button', { name: /^Plain band/ }));
  await maker.type(page.getByLabel('Plain band, inside'), '18.2 mm');
  await maker.press(page.getByRole('button', { name: 'Create the piece' }));
  await expect(page.getByLabel('Name of the piece')).toHaveValue('Plain band');
  await expect(page.getByRole('complementary').getByText('Retail', { exact: true })).toBeVisible();
  test.info().annotations.push({
    type: 'human',
    description: `${maker.seconds.toFixed(0)} s, ${String(maker.entries)} entries`,
  });
  expect(maker.entries).toBeLessThan(12);
  expect(maker.seconds).toBeLessThan(120);
});

test('the sample workshop opens from an empty ledger, and leads back to it unchanged', async ({
  page,
  own,
  expected,
}) => {
  expected.push(/404/);
  await page.goto(own.url);
  await page.getByRole('button', { name: 'Open the sample workshop' }).click();
  await expect(page.getByText('The sample workshop.')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Barometer brooch' }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Back to my ledger' }).click();
  await expect(page.getByRole('heading', { name: 'Set up your studio' })).toBeVisible();
});

test('a setting says what it does to a price, with its usual range', async ({ page, demo }) => {
  await page.goto(`${demo.url}/studio/pricing`);
  await page.getByRole('button', { name: 'Retail multiplier, what it does' }).click();
  const note = page.getByRole('dialog', { name: 'Retail multiplier' });
  await expect(note).toContainText('Usual: 2 to 2.5 × wholesale.');
  await expect(note).toContainText(/A tenth more, 2\.42: .+ → /);
  await page.keyboard.press('Escape');
  await expect(note).toBeHidden();
});
