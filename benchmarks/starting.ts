// Start-up: the first load, the server, the first page.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import type { Page } from '@playwright/test';
import type { LedgerServer } from '../e2e/ledger-server.ts';
import { type Measured, quantileOf, STARTS } from './measured.ts';

/** Leaves the server running. */
export async function starting(server: LedgerServer, page: Page): Promise<Measured[]> {
  const first = { what: 'first load, JavaScript', measured: firstLoadBytes() / 1000, bound: 220, unit: 'kB gzip' };
  const start = { what: 'server start to listening, median', measured: await startMs(server), bound: 1000, unit: 'ms' };
  await server.start();
  const interactive = await interactiveMs(page, server.url);
  return [first, start, { what: 'demo page interactive, median', measured: interactive, bound: 1500, unit: 'ms' }];
}

/** Bytes of the scripts that the start page loads or preloads. */
function firstLoadBytes(): number {
  const html = readFileSync('dist/web/index.html', 'utf8');
  const asked = [...html.matchAll(/(?:src|href)="\/(assets\/[^"]+\.js)"/g)].flatMap(([, file]) => file ?? []);
  const scripts = readdirSync('dist/web/assets').filter((file) => asked.includes(`assets/${file}`));
  return scripts.reduce(
    (sum, file) => sum + gzipSync(readFileSync(join('dist/web/assets', file)), { level: 9 }).length,
    0,
  );
}

async function startMs(server: LedgerServer): Promise<number> {
  const times: number[] = [];
  for (let index = 0; index < STARTS; index += 1) {
    const started = performance.now();
    await server.start();
    times.push(performance.now() - started);
    await server.stop();
  }
  return quantileOf(times, 0.5);
}

/** From the request for the page until the last row of the list is painted and interactive. */
async function interactiveMs(page: Page, url: string): Promise<number> {
  const times: number[] = [];
  for (let index = 0; index < STARTS; index += 1) {
    await page.goto('about:blank');
    const started = performance.now();
    await page.goto(`${url}/pieces`);
    await page.getByRole('link', { name: 'Anvil-cloud lapel pin' }).first().click({ trial: true });
    times.push(performance.now() - started);
  }
  return quantileOf(times, 0.5);
}
