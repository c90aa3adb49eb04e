// Counts by name: a count may be a sum of other counts of the recipe, `links + 1`, `2 * posts`, `tag holes`.
import type { Issue } from '../measure/issue.ts';
import { readCount } from '../measure/read/read-number.ts';
import type { PartComputation } from './compute-part.ts';
import type { Part } from './part.ts';
import type { Piece } from './piece.ts';
import { groupOfJoin } from './scope.ts';
import { TAKEN } from './sizes.ts';

/** Computes a part of the piece, as `computePart` does. */
type ComputePart = (part: Part, groups: number) => Pick<PartComputation, 'count' | 'holes' | 'pieces'>;

/** A piece whose counts are numbers, and the names that could not be followed. */
export interface NumberedPiece {
  readonly piece: Piece;
  readonly problems: readonly Issue[];
}

/** Blank measures that are counts. */
const BLANK_COUNTS = ['turns', 'strands', 'ends', 'knuckles', 'pressings'] as const;
/** A word of a sum, other than the times sign and the functions. */
const WORD = /(?<!\p{L})(?!(?:x|pi|sqrt)(?!\p{L}))\p{L}/iu;

/**
 * Puts numbers in the place of names in the counts of a piece.
 *
 * A name stands for what there is of it in one piece, its links and strands counted; within one sub-assembly, for what
 * there is in that sub-assembly. `links` is every link of the chains, `holes` every drilled hole; a name with `holes`
 * is the holes of that part. Names are read in any case, alone or with a plural s.
 * @returns the same piece where no count has a name in it
 */
export function countsByName(piece: Piece, compute: ComputePart): NumberedPiece {
  if (!namesIn(piece)) return { piece, problems: [] };
  return new Names(piece, compute).counted();
}

function namesIn({ parts, findings, joins, groups, work, steps }: Piece): boolean {
  const named = (text: string) => WORD.test(text);
  return (
    parts.some((part) => named(part.count) || named(part.holes) || blankCounts(part).some(([, text]) => named(text))) ||
    joins.some((join) => named(join.count) || (isCounted(join) && named(join.amount))) ||
    findings.some(({ count }) => named(count)) ||
    groups.some(({ count, vents }) => named(count) || named(vents)) ||
    work.some(({ count }) => named(count)) ||
    steps.some(({ drivers }) => named(drivers))
  );
}

const isCounted = ({ form }: { readonly form: string }) => form === 'snippets';

function blankCounts({ blank }: Part): [string, string][] {
  return BLANK_COUNTS.flatMap((field): [string, string][] => {
    const text = (blank as Partial<Record<string, string>>)[field];
    return text ? [[field, text]] : [];
  });
}

// The part with every count changed; the same object where none was.
function withCounts(part: Part, change: (field: string, text: string) => string): Part {
  const count = change('count', part.count);
  const holes = change('holes', part.holes);
  const typed = blankCounts(part);
  const counts = typed.map(([field, text]): [string, string] => [field, change(`blank.${field}`, text)]);
  const isSameBlank = counts.every(([, text], index) => text === typed[index]?.[1]);
  if (isSameBlank && count === part.count && holes === part.holes) return part;
  return { ...part, count, holes, blank: isSameBlank ? part.blank : { ...part.blank, ...Object.fromEntries(counts) } };
}

