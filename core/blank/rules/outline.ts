// A free outline of sheet, corner by corner.
import { z } from 'zod';
import { blankRule, wholeBlank } from '../blank-rule.ts';
import { readOutline } from '../read-outline.ts';

/** The blank rule `outline`. */
export const outline = blankRule({
  /** Corners as `x,y` in mm: `0,0 24,0 12,18`. */
  schema: z.strictObject({ rule: z.literal('outline'), points: z.string().max(400) }),
  name: 'free outline',
  forms: ['sheet'],
  fresh: { rule: 'outline', points: '' },
  main: 'points',
  fields: {},
  read(typed, context) {
    const read = readOutline(typed.points);
    if ('sentence' in read) return context.refuse('points', read.sentence);
    return wholeBlank({ kind: 'outline', outline: { shape: 'polygon', points: read.points }, sizes: [] });
  },
});
