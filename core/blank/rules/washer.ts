// A disc of sheet with a round hole in its middle.
import { blankRule, measuresSchema, wholeBlank } from '../blank-rule.ts';

/** The blank rule `washer`. */
export const washer = blankRule({
  schema: measuresSchema('washer', 'outside', 'inside'),
  name: 'washer',
  forms: ['sheet'],
  fresh: { rule: 'washer', outside: '', inside: '' },
  main: 'outside',
  fields: { outside: { word: 'outside' }, inside: { word: 'inside' } },
  read(typed, context) {
    const outside = context.length('outside', typed.outside, 'outside diameter');
    const inside = context.length('inside', typed.inside, 'inside diameter');
    if (!outside || !inside) return null;
    if (inside.value >= outside.value)
      return context.refuse('inside', 'The hole is as large as the washer. Make it smaller.');
    const net = { kind: 'disc', diameter: outside, hole: inside } as const;
    return wholeBlank({ kind: 'disc', diameter: outside }, { net });
  },
});
