// A section drawn up as text reads back as itself.
import { expect, test } from 'vitest';
import { readSection } from './read-section.ts';
import type { Section } from './section.ts';
import { typedSection } from './typed-section.ts';

const sections: readonly Section[] = [
  { form: 'round', diameterMm: 1.0236 },
  { form: 'square', sideMm: 2 },
  { form: 'strip', widthMm: 6, thicknessMm: 1.2 },
  { form: 'half-round', widthMm: 4, heightMm: 2 },
  { form: 'tube', outsideMm: 3, wallMm: 0.5 },
  { form: 'sheet', thicknessMm: 0.9 },
];

test.each(sections)('$form', (section) => {
  const typed = typedSection(section);
  if (!typed) throw new Error('This section is drawn up from measures.');
  expect(readSection(typed, 'awg', () => undefined)?.section).toEqual(section);
});

test('grain and patterned strip have no measures to draw up', () => {
  expect(typedSection({ form: 'grain' })).toBeNull();
  expect(typedSection({ form: 'patterned', widthMm: 4, thicknessMm: 1, gramsPerMm: 0.03 })).toBeNull();
});
