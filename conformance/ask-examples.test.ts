// Runs the examples of docs/formats/ask.md.
import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { ask, type AskBasis } from '../core/ask/ask.ts';
import { inSum } from '../core/figure/figure.ts';
import { alloysWith } from '../core/metal/alloy.ts';

const basis: AskBasis = {
  alloys: alloysWith([]),
  fix: {
    id: 1,
    at: '2026-01-02T12:00:00Z',
    on: '2026-01-02',
    currency: 'GBP',
    prices: { Ag: '0.80 / g', Au: '64 / g', Pt: '26 / g' },
    source: 'the example',
  },
};
const text = readFileSync(new URL('../docs/formats/ask.md', import.meta.url), 'utf8');

function rowsOf(heading: string): [string, string, string][] {
  const [, part = ''] = text.split(`## ${heading}\n`);
  const lines = (part.split('\n## ')[0] ?? '').split('\n').filter((line) => line.startsWith('| `'));
  return lines.map((line) => {
    const [, question = '', second = '', third = ''] = /^\| `(.*?)` *\|(.*)\|(.*)\|$/.exec(line) ?? [];
    return [question, second.trim(), third.trim()];
  });
}

const examples = rowsOf('Examples');
const badlyTyped = rowsOf('Badly typed');

test('the page has at least 150 examples', () => {
  expect(examples.length).toBeGreaterThanOrEqual(150);
  expect(badlyTyped.length).toBeGreaterThanOrEqual(25);
});

describe('answered examples', () => {
  test.each(examples)('%s has the answer of the page', (question, expected, assumed) => {
    const answer = ask(question, basis);
    if (!answer.ok) throw new Error(answer.sentence);
    const [main] = answer.figures;
    expect(main && `${main.label}: ${inSum(main.value, main.unit)} ${main.unit}`.trimEnd()).toBe(expected);
    expect(answer.assumptions.map(({ says }) => says).join('; ')).toBe(assumed);
  });

  test.each(examples)('every figure of “%s” has a source or a calculation', (question) => {
    const answer = ask(question, basis);
    if (!answer.ok) throw new Error(answer.sentence);
    for (const figure of answer.figures) {
      expect(figure.kind === 'input' ? figure.source : figure.how).not.toBe('');
    }
  });
});

describe('badly typed examples', () => {
  test.each(badlyTyped)('%s is answered or refused as the page says', (question, said, understood) => {
    const answer = ask(question, basis);
    expect(answer.ok ? 'answered' : answer.sentence).toBe(said);
    expect((answer.ok ? answer.question.understood : answer.understood).join(', ')).toBe(understood);
  });
});
