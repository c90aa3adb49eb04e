// Sheet pressed in a die; the excess all round is sawn off afterwards.
import { computed, type Figure, inSum } from '../../figure/figure.ts';
import { blankRule, measuresSchema, wholeBlank } from '../blank-rule.ts';

/** The blank rule `pressed`. */
export const pressed = blankRule({
  schema: measuresSchema('pressed', 'width', 'length', 'depth', 'excess'),
  name: 'pressed in a die',
  forms: ['sheet'],
  fresh: { rule: 'pressed', width: '', length: '', depth: '', excess: '' },
  main: 'length',
  fields: { width: { word: 'by' }, depth: { word: 'deep' }, excess: { word: 'excess', blank: '0' } },
  forming: 'Press',
  read(typed, context) {
    const width = context.length('width', typed.width, 'width');
    const length = context.length('length', typed.length, 'length');
    context.length('depth', typed.depth, 'depth of the die');
    const excess = context.length('excess', typed.excess, 'excess', true);
    if (!width || !length || !excess) return null;
    const cut = { kind: 'rectangle', width: withExcess(width, excess), length: withExcess(length, excess) } as const;
    return wholeBlank(cut, { net: { kind: 'rectangle', width, length } });
  },
});

function withExcess(side: Figure, excess: Figure): Figure {
  const how = `${inSum(side.value)} + 2 × ${inSum(excess.value)}`;
  return computed(`${side.label} with excess`, side.value + 2 * excess.value, 'mm', how, [side, excess]);
}
