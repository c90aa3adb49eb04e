// The certificate for other devices, made on this computer for its own names and addresses.
import { X509Certificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { hostname, networkInterfaces } from 'node:os';
import { join } from 'node:path';

/** A certificate with its key, PEM. */
export interface Certificate {
  readonly key: string;
  readonly cert: string;
  /** SHA-256, as browsers show it. */
  readonly fingerprint: string;
}

/** Browsers refuse certificates of more than 398 days. */
const VALID_DAYS = 397;
const RENEW_DAYS = 30;
const MS_PER_DAY = 86_400_000;

/** Addresses of this computer in its networks, IPv4 first; none of its loopback. */
export function ownAddresses(): string[] {
  const all = Object.values(networkInterfaces()).flatMap((list) => list ?? []);
  const outside = all.filter(({ internal, address }) => !internal && !address.startsWith('fe80'));
  return outside.toSorted((a, b) => a.family.localeCompare(b.family)).map(({ address }) => address);
}

/** The name of this computer in its network. */
export function ownName(): string {
  const name = hostname().toLowerCase();
  return name.includes('.') ? name : `${name}.local`;
}

/**
 * The certificate in a folder; a new one where there is none, it ends soon, or an address is not in it.
 * @param now  the present moment
 */
export async function certificateIn(folder: string, now: Date): Promise<Certificate> {
  const [keyFile, certFile] = [join(folder, 'key.pem'), join(folder, 'certificate.pem')];
  const wanted = [ownName(), ...ownAddresses()];
  if (existsSync(keyFile) && existsSync(certFile)) {
    const [key, cert] = [readFileSync(keyFile, 'utf8'), readFileSync(certFile, 'utf8')];
    if (isGood(cert, wanted, now)) return { key, cert, fingerprint: new X509Certificate(cert).fingerprint256 };
  }
  const { generate } = await import('selfsigned');
  const made = await generate([{ name: 'commonName', value: 'Noon Ledger on this computer' }], {
    keyType: 'ec',
    curve: 'P-256',
    algorithm: 'sha256',
    notBeforeDate: new Date(now.getTime() - MS_PER_DAY),
    notAfterDate: new Date(now.getTime() + VALID_DAYS * MS_PER_DAY - MS_PER_DAY),
    extensions: [
      { name: 'basicConstraints', cA: false, critical: true },
      { name: 'keyUsage', digitalSignature: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      {
        name: 'subjectAltName',
        altNames: [
          { type: 2, value: ownName() },
          { type: 2, value: 'localhost' },
          ...ownAddresses().map((ip) => ({ type: 7, ip }) as const),
          { type: 7, ip: '127.0.0.1' },
        ],
      },
    ],
  });
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  writeFileSync(keyFile, made.private, { mode: 0o600 });
  writeFileSync(certFile, made.cert);
  return { key: made.private, cert: made.cert, fingerprint: new X509Certificate(made.cert).fingerprint256 };
}

function isGood(cert: string, wanted: readonly string[], now: Date): boolean {
  try {
    const read = new X509Certificate(cert);
    const isLasting = Date.parse(read.validTo) - now.getTime() > RENEW_DAYS * MS_PER_DAY;
    return isLasting && wanted.every((name) => read.checkHost(name) !== undefined || read.checkIP(name) !== undefined);
  } catch {
    return false;
  }
}
