// From a piece's route to the bench: loads, what waits for what, makers in their hours, what happened, and why.
import { describe, expect, test } from 'vitest';
import { type Batch, batchSchema } from '../../batch/batch.ts';
import { benchSteps } from '../../bench/batch-steps.ts';
import type { NewBenchEntry } from '../../bench/bench-entry.ts';
import { standings } from '../../bench/standing.ts';
import { alloysWith } from '../../metal/alloy.ts';
import { pieceOf, straightBlank, wire } from '../../piece/fixtures/check.ts';
import { readBench } from '../../studio/bench.ts';
import { readRates } from '../../studio/rates.ts';
import { startingStudio, type Studio } from '../../studio/studio.ts';
import { scheduleFaults } from '../fixtures/check-schedule.ts';
import { steady } from '../fixtures/steady.ts';
import { scheduleProblemSchema } from '../model/problem.ts';
import { quickPlan } from '../solve/quick-plan.ts';
import { chanceBy, safeEnd, simulate } from '../solve/simulate.ts';
import { dayBook, dayTotals } from './day-book.ts';
import { planTable } from './plan-csv.ts';
import { planLines } from './plan-document.ts';
import { pinEntry, tryPin } from './replan.ts';
import { studioPlan } from './studio-plan.ts';
import { type StudioJob, studioProblem, type StudioTerms } from './studio-problem.ts';
import { planTrialBatch } from './trial-batch.ts';
import { benchIf, nothingChanged, studioIf } from './what-if.ts';
import { bindingChain, consequences, whyThen } from './why.ts';

// 2 March 2026 is a Monday.
const day = '2026-03-02';
const studio: Studio = {
  ...startingStudio({ name: '', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' }),
  makers: [
    { id: 'ann', name: 'Ann', rate: '', hours: '', away: '', does: '', prefers: '' },
    { id: 'bo', name: 'Bo', rate: '', hours: 'Mon-Tue 10-14', away: '2026-03-03', does: 'peg, bench', prefers: '' },
  ],
};
const { bench, week } = readRates(studio, 1);
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
    { id: 'saw', name: 'Saw dials', station: 'peg', setUp: '5', each: '4', of: 'dial' },
    { id: 'rims', name: 'Close rims', station: 'torch', setUp: '8', each: '2.5', of: 'rim' },
    { id: 'join', name: 'Solder rims on', station: 'torch', setUp: '6', each: '3' },
    { id: 'pickle', name: 'Pickle', station: 'pickle', setUp: '2', unattended: '15', load: '8' },
    { id: 'tumble', name: 'Tumble', station: 'tumbler', setUp: '4', unattended: '120', load: '8' },
  ],
});
const batch = (quantity: string, due = '') =>
  batchSchema.parse({
    lines: [{ id: 'l', pieceId: 'p', pieceRevision: 1, quantities: { '': quantity } }],
    due,
    customer: '',
    note: '',
  });
const stepsOf = (quantity: string) => {
  const body = batch(quantity);
  return benchSteps([{ line: body.lines[0]!, piece: brooch }], alloysWith([]));
};
const job = (id: string, quantity: string, due = ''): StudioJob => ({
  id,
  batch: batch(quantity, due),
  steps: stepsOf(quantity),
});

function planned(jobs: readonly StudioJob[], own: StudioTerms) {
  const problem = scheduleProblemSchema.parse(studioProblem(jobs, own));
  const found = quickPlan(problem);
  if (!found) throw new Error('There is a plan for this.');
  expect(scheduleFaults(problem, found)).toEqual([]);
  return { problem, found, plan: studioPlan(jobs, problem, found.steps, found.objective, own) };
}

