// A year of finished pieces of the sample workshop: made, left at a café, sold at fairs, from the own site and to shops;
// with a second, a gift, a melted piece, and one design that lies.
import type { DocumentOf } from '../../contract/document.ts';
import { roundHalfAwayFromZero } from '../../core/figure/round-money.ts';
import { fairCame } from '../../core/made/fair-outcome.ts';
import { movePieces, type NewMadeEntry } from '../../core/made/made-entry.ts';
import type { MadePlace } from '../../core/made/made-place.ts';
import { saleMoney } from '../../core/made/sale-money.ts';
import { dayAfter } from '../../core/measure/days.ts';
import { poisson, seeded } from '../../core/measure/random.ts';
import type { Piece } from '../../core/piece/piece.ts';
import { emptyFair } from '../../core/price/fair/fair.ts';
import { countPiece, type PieceCount } from '../../core/price/piece/count-piece.ts';
import { retailInSize } from '../../core/price/piece/standing.ts';
import { currentBasis, type LedgerBasis } from '../services/basis.ts';
import { leavePicks, movePicks } from '../services/made-pieces.ts';
import { sell } from '../services/made-sales.ts';
import { takeInBatch } from '../services/made-take-in.ts';
import type { Stores } from '../store/stores.ts';
import type { PastDemoBatch } from './bench-season.ts';
import { type FinishedBatch, returnedAgo } from './metal.ts';

interface Year {
  readonly stores: Stores;
  readonly day: string;
  /** Sets the clock of the stores. @returns the day */
  readonly on: (daysAgo: number) => string;
}

type DesignName = 'lapelPin' | 'shawlPin' | 'barometer' | 'fork' | 'cufflinks' | 'caddySpoon' | 'tieBar';
type Designs = Readonly<Record<DesignName, DocumentOf<Piece>>>;
type Season = readonly (FinishedBatch & Pick<PastDemoBatch, 'kind' | 'customer'>)[];

/** Sales a week of a design in a size, and how it is made. */
interface Seller {
  readonly design: DesignName;
  readonly size: string;
  /** Price at fairs; '' for the set price. */
  readonly price: string;
  readonly site: number;
  readonly cafe: number;
  /** Pieces a customer of a fair takes, in a hundred. */
  readonly fair: number;
  /** Pieces of a run, and the stock at which the next one is made. */
  readonly run: number;
  readonly least: number;
  /** Actual over estimated bench time. */
  readonly slow: number;
}

const sellers: readonly Seller[] = [
  { design: 'lapelPin', size: '', price: '18', site: 0.9, cafe: 0.7, fair: 60, run: 30, least: 10, slow: 0.96 },
  { design: 'shawlPin', size: '', price: '48', site: 0.35, cafe: 0.3, fair: 22, run: 12, least: 4, slow: 1.08 },
  { design: 'fork', size: 'usual', price: '96', site: 0.16, cafe: 0.05, fair: 9, run: 6, least: 2, slow: 1.1 },
  { design: 'fork', size: 'long', price: '104', site: 0.12, cafe: 0, fair: 5, run: 5, least: 1, slow: 1.1 },
  { design: 'fork', size: 'short', price: '88', site: 0.05, cafe: 0, fair: 2, run: 4, least: 1, slow: 1.1 },
  { design: 'cufflinks', size: '', price: '', site: 0.14, cafe: 0, fair: 3, run: 6, least: 1, slow: 1.22 },
  { design: 'barometer', size: '', price: '140', site: 0.1, cafe: 0.04, fair: 5, run: 5, least: 1, slow: 1.04 },
  { design: 'caddySpoon', size: '', price: '', site: 0.05, cafe: 0.03, fair: 2, run: 4, least: 1, slow: 1.3 },
];

const CAFE = 'ferry-cafe';
const SITE = 'own-site';
const STUDS = 'buoy-studs';
const WEEKS = 52;
/** Sales by month against an even year, January first: people buy before Christmas. */
const MONTHS = [0.5, 0.6, 0.8, 0.9, 1, 1, 1.1, 1.1, 0.9, 1, 1.5, 2.1];

