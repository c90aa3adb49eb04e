import { expect, test } from 'vitest';
import { helpOf } from './help-of.ts';
import { helpPages } from './help-pages.ts';

test.each(['/bench/1', '/day', '/batches/1', '/prices', '/ask', '/pieces/1', '/studio/safety'])(
  'the help of %s is there',
  (screen) => {
    expect(helpPages.map(({ page }) => `/help/${page}`)).toContain(helpOf(screen));
  },
);

test('other screens open the first page', () => {
  expect(helpOf('/pieces')).toBe('/help');
});
