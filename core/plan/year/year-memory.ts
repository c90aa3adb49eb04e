// What a simulated studio learns of its own minutes: each finished batch is a set of observations, as in the bench log.
import { type LearnedStep, learnKind, type StepObservation } from '../../bench/learned-times.ts';
import type { ScheduleStep } from '../model/problem.ts';
import type { ArrivingBatch } from './arriving-batches.ts';

/** How a step is planned: its minutes as a multiple of the standard, and their spread from batch to batch. */
export interface StepEstimate {
  readonly factor: number;
  readonly spread: number;
}

/** The times a studio has learned, by kind of work. */
export class YearMemory {
  readonly #observed = new Map<string, StepObservation[]>();
  readonly #learned = new Map<string, LearnedStep>();

  /** Stores the true minutes of a finished batch. */
  finished({ id, steps, truth }: ArrivingBatch, day: number, pace: number): void {
    for (const step of steps) {
      const kind = step.kind ?? '';
      const own = this.#observed.get(kind) ?? [];
      const actualMin = step.attended * (truth.get(step.id) ?? 1) * pace;
      own.push({ stepId: kind, kind, batchId: `${id} ${step.id}`, maker: '', day, pieces: 1, drivers: 1, actualMin, expectedMin: step.attended }); // prettier-ignore
      this.#observed.set(kind, own);
    }
  }

  /** Learns from all that is stored, as each morning. */
  learn(day: number): void {
    for (const [kind, own] of this.#observed) {
      const step = learnKind(own, day).get(kind);
      if (step) this.#learned.set(kind, step);
    }
  }

  /** @param usual  the estimate of a step whose times are not learned yet */
  estimateOf({ kind = '' }: ScheduleStep, usual: StepEstimate): StepEstimate {
    return this.#learned.get(kind) ?? usual;
  }
}
