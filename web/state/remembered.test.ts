// A device without storage, or with something else in it, remembers nothing and fails nowhere.
import { afterEach, expect, test, vi } from 'vitest';
import { remember, remembered } from './remembered.ts';
import { sharedValue } from './shared-value.ts';

const items = new Map<string, string>();
const storage = {
  getItem: (key: string) => items.get(key) ?? null,
  setItem: (key: string, value: string) => void items.set(key, value),
  removeItem: (key: string) => void items.delete(key),
};
afterEach(() => {
  items.clear();
  vi.unstubAllGlobals();
});

test('what is remembered comes back, until it is forgotten', () => {
  vi.stubGlobal('localStorage', storage);
  expect(remembered('list')).toBeNull();
  remember('list', { sort: '-cost' });
  expect(remembered('list')).toEqual({ sort: '-cost' });
  remember('list', null);
  expect(items.size).toBe(0);
});

test('what cannot be read, or a device without storage, is nothing remembered', () => {
  vi.stubGlobal('localStorage', storage);
  items.set('list', '{');
  expect(remembered('list')).toBeNull();
  vi.stubGlobal('localStorage', {
    getItem: () => {
      throw new DOMException('denied');
    },
    setItem: () => {
      throw new DOMException('full');
    },
  });
  expect(remembered('list')).toBeNull();
  expect(() => remember('list', 1)).not.toThrow();
});

test('a shared value tells its listeners, until they have left', () => {
  const count = sharedValue(0);
  const heard: number[] = [];
  const leave = count.listen(() => heard.push(count.get()));
  count.set(1);
  count.set(2);
  leave();
  count.set(3);
  expect(heard).toEqual([1, 2]);
  expect(count.get()).toBe(3);
});
