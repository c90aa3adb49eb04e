// Routes of the copies of the ledger.
import { z } from 'zod';
import { route } from './route.ts';

const stateSchema = z.strictObject({
  folder: z.string(),
  otherFolder: z.string(),
  copies: z.array(z.strictObject({ name: z.string(), at: z.iso.datetime(), bytes: z.int() })),
  problem: z.string(),
  /** Whether copies are made daily; not for the sample workshop. */
  isDaily: z.boolean(),
  /** The server's present moment. */
  now: z.iso.datetime(),
});

/** How the copies stand. */
export type Backups = z.infer<typeof stateSchema>;

const nameParams = z.object({ name: z.string().regex(/^ledger-[\d-]+\.sqlite$/, 'There is no such copy.') });

/** Routes of the copies. */
export const backupRoutes = {
  state: route({
    method: 'GET',
    path: '/api/backups',
    tag: 'backups',
    summary: 'Copies of the ledger',
    answer: stateSchema,
  }),
  now: route({ method: 'POST', path: '/api/backups', tag: 'backups', summary: 'Make a copy now', answer: stateSchema }),
  folder: route({
    method: 'PUT',
    path: '/api/backups/folder',
    tag: 'backups',
    summary: 'Choose a second folder for copies; blank for none',
    body: z.strictObject({ otherFolder: z.string().max(1000) }),
    answer: stateSchema,
  }),
  look: route({
    method: 'POST',
    path: '/api/backups/:name/look',
    tag: 'backups',
    summary: 'Open a copy beside the ledger, only to look at; answers with its address',
    params: nameParams,
    answer: z.strictObject({ address: z.string() }),
  }),
  sample: route({
    method: 'POST',
    path: '/api/sample',
    tag: 'backups',
    summary: 'Open the sample workshop beside the ledger; answers with its address',
    body: z.strictObject({ from: z.url({ protocol: /^https?$/ }).max(200) }),
    answer: z.strictObject({ address: z.string() }),
  }),
  restore: route({
    method: 'POST',
    path: '/api/backups/:name/restore',
    tag: 'backups',
    summary: 'Put a copy in the place of the ledger, which is kept beside it; the server starts again',
    params: nameParams,
    answer: z.null(),
    status: 204,
  }),
  exportAll: route({
    method: 'GET',
    path: '/api/ledger.zip',
    tag: 'backups',
    summary: 'The whole ledger in an open format',
  }),
  about: route({
    method: 'GET',
    path: '/api/about',
    tag: 'backups',
    summary: 'Whether this is a copy or the sample workshop',
    answer: z.strictObject({
      /** When the copy was made; '' for the ledger itself. */
      copyOf: z.string(),
      /** Where the sample workshop was opened from; '' for any other ledger. */
      sampleFrom: z.string(),
    }),
  }),
};
