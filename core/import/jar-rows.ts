// Rows of a list of scrap jars: what lies in the drawers when an account starts.
import type { jarKinds } from '../account/place.ts';
import { inStudioDecimals } from '../format/numbers.ts';
import { readGrams } from '../measure/read/read-number.ts';
import type { ImportField } from './columns.ts';
import { bad, type RowReading } from './row-reading.ts';

/** What a jar holds, read from a row. */
export interface JarRow {
  readonly kind: (typeof jarKinds)[number];
  readonly alloy: string;
  readonly grams: string;
}

/** What columns of a list of jars can hold. */
export const jarFields: readonly ImportField[] = [
  { key: 'metal', label: 'metal', isNeeded: true, words: ['alloy', 'metall', 'legierung', 'material'] },
  { key: 'kind', label: 'kind of scrap', words: ['scrap', 'jar', 'kind', 'type', 'schrott', 'art'] },
  { key: 'grams', label: 'weight', isNeeded: true, isNumber: true, words: ['grams', 'g', 'mass', 'gewicht', 'poids'] },
];

/** Words for kinds of scrap, in small letters; the first that stands in a cell counts. */
const kindsByWord = [
  ['mixed', 'mixed'],
  ['unknown', 'mixed'],
  ['filing', 'filings'],
  ['dust', 'filings'],
  ['sweep', 'filings'],
  ['solder', 'soldered'],
  ['clean', 'clean'],
] as const;

interface JarRowBasis {
  /** @returns id of the alloy of a word; null for none */
  readonly alloyOf: (text: string) => string | null;
}

/** @param cells  by field, numbers in plain form */
export function readJarRow(cells: ReadonlyMap<string, string>, { alloyOf }: JarRowBasis): RowReading<JarRow> {
  const cell = (key: string) => cells.get(key)?.trim() ?? '';
  const title = [cell('metal'), cell('kind')].filter(Boolean).join(', ');
  const kind = kindOf(cell('kind') || 'clean');
  if (kind === null) return bad(title, `“${cell('kind')}” is no kind of scrap: clean, soldered, filings or mixed.`);
  const alloy = alloyOf(cell('metal'));
  if (alloy === null) return bad(title, `“${cell('metal')}” is not in the book of metals.`);
  const grams = inStudioDecimals(cell('grams'));
  const reading = readGrams(grams);
  if (!reading.ok) return bad(title, reading.sentence);
  if (reading.value <= 0) return bad(title, 'Nothing lies in this jar.');
  return { effect: 'new', title, says: `${kind}, ${grams}`, value: { kind, alloy, grams } };
}

function kindOf(text: string): JarRow['kind'] | null {
  const asked = text.toLowerCase();
  return kindsByWord.find(([word]) => asked.includes(word))?.[1] ?? null;
}
