// An ellipse of sheet.
import { blankRule, measuresSchema, outlineBlank } from '../blank-rule.ts';

/** The blank rule `oval`. */
export const oval = blankRule({
  schema: measuresSchema('oval', 'width', 'length'),
  name: 'oval',
  forms: ['sheet'],
  fresh: { rule: 'oval', width: '', length: '' },
  main: 'length',
  fields: { width: { word: 'by' } },
  read: (typed, context) => outlineBlank(typed, context, (widthMm, lengthMm) => ({ shape: 'oval', lengthMm, widthMm })),
});
