// Casting grain, or scrap to be melted, by weight.
import { readGrams } from '../../measure/read/read-number.ts';
import { reported } from '../../measure/read/reported.ts';
import { blankRule, measuresSchema, wholeBlank } from '../blank-rule.ts';

/** The blank rule `weight`. */
export const weight = blankRule({
  schema: measuresSchema('weight', 'grams'),
  name: 'by weight',
  forms: ['grain'],
  fresh: { rule: 'weight', grams: '' },
  main: 'grams',
  fields: {},
  read(typed, context) {
    const grams = reported(readGrams(typed.grams), 'blank.grams', 'weight', 'g', context.report);
    if (!grams) return null;
    if (grams.value > 0) return wholeBlank({ kind: 'weight', grams });
    return context.refuse('grams', 'Give the weight, for example 12 g.');
  },
});
