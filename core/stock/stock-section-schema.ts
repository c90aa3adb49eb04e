// The schema of a section in mm, for stock that another program names.
import { z } from 'zod';
import type { Section } from './section.ts';

/** mm: no stock of a small studio is larger. */
const mm = z.number().positive().max(5000);
const sizes = { widthMm: mm, heightMm: mm };
const walls = { outsideMm: mm, wallMm: mm };

/** A section with its sizes, mm. */
export const stockSectionSchema = z.discriminatedUnion('form', [
  z.strictObject({ form: z.literal('round'), diameterMm: mm }),
  z.strictObject({ form: z.literal('square'), sideMm: mm }),
  z.strictObject({ form: z.literal('strip'), widthMm: mm, thicknessMm: mm }),
  z.strictObject({ form: z.literal('half-round'), ...sizes }),
  z.strictObject({ form: z.literal('d'), ...sizes }),
  z.strictObject({ form: z.literal('triangle'), ...sizes }),
  z.strictObject({ form: z.literal('oval'), ...sizes }),
  z.strictObject({ form: z.literal('tube'), ...walls }),
  z.strictObject({ form: z.literal('square-tube'), ...walls }),
  z.strictObject({ form: z.literal('patterned'), widthMm: mm, thicknessMm: mm, gramsPerMm: z.number().positive() }),
  z.strictObject({ form: z.literal('sheet'), thicknessMm: mm }),
]) satisfies z.ZodType<Section>;
