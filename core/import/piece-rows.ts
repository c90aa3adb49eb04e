// Rows of a maker's own spreadsheet as simple pieces: a weight of metal, minutes and prices. Details can follow later.
import { roundHalfAwayFromZero } from '../figure/round-money.ts';
import { showValue } from '../figure/show.ts';
import { inStudioDecimals } from '../format/numbers.ts';
import { readMoney } from '../measure/read/read-money.ts';
import { readGrams, readMinutes } from '../measure/read/read-number.ts';
import { type Piece, pieceSchema } from '../piece/piece.ts';
import type { ImportField } from './columns.ts';
import { bad, type RowReading } from './row-reading.ts';

/** What columns of a list of pieces can hold. */
export const pieceFields: readonly ImportField[] = [
  { key: 'name', label: 'piece', isNeeded: true, words: ['name', 'item', 'product', 'title', 'design', 'description', 'artikel', 'bezeichnung', 'article', 'nom', 'designation'] }, // prettier-ignore
  { key: 'metal', label: 'metal', words: ['alloy', 'material', 'metall', 'metal type', 'legierung', 'matiere'] },
  { key: 'weight', label: 'weight', isNumber: true, words: ['grams', 'gram', 'g', 'weight g', 'metal weight', 'silver weight', 'gewicht', 'poids'] }, // prettier-ignore
  { key: 'minutes', label: 'bench time, min', isNumber: true, words: ['minutes', 'min', 'mins', 'time', 'labour', 'labor', 'bench time', 'making time', 'time min', 'zeit', 'minuten', 'temps'] }, // prettier-ignore
  { key: 'hours', label: 'bench time, hours', isNumber: true, words: ['hours', 'hrs', 'h', 'labour hours', 'labor hours', 'stunden', 'heures'] }, // prettier-ignore
  { key: 'other', label: 'other costs', isNumber: true, words: ['findings', 'stones', 'materials cost', 'other', 'extras', 'components', 'stone cost', 'findings cost', 'zubehor'] }, // prettier-ignore
  { key: 'wholesale', label: 'wholesale', isNumber: true, words: ['wholesale price', 'trade', 'trade price', 'ws', 'grosshandel', 'handlerpreis', 'haendlerpreis', 'prix de gros'] }, // prettier-ignore
  { key: 'retail', label: 'retail', isNumber: true, words: ['retail price', 'price', 'rrp', 'sale price', 'selling price', 'shop price', 'preis', 'verkaufspreis', 'prix', 'prix de vente'] }, // prettier-ignore
  { key: 'collection', label: 'collection', words: ['range', 'series', 'line', 'kollektion'] },
  { key: 'tags', label: 'tag', words: ['tags', 'type', 'category', 'kategorie', 'categorie'] },
  { key: 'note', label: 'note', words: ['notes', 'remarks', 'comment', 'sku', 'code', 'bemerkung'] },
];

/** A piece with its prices, and the piece of the ledger that has its name. */
export interface PieceRow {
  readonly piece: Piece;
  /** The piece of this name, which gets the prices only; null for a new one. */
  readonly id: string | null;
  /** Minor units; null where the row gives none. */
  readonly wholesaleMinor: number | null;
  readonly retailMinor: number | null;
}

/** A piece of the ledger. */
export interface KnownPiece {
  readonly id: string;
  readonly name: string;
  readonly wholesaleMinor: number | null;
  readonly retailMinor: number | null;
}

interface PieceRowBasis {
  /** The alloy of a word; null where none fits. */
  readonly alloyOf: (text: string) => string | null;
  readonly currency: string;
  /** By name in small letters. */
  readonly known: ReadonlyMap<string, KnownPiece>;
  /** The metal of rows that name none. */
  readonly usualAlloy: string;
}

