// Loads the sample workshop into an empty ledger: two makers in the invented harbour town of Skerrow Haven, with autumn
// orders from two shops, a winter market, one commission, and some trouble. Days count from today.
import Papa from 'papaparse';
import { STUDIO_ID } from '../../contract/studio.ts';
import type { Batch } from '../../core/batch/batch.ts';
import { readPriceList } from '../../core/batch/buying/price-list-file.ts';
import { newLotSchema } from '../../core/batch/stock/shelf.ts';
import { dayAfter, localDay, weekdayOf } from '../../core/measure/days.ts';
import { alloysWith } from '../../core/metal/alloy.ts';
import { priceListStandIn } from '../prices/price-list-stand-in.ts';
import { acceptPiece } from '../services/accept-piece.ts';
import { addMetalPrices } from '../services/add-metal-prices.ts';
import { addPriceList } from '../services/add-price-list.ts';
import { addReceipt } from '../services/add-receipt.ts';
import { acceptBatch, addBatch } from '../services/change-batch.ts';
import { addQuote } from '../services/quote-paper.ts';
import { setPrices } from '../services/set-prices.ts';
import { acceptStudio, setUpStudio } from '../services/set-up-studio.ts';
import { addLot, countGoods } from '../services/stockroom.ts';
import type { Ledger } from '../store/ledger.ts';
import { openStores, type Stores } from '../store/stores.ts';
import { demoEntries, demoPast, type PastDemoBatch } from './bench-season.ts';
import { drawingOf } from './drawings.ts';
import { madeYear } from './made.ts';
import { type FinishedBatch, metalSeason } from './metal.ts';
import { demoPieces } from './pieces.ts';
import { demoFairs, demoQuotes, demoReceipts } from './selling.ts';
import { demoGoods, demoShelf } from './shelf.ts';
import { demoStudio } from './studio.ts';

const SUNDAY = 6;
/** The batch that was cut from other stock than booked. */
const MISTAKEN = 'Tried the new solder.';
const SOURCE = 'typed, made-up prices for the sample';

// Silver rises over the autumn, so that an early price is out of date.
const fixes: readonly { daysAgo: number; prices: Record<string, string> }[] = [
  { daysAgo: 58, prices: { Ag: '21.90 / ozt', Au: '1962 / ozt', Cu: '7.35 / kg' } },
  { daysAgo: 51, prices: { Ag: '22.65 / ozt', Au: '1978 / ozt', Cu: '7.42 / kg' } },
  { daysAgo: 41, prices: { Ag: '22.40 / ozt', Au: '1985 / ozt', Cu: '7.40 / kg' } },
  { daysAgo: 30, prices: { Ag: '23.10 / ozt', Au: '2010 / ozt', Cu: '7.55 / kg' } },
  { daysAgo: 19, prices: { Ag: '25.60 / ozt', Au: '2044 / ozt', Cu: '7.50 / kg' } },
  { daysAgo: 8, prices: { Ag: '27.90 / ozt', Au: '2062 / ozt', Cu: '7.62 / kg' } },
  { daysAgo: 0, prices: { Ag: '29.35 / ozt', Au: '2071 / ozt', Cu: '7.68 / kg' } },
];

const batches: readonly {
  kind: Batch['kind'];
  piece: keyof typeof demoPieces;
  /** For a piece with sizes. */
  size?: string;
  quantity: string;
  dueIn: number;
  /** Days until its material arrives; left out: it is in stock. */
  materialsIn?: number;
  customer: string;
  note: string;
}[] = [
  {
    kind: 'order',
    piece: 'cufflinks',
    quantity: '10',
    dueIn: -1,
    customer: 'The Chandlery Window',
    note: 'Autumn order, second half.',
  },
  {
    kind: 'order',
    piece: 'fork',
    size: 'usual',
    quantity: '8',
    dueIn: 4,
    customer: 'Gullfoot & Daughter',
    note: 'They take them in pairs.',
  },
  {
    kind: 'commission',
    piece: 'signet',
    size: 't',
    quantity: '1',
    dueIn: 9,
    customer: 'Commission, E. Marrow',
    note: 'The engraver needs it two days before.',
  },
  {
    kind: 'order',
    piece: 'shawlPin',
    quantity: '9',
    dueIn: 6,
    customer: 'The Chandlery Window',
    note: 'Three to a card.',
  },
  {
    kind: 'order',
    piece: 'tieBar',
    quantity: '14',
    dueIn: 8,
    materialsIn: 3,
    customer: 'Gullfoot & Daughter',
    note: 'The strip comes with the next boat.',
  },
  { kind: 'fair', piece: 'barometer', quantity: '12', dueIn: 12, customer: 'Winter market', note: '' },
  { kind: 'fair', piece: 'lapelPin', quantity: '40', dueIn: 13, customer: 'Winter market, bowl by the till', note: '' },
];

