// Runs the benchmarks and prints each result as a ratio to its bound: below 1 holds. A word after the command selects
// some: account, answers, cutting, packers, glpk, planning, year, starting, writing, prices, book. The years take 15 minutes and are run only when
// named.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumOptions } from '../e2e/chromium.ts';
import { LedgerServer } from '../e2e/ledger-server.ts';
import { account } from './account.ts';
import { answers } from './answers.ts';
import { longBook } from './book.ts';
import { cutting } from './cutting.ts';
import { glpk } from './glpk.ts';
import type { Measured } from './measured.ts';
import { packers } from './packers.ts';
import { planning } from './planning.ts';
import { prices } from './prices.ts';
import { starting } from './starting.ts';
import { writing } from './writing.ts';
import { simulatedYears } from './year.ts';

const wanted = process.argv.slice(2);
const isWanted = (name: string) => wanted.length === 0 || wanted.includes(name);

// Benchmarks without a browser run before one starts.
if (isWanted('account')) print(await account());
if (isWanted('answers')) print(answers());
if (isWanted('cutting')) print(await cutting());
if (isWanted('packers')) print(packers());
if (isWanted('glpk')) print(await glpk());
if (isWanted('planning')) print(await planning());
if (wanted.includes('year')) print(simulatedYears());

const dir = mkdtempSync(join(tmpdir(), 'noon-bench-'));
const server = new LedgerServer(join(dir, 'demo.sqlite'), 'demo');
const forPrices = new LedgerServer(join(dir, 'prices.sqlite'), 'demo');
const browser = await chromium.launch(chromiumOptions);
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
try {
  if (isWanted('starting')) print(await starting(server, page));
  else await server.start();
  if (isWanted('writing')) print(await writing(page, server.url));
  if (isWanted('prices')) {
    await forPrices.start();
    print(await prices(page, forPrices.url));
  }
  if (isWanted('book')) print(await longBook(page, server.url));
} finally {
  await browser.close();
  await server.stop();
  await forPrices.stop();
  rmSync(dir, { recursive: true, force: true });
}

function print(results: readonly Measured[]): void {
  for (const { what, measured, bound, unit } of results)
    console.log(`${(measured / bound).toFixed(2)}  ${what}: ${measured.toFixed(1)} of ${bound.toFixed(0)} ${unit}`);
}
