// Stores the account of metal: lots, entries and their lines. Balances are sums of the lines.
import type { Balance } from '../../core/account/balance.ts';
import type { CostEntry } from '../../core/account/cost-book.ts';
import {
  type EntryDetail,
  type EntryKind,
  isBalanced,
  type MetalEntry,
  metalEntrySchema,
  type MetalLine,
  type NewMetalEntry,
  newMetalEntrySchema,
} from '../../core/account/entry.ts';
import type { Place } from '../../core/account/place.ts';
import { type BulkLot, type Lot, lotSchema, type NewLotRow, type ShelfLot } from '../../core/batch/stock/shelf.ts';
import type { Receipt } from '../../core/metal/receipt.ts';
import type { Ledger } from './ledger.ts';
import { NotAcceptable, NotThere } from './refusals.ts';
import { type Prepare, preparedOnce } from './statements.ts';

interface EntryRow {
  readonly id: number;
  readonly on_day: string;
  readonly recorded_at: string;
  readonly kind: EntryKind;
  readonly batch_id: string | null;
  readonly why: string;
  readonly corrects: number | null;
  readonly corrected_by: number | null;
  readonly currency: string;
  readonly detail: string;
}

interface SumRow {
  readonly place: Place;
  readonly lot_id: string;
  readonly alloy: string;
  readonly pieces: number;
  readonly mg: number;
  readonly ag: number;
  readonly au: number;
  readonly pt: number;
  readonly pd: number;
}

interface LineRow extends SumRow {
  readonly entry_id: number;
  readonly paid_minor: number | null;
  readonly lot_number: number | null;
}

interface LotRow {
  readonly id: string;
  readonly number: number;
  readonly kind: NewLotRow['kind'];
  readonly owner: string;
  readonly supplier: string;
  readonly body: string;
  readonly recorded_at: string;
  readonly where: string | null;
  readonly pieces: number;
  readonly mg: number;
  readonly ag: number;
  readonly au: number;
  readonly pt: number;
  readonly pd: number;
}

/** Which entries are wanted. */
export interface EntriesWanted {
  readonly batchId?: string;
  readonly lotId?: string;
  readonly place?: string;
  readonly kind?: EntryKind;
  /** ISO days, both included. */
  readonly from?: string;
  readonly until?: string;
  /** Only entries before this one: the next page of a long list. */
  readonly before?: number;
  readonly limit?: number;
}

const ENTRY = `select entry.*, (select later.id from metal_entry later where later.corrects = entry.id) as corrected_by
                 from metal_entry entry`;
const LOT = `select metal_lot.*, pieces, mg, ag, au, pt, pd,
                    (select place from lot_place where lot_place.lot_id = metal_lot.id order by id desc limit 1) as "where"`;
/** All batches are one place in sums, and so are all consignments. */
const GROUPED = `case when place glob 'work/*' then 'work' when place glob 'refiner/*' then 'refiner' else place end`;
const BEFORE_ALL = '0000-01-01';
const AFTER_ALL = '9999-12-31';
const LAST = 9_007_199_254_740_991;

interface PaidLotRow {
  id: string;
  number: number;
  kind: string;
  supplier: string;
  body: string;
  on_day: string;
  currency: string;
  mg: number;
  paid_minor: number;
}
/** A lot with what was paid for all of it, minor units. */
interface PaidLot extends Pick<PaidLotRow, 'id' | 'number' | 'kind' | 'supplier' | 'currency' | 'mg'> {
  readonly on: string;
  readonly paidMinor: number;
  /** Null for metal that is weighed. */
  readonly lot: Lot | null;
}

/** The metal account of a ledger. */
export class Account {
  readonly #ledger: Ledger;
  readonly #now: () => string;
  readonly #prepare: Prepare;

  constructor(ledger: Ledger, now: () => string) {
    this.#ledger = ledger;
    this.#now = now;
    this.#prepare = preparedOnce(ledger);
  }

