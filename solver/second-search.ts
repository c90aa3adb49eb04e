// The second search, where its thread has been built beside this file.
import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { Worker } from 'node:worker_threads';
import type { Start } from '../core/plan/solve/annealing.ts';
import type { ThreadTask } from './search-thread.ts';

/** A second search in a thread of its own. */
export class SecondSearch {
  readonly #worker: Worker | null;
  #found: Start[] = [];

  /** @param task  what it searches; without a built thread nothing is searched */
  constructor(task: ThreadTask) {
    const script = fileURLToPath(new URL('./search-thread.js', import.meta.url));
    this.#worker = existsSync(script) ? new Worker(script, { workerData: task }) : null;
    this.#worker?.on('message', (start: Start) => this.#found.push(start));
    // A thread that fails leaves the first search alone.
    this.#worker?.on('error', () => undefined);
  }

  /** Plans found since the last call, the best last. */
  taken(): readonly Start[] {
    const found = this.#found;
    this.#found = [];
    return found;
  }

  /** Tells it a plan that the other search found. */
  tell({ order, chosen, loads }: Start): void {
    this.#worker?.postMessage({ order, chosen, loads } satisfies Start);
  }

  async stop(): Promise<void> {
    await this.#worker?.terminate();
  }
}
