// Schemas that documents share. What a maker typed is kept as typed, with its unit, and read when it is computed with.
import { z } from 'zod';

/** A number, a sum or a measure as typed: `18 ga`, `3/4 in`, `2*14+3 mm`. It need not be readable. */
export const typedSchema = z.string().max(60, 'That is longer than any measure: 60 characters at most.');

/** A name. */
export const nameSchema = z.string().max(120, 'A name has 120 characters at most.');

/** A note. */
export const noteSchema = z.string().max(4000, 'A note has 4,000 characters at most.');

/** A calendar day, `2026-11-12`. */
export const isoDateSchema = z.iso.date('This date cannot be read. Choose it in the calendar.');

const knownCurrencies = new Set(Intl.supportedValuesOf('currency'));

/** An ISO 4217 currency code. */
export const currencySchema = z
  .string()
  .refine((code) => knownCurrencies.has(code), 'A currency is three capital letters in use, for example GBP.');

/** Id of a row of a document; whoever adds the row makes it. */
export const rowIdSchema = z.string().min(1).max(40);
