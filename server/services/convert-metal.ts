// Melts, rolls, draws, alloys and granulates: metal becomes other stock, and what is missing is lost.
import type { Conversion } from '../../contract/account.ts';
import { type End, type MetalEntry, mgOf, partOf } from '../../core/account/entry.ts';
import { conversionLines, type MeltInput } from '../../core/account/melt.ts';
import { jarAt, type Place } from '../../core/account/place.ts';
import { readGrams } from '../../core/measure/read/read-number.ts';
import type { Stores } from '../store/stores.ts';
import { refuseField } from './refuse.ts';
import { entryOf, readStock } from './stockroom.ts';

const REFUSAL = 'This can’t be booked yet.';

/**
 * @throws NotAcceptable when a weight cannot be read, more is taken than there is, or more came out than went in
 */
export function convertMetal(stores: Stores, { on, how, inputs, output, kind, why }: Conversion): MetalEntry[] {
  const taken = inputs.map((input, index) => takeInput(stores, input, index));
  const read = readStock(stores, output, kind === 'ingot' ? 'ingot' : 'grain');
  const went = taken.reduce((sum, { mass }) => sum + mass.mg, 0);
  if (read.mass.mg > went) refuseField('output.weighed', 'More came out than went in. Weigh again.', REFUSAL);
  const to: End = { place: 'stock', lot: read.row.id, pieces: read.pieces };
  const lines = conversionLines(taken, { alloy: read.mass.alloy, mg: read.mass.mg }, to);
  const entry = entryOf(stores, { kind: 'converted', on, why, detail: { conversion: how }, lines });
  return stores.account.add([entry], [read.row]);
}

function takeInput(
  stores: Stores,
  { place, lot, alloy, grams }: Conversion['inputs'][number],
  index: number,
): MeltInput {
  const path = `inputs.${String(index)}.grams`;
  const jar = jarAt(place as Place);
  if (!(place === 'stock' || jar)) refuseField(path, 'Metal is taken from stock or from a jar.', REFUSAL);
  if (jar && jar.kind !== 'clean')
    refuseField(path, 'Only clean scrap is melted in. Solder and filings go to the refiner.', REFUSAL); // prettier-ignore
  const there = stores.account.balances(place).find((one) => one.alloy === alloy && one.lot === lot);
  const reading = readGrams(grams);
  if (!reading.ok) refuseField(path, reading.sentence, REFUSAL);
  const mg = mgOf(reading.value);
  if (!there || mg <= 0 || mg > there.mg) {
    const sentence = `There are ${String((there?.mg ?? 0) / 1000)} g of it.`;
    refuseField(path, sentence, REFUSAL);
  }
  // Of bars and sheets whole ones go in; grain and scrap are weighed.
  const pieces = there.pieces === 0 ? 0 : Math.round((there.pieces * mg) / there.mg);
  if (
    lot !== null &&
    stores.account.lot(lot).row.lot !== null &&
    Math.abs(pieces * there.mg - mg * there.pieces) > there.pieces
  )
    refuseField(path, 'Take whole bars: weigh what goes in, and count the rest.', REFUSAL);
  const from: End = { place: place as Place, ...(lot && { lot }), pieces: mg === there.mg ? there.pieces : pieces };
  return { mass: partOf(there, mg), from };
}
