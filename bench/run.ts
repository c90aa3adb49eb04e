// Measures the bounds of the book and prints each as a ratio to its bound: below 1 it holds.
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { chromium, type Page } from '@playwright/test';
import { ask } from '../core/ask/ask.ts';
import { readLine } from '../core/ask/grammar.ts';
import { alloysWith } from '../core/metal/alloy.ts';
import { pieceSchema, type Piece } from '../core/piece/piece.ts';
import { chromiumOptions } from '../e2e/chromium.ts';
import { LedgerServer } from '../e2e/ledger-server.ts';

interface Result {
  readonly what: string;
  readonly measured: number;
  readonly bound: number;
  readonly unit: string;
}

const ROUNDS = 5;
const KEYSTROKES = 100;
const WARM_UP = 20;
const STARTS = 7;
/** Pieces of a large book. */
const BOOK = 1000;

const dir = mkdtempSync(join(tmpdir(), 'noon-bench-'));
const server = new LedgerServer(join(dir, 'demo.sqlite'), 'demo');
const results: Result[] = [];
try {
  results.push({
    what: 'an answer to a line of 60 characters, 95th percentile',
    measured: askMs(),
    bound: 5,
    unit: 'ms',
  });
  results.push({
    what: 'the grammar on 500 characters of anything, longest',
    measured: grammarMs(),
    bound: 50,
    unit: 'ms',
  });
  results.push({ what: 'first load, JavaScript', measured: firstLoadBytes() / 1000, bound: 220, unit: 'kB gzip' });
  results.push({ what: 'server start to listening, median', measured: await startMs(), bound: 1000, unit: 'ms' });
  await server.start();
  const browser = await chromium.launch(chromiumOptions);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  results.push({ what: 'demo page interactive, median', measured: await interactiveMs(page), bound: 1500, unit: 'ms' });
  for (const large of [
    { parts: 20, steps: 20, sizes: 0 },
    { parts: 60, steps: 80, sizes: 12 },
  ]) {
    const id = await addPiece(page, large);
    const { key, bareFrame } = await keystrokeMs(page, id);
    const size = `${String(large.parts)} parts, ${String(large.steps)} steps, ${String(large.sizes)} sizes`;
    const what = `keystroke to painted count, ${size}, 95th percentile (any frame at all: ${bareFrame.toFixed(1)})`;
    results.push({ what, measured: key, bound: 16, unit: 'ms' });
    if (large.sizes > 0)
      results.push({
        what: `opening a piece of ${size}, median`,
        measured: await openMs(page, id),
        bound: 150,
        unit: 'ms',
      });
  }
  results.push(...(await bookMs(page)));
  await browser.close();
} finally {
  await server.stop();
  rmSync(dir, { recursive: true, force: true });
}
for (const { what, measured, bound, unit } of results) {
  console.log(`${(measured / bound).toFixed(2)}  ${what}: ${measured.toFixed(1)} of ${String(bound)} ${unit}`);
}

/** Answers a line of some sixty characters again and again. */
function askMs(): number {
  const line = 'strip 6 x 1.2 mm half hard sterling silver 110 mm long x 24';
  const basis = { alloys: alloysWith([]), fix: null };
  const times: number[] = [];
  for (let index = 0; index < 600; index += 1) {
    const started = performance.now();
    ask(`${line}${' '.repeat(index % 2)}`, basis);
    times.push(performance.now() - started);
  }
  return quantile(times.slice(100), 0.95);
}

/** Reads lines put together at random from what a line may hold; the longest any of them took. */
function grammarMs(): number {
  const scraps = '18 ga|(|)|+|-|*|/|1 1/2|3/4|in|mm|"|x|sterling|ring|14k|#20|½|per|£|°|half round|0.0001|é|,'.split(
    '|',
  );
  let seed = 1;
  const random = () => (seed = (seed * 48271) % 2147483647) / 2147483647;
  let longest = 0;
  for (let index = 0; index < 3000; index += 1) {
    let line = '';
    while (line.length < 500)
      line += (scraps[Math.floor(random() * scraps.length)] ?? '') + (random() < 0.7 ? ' ' : '');
    const started = performance.now();
    try {
      readLine(line.slice(0, 500));
    } catch {
      // A line that cannot be read takes its time as well.
    }
    if (index > 100) longest = Math.max(longest, performance.now() - started);
  }
  return longest;
}

