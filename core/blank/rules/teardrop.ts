// A teardrop of sheet: an arc and the two tangents that meet at its point.
import { blankRule, measuresSchema, outlineBlank } from '../blank-rule.ts';

/** The blank rule `teardrop`. */
export const teardrop = blankRule({
  schema: measuresSchema('teardrop', 'width', 'length'),
  name: 'teardrop',
  forms: ['sheet'],
  fresh: { rule: 'teardrop', width: '', length: '' },
  main: 'length',
  fields: { width: { word: 'by' } },
  read: (typed, context) =>
    outlineBlank(typed, context, (widthMm, lengthMm) => ({ shape: 'teardrop', diameterMm: widthMm, lengthMm })),
});
