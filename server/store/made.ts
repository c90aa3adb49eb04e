// Stores finished pieces: items, outlets, entries and balances. Entries never change.
import type { MadeBalance } from '../../core/made/made-balance.ts';
import {
  byDay,
  keepsPieces,
  type MadeEntry,
  type MadeEntryLine,
  type NewMadeEntry,
  newMadeEntrySchema,
} from '../../core/made/made-entry.ts';
import {
  isSameItem,
  type MadeDetail,
  type MadeItem,
  madeItemSchema,
  type NewMadeItem,
} from '../../core/made/made-item.ts';
import { keptOutletSchema, type Outlet } from '../../core/made/outlet.ts';
import type { Ledger } from './ledger.ts';
import { NotAcceptable, NotThere } from './refusals.ts';
import { type Prepare, preparedOnce } from './statements.ts';

interface EntryRow {
  readonly id: number;
  readonly on_day: string;
  readonly recorded_at: string;
  readonly kind: MadeEntry['kind'];
  readonly channel: string;
  readonly buyer: string;
  readonly customers: number;
  readonly batch_id: string | null;
  readonly why: string;
  readonly corrects: number | null;
  readonly corrected_by: number | null;
  readonly currency: string;
  readonly reference: string;
}

interface ItemRow {
  readonly number: number;
  readonly body: string;
  readonly detail: string | null;
}

/** Finished pieces of a ledger. */
export class MadePieces {
  readonly #ledger: Ledger;
  readonly #now: () => string;
  readonly #prepare: Prepare;
  #known: readonly MadeEntry[] = [];
  #lastId = 0;

  constructor(ledger: Ledger, now: () => string) {
    this.#ledger = ledger;
    this.#now = now;
    this.#prepare = preparedOnce(ledger);
  }

  /** In the order of their numbers. */
  items(): MadeItem[] {
    return this.#prepare<[], ItemRow>(`${ITEM} order by number`).all().map(readItem);
  }

  /** @throws NotThere */
  item(id: string): MadeItem {
    const row = this.#prepare<[string], ItemRow>(`${ITEM} where id = ?`).get(id);
    if (!row) throw new NotThere('This finished piece is not in the ledger.');
    return readItem(row);
  }

  /** The item that is the same piece, or a new one. */
  keepItem(item: NewMadeItem): MadeItem {
    const same = this.#prepare<[string], ItemRow>(`${ITEM} where piece_id = ? order by number desc`)
      .all(item.pieceId)
      .map(readItem)
      .find((one) => isSameItem(one, item));
    if (same) return same;
    this.#prepare(
      `insert into made_item (id, number, piece_id, body, recorded_at)
       select :id, coalesce(max(number), 0) + 1, :pieceId, :body, :at from made_item`,
    ).run({ id: item.id, pieceId: item.pieceId, body: JSON.stringify(item), at: this.#now() });
    return this.item(item.id);
  }

  /** @throws NotThere */
  keepDetail(id: string, detail: MadeDetail): MadeItem {
    this.item(id);
    this.#prepare('insert into made_detail (item_id, recorded_at, body) values (?, ?, ?)').run(
      id,
      this.#now(),
      JSON.stringify(detail),
    );
    return this.item(id);
  }

