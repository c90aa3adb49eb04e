// A message takes the place of the one before; what it tells is undone once.
import { expect, test, vi } from 'vitest';
import { showToast, undoLatest } from './toasts.ts';

test('the latest message is undone, once', () => {
  const [first, second] = [vi.fn(), vi.fn()];
  showToast('3 counted', first);
  showToast('2 prices changed', second);
  expect(undoLatest()).toBe(true);
  expect(undoLatest()).toBe(false);
  expect(first).not.toHaveBeenCalled();
  expect(second).toHaveBeenCalledTimes(1);
});

test('a message that cannot be undone leaves nothing to undo', () => {
  showToast('2 prices changed', vi.fn());
  showToast('Copied.');
  expect(undoLatest()).toBe(false);
});