/** Batches of the past weeks, finished, with their entries of the bench. */
function season(
  stores: Stores,
  pieces: Readonly<Record<PastDemoBatch['piece'], { readonly id: string; readonly revision: number }>>,
  day: string,
  on: (daysAgo: number) => string,
): (FinishedBatch & Pick<PastDemoBatch, 'note' | 'kind' | 'customer'>)[] {
  return demoPast.map(({ piece, size = '', quantity, daysAgo, kind, customer, note }, seed) => {
    on(daysAgo);
    const { id, revision } = pieces[piece];
    const body: Batch = {
      kind,
      lines: [{ id: 'line', pieceId: id, pieceRevision: revision, quantities: { [size]: quantity }, units: [] }],
      due: dueOn(dayAfter(day, -daysAgo), 7),
      priority: '',
      customer,
      note,
      state: daysAgo > 40 ? 'closed' : 'finished',
      materialsOn: '',
      spares: { how: 'none', over: '2', confidence: '90 %' },
      blanks: {},
    };
    const added = stores.batches.add(body);
    stores.batches.accept(added.id, added.version, () => null);
    stores.bench.add(demoEntries(stores, added.id, body, dayAfter(day, -daysAgo), { seed }));
    return { id: added.id, daysAgo, quantity: Number(quantity), note, kind, customer };
  });
}

/** The ledger while it is filled, and the day on which its entries are written. */
interface Loading {
  readonly stores: Stores;
  /** The first day of the sample. */
  readonly day: string;
  /** Entries from here on are written so many days ago. @returns the day */
  readonly on: (daysAgo: number) => string;
}

/** @param today  the first day of the sample */
export function loadDemo(ledger: Ledger, today: Date): void {
  const day = localDay(today);
  let writtenOn = day;
  const on = (daysAgo: number) => (writtenOn = dayAfter(day, -daysAgo));
  const loading = { stores: openStores(ledger, () => `${writtenOn}T12:00:00.000Z`), day, on };
  const run = ledger.transaction(() => {
    setUp(loading);
    const designs = addDesigns(loading);
    fillStockroom(loading);
    sell(loading, designs);
    addOpenBatches(loading, designs);
    const finished = season(loading.stores, designs, day, on);
    const mistaken = finished.find(({ note }) => note === MISTAKEN)?.id ?? '';
    metalSeason(loading, finished, mistaken);
    madeYear(loading, designs, finished);
    on(0);
  });
  run.immediate();
}

function setUp({ stores, on }: Loading): void {
  on(60);
  const { version } = setUpStudio(stores, {
    name: 'Lantern Slip, Skerrow Haven',
    country: 'GB',
    currency: 'GBP',
    units: 'mm',
    hourlyRate: '26',
  });
  const started = stores.studio.get(STUDIO_ID);
  acceptStudio(stores, stores.studio.saveDraft(STUDIO_ID, version, { ...started.body, ...demoStudio }).version);
}

