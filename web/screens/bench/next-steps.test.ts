import { expect, test } from 'vitest';
import type { BenchStep } from '../../../core/bench/batch-steps.ts';
import type { StepLog } from '../../../core/bench/work-log.ts';
import type { BenchMaker } from '../../../core/studio/bench.ts';
import type { BenchBatch, BenchView } from '../../hooks/use-bench.ts';
import { nextFor, nextOf, waitsFor } from './next-steps.ts';

const step = (key: string, after: readonly string[] = []) => ({ key, name: key.toUpperCase(), after }) as BenchStep;
const batch = { id: 'b', steps: [step('saw'), step('solder', ['saw']), step('polish', ['saw', 'solder'])] } as unknown as BenchBatch; // prettier-ignore
const ann = { id: 'ann' } as BenchMaker;
const block = (key: string, maker: string, of = 'b') => ({ batch: of, maker, step: { key } });
const view = (states: Readonly<Record<string, StepLog['state']>>, blocks: readonly unknown[] = []) =>
  ({
    batches: [batch],
    planned: { plan: { blocks } },
    logOf: (_batch: string, key: string) => (states[key] ? { state: states[key] } : null),
  }) as unknown as BenchView;

test('the next step of a batch is the first that is not done and not under way', () => {
  expect(nextOf(batch, view({}))?.step.key).toBe('saw');
  expect(nextOf(batch, view({ saw: 'started' }))?.step.key).toBe('solder');
  expect(nextOf(batch, view({ saw: 'done', solder: 'paused' }))?.step.key).toBe('solder');
  expect(nextOf(batch, view({ saw: 'done', solder: 'done', polish: 'left' }))).toBeNull();
});

test('a maker’s next steps are in the order of the plan, without what is under way or gone', () => {
  const blocks = [block('polish', 'ann'), block('saw', 'bo'), block('solder', 'ann'), block('saw', 'ann', 'closed')];
  expect(nextFor(ann, view({}, blocks)).map((one) => one.step.key)).toEqual(['polish', 'solder']);
  expect(nextFor(ann, view({ polish: 'started' }, blocks)).map((one) => one.step.key)).toEqual(['solder']);
  expect(nextFor(ann, { ...view({}), planned: null })).toEqual([]);
});

test('a step names what it waits for', () => {
  expect(waitsFor(batch, 'polish', view({ saw: 'done' }))).toEqual(['SOLDER']);
  expect(waitsFor(batch, 'polish', view({}))).toEqual(['SAW', 'SOLDER']);
  expect(waitsFor(batch, 'saw', view({}))).toEqual([]);
});
