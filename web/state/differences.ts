// Where two versions of a document differ, in words.

export interface Difference {
  readonly where: string;
  readonly mine: string;
  readonly theirs: string;
}

const NOTHING = 'nothing';

/**
 * Compares two documents field by field.
 * @returns one line a field that differs; rows are matched by id and called by name; none when they are equal
 */
export function differences(mine: unknown, theirs: unknown, where: readonly string[] = []): Difference[] {
  if (mine === theirs) return [];
  if (Array.isArray(mine) && Array.isArray(theirs)) {
    return rowKeys(mine, theirs).flatMap(({ key, name }) =>
      differences(rowAt(mine, key), rowAt(theirs, key), [...where, name]),
    );
  }
  if (isGroup(mine) && isGroup(theirs)) {
    const fields = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
    return fields.flatMap((field) => differences(mine[field], theirs[field], [...where, inWords(field)]));
  }
  return [{ where: where.join(', '), mine: show(mine), theirs: show(theirs) }];
}

/**
 * What changed from one version to the next, one sentence a change; an added or removed row is one change.
 * @returns none when they are equal
 */
export function changesInWords(before: unknown, after: unknown): string[] {
  return differences(after, before).map(({ where, mine, theirs }) => {
    if (theirs === NOTHING) return `${capital(where)}: added, ${mine}`;
    if (mine === NOTHING) return `${capital(where)}: taken away, it was ${theirs}`;
    return `${capital(where)}: ${mine}, it was ${theirs}`;
  });
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

type Group = Readonly<Record<string, unknown>>;

function isGroup(value: unknown): value is Group {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

function rowKeys(mine: readonly unknown[], theirs: readonly unknown[]): { key: string; name: string }[] {
  const keys = new Map<string, string>();
  for (const rows of [mine, theirs]) {
    rows.forEach((row, index) => {
      const key = keyOf(row, index);
      if (!keys.has(key))
        keys.set(
          key,
          isGroup(row) && typeof row['name'] === 'string' && row['name'] ? row['name'] : `row ${String(index + 1)}`,
        );
    });
  }
  return [...keys].map(([key, name]) => ({ key, name }));
}

function rowAt(rows: readonly unknown[], key: string): unknown {
  return rows.find((row, index) => keyOf(row, index) === key);
}

function keyOf(row: unknown, index: number): string {
  return isGroup(row) && typeof row['id'] === 'string' ? row['id'] : String(index);
}

// Turns a camelCase field name into words: hourlyRate, hourly rate.
function inWords(field: string): string {
  return field.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
}

function show(value: unknown): string {
  if (value === undefined || value === '') return NOTHING;
  if (isGroup(value)) return typeof value['name'] === 'string' && value['name'] ? value['name'] : 'a row';
  if (typeof value === 'string') return value;
  return typeof value === 'boolean' ? (value ? 'yes' : 'no') : JSON.stringify(value);
}
