// The bench and its plan: entries, plans kept, better plans line by line as they are found, and the calendar.
import { Readable } from 'node:stream';
import type { FastifyPluginCallbackZod } from 'fastify-type-provider-zod';
import {
  benchPageSchema,
  newBenchEntriesSchema,
  searchAskedSchema,
  type BenchPage,
  type SearchTold,
} from '../../contract/plan.ts';
import { newKeptPlanSchema } from '../../core/plan/studio/kept-plan.ts';
import { indexProblem } from '../../core/plan/model/indexed-problem.ts';
import { ConstraintSolver } from '../../solver/minizinc.ts';
import { planSchedule } from '../../solver/plan-schedule.ts';
import { planCalendar } from '../documents/plan-calendar.ts';
import type { Book } from '../store/book.ts';

const tags = ['plan'];
const page = { 200: benchPageSchema };
const made = { 201: benchPageSchema };

export function planRoutes(book: Book): FastifyPluginCallbackZod {
  const all = (): BenchPage => ({ entries: book.bench.entries(), kept: book.bench.plan() });
  return (app, _options, done) => {
    app.get(
      '/api/bench',
      { schema: { tags, summary: 'What happened at the bench, and the plan kept last', response: page } },
      all,
    );
    app.post(
      '/api/bench',
      { schema: { tags, summary: 'Note what happened at the bench', body: newBenchEntriesSchema, response: made } },
      ({ body }, reply) => {
        book.addBenchEntries(body.entries);
        void reply.code(201);
        return all();
      },
    );
    app.post(
      '/api/plan',
      { schema: { tags, summary: 'Keep a plan', body: newKeptPlanSchema, response: made } },
      ({ body }, reply) => {
        book.bench.keep(body);
        void reply.code(201);
        return all();
      },
    );
    app.get(
      '/api/plan/calendar.ics',
      { schema: { tags, summary: 'The plan kept last, as a calendar (RFC 5545)' } },
      (_request, reply) =>
        reply
          .type('text/calendar; charset=utf-8')
          .header('content-disposition', 'inline; filename="bench plan.ics"')
          .send(planCalendar(book.bench.plan(), book.studioAccepted().name)),
    );
    app.post(
      '/api/plan/search',
      { schema: { tags, summary: 'Look for better plans; a line of JSON for each', body: searchAskedSchema } },
      ({ body, raw }, reply) => {
        const lines = new Readable({ read: () => undefined });
        const solver = new ConstraintSolver();
        let isStopped = false;
        // Whoever asked has gone: there is nobody to find a plan for.
        reply.raw.on('close', () => {
          isStopped = true;
          solver.stop();
        });
        const tell = (told: SearchTold) => lines.push(`${JSON.stringify(told)}\n`);
        void planSchedule(indexProblem(body.problem), {
          seconds: body.seconds,
          seed: 1,
          now: () => performance.now(),
          solver,
          isStopped: () => isStopped,
          onBetter: (plan) => tell({ ...plan, isDone: false }),
        })
          .then((plan) => plan && tell({ ...plan, isDone: true }))
          .catch((error: unknown) => reply.log.error(error))
          .finally(() => lines.push(null));
        void raw;
        return reply.type('application/x-ndjson').send(lines);
      },
    );
    done();
  };
}
