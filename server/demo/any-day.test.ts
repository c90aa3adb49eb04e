// The sample workshop on any day of the week and at any hour: every screen has something to show.
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { isDone } from '../../core/batch/batch.ts';
import { benchSteps } from '../../core/bench/batch-steps.ts';
import { standings } from '../../core/bench/standing.ts';
import { localDay, weekdayOf } from '../../core/measure/days.ts';
import { moments } from '../../core/measure/fixtures/moments.ts';
import { alloysWith } from '../../core/metal/alloy.ts';
import { scheduleFaults } from '../../core/plan/fixtures/check-schedule.ts';
import { quickPlan } from '../../core/plan/solve/quick-plan.ts';
import { dayBook, openingDay } from '../../core/plan/studio/day-book.ts';
import { studioPlan } from '../../core/plan/studio/studio-plan.ts';
import { type StudioJob, studioProblem, type StudioTerms } from '../../core/plan/studio/studio-problem.ts';
import { quoteStanding } from '../../core/price/quote/quote.ts';
import { readRates } from '../../core/studio/rates.ts';
import { acceptedStudio } from '../services/basis.ts';
import { batchesWithPieces } from '../services/made-lines.ts';
import { type Ledger, openLedger } from '../store/ledger.ts';
import { openStores, type Stores } from '../store/stores.ts';
import { loadDemo } from './load.ts';

const SUNDAY = 6;
const zone = process.env['TZ'];
beforeAll(() => void (process.env['TZ'] = 'Europe/London'));
afterAll(() => {
  if (zone === undefined) delete process.env['TZ'];
  else process.env['TZ'] = zone;
});

function planAt(stores: Stores, moment: Date) {
  const { bench } = readRates(acceptedStudio(stores), 1);
  const open = batchesWithPieces(stores).filter(({ batch }) => !isDone(batch.body));
  const jobs = open.map(({ batch: { id, body }, made }): StudioJob => {
    const lines = body.lines.flatMap((line, index) => {
      const piece = made[index]?.piece;
      return piece ? [{ line, piece }] : [];
    });
    return { id, batch: body, steps: benchSteps(lines, alloysWith([])) };
  });
  const terms: StudioTerms = {
    bench,
    day: localDay(moment),
    minute: moment.getHours() * 60 + moment.getMinutes(),
    standings: standings(stores.bench.entries()),
  };
  const problem = studioProblem(jobs, terms);
  const found = quickPlan(problem);
  if (!found) throw new Error('The sample has a plan at any time.');
  expect(scheduleFaults(problem, found)).toEqual([]);
  return { problem, plan: studioPlan(jobs, problem, found.steps, found.objective, terms) };
}

describe.each(moments)('the sample workshop on %s', (_name, time) => {
  const moment = new Date(time);
  let ledger: Ledger;
  let stores: Stores;
  beforeAll(() => {
    ledger = openLedger(':memory:', 'server/migrations', 'demo');
    loadDemo(ledger, moment);
    stores = openStores(ledger, () => moment.toISOString());
  });
  afterAll(() => ledger.close());

  test('has a plan, and the Day page opens on a day with work for a maker', () => {
    const { problem, plan } = planAt(stores, moment);
    const opening = openingDay(plan, problem);
    const day = dayBook(plan, problem, opening);
    expect(opening).toBeLessThanOrEqual(2);
    expect(day.makers).not.toEqual([]);
    expect(day.attendedMin).toBeGreaterThan(0);
    expect(plan.blocks.every(({ start }) => start >= plan.now)).toBe(true);
    expect(plan.done.some(({ daysLate }) => daysLate > 0)).toBe(true);
    expect(plan.done.some(({ daysLate }) => daysLate === 0)).toBe(true);
  });

  test('has due dates on days when shops are open, a quote that holds and one that has expired', () => {
    const dues = stores.batches.list().map(({ body }) => body.due);
    expect(dues.filter((due) => weekdayOf(due) === SUNDAY)).toEqual([]);
    expect(dues.some((due) => due < localDay(moment))).toBe(true);
    const quotes = stores.quotes.list().map(({ body }) => quoteStanding(body, localDay(moment)));
    expect(quotes).toContain('expired');
    expect(quotes.some((standing) => standing !== 'expired')).toBe(true);
  });
});
