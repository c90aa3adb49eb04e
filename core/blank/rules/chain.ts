// Round links, each in the next, to a length of chain.
import { computed, inSum } from '../../figure/figure.ts';
import { blankRule, lengthBlank, measuresSchema } from '../blank-rule.ts';
import { turnLength } from '../jump-ring.ts';
import { chainLinks } from '../lengths/chain-length.ts';

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