  /** Lots with a size that are in stock, oldest first; used-up lots are left out. */
  lots(): ShelfLot[] {
    return this.#inStock(`kind not in ('grain', 'ingot')`).map((row) => ({
      ...lotSchema.parse(JSON.parse(row.body)),
      ...labelOf(row),
      count: row.pieces,
    }));
  }

  /** Metal in stock that is weighed, not measured. */
  bulk(): BulkLot[] {
    return this.#inStock(`kind in ('grain', 'ingot')`).map((row) => ({
      id: row.id,
      kind: row.kind as BulkLot['kind'],
      alloy: (JSON.parse(row.body) as { alloy: string }).alloy,
      ...labelOf(row),
      mg: row.mg,
      fine: fineOfRow(row),
    }));
  }

  #inStock(which: string): LotRow[] {
    return this.#prepare<[], LotRow>(
      `${LOT} from metal_balance join metal_lot on metal_lot.id = lot_id
        where metal_balance.place in ('stock', 'kept') and (pieces > 0 or mg > 0) and ${which} order by number`,
    ).all();
  }

  /** A lot by id or number, used up or not. @throws NotThere */
  lot(idOrNumber: string): { readonly row: NewLotRow; readonly number: number; readonly where: string } {
    const row = this.#prepare<[string, number], LotRow>(
      `${LOT} from metal_lot left join metal_balance on place in ('stock', 'kept') and lot_id = metal_lot.id
        where metal_lot.id = ? or number = ? limit 1`,
    ).get(idOrNumber, /^\d+$/.test(idOrNumber) ? Number(idOrNumber) : 0);
    if (!row) throw new NotThere('This lot is not in the account.');
    const isBulk = row.kind === 'grain' || row.kind === 'ingot';
    const body = JSON.parse(row.body) as { alloy: string };
    const { id, kind, owner, supplier, number } = row;
    return {
      row: { id, kind, owner, supplier, alloy: body.alloy, lot: isBulk ? null : lotSchema.parse(body) },
      number,
      where: row.where ?? '',
    };
  }

  /** Balances now. @param place  of one place; a group such as `jar/` by its start */
  balances(place?: string): Balance[] {
    const rows = place?.endsWith('/')
      ? this.#prepare<[string, string], SumRow>(
          'select * from metal_balance where place >= ? and place < ? and (mg <> 0 or pieces <> 0)',
        ).all(place, `${place.slice(0, -1)}0`)
      : place === undefined
        ? this.#prepare<[], SumRow>('select * from metal_balance where mg <> 0 or pieces <> 0').all()
        : this.#prepare<[string], SumRow>(
            'select * from metal_balance where place = ? and (mg <> 0 or pieces <> 0)',
          ).all(place);
    return rows.map(balanceOf);
  }

  /** Balances of a lot, wherever it is. */
  balancesOfLot(lot: string): Balance[] {
    return (['stock', 'kept'] as const).flatMap((place) =>
      this.#prepare<[string, string], SumRow>(
        'select * from metal_balance where place = ? and lot_id = ? and (mg <> 0 or pieces <> 0)',
      )
        .all(place, lot)
        .map(balanceOf),
    );
  }

  /** Lots whose last entry is before a day, of those in stock. */
  untouchedSince(day: string): { id: string; number: number; alloy: string; mg: number; since: string }[] {
    return this.#prepare<[string], { id: string; number: number; alloy: string; mg: number; since: string }>(
      `select metal_lot.id, number, alloy, mg,
              (select max(on_day) from metal_line join metal_entry on metal_entry.id = entry_id
                where lot_id = metal_lot.id and lot_id <> '') as since
         from metal_balance join metal_lot on metal_lot.id = lot_id
        where place = 'stock' and mg > 0
          and (select max(on_day) from metal_line join metal_entry on metal_entry.id = entry_id
                where lot_id = metal_lot.id and lot_id <> '') < ?
        order by since`,
    ).all(day);
  }

  /** Lines of entries after one, for the book of costs. @param until  ISO day, its end */
  costLines(after: number, until: string): (CostEntry & { readonly id: number })[] {
    const rows = this.#prepare<[number, string], LineRow & { kind: EntryKind }>(
      `select entry_id, kind, place, alloy, mg, paid_minor from metal_entry join metal_line on entry_id = id
        where id > ? and on_day <= ? and kind in (
          'opening', 'received', 'converted', 'settled', 'counted', 'sold', 'returned', 'reversed', 'customer-in',
          'customer-out') order by entry_id`,
    ).all(after, until);
    const entries: (CostEntry & { id: number; lines: CostEntry['lines'][number][] })[] = [];
    for (const { entry_id: id, kind, place, alloy, mg, paid_minor: paidMinor } of rows) {
      const last = entries.at(-1);
      const line = { place, alloy, mg, paidMinor };
      if (last?.id === id) last.lines.push(line);
      else entries.push({ id, kind, lines: [line] });
    }
    return entries;
  }

  /** What batches used of each lot with a size, by month, mg. @param since  ISO day */
  usedByMonth(since: string): { readonly lot: Lot; readonly month: string; readonly mg: number }[] {
    return this.#prepare<[string], { body: string; month: string; mg: number }>(
      `select body, substr(on_day, 1, 7) as month, -sum(mg) as mg
         from metal_entry entry join metal_line on entry_id = entry.id join metal_lot on metal_lot.id = lot_id
        where place = 'stock' and entry.kind in ('issued', 'returned', 'scrapped') and on_day >= ?
          and metal_lot.kind not in ('grain', 'ingot')
          and not exists (select 1 from metal_entry later where later.corrects = entry.id)
        group by metal_lot.id, month`,
    )
      .all(since)
      .map(({ body, ...row }) => ({ ...row, lot: lotSchema.parse(JSON.parse(body)) }));
  }

  /** What was paid for lots of an alloy, latest first. */
  paidLots(alloy: string): PaidLot[] {
    return this.#prepare<[string], PaidLotRow>(
      `select metal_lot.id, metal_lot.number, metal_lot.kind, supplier, metal_lot.body, on_day, currency, came.mg, paid.paid_minor
         from metal_line paid join metal_entry entry on entry.id = paid.entry_id
         join metal_line came on came.entry_id = entry.id and came.place = 'stock' and came.lot_id <> ''
         join metal_lot on metal_lot.id = came.lot_id
        where paid.alloy = ? and paid.paid_minor is not null and entry.kind in ('received', 'opening')
          and not exists (select 1 from metal_entry later where later.corrects = entry.id)
        order by on_day desc, entry.id desc`,
    )
      .all(alloy)
      .map(({ body, on_day: on, paid_minor: paidMinor, ...row }) => {
        const isBulk = row.kind === 'grain' || row.kind === 'ingot';
        return { ...row, on, paidMinor, lot: isBulk ? null : lotSchema.parse(JSON.parse(body)) };
      });
  }

  /** mg that came into each jar since a day. */
  intoJars(since: string): ReadonlyMap<string, number> {
    const rows = this.#prepare<[string], { place: string; mg: number }>(
      `select place, sum(mg) as mg from metal_month
        where month >= ? and place glob 'jar/*' and kind in ('issued', 'returned', 'scrapped', 'reversed')
        group by place`,
    ).all(since.slice(0, 7));
    return new Map(rows.map(({ place, mg }) => [place, mg]));
  }

  /** Entries that sent jars away or settled them, oldest first. */
  refined(): MetalEntry[] {
    const rows = this.#prepare<[], EntryRow>(
      `${ENTRY} where entry.kind in ('sent', 'settled') order by entry.id`,
    ).all();
    return this.#withLines(rows).filter(({ correctedBy }) => correctedBy === null);
  }

  /** Sums by place and alloy at the end of a day. */
  balancesAt(day: string): Balance[] {
    return this.flows(BEFORE_ALL, day);
  }

  /** Changes between two days, both included, by place and alloy. */
  flows(from: string, until: string): Balance[] {
    const [first, last] = [from.slice(0, 7), until.slice(0, 7)];
    // Whole months between the first and the last are summed already; of those two the days are added.
    const ofDays = `select ${GROUPED} as place, alloy, mg, ag, au, pt, pd
                      from metal_entry join metal_line on entry_id = id where on_day between`;
    return this.#prepare<Record<string, string>, Omit<SumRow, 'lot_id' | 'pieces'>>(
      `select place, alloy, sum(mg) as mg, sum(ag) as ag, sum(au) as au, sum(pt) as pt, sum(pd) as pd from (
         select place, alloy, mg, ag, au, pt, pd from metal_month where month > :first and month < :last
         union all ${ofDays} :from and :firstEnd
         union all ${ofDays} :lastStart and :until)
       group by place, alloy`,
    )
      .all({
        first,
        last,
        from,
        until,
        firstEnd: first === last ? until : `${first}-31`,
        // No day is after it, so that a single month is counted once.
        lastStart: first === last ? AFTER_ALL : `${last}-01`,
      })
      .map((row) => balanceOf({ ...row, lot_id: '', pieces: 0 }));
  }

  /** Entries, latest first. */
  entries({ batchId, lotId, place, kind, from, until, before, limit = 200 }: EntriesWanted = {}): MetalEntry[] {
    const wheres = [
      'entry.id < :before',
      ...(batchId === undefined ? [] : ['entry.batch_id = :batchId']),
      ...(kind === undefined ? [] : ['entry.kind = :kind']),
      ...(from === undefined ? [] : ['entry.on_day >= :from']),
      ...(until === undefined ? [] : ['entry.on_day <= :until']),
      ...(lotId === undefined
        ? []
        : [`entry.id in (select entry_id from metal_line where lot_id = :lotId and lot_id <> '')`]),
      ...(place === undefined ? [] : ['entry.id in (select entry_id from metal_line where place = :place)']),
    ];
    const rows = this.#prepare<Record<string, unknown>, EntryRow>(
      `${ENTRY} where ${wheres.join(' and ')} order by entry.id desc limit :limit`,
    ).all({ batchId, lotId, place, kind, from, until, before: before ?? LAST, limit });
    return this.#withLines(rows);
  }

  /** @throws NotThere */
  entry(id: number): MetalEntry {
    const row = this.#prepare<[number], EntryRow>(`${ENTRY} where entry.id = ?`).get(id);
    const [entry] = row ? this.#withLines([row]) : [];
    if (!entry) throw new NotThere('This entry is not in the account.');
    return entry;
  }

  #withLines(rows: readonly EntryRow[]): MetalEntry[] {
    const lines = this.#prepare<[number], LineRow>(
      `select metal_line.*, metal_lot.number as lot_number
         from metal_line left join metal_lot on metal_lot.id = lot_id where entry_id = ? order by metal_line.number`,
    );
    return rows.map((row) => entryOf(row, lines.all(row.id)));
  }

  /** Metal received with a price, latest day first. */
  receipts(): Receipt[] {
    return this.#prepare<[], EntryRow>(
      `select entry.*, null as corrected_by from metal_entry entry
        where kind in ('paid', 'received') and detail ->> '$.receipt' is not null
          and not exists (select 1 from metal_entry later where later.corrects = entry.id)
        order by on_day desc, id desc`,
    )
      .all()
      .flatMap(({ id, on_day: on, recorded_at: at, currency, detail }) => {
        const { receipt } = JSON.parse(detail) as EntryDetail;
        return receipt ? [{ id, on, at, currency, ...receipt }] : [];
      });
  }

  /**
   * Adds entries with their new lots, all or none.
   * @throws RangeError when an entry is not balanced; NotAcceptable when less is there than is taken
   */
  add(entries: readonly NewMetalEntry[], lots: readonly NewLotRow[] = []): MetalEntry[] {
    const at = this.#now();
    const insert = this.#prepare(
      `insert into metal_entry (on_day, recorded_at, kind, batch_id, why, corrects, currency, detail)
       values (:on, :at, :kind, :batchId, :why, :corrects, :currency, :detail)`,
    );
    const insertLine = this.#prepare(
      `insert into metal_line (entry_id, number, place, lot_id, alloy, pieces, mg, ag, au, pt, pd, paid_minor)
       values (:id, :number, :place, :lot, :alloy, :pieces, :mg, :Ag, :Au, :Pt, :Pd, :paidMinor)`,
    );
    return this.#ledger.transaction(() => {
      for (const row of lots) this.#addLot(row, at);
      return entries.map((entry) => {
        newMetalEntrySchema.parse(entry);
        if (!isBalanced(entry.lines)) throw new RangeError('An entry of the account must balance.');
        const { detail, lines, ...columns } = entry;
        const id = Number(insert.run({ ...columns, at, detail: JSON.stringify(detail) }).lastInsertRowid);
        const kept = joined(lines);
        refuseOverdraft(() => {
          kept.forEach(({ fine, lot, ...line }, number) =>
            insertLine.run({ ...line, ...fine, id, number, lot: lot ?? '' }),
          );
        });
        return { ...entry, id, at, correctedBy: null, lines: kept };
      });
    })();
  }

  #addLot({ id, kind, owner, supplier, lot, alloy }: NewLotRow, at: string): void {
    this.#prepare(
      `insert into metal_lot (id, number, kind, owner, supplier, body, recorded_at)
       select :id, coalesce(max(number), 0) + 1, :kind, :owner, :supplier, :body, :at from metal_lot`,
    ).run({ id, kind, owner, supplier, at, body: JSON.stringify(lot ?? { alloy }) });
  }

  /** Says where a lot lies in the studio. */
  putLot(id: string, place: string): void {
    this.#prepare('insert into lot_place (lot_id, recorded_at, place) values (?, ?, ?)').run(id, this.#now(), place);
  }
}

