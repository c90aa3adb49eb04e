// Keeps copies of the ledger: at the start, daily while the server runs, and when asked; in the folder beside the ledger
// and in one of the maker's choice. Old copies are removed by the rule of retention.
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { copyFile, rename } from 'node:fs/promises';
import { isAbsolute, join } from 'node:path';
import type { ServerClock } from '../clock.ts';
import type { Ledger } from '../store/ledger.ts';
import { backUp, checksumOf, checksumPath } from './back-up.ts';
import { outdatedCopies } from './retention.ts';

/** How the copies stand. */
export interface BackupState {
  readonly folder: string;
  /** A second folder, on a stick or a synced drive; '' for none. */
  readonly otherFolder: string;
  readonly copies: readonly { readonly name: string; readonly at: string; readonly bytes: number }[];
  /** Why the last try failed; '' when it did not. */
  readonly problem: string;
  /** Whether copies are made daily. */
  readonly isDaily: boolean;
  /** The present moment, ISO 8601. */
  readonly now: string;
}

/** ms between looks whether a copy is due. */
const LOOK_MS = 15 * 60_000;
const MS_A_DAY = 86_400_000;
const NAME = /^ledger-(\d{4}-\d{2}-\d{2})-(\d{2})(\d{2})(\d{2})\.sqlite$/;

/**
 * Keeps the copies of one open ledger. Copies are made one after the other; a failure stands in the state until the
 * next copy succeeds.
 */
export class BackupKeeper {
  readonly #ledger: Ledger;
  readonly #path: string;
  readonly #clock: ServerClock;
  #problem = '';
  #running: Promise<void> = Promise.resolve();
  #timer: ReturnType<typeof setInterval> | null = null;

  /** @param path  of the ledger file */
  constructor(ledger: Ledger, path: string, clock: ServerClock) {
    this.#ledger = ledger;
    this.#path = path;
    this.#clock = clock;
  }

  /** Of the ledger file. */
  get path(): string {
    return this.#path;
  }

  /** Makes a copy when none is of this day, now and from now on. */
  start(): void {
    void this.#whenDue();
    this.#timer = setInterval(() => void this.#whenDue(), LOOK_MS);
    this.#timer.unref();
  }

  /** Waits for a copy that is being made. */
  async stop(): Promise<void> {
    if (this.#timer) clearInterval(this.#timer);
    await this.#running;
  }

  state(): BackupState {
    const folder = this.#folder();
    return {
      folder,
      otherFolder: this.#otherFolder(),
      copies: copiesIn(folder),
      problem: this.#problem,
      isDaily: this.#timer !== null,
      now: this.#clock().toISOString(),
    };
  }

  /** Makes a copy now; what went wrong stands in the state. */
  async backUpNow(): Promise<BackupState> {
    const run = this.#running.then(() => this.#make());
    this.#running = run;
    await run;
    return this.state();
  }

  /** Path of a copy. @throws RangeError when there is none of that name */
  pathOf(name: string): string {
    const found = copiesIn(this.#folder()).find((copy) => copy.name === name);
    if (!found) throw new RangeError('This copy does not exist any more.');
    return join(this.#folder(), name);
  }

  /** @throws RangeError when the folder is not an existing one, by its whole path */
  setOtherFolder(folder: string): BackupState {
    const wanted = folder.trim();
    if (wanted && !(isAbsolute(wanted) && existsSync(wanted) && statSync(wanted).isDirectory()))
      throw new RangeError(`There is no folder ${wanted}. Give the whole path of a folder that exists.`);
    if (wanted && join(wanted) === join(this.#folder()))
      throw new RangeError('That is the folder of the copies already. Choose one on another disk.');
    writeFileSync(this.#settingsPath(), `${JSON.stringify({ otherFolder: wanted })}\n`);
    return this.state();
  }

  async #whenDue(): Promise<void> {
    const [latest] = copiesIn(this.#folder());
    const now = this.#clock().getTime();
    if (latest && !this.#problem && now - Date.parse(latest.at) < MS_A_DAY) return;
    await this.backUpNow();
  }

  async #make(): Promise<void> {
    try {
      const at = this.#clock().toISOString();
      const name = `ledger-${at.slice(0, 10)}-${at.slice(11, 19).replaceAll(':', '')}.sqlite`;
      const folder = this.#folder();
      const made = await backUp(this.#ledger, join(folder, name), at);
      thinOut(folder);
      const other = this.#otherFolder();
      if (other) await copyTo(other, made);
      this.#problem = '';
    } catch (error) {
      this.#problem = error instanceof Error ? error.message : String(error);
    }
  }

  #folder(): string {
    // Each ledger of a folder has its own.
    const folder = `${this.#path.replace(/\.sqlite$/, '')}-backups`;
    mkdirSync(folder, { recursive: true });
    return folder;
  }

  // Paths belong to this computer, not to the ledger.
  #settingsPath(): string {
    return join(this.#folder(), 'settings.json');
  }

  #otherFolder(): string {
    if (!existsSync(this.#settingsPath())) return '';
    try {
      const settings: unknown = JSON.parse(readFileSync(this.#settingsPath(), 'utf8'));
      const folder = (settings as { otherFolder?: unknown } | null)?.otherFolder;
      return typeof folder === 'string' ? folder : '';
    } catch {
      return '';
    }
  }
}

/** Copies in a folder, the latest first. */
function copiesIn(folder: string): { name: string; at: string; bytes: number }[] {
  return readdirSync(folder)
    .flatMap((name) => {
      const [, day, hours, minutes, seconds] = NAME.exec(name) ?? [];
      if (!day || !hours || !minutes || !seconds) return [];
      return [{ name, at: `${day}T${hours}:${minutes}:${seconds}.000Z`, bytes: statSync(join(folder, name)).size }];
    })
    .sort((a, b) => b.at.localeCompare(a.at));
}

function thinOut(folder: string): void {
  for (const { name } of outdatedCopies(copiesIn(folder)))
    for (const path of [join(folder, name), checksumPath(join(folder, name))]) rmSync(path, { force: true });
}

/** A second copy, compared by its checksum. */
async function copyTo(folder: string, made: { name: string; path: string; checksum: string }): Promise<void> {
  if (!existsSync(folder)) throw new Error(`The folder ${folder} is not there. The copy beside the ledger was made.`);
  const to = join(folder, made.name);
  await copyFile(made.path, `${to}.unfinished`);
  if ((await checksumOf(`${to}.unfinished`)) !== made.checksum) throw new Error(`The copy in ${folder} is damaged.`);
  await rename(`${to}.unfinished`, to);
  writeFileSync(checksumPath(to), `${made.checksum}  ${made.name}\n`);
  thinOut(folder);
}
