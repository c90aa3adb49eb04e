// Balances of the account: what is where at the end of a day, and what came and went between two days.
import { type Fine, fineMetals, type MetalEntry, type MetalLine } from './entry.ts';
import { type HeldKind, heldKind, heldKinds, type OutsidePlace, outsidePlaces, type Place } from './place.ts';

/** What is at a place, by lot and alloy; of a period, what changed there. */
export interface Balance {
  readonly place: Place;
  readonly lot: string | null;
  readonly alloy: string;
  readonly pieces: number;
  /** Gross, whole mg. */
  readonly mg: number;
  readonly fine: Fine;
}

/**
 * Balances over entries; places where nothing is left are out.
 * @param until  ISO day, its end; all entries when left out
 */
export function balances(entries: readonly MetalEntry[], until = '9999-12-31'): Balance[] {
  const sums = new Map<string, Balance>();
  for (const entry of entries) {
    if (entry.on > until) continue;
    for (const line of entry.lines) add(sums, line);
  }
  return [...sums.values()].filter(
    ({ pieces, mg, fine }) => pieces !== 0 || mg !== 0 || fineMetals.some((metal) => fine[metal] !== 0),
  );
}

function add(sums: Map<string, Balance>, { place, lot, alloy, pieces, mg, fine }: MetalLine): void {
  const key = `${place}\n${lot ?? ''}\n${alloy}`;
  const before = sums.get(key);
  sums.set(key, {
    place,
    lot,
    alloy,
    pieces: pieces + (before?.pieces ?? 0),
    mg: mg + (before?.mg ?? 0),
    fine: before ? plus(before.fine, fine) : fine,
  });
}

const plus = (a: Fine, b: Fine): Fine => ({ Ag: a.Ag + b.Ag, Au: a.Au + b.Au, Pt: a.Pt + b.Pt, Pd: a.Pd + b.Pd });

/** The statement of one alloy for a period, in whole mg: start + in + out = end. */
export interface AlloyStatement {
  readonly alloy: string;
  readonly start: number;
  /** mg at the end, by kind of place. */
  readonly held: Readonly<Record<HeldKind, number>>;
  readonly end: number;
  /** Change by place outside: metal that came is positive, metal that left negative. */
  readonly outside: Readonly<Record<OutsidePlace, number>>;
  /** Came from other alloys, or became them: melting and alloying. */
  readonly converted: number;
}

/**
 * The statements of a period, by alloy, in the order the alloys appear.
 * @param before  balances at the start of the period
 * @param flows   changes within the period, summed
 */
export function statements(before: readonly Balance[], flows: readonly Balance[]): AlloyStatement[] {
  const alloys = [...new Set([...before, ...flows].map(({ alloy }) => alloy))];
  return alloys
    .map((alloy): AlloyStatement => {
      const ownBefore = before.filter((one) => one.alloy === alloy);
      const own = flows.filter((one) => one.alloy === alloy);
      const heldOf = (kind: HeldKind) =>
        sum([...ownBefore, ...own].filter(({ place }) => heldKind(place) === kind).map(({ mg }) => mg));
      const held = Object.fromEntries(heldKinds.map((kind) => [kind, heldOf(kind)])) as Record<HeldKind, number>;
      const outside = Object.fromEntries(
        outsidePlaces.map((place) => [place, -sum(own.filter((one) => one.place === place).map(({ mg }) => mg)) || 0]),
      ) as Record<OutsidePlace, number>;
      const start = sum(ownBefore.filter(({ place }) => heldKind(place) !== null).map(({ mg }) => mg));
      const end = sum(Object.values(held));
      return { alloy, start, held, end, outside, converted: end - start - sum(Object.values(outside)) };
    })
    .filter(({ start, end, outside }) => start !== 0 || end !== 0 || Object.values(outside).some((mg) => mg !== 0));
}

/** Balances at the end of a period, by place and alloy; places outside are left out. */
export function heldAfter(before: readonly Balance[], flows: readonly Balance[]): Balance[] {
  const sums = new Map<string, Balance>();
  const line = { lot: null, pieces: 0, paidMinor: null };
  for (const { place, alloy, mg, fine } of [...before, ...flows]) {
    if (heldKind(place) !== null) add(sums, { ...line, place, alloy, mg, fine });
  }
  return [...sums.values()].filter(({ mg }) => mg !== 0);
}

const up = (mg: number) => Math.max(0, mg);

/** mg that came in a period: bought, entered as opening balance, found, or left by customers. */
export function cameIn({ outside }: AlloyStatement): number {
  return outside.opening + outside.supplier + up(outside.customer) + up(outside.counted) + up(outside.assay);
}

/** mg that went out in a period other than by loss: sold, settled, missing at a count, or returned to customers. */
export function wentOut({ outside }: AlloyStatement): number {
  return -(outside.sold + outside.settled) + up(-outside.customer) + up(-outside.counted) + up(-outside.assay);
}

/** Rows of cells, the column heads first; g with three decimals. */
export function statementTable(rows: readonly AlloyStatement[]): string[][] {
  const heads = ['start', 'came in', 'went out', 'lost', 'by melting', 'end', ...heldKinds];
  const lines = rows.map((row) => [
    row.alloy,
    ...[row.start, cameIn(row), wentOut(row), -row.outside.loss, row.converted, row.end].map(gramsCell),
    ...heldKinds.map((kind) => gramsCell(row.held[kind])),
  ]);
  return [['alloy', ...heads.map((head) => `${head} g`)], ...lines];
}

/** mg as a cell of a table. */
export const gramsCell = (mg: number) => (mg / 1000).toFixed(3);

/** Fine metal held, by kind of place, whole mg. */
export function fineHeld(held: readonly Balance[]): Readonly<Record<HeldKind, Fine>> {
  return Object.fromEntries(
    heldKinds.map((kind) => {
      const own = held.filter(({ place }) => heldKind(place) === kind);
      return [kind, Object.fromEntries(fineMetals.map((metal) => [metal, sum(own.map(({ fine }) => fine[metal]))]))];
    }),
  ) as unknown as Record<HeldKind, Fine>;
}

const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);