/** Lines of the same place, lot and alloy become one, what comes before what goes: nothing is short for a moment. */
function joined(lines: readonly MetalLine[]): MetalLine[] {
  const byKey = new Map<string, MetalLine>();
  for (const line of lines) {
    const key = `${line.place}\n${line.lot ?? ''}\n${line.alloy}`;
    const before = byKey.get(key);
    byKey.set(key, before ? plus(before, line) : line);
  }
  return [...byKey.values()]
    .filter(({ mg, pieces, fine }) => mg !== 0 || pieces !== 0 || Object.values(fine).some((part) => part !== 0))
    .sort((a, b) => Math.sign(b.mg) - Math.sign(a.mg));
}

function plus(a: MetalLine, b: MetalLine): MetalLine {
  const paid = a.paidMinor === null && b.paidMinor === null ? null : (a.paidMinor ?? 0) + (b.paidMinor ?? 0);
  return {
    ...a,
    pieces: a.pieces + b.pieces,
    mg: a.mg + b.mg,
    fine: {
      Ag: a.fine.Ag + b.fine.Ag,
      Au: a.fine.Au + b.fine.Au,
      Pt: a.fine.Pt + b.fine.Pt,
      Pd: a.fine.Pd + b.fine.Pd,
    },
    paidMinor: paid,
  };
}

