// What the bench log tells: learned times, last times, hours.
import type { FastifyInstance } from 'fastify';
import { type BenchPhoto, benchRoutes } from '../../contract/bench.ts';
import { PHOTO_LIMIT_BYTES } from '../../contract/photos.ts';
import { nameOfLines } from '../../core/batch/batch-run.ts';
import { EPOCH } from '../../core/bench/bench-entry.ts';
import { workedMinutes } from '../../core/bench/hours-worked.ts';
import { dayAfter } from '../../core/measure/days.ts';
import { addBenchEntries } from '../services/add-bench-entries.ts';
import { benchHistoryOf, kindOf, nowMoment } from '../services/bench-history.ts';
import { lastTimes } from '../services/last-times.ts';
import { learnedKinds, learnedSteps } from '../services/learned-steps.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute } from './register.ts';

/** Registers the routes of what the bench log tells, and of photos taken at the bench. */
export function registerBench(app: FastifyInstance, stores: Stores): void {
  const history = benchHistoryOf(stores);
  answerRoute(
    app,
    benchRoutes.addPhoto,
    async ({ query, body }: { readonly query: BenchPhoto; readonly body: unknown }) => {
      const { id: photo } = await stores.photos.add(Buffer.isBuffer(body) ? body : Buffer.alloc(0));
      return { entries: addBenchEntries(stores, [{ ...query, how: 'photo', detail: { photo } }]) };
    },
    // The entry counts once by its uid, and the same picture is stored once.
    { bodyLimit: PHOTO_LIMIT_BYTES, countsOnce: false },
  );
  answerRoute(app, benchRoutes.learned, async () => {
    await history.ready();
    return learnedSteps(stores, history);
  });
  answerRoute(app, benchRoutes.ofPiece, async ({ params: { id } }) => {
    await history.ready();
    return { learned: learnedSteps(stores, history, id), lastTimes: lastTimes(stores, history, id) };
  });
  answerRoute(app, benchRoutes.kinds, async () => {
    await history.ready();
    return learnedKinds(history);
  });
  answerRoute(app, benchRoutes.hours, async ({ query: { from, to } }) => {
    await history.ready();
    const past = new Map(history.batches().map((one) => [one.id, one]));
    const entries = [...past.values()].flatMap((one) => one.entries);
    return workedMinutes(entries, nowMoment()).flatMap(({ day, batchId, step, maker, minutes }) => {
      const [on, own] = [dayAfter(EPOCH, day), past.get(batchId)];
      if (!own || on < from || on > to) return [];
      return [{ on, batchId, batch: nameOfLines(own.made), kind: kindOf(own, step), maker, minutes }];
    });
  });
}
