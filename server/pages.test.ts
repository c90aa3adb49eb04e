import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { FastifyInstance } from 'fastify';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { createApp } from './app.ts';
import { type Ledger, openLedger } from './store/ledger.ts';
import { openStores } from './store/stores.ts';

let dir: string;
let ledger: Ledger;
let app: FastifyInstance;

beforeAll(async () => {
  dir = mkdtempSync(join(tmpdir(), 'noon-pages-'));
  mkdirSync(join(dir, 'assets'));
  writeFileSync(join(dir, 'index.html'), '<meta property="csp-nonce" nonce="__CSP_NONCE__">');
  writeFileSync(join(dir, 'assets/app-1a2b.js'), 'export {}');
  writeFileSync(join(dir, 'mark.svg'), '<svg xmlns="http://www.w3.org/2000/svg"/>');
  ledger = openLedger(':memory:', 'server/migrations', 'own');
  app = await createApp(openStores(ledger), { webDir: dir, logLevel: 'silent' });
});
afterAll(async () => {
  await app.close();
  ledger.close();
  rmSync(dir, { recursive: true });
});

const get = (url: string, accept = 'text/html') => app.inject({ url, headers: { host: 'localhost:4410', accept } });

test('every address serves the page, with its own nonce in the policy', async () => {
  const nonces = new Set<string>();
  for (const url of ['/', '/pieces', '/pieces/some-id', '/studio?x=1']) {
    const { statusCode, body, headers } = await get(url);
    expect(statusCode).toBe(200);
    const nonce = /nonce="([^"]+)"/.exec(body)?.[1] ?? '';
    expect(headers['content-security-policy']).toContain(`'nonce-${nonce}'`);
    expect(headers['cache-control']).toBe('no-store');
    nonces.add(nonce);
  }
  expect(nonces.size).toBe(4);
});

test('the policy allows nothing from outside', async () => {
  const policy = String((await get('/')).headers['content-security-policy']);
  expect(policy).toContain("default-src 'none'");
  expect(policy).not.toMatch(/https?:|\*|unsafe-inline|unsafe-eval'(?<!wasm-unsafe-eval')/);
});

test('hashed files are cached for good, and others are validated again', async () => {
  expect((await get('/assets/app-1a2b.js', '*/*')).headers['cache-control']).toContain('immutable');
  expect((await get('/mark.svg', '*/*')).headers['cache-control']).toBe('no-cache');
});

test('a missing file and a missing API path get a sentence, not the page', async () => {
  for (const url of ['/assets/gone.js', '/api/gone']) {
    const { statusCode, headers } = await get(url, url.startsWith('/api') ? 'text/html' : '*/*');
    expect(statusCode).toBe(404);
    expect(headers['content-type']).toContain('application/problem+json');
  }
});