/** What the start page loads before anything is asked for: its scripts and those it preloads. */
function firstLoadBytes(): number {
  const html = readFileSync('dist/web/index.html', 'utf8');
  const asked = [...html.matchAll(/(?:src|href)="\/(assets\/[^"]+\.js)"/g)].flatMap(([, file]) => file ?? []);
  const scripts = readdirSync('dist/web/assets').filter((file) => asked.includes(`assets/${file}`));
  return scripts.reduce(
    (sum, file) => sum + gzipSync(readFileSync(join('dist/web/assets', file)), { level: 9 }).length,
    0,
  );
}

async function startMs(): Promise<number> {
  const times: number[] = [];
  for (let index = 0; index < STARTS; index += 1) {
    const started = performance.now();
    await server.start();
    times.push(performance.now() - started);
    await server.stop();
  }
  return quantile(times, 0.5);
}

/** From the request for the page to the book's last row drawn and answering. */
async function interactiveMs(page: Page): Promise<number> {
  const times: number[] = [];
  for (let index = 0; index < STARTS; index += 1) {
    await page.goto('about:blank');
    const started = performance.now();
    await page.goto(`${server.url}/pieces`);
    await page.getByRole('link', { name: 'Anvil-cloud lapel pin' }).first().click({ trial: true });
    times.push(performance.now() - started);
  }
  return quantile(times, 0.5);
}

interface Keystrokes {
  /** From the key to the frame that shows the count: the main thread's work, without the wait for the frame to begin. */
  readonly key: number;
  /** The same for a frame in which only a heading's colour changes: what this machine takes for any frame at all. */
  readonly bareFrame: number;
}

/** Types into a piece: the 95th percentile of the work each key makes, the middle one of the rounds, since others use the machine. */
async function keystrokeMs(page: Page, id: string): Promise<Keystrokes> {
  await page.goto(`${server.url}/pieces/${id}`);
  const field = page.getByLabel('Part 7, length');
  await field.focus();
  await field.fill('40');
  await field.evaluate(workOfKeys, WARM_UP);
  const rounds: Keystrokes[] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const { keys, bare } = await field.evaluate(workOfKeys, KEYSTROKES);
    rounds.push({ key: quantile(keys, 0.95), bareFrame: quantile(bare, 0.95) });
  }
  const middle = (of: keyof Keystrokes) => {
    return quantile(
      rounds.map((round) => round[of]),
      0.5,
    );
  };
  return { key: middle('key'), bareFrame: middle('bareFrame') };
}

// Runs in the page, so it may use nothing from outside itself.
async function workOfKeys(input: HTMLElement, keystrokes: number): Promise<{ keys: number[]; bare: number[] }> {
  const value = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value');
  const heading = document.querySelector('h2');
  const keys: number[] = [];
  const bare: number[] = [];
  input.focus();
  for (let index = 0; index < 2 * keystrokes; index += 1) {
    await new Promise((resolve) => setTimeout(resolve, 30));
    const isKey = index % 2 === 0;
    const started = performance.now();
    if (isKey) {
      value?.set?.call(input, String(40 + (index % 50)));
      input.dispatchEvent(new InputEvent('input', { bubbles: true }));
      await Promise.resolve();
    } else if (heading) {
      heading.style.color = index % 4 === 1 ? 'navy' : 'black';
    }
    document.body.getBoundingClientRect();
    const beforeFrame = performance.now() - started;
    // A message posted from the frame's callback arrives when the frame is painted and handed on.
    const frame = await new Promise<number>((resolve) => {
      requestAnimationFrame(() => {
        const began = performance.now();
        const { port1, port2 } = new MessageChannel();
        port1.onmessage = () => resolve(performance.now() - began);
        port2.postMessage(null);
      });
    });
    (isKey ? keys : bare).push(beforeFrame + frame);
  }
  return { keys, bare };
}

interface Large {
  readonly parts: number;
  readonly steps: number;
  readonly sizes: number;
}

async function addPiece(page: Page, large: Large): Promise<string> {
  const response = await page.request.post(`${server.url}/api/pieces`, { data: largePiece(large) });
  return ((await response.json()) as { id: string }).id;
}

