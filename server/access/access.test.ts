// Access over a real TLS connection: nobody gets in without a code, each device only as far as its role, and a device that
// is shut out is out at once.
import { mkdtempSync, rmSync } from 'node:fs';
import { request as httpsRequest } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { FastifyInstance } from 'fastify';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import type { Access } from '../../contract/access.ts';
import { emptyPiece } from '../../core/piece/piece.ts';
import { createApp } from '../app.ts';
import { type Ledger, openLedger } from '../store/ledger.ts';
import { openStores } from '../store/stores.ts';
import { AccessKeeper } from './access-keeper.ts';
import { certificateIn } from './certificate.ts';
import { PairingCode } from './pairing-code.ts';

let dir: string;
let ledger: Ledger;
let app: FastifyInstance;
let access: AccessKeeper;
let port: number;
let now: string;

interface Reply {
  readonly status: number;
  readonly cookies: readonly string[];
  readonly body: { readonly role?: string; readonly detail?: string; readonly type?: string };
}

/** Sends a request over the network. */
async function far(
  method: string,
  path: string,
  { body, cookie, headers = {} }: { body?: object; cookie?: string; headers?: Record<string, string> } = {},
): Promise<Reply> {
  return await new Promise((resolve, reject) => {
    const all = { host: `localhost:${String(port)}`, ...(cookie && { cookie }), ...(body && { 'content-type': 'application/json' }), ...headers }; // prettier-ignore
    const request = httpsRequest(
      { port, method, path, headers: all, rejectUnauthorized: false, agent: false },
      (answer) => {
        let text = '';
        answer.on('data', (part: Buffer) => (text += part.toString()));
        answer.on('end', () =>
          resolve({
            status: answer.statusCode ?? 0,
            cookies: answer.headers['set-cookie'] ?? [],
            body: text.startsWith('{') ? (JSON.parse(text) as Reply['body']) : {},
          }),
        );
      },
    );
    request.on('error', reject);
    request.end(body && JSON.stringify(body));
  });
}
/** Sends a request from this computer. */
async function here(method: 'GET' | 'POST' | 'PUT' | 'DELETE', url: string, payload?: object, cookie = '') {
  const headers = { host: '127.0.0.1', ...(cookie && { cookie, 'noon-touch': '1' }) };
  const response = await app.inject({ method, url, headers, ...(payload && { payload }) });
  return { status: response.statusCode, cookies: response.cookies, body: response.json<Access & { detail: string }>() };
}
/** Pairs a device. @returns its cookie */
async function pair(role: 'bench' | 'maker' | 'owner'): Promise<string> {
  const { body } = await here('POST', '/api/access/code', { role });
  const paired = await far('POST', '/api/access/pair', { body: { digits: body.code?.digits, name: `A ${role}` } });
  expect(paired).toMatchObject({ status: 200, body: { role } });
  return (paired.cookies[0] ?? '').split(';')[0] ?? '';
}

