// Routes of the copies of the ledger.
import { z } from 'zod';
import { route } from './route.ts';

const stateSchema = z.strictObject({
  folder: z.string(),
  otherFolder: z.string(),
  copies: z.array(z.strictObject({ name: z.string(), at: z.iso.datetime(), bytes: z.int() })),
  problem: z.string(),
  /** The server's present moment. */
  now: z.iso.datetime(),
});

/** How the copies stand. */
export type Backups = z.infer<typeof stateSchema>;

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
};
