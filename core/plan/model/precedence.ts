// Which step of a job has to wait for which, directly or through others: the transitive closure.
import type { IndexedProblem } from './indexed-problem.ts';

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, asked in every move of the search */

/** Precedence between the steps of each job. */
export class Precedence {
  readonly #job: Int32Array;
  readonly #numberInJob: Int32Array;
  readonly #size: readonly number[];
  /** By job, whether its first step precedes the second, by their numbers within the job. */
  readonly #closure: readonly Uint8Array[];

  constructor({ size, job, before, stepsOf }: IndexedProblem) {
    this.#job = job;
    this.#size = stepsOf.map((steps) => steps.length);
    this.#numberInJob = new Int32Array(size);
    for (const steps of stepsOf) steps.forEach((step, number) => (this.#numberInJob[step] = number));
    this.#closure = this.#size.map((count) => new Uint8Array(count * count));
    for (let step = 0; step < size; step += 1) {
      // A set grows while it is walked through.
      const earlier = new Set(before[step]);
      for (const other of earlier) {
        this.#closure[job[step]!]![this.#cell(other, step)] = 1;
        for (const further of before[other]!) earlier.add(further);
      }
    }
  }

  #cell(first: number, then: number): number {
    return this.#numberInJob[first]! * this.#size[this.#job[first]!]! + this.#numberInJob[then]!;
  }

  /** Whether one step has to wait for another. */
  precedes(first: number, then: number): boolean {
    const job = this.#job[first]!;
    return job === this.#job[then] && this.#closure[job]![this.#cell(first, then)] === 1;
  }
}
