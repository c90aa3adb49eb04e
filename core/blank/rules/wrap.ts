// Wire wound round a core.
import { computed, inSum } from '../../figure/figure.ts';
import { blankRule, lengthBlank, measuresSchema } from '../blank-rule.ts';
import { wrapLengthMm } from '../lengths/wrap-length.ts';

/** The blank rule `wrap`. */
export const wrap = blankRule({
  schema: measuresSchema('wrap', 'turns', 'core'),
  name: 'wound round',
  forms: ['round', 'square', 'strip', 'half-round', 'oval'],
  fresh: { rule: 'wrap', turns: '', core: '' },
  main: 'core',
  fields: { turns: { word: 'turns', isCount: true }, core: { word: 'core' } },
  forming: 'Wind',
  springsBack: true,
  read(typed, context) {
    const turns = context.turns(typed.turns, '12');
    const core = context.wire('core', typed.core, 'core');
    if (!turns || !core || !context.stock) return null;
    if (turns.value === 0) return context.refuse('turns', 'Give the turns of the wrap, for example 6.');
    const wire = context.thickness;
    const how = `${inSum(turns.value)} × π × (${inSum(core.value)} + ${inSum(wire.value)})`;
    const length = wrapLengthMm(turns.value, core.value, wire.value);
    return lengthBlank(computed('wire of the wrap', length, 'mm', how, [turns, core, wire]));
  },
});
