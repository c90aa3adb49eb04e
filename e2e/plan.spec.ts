// The plan: steps are started and logged, a bar is pinned and unpinned, a date is promised, and a rush order shows what
// it delays.
import { readFileSync } from 'node:fs';
import { choose, expect, test } from './fixtures.ts';

test('a step on the Day page is started and done, and the schedule says why it was made again', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/day`);
  const isa = page.getByRole('region', { name: 'Steps, Isa' });
  await expect(page.getByRole('heading', { name: /^Schedule \d+, / })).toBeVisible();
  const calendar = await (await page.request.get(`${demo.url}/api/plan/calendar.ics`)).text();
  expect(calendar).toContain('BEGIN:VEVENT');
  expect(calendar).toContain('SUMMARY:Isa: ');

  await page
    .getByRole('button', { name: /^Start: / })
    .first()
    .click();
  const done = page.getByRole('button', { name: /^Done: / });
  await expect(done).toHaveCount(1);
  const name = (await done.getAttribute('aria-label'))?.replace('Done: ', '') ?? '';
  await expect(page.getByText('Reason: the bench log has new entries.')).toBeVisible();
  // A mistake is undone.
  await page.getByRole('button', { name: `Undo start: ${name}` }).click();
  await expect(done).toHaveCount(0);
  await page.getByRole('button', { name: `Start: ${name}`, exact: true }).click();
  await done.click();
  await expect(page.getByRole('button', { name: `Start: ${name}`, exact: true })).toHaveCount(0);
  await expect(done).toHaveCount(0);
  await page.reload();
  await expect(isa.or(page.getByRole('heading', { level: 1 })).first()).toBeVisible();
  await expect(page.getByRole('button', { name: `Start: ${name}`, exact: true })).toHaveCount(0);
});

test('the plan says why a step starts then, a trial shows its effect, a pinned bar stays, and an unpinned one moves', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/plan`);
  const bar = page.getByRole('button', { name: /^Saw clouds of Anvil-cloud lapel pin/ });
  const chosen = page.getByRole('region', { name: 'Selected step' });
  // Pointing at a bar is enough to see its reasons.
  await page
    .getByRole('button', { name: /^Cut and fit posts of Squall cufflinks/ })
    .locator('rect')
    .first()
    .hover();
  await expect(chosen).toContainText('Cut and fit posts');
  await expect(chosen).toContainText('Reason for start time:');
  await bar.focus();
  await expect(chosen).toContainText('Saw clouds');
  await expect(chosen).toContainText('Reason for start time:');
  for (let presses = 0; presses < 6; presses += 1) await bar.press('Shift+ArrowRight');
  const tried = page.getByRole('region', { name: 'Effect of the move' });
  await expect(tried).toContainText('“Saw clouds” at');
  await bar.press('Escape');
  await expect(tried).toBeHidden();
  await bar.press('Shift+ArrowRight');
  await bar.press('Enter');
  await expect(chosen.getByRole('button', { name: 'Unpin' })).toBeVisible();
  const pinned = await bar.getAttribute('aria-label');
  await page.reload();
  await expect(page.getByRole('button', { name: pinned ?? '', exact: true })).toBeVisible();
  await page.getByRole('button', { name: pinned ?? '', exact: true }).focus();
  await page.keyboard.press('Delete');
  await expect(page.getByRole('button', { name: 'Unpin' })).toBeHidden();

  // A dragged bar shows the effect before it is dropped.
  const dragged = page.getByRole('button', { name: /^Saw clouds of/ });
  await dragged.scrollIntoViewIfNeeded();
  const box = await dragged.locator('rect').first().boundingBox();
  if (!box) throw new Error('The bar is drawn.');
  // A step that starts just before the break has a narrow bar there.
  await page.mouse.move(box.x + Math.min(4, box.width / 2), box.y + 8);
  await page.mouse.down();
  await page.mouse.move(box.x + 90, box.y + 8, { steps: 4 });
  await expect(tried).toBeVisible();
  await page.keyboard.press('Escape');
  await page.mouse.up();

  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export CSV' }).click();
  expect(readFileSync(await (await saved).path(), 'utf8')).toMatch(/^batch,step,load,pieces,maker/);
  await page.getByRole('button', { name: 'Reschedule' }).click();
  await expect(page.getByText('Reason: asked for.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Schedule quality' })).toContainText(/late/);
});

test('a trial says what a batch would change at each priority, and once accepted it is a batch with that due date', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/promise`);
  await choose(page.getByLabel('Piece'), { label: 'Flood-tide caddy spoon' });
  await page.getByLabel('Quantity', { exact: true }).fill('8');
  const behind = page.getByRole('region', { name: 'When there is time' });
  await expect(behind).toContainText(/chance by .*\d %/);
  const rush = page.getByRole('region', { name: 'Rush order' });
  await expect(rush.getByRole('list', { name: 'Effect on each batch' })).toContainText('later');
  await page.getByLabel('Quantity', { exact: true }).fill('some');
  await expect(page.getByText(/some/).last()).toBeVisible();
  await page.getByLabel('Quantity', { exact: true }).fill('8');
  await behind.getByRole('button', { name: 'New batch' }).click();
  await expect(page.getByRole('heading', { name: 'Flood-tide caddy spoon, 8' })).toBeVisible();
});

test('a rush order shows what it delays before it is saved, and a day off is saved in Studio', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/what-if`);
  const both = page.getByRole('table', { name: 'The current schedule and this one' });
  await page.getByLabel('A rush order').check();
  await page.getByLabel('Rush order, quantity').fill('12');
  await choose(page.getByLabel('Rush order, piece'), { label: 'Flood-tide caddy spoon' });
  await expect(both.getByRole('row').filter({ hasText: 'The rush order' })).toContainText('not in it');
  await expect(both).toContainText('later');
  await page.getByRole('button', { name: 'Discard' }).click();
  await expect(page.getByText('The current schedule stays as it is')).toBeVisible();
  await page.getByLabel('Staff absence').check();
  await choose(page.getByLabel('Maker'), { label: 'Isa' });
  await expect(page.getByRole('button', { name: 'Apply' })).toBeVisible();
  await page.getByRole('button', { name: 'Apply' }).click();
  await expect(page.getByRole('heading', { name: /^All work finished/ })).toBeVisible();
  await page.goto(`${demo.url}/studio`);
  await expect(page.getByLabel('Isa, time off')).toHaveValue(/^\d\d\/\d\d\/\d{4} to \d\d\/\d\d\/\d{4}$/);
});
