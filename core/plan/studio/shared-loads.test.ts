// Batches that share a load: in the plan, when it is followed, when it has been started, and who shares with whom.
import { describe, expect, test } from 'vitest';
import { batchSchema } from '../../batch/batch.ts';
import { benchSteps } from '../../bench/batch-steps.ts';
import type { NewBenchEntry } from '../../bench/bench-entry.ts';
import { standings } from '../../bench/standing.ts';
import { alloysWith } from '../../metal/alloy.ts';
import { pieceOf, straightBlank, wire } from '../../piece/fixtures/check.ts';
import { readRates } from '../../studio/rates.ts';
import { startingStudio, type Studio } from '../../studio/studio.ts';
import { scheduleFaults } from '../fixtures/check-schedule.ts';
import { steady } from '../fixtures/steady.ts';
import { dayBook } from './day-book.ts';
import { followPlan } from './follow-plan.ts';
import { planLines } from './plan-document.ts';
import { pinEntry, tryPin } from './replan.ts';
import { blockTitle, type StudioPlan } from './studio-plan.ts';
import { type StudioJob, studioProblem, type StudioTerms } from './studio-problem.ts';

// 2 March 2026 is a Monday.
const day = '2026-03-02';
const starting = startingStudio({ name: '', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' });
const studio = (loads: 'shared' | 'own'): Studio => ({
  ...starting,
  stations: starting.stations.map((one) => ({ ...one, loads })),
});
const terms = (more: Partial<StudioTerms> = {}, loads: 'shared' | 'own' = 'shared'): StudioTerms => ({
  bench: readRates(studio(loads), 1).bench,
  day,
  minute: 9 * 60,
  standings: new Map(),
  ...more,
});

/** A short cut, then an hour in the tumbler, twelve to a load. */
function job(id: string, quantity: string, alloy: 'silver-925' | 'brass-c260' = 'silver-925'): StudioJob {
  const piece = pieceOf({
    name: 'Bar',
    parts: [{ id: 'bar', alloy, section: wire(), blank: straightBlank }],
    steps: [
      { id: 'saw', name: 'Saw', station: 'peg', setUp: '5', each: '1' },
      { id: 'tumble', name: 'Tumble', station: 'tumbler', setUp: '4', unattended: '60', load: '12' },
    ],
  });
  const batch = batchSchema.parse({
    lines: [{ id: 'l', pieceId: 'p', pieceRevision: 1, quantities: { '': quantity } }],
    due: '',
    customer: '',
    note: '',
  });
  const [line] = batch.lines;
  return { id, batch, steps: line ? benchSteps([{ line, piece }], alloysWith([])) : [] };
}
const tumbled = (plan: StudioPlan) => plan.blocks.filter(({ step }) => step.name === 'Tumble');
const linesOf = (plan: StudioPlan) => planLines(plan, blockTitle);

describe('two small batches', () => {
  const jobs = [job('a', '4'), job('b', '6')];
  const plan = steady(jobs, terms(), [])!;

  test('go into the tumbler together: one start, one end, the set-up once, one call', () => {
    const [first, second] = tumbled(plan);
    expect([first!.start, first!.attendedEnd, first!.end]).toEqual([second!.start, second!.attendedEnd, second!.end]);
    expect(first!.attendedEnd - first!.start).toBe(4);
    expect(first!.mates.map(({ batch }) => batch)).toEqual([second!.batch]);
    expect([first!.isHead, second!.isHead]).toEqual([true, false]);
    expect(blockTitle(first!)).toBe('Tumble, 4 + 6');
    const book = dayBook(plan, studioProblem(jobs, terms()), 0);
    // Two sets of five and one minute a piece, one load.
    expect([book.attendedMin, book.unattendedMin, book.calls.length]).toEqual([5 + 4 + 5 + 6 + 4, 60, 1]);
  });

  test('stay together when the plan is kept, followed and made again', () => {
    const lines = linesOf(plan);
    expect(lines.filter(({ load }) => load === 1)).toHaveLength(2);
    expect(linesOf(followPlan(jobs, terms(), lines)!.plan)).toEqual(lines);
    const late = followPlan(jobs, terms({ minute: 12 * 60 }), lines)!.plan;
    expect(tumbled(late).map(({ mates }) => mates.length)).toEqual([1, 1]);
    expect(linesOf(steady(jobs, terms(), lines)!)).toEqual(lines);
  });

  test('are one load when both have been started at once, and hold the tumbler once', () => {
    const done = ['a', 'b'].map((batchId): NewBenchEntry => ({ batchId, step: 'l/saw', how: 'done', maker: 'maker', on: day, minute: 560 })); // prettier-ignore
    const begun = ['a', 'b'].map((batchId): NewBenchEntry => ({ batchId, step: 'l/tumble', how: 'started', maker: 'maker', on: day, minute: 570 })); // prettier-ignore
    const now = terms({ minute: 580, standings: standings([...done, ...begun]) });
    const problem = studioProblem(jobs, now);
    const running = steady(jobs, now, linesOf(plan))!;
    expect(tumbled(running).map(({ start, end, state, mates }) => [start, end, state, mates.length])).toEqual([
      [570, 634, 'started', 1],
      [570, 634, 'started', 1],
    ]);
    const steps = running.blocks.map(({ batch, step, ...at }) => ({ ...at, job: batch, step: step.key }));
    expect(scheduleFaults(problem, { steps, objective: running.objective }).filter((one) => /held|at once/.test(one))).toEqual([]); // prettier-ignore
  });

  test('are moved together by hand', () => {
    const pins = ['a', 'b'].map((id) => pinEntry(id, 'l/tumble', 'maker', 14 * 60, day));
    expect(tumbled(tryPin(jobs, terms(), plan, pins)!).map(({ start, mates }) => [start, mates.length])).toEqual([
      [840, 1],
      [840, 1],
    ]);
  });
});

test.each([
  ['what is more than a load', [job('a', '8'), job('b', '6')], 'shared'],
  ['other metals', [job('a', '4'), job('b', '4', 'brass-c260')], 'shared'],
  ['a station that holds one batch at a time', [job('a', '4'), job('b', '4')], 'own'],
] as const)('%s is not loaded together', (_why, jobs, loads) => {
  const plan = steady(jobs, terms({}, loads), [])!;
  expect(tumbled(plan).map(({ mates }) => mates.length)).toEqual([0, 0]);
});
