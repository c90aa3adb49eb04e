// The stock a part is cut from, as typed: a form with its measures.
import { z } from 'zod';
import { typedSchema } from '../measure/typed.ts';
import type { Section } from './section.ts';

const shaped = { width: typedSchema, height: typedSchema };

/** A section as typed: every measure is text with its unit. */
export const sectionSchema = z.discriminatedUnion('form', [
  z.strictObject({ form: z.literal('round'), diameter: typedSchema }),
  z.strictObject({ form: z.literal('square'), side: typedSchema }),
  z.strictObject({ form: z.literal('strip'), width: typedSchema, thickness: typedSchema }),
  z.strictObject({ form: z.literal('half-round'), ...shaped }),
  z.strictObject({ form: z.literal('d'), ...shaped }),
  z.strictObject({ form: z.literal('triangle'), ...shaped }),
  z.strictObject({ form: z.literal('oval'), ...shaped }),
  /** Bought with a rolled-in pattern: its mass per length is measured, not computed. */
  z.strictObject({ form: z.literal('patterned'), width: typedSchema, thickness: typedSchema, weight: typedSchema }),
  z.strictObject({ form: z.literal('tube'), outside: typedSchema, wall: typedSchema }),
  z.strictObject({ form: z.literal('square-tube'), outside: typedSchema, wall: typedSchema }),
  z.strictObject({ form: z.literal('sheet'), thickness: typedSchema }),
  /** Casting grain, or scrap to be melted: taken by weight. */
  z.strictObject({ form: z.literal('grain') }),
]);
/** A section as typed. */
export type PartSection = z.infer<typeof sectionSchema>;

/** A section as it would be typed, in mm; null for grain and patterned strip, which are not drawn up from measures. */
export function typedSection(section: Section): PartSection | null {
  if (section.form === 'patterned' || section.form === 'grain') return null;
  const fields = Object.entries(section).map(([key, value]) => [
    key.replace(/Mm$/, ''),
    typeof value === 'number' ? `${String(value)} mm` : value,
  ]);
  return sectionSchema.parse(Object.fromEntries(fields));
}
