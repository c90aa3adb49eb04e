// Every screen opens while the ledger is away, also one that was never opened before; a new version is announced.
import { expect, test } from './fixtures.ts';

test.use({ serviceWorkers: 'allow' });

const screens = ['pieces', 'batches', 'shelf', 'buying', 'prices', 'fairs', 'quotes', 'sheets', 'reference', 'ask', 'help', 'attention', 'import', 'day', 'plan', 'promise', 'what-if', 'compare', 'bench', 'studio/pricing', 'made', 'sales', 'outlets', 'make-next', 'review', 'account'] as const; // prettier-ignore

test('every screen opens offline, visited before or not', async ({ page, demo, expected }) => {
  expected.push(/ERR_/, /503/, /no-response/, /Failed to load resource/);
  await page.goto(`${demo.url}/pieces`);
  await expect(page.getByRole('link', { name: 'Barometer brooch' }).first()).toBeVisible();
  const ids = await page.evaluate(async () => {
    const read = async (path: string) =>
      (await (await fetch(path)).json()) as { id?: string; batch?: { id: string } }[];
    const [piece] = await read('/api/pieces');
    const [batch] = await read('/api/batches');
    return { piece: piece?.id ?? '', batch: batch?.batch?.id ?? '' };
  });
  // The page registers the worker a moment after its start, and lets it keep the lists: this is the last.
  await expect
    .poll(() => page.evaluate(async () => (await caches.match('/api/bench/kinds')) !== undefined), { timeout: 60_000 })
    .toBe(true);
  await demo.stop();
  for (const screen of screens) {
    await page.goto(`${demo.url}/${screen}`);
    const heading = page.getByRole('main').getByRole('heading', { level: 1 });
    await expect(heading, screen).toBeVisible();
    await expect(heading, screen).not.toHaveText(/Can’t connect|stopped working/);
  }
  await page.goto(`${demo.url}/pieces/${ids.piece}`);
  await expect(page.getByLabel('Name of the piece')).toBeVisible();
  await page.goto(`${demo.url}/batches/${ids.batch}`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.goto(`${demo.url}/studio/pricing`);
  await expect(page.getByLabel('Retail multiplier', { exact: true })).toBeVisible();
  await demo.start();
});
