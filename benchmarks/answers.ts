// Speed of the ask line, and the longest time its grammar takes on any text.
import { ask } from '../core/ask/ask.ts';
import { familyExamples } from '../core/ask/fixtures/family-examples.ts';
import { wordOrders } from '../core/ask/fixtures/word-orders.ts';
import {
  freshExamples,
  laterExamples,
  paraphrasedExamples,
  spokenExamples,
  type WrittenExample,
  writtenExamples,
} from '../core/ask/fixtures/written-examples.ts';
import { readLine } from '../core/ask/grammar.ts';
import { alloysWith } from '../core/metal/alloy.ts';
import { type Measured, quantileOf } from './measured.ts';

export function answers(): Measured[] {
  return [
    { what: 'an answer to a line of 60 characters, 95th percentile', measured: askMs(), bound: 5, unit: 'ms' },
    { what: 'written questions without the right answer', measured: wrongShare(writtenExamples), bound: 5, unit: '%' },
    { what: 'paraphrased questions without it', measured: wrongShare(paraphrasedExamples), bound: 5, unit: '%' },
    { what: 'later questions without it', measured: wrongShare(laterExamples), bound: 5, unit: '%' },
    { what: 'fresh questions without it', measured: wrongShare(freshExamples), bound: 5, unit: '%' },
    { what: 'spoken questions without it', measured: wrongShare(spokenExamples), bound: 5, unit: '%' },
    { what: 'questions by family without it', measured: wrongShare(familyExamples), bound: 5, unit: '%' },
    { what: 'word orders of held-out seeds without it', measured: wrongShare(heldOutOrders()), bound: 5, unit: '%' },
    { what: 'the grammar on 500 characters of anything, longest', measured: grammarMs(), bound: 50, unit: 'ms' },
  ];
}

/** Share of written questions whose main figure is off by more than 0.5 % or has another unit, %. */
function wrongShare(examples: readonly WrittenExample[]): number {
  const prices = { Ag: '0.80 / g', Au: '64 / g' };
  const fix = {
    id: 1,
    at: '2026-01-02T12:00:00Z',
    on: '2026-01-02',
    currency: 'GBP',
    prices,
    source: 'typed',
  } as const;
  const basis = { alloys: alloysWith([]), fix };
  const wrong = examples.filter(([, line, value, unit]) => {
    const answer = ask(line, basis);
    if (value === null || !answer.ok) return answer.ok === (value === null);
    const [main] = answer.figures;
    const inUnit = (main?.value ?? NaN) / (unit === 'GBP' ? 100 : 1);
    return main?.unit !== unit || Math.abs(inUnit / value - 1) > 0.005;
  });
  return (100 * wrong.length) / examples.length;
}

/** Even seeds are held out of tuning. */
const heldOutOrders = () => [2, 4, 6, 8].flatMap((seed) => wordOrders(seed, 500));

/** Answers a line of 60 characters again and again. */
function askMs(): number {
  const line = 'strip 6 x 1.2 mm half hard sterling silver 110 mm long x 24';
  const basis = { alloys: alloysWith([]), fix: null };
  const times: number[] = [];
  for (let index = 0; index < 600; index += 1) {
    const started = performance.now();
    ask(`${line}${' '.repeat(index % 2)}`, basis);
    times.push(performance.now() - started);
  }
  return quantileOf(times.slice(100), 0.95);
}

/** Reads random lines of what a line may hold; returns the longest time, ms. */
function grammarMs(): number {
  const scraps = '18 ga|(|)|+|-|*|/|1 1/2|3/4|in|mm|"|x|sterling|ring|14k|#20|½|per|£|°|half round|0.0001|é|,'.split(
    '|',
  );
  let seed = 1;
  const random = () => (seed = (seed * 48271) % 2147483647) / 2147483647;
  let longest = 0;
  for (let index = 0; index < 3000; index += 1) {
    let line = '';
    while (line.length < 500)
      line += (scraps[Math.floor(random() * scraps.length)] ?? '') + (random() < 0.7 ? ' ' : '');
    const started = performance.now();
    try {
      readLine(line.slice(0, 500));
    } catch {
      // A line that cannot be read takes time as well.
    }
    if (index > 100) longest = Math.max(longest, performance.now() - started);
  }
  return longest;
}
