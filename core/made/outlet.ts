// Outlets: shops that sell on consignment or buy outright, the studio's own site, and loans.
import { z } from 'zod';
import { nameSchema, noteSchema, typedSchema } from '../measure/typed.ts';
import { outletKinds } from './made-place.ts';

/** An outlet as it is sent. */
export const outletSchema = z.strictObject({
  kind: z.enum(outletKinds),
  name: nameSchema.min(1, 'Give its name.'),
  /** Sales channel of the studio whose fees apply; '' for none. */
  channel: z.string().max(40),
  /** Commission of the shop, as a share; blank for that of the channel. */
  commission: typedSchema,
  address: noteSchema,
  /** Whether it is not dealt with any more. */
  isClosed: z.boolean(),
});
/** An outlet as it is kept. */
export const keptOutletSchema = outletSchema.extend({ id: z.string().min(1).max(40) });
/** An outlet as it is sent. */
export type NewOutlet = z.infer<typeof outletSchema>;
/** An outlet as it is kept. */
export type Outlet = Readonly<z.infer<typeof keptOutletSchema>>;

/** An outlet before anything is typed. */
export const emptyOutlet: NewOutlet = {
  kind: 'shop',
  name: '',
  channel: '',
  commission: '',
  address: '',
  isClosed: false,
};
