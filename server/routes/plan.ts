// The bench log and the plan: entries, kept plans, better plans as they are found, and the calendar.
import type { FastifyInstance } from 'fastify';
import { type BenchPage, planRoutes } from '../../contract/plan.ts';
import { planCalendar } from '../documents/plan-calendar.ts';
import { addBenchEntries } from '../services/add-bench-entries.ts';
import { acceptedStudio } from '../services/basis.ts';
import { searchPlanInLines } from '../services/search-plan.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute, sendRoute } from './register.ts';

/** Registers the routes of the plan. */
export function registerPlan(app: FastifyInstance, stores: Stores): void {
  const { bench } = stores;
  const page = (): BenchPage => ({ entries: bench.entries(), kept: bench.plan() });
  answerRoute(app, planRoutes.bench, page);
  answerRoute(app, planRoutes.addEntries, ({ body }) => {
    addBenchEntries(stores, body.entries);
    return page();
  });
  answerRoute(app, planRoutes.keep, ({ body }) => {
    bench.keep(body);
    return page();
  });
  sendRoute(app, planRoutes.calendar, (_asked, reply) =>
    reply
      .type('text/calendar; charset=utf-8')
      .header('content-disposition', 'inline; filename="bench plan.ics"')
      .send(planCalendar(bench.plan(), acceptedStudio(stores).name)),
  );
  sendRoute(app, planRoutes.search, ({ body }, reply) => {
    const { lines, stop } = searchPlanInLines(body.problem, body.seconds, (error) => reply.log.error(error));
    // When the page that asked is gone, the search stops.
    reply.raw.on('close', stop);
    return reply.type('application/x-ndjson').send(lines);
  });
}
