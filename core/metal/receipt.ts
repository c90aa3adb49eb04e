// Metal received and what was paid for it, by alloy and form. Receipts are entries: never changed, only followed by
// later ones.
import { z } from 'zod';
import { computed, type Figure, given, inSum, totalOf } from '../figure/figure.ts';
import { readMoney } from '../measure/read/read-money.ts';
import { readGrams } from '../measure/read/read-number.ts';
import { currencySchema, isoDateSchema, typedSchema } from '../measure/typed.ts';
import { type ChargeForm, chargeForms } from './charge-form.ts';
import type { Paid } from './price-per-gram.ts';

/** A receipt as it is sent. */
export const newReceiptSchema = z.strictObject({
  on: isoDateSchema,
  alloy: z.string().min(1).max(40),
  form: z.enum(chargeForms),
  /** Mass as typed: `120 g`, `2 ozt`. */
  grams: typedSchema,
  /** Total price as typed. */
  paid: typedSchema,
  currency: currencySchema,
  source: z.string().trim().min(1, 'Say who it came from.').max(200),
});
/** A receipt as it is kept. */
export const receiptSchema = newReceiptSchema.extend({ id: z.int(), at: z.iso.datetime() });

/** A receipt as it is sent. */
export type NewReceipt = z.infer<typeof newReceiptSchema>;
/** A receipt as it is kept. */
export type Receipt = z.infer<typeof receiptSchema>;

/** Problems of a receipt as typed; none when it can be kept. */
export function receiptProblems({ grams, paid, currency }: Pick<NewReceipt, 'grams' | 'paid' | 'currency'>) {
  const weight = readGrams(grams);
  const money = readMoney(paid, currency, 'amount');
  return [
    ...(weight.ok && weight.value > 0
      ? []
      : [{ path: 'grams', sentence: weight.ok ? 'Give what it weighed.' : weight.sentence }]),
    ...(money.ok && money.value > 0
      ? []
      : [{ path: 'paid', sentence: money.ok ? 'Give the total paid.' : money.sentence }]),
  ];
}

/** What was paid for a gram of an alloy in a form; null when none was received. */
export type PaidFor = (alloyId: string, form: ChargeForm) => Paid | null;

/**
 * Looks up what was paid, by the studio's valuation.
 * @param receipts  latest day first; those in another currency are left out
 * @returns the average cost over all receipts, by mass, or the last cost; nothing for replacement cost
 */
export function paidFor(
  receipts: readonly Receipt[],
  basis: 'replacement' | 'average' | 'last',
  currency: string,
): PaidFor {
  if (basis === 'replacement') return () => null;
  const known = new Map<string, Paid | null>();
  return (alloyId, form) => {
    const key = `${alloyId} ${form}`;
    const found = known.get(key);
    if (found !== undefined) return found;
    const ofStock = receipts.filter((one) => one.alloy === alloyId && one.form === form && one.currency === currency);
    const paid =
      ofStock.length === 0 ? null : { basis, perGram: perGramOf(basis === 'last' ? ofStock.slice(0, 1) : ofStock) };
    known.set(key, paid);
    return paid;
  };
}

/** Price per gram of one receipt; null when its weight or price cannot be read. */
export function receiptPerGram(receipt: Receipt): Figure | null {
  return receiptProblems(receipt).length > 0 ? null : perGramOf([receipt]);
}

function perGramOf(receipts: readonly Receipt[]): Figure {
  const read = receipts.map(({ on, grams, paid, currency, source }) => {
    const [weight, money] = [readGrams(grams), readMoney(paid, currency)];
    const from = `received ${on}, ${source}`;
    return {
      grams: given('weight', weight.ok ? weight.value : 0, 'g', from),
      paid: given('paid', money.ok ? money.value : 0, currency, from),
    };
  });
  const currency = receipts[0]?.currency ?? '';
  const grams = totalOf(
    'weight received',
    'g',
    read.map((one) => one.grams),
  );
  const paid = totalOf(
    'paid for it',
    currency,
    read.map((one) => one.paid),
  );
  const how = () => `${inSum(paid.value, currency)} ÷ ${inSum(grams.value)}`;
  return computed('paid per gram', paid.value / grams.value, `${currency}/g`, how, [paid, grams]);
}
