// Computes a whole recipe: every part, join and step of a piece, each with what it needs of the others.
import type { Issue } from '../measure/issue.ts';
import { readLength } from '../measure/read/read-length.ts';
import { readCount } from '../measure/read/read-number.ts';
import type { Alloy } from '../metal/alloys.ts';
import { computeStep, type StepComputation, stepEach } from './bench-time.ts';
import { computeJoin, type JoinComputation } from './compute-join.ts';
import { computePart, type PartComputation } from './compute-part.ts';
import { countDrivers, isIdle } from './count-drivers.ts';
import { countsByName } from './counts-by-name.ts';
import type { Part } from './part.ts';
import type { Finding, Piece } from './piece.ts';
import { groupOfJoin } from './scope.ts';
import { parameterProblem } from './sizes.ts';
import { workRowProblems } from './work-row.ts';

/** A recipe, read into numbers. */
export interface Recipe {
  /** With numbers for counts that were typed by name. */
  readonly piece: Piece;
  /** In the order of the piece's parts, joins and steps. */
  readonly parts: readonly PartComputation[];
  readonly joins: readonly JoinComputation[];
  readonly steps: readonly StepComputation[];
  /** Number of each sub-assembly in a piece, by id. */
  readonly groups: ReadonlyMap<string, number>;
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
  typed: Piece,
  alloys: ReadonlyMap<string, Alloy>,
  compute: RecipeFunctions = plainFunctions,
): Recipe {
  const problems: Issue[] = [];
  const keep = (path: string, found: readonly Issue[]) => {
    for (const problem of found) problems.push({ ...problem, path: `${path}.${problem.path}` });
  };
  const stones = new Map(typed.findings.map((finding) => [finding.id, finding]));
  const computed = (part: Part, groups: number) =>
    compute.part(part, alloys, groups, part.blank.rule === 'bezel' ? (stones.get(part.blank.stone) ?? null) : null);
  const { piece, problems: ofNames } = countsByName(typed, computed);
  problems.push(...ofNames);
  const groups = groupCounts(piece, problems);

  const parts = piece.parts.map((part, index) => {
    const computation = computed(part, groups.get(part.group) ?? 1);
    keep(`parts.${String(index)}`, computation.problems);
    return computation;
  });
  const joins = piece.joins.map((join, index) => {
    const computation = compute.join(
      join,
      piece.snippet,
      groups.get(groupOfJoin(join, piece)) ?? 1,
      mostOf(join.parts, piece, parts),
    );
    keep(`joins.${String(index)}`, computation.problems);
    return computation;
  });
  const counted = { piece, parts, joins, groups };
  const steps = piece.steps.map((step, index) => {
    const computation = compute.step(step, countDrivers(step, counted));
    keep(`steps.${String(index)}`, computation.problems);
    // What is left out of this size, or bought ready made, takes no time.
    return isIdle(step, counted) ? { ...computation, ...noTime } : computation;
  });
  piece.work.forEach((row, index) => keep(`work.${String(index)}`, workRowProblems(row)));
  piece.sizes.parameters.forEach(({ name }, index) => {
    const others = piece.sizes.parameters.slice(0, index).map((other) => other.name);
    const sentence = parameterProblem(name, others);
    if (sentence) problems.push({ path: `sizes.parameters.${String(index)}.name`, sentence });
  });
  return { piece, parts, joins, steps, groups, problems };
}

const noTime = { setUpMin: 0, eachMin: 0, loadMin: 0, unattendedMin: 0 } as const;

// Links, rings or parts of which a join has the most: one joint each where its count is blank.
function mostOf(ids: readonly string[], piece: Piece, parts: readonly PartComputation[]): number {
  return Math.max(1, ...ids.flatMap((id) => parts[piece.parts.findIndex((part) => part.id === id)]?.count ?? []));
}

function groupCounts(piece: Piece, problems: Issue[]): ReadonlyMap<string, number> {
  return new Map(
    piece.groups.map(({ id, count }, index) => {
      const reading = readCount(count);
      if (!reading.ok) problems.push({ path: `groups.${String(index)}.count`, sentence: reading.sentence });
      return [id, reading.ok ? reading.value : 1];
    }),
  );
}

/** Girdle height of a finding's stone; null while it has none. @returns mm */
export function girdleMm(finding: Pick<Finding, 'girdle'>): number | null {
  const reading = readLength(finding.girdle, { what: 'girdle' });
  return finding.girdle.trim() && reading.ok ? reading.value : null;
}
