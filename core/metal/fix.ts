// Metal prices: the price of each fine metal on a day, and its source. They are entries: never changed, only followed
// by later ones. The trade calls the prices of a day the fix.
import { z } from 'zod';
import { readPricePerGram } from '../measure/read/read-money.ts';
import { currencySchema, isoDateSchema, typedSchema } from '../measure/typed.ts';
import { fixMetalNames, fixMetals } from './fine-price.ts';

/** Prices as typed, each with its weight unit: `25.50 / ozt`. Metals that are not used are left out. */
export const newFixSchema = z.strictObject({
  on: isoDateSchema,
  currency: currencySchema,
  prices: z.partialRecord(z.enum(fixMetals), typedSchema),
  source: z
    .string()
    .trim()
    .min(1, 'Say where the prices came from, for example “typed from the dealer’s list”.')
    .max(200),
});
/** Metal prices of a day as they are kept. */
export const fixSchema = newFixSchema.extend({ id: z.int(), at: z.iso.datetime() });

/** Metal prices as they are sent. */
export type NewFix = z.infer<typeof newFixSchema>;
/** Metal prices of a day as they are kept. */
export type Fix = z.infer<typeof fixSchema>;

/** Problems of metal prices as typed: a sentence for each price that cannot be read; none when they can be kept. */
export function fixProblems(fix: Pick<NewFix, 'prices' | 'currency'>): { path: string; sentence: string }[] {
  const typed = fixMetals.flatMap((metal) => {
    const text = fix.prices[metal]?.trim();
    return text ? [{ metal, reading: readPricePerGram(text, fix.currency, `price of ${fixMetalNames[metal]}`) }] : [];
  });
  if (typed.length === 0) return [{ path: 'prices', sentence: 'Give the price of at least one metal.' }];
  return typed.flatMap(({ metal, reading }) => {
    if (!reading.ok) return [{ path: `prices.${metal}`, sentence: reading.sentence }];
    return reading.value > 0
      ? []
      : [{ path: `prices.${metal}`, sentence: `The price of ${fixMetalNames[metal]} must be above 0.` }];
  });
}