describe('steps of a batch', () => {
  test('of twenty in loads of eight are three loads, the last with the rest', () => {
    const loads = stepsOf('20').filter(({ step }) => step.id === 'pickle');
    expect(loads.map(({ pieces }) => pieces)).toEqual([8, 8, 4]);
    expect(loads.map(({ load }) => load)).toEqual([[1, 3], [2, 3], [3, 3]]); // prettier-ignore
    // Set-up once, with the first.
    expect(loads.map(({ attendedMin, unattendedMin }) => [attendedMin, unattendedMin])).toEqual([[2, 15], [0, 15], [0, 15]]); // prettier-ignore
    const tumbled = stepsOf('20').filter(({ step }) => step.id === 'tumble');
    expect(tumbled.map(({ after }) => after)).toEqual([['l/pickle'], ['l/pickle#2'], ['l/pickle#3']]);
  });

  test('pass loads on one by one or all together, and attended work follows them', () => {
    const route = (torch: 'each' | 'all' | '', tumbler = '8') =>
      pieceOf({
        parts: [{ id: 'a', section: wire(), blank: straightBlank }],
        steps: [
          { id: 'torch', each: '2', load: '12', transfer: torch },
          { id: 'file', each: '3', setUp: '4' },
          { id: 'tumble', unattended: '60', load: tumbler },
        ],
      });
    const waits = (piece: ReturnType<typeof pieceOf>) =>
      benchSteps([{ line: batch('20').lines[0]!, piece }], alloysWith([])).map(
        ({ key, pieces, attendedMin, after }) => [key.slice(2), pieces, attendedMin, after.map((id) => id.slice(2))],
      );
    // Attended work in fillings of twelve is one block, unless each filling is handed on.
    expect(waits(route(''))).toEqual([
      ['torch', 20, 40, []],
      ['file', 20, 64, ['torch']],
      ['tumble', 8, 0, ['file']],
      ['tumble#2', 8, 0, ['file']],
      ['tumble#3', 4, 0, ['file']],
    ]);
    // Twelve and eight are filed as they come; the second tumbling has pieces of both.
    expect(waits(route('each'))).toEqual([
      ['torch', 12, 24, []],
      ['torch#2', 8, 16, []],
      ['file', 12, 40, ['torch']],
      ['file#2', 8, 24, ['torch#2']],
      ['tumble', 8, 0, ['file']],
      ['tumble#2', 8, 0, ['file', 'file#2']],
      ['tumble#3', 4, 0, ['file#2']],
    ]);
    expect(waits(route('all'))).toEqual(waits(route('')));
    // The pickle's loads would go on one by one to a tumbler of the same size; not where all are waited for.
    const all = pieceOf({
      parts: [{ id: 'a', section: wire(), blank: straightBlank }],
      steps: [
        { id: 'pickle', unattended: '15', load: '10', transfer: 'all' },
        { id: 'tumble', unattended: '60', load: '10' },
      ],
    });
    expect(waits(all).map(([, , , after]) => after)).toEqual([[], [], ['pickle', 'pickle#2'], ['pickle', 'pickle#2']]);
  });

  test('of separate parts run in parallel and meet where they are joined', () => {
    const [saw, rims, join] = stepsOf('4');
    expect(saw?.after).toEqual([]);
    expect(rims?.after).toEqual([]);
    expect(join?.after.toSorted()).toEqual(['l/rims', 'l/saw']);
    // 5 + 4 × 4, and 8 + 4 × 2.5: whole minutes, none lost.
    expect([saw?.attendedMin, rims?.attendedMin]).toEqual([21, 18]);
  });

  test('that overlap wait for the predecessors of the step before, and their successors wait for both', () => {
    const piece = pieceOf({
      parts: [{ id: 'a', section: wire(), blank: straightBlank }],
      steps: [{ id: '1' }, { id: '2', unattended: '30' }, { id: '3', overlaps: true }, { id: '4' }],
    });
    const body = batch('1');
    const steps = benchSteps([{ line: body.lines[0]!, piece }], alloysWith([]));
    expect(steps.map(({ after }) => after.toSorted())).toEqual([[], ['l/1'], ['l/1'], ['l/2', 'l/3']]);
  });
});