/** @throws NotAcceptable where the ledger refuses a balance below zero */
function refuseOverdraft(work: () => void): void {
  try {
    work();
  } catch (error) {
    if (error instanceof Error && error.message.includes('CHECK constraint failed'))
      throw new NotAcceptable('This entry takes more than is in stock. Look at what has been used since.', []);
    throw error;
  }
}

const fineOfRow = ({ ag, au, pt, pd }: Pick<SumRow, 'ag' | 'au' | 'pt' | 'pd'>) => ({ Ag: ag, Au: au, Pt: pt, Pd: pd });

function balanceOf(row: SumRow): Balance {
  const { place, lot_id: lot, alloy, pieces, mg } = row;
  return { place, lot: lot || null, alloy, pieces, mg, fine: fineOfRow(row) };
}

function labelOf({ number, supplier, owner, where, recorded_at }: LotRow) {
  return { number, supplier, owner, where: where ?? '', since: recorded_at.slice(0, 10) };
}

function entryOf(row: EntryRow, lines: readonly LineRow[]): MetalEntry {
  const { id, on_day: on, recorded_at: at, kind, batch_id: batchId, why, corrects, corrected_by: correctedBy } = row;
  return metalEntrySchema.parse({
    id,
    on,
    at,
    kind,
    batchId,
    why,
    corrects,
    correctedBy,
    currency: row.currency,
    detail: JSON.parse(row.detail) as unknown,
    lines: lines.map((line) => ({
      ...balanceOf(line),
      paidMinor: line.paid_minor,
      ...(line.lot_number !== null && { lotNumber: line.lot_number }),
    })),
  });
}
