// A long list is written once, and after a change only what is new in it.
import { expect, test, vi } from 'vitest';
import { answerText } from './answer-text.ts';

const rows = (count: number) => Array.from({ length: count }, (_, id) => ({ id, name: `Piece ${String(id)}` }));

test('any answer is its JSON', () => {
  const text = answerText();
  const long = rows(25);
  for (const answer of [null, 3, 'a', { a: [1] }, [], rows(3), long, [...long, null, 'x']])
    expect(String(text(answer))).toBe(JSON.stringify(answer));
});

test('the same list is the same bytes, and a new list writes only its new rows', () => {
  const text = answerText();
  const list = rows(30);
  const first = text(list);
  expect(text(list)).toBe(first);
  const changed = { id: 7, name: 'Other' };
  const next = list.with(7, changed);
  const write = vi.spyOn(JSON, 'stringify');
  const second = String(text(next));
  expect(write.mock.calls.map(([row]) => row as unknown)).toEqual([changed]);
  write.mockRestore();
  expect(second).toBe(JSON.stringify(next));
});
