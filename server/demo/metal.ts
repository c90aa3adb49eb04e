// The season of the sample workshop's metal: bought, issued, returned, melted, sent to the refiner, with one batch whose
// loss is unusual and explained.
import { metalMass, move } from '../../core/account/entry.ts';
import type { IssueLine } from '../../core/batch/cut-list.ts';
import { metalOfBatch } from '../../core/batch/metal-of-batch.ts';
import type { TypedReturn } from '../../core/batch/read-return.ts';
import { type NewLot, newLotSchema } from '../../core/batch/stock/shelf.ts';
import { dayAfter } from '../../core/measure/days.ts';
import { seeded } from '../../core/measure/random.ts';
import { massPerArea, massPerLength } from '../../core/stock/section.ts';
import { typedSection } from '../../core/stock/typed-section.ts';
import { currentBasis } from '../services/basis.ts';
import { convertMetal } from '../services/convert-metal.ts';
import { returnMetal } from '../services/issue-metal.ts';
import { countBatchNow } from '../services/made-lines.ts';
import { sendToRefiner, settle } from '../services/refine.ts';
import { addLot, entryOf, fillJar } from '../services/stockroom.ts';
import type { Stores } from '../store/stores.ts';

const SUPPLIER = 'Breakwater Bullion';
const BASE_METALS = 'The Slipway Sundries';
const REFINER = 'Saltmarsh Refining';

/** A finished batch of the season. */
export interface FinishedBatch {
  readonly id: string;
  readonly daysAgo: number;
  readonly quantity: number;
}

interface Season {
  readonly stores: Stores;
  readonly day: string;
  /** Sets the clock of the stores. @returns the day */
  readonly on: (daysAgo: number) => string;
}

/**
 * Loads the metal of the season, in the order it happened.
 * @param mistaken  id of the batch that was cut from thicker stock than booked
 */
export function metalSeason(season: Season, finished: readonly FinishedBatch[], mistaken: string): void {
  openingBalance(season);
  const events = [
    ...finished.map((batch, index) => ({
      daysAgo: returnedAgo(batch),
      run: () => settleBatch(season, batch, index, batch.id === mistaken),
    })),
    { daysAgo: 45, run: () => sendAndSettle(season) },
    { daysAgo: 14, run: () => meltCleanScrap(season) },
    { daysAgo: 8, run: () => sendFilings(season) },
  ];
  for (const { run } of events.sort((a, b) => b.daysAgo - a.daysAgo)) run();
  season.on(0);
}

/** Days ago that what came back was weighed. */
export const returnedAgo = ({ daysAgo }: FinishedBatch) => Math.max(0, daysAgo - 4);

function openingBalance({ stores, on }: Season): void {
  const lot = (daysAgo: number, more: Partial<NewLot> & Pick<NewLot, 'alloy' | 'section'>) => {
    on(daysAgo);
    addLot(stores, newLotSchema.parse({ ...more }));
  };
  lot(412, { alloy: 'copper-c110', section: { form: 'sheet', thickness: '1.2 mm' }, width: '150 mm', height: '80 mm', isOpening: true, where: 'shelf under the stairs', why: 'from an earlier bench' }); // prettier-ignore
  lot(96, { alloy: 'silver-925', section: { form: 'grain' }, weighed: '180 g', paid: '139', supplier: SUPPLIER, where: 'tin with the blue lid' }); // prettier-ignore
  lot(21, { alloy: 'gold-18k-yellow', section: { form: 'grain' }, weighed: '6.24 g', owner: 'E. Marrow', where: 'safe', why: 'her grandfather’s ring, for the signet' }); // prettier-ignore
  const jar = (kind: 'clean' | 'filings' | 'mixed', alloy: string, grams: string) => {
    const opened = on(95);
    fillJar(stores, { on: opened, kind, alloy, grams, how: 'opening', why: 'weighed when the account was opened' });
  };
  jar('filings', 'silver-925', '61.4 g');
  jar('clean', 'silver-925', '48.2 g');
  jar('mixed', 'brass-c260', '143 g');
}

