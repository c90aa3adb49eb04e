// A piece in one of its sizes.
import type { Part } from './part.ts';
import type { Piece } from './piece.ts';
import { NAME, type Size } from './sizes.ts';

/**
 * The piece in one of its sizes, each parameter in a typed measure replaced by its value. A row without parameters
 * stays the same object, and a row with some is the same object as last time, so that what is computed from it can be
 * remembered.
 */
export function pieceInSize(piece: Piece, size: Size): Piece {
  const values = new Map(
    piece.sizes.parameters.flatMap(({ id, name }): [string, string][] =>
      NAME.test(name) ? [[name.toLowerCase(), size.values[id]?.trim() ?? '']] : [],
    ),
  );
  if (values.size === 0) return piece;
  const pattern = new RegExp(`(?<![a-z])(?:${[...values.keys()].join('|')})(?![a-z])`, 'gi');
  // A value may itself be a sum; alone it stays as typed, so that N½ and 18 ga keep their meaning.
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
      remembered(finding, key, () =>
        putInto(finding, put, ['count', 'price', 'grams', 'length', 'width', 'girdle', 'girth']),
      ),
    ),
    work: piece.work.map((row) => remembered(row, key, () => putInto(row, put, ['count', 'each']))),
    groups: piece.groups.map((group) => remembered(group, key, () => putInto(group, put, ['count', 'vents']))),
    steps: piece.steps.map((step) => remembered(step, key, () => putInto(step, put, ['each', 'drivers']))),
  };
}

function partWith(part: Part, put: (text: string) => string): Part {
  const section = putInto(part.section, put);
  const blank = putInto(part.blank, put);
  const [count, trim, hole, holes] = [put(part.count), put(part.trim), put(part.hole), put(part.holes)];
  const same = section === part.section && blank === part.blank && count === part.count && holes === part.holes;
  return same && trim === part.trim && hole === part.hole
    ? part
    : { ...part, section, blank, count, trim, hole, holes };
}

const rowsBySize = new WeakMap<object, Map<string, object>>();

/** Most sizes of a row that are remembered. */
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

// Fields that are no measures.

const TAGS = new Set(['form', 'rule', 'system', 'ease', 'stone', 'keeps', 'per', 'points']);

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
