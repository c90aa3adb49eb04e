// The passcode of this computer: kept as a scrypt hash beside the ledger, asked for after a time without a touch.
import { randomBytes, scryptSync, timingSafeEqual } from 'node:crypto';

/** What is kept of a passcode. */
export interface KeptPasscode {
  /** hexadecimal */
  readonly salt: string;
  readonly hash: string;
}

// N = 2^15, r = 8, p = 1: about a tenth of a second and 32 MB (OWASP's password storage cheat sheet, from memory).
const COST = { N: 2 ** 15, r: 8, p: 1, maxmem: 2 ** 26 } as const;
const LENGTH = 32;

/** Least characters of a passcode. */
export const LEAST_PASSCODE = 6;

/** @returns what to keep of a passcode */
export function keepPasscode(passcode: string): KeptPasscode {
  const salt = randomBytes(16);
  return { salt: salt.toString('hex'), hash: scryptSync(passcode, salt, LENGTH, COST).toString('hex') };
}

/** Whether a passcode is the kept one. */
export function isPasscode(typed: string, { salt, hash }: KeptPasscode): boolean {
  const made = scryptSync(typed, Buffer.from(salt, 'hex'), LENGTH, COST);
  const kept = Buffer.from(hash, 'hex');
  return made.length === kept.length && timingSafeEqual(made, kept);
}