/** Metal of a batch: bought, issued, returned as pieces, offcuts and scrap. */
function settleBatch({ stores, day, on }: Season, batch: FinishedBatch, seed: number, isMistaken: boolean): void {
  const { id, daysAgo, quantity } = batch;
  const random = seeded(seed + 7);
  const { body } = stores.batches.get(id);
  const count = countBatchNow(stores, body);
  const { alloys } = currentBasis(stores).rates;
  const estimate = metalOfBatch(count);
  // The rack of the 1.5 mm held stock of 1.7 mm: all that was cut weighs more than the book says.
  const ratio = isMistaken ? 1.133 : 1;
  on(daysAgo + 6);
  for (const issue of count.issue) {
    const bought = barFor(issue, 1.12);
    if (!bought) continue;
    const [received] = addLot(stores, newLotSchema.parse({ ...bought, supplier: issue.alloy.family === 'silver' ? SUPPLIER : BASE_METALS, where: 'rack by the window' })); // prettier-ignore
    const to = received?.lines.find(({ place }) => place === 'stock');
    if (!to?.lot) continue;
    const mass = metalMass(to.alloy, alloys.get(to.alloy), to.mg);
    const lines = move(mass, { place: 'stock', lot: to.lot, pieces: 1 }, { place: `work/${id}` });
    stores.account.add([entryOf(stores, { kind: 'issued', on: dayAfter(day, -daysAgo - 5), batchId: id, lines })]);
  }
  const held = stores.account.balances(`work/${id}`);
  const heldMg = held.reduce((sum, { mg }) => sum + mg, 0);
  if (heldMg === 0) return;
  const weighed = (ratio * estimate.netMg * (0.985 + 0.015 * random()) + estimate.otherMg) / 1000;
  const scrap: TypedReturn['scrap'] = held.flatMap(({ alloy, mg }) => {
    const net = ratio * 1000 * (estimate.shares.get(alloy) ?? 0);
    const left = Math.max(0, ratio * mg * (0.992 - 0.01 * random()) - net);
    const part = (share: number) => `${(Math.max(0, share * left) / 1000).toFixed(2)} g`;
    return [
      { kind: 'clean', alloy, grams: part(0.55) },
      { kind: 'soldered', alloy, grams: part(0.25) },
      { kind: 'filings', alloy, grams: part(0.2) },
    ] as const;
  });
  returnMetal(stores, id, {
    on: on(returnedAgo(batch)),
    finished: `${weighed.toFixed(2)} g`,
    pieces: String(quantity),
    other: '',
    scrap,
    offcuts: [],
    why: isMistaken ? 'Thicker stock lay in the rack. The rack is labelled now.' : '',
  });
}

/** A bar or sheet that is a little longer than a batch needs; null for sections that a supplier does not sell. */
function barFor(
  { alloy, section, grams }: IssueLine,
  more: number,
): (Partial<NewLot> & Pick<NewLot, 'alloy' | 'section'>) | null {
  const typed = typedSection(section);
  const density = alloy.densityGPerCm3;
  if (!typed || density === null) return null;
  const wanted = grams.value * more;
  const paid = (wanted * pricePerGram(alloy.family)).toFixed(2);
  if (section.form === 'sheet') {
    const area = wanted / massPerArea(section.thicknessMm, density);
    return { alloy: alloy.id, section: typed, width: '100 mm', height: `${String(Math.ceil(area / 100))} mm`, paid };
  }
  if (section.form === 'grain' || section.form === 'patterned') return null;
  return {
    alloy: alloy.id,
    section: typed,
    length: `${String(Math.ceil(wanted / massPerLength(section, density)))} mm`,
    paid,
  };
}

/** What the sample's suppliers ask for a gram, about; invented. */
function pricePerGram(family: IssueLine['alloy']['family']): number {
  if (family.endsWith('gold')) return 27;
  return family === 'silver' ? 0.84 : 0.03;
}

/** Soldered scrap went to the refiner, who settled a little short of the estimate. */
function sendAndSettle({ stores, on }: Season): void {
  const places = ['jar/soldered/silver-925'];
  const [sent] = sendToRefiner(stores, { on: on(45), refiner: REFINER, places, charge: '18', why: '' });
  const { consignment = '', expectedMinor = 0 } = sent?.detail ?? {};
  const paid = ((expectedMinor * 0.968) / 100).toFixed(2);
  settle(stores, consignment, {
    on: on(22),
    paid,
    charge: '18',
    assay: {},
    isCredit: true,
    why: 'credit on the next sheet',
  });
}

function meltCleanScrap({ stores, on }: Season): void {
  const output = newLotSchema.parse({ alloy: 'silver-925', section: { form: 'grain' }, weighed: '59.6 g' });
  const input = { place: 'jar/clean/silver-925', lot: null, alloy: 'silver-925', grams: '60 g' };
  convertMetal(stores, {
    on: on(14),
    how: 'melt',
    inputs: [input],
    output,
    kind: 'ingot',
    why: 'for the caddy spoons',
  });
}

/** The filings are on their way. */
function sendFilings({ stores, on }: Season): void {
  const places = ['jar/filings/silver-925'];
  sendToRefiner(stores, { on: on(8), refiner: REFINER, places, charge: '18', why: '' });
}
