// Rows of a list of finished pieces that lie there when the ledger starts.
import { inStudioDecimals } from '../format/numbers.ts';
import type { ImportField } from '../import/columns.ts';
import { bad, type RowReading } from '../import/row-reading.ts';
import { readCount } from '../measure/read/read-number.ts';
import { type Grade, grades } from './made-entry.ts';
import type { MadePlace } from './made-place.ts';

/** Pieces of a row. */
export interface MadeRow {
  /** '' for a design that is not in the ledger. */
  readonly pieceId: string;
  readonly size: string;
  readonly name: string;
  readonly sizeName: string;
  readonly count: string;
  readonly place: MadePlace;
  readonly grade: Grade;
  /** Cost of one; blank for the estimate of the design. */
  readonly cost: string;
}

/** What columns of a list of finished pieces can hold. */
export const madeFields: readonly ImportField[] = [
  {
    key: 'name',
    label: 'finished piece',
    isNeeded: true,
    words: ['piece', 'item', 'product', 'name', 'title', 'artikel'],
  },
  { key: 'size', label: 'size', words: ['variation', 'variant', 'option', 'groesse', 'taille'] },
  { key: 'count', label: 'number there', isNeeded: true, isNumber: true, words: ['in stock', 'there', 'quantity', 'qty', 'pieces', 'count', 'total', 'anzahl', 'bestand'] }, // prettier-ignore
  { key: 'place', label: 'place', words: ['where', 'location', 'shop', 'ort', 'lieu'] },
  { key: 'grade', label: 'grade', words: ['state', 'condition', 'zustand'] },
  { key: 'cost', label: 'cost of one', isNumber: true, words: ['cost', 'cost each', 'kosten', 'cout'] },
];

/** A design with its sizes. */
export interface NamedDesign {
  readonly id: string;
  readonly name: string;
  readonly sizes: readonly { readonly id: string; readonly name: string }[];
}

interface MadeRowBasis {
  readonly designs: readonly NamedDesign[];
  readonly places: readonly { readonly value: MadePlace; readonly label: string }[];
}

const plain = (text: string) => text.trim().toLowerCase();

/** @param cells  by field, numbers in plain form */
export function readMadeRow(
  cells: ReadonlyMap<string, string>,
  { designs, places }: MadeRowBasis,
): RowReading<MadeRow> {
  const cell = (key: string) => cells.get(key)?.trim() ?? '';
  const title = [cell('name'), cell('size')].filter(Boolean).join(', ');
  if (!cell('name')) return bad('', 'The row names no piece.');
  const count = readCount(cell('count'), 0);
  if (!count.ok) return bad(title, count.sentence);
  if (count.value === 0) return { effect: 'same', title, says: '0', value: null };
  const place = cell('place') ? places.find(({ label }) => plain(label) === plain(cell('place')))?.value : 'studio';
  if (!place) return bad(title, `“${cell('place')}” is no place. Add it under Shops first.`);
  const grade = cell('grade') ? grades.find((one) => plain(cell('grade')).startsWith(one)) : 'good';
  if (!grade) return bad(title, `“${cell('grade')}” is no grade: good, second or sample.`);
  const design = designs.find(({ name }) => plain(name) === plain(cell('name')));
  const size = design?.sizes.find(({ name }) => plain(name) === plain(cell('size')));
  if (design && design.sizes.length > 0 && !size)
    return bad(
      title,
      cell('size') ? `${design.name} has no size “${cell('size')}”.` : `Give the size of ${design.name}.`,
    );
  return {
    effect: 'new',
    title,
    says: `${String(count.value)}, ${place}`,
    value: {
      pieceId: design?.id ?? '',
      size: size?.id ?? '',
      name: cell('name').slice(0, 120),
      sizeName: cell('size').slice(0, 120),
      count: String(count.value),
      place,
      grade,
      cost: inStudioDecimals(cell('cost')),
    },
  };
}
