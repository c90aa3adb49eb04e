// The shape of every error: problem details (RFC 9457), with a sentence for each field that is wrong.
import { z } from 'zod';

const fieldErrorSchema = z.object({
  /** Path within the request body: `parts.0.section.diameter`. Empty for the whole. */
  path: z.string(),
  sentence: z.string(),
});

/** Schema of an error answer. */
export const problemDetailsSchema = z.object({
  type: z.enum([
    'about:blank',
    '/problems/not-understood',
    '/problems/not-found',
    '/problems/changed-meanwhile',
    '/problems/too-large',
    '/problems/file',
    '/problems/waiting',
    '/problems/locked',
    '/problems/not-paired',
  ]),
  title: z.string(),
  status: z.int(),
  detail: z.string(),
  errors: z.array(fieldErrorSchema).optional(),
  /** With `changed-meanwhile`: the current document. */
  current: z.unknown().optional(),
});

/** An error answer, RFC 9457. */
export type ProblemDetails = z.infer<typeof problemDetailsSchema>;
/** A sentence about one field. */
export type FieldError = z.infer<typeof fieldErrorSchema>;
