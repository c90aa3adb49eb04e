// Wire with a ball melted at one end or both.
import { computed, inSum } from '../../figure/figure.ts';
import { blankRule, lengthBlank, measuresSchema } from '../blank-rule.ts';
import { balledEndMm } from '../lengths/balled-end.ts';

/** The blank rule `balled`. */
export const balled = blankRule({
  schema: measuresSchema('balled', 'length', 'ball', 'ends'),
  name: 'ball-end wire',
  forms: ['round'],
  fresh: { rule: 'balled', length: '', ball: '', ends: '1' },
  main: 'length',
  fields: { length: { word: 'and' }, ball: { word: 'ball' }, ends: { word: 'ends', isCount: true } },
  read(typed, context) {
    const length = context.length('length', typed.length, 'length');
    const ball = context.length('ball', typed.ball, 'ball');
    const ends = context.count('ends', typed.ends || '1', 'balled ends');
    if (!length || !ball || !ends || !context.stock) return null;
    const wire = context.thickness;
    const eaten = ends.value * balledEndMm(ball.value, wire.value);
    const ate = `${inSum(ends.value)} × 2 × ${inSum(ball.value)}³ ÷ (3 × ${inSum(wire.value)}²)`;
    const how = `${inSum(length.value)} + ${ate}`;
    return lengthBlank(computed('wire to cut', length.value + eaten, 'mm', how, [length, ball, ends, wire]));
  },
});