beforeEach(async () => {
  now = '2026-03-02T12:00:00.000Z';
  dir = mkdtempSync(join(tmpdir(), 'noon-access-'));
  ledger = openLedger(':memory:', 'server/migrations', 'own');
  const stores = openStores(ledger, () => now);
  process.env['NOON_TLS_PORT'] = '0';
  access = new AccessKeeper(join(dir, 'ledger.sqlite'), stores.devices, () => now);
  app = await createApp(stores, { logLevel: 'silent', access });
  await app.ready();
  await access.start((request, reply) => app.routing(request, reply));
  await here('POST', '/api/studio', { name: 'Test', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' });
});
afterEach(async () => {
  await access.stop();
  await app.close();
  ledger.close();
  rmSync(dir, { recursive: true, force: true });
});

/** Lets other devices in. */
async function open(): Promise<void> {
  const { body } = await here('PUT', '/api/access/on', { isOn: true });
  expect(body).toMatchObject({ isOn: true, problem: '' });
  port = Number(new URL(body.addresses.at(-1) ?? '').port);
}

describe('another device', () => {
  test('finds nothing until it is let in, and nothing again when that is switched off', async () => {
    expect((await here('GET', '/api/access')).body).toMatchObject({ isOn: false, addresses: [] });
    await open();
    expect((await far('GET', '/api/health')).status).toBe(200);
    await here('PUT', '/api/access/on', { isOn: false });
    await expect(far('GET', '/api/health')).rejects.toThrow();
  });

  test.each(['/api/pieces', '/api/studio', '/api/access', '/api/backups', '/api/docs', '/api/events'])(
    'gets nothing without a code: %s',
    async (path) => {
      await open();
      expect(await far('GET', path)).toMatchObject({ status: 401, body: { type: '/problems/not-paired' } });
      expect((await far('GET', path, { cookie: 'noon-device=guessed' })).status).toBe(401);
    },
  );

  test('gets a key in a cookie that no script reads and no other site sends', async () => {
    await open();
    const { body } = await here('POST', '/api/access/code', { role: 'maker' });
    const paired = await far('POST', '/api/access/pair', { body: { digits: body.code?.digits, name: 'Bench tablet' } });
    expect(paired.cookies).toHaveLength(1);
    for (const part of ['HttpOnly', 'Secure', 'SameSite=Strict', 'Path=/']) expect(paired.cookies[0]).toContain(part);
    expect((await here('GET', '/api/access')).body.devices).toMatchObject([{ name: 'Bench tablet', role: 'maker' }]);
    // The ledger holds no key that would let anybody in.
    const key = decodeURIComponent((paired.cookies[0] ?? '').split(/[=;]/)[1] ?? '');
    expect(JSON.stringify(ledger.prepare('select * from device').all())).not.toContain(key);
  });

  test('does as much as its role allows', async () => {
    await open();
    const bench = await pair('bench');
    const maker = await pair('maker');
    const owner = await pair('owner');
    const status = async (cookie: string, method: string, path: string, body?: object) =>
      (await far(method, path, { cookie, ...(body && { body }) })).status;
    for (const cookie of [bench, maker, owner]) {
      expect(await status(cookie, 'GET', '/api/pieces')).toBe(200);
      expect(await status(cookie, 'GET', '/api/studio')).toBe(200);
    }
    expect(await status(bench, 'POST', '/api/pieces', emptyPiece)).toBe(403);
    expect(await status(bench, 'POST', '/api/bench', { entries: [] })).toBe(400);
    expect(await status(maker, 'POST', '/api/pieces', emptyPiece)).toBe(200 + 1);
    for (const cookie of [bench, maker])
      for (const path of ['/api/access', '/api/backups', '/api/ledger.zip', '/api/access/code.svg'])
        expect(await status(cookie, 'GET', path)).toBe(403);
    expect(await status(maker, 'PUT', '/api/studio/draft', {})).toBe(403);
    expect(await status(maker, 'POST', '/api/access/code', { role: 'owner' })).toBe(403);
    expect(await status(owner, 'GET', '/api/access')).toBe(200);
  });

  test('that is shut out is out with its next request', async () => {
    await open();
    const cookie = await pair('maker');
    expect((await far('GET', '/api/pieces', { cookie })).status).toBe(200);
    const [device] = (await here('GET', '/api/access')).body.devices;
    await here('DELETE', `/api/access/devices/${device?.id ?? ''}`);
    expect((await far('GET', '/api/pieces', { cookie })).status).toBe(401);
    expect((await here('DELETE', `/api/access/devices/${device?.id ?? ''}`)).status).toBe(404);
  });

  test.each<[string, Record<string, string>]>([
    ['another origin', { origin: 'https://elsewhere.test' }],
    ['a page of another site', { 'sec-fetch-site': 'cross-site' }],
    ['another name for this machine', { host: 'elsewhere.test' }],
  ])('is refused with the right key from %s', async (_what, headers) => {
    await open();
    const cookie = await pair('owner');
    expect((await far('POST', '/api/pieces', { cookie, body: emptyPiece, headers })).status).toBe(403);
    expect((await far('GET', '/api/pieces', { cookie, headers })).status).toBe(403);
  });
});

describe('a code', () => {
  test('is good once, for five minutes, and ends after five wrong tries', () => {
    const code = new PairingCode(() => now);
    const first = code.make('maker');
    expect(first.digits).toMatch(/^\d{6}$/);
    expect(code.use(first.digits)).toBe('maker');
    expect(code.use(first.digits)).toBeNull();
    const second = code.make('bench');
    now = '2026-03-02T12:05:00.000Z';
    expect(code.use(second.digits)).toBeNull();
    const third = code.make('owner');
    const wrong = third.digits === '000000' ? '000001' : '000000';
    for (let at = 0; at < 5; at += 1) expect(code.use(wrong)).toBeNull();
    expect(code.use(third.digits)).toBeNull();
  });

  test('is not guessed: 10,000 tries let nobody in', () => {
    const code = new PairingCode(() => now);
    let tries = 0;
    for (let at = 0; at < 10_000; at += 1) {
      if (at % 1000 === 0) code.make('owner');
      if (code.use(String(at).padStart(6, '0')) !== null) tries += 1;
    }
    // Five of each thousand are compared at all: fifty in a million.
    expect(tries).toBeLessThan(2);
  });

  test('is asked for a few times a minute from one address', async () => {
    await open();
    const statuses: number[] = [];
    for (let at = 0; at < 14; at += 1)
      statuses.push((await far('POST', '/api/access/pair', { body: { digits: '1', name: 'x' } })).status);
    expect(statuses.slice(0, 10)).toEqual(Array(10).fill(400));
    expect(statuses.slice(10)).toEqual(Array(4).fill(429));
  });

  test('is shown only where other devices can come in, as a QR code with the address', async () => {
    expect((await here('POST', '/api/access/code', { role: 'bench' })).status).toBe(400);
    await open();
    await here('POST', '/api/access/code', { role: 'bench' });
    const svg = await app.inject({ method: 'GET', url: '/api/access/code.svg', headers: { host: '127.0.0.1' } });
    expect(svg).toMatchObject({ statusCode: 200, headers: { 'content-type': 'image/svg+xml' } });
  });
});

describe('the passcode of this computer', () => {
  const cookieOf = (cookies: readonly { name: string; value: string }[]) => `noon-session=${cookies[0]?.value ?? ''}`;

  test('is asked for after a time without a touch, and never kept as it is', async () => {
    const set = await here('PUT', '/api/access/passcode', { present: '', passcode: 'low tide', idleMinutes: 10 });
    const cookie = cookieOf(set.cookies);
    expect((await here('GET', '/api/pieces')).status).toBe(401);
    expect((await here('GET', '/api/pieces', undefined, cookie)).status).toBe(200);
    now = '2026-03-02T12:09:00.000Z';
    expect((await here('GET', '/api/pieces', undefined, cookie)).status).toBe(200);
    now = '2026-03-02T12:20:00.000Z';
    expect((await here('GET', '/api/pieces', undefined, cookie)).status).toBe(401);
    expect((await here('POST', '/api/access/unlock', { passcode: 'high tide' })).status).toBe(400);
    const unlocked = await here('POST', '/api/access/unlock', { passcode: 'low tide' });
    expect((await here('GET', '/api/pieces', undefined, cookieOf(unlocked.cookies))).status).toBe(200);
  });

  test('is changed only by who knows it', async () => {
    const { cookies } = await here('PUT', '/api/access/passcode', {
      present: '',
      passcode: 'low tide',
      idleMinutes: 10,
    });
    const change = async (present: string) =>
      await here('PUT', '/api/access/passcode', { present, passcode: '', idleMinutes: 10 }, cookieOf(cookies));
    expect((await change('wrong')).body.detail).toContain('another one');
    expect((await change('low tide')).body).toMatchObject({ hasPasscode: false });
    expect((await here('GET', '/api/pieces')).status).toBe(200);
    expect((await here('PUT', '/api/access/passcode', { present: '', passcode: 'ebb', idleMinutes: 10 })).status).toBe(
      400,
    );
  });

  test('stops being compared after five wrong tries', () => {
    access.setPasscode('', 'low tide', 10);
    for (let at = 0; at < 5; at += 1) expect(access.unlock('wrong')).toBeNull();
    expect(access.unlock('low tide')).toBeNull();
    now = '2026-03-02T12:01:00.000Z';
    expect(access.unlock('low tide')).not.toBeNull();
  });
});

test('the certificate is kept until it nears its end', async () => {
  const first = await certificateIn(dir, new Date(now));
  expect((await certificateIn(dir, new Date(now))).fingerprint).toBe(first.fingerprint);
  expect((await certificateIn(dir, new Date('2027-03-20'))).fingerprint).not.toBe(first.fingerprint);
});
