// Where two versions of a document differ, in words.

export interface Difference {
  /** Names of fields and keys of rows, from the document down. */
  readonly path: readonly string[];
  readonly where: string;
  readonly mine: string;
  readonly theirs: string;
}

const NOTHING = 'nothing';

/**
 * Compares two documents field by field.
 * @returns one line a field that differs; rows are matched by id and called by name; none when they are equal
 */
export function differences(mine: unknown, theirs: unknown): Difference[] {
  return differencesAt(mine, theirs, [], []);
}

function differencesAt(
  mine: unknown,
  theirs: unknown,
  path: readonly string[],
  where: readonly string[],
): Difference[] {
  if (mine === theirs) return [];
  if (Array.isArray(mine) && Array.isArray(theirs)) {
    return rowKeys(mine, theirs).flatMap(({ key, name }) =>
      differencesAt(rowAt(mine, key), rowAt(theirs, key), [...path, key], [...where, name]),
    );
  }
  if (isGroup(mine) && isGroup(theirs)) {
    const fields = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
    return fields.flatMap((field) =>
      differencesAt(mine[field], theirs[field], [...path, field], [...where, inWords(field)]),
    );
  }
  return [{ path, where: where.join(', '), mine: show(mine), theirs: show(theirs) }];
}

/** The value at a path; undefined where there is none. */
export function valueAt(document: unknown, path: readonly string[]): unknown {
  return path.reduce<unknown>(
    (value, step) => (Array.isArray(value) ? rowAt(value, step) : isGroup(value) ? value[step] : undefined),
    document,
  );
}

/** The document with the value of another at some paths; a row that the other does not hold is taken away. */
export function withValuesOf(mine: unknown, theirs: unknown, paths: readonly (readonly string[])[]): unknown {
  return paths.reduce((document, path) => withValue(document, theirs, path), mine);
}

function withValue(mine: unknown, theirs: unknown, path: readonly string[]): unknown {
  const [step, ...rest] = path;
  if (step === undefined) return theirs;
  if (Array.isArray(mine) && Array.isArray(theirs)) {
    const other = rowAt(theirs, step);
    const at = mine.findIndex((row, index) => keyOf(row, index) === step);
    if (at < 0) return mine.toSpliced(theirs.indexOf(other), 0, other);
    if (rest.length === 0 && other === undefined) return mine.toSpliced(at, 1);
    return mine.with(at, withValue(mine[at], other, rest));
  }
  if (!isGroup(mine) || !isGroup(theirs)) return theirs;
  if (rest.length === 0 && theirs[step] === undefined)
    return Object.fromEntries(Object.entries(mine).filter(([field]) => field !== step));
  return { ...mine, [step]: withValue(mine[step], theirs[step], rest) };
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