/** The pieces, accepted between metal prices, so that some of their prices are out of date. */
function addDesigns({ stores, on }: Loading) {
  const accept = (name: keyof typeof demoPieces, daysAgo: number) => {
    on(daysAgo);
    const added = stores.pieces.add(drawn(stores, name));
    return acceptPiece(stores, added.id, added.version);
  };
  const addFix = (index: number) => {
    const fix = fixes[index];
    if (fix) addMetalPrices(stores, { on: on(fix.daysAgo), currency: 'GBP', prices: fix.prices, source: SOURCE });
  };
  addFix(0);
  addFix(1);
  addFix(2);
  const caddySpoon = accept('caddySpoon', 38);
  const tieBar = accept('tieBar', 35);
  addFix(3);
  addFix(4);
  const cufflinks = accept('cufflinks', 16);
  addFix(5);
  const made = {
    caddySpoon,
    tieBar,
    cufflinks,
    shawlPin: accept('shawlPin', 7),
    fork: accept('fork', 6),
    signet: accept('signet', 5),
  };
  addFix(6);
  const barometer = accept('barometer', 0);
  const lapelPin = accept('lapelPin', 0);
  on(0);
  // Not accepted yet: the bench check has a finding.
  const locket = stores.pieces.add(drawn(stores, 'locket'));
  // A draft in progress: the tie bar is tried in a thinner strip.
  const thinner = structuredClone(tieBar.body);
  const [bar] = thinner.parts;
  if (bar?.section.form === 'strip') bar.section.thickness = '1 mm';
  stores.pieces.saveDraft(tieBar.id, tieBar.version, thinner);
  return { ...made, barometer, lapelPin, locket };
}

type Designs = ReturnType<typeof addDesigns>;

function fillStockroom({ stores, on }: Loading): void {
  for (const { daysAgo, ...receipt } of demoReceipts)
    addReceipt(stores, {
      ...receipt,
      on: on(daysAgo),
      currency: 'GBP',
      source: 'the sample’s made-up bullion dealer',
    });
  for (const { daysAgo, ...lot } of demoShelf) {
    on(daysAgo);
    addLot(stores, newLotSchema.parse(lot));
  }
  on(12);
  for (const counted of demoGoods) countGoods(stores, counted);
  on(20);
  const rows = Papa.parse<string[]>(priceListStandIn, { skipEmptyLines: true }).data;
  addPriceList(stores, readPriceList(rows, alloysWith([]), 'GBP').items);
}

function sell({ stores, day, on }: Loading, designs: Designs): void {
  // The shop asked for a rounder price of the shawl pins.
  on(4);
  setPrices(stores, {
    how: 'set',
    why: 'Both shops asked for a price ending in nothing.',
    prices: [{ pieceId: designs.shawlPin.id, wholesaleMinor: 3000, retailMinor: 6800 }],
  });
  on(0);
  const ids = {
    lapelPin: designs.lapelPin.id,
    shawlPin: designs.shawlPin.id,
    barometer: designs.barometer.id,
    fork: designs.fork.id,
    cufflinks: designs.cufflinks.id,
    signet: designs.signet.id,
  };
  const { market, regatta } = demoFairs(day, ids);
  for (const fair of [regatta, market]) stores.fairs.add(fair);
  for (const quote of demoQuotes(day, ids)) addQuote(stores, quote);
}

function addOpenBatches({ stores, day }: Loading, designs: Designs): void {
  for (const { kind, piece, size = '', quantity, dueIn, materialsIn, customer, note } of batches) {
    const { id, revision } = designs[piece];
    const body: Batch = {
      kind,
      lines: [{ id: 'line', pieceId: id, pieceRevision: revision, quantities: { [size]: quantity }, units: [] }],
      due: dueOn(day, dueIn),
      priority: '',
      customer,
      note,
      state: 'planned',
      materialsOn: materialsIn === undefined ? '' : dayAfter(day, materialsIn),
      spares: { how: 'none', over: '2', confidence: '90 %' },
      blanks: {},
    };
    const added = addBatch(stores, body);
    acceptBatch(stores, added.id, added.version);
    // The late batch was begun in time.
    if (piece === 'cufflinks')
      stores.bench.add(demoEntries(stores, added.id, body, dayAfter(day, -5), { steps: 2, seed: 99 }));
  }
}

/** A due date on a day when shops are open: a Sunday becomes the Saturday before. */
function dueOn(day: string, dueIn: number): string {
  const due = dayAfter(day, dueIn);
  return weekdayOf(due) === SUNDAY ? dayAfter(due, -1) : due;
}

/** A design with its drawing. */
function drawn(stores: Stores, name: keyof typeof demoPieces) {
  const { bytes, widthPx, heightPx } = drawingOf(name);
  const { id } = stores.photos.keep(bytes, widthPx, heightPx);
  return { ...demoPieces[name], photos: [{ id, caption: 'drawing' }] };
}