/** Loads the year, in the order it happened. */
export function madeYear(year: Year, designs: Designs, season: Season): void {
  const { stores, day, on } = year;
  outlets(stores);
  const run = new YearRun(year, designs);
  const fairs = pastFairs(year);
  on(WEEKS * 7);
  run.leaveOldStock();
  for (let ago = WEEKS * 7; ago >= 0; ago -= 1) {
    const today = on(ago);
    for (const batch of season) {
      // The last one is not brought in yet.
      if (returnedAgo(batch) === ago && batch !== season.at(-1)) run.takeIn(batch);
      // Orders leave three days later.
      if (returnedAgo(batch) - 3 === ago && batch.kind !== 'stock' && batch.kind !== 'fair') run.deliver(batch);
    }
    if (ago % 7 === 6) run.make(today);
    if (ago % 28 === 20) run.fillCafe(today);
    if (ago % 7 === 2) run.sellWeek(today);
    if (ago % 28 === 5) run.sellStuds(today);
    for (const fair of fairs) if (fair.ago === ago) run.fair(today, fair);
  }
  on(0);
  run.someTrouble(day);
}

function outlets(stores: Stores): void {
  stores.made.keepOutlet({ id: CAFE, kind: 'shop', name: 'Ferry café', channel: 'left', commission: '', address: 'The landing stage, Skerrow Haven', isClosed: false }); // prettier-ignore
  stores.made.keepOutlet({ id: SITE, kind: 'site', name: 'Own site', channel: 'site', commission: '', address: '', isClosed: false }); // prettier-ignore
  stores.made.keepOutlet({ id: 'chandlery', kind: 'shop', name: 'The Chandlery Window', channel: 'shops', commission: '', address: 'Quay Street, Skerrow Haven', isClosed: false }); // prettier-ignore
  stores.made.keepOutlet({ id: 'gullfoot', kind: 'shop', name: 'Gullfoot & Daughter', channel: 'shops', commission: '', address: 'Upper Slip', isClosed: false }); // prettier-ignore
  stores.made.keepOutlet({ id: 'museum', kind: 'loan', name: 'Harbour museum', channel: '', commission: '', address: '', isClosed: false }); // prettier-ignore
}

interface PastFair {
  readonly id: string;
  readonly ago: number;
  readonly customers: number;
  readonly baskets: number;
}

/** The fairs of the year that were. */
function pastFairs({ stores, day }: Year): PastFair[] {
  const winter = stores.fairs.add({
    ...emptyFair, name: 'Last winter market', from: dayAfter(day, -350), days: '2', stallFee: '130', travel: '16', otherCosts: '20', hours: '20',
    channel: 'market', visitors: '1250', visitorsCame: '1310', buyers: '3 %',
  }); // prettier-ignore
  const regatta = stores.fairs.list().find(({ body }) => body.name.startsWith('Regatta'));
  return [
    { id: winter.id, ago: 350, customers: 41, baskets: 0.42 },
    ...(regatta ? [{ id: regatta.id, ago: 84, customers: 27, baskets: 0.36 }] : []),
  ];
}

/** The year while it is played. */
class YearRun {
  readonly #year: Year;
  readonly #designs: Designs;
  readonly #basis: LedgerBasis;
  readonly #counts = new Map<string, PieceCount>();
  readonly #random = seeded(2718);
  readonly #items = new Map<string, string>();
  readonly #taken = new Map<string, { item: string; count: number }>();

  constructor(year: Year, designs: Designs) {
    this.#year = year;
    this.#designs = designs;
    this.#basis = currentBasis(year.stores);
  }

