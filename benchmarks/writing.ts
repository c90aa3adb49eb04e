// Time from a key to the painted page, and time to open a piece.
import type { Page } from '@playwright/test';
import { addPiece } from './large-piece.ts';
import { type Measured, quantileOf, STARTS } from './measured.ts';

const ROUNDS = 5;
const KEYSTROKES = 100;
const WARM_UP = 20;

export async function writing(page: Page, url: string): Promise<Measured[]> {
  const results: Measured[] = [];
  for (const large of [
    { parts: 20, steps: 20, sizes: 0 },
    { parts: 60, steps: 80, sizes: 12 },
  ]) {
    const id = await addPiece(page, url, large);
    const { key, bareFrame } = await keystrokeMs(page, url, id);
    const size = `${String(large.parts)} parts, ${String(large.steps)} steps, ${String(large.sizes)} sizes`;
    const what = `keystroke to painted count, ${size}, 95th percentile (any frame at all: ${bareFrame.toFixed(1)})`;
    results.push({ what, measured: key, bound: 16, unit: 'ms' });
    if (large.sizes > 0) {
      const opened = await openMs(page, url, id);
      results.push({ what: `opening a piece of ${size}, median`, measured: opened, bound: 150, unit: 'ms' });
    }
  }
  return results;
}

interface Keystrokes {
  /**
   * From the key to the frame that shows the count: the main thread's work, without the wait for the frame to start.
   */
  readonly key: number;
  /** The same for a frame in which only the colour of a heading changes: the floor of this machine. */
  readonly bareFrame: number;
}

/** Types into a piece. @returns the 95th percentile of the work a key causes, ms, as the median of the rounds */
async function keystrokeMs(page: Page, url: string, id: string): Promise<Keystrokes> {
  await page.goto(`${url}/pieces/${id}`);
  const field = page.getByLabel('Part 7, length');
  await field.focus();
  await field.fill('40');
  await field.evaluate(workOfKeys, WARM_UP);
  const rounds: Keystrokes[] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const { keys, bare } = await field.evaluate(workOfKeys, KEYSTROKES);
    rounds.push({ key: quantileOf(keys, 0.95), bareFrame: quantileOf(bare, 0.95) });
  }
  const middle = (of: keyof Keystrokes) => {
    return quantileOf(
      rounds.map((round) => round[of]),
      0.5,
    );
  };
  return { key: middle('key'), bareFrame: middle('bareFrame') };
}

// Runs in the page, so it uses nothing from outside itself.
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
    // A message posted from the frame's callback arrives after the frame is painted.
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

/** From the click in the list to the last figure of the count on the page; the code of the page was fetched before. */
async function openMs(page: Page, url: string, id: string): Promise<number> {
  const times: number[] = [];
  for (let index = 0; index < STARTS; index += 1) {
    await page.goto(`${url}/pieces`);
    const link = page.locator(`a[href="/pieces/${id}"]`).first();
    await link.scrollIntoViewIfNeeded();
    // A maker sees the list before opening a piece.
    await page.waitForTimeout(500);
    times.push(
      await link.evaluate(
        (anchor) =>
          new Promise<number>((resolve) => {
            const started = performance.now();
            new MutationObserver((_changes, observer) => {
              if (!document.querySelector('table[aria-label="Profit and earnings"] .num')) return;
              observer.disconnect();
              requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - started)));
            }).observe(document.body, { childList: true, subtree: true });
            (anchor as HTMLElement).click();
          }),
      ),
    );
  }
  // The first run fetches the code of the page.
  return quantileOf(times.slice(1), 0.5);
}