  /** By name. */
  outlets(): Outlet[] {
    return this.#prepare<[], { id: string; body: string }>(
      'select id, body from outlet where row in (select max(row) from outlet group by id)',
    )
      .all()
      .map(({ id, body }) => keptOutletSchema.parse({ ...(JSON.parse(body) as object), id }))
      .sort((a, b) => a.name.localeCompare(b.name));
  }

  keepOutlet({ id, ...body }: Outlet): void {
    this.#prepare('insert into outlet (id, recorded_at, body) values (?, ?, ?)').run(
      id,
      this.#now(),
      JSON.stringify(body),
    );
  }

  /** What is where now. */
  balances(): MadeBalance[] {
    return this.#prepare<[], MadeBalance>(
      'select place, item_id as item, grade, count from made_balance where count <> 0',
    ).all();
  }

  /** All entries, oldest day first; the same array as long as nothing has changed. */
  entries(): readonly MadeEntry[] {
    // What a transaction has written may be rolled back, so it is not remembered.
    if (this.#ledger.inTransaction) return this.#after(0).toSorted(byDay);
    const later = this.#after(this.#lastId);
    if (later.length > 0) {
      const reversedBy = new Map(later.flatMap(({ id, corrects }) => (corrects === null ? [] : [[corrects, id]])));
      const before = this.#known.map((entry) => {
        const correctedBy = reversedBy.get(entry.id);
        return correctedBy === undefined ? entry : { ...entry, correctedBy };
      });
      this.#known = [...before, ...later].toSorted(byDay);
      this.#lastId = Math.max(...later.map(({ id }) => id));
    }
    return this.#known;
  }

  #after(id: number): MadeEntry[] {
    const rows = this.#prepare<[number], EntryRow>(`${ENTRY} where entry.id > ? order by entry.id`).all(id);
    return this.#withLines(rows);
  }

  /** Entries of one batch, oldest first. */
  entriesOf(batchId: string): MadeEntry[] {
    const rows = this.#prepare<[string], EntryRow>(`${ENTRY} where entry.batch_id = ? order by entry.id`).all(batchId);
    return this.#withLines(rows);
  }

  /** @throws NotThere */
  entry(id: number): MadeEntry {
    const row = this.#prepare<[number], EntryRow>(`${ENTRY} where entry.id = ?`).get(id);
    const [entry] = row ? this.#withLines([row]) : [];
    if (!entry) throw new NotThere('This entry is not in the ledger.');
    return entry;
  }

  /** Its entry in the metal account; null where it has none. */
  metalEntryOf(id: number): number | null {
    const row = this.#prepare<[number], { metalEntryId: number | null }>(
      'select metal_entry_id as metalEntryId from made_entry where id = ?',
    ).get(id);
    return row?.metalEntryId ?? null;
  }

  /** Whether an entry with a reference stands. */
  hasReference(reference: string): boolean {
    return (
      this.#prepare<[string]>(
        `select 1 from made_entry entry where reference = ?
           and not exists (select 1 from made_entry later where later.corrects = entry.id)`,
      ).get(reference) !== undefined
    );
  }

  /** Batches whose pieces came in, and were not taken out again. */
  batchesTakenIn(): ReadonlySet<string> {
    const rows = this.#prepare<[], { batch_id: string }>(
      `select distinct batch_id from made_entry entry where kind = 'made' and batch_id is not null
         and not exists (select 1 from made_entry later where later.corrects = entry.id)`,
    ).all();
    return new Set(rows.map(({ batch_id: id }) => id));
  }

  /**
   * Adds an entry.
   * @param metalEntryId  its entry in the metal account
   * @throws RangeError when pieces appear or vanish; NotAcceptable when fewer are there than are taken
   */
  add(entry: NewMadeEntry, metalEntryId: number | null = null): MadeEntry {
    newMadeEntrySchema.parse(entry);
    if (!keepsPieces(entry.lines)) throw new RangeError('An entry of finished pieces must balance.');
    const at = this.#now();
    return this.#ledger.transaction(() => {
      const { lines, ...columns } = entry;
      const id = Number(
        this.#prepare(
          `insert into made_entry (on_day, recorded_at, kind, channel, buyer, customers, batch_id, why, corrects, currency,
                                   reference, metal_entry_id)
           values (:on, :at, :kind, :channel, :buyer, :customers, :batchId, :why, :corrects, :currency, :reference, :metalEntryId)`,
        ).run({ ...columns, at, metalEntryId }).lastInsertRowid,
      );
      const insert = this.#prepare(
        `insert into made_line (entry_id, number, place, item_id, grade, count, cost_minor, estimate_minor, labour_minor,
                                minutes, estimate_minutes, paid_minor, tax_minor, commission_minor, fee_minor)
         values (:id, :number, :place, :item, :grade, :count, :costMinor, :estimateMinor, :labourMinor, :minutes,
                 :estimateMinutes, :paidMinor, :taxMinor, :commissionMinor, :feeMinor)`,
      );
      refuseShortage(() => {
        // What comes is booked before what goes, so that nothing is short for a moment.
        for (const [number, line] of [...lines.entries()].sort(([, a], [, b]) => b.count - a.count))
          insert.run({ ...line, id, number });
      });
      return { ...entry, id, at, correctedBy: null };
    })();
  }

  #withLines(rows: readonly EntryRow[]): MadeEntry[] {
    if (rows.length === 0) return [];
    const all = rows.length > MANY;
    const lines = new Map<number, MadeEntryLine[]>();
    const read = (list: LineRow[]) => {
      for (const { entry_id: id, ...line } of list) {
        const known = lines.get(id);
        if (known) known.push(line);
        else lines.set(id, [line]);
      }
    };
    if (all) read(this.#prepare<[], LineRow>(`${LINE} order by entry_id, number`).all());
    else {
      const one = this.#prepare<[number], LineRow>(`${LINE} where entry_id = ? order by number`);
      for (const { id } of rows) read(one.all(id));
    }
    return rows.map(({ id, on_day: on, recorded_at: at, batch_id: batchId, corrected_by: correctedBy, ...row }) => ({
      // The columns are strict; years of sales through a schema would take seconds.
      ...row, id, on, at, batchId, correctedBy, lines: lines.get(id) ?? [],
    })); // prettier-ignore
  }
}

/** From so many entries on, all lines are read at once. */
const MANY = 50;
type LineRow = MadeEntryLine & { readonly entry_id: number };

const ITEM = `select number, body,
                     (select made_detail.body from made_detail where item_id = made_item.id order by row desc limit 1)
                       as detail
              from made_item`;

const ENTRY = `select entry.id, entry.on_day, entry.recorded_at, entry.kind, entry.channel, entry.buyer, entry.customers,
                      entry.batch_id, entry.why, entry.corrects, entry.currency, entry.reference, later.id as corrected_by
                 from made_entry entry
                 left join made_entry later on later.corrects = entry.id`;
const LINE = `select entry_id, place, item_id as item, grade, count, cost_minor as costMinor,
                     estimate_minor as estimateMinor, labour_minor as labourMinor, minutes,
                     estimate_minutes as estimateMinutes, paid_minor as paidMinor, tax_minor as taxMinor,
                     commission_minor as commissionMinor, fee_minor as feeMinor from made_line`;

function readItem({ number, body, detail }: ItemRow): MadeItem {
  return madeItemSchema.parse({ ...(JSON.parse(body) as object), ...(JSON.parse(detail ?? '{}') as object), number });
}

/** @throws NotAcceptable where the ledger refuses a balance below zero */
function refuseShortage(work: () => void): void {
  try {
    work();
  } catch (error) {
    if (error instanceof Error && error.message.includes('CHECK constraint failed'))
      throw new NotAcceptable('Fewer pieces are there than this entry takes.', []);
    throw error;
  }
}
