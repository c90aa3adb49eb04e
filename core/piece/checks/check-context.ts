// What a check of the bench check is, and what it is given.
import type { Alloy } from '../../metal/alloys.ts';
import type { JoinComputation } from '../compute-join.ts';
import type { PartComputation } from '../compute-part.ts';
import type { Recipe } from '../compute-recipe.ts';
import type { Join } from '../join.ts';
import type { Part } from '../part.ts';
import type { Finding, Group, Piece } from '../piece.ts';
import { membersOf, scopeOf } from '../scope.ts';
import { standardStep, type Step, type StepKind, stepKindOf, targetsOf } from '../step.ts';

/** Severity of a finding. */
export type Severity = 'stop' | 'warn' | 'note';

/** What a check found. */
export interface CheckFinding {
  readonly severity: Severity;
  /** Id of the part, finding, join, step or group it is about; '' for the whole piece. */
  readonly about: string;
  /** A sentence that names the row and what is wrong. */
  readonly sentence: string;
  /** A remedy that one click applies. */
  readonly remedy?: Remedy;
}

/** A correction that one click applies. */
export interface Remedy {
  /** Label of the button. */
  readonly says: string;
  /** @returns the corrected piece; the given one does not change */
  readonly apply: (piece: Piece) => Piece;
}

/** One check of the bench check. */
export interface Check {
  /** Stored where a remark is overridden, so it never changes. */
  readonly name: string;
  /** Why it matters at the bench. */
  readonly why: string;
  /** It looks at measures that a size may change; in a piece with sizes its findings name the size. */
  readonly isSizeDependent?: true;
  readonly check: (context: CheckContext) => CheckFinding[];
}

/** A piece prepared for checking. */
export class CheckContext {
  readonly piece: Piece;
  readonly recipe: Recipe;
  readonly alloys: ReadonlyMap<string, Alloy>;
  /** ISO 3166-1 alpha-2 of the maker; '' when unknown. */
  readonly country: string;
  readonly steps: readonly { readonly step: Step; readonly kind: StepKind; readonly index: number }[];

  constructor(recipe: Recipe, alloys: ReadonlyMap<string, Alloy>, country: string) {
    this.piece = recipe.piece;
    this.recipe = recipe;
    this.alloys = alloys;
    this.country = country;
    this.steps = recipe.piece.steps.map((step, index) => ({ step, kind: stepKindOf(step), index }));
  }

  get parts(): readonly { part: Part; computation: PartComputation }[] {
    return this.piece.parts.flatMap((part, index) => {
      const computation = this.recipe.parts[index];
      return computation ? [{ part, computation }] : [];
    });
  }

  get joins(): readonly { join: Join; computation: JoinComputation; index: number }[] {
    return this.piece.joins.flatMap((join, index) => {
      const computation = this.recipe.joins[index];
      return computation ? [{ join, computation, index }] : [];
    });
  }

  part(id: string): { part: Part; computation: PartComputation } | undefined {
    return this.parts.find(({ part }) => part.id === id);
  }

  /** Ids of the parts and findings that a join joins, groups resolved into their members. */
  membersOf(join: Pick<Join, 'parts'>): readonly string[] {
    return join.parts.flatMap((id) => membersOf(id, this.piece));
  }

  /** The alloy of a part or a finding; null when unknown. */
  alloyOf(id: string): Alloy | null {
    const row = this.piece.parts.find((part) => part.id === id) ?? this.piece.findings.find((each) => each.id === id);
    return row ? (this.alloys.get(row.alloy) ?? null) : null;
  }

  nameOf(id: string): string {
    const { parts, findings, groups, joins, steps } = this.piece;
    const rows: readonly (Part | Finding | Group | Join | Step)[] = [
      ...parts,
      ...findings,
      ...groups,
      ...joins,
      ...steps,
    ];
    return rows.find((row) => row.id === id)?.name.trim() || 'it';
  }

  /** Steps of these kinds, in order. */
  stepsOf(...kinds: readonly StepKind[]) {
    return this.steps.filter(({ kind }) => kinds.includes(kind));
  }

  /** Ids of the parts and findings a step is done to. */
  touched(step: Pick<Step, 'of' | 'also'>): ReadonlySet<string> {
    const targets = targetsOf(step);
    if (targets.length === 0) return new Set([...this.piece.parts, ...this.piece.findings].map(({ id }) => id));
    return new Set(
      targets.flatMap((of) => {
        const join = this.piece.joins.find(({ id }) => id === of);
        return join ? this.membersOf(join) : membersOf(of, this.piece);
      }),
    );
  }

  /** Whether a step is done to a part. */
  reaches(step: Pick<Step, 'of' | 'also'>, partId: string): boolean {
    return this.touched(step).has(partId);
  }

