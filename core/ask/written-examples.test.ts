import { expect, test } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import { ask, type AskBasis } from './ask.ts';
import { familyExamples } from './fixtures/family-examples.ts';
import { wordOrders } from './fixtures/word-orders.ts';
import {
  freshExamples,
  laterExamples,
  paraphrasedExamples,
  spokenExamples,
  writtenExamples,
} from './fixtures/written-examples.ts';

const prices = { Ag: '0.80 / g', Au: '64 / g' };
const fix = { id: 1, at: '2026-01-02T12:00:00Z', on: '2026-01-02', currency: 'GBP', prices, source: 'typed' } as const;
const basis: AskBasis = { alloys: alloysWith([]), fix };
const MINOR_UNITS = 100;

const examples = [
  ...writtenExamples,
  ...paraphrasedExamples,
  ...laterExamples,
  ...freshExamples,
  ...spokenExamples,
  ...familyExamples,
];

test.each(examples)('%s: %s', (_family, line, value, unit) => {
  const answer = ask(line, basis);
  if (value === null) {
    expect(answer).toMatchObject({ ok: false });
    return;
  }
  if (!answer.ok) throw new Error(answer.sentence);
  const [main] = answer.figures;
  expect(main?.unit).toBe(unit);
  expect((main?.value ?? NaN) / (unit === 'GBP' ? MINOR_UNITS : 1) / value).toBeCloseTo(1, 2);
});

test.each(wordOrders(1, 300))('word order, %s: %s', (_family, line, value, unit) => {
  const answer = ask(line, basis);
  if (!answer.ok) throw new Error(answer.sentence);
  const [main] = answer.figures;
  expect(main?.unit).toBe(unit);
  expect((main?.value ?? NaN) / (value ?? NaN)).toBeCloseTo(1, 2);
});
