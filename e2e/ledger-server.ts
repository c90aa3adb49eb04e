// The built server over its own ledger, started and stopped as a person would.
import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';

/** The time of all end-to-end tests and screenshots: a Tuesday morning, with the bench open until five. */
export const WORKING_DAY = '2026-11-24T10:00';

/** A server process with its ledger. */
export class LedgerServer {
  #process: ChildProcess | null = null;
  readonly #path: string;
  readonly #kind: 'own' | 'demo';
  readonly #now: string;
  url = '';

  /** @param now  local time the server's clock starts at */
  constructor(path: string, kind: 'own' | 'demo', now = WORKING_DAY) {
    this.#path = path;
    this.#kind = kind;
    this.#now = now;
  }

  /** Resolves when the server prints its address; the same address again after a stop. */
  async start(): Promise<void> {
    const env = {
      ...process.env,
      NOON_LEDGER: this.#path,
      NOON_NOW: this.#now,
      NOON_DEMO: this.#kind === 'demo' ? '1' : '',
      PORT: this.url ? new URL(this.url).port : '0',
      NOON_TLS_PORT: '0',
    };
    const server = spawn(process.execPath, ['dist/server/main.js'], { env, stdio: ['ignore', 'pipe', 'inherit'] });
    this.#process = server;
    this.url = await new Promise<string>((resolve, reject) => {
      server.once('exit', (code) => reject(new Error(`The server ended with ${String(code)}.`)));
      server.stdout.on('data', (text: Buffer) => {
        const address = /open at (\S+)/.exec(String(text))?.[1];
        if (address) resolve(address);
      });
    });
  }

  /** @param signal  SIGTERM closes in order, SIGKILL acts as a power cut */
  async stop(signal: 'SIGTERM' | 'SIGKILL' = 'SIGTERM'): Promise<void> {
    const server = this.#process;
    this.#process = null;
    if (!server || server.exitCode !== null) return;
    server.kill(signal);
    await once(server, 'exit');
  }
}