/** Times, written as a letter between two numbers. */
const TIMES = /(?<=[\d)]\s*)x(?=\s*[\d(])/gi;

/** What a name stands for. */
interface Named {
  readonly group: string;
  /** Number in one piece, or in one sub-assembly. */
  readonly value: (perGroup: boolean) => number | null;
}

class Names {
  readonly piece: Piece;
  readonly compute: ComputePart;
  readonly problems: Issue[] = [];
  readonly names = new Map<string, Named>();
  readonly pattern: RegExp;
  /** Names being followed: a name within its own count goes round in a circle. */
  readonly open = new Set<string>();
  /** Times a name was met within its own count. */
  circles = 0;

  constructor(piece: Piece, compute: ComputePart) {
    this.piece = piece;
    this.compute = compute;
    this.collect();
    const longestFirst = [...this.names.keys()].sort((a, b) => b.length - a.length);
    const words = longestFirst.map((name) => name.replace(/ /g, '\\s+')).join('|');
    this.pattern = new RegExp(`(?<!\\p{L})(?:${words || '(?!)'})(?!\\p{L})`, 'giu');
  }

  counted(): NumberedPiece {
    const { piece } = this;
    const put = (text: string, group: string, path: string) => this.put(text, group, path);
    const parts = piece.parts.map((part, index) => this.partWith(part, `parts.${String(index)}`));
    const changed = <Row extends object>(row: Row, fields: Partial<Row>): Row =>
      (Object.keys(fields) as (keyof Row)[]).some((key) => row[key] !== fields[key]) ? { ...row, ...fields } : row;
    const made = {
      ...piece,
      parts,
      joins: piece.joins.map((join, index) => {
        const [group, path] = [groupOfJoin(join, piece), `joins.${String(index)}`];
        const amount = isCounted(join) ? put(join.amount, group, `${path}.amount`) : join.amount;
        return changed(join, { count: put(join.count, group, `${path}.count`), amount });
      }),
      findings: piece.findings.map((row, index) =>
        changed(row, { count: put(row.count, '', `findings.${String(index)}.count`) }),
      ),
      groups: piece.groups.map((row, index) =>
        changed(row, {
          count: put(row.count, '', `groups.${String(index)}.count`),
          vents: put(row.vents, row.id, `groups.${String(index)}.vents`),
        }),
      ),
      work: piece.work.map((row, index) => changed(row, { count: put(row.count, '', `work.${String(index)}.count`) })),
      steps: piece.steps.map((row, index) =>
        changed(row, { drivers: put(row.drivers, '', `steps.${String(index)}.drivers`) }),
      ),
    };
    return { piece: made, problems: this.problems };
  }

  private partWith(part: Part, path: string): Part {
    return withCounts(part, (field, text) => this.put(text, part.group, `${path}.${field}`));
  }

  private put(text: string, group: string, path: string): string {
    if (!WORD.test(text)) return text;
    const before = this.circles;
    const sum = this.resolve(text, group);
    const isCircle = this.circles > before;
    if (isCircle)
      this.problems.push({
        path,
        sentence: `“${text.trim()}” refers to itself. Give one of these counts as a number.`,
      });
    else if (WORD.test(sum))
      this.problems.push({
        path,
        sentence: `“${text.trim()}” is not understood. Give a number, or the name of a part, finding or join: links + 1.`,
      });
    return WORD.test(sum) || isCircle ? '1' : sum.replace(TIMES, '*');
  }

  private resolve(text: string, group: string): string {
    return text.replace(this.pattern, (word) => {
      const key = word.toLowerCase().replace(/\s+/g, ' ');
      const named = this.names.get(key);
      if (!named) return word;
      if (this.open.has(key)) {
        this.circles += 1;
        return '1';
      }
      this.open.add(key);
      const value = named.value(named.group !== '' && named.group === group);
      this.open.delete(key);
      return value === null ? '1' : String(value);
    });
  }

  private collect() {
    const { piece } = this;
    for (const part of piece.parts) {
      this.add(part.name, part.group, (perGroup) => this.part(part, perGroup).count);
      this.add(`${part.name} holes`, part.group, (perGroup) => this.part(part, perGroup).holes);
    }
    for (const row of piece.findings) this.add(row.name, '', () => this.number(row.count, ''));
    for (const row of piece.groups) this.add(row.name, '', () => this.number(row.count, ''));
    for (const join of piece.joins) {
      const group = groupOfJoin(join, piece);
      this.add(join.name, group, (perGroup) => {
        // A blank count is one joint for each of what it has most of.
        if (join.count.trim() === '') return this.most(join.parts);
        const count = this.number(join.count, group);
        return count === null ? null : count * (perGroup ? 1 : this.groups(group));
      });
    }
    const sumOf = (wanted: (part: Part) => boolean, field: 'count' | 'holes') => () =>
      piece.parts.filter(wanted).reduce((sum, part) => sum + this.part(part, false)[field], 0);
    const isChain = ({ blank: { rule } }: Part) => rule === 'chain' || rule === 'woven';
    if (piece.parts.some(isChain)) this.add('links', '', sumOf(isChain, 'count'));
    this.add(
      'holes',
      '',
      sumOf((part) => part.hole.trim() !== '', 'holes'),
    );
    this.addPlurals();
  }

  private add(name: string, group: string, value: Named['value']) {
    const key = name.trim().toLowerCase().replace(/\s+/g, ' ');
    if (!/^\p{L}[\p{L} ]*$/u.test(key) || TAKEN.test(key) || this.names.has(key)) return;
    this.names.set(key, { group, value });
  }

  // A row's own name wins over the plural of another.
  private addPlurals() {
    for (const [name, named] of [...this.names]) if (!this.names.has(`${name}s`)) this.names.set(`${name}s`, named);
  }

  private most(ids: readonly string[]): number {
    return Math.max(
      1,
      ...this.piece.parts.filter(({ id }) => ids.includes(id)).map((part) => this.part(part, false).count),
    );
  }

  private part(part: Part, perGroup: boolean) {
    const group = perGroup ? 1 : this.groups(part.group);
    return this.compute(
      withCounts(part, (_field, typed) => this.resolve(typed, part.group)),
      group,
    );
  }

  private groups(id: string): number {
    const group = this.piece.groups.find((each) => each.id === id);
    return group ? (this.number(group.count, '') ?? 1) : 1;
  }

  private number(text: string, group: string): number | null {
    const reading = readCount(this.resolve(text, group), 0);
    return reading.ok ? reading.value : null;
  }
}
