// Undo outlives a reload where the document is the same, and never fits another body.
import { expect, it } from 'vitest';
import type { Drafts } from './drafts.ts';
import { keepSteps, keptSteps } from './undo-memory.ts';

function storage() {
  const items = new Map<string, string>();
  return {
    getItem: (key: string) => items.get(key) ?? null,
    setItem: (key: string, value: string) => void items.set(key, value),
    removeItem: (key: string) => void items.delete(key),
  };
}
const drafts = (of: Readonly<Record<string, { body: unknown; past: unknown[]; future: unknown[] }>>) =>
  of as unknown as Drafts;

it('gives the steps of a document back once', () => {
  const tab = storage();
  keepSteps(drafts({ 'piece/a': { body: { n: 2 }, past: [{ n: 0 }, { n: 1 }], future: [{ n: 3 }] } }), tab);
  expect(keptSteps('piece/a', { n: 2 }, tab)).toEqual({ past: [{ n: 0 }, { n: 1 }], future: [{ n: 3 }] });
  expect(keptSteps('piece/a', { n: 2 }, tab)).toBeNull();
});

it('gives none for another body, another document or a broken store', () => {
  const tab = storage();
  keepSteps(drafts({ 'piece/a': { body: 1, past: [0], future: [] } }), tab);
  expect(keptSteps('piece/b', 1, tab)).toBeNull();
  expect(keptSteps('piece/a', 2, tab)).toBeNull();
  tab.setItem('noon-undo', '{');
  expect(keptSteps('piece/a', 1, tab)).toBeNull();
});

it('keeps the latest steps, and leaves out documents for which there is no room', () => {
  const tab = storage();
  const past = Array.from({ length: 80 }, (_, step) => step);
  const huge = { body: 'x'.repeat(2_100_000), past: ['y'], future: [] };
  keepSteps(drafts({ huge, small: { body: 80, past, future: [] }, still: { body: 1, past: [], future: [] } }), tab);
  expect(keptSteps('small', 80, tab)?.past).toEqual(past.slice(-30));
  expect(keptSteps('huge', huge.body, tab)).toBeNull();
  keepSteps(drafts({}), tab);
  expect(tab.getItem('noon-undo')).toBeNull();
});
