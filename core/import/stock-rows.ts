// Rows of a list of stock: bars, coils and sheets, with what was paid.
import { ask } from '../ask/ask.ts';
import { type NewLot, newLotSchema, readLot } from '../batch/stock/shelf.ts';
import { inStudioDecimals } from '../format/numbers.ts';
import { readGrams } from '../measure/read/read-number.ts';
import type { Alloy } from '../metal/alloys.ts';
import { alloyNamed } from './alloy-named.ts';
import type { ImportField } from './columns.ts';
import { bad, type RowReading } from './row-reading.ts';

/** What columns of a list of stock can hold. */
export const stockFields: readonly ImportField[] = [
  { key: 'what', label: 'stock in words', isNeeded: true, words: ['stock', 'item', 'description', 'material', 'what', 'name', 'bezeichnung', 'designation'] }, // prettier-ignore
  { key: 'metal', label: 'metal', words: ['alloy', 'metall', 'legierung'] },
  { key: 'length', label: 'length', words: ['laenge', 'long', 'longueur', 'size', 'mm'] },
  { key: 'width', label: 'width of a sheet', words: ['breite', 'largeur', 'wide'] },
  {
    key: 'count',
    label: 'quantity',
    isNumber: true,
    words: ['count', 'qty', 'pieces', 'number', 'anzahl', 'quantite'],
  },
  { key: 'paid', label: 'paid for all', isNumber: true, words: ['paid', 'cost', 'price', 'total', 'amount', 'preis', 'prix'] }, // prettier-ignore
  { key: 'weighed', label: 'weight', isNumber: true, words: ['grams', 'g', 'gewicht', 'poids'] },
  { key: 'supplier', label: 'supplier', words: ['from', 'vendor', 'lieferant', 'fournisseur'] },
  { key: 'where', label: 'kept in', words: ['place', 'drawer', 'lager', 'rack'] },
  { key: 'owner', label: 'customer who owns it', words: ['owner', 'eigentum'] },
  { key: 'why', label: 'note', words: ['note', 'notes', 'remark'] },
];

interface StockRowBasis {
  readonly alloys: ReadonlyMap<string, Alloy>;
  readonly currency: string;
}

/** @param cells  by field, numbers in plain form */
export function readStockRow(
  cells: ReadonlyMap<string, string>,
  { alloys, currency }: StockRowBasis,
): RowReading<NewLot> {
  const cell = (key: string) => cells.get(key)?.trim() ?? '';
  const title = [cell('metal'), cell('what')].filter(Boolean).join(', ');
  if (!title) return bad('', 'The row has no stock.');
  if (/\b(?:grain|ingot)\b/i.test(cell('what'))) return readWeighedRow(cells, title, alloys);
  if (/\bpatterned\b/i.test(cell('what')))
    return bad(title, 'Add patterned strip by hand: only its maker says what it weighs.');
  // The calculator reads the section; the length is in a column of its own or in the words.
  const words = `${cell('metal')} ${cell('what')}`.trim();
  const asked = [words, `${words} 100 mm`].map((text) => ask(text, { alloys, fix: null }));
  const found = asked.find((answer) => answer.ok && answer.part);
  if (!found?.ok || !found.part) {
    const refusal = asked[0];
    return bad(title, refusal && !refusal.ok ? refusal.sentence : 'This stock cannot be read.');
  }
  const { alloy, section, blank } = found.part;
  const inWords = asked[0] === found ? blank : { rule: 'none' as const };
  const isSheet = section.form === 'sheet';
  const sides = sidesOf(inWords);
  const lot = newLotSchema.safeParse({
    alloy,
    section,
    length: isSheet ? '' : withMm(cell('length')) || sides[0] || '',
    width: isSheet ? withMm(cell('width')) || sides[0] || '' : '',
    height: isSheet ? withMm(cell('length')) || sides[1] || '' : '',
    count: cell('count') || '1',
    paid: inStudioDecimals(cell('paid')),
    ...labelCells(cell),
    // Stock without a price lay there before: nothing was bought.
    isOpening: cell('paid') === '',
  });
  if (!lot.success) return bad(title, 'This stock cannot be read.');
  const read = readLot(lot.data, alloys, currency);
  if ('problems' in read) return bad(title, read.problems[0]?.sentence ?? 'This stock cannot be read.');
  return {
    effect: 'new',
    title,
    says: `${lot.data.count} × ${lot.data.length || `${lot.data.width} × ${lot.data.height}`}`,
    value: lot.data,
  };
}

/** Grain and ingots have a weight only. */
function readWeighedRow(
  cells: ReadonlyMap<string, string>,
  title: string,
  alloys: ReadonlyMap<string, Alloy>,
): RowReading<NewLot> {
  const cell = (key: string) => cells.get(key)?.trim() ?? '';
  const alloy = alloyNamed(cell('metal') || cell('what').replace(/\b(?:casting|grain|ingot)\b/gi, ''), alloys);
  if (alloy === null) return bad(title, 'This metal is not in the book of metals.');
  const weighed = inStudioDecimals(cell('weighed'));
  const grams = readGrams(weighed);
  if (!grams.ok || grams.value <= 0) return bad(title, grams.ok ? 'Give what it weighed.' : grams.sentence);
  const value = newLotSchema.parse({
    alloy,
    section: { form: 'grain' },
    weighed,
    paid: inStudioDecimals(cell('paid')),
    ...labelCells(cell),
    isOpening: cell('paid') === '',
  });
  return { effect: 'new', title, says: weighed, value };
}

function labelCells(cell: (key: string) => string) {
  const short = (key: string) => cell(key).slice(0, 120);
  return {
    why: cell('why').slice(0, 400),
    supplier: short('supplier'),
    where: short('where'),
    owner: short('owner'),
  };
}

/** Lengths that stand in the words of a blank. */
function sidesOf(blank: Readonly<Record<string, unknown>>): readonly string[] {
  return ['length', 'width', 'height'].flatMap((key) => {
    const side = blank[key];
    return typeof side === 'string' && side ? [side] : [];
  });
}

/** A bare number is in mm. */
function withMm(text: string): string {
  return /^\d+(?:\.\d+)?$/.test(text) ? `${inStudioDecimals(text)} mm` : text;
}
