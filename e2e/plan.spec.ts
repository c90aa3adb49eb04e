// The plan: steps are started and logged, a bar is pinned and unpinned, a date is promised, and a rush order shows what
// it delays.
import { readFileSync } from 'node:fs';
import { choose, expect, test } from './fixtures.ts';

test('a step on the Day page is started and done, the plan is kept, and later moves are listed', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/day`);
  const isa = page.getByRole('region', { name: 'What Isa does' });
  await page.getByRole('button', { name: 'Keep this plan' }).click();
  await expect(page.getByText('nothing has moved')).toBeVisible();
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
  // A mistake is undone.
  await page.getByRole('button', { name: `Not started after all: ${name}` }).click();
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
  const chosen = page.getByRole('region', { name: 'The chosen step' });
  // Pointing at a bar is enough to see its reasons.
  await page
    .getByRole('button', { name: /^Saw faces of Squall cufflinks/ })
    .locator('rect')
    .first()
    .hover();
  await expect(chosen).toContainText('Saw faces');
  await expect(chosen).toContainText('Why then:');
  await bar.focus();
  await expect(chosen).toContainText('Saw clouds');
  await expect(chosen).toContainText('Why then:');
  for (let presses = 0; presses < 6; presses += 1) await bar.press('Shift+ArrowRight');
  const tried = page.getByRole('region', { name: 'What this would do' });
  await expect(tried).toContainText('“Saw clouds” at');
  await bar.press('Escape');
  await expect(tried).toBeHidden();
  await bar.press('Shift+ArrowRight');
  await bar.press('Enter');
  await expect(chosen.getByRole('button', { name: 'Let the pin go' })).toBeVisible();
  const pinned = await bar.getAttribute('aria-label');
  await page.reload();
  await expect(page.getByRole('button', { name: pinned ?? '', exact: true })).toBeVisible();
  await page.getByRole('button', { name: pinned ?? '', exact: true }).focus();
  await page.keyboard.press('Delete');
  await expect(page.getByRole('button', { name: 'Let the pin go' })).toBeHidden();

  // A dragged bar shows the effect before it is dropped; while better plans arrive a bar may move.
  await expect(page.getByRole('button', { name: 'Look harder, for a minute' })).toBeEnabled();
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
  await page.getByRole('button', { name: 'The plan as a table (CSV)' }).click();
  expect(readFileSync(await (await saved).path(), 'utf8')).toMatch(/^batch,step,load,pieces,maker/);
  await page.getByRole('button', { name: 'Look harder, for a minute' }).click();
  await expect(page.getByRole('button', { name: 'Stop: this will do' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'How good the plan is' })).toContainText(
    /Proved best|No plan can be done before/,
  );
  await page.getByRole('button', { name: 'Stop: this will do' }).click();
});

test('a promise at low priority moves nothing, and once accepted it is a batch with that due date', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/promise`);
  await choose(page.getByLabel('Of which piece'), { label: 'Flood-tide caddy spoon' });
  await page.getByLabel('How many').fill('8');
  const behind = page.getByRole('region', { name: 'After all that is promised' });
  await expect(behind).toContainText('No batch is done sooner or later for it.');
  await expect(behind).toContainText(/chance by .*\d %/);
  const rush = page.getByRole('region', { name: 'Before all others' });
  await expect(rush.getByRole('list', { name: 'What it does to each batch' })).toContainText('later');
  await page.getByLabel('How many').fill('some');
  await expect(page.getByText(/some/).last()).toBeVisible();
  await page.getByLabel('How many').fill('8');
  await behind.getByRole('button', { name: 'Take it: make the batch' }).click();
  await expect(page.getByRole('heading', { name: 'Flood-tide caddy spoon, 8' })).toBeVisible();
});

test('a rush order shows what it delays before it is saved, and a day off is saved in Studio', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/what-if`);
  const both = page.getByRole('table', { name: 'Today’s plan and the other, side by side' });
  await page.getByLabel('A rush order').check();
  await page.getByLabel('Rush, how many').fill('12');
  await choose(page.getByLabel('Rush, of which piece'), { label: 'Flood-tide caddy spoon' });
  await expect(both.getByRole('row').filter({ hasText: 'The rush order' })).toContainText('not in it');
  await expect(both).toContainText('later');
  await page.getByRole('button', { name: 'Throw it away' }).click();
  await expect(page.getByText('Today’s plan stays as it is')).toBeVisible();
  await page.getByLabel('Somebody is away').check();
  await choose(page.getByLabel('Who is away'), { label: 'Isa' });
  await expect(page.getByRole('button', { name: 'Keep it' })).toBeVisible();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('heading', { name: /^Everything is done/ })).toBeVisible();
  await page.goto(`${demo.url}/studio`);
  await expect(page.getByLabel('Isa, days off')).toHaveText(/^\d{4}-\d\d-\d\d to \d{4}-\d\d-\d\d$/);
});
