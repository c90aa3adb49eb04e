// What the bench log tells: learned times, last times, hours.
import type { FastifyInstance } from 'fastify';
import { benchRoutes } from '../../contract/bench.ts';
import { nameOfLines } from '../../core/batch/batch-run.ts';
import { EPOCH } from '../../core/bench/bench-entry.ts';
import { workedMinutes } from '../../core/bench/hours-worked.ts';
import { dayAfter } from '../../core/measure/days.ts';
import { benchHistoryOf, kindOf, nowMoment } from '../services/bench-history.ts';
import { lastTimes } from '../services/last-times.ts';
import { learnedKinds, learnedSteps } from '../services/learned-steps.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute } from './register.ts';

/** Registers the routes of what the bench log tells. */
export function registerBench(app: FastifyInstance, stores: Stores): void {
  const history = benchHistoryOf(stores);
  answerRoute(app, benchRoutes.learned, () => learnedSteps(stores, history));
  answerRoute(app, benchRoutes.ofPiece, ({ params: { id } }) => ({
    learned: learnedSteps(stores, history, id),
    lastTimes: lastTimes(stores, history, id),
  }));
  answerRoute(app, benchRoutes.kinds, () => learnedKinds(history));
  answerRoute(app, benchRoutes.hours, ({ query: { from, to } }) => {
    const past = new Map(history.batches().map((one) => [one.id, one]));
    const entries = [...past.values()].flatMap((one) => one.entries);
    return workedMinutes(entries, nowMoment()).flatMap(({ day, batchId, step, maker, minutes }) => {
      const [on, own] = [dayAfter(EPOCH, day), past.get(batchId)];
      if (!own || on < from || on > to) return [];
      return [{ on, batchId, batch: nameOfLines(own.made), kind: kindOf(own, step), maker, minutes }];
    });
  });
}