describe('the studio as a problem', () => {
  test('has makers in their working hours, with their skills', () => {
    const { makers } = studioProblem([job('a', '4')], terms({ days: 7 }));
    const [ann, bo] = makers;
    expect(ann?.shifts?.slice(0, 2)).toEqual([[540, 750], [795, 1020]]); // prettier-ignore
    // Monday only: Tuesday is a day off, the rest of the week Bo is not there.
    expect(bo?.shifts).toEqual([[600, 840]]);
    expect(bo?.skills).toContain('at peg');
    expect(bo?.skills).not.toContain('at torch');
  });

  test('leaves acid and motors unattended only in working hours, unless the studio allows it', () => {
    const late = terms({ minute: 16 * 60 + 30 });
    const { plan } = planned([job('a', '4')], late);
    for (const block of plan.blocks.filter(({ end, attendedEnd }) => end > attendedEnd)) {
      expect(Math.floor(block.attendedEnd / 1440)).toBe(Math.floor((block.end - 1) / 1440));
      expect(block.end % 1440).toBeLessThanOrEqual(17 * 60);
    }
    const nights = readBench(
      { ...studio, stations: studio.stations.map((one) => ({ ...one, overnight: 'yes' as const })) },
      week,
      [],
    );
    const free = planned([job('a', '4')], { ...late, bench: nights });
    expect(free.found.objective.makespan).toBeLessThanOrEqual(plan.objective.makespan);
  });

  test('waits for missing material, and stops on days off and outages', () => {
    const waiting = { ...job('a', '4'), batch: { ...batch('4'), materialsOn: '2026-03-04' } };
    expect(Math.min(...planned([waiting], terms()).plan.blocks.map(({ start }) => start))).toBeGreaterThanOrEqual(
      2 * 1440,
    );
    const change = {
      away: { maker: 'ann', from: day, to: '2026-03-03' },
      out: { station: 'tumbler', from: day, to: '2026-03-05' },
      extra: null,
    };
    const { plan } = planned([job('a', '4')], terms({ bench: benchIf(bench, change, week) }));
    const torch = plan.blocks.filter(({ step }) => step.station === 'torch');
    expect(torch.every(({ start }) => start >= 2 * 1440)).toBe(true);
    expect(plan.blocks.find(({ step }) => step.station === 'tumbler')?.start).toBeGreaterThanOrEqual(4 * 1440);
    // The settings that are kept read as the same bench.
    const kept = readRates(studioIf(studio, change, 'new'), 1).bench;
    expect(kept).toEqual(benchIf(bench, change, week));
  });

  test('has an extra maker on the given days, who may be the first one named', () => {
    const extra = { name: 'Cy', from: '2026-03-03', to: '2026-03-04' };
    const own = benchIf(bench, { ...nothingChanged, extra }, week);
    const { makers } = studioProblem([job('a', '4')], terms({ bench: own, days: 7 }));
    expect(makers.at(-1)?.shifts?.map(([from]) => Math.floor(from / 1440))).toEqual([1, 1, 2, 2]);
    const alone = studioIf({ ...studio, makers: [] }, { ...nothingChanged, extra }, 'new');
    expect(alone.makers.map(({ name }) => name)).toEqual(['', 'Cy']);
  });
});

const entry = (how: NewBenchEntry['how'], step: string, minute: number, maker = 'ann'): NewBenchEntry => ({
  batchId: 'a', step, how, maker, on: day, minute,
}); // prettier-ignore

test('pauses attended work at breaks as the step says: soldering is never interrupted by default', () => {
  const pausable = (pauses: '' | 'yes' | 'no', name: string) => {
    const piece = pieceOf({
      parts: [{ id: 'a', section: wire(), blank: straightBlank }],
      steps: [{ id: '1', name, each: '5', pauses }],
    });
    const steps = benchSteps([{ line: batch('4').lines[0]!, piece }], alloysWith([]));
    return studioProblem([{ ...job('a', '4'), steps }], terms()).jobs[0]?.steps[0]?.pausable;
  };
  expect(['Solder', 'File'].map((name) => pausable('', name))).toEqual([false, true]);
  expect(['Solder', 'File'].map((name) => pausable('yes', name))).toEqual([true, true]);
  expect(['Solder', 'File'].map((name) => pausable('no', name))).toEqual([false, false]);
});

