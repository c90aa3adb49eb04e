// Valuing all pieces again, and the slider that moves the metal price.
import type { Page } from '@playwright/test';
import type { Fix } from '../core/metal/fix.ts';
import { priceLine } from '../core/price/book/price-book.ts';
import { finePrices, valuePiece } from '../core/price/book/valuation.ts';
import { readRates } from '../core/studio/rates.ts';
import { startingStudio } from '../core/studio/studio.ts';
import { largePiece } from './large-piece.ts';
import { type Measured, quantileOf } from './measured.ts';

const REVALUED = 2000;
const SLID = 500;
const ROUNDS = 30;
/** The jitter of a frame's clock, ms. */
const STRAY = 1.02;

const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;

/** @param url  of a server whose ledger may be filled */
export async function prices(page: Page, url: string): Promise<Measured[]> {
  const { first, again } = revalueMs();
  const { frames, settledMs } = await slid(page, url);
  return [
    {
      what: `a book of ${String(REVALUED)} pieces revalued at a new fix, 95th percentile`,
      measured: again,
      bound: 150,
      unit: 'ms',
    },
    // It has no bound: it runs in a worker and reports progress.
    { what: `a book of ${String(REVALUED)} pieces valued the first time`, measured: first, bound: 5000, unit: 'ms' },
    {
      what: `the slider dragged over ${String(SLID)} pieces, a frame in the mean`,
      measured: mean(frames),
      bound: (1000 / 60) * STRAY,
      unit: 'ms',
    },
    {
      what: 'the same, a frame, 95th percentile',
      measured: quantileOf(frames, 0.95),
      bound: (1000 / 60) * STRAY,
      unit: 'ms',
    },
    { what: 'the same, from the last step until the book shows it', measured: settledMs, bound: 100, unit: 'ms' },
  ];
}

/** The work of the worker: every piece counted once, then each further metal price. */
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
  return { first, again: quantileOf(times, 0.95) };
}

interface Slid {
  /** From frame to frame while the slider is dragged, ms. */
  readonly frames: readonly number[];
  /** From the last move until the list shows it, ms. */
  readonly settledMs: number;
}

async function slid(page: Page, url: string): Promise<Slid> {
  const { parts, steps } = largePiece({ parts: 5, steps: 8, sizes: 0 });
  const pieces = Array.from({ length: SLID }, (_, index) => {
    return { ...largePiece({ parts: 0, steps: 0, sizes: 0 }), name: `Design ${String(index)}`, parts, steps };
  });
  await page.request.post(`${url}/api/pieces/file`, {
    data: { format: 'noon-ledger/pieces', version: 2, pieces },
    timeout: 120_000,
  });
  await page.goto(`${url}/prices`);
  await page.getByText(/^5\d\d prices$/).waitFor({ timeout: 120_000 });
  const thumb = page.getByRole('slider', { name: 'Metal price change, per cent' });
  return thumb.evaluate(drag, ROUNDS * 4);
}

// Runs in the page: one slider step by key at every frame, and the length of each frame.
async function drag(thumb: Element, steps: number): Promise<Slid> {
  // Methods, since code in the page must not need the bundler's helpers for functions.
  const page = {
    frame() {
      return new Promise<number>((resolve) => {
        requestAnimationFrame(resolve);
      });
    },
    press(key: string) {
      thumb.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    },
    cost() {
      return document.querySelector('table[aria-label="Price book"] tbody[data-index="0"] td:nth-child(3)')
        ?.textContent;
    },
  };
  (thumb as HTMLElement).focus();
  const frames: number[] = [];
  let before = await page.frame();
  for (let step = 0; step < steps; step += 1) {
    page.press(step % 60 < 30 ? 'ArrowRight' : 'ArrowLeft');
    const now = await page.frame();
    frames.push(now - before);
    before = now;
  }
  const dragged = page.cost();
  page.press('Home');
  const last = performance.now();
  while (page.cost() === dragged && performance.now() - last < 5000) await page.frame();
  return { frames, settledMs: performance.now() - last };
}
