// A row of work: what the maker does to a part, a sub-assembly, a join, a finding or the finished piece.
import { z } from 'zod';
import type { Issue } from '../measure/issue.ts';
import { readCount, readMinutes } from '../measure/read/read-number.ts';
import { nameSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';
import { stepKinds } from './step.ts';

/** A row of work as it is stored. Blank fields follow the kind of work. */
export const workRowSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  /** Blank: recognised by its name. */
  kind: z.enum(['', ...stepKinds]).default(''),
  /** Id of the part, sub-assembly, finding or join; blank for the finished piece. */
  on: z.string().max(40).default(''),
  /** Holes, openings, turns in one piece; blank: counted from the recipe. 0 leaves the work out. */
  count: typedSchema.default(''),
  /** Attended minutes once a batch, and for each of what is counted. */
  setUp: typedSchema.default(''),
  each: typedSchema.default(''),
  unattended: typedSchema.default(''),
  station: nameSchema.default(''),
});

/** A row of work as it is stored. */
export type WorkRow = z.infer<typeof workRowSchema>;

/** Problems of a row of work. Paths are within the row: `count`. */
export function workRowProblems(row: WorkRow): Issue[] {
  const checks = [
    ['count', row.count, (text: string) => readCount(text, 0)],
    ['setUp', row.setUp, readMinutes],
    ['each', row.each, readMinutes],
    ['unattended', row.unattended, readMinutes],
  ] as const;
  return checks.flatMap(([path, text, read]) => {
    const reading = text.trim() ? read(text) : null;
    return reading && !reading.ok ? [{ path, sentence: reading.sentence }] : [];
  });
}
