// The bench log and the plan: entries, the plan with its versions, and the calendar.
import type { FastifyInstance } from 'fastify';
import { planRoutes } from '../../contract/plan.ts';
import type { Finder } from '../../solver/finder.ts';
import { serverClock } from '../clock.ts';
import { planCalendar } from '../documents/plan-calendar.ts';
import { addBenchEntries } from '../services/add-bench-entries.ts';
import { acceptedStudio, currentBasis } from '../services/basis.ts';
import { type Moment, PlanKeeper } from '../services/plan-keeper.ts';
import { ChangedMeanwhile } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute, sendRoute } from './register.ts';

/** Versions that are listed. */
const LISTED = 20;

/** Registers the routes of the plan. @param finder  of better plans; null for none */
export function registerPlan(app: FastifyInstance, stores: Stores, finder: Finder | null): void {
  const { bench } = stores;
  const keeper = new PlanKeeper(stores, finder);
  app.addHook('onClose', () => keeper.close());
  // The first page finds the plan made.
  app.addHook('onListen', () => keeper.noteWrite(serverMoment));
  app.addHook('onResponse', (request, reply, done) => {
    const isWrite = request.method !== 'GET' && reply.statusCode < 400 && !request.url.startsWith('/api/plan/');
    if (isWrite) keeper.noteWrite(serverMoment);
    done();
  });
  answerRoute(app, planRoutes.bench, ({ query: { batch } }) => ({
    entries: batch === undefined ? bench.current() : bench.ofBatch(batch),
  }));
  answerRoute(app, planRoutes.addEntries, ({ body }) => ({ entries: addBenchEntries(stores, body.entries) }));
  answerRoute(app, planRoutes.plan, ({ query }) => keeper.page(query));
  answerRoute(app, planRoutes.versions, () =>
    stores.plans.list(LISTED).map(({ version, at, because, moved }) => ({ version, at, because, moved })),
  );
  answerRoute(app, planRoutes.replan, ({ body }) => keeper.replan(body), { countsOnce: false });
  answerRoute(
    app,
    planRoutes.take,
    async ({ body: { version, ...moment } }) => {
      if (!(await keeper.take(version, moment)))
        throw new ChangedMeanwhile('The schedule has changed since this was offered.', null);
      return keeper.page(moment);
    },
    { countsOnce: false },
  );
  sendRoute(app, planRoutes.calendar, async (_asked, reply) => {
    await keeper.page(serverMoment());
    const { rates } = currentBasis(stores);
    const names = new Map(rates.bench.makers.map(({ id, name }) => [id, name]));
    return reply
      .type('text/calendar; charset=utf-8')
      .header('content-disposition', 'inline; filename="bench plan.ics"')
      .send(planCalendar(keeper.kept(), (id) => names.get(id) ?? '', acceptedStudio(stores).name));
  });
}

/** The wall clock of the server. */
function serverMoment(): Moment {
  const now = serverClock();
  const [month, date] = [now.getMonth() + 1, now.getDate()].map((part) => String(part).padStart(2, '0'));
  return {
    day: `${String(now.getFullYear())}-${month ?? ''}-${date ?? ''}`,
    minute: now.getHours() * 60 + now.getMinutes(),
  };
}
