// Common practice: gold takes gold solder, silver takes silver solder; mixed metals take that of one of them.
import { expect, test } from 'vitest';
import { briefly, discBlank, foundIn, sheet, type Sketch } from '../fixtures/check.ts';
import { solderFamily } from './solder-family.ts';

const joined = (solder: string, ...alloys: string[]): Sketch => ({
  parts: alloys.map((alloy, index) => ({ id: `p${String(index)}`, alloy, section: sheet(), blank: discBlank })),
  joins: [{ id: 'j', parts: alloys.map((_, index) => `p${String(index)}`), solder }],
});

test.each([
  ['silver-hard', ['gold-22k-yellow'], ['warn j']],
  ['silver-hard', ['silver-925', 'copper-c110'], []],
  ['silver-hard', ['brass-c260'], []],
  ['gold-18k-hard', ['gold-18k-yellow'], []],
  ['silver-easy', ['gold-18k-yellow', 'silver-925'], []],
  ['silver-hard', ['platinum-950-ru'], ['warn j']],
])('%s on %j gives %j', (solder, alloys, found) => {
  expect(briefly(foundIn(solderFamily, joined(solder, ...alloys)))).toEqual(found);
});