/** From the click in the book to the last figure of the count on the page, the piece's own code fetched before. */
async function openMs(page: Page, id: string): Promise<number> {
  const times: number[] = [];
  for (let index = 0; index < STARTS; index += 1) {
    await page.goto(`${server.url}/pieces`);
    const link = page.locator(`a[href="/pieces/${id}"]`).first();
    await link.scrollIntoViewIfNeeded();
    // Nobody opens a piece before having seen the book.
    await page.waitForTimeout(500);
    times.push(
      await link.evaluate(
        (anchor) =>
          new Promise<number>((resolve) => {
            const started = performance.now();
            new MutationObserver((_changes, observer) => {
              if (!document.querySelector('table[aria-label="What the price leaves"] .num')) return;
              observer.disconnect();
              requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - started)));
            }).observe(document.body, { childList: true, subtree: true });
            (anchor as HTMLElement).click();
          }),
      ),
    );
  }
  // The first of them fetches the page's code.
  return quantile(times.slice(1), 0.5);
}

/** A book of a thousand pieces: shown, narrowed by a word, put in another order. */
async function bookMs(page: Page): Promise<Result[]> {
  const { parts, steps } = largePiece({ parts: 5, steps: 8, sizes: 0 });
  const pieces = Array.from({ length: BOOK }, (_, index) => {
    const name = `Design ${String(index).padStart(4, '0')}`;
    return { ...largePiece({ parts: 0, steps: 0, sizes: 0 }), name, parts, steps, tags: [`t${String(index % 7)}`] };
  });
  await page.request.post(`${server.url}/api/pieces/file`, {
    data: { format: 'noon-ledger/pieces', version: 2, pieces },
    timeout: 60_000,
  });
  // Those that were here before would be first.
  await page.goto(`${server.url}/pieces`);
  await page.getByText(new RegExp(`10\\d\\d pieces`)).waitFor();
  await page.waitForTimeout(4000);
  const took = (what: string, act: (step: number) => Promise<number>) => async () => {
    const times: number[] = [];
    for (let step = 0; step < STARTS; step += 1) times.push(await act(step));
    return {
      what: `a book of ${String(BOOK)} pieces ${what}, median`,
      measured: quantile(times, 0.5),
      bound: 100,
      unit: 'ms',
    };
  };
  const search = page.getByLabel('Look for a piece');
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
  await page.getByRole('link', { name: 'Studio', exact: true }).click();
  await page.waitForTimeout(800);
  const listed = took('listed', async () => {
    const time = await page.getByRole('link', { name: 'Pieces', exact: true }).evaluate(paintedAfter, { value: null });
    await page.getByRole('link', { name: 'Studio', exact: true }).click();
    await page.waitForTimeout(500);
    return time;
  });
  return [await listed(), narrow, order];
}

// Runs in the page: writes or clicks, and waits until the frame that follows is painted.
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

function largePiece({ parts: partCount, steps: stepCount, sizes }: Large): Piece {
  const parts = Array.from({ length: partCount }, (_, index) => {
    const name = `Part ${String(index + 1)}`;
    const length = sizes > 0 && index % 6 === 0 && index !== 6 ? 'reach + 2 mm' : '42 mm';
    return {
      id: name,
      name,
      alloy: 'silver-925',
      section: { form: 'round', diameter: '18 ga' },
      blank: { rule: 'straight', length },
      count: '2',
      trim: '0.5 mm',
    };
  });
  const steps = Array.from({ length: stepCount }, (_, index) => {
    const name = `Step ${String(index + 1)}`;
    return { id: name, name, station: 'bench', setUp: '5', each: '3', byItself: '', meanwhile: false };
  });
  const joins = Array.from({ length: Math.floor(partCount / 4) }, (_, index) => {
    const name = `Join ${String(index + 1)}`;
    const parts = [`Part ${String(index + 1)}`, `Part ${String(index + 2)}`];
    return { id: name, name, kind: 'solder', parts, solder: index % 3 === 0 ? 'silver-hard' : 'silver-medium' };
  });
  const rows = Array.from({ length: sizes }, (_, index) => {
    return { id: `size ${String(index)}`, name: String(index), values: { reach: `${String(40 + index)} mm` } };
  });
  return pieceSchema.parse({
    name: 'Large piece',
    note: '',
    batchSize: '12',
    parts,
    findings: [],
    joins: joins.slice(0, 100),
    steps,
    sizes: { parameters: sizes > 0 ? [{ id: 'reach', name: 'reach' }] : [], rows, price: 'each' },
  });
}

function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN;
}
