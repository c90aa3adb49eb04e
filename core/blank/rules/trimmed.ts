// A rectangle of sheet that is soldered on and then trimmed to an outline; the border becomes scrap.
import { z } from 'zod';
import { type Outline, outlineAreaMm2 } from '../../geometry/outline.ts';
import { reportedFormula } from '../../measure/read/reported.ts';
import { typedSchema } from '../../measure/typed.ts';
import { blankRule } from '../blank-rule.ts';

const shapes = ['round', 'oval', 'teardrop', 'rectangle'] as const;

/** The blank rule `trimmed`: cut as a rectangle, kept as an outline. */
export const trimmed = blankRule({
  schema: z.strictObject({
    rule: z.literal('trimmed'),
    /** The rectangle that is cut. */
    width: typedSchema,
    length: typedSchema,
    /** The outline that is kept. */
    keeps: z.enum(shapes).default('oval'),
    keptWidth: typedSchema,
    keptLength: typedSchema,
  }),
  name: 'cut and trimmed',
  forms: ['sheet'],
  fresh: { rule: 'trimmed', width: '', length: '', keeps: 'oval', keptWidth: '', keptLength: '' },
  main: 'length',
  fields: {
    width: { word: 'by' },
    keptWidth: { word: 'kept by', blank: 'all' },
    keptLength: { word: 'kept', blank: 'all' },
  },
  read(typed, context) {
    const width = context.length('width', typed.width, 'width');
    const length = context.length('length', typed.length, 'length');
    const keptWidth = context.length('keptWidth', typed.keptWidth || typed.width, 'width kept');
    const keptLength = context.length('keptLength', typed.keptLength || typed.length, 'length kept');
    if (!width || !length || !keptWidth || !keptLength) return null;
    if (keptWidth.value > width.value + 1e-9)
      return context.refuse('keptWidth', 'The outline is wider than the sheet that is cut. Cut it larger.');
    if (keptLength.value > length.value + 1e-9)
      return context.refuse('keptLength', 'The outline is longer than the sheet that is cut. Cut it larger.');
    const cut = { kind: 'rectangle', width, length } as const;
    if (typed.keeps === 'rectangle')
      return { cut, net: { kind: 'rectangle', width: keptWidth, length: keptLength }, times: null, cuts: 1 };
    if (typed.keeps === 'round') return { cut, net: { kind: 'disc', diameter: keptWidth }, times: null, cuts: 1 };
    const lengthMm = keptLength.value;
    const outline: Outline =
      typed.keeps === 'teardrop'
        ? { shape: 'teardrop', diameterMm: keptWidth.value, lengthMm }
        : { shape: 'oval', widthMm: keptWidth.value, lengthMm };
    const area = reportedFormula(() => outlineAreaMm2(outline), 'blank.keptLength', context.report);
    return area === null
      ? null
      : { cut, net: { kind: 'outline', outline, sizes: [keptWidth, keptLength] }, times: null, cuts: 1 };
  },
});