/** @param cells  by field, numbers in plain form */
export function readPieceRow(cells: ReadonlyMap<string, string>, basis: PieceRowBasis): RowReading<PieceRow> {
  const cell = (key: string) => cells.get(key)?.trim() ?? '';
  const name = cell('name').slice(0, 120);
  if (!name) return bad('', 'The row has no name.');
  const alloy = cell('metal') ? basis.alloyOf(cell('metal')) : basis.usualAlloy;
  if (alloy === null) return bad(name, `“${cell('metal')}” is not a metal of the book.`);
  const grams = readGrams(inStudioDecimals(cell('weight')));
  if (!grams.ok) return bad(name, grams.sentence);
  const hours = cell('hours') && `${inStudioDecimals(cell('hours'))} h`;
  const time = inStudioDecimals(cell('minutes')) || hours;
  const minutes = readMinutes(time);
  if (!minutes.ok) return bad(name, minutes.sentence);
  const money = (key: string) => {
    const text = inStudioDecimals(cell(key));
    if (!text) return null;
    const reading = readMoney(text, basis.currency, key);
    return reading.ok ? roundHalfAwayFromZero(reading.value) : reading.sentence;
  };
  const [wholesale, retail, other] = [money('wholesale'), money('retail'), money('other')];
  for (const one of [wholesale, retail, other]) if (typeof one === 'string') return bad(name, one);
  const prices = { wholesaleMinor: wholesale as number | null, retailMinor: retail as number | null };
  const known = basis.known.get(name.toLowerCase());
  if (known) return changeOf(known, prices, name, basis.currency);
  if (grams.value === 0 && minutes.value === 0 && prices.retailMinor === null && prices.wholesaleMinor === null)
    return bad(name, 'The row has no weight, no time and no price.');
  const piece = simplePiece({ name, alloy, grams: grams.value, time: minutes.value > 0 ? time : '', other: cell('other'), cell }); // prettier-ignore
  return { effect: 'new', title: name, says: '', value: { piece, id: null, ...prices } };
}

function changeOf(
  known: KnownPiece,
  prices: Pick<PieceRow, 'wholesaleMinor' | 'retailMinor'>,
  name: string,
  currency: string,
): RowReading<PieceRow> {
  const wholesaleMinor = prices.wholesaleMinor ?? known.wholesaleMinor;
  const retailMinor = prices.retailMinor ?? known.retailMinor;
  const isSame = wholesaleMinor === known.wholesaleMinor && retailMinor === known.retailMinor;
  if (isSame) return { effect: 'same', title: name, says: 'The ledger has this piece.', value: null };
  const piece = pieceSchema.parse({ name, note: '', batchSize: '1', parts: [], findings: [], steps: [] });
  const says =
    ([['wholesale', known.wholesaleMinor, wholesaleMinor], ['retail', known.retailMinor, retailMinor]] as const) // prettier-ignore
      .filter(([, was, is]) => was !== is)
      .map(
        ([what, was, is]) =>
          `${what} ${was === null ? 'none' : showValue(was, currency)} → ${showValue(is ?? 0, currency)}`,
      )
      .join(', ');
  return { effect: 'changed', title: name, says, value: { piece, id: known.id, wholesaleMinor, retailMinor } };
}

interface SimplePiece {
  readonly name: string;
  readonly alloy: string;
  readonly grams: number;
  readonly time: string;
  readonly other: string;
  readonly cell: (key: string) => string;
}

function simplePiece({ name, alloy, grams, time, other, cell }: SimplePiece): Piece {
  const metal = { id: 'metal', name: 'Metal', alloy, section: { form: 'grain' }, blank: { rule: 'weight', grams: `${inStudioDecimals(String(grams))} g` }, count: '1', trim: '' } as const; // prettier-ignore
  return pieceSchema.parse({
    name,
    note: cell('note').slice(0, 2000),
    batchSize: '1',
    collection: cell('collection').slice(0, 120),
    tags: cell('tags')
      .split(/[,;/]/)
      .map((tag) => tag.trim().slice(0, 40))
      .filter(Boolean)
      .slice(0, 30),
    parts: grams > 0 ? [metal] : [],
    findings: other
      ? [{ id: 'other', name: 'Other costs', count: '1', price: inStudioDecimals(other), grams: '' }]
      : [],
    steps: time
      ? [
          {
            id: 'making',
            name: 'Making',
            station: '',
            setUp: '',
            each: time,
            unattended: '',
            overlaps: false,
            byHand: true,
          },
        ]
      : [],
  });
}
