// The Day page and the plan on days and at hours outside the other tests.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from './fixtures.ts';
import { LedgerServer } from './ledger-server.ts';

for (const [name, time, heading] of [
  ['a Sunday', '2026-11-29T12:00', 'Monday 30 Nov'],
  ['a Friday after closing', '2026-11-27T19:15', 'Saturday 28 Nov'],
  ['a Saturday before opening', '2026-11-28T07:30', 'Saturday 28 Nov'],
  ['a leap day at noon', '2028-02-29T12:00', 'Tuesday 29 Feb'],
  ['the day the clock goes back', '2026-10-25T01:30', 'Monday 26 Oct'],
  ['the last day of a year', '2026-12-31T19:15', 'Friday 1 Jan'],
] as const) {
  test(`on ${name} the Day page opens on a day with work, and a step can be started`, async ({ page }) => {
    const dir = mkdtempSync(join(tmpdir(), 'noon-day-'));
    const server = new LedgerServer(join(dir, 'ledger.sqlite'), 'demo', time);
    await server.start();
    await page.clock.setFixedTime(time);
    await page.goto(`${server.url}/day`);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(heading);
    await expect(page.getByRole('region', { name: 'Steps, Isa' })).toBeVisible();
    await page
      .getByRole('button', { name: /^Start: / })
      .first()
      .click();
    await page.goto(`${server.url}/plan`);
    await expect(page.getByRole('button', { name: 'Reschedule' })).toBeVisible();
    await page.goto('about:blank');
    await server.stop();
    rmSync(dir, { recursive: true, force: true });
  });
}
