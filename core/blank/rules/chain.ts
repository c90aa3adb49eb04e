// Round links, each in the next, to a length of chain.
import { computed, inSum } from '../../figure/figure.ts';
import { blankRule, lengthBlank, measuresSchema } from '../blank-rule.ts';
import { turnLength } from '../jump-ring.ts';

/**
 * Links for a length of round-link chain: each adds its inside diameter, the ends one wire more.
 * @returns a whole number, 1 or more: the shortest chain that is not shorter than asked
 */
export function chainLinks(lengthMm: number, insideMm: number, wireMm: number): number {
  return Math.max(1, Math.ceil((lengthMm - 2 * wireMm) / insideMm - 1e-9));
}

/** Length of a chain. @returns mm */
export function chainLengthMm(links: number, insideMm: number, wireMm: number): number {
  return links * insideMm + 2 * wireMm;
}

/** The blank rule `chain`. */
export const chain = blankRule({
  schema: measuresSchema('chain', 'length', 'inside'),
  name: 'chain of links',
  forms: ['round', 'square'],
  fresh: { rule: 'chain', length: '', inside: '' },
  main: 'length',
  fields: { length: { word: 'long' }, inside: { word: 'inside a link' } },
  forming: 'Wind and cut links for',
  cutFromCoil: true,
  springsBack: true,
  read(typed, context) {
    const length = context.length('length', typed.length, 'length of chain');
    const inside = context.length('inside', typed.inside, 'inside of a link');
    if (!length || !inside || !context.stock) return null;
    const wire = context.thickness;
    const how = `(${inSum(length.value)} − 2 × ${inSum(wire.value)}) ÷ ${inSum(inside.value)}, rounded up`;
    const links = chainLinks(length.value, inside.value, wire.value);
    const times = computed('links', links, '', how, [length, wire, inside]);
    return lengthBlank(turnLength('wire for a link', inside, wire), { times });
  },
});
