// Who is answered. On this computer: its own pages, by its own names, while it is unlocked. Over the network: devices that
// were let in, each as far as its role goes.
import type { IncomingHttpHeaders } from 'node:http';
import type { TLSSocket } from 'node:tls';
import type { FastifyInstance, FastifyRequest } from 'fastify';
import type { Device } from '../../contract/access.ts';
import type { ProblemDetails } from '../../contract/problem.ts';
import { sendProblem } from '../error-responses.ts';
import type { Devices } from '../store/devices.ts';
import type { AccessKeeper } from './access-keeper.ts';
import { ownAddresses, ownName } from './certificate.ts';
import { mayAsk } from './roles.ts';

declare module 'fastify' {
  interface FastifyRequest {
    /** The device that asks; null for this computer. */
    device: Device | null;
  }
}

/** Cookie with the key of a device: 32 random bytes, base64url. */
export const DEVICE_COOKIE = 'noon-device';
/** Cookie with the session of this computer, unlocked by its passcode. */
export const SESSION_COOKIE = 'noon-session';

const SAFE_METHODS: ReadonlySet<string> = new Set(['GET', 'HEAD', 'OPTIONS']);
const LOOPBACK = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/;
/** What a device asks before it is let in, and a locked computer before it is unlocked. */
const OPEN = /^\/api\/(?:health|access\/pair)(?:\?|$)/;
const UNLOCKED = /^\/api\/(?:health|access\/unlock)(?:\?|$)/;

/** Whether a request came over the network. */
export const isRemote = ({ raw }: Pick<FastifyRequest, 'raw'>) => (raw.socket as Partial<TLSSocket>).encrypted === true;

/** Refuses whoever is not let in. */
export function guard(app: FastifyInstance, devices: Devices, access: AccessKeeper | null): void {
  app.decorateRequest('device', null);
  app.addHook('onRequest', (request, reply, next) => {
    const refusal = isRemote(request) ? refusedRemote(request, devices) : refusedHere(request, access);
    if (refusal) sendProblem(reply, refusal);
    else next();
  });
}

function refusedHere(request: FastifyRequest, access: AccessKeeper | null): ProblemDetails | null {
  const { headers, url, cookies } = request;
  // A page elsewhere could point a name of its own at this machine, so only this machine's names are answered.
  if (!LOOPBACK.test(headers.host ?? '') || !isOwnPage(request, 'http'))
    return problem(403, 'Open this ledger on its own computer, at 127.0.0.1.');
  if (!access || !url.startsWith('/api/') || UNLOCKED.test(url)) return null;
  if (access.isUnlocked(cookies[SESSION_COOKIE], headers['noon-touch'] !== undefined)) return null;
  return problem(401, 'Noon Ledger is locked. Type the passcode.', '/problems/locked');
}

function refusedRemote(request: FastifyRequest, devices: Devices): ProblemDetails | null {
  const { headers, url, method, cookies } = request;
  if (!isOwnName(headers.host ?? '') || !isOwnPage(request, 'https'))
    return problem(403, 'Open this ledger at the address that its computer shows.');
  if (!url.startsWith('/api/') || OPEN.test(url)) return null;
  const key = cookies[DEVICE_COOKIE];
  const device = key === undefined ? null : devices.ofKey(key);
  if (!device)
    return problem(401, 'This device is not let in. Type the code that the computer shows.', '/problems/not-paired');
  if (!mayAsk(device.role, method, url))
    return problem(403, `This device is for the ${device.role === 'bench' ? 'bench log' : 'work'} only.`);
  request.device = device;
  return null;
}

/** A page of another site can send a form here, or ask for a long list as a picture. Browsers say where a request comes from. */
function isOwnPage({ method, url, headers }: FastifyRequest, scheme: 'http' | 'https'): boolean {
  const isPage = SAFE_METHODS.has(method) && !url.startsWith('/api/');
  return isPage || isSameOrigin(headers, scheme);
}

function isSameOrigin({ origin, host = '', 'sec-fetch-site': site }: IncomingHttpHeaders, scheme: string): boolean {
  if (site !== undefined && site !== 'same-origin' && site !== 'none') return false;
  return origin === undefined || origin === `${scheme}://${host}`;
}

function isOwnName(host: string): boolean {
  const name = host
    .replace(/:\d+$/, '')
    .replace(/^\[|\]$/g, '')
    .toLowerCase();
  return name === ownName() || name === 'localhost' || name === '127.0.0.1' || ownAddresses().includes(name);
}

function problem(status: number, detail: string, type: ProblemDetails['type'] = 'about:blank'): ProblemDetails {
  return { type, title: 'Refused', status, detail };
}
