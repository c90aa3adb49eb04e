// Access to one ledger: whether other devices may reach it, the code that lets one in, and the passcode of this computer.
import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { createServer, type Server } from 'node:https';
import { join } from 'node:path';
import { z } from 'zod';
import type { Access, DeviceRole } from '../../contract/access.ts';
import type { Devices } from '../store/devices.ts';
import { certificateIn, ownAddresses, ownName } from './certificate.ts';
import { PairingCode } from './pairing-code.ts';
import { isPasscode, keepPasscode, LEAST_PASSCODE } from './passcode.ts';

const settingsSchema = z.object({
  isOn: z.boolean().default(false),
  passcode: z.object({ salt: z.string(), hash: z.string() }).nullable().default(null),
  idleMinutes: z.int().min(1).max(480).default(15),
});
type Settings = z.infer<typeof settingsSchema>;

/** Answers a request that came over the network. */
type Answer = (request: IncomingMessage, reply: ServerResponse) => void;

const PORT = 4443;
const SESSION_BYTES = 32;
const MS_PER_MINUTE = 60_000;
/** Wrong passcodes until each further try has to wait. */
const FREE_TRIES = 5;
const WAIT_MS = 30_000;

/** Keeps access. Nothing listens on the network until it is switched on. */
export class AccessKeeper {
  readonly code: PairingCode;
  readonly #folder: string;
  readonly #devices: Devices;
  readonly #now: () => string;
  #settings: Settings;
  #server: Server | null = null;
  #answer: Answer = () => undefined;
  #problem = '';
  #fingerprint = '';
  /** Unlocked sessions of this computer, with the moment of their last touch, ms. */
  readonly #sessions = new Map<string, number>();
  #wrong = 0;
  #lastWrong = 0;

  /** @param ledgerPath  the settings stand beside it: they belong to this computer */
  constructor(ledgerPath: string, devices: Devices, now: () => string) {
    this.#folder = `${ledgerPath.replace(/\.sqlite$/, '')}-access`;
    this.#devices = devices;
    this.#now = now;
    this.code = new PairingCode(now);
    this.#settings = this.#read();
  }

  /** Listens where that was switched on before. @param answer  answers the requests of other devices */
  async start(answer: Answer): Promise<void> {
    this.#answer = answer;
    if (this.#settings.isOn) await this.#listen();
  }

  async stop(): Promise<void> {
    const server = this.#server;
    this.#server = null;
    if (!server) return;
    server.closeAllConnections();
    await new Promise((resolve) => server.close(resolve));
  }

  state(): Access {
    return {
      isOn: this.#server !== null,
      problem: this.#problem,
      addresses: this.#server ? this.addresses() : [],
      fingerprint: this.#fingerprint,
      code: this.code.shown(),
      devices: this.#devices.list(),
      hasPasscode: this.#settings.passcode !== null,
      idleMinutes: this.#settings.idleMinutes,
    };
  }

  /** Addresses for other devices. */
  addresses(): string[] {
    const address = this.#server?.address();
    const port = typeof address === 'object' && address ? address.port : PORT;
    return [...ownAddresses(), ownName()].map((name) => `https://${name.includes(':') ? `[${name}]` : name}:${String(port)}`); // prettier-ignore
  }

  async setOn(isOn: boolean): Promise<void> {
    this.#write({ ...this.#settings, isOn });
    if (isOn) await this.#listen();
    else {
      this.code.end();
      await this.stop();
    }
  }

  /** Lets a device in by a code. @returns null for a wrong or outdated code */
  pair(digits: string, name: string): { readonly key: string; readonly role: DeviceRole } | null {
    const role = this.code.use(digits);
    return role && { key: this.#devices.add(name, role).key, role };
  }

  /**
   * Sets the passcode, or takes it away.
   * @throws RangeError when the present one is wrong, or the new one is too short
   */
  setPasscode(present: string, passcode: string, idleMinutes: number): void {
    const kept = this.#settings.passcode;
    if (kept && !isPasscode(present, kept)) throw new RangeError('The present passcode is another one.');
    if (passcode && passcode.length < LEAST_PASSCODE)
      throw new RangeError(`A passcode has ${String(LEAST_PASSCODE)} characters or more.`);
    this.#write({ ...this.#settings, passcode: passcode ? keepPasscode(passcode) : null, idleMinutes });
    this.#sessions.clear();
  }

  /** @returns the session of an unlocked computer; null for a wrong passcode, or too many tries */
  unlock(passcode: string): string | null {
    const now = Date.parse(this.#now());
    const mustWait = this.#wrong >= FREE_TRIES && now - this.#lastWrong < WAIT_MS;
    const kept = this.#settings.passcode;
    if (kept && (mustWait || !isPasscode(passcode, kept))) {
      this.#wrong += 1;
      this.#lastWrong = mustWait ? this.#lastWrong : now;
      return null;
    }
    this.#wrong = 0;
    const session = randomBytes(SESSION_BYTES).toString('base64url');
    this.#sessions.set(session, now);
    return session;
  }

  /** Whether this computer is unlocked for a session. A touch keeps it so. */
  isUnlocked(session: string | undefined, isTouch: boolean): boolean {
    if (!this.#settings.passcode) return true;
    const now = Date.parse(this.#now());
    const last = session === undefined ? undefined : this.#sessions.get(session);
    if (session === undefined || last === undefined) return false;
    if (now - last > this.#settings.idleMinutes * MS_PER_MINUTE) {
      this.#sessions.delete(session);
      return false;
    }
    if (isTouch) this.#sessions.set(session, now);
    return true;
  }

  async #listen(): Promise<void> {
    if (this.#server) return;
    try {
      const { key, cert, fingerprint } = await certificateIn(this.#folder, new Date(this.#now()));
      const server = createServer({ key, cert, minVersion: 'TLSv1.2' }, (request, reply) =>
        this.#answer(request, reply),
      );
      server.headersTimeout = 15_000;
      server.requestTimeout = 120_000;
      await new Promise<void>((resolve, reject) => {
        server.once('error', reject);
        server.listen(Number(process.env['NOON_TLS_PORT'] ?? PORT), '0.0.0.0', () => resolve());
      });
      this.#server = server;
      this.#fingerprint = fingerprint;
      this.#problem = '';
    } catch (error) {
      this.#problem = error instanceof Error ? error.message : String(error);
    }
  }

  #settingsPath(): string {
    return join(this.#folder, 'settings.json');
  }

  #read(): Settings {
    if (!existsSync(this.#settingsPath())) return settingsSchema.parse({});
    try {
      return settingsSchema.parse(JSON.parse(readFileSync(this.#settingsPath(), 'utf8')));
    } catch {
      // Off is safe. Whoever can write this file can read the ledger beside it.
      return settingsSchema.parse({});
    }
  }

  #write(settings: Settings): void {
    mkdirSync(this.#folder, { recursive: true, mode: 0o700 });
    writeFileSync(this.#settingsPath(), `${JSON.stringify(settings)}\n`, { mode: 0o600 });
    this.#settings = settings;
  }
}