  /** Joins that a step makes: those it names, or all of its kind. */
  joinsOf(step: Pick<Step, 'of' | 'also'>): readonly Join[] {
    return scopeOf(step, this.piece).joins.flatMap((index) => this.piece.joins[index] ?? []);
  }
}

/** A remedy that changes fields of a row. */
export function withRow<Key extends 'parts' | 'findings' | 'joins' | 'steps' | 'groups'>(
  key: Key,
  id: string,
  change: (row: Piece[Key][number]) => Partial<Piece[Key][number]>,
): Remedy['apply'] {
  return (piece) => ({
    ...piece,
    [key]: piece[key].map((row) => (row.id === id ? { ...row, ...change(row) } : row)),
  });
}

/** A remedy that adds a step after another, or at the end when that one is gone. */
export function withStepAfter(after: string | null, name: string, more: Partial<Step>): Remedy['apply'] {
  return (piece) => {
    const at = piece.steps.findIndex(({ id }) => id === after);
    const steps = [...piece.steps];
    const place = at < 0 ? steps.length : at + 1;
    const step: Step = { ...blankStep, id: freeId(piece, name), name, byHand: true, ...more };
    steps.splice(place, 0, step);
    return { ...piece, steps };
  };
}

/**
 * A remedy that adds a step to a part before the first (or the last) step of some kinds that is done to it.
 */
function withStepBeforeKind(
  partId: string,
  kinds: readonly StepKind[],
  kind: StepKind,
  verb: string,
  isLast: boolean,
): Remedy['apply'] {
  return (piece) => {
    const name =
      piece.parts
        .find(({ id }) => id === partId)
        ?.name.trim()
        .toLowerCase() ?? '';
    const isOn = (step: Step) =>
      kinds.includes(stepKindOf(step)) &&
      (targetsOf(step).length === 0 || targetsOf(step).some((id) => membersOf(id, piece).includes(partId)));
    const at = isLast ? piece.steps.findLastIndex(isOn) : piece.steps.findIndex(isOn);
    const step: Step = {
      ...standardStep(kind, `${verb} ${name}`.trim(), [partId], ''),
      id: freeId(piece, verb),
      byHand: true,
    };
    const steps = [...piece.steps];
    steps.splice(Math.max(0, at), 0, step);
    return { ...piece, steps };
  };
}

const SHAPING: readonly StepKind[] = ['form', 'wind', 'forge', 'dome', 'twist', 'texture', 'roll', 'stamp', 'wrap'];

/** The remedy that anneals a part before it is first formed or textured. @param again  before the last such step */
export function annealFirst(partId: string, again = false): Remedy {
  return { says: 'Add an anneal', apply: withStepBeforeKind(partId, SHAPING, 'anneal', 'Anneal', again) };
}

/** A remedy that moves a step, with the pickle, trim and filing that belong to it, to just before another. */
export function withStepBefore(moved: string, before: string): Remedy['apply'] {
  return (piece) => {
    const step = piece.steps.find(({ id }) => id === moved);
    if (!step) return piece;
    const at = piece.steps.indexOf(step);
    const neighbours = piece.steps.slice(at + 1);
    const own = new Set(targetsOf(step));
    const end = neighbours.findIndex(
      (each) => !FOLLOWING.has(stepKindOf(each)) || !targetsOf(each).some((id) => own.has(id)),
    );
    const together = new Set([moved, ...neighbours.slice(0, end < 0 ? undefined : end).map(({ id }) => id)]);
    const rest = piece.steps.filter(({ id }) => !together.has(id));
    rest.splice(
      Math.max(
        0,
        rest.findIndex(({ id }) => id === before),
      ),
      0,
      ...piece.steps.filter(({ id }) => together.has(id)),
    );
    return { ...piece, steps: rest };
  };
}

/** Kinds that stay with the heat before them. */
const FOLLOWING = new Set<StepKind>(['pickle', 'quench', 'brush', 'trim', 'file', 'neutralise']);

const blankStep: Omit<Step, 'id' | 'name'> = {
  station: '',
  setUp: '',
  each: '',
  unattended: '',
  overlaps: false,
  kind: '',
  of: '',
  also: [],
  per: 'piece',
  drivers: '',
  load: '',
  again: '',
  yield: '',
  yieldOf: '',
  maker: '',
  spread: '',
  pauses: '',
  transfer: '',
  from: '',
  byHand: false,
};

// A row needs a unique id. Core has no random numbers, so it counts up.
function freeId(piece: Piece, name: string): string {
  const stem = name
    .toLowerCase()
    .replace(/[^a-z]+/g, '-')
    .slice(0, 24);
  const taken = new Set(piece.steps.map(({ id }) => id));
  let index = 1;
  while (taken.has(`${stem}-${String(index)}`)) index += 1;
  return `${stem}-${String(index)}`;
}