  get #stores(): Stores {
    return this.#year.stores;
  }

  /** A design of before the ledger that nobody buys. */
  leaveOldStock(): void {
    const { stores, day } = this.#year;
    const item = stores.made.keepItem({
      id: 'kelp-comb', pieceId: '', size: '', revision: 0, name: 'Kelp comb', sizeName: '', isSingle: false, mg: {},
    }); // prettier-ignore
    const amounts = { costMinor: 9200, estimateMinor: 7600, labourMinor: 6400, minutes: 150, estimateMinutes: 120 };
    const lines = movePieces(item.id, 4, { place: 'opening', amounts }, { place: 'studio' });
    stores.made.add(this.#entry('opening', dayAfter(day, -7 * WEEKS), lines));
    const studs = stores.made.keepItem({
      id: STUDS, pieceId: '', size: '', revision: 0, name: 'Buoy studs, a pair', sizeName: '', isSingle: false, mg: {},
    }); // prettier-ignore
    const cuff = stores.made.keepItem({
      id: 'breakwater-cuff', pieceId: '', size: '', revision: 0, name: 'Breakwater cuff', sizeName: '', isSingle: true, mg: {},
    }); // prettier-ignore
    stores.made.keepDetail(cuff.id, { photo: '', weight: '46.3 g' });
    const own = { costMinor: 14_800, estimateMinor: 14_800, labourMinor: 9_600, minutes: 320, estimateMinutes: 320 };
    const one = movePieces(cuff.id, 1, { place: 'opening', amounts: own }, { place: 'studio' });
    stores.made.add(this.#entry('opening', dayAfter(day, -7 * 9), one));
    const each = { costMinor: 27_000, estimateMinor: 21_000, labourMinor: 22_500, minutes: 900, estimateMinutes: 650 };
    const pairs = movePieces(studs.id, 30, { place: 'opening', amounts: each }, { place: 'studio' });
    stores.made.add(this.#entry('opening', dayAfter(day, -7 * WEEKS), pairs));
  }

  /** A pair or two a month, for less than an hour is worth. */
  sellStuds(on: string): void {
    const count = Math.min(1 + Math.floor(2 * this.#random()), this.#there(STUDS));
    if (count === 0) return;
    const picks = [{ item: STUDS, place: 'studio', grade: 'good' as const, count }];
    sell(this.#stores, { on, channel: 'site', buyer: '', picks, prices: ['12'], why: '' });
  }

  #entry(kind: NewMadeEntry['kind'], day: string, lines: NewMadeEntry['lines']): NewMadeEntry {
    return { kind, on: day, channel: '', buyer: '', customers: 1, batchId: null, why: '', corrects: null, currency: 'GBP', reference: '', lines }; // prettier-ignore
  }

  #item({ design, size }: Seller): string {
    const key = `${design} ${size}`;
    const known = this.#items.get(key);
    if (known) return known;
    const { id, revision, body, accepted } = this.#designs[design];
    const made = accepted ?? body;
    const sizeName = made.sizes.rows.find((row) => row.id === size)?.name ?? '';
    const item = this.#stores.made.keepItem({
      id: `made-${key.trim().replace(' ', '-')}`, pieceId: id, size, revision, name: made.name, sizeName, isSingle: false, mg: {},
    }); // prettier-ignore
    this.#items.set(key, item.id);
    return item.id;
  }

  #there(item: string, place: MadePlace = 'studio'): number {
    return (
      this.#stores.made.balances().find((one) => one.item === item && one.place === place && one.grade === 'good')
        ?.count ?? 0
    );
  }

  /** Runs of what has run low. */
  make(today: string): void {
    for (const seller of sellers) {
      const item = this.#item(seller);
      if (this.#there(item) > seller.least) continue;
      const count = this.#count(seller);
      const labour = count.column.lines.find(({ key }) => key === 'labour')?.each.value ?? 0;
      const slow = seller.slow * (1 + 0.08 * (this.#random() - 0.5));
      const { run } = seller;
      const minutes = count.minutes.value * run;
      const amounts = {
        costMinor: roundHalfAwayFromZero((count.column.cost.value + labour * (slow - 1)) * run),
        estimateMinor: roundHalfAwayFromZero(count.column.cost.value * run),
        labourMinor: roundHalfAwayFromZero(labour * slow * run),
        minutes: minutes * slow,
        estimateMinutes: minutes,
      };
      this.#stores.made.add(this.#entry('made', today, movePieces(item, run, { place: 'made', amounts }, { place: 'studio' }))); // prettier-ignore
    }
  }

  /** The café gets two of what it sells. */
  fillCafe(today: string): void {
    const picks = sellers.flatMap((seller) => {
      const item = this.#item(seller);
      const wanted = Math.ceil(seller.cafe * 6) - this.#there(item, `shop/${CAFE}`);
      const count = Math.min(wanted, this.#there(item) - 1);
      return seller.cafe > 0 && count > 0 ? [{ item, place: 'studio', grade: 'good' as const, count }] : [];
    });
    if (picks.length > 0) movePicks(this.#stores, { on: today, to: `shop/${CAFE}`, picks, why: '' });
  }

  /** A week of the site and the café. */
  sellWeek(today: string): void {
    const season = MONTHS[Number(today.slice(5, 7)) - 1] ?? 1;
    for (const seller of sellers) {
      // The lapel pin was cheaper in the first half of the year.
      const isEarly = today < dayAfter(this.#year.day, -182);
      const price = seller.design === 'lapelPin' && isEarly ? 2800 : this.#setPrice(seller);
      this.#sellSome(seller, today, 'studio', 'site', poisson(season * seller.site, this.#random), price);
      this.#sellSome(seller, today, `shop/${CAFE}`, 'left', poisson(season * seller.cafe, this.#random), price);
    }
  }

  /** Straight into the ledger: pieces of the sample have no metal in the account, and a year has many sales. */
  #sellSome(seller: Seller, on: string, place: MadePlace, channelId: string, wanted: number, price: number): void {
    const item = this.#item(seller);
    const count = Math.min(wanted, this.#there(item, place));
    if (count === 0) return;
    const { selling } = this.#basis.rates;
    const channel = selling.channels.find(({ id }) => id === channelId) ?? null;
    const amounts = saleMoney(price * count, { channel, rule: selling.rule, commission: null });
    const lines = movePieces(item, count, { place }, { place: 'sold', amounts });
    this.#stores.made.add({ ...this.#entry('sold', on, lines), channel: channelId });
  }

  /** The piece as it is counted, once for each seller. */
  #count({ design, size }: Seller): PieceCount {
    const key = `${design} ${size}`;
    const { body, accepted } = this.#designs[design];
    const count = this.#counts.get(key) ?? countPiece(accepted ?? body, this.#basis.rates, this.#basis.fix, { size });
    this.#counts.set(key, count);
    return count;
  }

  /** The set retail price, minor units. */
  #setPrice(seller: Seller): number {
    const { priced, body, accepted } = this.#stores.pieces.get(this.#designs[seller.design].id);
    return roundHalfAwayFromZero(retailInSize(priced, accepted ?? body, seller.size, this.#count(seller).prices).value);
  }

  /** A fair, one entry a customer; what is left comes home. */
  fair(today: string, { id, customers, baskets }: PastFair): void {
    const place: MadePlace = `fair/${id}`;
    const brought = sellers.flatMap((seller) => {
      const item = this.#item(seller);
      const count = this.#there(item);
      return count > 0 ? [{ item, place: 'studio', grade: 'good' as const, count }] : [];
    });
    if (brought.length === 0) return;
    movePicks(this.#stores, { on: today, to: place, picks: brought, why: '' });
    for (let customer = 0; customer < customers; customer += 1) this.#serve(today, place, baskets);
    const home = this.#stores.made
      .balances()
      .filter((one) => one.place === place && one.count > 0)
      .map(({ item, grade, count }) => ({ item, place, grade, count }));
    if (home.length > 0) movePicks(this.#stores, { on: today, to: 'studio', picks: home, why: '' });
    this.#writeDown(id);
  }

  /** The page of a fair says what its entries say. */
  #writeDown(id: string): void {
    const { fairs, made } = this.#stores;
    const came = made.entries().filter(({ kind, lines }) => kind === 'sold' && lines.some(({ place }) => place === `fair/${id}`)); // prettier-ignore
    const pieceOf = new Map(made.items().map((item) => [item.id, item.pieceId]));
    const soldOf = (piece: string) =>
      came
        .flatMap(({ lines }) => lines)
        .reduce(
          (sum, { place, item, count }) => sum + (place === 'sold' && pieceOf.get(item) === piece ? count : 0),
          0,
        );
    const { version, body } = fairs.get(id);
    const levels = body.levels.map((level) => ({ ...level, sold: String(soldOf(level.piece)) }));
    fairs.saveDraft(id, version, { ...body, levels, taken: String(fairCame(came, id).paidMinor / 100) });
  }

  /** One customer takes one piece, and perhaps more of the same. */
  #serve(on: string, place: MadePlace, more: number): void {
    const there = sellers.filter((seller) => this.#there(this.#item(seller), place) > 0);
    const all = there.reduce((sum, { fair }) => sum + fair, 0);
    let at = this.#random() * all;
    const chosen = there.find(({ fair }) => (at -= fair) < 0);
    if (!chosen) return;
    const wanted = this.#random() > more ? 1 : this.#random() > 0.3 ? 2 : 3;
    this.#sellSome(
      chosen,
      on,
      place,
      'market',
      wanted,
      chosen.price === '' ? this.#setPrice(chosen) : 100 * Number(chosen.price),
    );
  }

  /** Brings the pieces of a batch in, one of them a second now and then. */
  takeIn({ id, quantity, kind }: Season[number]): void {
    const page = this.#stores.batches.get(id).body;
    if (page.state !== 'closed' && page.state !== 'finished') return;
    const seconds = kind === 'stock' && quantity > 5 ? 1 : 0;
    const on = dayOf(this.#stores);
    const [line] = page.lines;
    const [size = ''] = Object.keys(line?.quantities ?? {});
    const key = `${line?.id ?? ''} ${size}`;
    const [entry] = takeInBatch(this.#stores, id, { on, rows: [{ key, good: String(quantity - seconds), second: String(seconds), sample: '' }] }); // prettier-ignore
    const item = entry?.lines[0]?.item;
    if (item) this.#taken.set(id, { item, count: quantity - seconds });
  }

  /** An order leaves to its shop at wholesale prices, a commission to its customer. */
  deliver({ id, kind, customer }: Season[number]): void {
    const taken = this.#taken.get(id);
    if (!taken) return;
    const { item, count } = taken;
    const channel = kind === 'order' ? 'shops' : '';
    sell(this.#stores, { on: dayOf(this.#stores), channel, buyer: customer, picks: [{ item, place: 'studio', grade: 'good', count }], prices: [''], why: '' }); // prettier-ignore
  }

  /** A gift, a loan, and a piece that is missing. */
  someTrouble(day: string): void {
    const [pin, , fork] = sellers;
    if (!pin || !fork) return;
    const pick = (seller: Seller) => [{ item: this.#item(seller), place: 'studio', grade: 'good' as const, count: 1 }];
    if (this.#there(this.#item(pin)) > 2) {
      leavePicks(this.#stores, { on: dayAfter(day, -30), how: 'given', picks: pick(pin), why: 'Raffle of the lifeboat crew.' }); // prettier-ignore
      leavePicks(this.#stores, { on: dayAfter(day, -84), how: 'lost', picks: pick(pin), why: 'Missing after the regatta.' }); // prettier-ignore
    }
    if (this.#there(this.#item(fork)) > 1)
      movePicks(this.#stores, { on: dayAfter(day, -20), to: 'loan/museum', picks: pick(fork), why: 'Until spring.' });
  }
}

const dayOf = ({ now }: Stores) => now().slice(0, 10);
