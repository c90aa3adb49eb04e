// The examples of the help are asked and answered.
import { describe, expect, test } from 'vitest';
import { ask } from '../../core/ask/ask.ts';
import { readLength } from '../../core/measure/read/read-length.ts';
import { readMinutes } from '../../core/measure/read/read-number.ts';
import { alloysWith } from '../../core/metal/alloy.ts';
import { helpPages } from './help-pages.ts';

test('every page has an address and a title, and links lead to pages that are there', () => {
  const pages = helpPages.map(({ page }) => page);
  expect(new Set(pages).size).toBe(pages.length);
  for (const { page, title, text } of helpPages) {
    expect(page).toMatch(/^[a-z-]+$/);
    expect(title).not.toBe('');
    for (const [, link = ''] of text.matchAll(/\]\(([^)]+)\)/g)) expect(pages).toContain(link.replace('/help/', ''));
  }
});

describe('questions', () => {
  const questions = helpPages.flatMap(({ text }) =>
    [...text.matchAll(/```ask\n([\s\S]*?)```/g)].flatMap(([, block = '']) => block.trim().split('\n')),
  );
  test('there are some', () => expect(questions.length).toBeGreaterThan(4));
  test.each(questions)('%s', (question) => {
    expect(ask(question, { alloys: alloysWith([]), fix: null })).toMatchObject({ ok: true });
  });
});

describe('what fields read', () => {
  const rows = helpPages.flatMap(({ text }) => [...text.matchAll(/^\| `([^`]+)` +\| ([\d.]+) (mm|min) +\|$/gm)]);
  test('there are some', () => expect(rows.length).toBeGreaterThan(3));
  test.each(rows.map(([, typed = '', value = '', unit = '']) => [typed, Number(value), unit] as const))(
    '%s is %d %s',
    (typed, value, unit) => {
      const reading = unit === 'mm' ? readLength(typed, { what: 'length', gauge: 'awg' }) : readMinutes(typed);
      expect(reading.ok && Number(reading.value.toFixed(2))).toBe(value);
    },
  );
});
