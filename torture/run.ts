// Runs the torture: each part gets a share of the time and prints what it found; anything lost, doubled or faulty ends with
// exit code 1.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { chromium } from '@playwright/test';
import { seeded } from '../core/measure/random.ts';
import { chromiumOptions } from '../e2e/chromium.ts';
import { LedgerServer } from '../e2e/ledger-server.ts';
import { createApp } from '../server/app.ts';
import { loadDemo } from '../server/demo/load.ts';
import { verifyLedger } from '../server/safekeeping/verify.ts';
import { openLedger } from '../server/store/ledger.ts';
import { openStores } from '../server/store/stores.ts';
import { sendBadRequests } from './bad-requests.ts';
import { cuttingProxy } from './cut-connections.ts';
import { EntrySender } from './exactly-once.ts';
import { meet } from './two-tablets.ts';

const minutes = Number(process.env['MINUTES'] ?? 14);
const wanted = process.argv.slice(2);
const seed = Number(process.env['SEED'] ?? 1);
let faults = 0;

const parts: readonly (readonly [name: string, share: number, run: (ms: number) => Promise<object>])[] = [
  ['kills', 0.4, kills],
  ['browser kills', 0.2, browserKills],
  ['cut connections', 0.15, cuts],
  ['two tablets', 0.05, twoTablets],
  ['bad requests', 0.2, badRequests],
];
for (const [name, share, run] of parts) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  const found = await run(minutes * 60_000 * share);
  console.log(`${name}: ${JSON.stringify(found)}`);
}
process.exit(faults > 0 ? 1 : 0);

/** The server is killed while entries arrive. */
async function kills(ms: number): Promise<object> {
  return await withLedger('own', async (server, path) => {
    const random = seeded(seed);
    await setUp(server.url);
    const sender = new EntrySender(() => server.url);
    const end = performance.now() + ms;
    let [killed, isOver, damaged] = [0, false, 0];
    const sending = (async () => {
      while (!isOver) await sender.send();
    })();
    while (performance.now() < end) {
      await new Promise((resolve) => setTimeout(resolve, random() * 250));
      await server.stop('SIGKILL');
      killed += 1;
      if (verifyLedger(path).faults.length > 0) damaged += 1;
      await server.start();
    }
    isOver = true;
    await sending;
    await server.stop();
    const found = sender.counted(path);
    faults += found.lost + found.doubled + damaged;
    return { killed, damaged, ...found };
  });
}

/** The browser is killed while a script types: what was on the page is there when it opens again. */
async function browserKills(ms: number): Promise<object> {
  return await withLedger('demo', async (server) => {
    const random = seeded(seed + 1);
    const profile = mkdtempSync(join(tmpdir(), 'noon-profile-'));
    const end = performance.now() + ms;
    let [killed, lost, typed] = [0, 0, ''];
    while (performance.now() < end) {
      const context = await chromium.launchPersistentContext(profile, chromiumOptions);
      const page = context.pages()[0] ?? (await context.newPage());
      await page.goto(`${server.url}/pieces`);
      await page.getByRole('table').first().getByRole('link').first().click();
      const name = page.getByLabel('Name of the piece');
      await name.waitFor();
      if (typed) {
        // The draft is read from the device a moment after the piece.
        const isThere = await name.evaluate(async (field, text) => {
          for (let at = 0; at < 40; at += 1) {
            if (field instanceof HTMLInputElement && field.value === text) return true;
            await new Promise((resolve) => setTimeout(resolve, 50));
          }
          return false;
        }, typed);
        if (!isThere) lost += 1;
      }
      typed = `Typed ${String(killed)} ${String(Math.floor(random() * 1e6))}`;
      // Now and then the server is away as well.
      const isAway = random() < 0.4;
      if (isAway) await server.stop('SIGKILL');
      await name.fill(typed);
      await page.waitForTimeout(100 + random() * 500);
      killBrowser(profile);
      killed += 1;
      await context.close().catch(() => undefined);
      if (isAway) await server.start();
    }
    rmSync(profile, { recursive: true, force: true });
    faults += lost;
    return { killed, lost };
  });
}

/** Connections are cut at random bytes. */
async function cuts(ms: number): Promise<object> {
  return await withLedger('own', async (server, path) => {
    await setUp(server.url);
    const proxy = await cuttingProxy(server.url, 0.7, seeded(seed + 2));
    const sender = new EntrySender(() => proxy.url);
    const end = performance.now() + ms;
    while (performance.now() < end && proxy.cuts() < 2000)
      await Promise.all([sender.send(), sender.send(), sender.send()]);
    const cut = proxy.cuts();
    await proxy.close();
    await server.stop();
    const found = sender.counted(path);
    faults += found.lost + found.doubled;
    return { cut, ...found };
  });
}

/** Two tablets log at one batch over connections that are cut. */
async function twoTablets(ms: number): Promise<object> {
  return await withLedger('demo', async (server) => {
    const proxy = await cuttingProxy(server.url, 0.5, seeded(seed + 4));
    const end = performance.now() + ms;
    const met = await meet(proxy.url, server.url, 200, seeded(seed + 5), () => performance.now() > end);
    const cut = proxy.cuts();
    await proxy.close();
    faults += met.wrong;
    return { cut, ...met };
  });
}

/** Bad requests over every route, in this process. */
async function badRequests(ms: number): Promise<object> {
  const ledger = openLedger(':memory:', 'server/migrations', 'own');
  loadDemo(ledger, new Date(2026, 2, 2, 12));
  const stores = openStores(ledger, () => '2026-03-02T12:00:00.000Z');
  const app = await createApp(stores, { logLevel: 'silent', apiDocs: true });
  await app.ready();
  const ids = [...stores.pieces.list(), ...stores.batches.list(), ...stores.quotes.list()].map(({ id }) => id);
  const random = seeded(seed + 3);
  const end = performance.now() + ms;
  let sent = 0;
  const bad: unknown[] = [];
  while (performance.now() < end && sent < 100_000) {
    const found = await sendBadRequests(app, ids, 500, random);
    sent += found.sent;
    bad.push(...found.bad);
  }
  await app.close();
  ledger.close();
  faults += bad.length;
  return { sent, bad: bad.length, first: bad.slice(0, 3) };
}

async function withLedger(
  kind: 'own' | 'demo',
  run: (server: LedgerServer, path: string) => Promise<object>,
): Promise<object> {
  const dir = mkdtempSync(join(tmpdir(), 'noon-torture-'));
  const path = join(dir, 'ledger.sqlite');
  const server = new LedgerServer(path, kind);
  await server.start();
  try {
    return await run(server, path);
  } finally {
    await server.stop('SIGKILL');
    rmSync(dir, { recursive: true, force: true });
  }
}

async function setUp(url: string): Promise<void> {
  const body = JSON.stringify({ name: 'Torture', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' });
  await fetch(`${url}/api/studio`, { method: 'POST', headers: { 'content-type': 'application/json' }, body });
}

function killBrowser(profile: string): void {
  spawnSync('pkill', ['-9', '-f', profile]);
}
