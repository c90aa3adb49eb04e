// Jump rings side by side round a girth, standing for a bezel.
import { computed, inSum } from '../../figure/figure.ts';
import { blankRule, lengthBlank, measuresSchema } from '../blank-rule.ts';
import { turnLength } from '../jump-ring.ts';
import { ringsAround } from '../lengths/rings-around.ts';

/** The blank rule `ring-bezel`. */
export const ringBezel = blankRule({
  schema: measuresSchema('ring-bezel', 'girth', 'inside'),
  name: 'jump-ring bezel',
  forms: ['round', 'square'],
  fresh: { rule: 'ring-bezel', girth: '', inside: '' },
  main: 'girth',
  fields: { girth: { word: 'girth' }, inside: { word: 'inside a ring' } },
  forming: 'Wind and cut rings for',
  cutFromCoil: true,
  springsBack: true,
  read(typed, context) {
    const girth = context.length('girth', typed.girth, 'girth');
    const inside = context.length('inside', typed.inside, 'inside of a ring');
    if (!girth || !inside || !context.stock) return null;
    const wire = context.thickness;
    const how = `${inSum(girth.value)} ÷ (${inSum(inside.value)} + 2 × ${inSum(wire.value)}), whole rings`;
    const rings = ringsAround(girth.value, inside.value + 2 * wire.value);
    if (rings < 3) return context.refuse('girth', 'Fewer than three such rings go round. Make them smaller.');
    const times = computed('rings round it', rings, '', how, [girth, inside, wire]);
    return lengthBlank(turnLength('wire for a ring', inside, wire), { times });
  },
});
