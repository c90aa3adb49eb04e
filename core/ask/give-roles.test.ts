// Which measure each measuring word belongs to.
import { expect, test } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import { questionOf } from './interpret-terms.ts';

const basis = { alloys: alloysWith([]), fix: null };
/** Each size of a line with its role. */
const rolesOf = (line: string) =>
  questionOf(line, basis).sizes.map(({ mm, gauge, role }) => [gauge ? `${String(gauge.number)} ga` : mm, role]);

test.each([
  ['a word belongs to the measure before it', 'jump rings 5 mm inside 1 mm wire', [[5, 'inside'], [1, 'wire']]],
  ['or else to the one after it', 'jump rings inside 5 mm wire 1 mm', [[5, 'inside'], [1, 'wire']]],
  ['to the nearer one', 'tube 6 mm, wall 0.5 mm', [[6, null], [0.5, 'wall']]],
  ['after crossed sides to the next', 'bezel 12 x 10 mm high 3 mm', [[12, null], [10, null], [3, 'high']]],
  ['a gauge is never an inside', 'rings 18 ga inside 5 mm', [['18 ga', null], [5, 'inside']]],
  ['a kerf is the smaller', 'blanks 40 mm kerf 0.4 mm', [[40, null], [0.4, 'kerf']]],
  ['a gap is wider than metal is thick', 'cuff 2.5 mm gap 30 mm', [[2.5, null], [30, 'opening']]],
  ['nothing worn is 3 mm round', 'bangle 3 mm around 200 mm', [[3, null], [200, 'around']]],
  ['wire is far thinner than long', '30 cm of triangle, wire 4 mm', [[300, null], [4, null]]],
  ['a length of wire is no thickness', '600 mm of wire 1 mm', [[600, null], [1, null]]],
  ['wire names the first, inside the second', 'rings wire 1.6 mm inside 5 mm', [[1.6, 'wire'], [5, 'inside']]],
] as const)('%s: %s', (_rule, line, roles) => {
  expect(rolesOf(line)).toEqual(roles);
}); // prettier-ignore
