// A test with its own server. An error in the page's console or a violation of its content policy fails the test.
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, type Locator, type Page, test as base } from '@playwright/test';
import { LedgerServer, WORKING_DAY } from './ledger-server.ts';
import { sampleLedger } from './sample-ledger.ts';

interface Fixtures {
  /** An empty ledger. */
  readonly own: LedgerServer;
  /** The sample workshop. */
  readonly demo: LedgerServer;
  /** Messages that a test causes on purpose. */
  readonly expected: RegExp[];
  readonly watched: undefined;
}

/** A test with an empty ledger (`own`) or the sample workshop (`demo`). */
export const test = base.extend<Fixtures>({
  own: async ({}, use) => await withServer('own', use),
  demo: async ({}, use) => await withServer('demo', use),
  expected: async ({}, use) => await use([]),
  watched: [
    async ({ page, expected }, use) => {
      const messages: string[] = [];
      await page.clock.setFixedTime(WORKING_DAY);
      await page.addInitScript(() => {
        document.addEventListener('securitypolicyviolation', (event) =>
          console.error(`content policy: ${event.violatedDirective} ${event.blockedURI}`),
        );
      });
      page.on('console', (message) => {
        // The stream of changes ends with its server, and is opened again.
        const isStream = message.location().url.endsWith('/api/events');
        if (message.type() === 'error' && !isClosing && !isStream) messages.push(message.text());
      });
      page.on('pageerror', (error) => messages.push(error.message));
      await use(undefined);
      expect(messages.filter((message) => !expected.some((pattern) => pattern.test(message)))).toEqual([]);
    },
    { auto: true },
  ],
});
export { expect };

/** After a test its ledger closes under the page, which may still have something to send. */
let isClosing = false;

async function withServer(kind: 'own' | 'demo', use: (server: LedgerServer) => Promise<void>): Promise<void> {
  const dir = mkdtempSync(join(tmpdir(), 'noon-e2e-'));
  const ledger = join(dir, 'ledger.sqlite');
  if (kind === 'demo') copyFileSync(sampleLedger(), ledger);
  const server = new LedgerServer(ledger, kind);
  await server.start();
  isClosing = false;
  await use(server);
  isClosing = true;
  await server.stop();
  rmSync(dir, { recursive: true, force: true });
}

/** Sets up the studio as on the first run. */
export async function openBook(page: Page, url: string): Promise<void> {
  await page.goto(url);
  await page.getByLabel('Studio').fill('Test bench');
  await page.getByLabel('Country').selectOption('GB');
  await page.getByLabel('Target hourly rate').fill('30');
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page.getByRole('heading', { name: 'Pieces', exact: true })).toBeVisible();
}

/** Opens a piece by its name. */
export async function openPiece(page: Page, url: string, name: string): Promise<void> {
  await page.goto(`${url}/pieces`);
  await page.getByRole('table').getByRole('link', { name }).first().click();
  await expect(page.getByLabel('Name of the piece')).toHaveValue(name);
}

/**
 * Holds the drafts that a page sends until the returned function is called. A page follows what others change at once:
 * only what is typed before it hears of a change can be in conflict with it.
 */
export async function holdDrafts(page: Page): Promise<() => void> {
  let letGo = () => {};
  const held = new Promise<void>((resolve) => {
    letGo = resolve;
  });
  await page.route(/\/draft$/, async (route) => {
    await held;
    await route.continue();
  });
  return letGo;
}

/** Types into a field of a row, which is a real field only in the active row. */
export async function write(field: Locator, text: string): Promise<void> {
  await field.focus();
  await field.fill(text);
}

/** Chooses from a list in a row. */
export async function choose(field: Locator, option: string | { readonly label: string }): Promise<void> {
  await field.focus();
  await field.selectOption(option);
}

/** The text of a field of a row, active or not. */
export async function expectWritten(field: Locator, text: string): Promise<void> {
  await expect
    .poll(() =>
      field.evaluate((element) => (element instanceof HTMLInputElement ? element.value : element.textContent)),
    )
    .toBe(text);
}

/** The amount on a line of the count. */
export function amount(page: Page, line: string, column: 'quantity' | 'amount' = 'amount') {
  const start = `${line}, ${column}: `.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
  return page.getByRole('button', { name: new RegExp(`^${start}.*show calculation$`) });
}
