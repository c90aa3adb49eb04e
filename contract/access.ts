// Routes of access: other devices are let in by a code, each with a role; a passcode may guard this computer.
import { z } from 'zod';
import { documentParams } from './document.ts';
import { route } from './route.ts';

/** Bench: reads, and writes the bench log. Maker: all but settings and safe-keeping. Owner: all. */
const roleSchema = z.enum(['bench', 'maker', 'owner']);
/** What a device may do. */
export type DeviceRole = z.infer<typeof roleSchema>;

const deviceSchema = z.strictObject({
  id: z.string(),
  name: z.string(),
  role: roleSchema,
  pairedAt: z.iso.datetime(),
  seenAt: z.iso.datetime(),
  isRevoked: z.boolean(),
});
/** A device that was let in. */
export type Device = z.infer<typeof deviceSchema>;

const codeSchema = z.strictObject({
  /** Six digits. */
  digits: z.string(),
  role: roleSchema,
  until: z.iso.datetime(),
});

const accessSchema = z.strictObject({
  /** Whether other devices can reach this ledger. */
  isOn: z.boolean(),
  /** Why it could not be switched on; '' otherwise. */
  problem: z.string(),
  /** Addresses for other devices, the likeliest first. */
  addresses: z.array(z.string()),
  /** SHA-256 of the certificate, as browsers show it; '' before the first. */
  fingerprint: z.string(),
  code: codeSchema.nullable(),
  devices: z.array(deviceSchema),
  hasPasscode: z.boolean(),
  /** Minutes without a touch until the passcode is asked for. */
  idleMinutes: z.int(),
});
/** How access stands. */
export type Access = z.infer<typeof accessSchema>;

const nameSchema = z.string().trim().min(1, 'Give the device a name.').max(60, 'A name has 60 characters at most.');
const meSchema = z.strictObject({ role: roleSchema, name: z.string() });

/** Routes of access. */
export const accessRoutes = {
  state: route({ method: 'GET', path: '/api/access', tag: 'access', summary: 'Other devices, and the passcode', answer: accessSchema }), // prettier-ignore
  me: route({ method: 'GET', path: '/api/access/me', tag: 'access', summary: 'What this device may do', answer: meSchema }), // prettier-ignore
  setOn: route({
    method: 'PUT',
    path: '/api/access/on',
    tag: 'access',
    summary: 'Let other devices reach this ledger, or no longer',
    body: z.strictObject({ isOn: z.boolean() }),
    answer: accessSchema,
  }),
  newCode: route({
    method: 'POST',
    path: '/api/access/code',
    tag: 'access',
    summary: 'A code for one device, valid for five minutes',
    body: z.strictObject({ role: roleSchema }),
    answer: accessSchema,
  }),
  qr: route({ method: 'GET', path: '/api/access/code.svg', tag: 'access', summary: 'Address and code as a QR code' }),
  pair: route({
    method: 'POST',
    path: '/api/access/pair',
    tag: 'access',
    summary: 'Let this device in by a code',
    body: z.strictObject({ digits: z.string().max(20), name: nameSchema }),
    answer: meSchema,
  }),
  revoke: route({
    method: 'DELETE',
    path: '/api/access/devices/:id',
    tag: 'access',
    summary: 'Shut a device out',
    params: documentParams,
    answer: accessSchema,
  }),
  setPasscode: route({
    method: 'PUT',
    path: '/api/access/passcode',
    tag: 'access',
    summary: 'Guard this computer by a passcode; blank for none',
    body: z.strictObject({
      present: z.string().max(100),
      passcode: z.string().max(100),
      idleMinutes: z.int().min(1).max(480),
    }),
    answer: accessSchema,
  }),
  unlock: route({
    method: 'POST',
    path: '/api/access/unlock',
    tag: 'access',
    summary: 'Unlock this computer',
    body: z.strictObject({ passcode: z.string().max(100) }),
    answer: meSchema,
  }),
};
