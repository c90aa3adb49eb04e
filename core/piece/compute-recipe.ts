// Computes a whole recipe: every part, join and step of a piece, each with what it needs of the others.
import type { Cut } from '../blank/cut.ts';
import { perimeterOfSectionMm } from '../blank/section-perimeter.ts';
import { outlineAreaMm2 } from '../geometry/outline.ts';
import type { Issue } from '../measure/issue.ts';
import { readLength } from '../measure/read/read-length.ts';
import { readCount } from '../measure/read/read-number.ts';
import type { Alloy } from '../metal/alloys.ts';
import { computeStep, type StepComputation, stepEach } from './bench-time.ts';
import { computeJoin, type JoinComputation } from './compute-join.ts';
import { computePart, type PartComputation } from './compute-part.ts';
import type { Join } from './join.ts';
import type { Part } from './part.ts';
import type { Finding, Piece } from './piece.ts';
import { parameterProblem } from './sizes.ts';
import type { Step } from './step.ts';

/** A recipe, read into numbers. */
export interface Recipe {
  readonly piece: Piece;
  /** In the order of the piece's parts, joins and steps. */
  readonly parts: readonly PartComputation[];
  readonly joins: readonly JoinComputation[];
  readonly steps: readonly StepComputation[];
  /** Paths are within the piece: `parts.0.section.diameter`. */
  readonly problems: readonly Issue[];
}

/** Functions of a recipe; a caller that computes often passes functions that remember what has not changed. */
export interface RecipeFunctions {
  readonly part: typeof computePart;
  readonly join: typeof computeJoin;
  readonly step: typeof computeStep;
  readonly minutes: typeof stepEach;
}

const plainFunctions: RecipeFunctions = { part: computePart, join: computeJoin, step: computeStep, minutes: stepEach };

/** Computes a whole recipe. @param compute  functions that may remember what has not changed */
export function computeRecipe(
  piece: Piece,
  alloys: ReadonlyMap<string, Alloy>,
  compute: RecipeFunctions = plainFunctions,
): Recipe {
  const problems: Issue[] = [];
  const keep = (path: string, found: readonly Issue[]) => {
    for (const problem of found) problems.push({ ...problem, path: `${path}.${problem.path}` });
  };
  const groups = groupCounts(piece, problems);
  const stones = new Map(piece.findings.map((finding) => [finding.id, finding]));

  const parts = piece.parts.map((part, index) => {
    const stone = part.blank.rule === 'bezel' ? (stones.get(part.blank.stone) ?? null) : null;
    const computation = compute.part(part, alloys, groups.get(part.group) ?? 1, stone);
    keep(`parts.${String(index)}`, computation.problems);
    return computation;
  });
  const joins = piece.joins.map((join, index) => {
    const computation = compute.join(join, piece.snippet, groups.get(groupOfJoin(join, piece)) ?? 1);
    keep(`joins.${String(index)}`, computation.problems);
    return computation;
  });
  // A bought part needs none of the work that would make it.
  const bought = new Set(piece.parts.flatMap((part) => (part.bought ? part.id : [])));
  const steps = piece.steps.map((step, index) => {
    const computation = compute.step(step, driversOf(step, piece, parts, joins));
    keep(`steps.${String(index)}`, computation.problems);
    return bought.has(step.of) ? { ...computation, ...noTime } : computation;
  });
  piece.sizes.parameters.forEach(({ name }, index) => {
    const others = piece.sizes.parameters.slice(0, index).map((other) => other.name);
    const sentence = parameterProblem(name, others);
    if (sentence) problems.push({ path: `sizes.parameters.${String(index)}.name`, sentence });
  });
  return { piece, parts, joins, steps, problems };
}

const noTime = { setUpMin: 0, eachMin: 0, loadMin: 0, unattendedMin: 0 } as const;

function groupCounts(piece: Piece, problems: Issue[]): ReadonlyMap<string, number> {
  return new Map(
    piece.groups.map(({ id, count }, index) => {
      const reading = readCount(count);
      if (!reading.ok) problems.push({ path: `groups.${String(index)}.count`, sentence: reading.sentence });
      return [id, reading.ok ? reading.value : 1];
    }),
  );
}

