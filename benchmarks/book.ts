// A thousand pieces: shown, filtered by a word, sorted.
import type { Page } from '@playwright/test';
import { largePiece } from './large-piece.ts';
import { type Measured, quantileOf, STARTS } from './measured.ts';

/** Number of pieces. */
const BOOK = 1000;

export async function longBook(page: Page, url: string): Promise<Measured[]> {
  const { parts, steps } = largePiece({ parts: 5, steps: 8, sizes: 0 });
  const pieces = Array.from({ length: BOOK }, (_, index) => {
    const name = `Design ${String(index).padStart(4, '0')}`;
    return { ...largePiece({ parts: 0, steps: 0, sizes: 0 }), name, parts, steps, tags: [`t${String(index % 7)}`] };
  });
  await page.request.post(`${url}/api/pieces/file`, {
    data: { format: 'noon-ledger/pieces', version: 2, pieces },
    timeout: 60_000,
  });
  // Earlier pieces would come first.
  await page.goto(`${url}/pieces`);
  await page.getByText(new RegExp(`10\\d\\d pieces`)).waitFor();
  await page.waitForTimeout(4000);
  const took = (what: string, act: (step: number) => Promise<number>) => async () => {
    const times: number[] = [];
    for (let step = 0; step < STARTS; step += 1) times.push(await act(step));
    return {
      what: `a book of ${String(BOOK)} pieces ${what}, median`,
      measured: quantileOf(times, 0.5),
      bound: 100,
      unit: 'ms',
    };
  };
  const search = page.getByLabel('Search pieces');
  const filtered = took('narrowed by a word', async (step) => {
    const text = `09${String(step)}`;
    return await search.evaluate(paintedAfter, { value: text });
  });
  const sorted = took('put in the order of its cost', async () => {
    return await page
      .getByRole('columnheader', { name: 'cost' })
      .getByRole('button')
      .evaluate(paintedAfter, { value: null });
  });
  const narrow = await filtered();
  await search.fill('');
  const order = await sorted();
  await page.getByRole('link', { name: 'Settings', exact: true }).click();
  await page.waitForTimeout(800);
  const listed = took('listed', async () => {
    const time = await page.getByRole('link', { name: 'Pieces', exact: true }).evaluate(paintedAfter, { value: null });
    await page.getByRole('link', { name: 'Settings', exact: true }).click();
    await page.waitForTimeout(500);
    return time;
  });
  return [await listed(), narrow, order];
}

// Runs in the page: types or clicks, and waits for the next painted frame.
async function paintedAfter(element: Element, { value }: { value: string | null }): Promise<number> {
  const started = performance.now();
  if (value === null) (element as HTMLElement).click();
  else {
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(element, value);
    element.dispatchEvent(new InputEvent('input', { bubbles: true }));
  }
  await Promise.resolve();
  document.body.getBoundingClientRect();
  await new Promise<void>((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
  return performance.now() - started;
}
