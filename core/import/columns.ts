// Which column of a file holds what: guessed from its head and from its cells, and chosen by the maker.
import { distance } from 'fastest-levenshtein';
import type { TableFile } from './table-file.ts';

/** What a column can hold. */
export interface ImportField {
  readonly key: string;
  readonly label: string;
  readonly isNeeded?: boolean;
  /** Other words for it, in small letters. */
  readonly words: readonly string[];
  /** Whether its cells are numbers. */
  readonly isNumber?: boolean;
}

/** The field of each column; '' for a column that is left out. */
export type Mapping = readonly string[];

/** @returns the likeliest field of each column; no field twice */
export function guessMapping(
  { heads, rows }: Pick<TableFile, 'heads' | 'rows'>,
  fields: readonly ImportField[],
): Mapping {
  const sample = rows.slice(0, 40);
  const scores = heads.flatMap((head, column) =>
    fields.map((field) => ({
      column,
      field,
      score: scoreOf(
        head,
        sample.map((row) => row[column] ?? ''),
        field,
      ),
    })),
  );
  const mapping = heads.map(() => '');
  const taken = new Set<string>();
  for (const { column, field, score } of scores.toSorted((a, b) => b.score - a.score)) {
    if (score < LEAST_SCORE || mapping[column] !== '' || taken.has(field.key)) continue;
    mapping[column] = field.key;
    taken.add(field.key);
  }
  return mapping;
}

const LEAST_SCORE = 0.5;

/** How well a head speaks for a field, 0 to 1. */
function scoreOf(head: string, cells: readonly string[], { key, label, words, isNumber = false }: ImportField): number {
  const asked = simple(head);
  const names = [key, label, ...words].map(simple);
  const best = Math.max(...names.map((name) => likeness(asked, name)));
  if (best < LEAST_SCORE) return 0;
  const filled = cells.filter(Boolean);
  const numbers = filled.filter((cell) => /\d/.test(cell) && !/\p{L}{4,}/u.test(cell)).length;
  const fits = filled.length === 0 || !isNumber || numbers >= filled.length / 2;
  return fits ? best : 0;
}

function likeness(a: string, b: string): number {
  if (!a || !b) return 0;
  if (a === b) return 1;
  const [words, name] = [a.split(' '), b.split(' ')];
  if (name.every((word) => words.includes(word))) return 0.75 + 0.2 * (name.length / words.length);
  // A slip or a plural.
  const length = Math.max(a.length, b.length);
  const slip = 1 - distance(a, b) / length;
  return length > 3 && slip >= 0.75 ? 0.7 * slip : 0;
}

function simple(text: string): string {
  return text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
}

/** The cells of a row by field. */
export function cellsByField(row: readonly string[], mapping: Mapping): ReadonlyMap<string, string> {
  return new Map(mapping.flatMap((key, column) => (key ? [[key, row[column] ?? ''] as const] : [])));
}

/** Fields that are needed and have no column. */
export function missingFields(mapping: Mapping, fields: readonly ImportField[]): readonly ImportField[] {
  return fields.filter(({ key, isNeeded }) => isNeeded === true && !mapping.includes(key));
}
