// A rectangle of sheet.
import { blankRule, measuresSchema, wholeBlank } from '../blank-rule.ts';

/** The blank rule `rectangle`. */
export const rectangle = blankRule({
  schema: measuresSchema('rectangle', 'width', 'length'),
  name: 'rectangle',
  forms: ['sheet'],
  fresh: { rule: 'rectangle', width: '', length: '' },
  main: 'length',
  fields: { width: { word: 'by' } },
  read(typed, context) {
    const width = context.length('width', typed.width, 'width');
    const length = context.length('length', typed.length, 'length');
    return width && length && wholeBlank({ kind: 'rectangle', width, length });
  },
});
