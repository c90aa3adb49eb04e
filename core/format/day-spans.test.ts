import { afterEach, expect, test } from 'vitest';
import { readSpans, showSpans } from './day-spans.ts';
import { setStudioFormat } from './studio-format.ts';

afterEach(() => setStudioFormat('GB'));
const TODAY = '2026-11-30';

test.each([
  ['GB', '24/12/2026 to 2/1/2027; 5 Feb 2027', '2026-12-24 to 2027-01-02, 2027-02-05'],
  ['GB', '24 Dec to 2 Jan', '2026-12-24 to 2027-01-02'],
  ['US', '12/24/2026 to 1/2/2027', '2026-12-24 to 2027-01-02'],
  ['DE', '24.12.2026 – 2.1.2027', '2026-12-24 to 2027-01-02'],
  ['GB', '2026-12-24 to 2027-01-02, 2027-02-05', '2026-12-24 to 2027-01-02, 2027-02-05'],
  ['GB', ' ', ''],
])('in %s, %s is read as %s', (country, typed, stored) => {
  setStudioFormat(country);
  expect(readSpans(typed, TODAY)).toBe(stored);
});

test.each(['soon', '24 Dec to soon', '24 Dec 2026 to 2 Dec 2026'])('%s is no span of days', (typed) => {
  expect(readSpans(typed, TODAY)).toBeNull();
});

test.each(['GB', 'US', 'DE', 'SE', 'JP', 'HU', 'FR', 'CH'])('what is shown in %s is read again', (country) => {
  setStudioFormat(country);
  const stored = '2026-12-24 to 2027-01-02, 2027-02-05';
  expect(readSpans(showSpans(stored), TODAY)).toBe(stored);
});
