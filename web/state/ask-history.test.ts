// Questions kept on this device: the latest first, none twice, and what cannot be read is no history.
import { beforeEach, expect, test, vi } from 'vitest';
import {
  asked,
  type AskHistory,
  askHistoryReducer,
  historyCleared,
  pinToggled,
  readHistory,
  storeHistory,
} from './ask-history.ts';

const kept = new Map<string, string>();
vi.stubGlobal('localStorage', {
  getItem: (key: string) => kept.get(key) ?? null,
  setItem: (key: string, value: string) => void kept.set(key, value),
});
beforeEach(() => kept.clear());

type Action = Parameters<typeof askHistoryReducer>[1];
const after = (...actions: readonly Action[]): AskHistory =>
  actions.reduce<AskHistory>((history, action) => askHistoryReducer(history, action), { asked: [], pinned: [] });

test('the latest question comes first, a repeated one moves up, and blank ones are ignored', () => {
  const lines = ['18 ga sterling 120 mm', 'ring Q 6 mm', ' 18 ga sterling 120 mm ', '   '];
  expect(after(...lines.map((line) => asked(line))).asked).toEqual(['18 ga sterling 120 mm', 'ring Q 6 mm']);
});

test('the last sixty questions are kept', () => {
  const history = after(...Array.from({ length: 75 }, (_, index) => asked(`disc ${String(index)} mm`)));
  expect(history.asked).toHaveLength(60);
  expect(history.asked[0]).toBe('disc 74 mm');
  expect(history.asked.at(-1)).toBe('disc 15 mm');
});

test('pins stay when their question is dropped from the history, and can be removed', () => {
  const pinned = [asked('20 ga in mm'), pinToggled('20 ga in mm'), pinToggled('1 ozt in g'), historyCleared()];
  expect(after(...pinned)).toEqual({ asked: [], pinned: ['1 ozt in g', '20 ga in mm'] });
  expect(after(...pinned, pinToggled('1 ozt in g')).pinned).toEqual(['20 ga in mm']);
});

test('a stored history is read back', () => {
  storeHistory({ asked: ['tube 4 x 3 mm'], pinned: ['1 ozt in g'] });
  expect(readHistory()).toEqual({ asked: ['tube 4 x 3 mm'], pinned: ['1 ozt in g'] });
});

test.each(['{', '{"asked":7}', '[]', 'null'])(
  'a history that cannot be read is replaced by an empty one: %s',
  (text) => {
    kept.set('noon-ask', text);
    expect(readHistory()).toEqual({ asked: [], pinned: [] });
  },
);