test('has a plan with two working hours a week: unattended time runs on after closing', () => {
  const short = readRates({ ...studio, hours: ['', '', '', '', '', '', '10-12'], makers: [] }, 1).bench;
  const piece = pieceOf({
    parts: [{ id: 'a', section: wire(), blank: straightBlank }],
    steps: [
      // 110 minutes that are not put down, then twenty in the acid: more than the two hours.
      { id: '1', name: 'Pickle', setUp: '110', unattended: '20', station: 'pickle' },
      { id: '2', name: 'Pickle again', setUp: '10', unattended: '20', station: 'pickle' },
      // Two hours by itself are all the day there is, were there no hands before.
      { id: '3', name: 'Tumble', setUp: '4', unattended: '120', station: 'tumbler' },
    ],
  });
  const steps = benchSteps([{ line: batch('4').lines[0]!, piece }], alloysWith([]));
  const { problem, found } = planned([{ ...job('a', '4'), steps }], terms({ bench: short }));
  expect(problem.jobs[0]?.steps.map(({ anyHour }) => anyHour)).toEqual([true, false, true]);
  // Sunday the eighth, six days on, and the Sunday after.
  expect(found.steps.map(({ start }) => start - 600)).toEqual([6 * 1440, 13 * 1440, 13 * 1440 + 30]);
});

describe('the bench log', () => {
  test('removes finished steps from the plan, releases their successors, and keeps a started step with its maker', () => {
    const entries = [entry('started', 'l/saw', 540), entry('done', 'l/saw', 600), entry('started', 'l/rims', 600)];
    const { plan } = planned([job('a', '4')], terms({ minute: 610, standings: standings(entries) }));
    expect(plan.blocks.some(({ step }) => step.key === 'l/saw')).toBe(false);
    expect(plan.blocks[0]).toMatchObject({ start: 600, attendedEnd: 618, maker: 'ann', state: 'started' });
    expect(plan.blocks[1]?.start).toBeGreaterThanOrEqual(618);
    // Twenty minutes over its time it is over now at the soonest.
    const over = planned([job('a', '4')], terms({ minute: 640, standings: standings(entries) }));
    expect(over.plan.blocks[0]?.attendedEnd).toBe(640);
  });

  test('keeps a pinned step in place, and a trial shows what a pin does to the rest', () => {
    const jobs = [job('a', '4', day), job('b', '4', day)];
    const { plan } = planned(jobs, terms());
    const pin = pinEntry('a', 'l/join', 'ann', 1440 + 600, day);
    expect(pin).toMatchObject({ on: '2026-03-03', minute: 600 });
    const after = tryPin(jobs, terms(), plan, [pin]);
    if (!after) throw new Error('There is room for it.');
    expect(after.blocks.find(({ batch: id, step }) => id === 'a' && step.key === 'l/join')).toMatchObject({
      start: 2040,
      state: 'pinned',
    });
    const [most] = consequences(plan, after);
    expect(most).toMatchObject({ batch: 'a', daysLate: 1, wasDaysLate: 0 });
    expect(most?.by).toBeGreaterThan(60);
  });
});

