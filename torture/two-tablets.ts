// Two tablets log at one batch over connections that are cut: in the end both logs meet, each entry once.
import type { BenchEntry, NewBenchEntry } from '../core/bench/bench-entry.ts';
import { standingKey } from '../core/bench/bench-entry.ts';
import { workLog } from '../core/bench/work-log.ts';

/** What came of the runs. */
export interface Met {
  readonly runs: number;
  readonly entries: number;
  readonly tries: number;
  /** Runs in which the log differs from what was tapped. */
  readonly wrong: number;
}

const TAPS = 5;
const PAUSE_MS = 10;
const MOST_TRIES = 400;

/** A tablet with its queue: entries in order, each sent until it is answered. */
class Tablet {
  readonly #url: string;
  readonly #name: string;
  readonly #random: () => number;
  tries = 0;

  constructor(url: string, name: string, random: () => number) {
    this.#url = url;
    this.#name = name;
    this.#random = random;
  }

  async tap(run: number, batchId: string, step: string, on: string): Promise<void> {
    for (let tap = 0; tap < TAPS; tap += 1) {
      const uid = `tablet-${this.#name}-${String(run)}-${String(tap)}`;
      const entry: NewBenchEntry = { uid, batchId, step, how: 'counted', maker: '', on, minute: 600 + tap, detail: { good: 1 } }; // prettier-ignore
      await this.#send(uid, entry);
    }
  }

  async #send(uid: string, entry: NewBenchEntry): Promise<void> {
    for (let at = 0; at < MOST_TRIES; at += 1) {
      this.tries += 1;
      // After a flat battery the request has another key: the id of the entry alone makes it count once.
      const key = this.#random() < 0.5 ? uid : `${uid}-${String(at)}`;
      try {
        const answer = await fetch(`${this.#url}/api/bench`, {
          method: 'POST',
          headers: { 'content-type': 'application/json', 'idempotency-key': key, connection: 'close' },
          body: JSON.stringify({ entries: [entry] }),
          signal: AbortSignal.timeout(5000),
        });
        const told = (await answer.json()) as { readonly detail?: string };
        if (answer.status === 201) return;
        throw new Error(`Refused with ${String(answer.status)}: ${told.detail ?? ''}`);
      } catch (error) {
        if (error instanceof Error && error.message.startsWith('Refused')) throw error;
      }
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
    }
    throw new Error('An entry was never answered.');
  }
}

/**
 * @param cut     where connections are cut
 * @param direct  where they are not
 */
export async function meet(
  cut: string,
  direct: string,
  runs: number,
  random: () => number,
  end: () => boolean,
): Promise<Met> {
  const batches = (await (await fetch(`${direct}/api/batches`)).json()) as { batch: { id: string; body: { state: string; lines: { id: string }[] } }; made: { piece: { steps: { id: string }[] } }[] }[]; // prettier-ignore
  const steps = batches
    .filter(({ batch }) => batch.body.state === 'planned')
    .flatMap(({ batch, made }) =>
      (made[0]?.piece.steps ?? []).map(({ id }) => ({
        batch: batch.id,
        step: `${batch.body.lines[0]?.id ?? ''}/${id}`,
      })),
    );
  const tablets = ['a', 'b'].map((name) => new Tablet(cut, name, random));
  const on = '2026-11-24';
  let [done, wrong] = [0, 0];
  const goodOf = async (batch: string, step: string) => {
    const { entries } = (await (await fetch(`${direct}/api/bench?batch=${batch}`)).json()) as { entries: BenchEntry[] };
    return workLog(entries, 0).get(standingKey(batch, step))?.good ?? 0;
  };
  while (done < runs && !end()) {
    const at = steps[done % steps.length];
    if (!at) throw new Error('The sample has open batches.');
    const before = await goodOf(at.batch, at.step);
    await Promise.all(tablets.map((tablet) => tablet.tap(done, at.batch, at.step, on)));
    if ((await goodOf(at.batch, at.step)) !== before + tablets.length * TAPS) wrong += 1;
    done += 1;
  }
  return {
    runs: done,
    entries: done * TAPS * tablets.length,
    tries: tablets.reduce((sum, { tries }) => sum + tries, 0),
    wrong,
  };
}
