// Sizes: a table of parameters, and any dimension of the piece bound to one or to a small formula of it.
import { z } from 'zod';
import { nameSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';
import type { Part } from './part.ts';
import type { Piece } from './piece.ts';

const parameterSchema = z.strictObject({
  id: rowIdSchema,
  /** One word, as it stands in a formula: `inside`, `size`, `d`. */
  name: z.string().max(20, 'The name of a measure has 20 characters at most.'),
});

const sizeSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  /** As typed, by parameter id. */
  values: z.record(rowIdSchema, typedSchema),
});

export const sizesSchema = z.strictObject({
  parameters: z.array(parameterSchema).max(8, 'A piece varies in 8 measures at most.'),
  rows: z.array(sizeSchema).max(60, 'A piece has 60 sizes at most.'),
  /** One price for all sizes (that of the dearest), or each its own. */
  price: z.enum(['one', 'each']),
});

export type Sizes = z.infer<typeof sizesSchema>;
export type Size = Sizes['rows'][number];

export const noSizes: Sizes = { parameters: [], rows: [], price: 'each' };

const NAME = /^[a-z][a-z]*$/i;
/** Words that mean a unit or a number already. */
const TAKEN = /^(?:mm|cm|m|in|inch|inches|ft|ga|gauge|g|mg|kg|dwt|ozt|gr|grain|min|h|s|x|pi)$/i;

/** @returns why a parameter cannot have this name, or null when it can */
export function parameterProblem(name: string, others: readonly string[]): string | null {
  if (!NAME.test(name)) return 'Name the measure with letters only, for example inside or d.';
  if (TAKEN.test(name)) return `“${name}” is a unit already. Choose another word.`;
  return others.some((other) => other.toLowerCase() === name.toLowerCase())
    ? `“${name}” stands twice. Choose another word.`
    : null;
}

/**
 * The piece in one of its sizes: each parameter named in a typed measure is put in. A row that names none stays the same
 * object, and one that does is the same object as the last time, so that whoever remembers a row's reckoning need not
 * reckon it again.
 */
export function pieceInSize(piece: Piece, size: Size): Piece {
  const values = new Map(
    piece.sizes.parameters.flatMap(({ id, name }): [string, string][] =>
      NAME.test(name) ? [[name.toLowerCase(), size.values[id]?.trim() ?? '']] : [],
    ),
  );
  if (values.size === 0) return piece;
  const pattern = new RegExp(`(?<![a-z])(?:${[...values.keys()].join('|')})(?![a-z])`, 'gi');
  // A measure of a size may be a sum itself; alone it stands as typed, so that N½ and 18 ga stay what they are.
  const put = (text: string) =>
    text.replace(pattern, (word, at: number) => {
      const value = values.get(word.toLowerCase()) ?? '';
      return at === 0 && word.length === text.trim().length ? value : `(${value})`;
    });
  const key = [...values].join('\n');
  return {
    ...piece,
    parts: piece.parts.map((part) => remembered(part, key, () => partWith(part, put))),
    joins: piece.joins.map((join) => remembered(join, key, () => putInto(join, put, ['amount', 'count']))),
    findings: piece.findings.map((finding) =>
      remembered(finding, key, () => putInto(finding, put, ['count', 'price', 'grams', 'length', 'width'])),
    ),
    steps: piece.steps.map((step) => remembered(step, key, () => putInto(step, put, ['each', 'drivers']))),
  };
}

function partWith(part: Part, put: (text: string) => string): Part {
  const section = putInto(part.section, put);
  const blank = putInto(part.blank, put);
  const [count, trim, hole] = [put(part.count), put(part.trim), put(part.hole)];
  const same = section === part.section && blank === part.blank && count === part.count;
  return same && trim === part.trim && hole === part.hole ? part : { ...part, section, blank, count, trim, hole };
}

const rowsBySize = new WeakMap<object, Map<string, object>>();
/** Sizes of a row kept at once; more than a piece may have would only be those typed over. */
const MOST_KEPT = 64;

function remembered<Row extends object>(row: Row, key: string, make: () => Row): Row {
  const known = rowsBySize.get(row) ?? new Map<string, object>();
  rowsBySize.set(row, known);
  const found = known.get(key);
  if (found) return found as Row;
  if (known.size >= MOST_KEPT) known.clear();
  const made = make();
  known.set(key, made);
  return made;
}

/** Whether the piece comes in more than one size. */
export function hasSizes({ sizes }: Piece): boolean {
  return sizes.rows.length > 0;
}

// The tags of a tagged union are no measures.
const TAGS = new Set(['form', 'rule', 'system', 'ease', 'stone']);

function putInto<Row extends object>(row: Row, put: (text: string) => string, only?: readonly (keyof Row)[]): Row {
  let changed: Row | null = null;
  for (const key of only ?? (Object.keys(row) as (keyof Row)[])) {
    const text = row[key];
    if (typeof text !== 'string' || TAGS.has(String(key))) continue;
    const next = put(text);
    if (next !== text) changed = { ...(changed ?? row), [key]: next };
  }
  return changed ?? row;
}
