// The plan from one day to the next: the same for the same input, steady, urgent work first, and unmoved by the clock.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { batchSchema } from '../../batch/batch.ts';
import { benchSteps } from '../../bench/batch-steps.ts';
import type { NewBenchEntry } from '../../bench/bench-entry.ts';
import { standings } from '../../bench/standing.ts';
import { alloysWith } from '../../metal/alloy.ts';
import { pieceOf, straightBlank, wire } from '../../piece/fixtures/check.ts';
import { readRates } from '../../studio/rates.ts';
import { startingStudio, type Studio } from '../../studio/studio.ts';
import { steady } from '../fixtures/steady.ts';
import { scheduleProblemSchema } from '../model/problem.ts';
import { followPlan } from './follow-plan.ts';
import { movedLines, planLines } from './plan-document.ts';
import type { StudioPlan } from './studio-plan.ts';
import { type StudioJob, studioProblem, type StudioTerms } from './studio-problem.ts';

// 2 March 2026 is a Monday.
const day = '2026-03-02';
const studio: Studio = {
  ...startingStudio({ name: '', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' }),
  makers: ['ann', 'bo'].map((id) => ({ id, name: id, rate: '', hours: '', away: '', does: '', prefers: '' })),
};
const { bench } = readRates(studio, 1);
const terms = (more: Partial<StudioTerms> = {}): StudioTerms => ({
  bench,
  day,
  minute: 9 * 60,
  standings: new Map(),
  ...more,
});
const brooch = pieceOf({
  name: 'Brooch',
  parts: [
    { id: 'dial', section: wire(), blank: straightBlank },
    { id: 'rim', section: wire(), blank: straightBlank },
  ],
  steps: [
    { id: 'saw', name: 'Saw dials', station: 'peg', setUp: '5', each: '14', of: 'dial' },
    { id: 'join', name: 'Solder rims on', station: 'torch', setUp: '6', each: '9' },
    { id: 'pickle', name: 'Pickle', station: 'pickle', setUp: '2', unattended: '15', load: '8' },
    { id: 'sand', name: 'Sand and brush', station: 'motor', each: '12' },
  ],
});
function job(
  id: string,
  quantity: string,
  more: { due?: string; priority?: 'first' | 'low' | 'last' } = {},
): StudioJob {
  const batch = batchSchema.parse({
    lines: [{ id: 'l', pieceId: 'p', pieceRevision: 1, quantities: { '': quantity } }],
    due: '',
    customer: '',
    note: '',
    ...more,
  });
  const [line] = batch.lines;
  return { id, batch, steps: line ? benchSteps([{ line, piece: brooch }], alloysWith([])) : [] };
}
const linesOf = (plan: StudioPlan) => planLines(plan, ({ step }) => step.name);
const week = ['a', 'b', 'c', 'd', 'e'].map((id, at) => job(id, String(4 + at), { due: `2026-03-0${String(4 + at)}` }));

test('the same input gives the same plan, and planning again moves nothing', () => {
  const first = steady(week, terms(), [])!;
  expect(linesOf(steady(week, terms(), [])!)).toEqual(linesOf(first));
  const again = steady(week, terms(), linesOf(first))!;
  expect(movedLines(linesOf(first), linesOf(again), () => false)).toEqual([]);
});

test('the clock passing shifts late starts and what follows, and nothing else', () => {
  const lines = linesOf(steady(week, terms(), [])!);
  const now = followPlan(week, terms(), lines)!;
  expect(linesOf(now.plan)).toEqual(lines);
  // The first steps were due at nine; at ten they have not begun.
  const later = followPlan(week, terms({ minute: 600 }), lines)!;
  const shifts = movedLines(lines, linesOf(later.plan), () => false);
  expect(shifts.length).toBeGreaterThan(1);
  for (const { by } of shifts) expect(by).toBeGreaterThan(0);
  // In the same order at each bench.
  for (const { id } of bench.makers) {
    const orderOf = (plan: StudioPlan) =>
      plan.blocks.filter(({ maker }) => maker === id).map(({ batch, step }) => `${batch} ${step.key}`);
    expect(orderOf(later.plan)).toEqual(orderOf(now.plan));
  }
  // The next morning, with Monday's work done, the rest is where it was.
  const [monday, rest] = [lines.filter(({ on }) => on === day), lines.filter(({ on }) => on > day)];
  const done = monday.map(({ batch, step, maker }): NewBenchEntry => {
    return { batchId: batch, step, how: 'done', maker, on: day, minute: 1000 };
  });
  const next = { day: '2026-03-03', minute: 8 * 60, standings: standings(done) };
  expect(linesOf(followPlan(week, terms(next), lines)!.plan)).toEqual(rest);
});

test('of plans that are alike for the customer the one the makers like is taken', () => {
  const likes = (ann: string, bo: string): StudioTerms => ({
    ...terms(),
    bench: readRates({ ...studio, makers: studio.makers.map((one, at) => ({ ...one, prefers: at === 0 ? ann : bo })) }, 1).bench, // prettier-ignore
  });
  const jobs = [job('a', '3'), job('b', '3')];
  const sanded = (of: StudioTerms) =>
    steady(jobs, of, [])!
      .blocks.filter(({ step }) => step.station === 'motor')
      .map(({ maker }) => maker);
  // One motor: whoever likes it sands both batches, and nothing is done later for it.
  expect(sanded(likes('motor, torch, peg', 'torch, peg, motor'))).toEqual(['ann', 'ann']);
  expect(sanded(likes('torch, peg, motor', 'motor, torch, peg'))).toEqual(['bo', 'bo']);
  const { objective } = steady(jobs, terms(), [])!;
  const liked = steady(jobs, likes('motor, torch, peg', 'torch, peg, motor'), [])!.objective;
  expect([objective.dislike, liked.completion]).toEqual([0, objective.completion]);
});

describe('a change', () => {
  test('a rush order of an hour placed at noon is begun next by somebody who can do it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 2, max: 7 }),
        fc.boolean(),
        (size, count, isLate) => {
          const due = isLate ? '2026-03-01' : '2026-03-06';
          const jobs = Array.from({ length: count }, (_, at) => job(`j${String(at)}`, String(3 + at), { due }));
          const lines = linesOf(steady(jobs, terms(), [])!);
          const noon = terms({ minute: 12 * 60 });
          const plan = steady([...jobs, job('rush', String(size), { priority: 'first' })], noon, lines)!;
          const own = plan.blocks.filter(({ batch }) => batch === 'rush');
          expect(own[0]?.start).toBe(12 * 60);
        },
      ),
      { numRuns: 25, seed: 3 },
    );
  });

  test('a new batch leaves what is due to begin by tomorrow evening where it was', () => {
    const first = steady(week, terms(), [])!;
    const more = [...week, job('new', '6', { due: '2026-03-12' })];
    const next = steady(more, terms(), linesOf(first))!;
    const near = linesOf(first).filter(({ on }) => on <= '2026-03-03');
    const nowOf = new Map(linesOf(next).map((line) => [`${line.batch} ${line.step}`, line]));
    for (const line of near) {
      const now = nowOf.get(`${line.batch} ${line.step}`);
      expect([now?.on, now?.maker]).toEqual([line.on, line.maker]);
    }
  });

  test('what has begun stays with its maker', () => {
    const first = steady(week, terms(), [])!;
    const [block] = first.blocks;
    const entry: NewBenchEntry = {
      batchId: block!.batch, step: block!.step.key, how: 'started', maker: 'bo', on: day, minute: 545,
    }; // prettier-ignore
    const begun = terms({ minute: 550, standings: standings([entry]) });
    const plan = steady(week, begun, linesOf(first))!;
    const own = plan.blocks.find(({ batch, step }) => batch === entry.batchId && step.key === entry.step);
    expect([own?.maker, own?.start, own?.state]).toEqual(['bo', 545, 'started']);
  });

  test('priority orders batches that are all in time: rush, normal, low, when there is time', () => {
    const jobs = (['last', 'low', undefined, 'first'] as const).map((priority) =>
      job(priority ?? 'normal', '5', priority && { priority }),
    );
    const plan = steady(jobs, terms(), [])!;
    const done = plan.done.toSorted((a, b) => a.at - b.at).map(({ batch }) => batch);
    expect(done).toEqual(['first', 'normal', 'low', 'last']);
  });
});

describe('soon after', () => {
  test('each pickle follows its heat within the hour, and nothing is started in the last ten minutes', () => {
    const plan = steady(week, terms(), [])!;
    const byKey = new Map(plan.blocks.map((block) => [`${block.batch} ${block.step.key}`, block]));
    let pickles = 0;
    for (const block of plan.blocks) {
      expect(block.overLag).toBe(0);
      const ofDay = block.start % 1440;
      // 17:00 ends the day of a new studio; what follows a heat may still start then.
      if (block.step.kind !== 'pickle' && block.maker) expect(ofDay > 1010 && ofDay < 1020).toBe(false);
      if (block.step.kind !== 'pickle') continue;
      pickles += 1;
      const heats = block.step.after.map((key) => byKey.get(`${block.batch} ${key}`)?.end ?? 0);
      expect(block.start - Math.max(...heats)).toBeLessThanOrEqual(60);
    }
    expect(pickles).toBeGreaterThan(4);
  });

  test('the problem keeps to its schema', () => {
    expect(() => scheduleProblemSchema.parse(studioProblem(week, terms()))).not.toThrow();
  });
});
