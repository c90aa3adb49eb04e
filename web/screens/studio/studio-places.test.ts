// Every setting stands on a page of the settings, and an address of a section leads to its page.
import { expect, test } from 'vitest';
import { studioSchema } from '../../../core/studio/studio.ts';
import { pageOfField, pageOfSection, studioPlaces } from './studio-places.ts';

test('sections have one page each', () => {
  const sections = studioPlaces.flatMap(({ sections: own }) => own.map(([id]): string => id));
  expect(new Set(sections).size).toBe(sections.length);
  for (const { page, sections: own } of studioPlaces) for (const [id] of own) expect(pageOfSection(id)).toBe(page);
  expect(pageOfSection('fix')).toBeUndefined();
});

test.each([
  ['hourlyRate', 'workshop'],
  ['makers.0.rate', 'workshop'],
  ['consumablesPerHour', 'money'],
  ['overheadCosts.2.amount', 'money'],
  ['makingCharges.0.wire', 'metal'],
  ['retailFactor', 'pricing'],
  ['channels.1.fee', 'selling'],
  ['stations.0.out', 'hours'],
  ['ownAlloys.0.density', 'alloys'],
])('%s stands on %s', (path, page) => expect(pageOfField(path)).toBe(page));

test('every page but the last two has a setting', () => {
  const pages = new Set(Object.keys(studioSchema.shape).map(pageOfField));
  for (const { page } of studioPlaces) if (page !== 'safety') expect(pages).toContain(page);
});
