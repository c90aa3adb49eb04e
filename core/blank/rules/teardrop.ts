// A teardrop of sheet: an arc and the two tangents that meet at its point.
import { outlineAreaMm2, type Outline } from '../../geometry/outline.ts';
import { reportedFormula } from '../../measure/read/reported.ts';
import { blankRule, measuresSchema, wholeBlank } from '../blank-rule.ts';

/** The blank rule `teardrop`. */
export const teardrop = blankRule({
  schema: measuresSchema('teardrop', 'width', 'length'),
  name: 'teardrop',
  forms: ['sheet'],
  fresh: { rule: 'teardrop', width: '', length: '' },
  main: 'length',
  fields: { width: { word: 'by' } },
  read(typed, context) {
    const width = context.length('width', typed.width, 'width');
    const length = context.length('length', typed.length, 'length');
    if (!width || !length) return null;
    const outline: Outline = { shape: 'teardrop', diameterMm: width.value, lengthMm: length.value };
    const area = reportedFormula(() => outlineAreaMm2(outline), 'blank.length', context.report);
    return area === null ? null : wholeBlank({ kind: 'outline', outline, sizes: [width, length] });
  },
});
