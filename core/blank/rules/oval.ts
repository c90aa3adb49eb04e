// An ellipse of sheet.
import { outlineAreaMm2, type Outline } from '../../geometry/outline.ts';
import { reportedFormula } from '../../measure/read/reported.ts';
import { blankRule, measuresSchema, wholeBlank } from '../blank-rule.ts';

/** The blank rule `oval`. */
export const oval = blankRule({
  schema: measuresSchema('oval', 'width', 'length'),
  name: 'oval',
  forms: ['sheet'],
  fresh: { rule: 'oval', width: '', length: '' },
  main: 'length',
  fields: { width: { word: 'by' } },
  read(typed, context) {
    const width = context.length('width', typed.width, 'width');
    const length = context.length('length', typed.length, 'length');
    if (!width || !length) return null;
    const outline: Outline = { shape: 'oval', lengthMm: length.value, widthMm: width.value };
    const area = reportedFormula(() => outlineAreaMm2(outline), 'blank.length', context.report);
    return area === null ? null : wholeBlank({ kind: 'outline', outline, sizes: [width, length] });
  },
});