describe('reasons and effects', () => {
  test('each step names what it waited for, back to a step that waited for nothing', () => {
    const jobs = [job('a', '4', '2026-03-01'), job('b', '4', day)];
    const { plan, problem } = planned(jobs, terms());
    const late = bindingChain(plan, problem, 'a');
    expect(late[0]?.block.step.key).toBe('l/tumble');
    expect(late[0]?.cause).toMatchObject({ what: 'step', block: { step: { key: 'l/pickle' } } });
    expect(['opening', 'now', 'hands', 'station']).toContain(late.at(-1)?.cause.what);
    for (const { block, cause } of late)
      if ('block' in cause) expect(Math.min(cause.block.attendedEnd, cause.block.end)).toBeLessThanOrEqual(block.start);
    const first = plan.blocks[0]!;
    expect(whyThen(first, plan, problem).what).toBe('opening');
  });

  test('a trial batch when there is time ends after the others, at rush priority it is next, and its simulations vary around its end', () => {
    const jobs = [job('a', '4', day), job('b', '4', day)];
    const { plan } = planned(jobs, terms());
    const about = { jobs, terms: terms(), plan };
    const tried = (priority: Batch['priority'], spread = 0.15, runs = 400) => {
      const newcomer = { ...job('rush', '2'), batch: { ...batch('2'), priority } };
      const found = steady(
        [...jobs, newcomer],
        terms(),
        planLines(plan, () => ''),
      )!;
      return planTrialBatch(about, { job: newcomer, plan: found, runs, spread })!;
    };
    const [first, last] = [tried('first'), tried('last')];
    expect(first.at).toBeLessThan(last.at);
    expect(first.at).toBeLessThan(Math.min(...plan.done.map(({ at }) => at)));
    expect(first.ends).toHaveLength(400);
    expect(safeEnd(first.ends, 0.9)! - safeEnd(first.ends, 0.1)!).toBeGreaterThan(5);
    // Nothing strays: every run is the plan.
    expect(new Set(tried('first', 0, 3).ends)).toEqual(new Set([first.at]));
    // A plan without it.
    expect(planTrialBatch(about, { job: job('other', '1'), plan, runs: 1, spread: 0 })).toBeNull();
  });

  test('the day book counts attended time within the day, and separates what ends by noon from what ends by evening', () => {
    const { plan, problem } = planned([job('a', '4'), job('b', '20')], terms());
    const book = dayBook(plan, problem, 0);
    expect(book.makers).toEqual(['ann', 'bo']);
    expect(book.open).toEqual([540, 1020]);
    const hands = plan.blocks.flatMap((block) => block.attended).filter(([from]) => from < 1440);
    expect(book.attendedMin).toBeCloseTo(
      hands.reduce((sum, [from, to]) => sum + to - from, 0),
      6,
    );
    expect(book.byNoon.every(({ end }) => end <= 720)).toBe(true);
    expect(book.byEvening.every(({ end }) => end > 720 && end <= 1440)).toBe(true);
    const totals = dayTotals(book, 0, ({ step }) => ({ name: step.name, start: '' }));
    expect(totals.attended.value * 60).toBeCloseTo(book.attendedMin, 6);
    expect(totals.unattended.value * 60).toBeCloseTo(book.unattendedMin, 6);
    // Each line is a step, and the lines add up.
    const lines = totals.attended.from[0]?.from.map(({ value }) => value) ?? [];
    expect(lines.reduce((sum, value) => sum + value, 0)).toBeCloseTo(book.attendedMin, 6);
    expect(book.calls.every(({ attendedEnd, end }) => end > attendedEnd)).toBe(true);
    expect(planTable(plan, (id) => id, (id) => id)).toHaveLength(plan.blocks.length + 1); // prettier-ignore
  });
});

test('the chance of an end at its planned time is about half with a variation of 20 %', () => {
  const alone = [{ ...job('a', '4'), steps: stepsOf('4').slice(0, 1) }];
  const { problem, found } = planned(alone, terms());
  const { ends } = simulate(problem, found.steps, { spreadOf: () => 0.2, runs: 2000, seed: 3 });
  const own = ends.get('a')!;
  // 21 minutes from nine; a lognormal of mean 1 and spread 0.2 has its median at 1 ÷ √1.04 and its 90th percentile at
  // exp(−σ²/2 + 1.2816 σ), σ² = ln 1.04 (textbook).
  const sigma = Math.sqrt(Math.log(1.04));
  expect(safeEnd(own, 0.5)).toBeCloseTo(540 + 21 / Math.sqrt(1.04), 0);
  expect(safeEnd(own, 0.9)).toBeCloseTo(540 + 21 * Math.exp(-(sigma ** 2) / 2 + 1.2816 * sigma), 0);
  expect(chanceBy(own, 540 + 21)).toBeCloseTo(0.54, 1);
  expect(chanceBy([], 1)).toBeNull();
  expect(simulate(problem, found.steps, { spreadOf: () => 0, runs: 3, seed: 1 }).ends.get('a')).toEqual([
    561, 561, 561,
  ]);
});
