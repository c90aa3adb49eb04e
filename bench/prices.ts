// Revaluing a whole book, and the slider that moves the metal under it.
import type { Page } from '@playwright/test';
import type { Fix } from '../core/metal/fix.ts';
import { priceLine } from '../core/price/price-book.ts';
import { finePrices, valuePiece } from '../core/price/valuation.ts';
import { readRates } from '../core/studio/rates.ts';
import { startingStudio } from '../core/studio/studio.ts';
import { largePiece } from './large-piece.ts';
import { quantile, type Measured } from './measured.ts';

const REVALUED = 2000;
const SLID = 500;
const ROUNDS = 30;

/** @param url  of a server whose ledger may be filled */
export async function prices(page: Page, url: string): Promise<Measured[]> {
  const { first, again } = revalueMs();
  return [
    {
      what: `a book of ${String(REVALUED)} pieces revalued at a new fix, 95th percentile`,
      measured: again,
      bound: 150,
      unit: 'ms',
    },
    // No bound of its own: it runs in a worker and tells how far it is.
    { what: `a book of ${String(REVALUED)} pieces valued the first time`, measured: first, bound: 5000, unit: 'ms' },
    {
      what: `the slider over ${String(SLID)} pieces, a step, 95th percentile`,
      measured: await slideMs(page, url),
      bound: 1000 / 60,
      unit: 'ms',
    },
  ];
}

/** The sum a worker does: every piece counted once, then each further fix. */
function revalueMs(): { first: number; again: number } {
  const studio = startingStudio({ name: '', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' });
  const rates = readRates(studio, 1);
  const fix = (silver: number): Fix => ({
    id: 1,
    on: '2026-03-02',
    at: '2026-03-02T12:00:00Z',
    currency: 'GBP',
    prices: { Ag: `${String(silver)} / g` },
    source: 'bench',
  });
  const pieces = Array.from({ length: REVALUED }, () => largePiece({ parts: 5, steps: 8, sizes: 0 }));
  const began = performance.now();
  const valuations = pieces.map((piece) => valuePiece(piece, rates, fix(1)));
  const first = performance.now() - began;
  const times: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const started = performance.now();
    const at = finePrices(fix(1 + round / 100));
    for (const valuation of valuations) if (valuation) priceLine(valuation, null, rates, at);
    times.push(performance.now() - started);
  }
  return { first, again: quantile(times, 0.95) };
}

async function slideMs(page: Page, url: string): Promise<number> {
  const { parts, steps } = largePiece({ parts: 5, steps: 8, sizes: 0 });
  const pieces = Array.from({ length: SLID }, (_, index) => {
    return { ...largePiece({ parts: 0, steps: 0, sizes: 0 }), name: `Design ${String(index)}`, parts, steps };
  });
  await page.request.post(`${url}/api/pieces/file`, {
    data: { format: 'noon-ledger/pieces', version: 2, pieces },
    timeout: 60_000,
  });
  await page.goto(`${url}/prices`);
  await page.getByText(/^5\d\d prices$/).waitFor({ timeout: 60_000 });
  const thumb = page.getByRole('slider', { name: 'Move of the metal, per cent' });
  return quantile(await thumb.evaluate(slide, ROUNDS * 2), 0.95);
}

// Runs in the page: a step of the slider by key, until the frame that shows it is painted and handed on.
async function slide(thumb: Element, steps: number): Promise<number[]> {
  const times: number[] = [];
  (thumb as HTMLElement).focus();
  for (let step = 0; step < steps; step += 1) {
    await new Promise((resolve) => setTimeout(resolve, 30));
    const started = performance.now();
    const key = step < steps / 2 ? 'ArrowRight' : 'ArrowLeft';
    thumb.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    await Promise.resolve();
    document.body.getBoundingClientRect();
    const before = performance.now() - started;
    const frame = await new Promise<number>((resolve) => {
      requestAnimationFrame(() => {
        const began = performance.now();
        const { port1, port2 } = new MessageChannel();
        port1.onmessage = () => resolve(performance.now() - began);
        port2.postMessage(null);
      });
    });
    times.push(before + frame);
  }
  return times;
}
