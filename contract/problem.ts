// Errors in one shape: problem details (RFC 9457), with a sentence for each field that is wrong.
import { z } from 'zod';

const fieldErrorSchema = z.object({
  /** Where in what was sent: `parts.0.section.diameter`. Empty for the whole. */
  path: z.string(),
  sentence: z.string(),
});

export const problemDetailsSchema = z.object({
  type: z.enum([
    'about:blank',
    '/problems/not-understood',
    '/problems/not-found',
    '/problems/changed-meanwhile',
    '/problems/too-large',
  ]),
  title: z.string(),
  status: z.int(),
  detail: z.string(),
  errors: z.array(fieldErrorSchema).optional(),
  /** With `changed-meanwhile`: what stands in the ledger now. */
  current: z.unknown().optional(),
});

export type ProblemDetails = z.infer<typeof problemDetailsSchema>;
export type FieldError = z.infer<typeof fieldErrorSchema>;
