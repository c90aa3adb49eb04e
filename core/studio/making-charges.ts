// Fabrication charges: what a supplier asks over the metal price, by family, form and thickness.
import { type Figure, given } from '../figure/figure.ts';
import { readLength } from '../measure/read/read-length.ts';
import { readPricePerGram } from '../measure/read/read-money.ts';
import { type ChargeForm, chargeForms } from '../metal/charge-form.ts';
import type { ReadSetting } from './read-setting.ts';
import type { MakingCharge, Studio } from './studio.ts';

/**
 * @returns a function that finds the charge: of a family's rows that reach the thickness, the one that reaches least; 0
 *   without one
 */
export function readMakingCharges(
  { makingCharges, currency }: Studio,
  value: ReadSetting,
  source: string,
): (family: string, form: ChargeForm, thicknessMm: number) => Figure {
  const none = given('making charge', 0, `${currency}/g`, 'none entered in Settings');
  const rows = makingCharges
    .map((row, index) => {
      const path = `makingCharges.${String(index)}`;
      const upTo = row.upTo.trim() ? value(`${path}.upTo`, readLength(row.upTo, { what: 'thickness' })) : Infinity;
      const charges = new Map(chargeForms.map((form) => [form, chargeOf(row, form, `${path}.${form}`)]));
      // Shaped wire without a charge of its own costs as wire.
      if (!row.shaped.trim()) charges.set('shaped', charges.get('wire') ?? none);
      return { family: row.family, upTo, charges };
    })
    .sort((a, b) => a.upTo - b.upTo);
  return (family, form, thicknessMm) => {
    const row = rows.find((one) => one.family === family && thicknessMm <= one.upTo + 1e-9);
    return row?.charges.get(form) ?? none;
  };

  function chargeOf(row: MakingCharge, form: ChargeForm, path: string): Figure {
    const typed = row[form];
    const perGram = value(path, readPricePerGram(typed, currency, 'making charge'));
    const band = row.upTo.trim() ? `, up to ${row.upTo.trim()}` : '';
    const from = `${source}: ${typed.trim() || 'none entered'}${band}`;
    return given(`making charge, ${form}`, perGram, `${currency}/g`, from);
  }
}