/** The sub-assembly of a join: that of all it joins; '' when it joins across sub-assemblies. */
function groupOfJoin({ parts }: Pick<Join, 'parts'>, piece: Piece): string {
  const groups = new Set(parts.map((id) => rowOf(id, piece)?.group ?? ''));
  return groups.size === 1 ? ([...groups][0] ?? '') : '';
}

function rowOf(id: string, piece: Piece): Part | Finding | undefined {
  return piece.parts.find((part) => part.id === id) ?? piece.findings.find((finding) => finding.id === id);
}

/** Ids of the parts and findings behind an id: a sub-assembly stands for all its members. */
export function membersOf(id: string, piece: Piece): readonly string[] {
  if (!piece.groups.some((group) => group.id === id)) return [id];
  return [...piece.parts, ...piece.findings].filter(({ group }) => group === id).map((row) => row.id);
}

/** What a step is done to: parts and joins by index; all of them when it names none. */
export function scopeOf(step: Pick<Step, 'of'>, piece: Piece): { readonly parts: number[]; readonly joins: number[] } {
  const { of } = step;
  const members = of ? new Set(membersOf(of, piece)) : null;
  const parts = indexesWhere(piece.parts, ({ id }) => !members || members.has(id));
  const isGroup = piece.groups.some(({ id }) => id === of);
  const joins = indexesWhere(piece.joins, (join) => {
    if (!members || join.id === of) return true;
    return isGroup ? groupOfJoin(join, piece) === of : join.parts.includes(of);
  });
  return { parts, joins };
}

function indexesWhere<Row>(rows: readonly Row[], is: (row: Row) => boolean): number[] {
  return rows.flatMap((row, index) => (is(row) ? index : []));
}

function driversOf(
  step: Step,
  piece: Piece,
  parts: readonly PartComputation[],
  joins: readonly JoinComputation[],
): number {
  if (step.per === 'piece' || step.per === 'load' || step.per === 'batch') return 1;
  const scope = scopeOf(step, piece);
  const sum = (indexes: readonly number[], each: (index: number) => number) =>
    indexes.reduce((total, index) => total + each(index), 0);
  const ofParts = scope.parts.filter((index) => !piece.parts[index]?.bought);
  switch (step.per) {
    case 'cut':
      return sum(ofParts, (index) => parts[index]?.cuts ?? 0);
    case 'joint':
      return sum(scope.joins, (index) => joins[index]?.joints ?? 0);
    case 'cm':
      return sum(scope.joins, (index) => joins[index]?.seamMm ?? 0) / MM_PER_CM;
    case 'cm2':
      return sum(ofParts, (index) => surfaceMm2(parts[index])) / MM_PER_CM ** 2;
  }
}

const MM_PER_CM = 10;

/** Outside surface of a part in one piece, without the edges of sheet. @returns mm² */
function surfaceMm2(part: PartComputation | undefined): number {
  const { blank, section, count = 0 } = part ?? {};
  if (!blank || !section) return 0;
  if (blank.kind === 'length')
    return section.form === 'sheet' || section.form === 'grain'
      ? 0
      : count * blank.length.value * perimeterOfSectionMm(section);
  return count * 2 * faceMm2(blank);
}

function faceMm2(cut: Exclude<Cut, { kind: 'length' }>): number {
  switch (cut.kind) {
    case 'disc':
      return (Math.PI / 4) * (cut.diameter.value ** 2 - (cut.hole?.value ?? 0) ** 2);
    case 'rectangle':
      return cut.width.value * cut.length.value;
    case 'outline':
      return outlineAreaMm2(cut.outline);
    case 'weight':
      return 0;
  }
}

/** Girdle height of a finding's stone; null while it has none. @returns mm */
export function girdleMm(finding: Pick<Finding, 'girdle'>): number | null {
  const reading = readLength(finding.girdle, { what: 'girdle' });
  return finding.girdle.trim() && reading.ok ? reading.value : null;
}
