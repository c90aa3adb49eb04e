// Where a row of work stands in the route: one place for each row.
import { workKindOf, workNamed } from '../work/work-kinds.ts';
import type { Join, JoinKind } from './join.ts';
import type { Piece } from './piece.ts';
import { groupOfJoin, membersOf } from './scope.ts';
import type { StepKind } from './step.ts';
import type { WorkRow } from './work-row.ts';

/** Stages of the route that rows of work are done in; `folded`: the row is the joining itself. */
export type Stage = 'anneal' | 'flat' | 'part' | 'rest' | 'finish' | 'late-part' | 'polish' | 'last' | 'folded';

/** The joins of a piece in order: up to the last hot one, and the cold ones after it. */
export interface JoinOrder {
  readonly piece: Piece;
  readonly early: readonly Join[];
  readonly late: readonly Join[];
}

/** The kind of work and the verb of a join. */
export const joining = {
  solder: { kind: 'solder', verb: 'Solder' },
  fuse: { kind: 'fuse', verb: 'Fuse' },
  rivet: { kind: 'rivet', verb: 'Rivet' },
  screw: { kind: 'assemble', verb: 'Screw together' },
  wrap: { kind: 'wrap', verb: 'Wrap' },
  link: { kind: 'link', verb: 'Link' },
  set: { kind: 'set', verb: 'Set' },
} as const satisfies Record<JoinKind, { kind: StepKind; verb: string }>;

/** Work on a part while it is flat and before it is bent. */
export const FLAT: ReadonlySet<StepKind> = new Set(['roll', 'stamp', 'texture', 'straighten', 'saw-pattern', 'flux']);
/** Work that prepares a part: done to a part it comes before the joins, where the part can be reached. */
const PREPARING = new Set<StepKind>(['sand', 'blast', 'clean', 'inspect', 'other']);
/** Blanks that have their form only after the hammer or the press. */
const FORGED = new Set(['worked', 'pressed', 'pressed-bar']);
/** Work that ends the route, in its order. */
export const LAST: readonly StepKind[] = [
  'engrave',
  'plate',
  'blacken',
  'patina',
  'anodise',
  'tumble',
  'wax',
  'send-out',
  'string',
  'pair',
  'inspect',
  'pack',
];

/** The kind of work of a row: as the maker chose, or else by its name. */
export function kindOfRow({ kind, name }: Pick<WorkRow, 'kind' | 'name'>): StepKind {
  return kind || workNamed(name);
}

/** The one place of a row of work: a stage, or after a join. */
export function stageOf(row: WorkRow, order: JoinOrder): Stage | Join {
  const { parts, findings, groups } = order.piece;
  const kind = kindOfRow(row);
  const join = joinsOf(order).find(({ id }) => id === row.on);
  if (join) return kind === joining[join.kind].kind ? 'folded' : join;
  if (groups.some(({ id }) => id === row.on)) return completes(row.on, order) ?? 'rest';
  if ([...parts, ...findings].some(({ id }) => id === row.on)) return stageOnPart(row.on, kind, order);
  return stageOnPiece(kind);
}

function stageOnPart(id: string, kind: StepKind, order: JoinOrder): Stage | Join {
  const { piece, early, late } = order;
  const { place } = workKindOf(kind);
  const isMember = (join: Join) => hasMember(join, id, piece);
  if (kind === 'anneal') return 'anneal';
  if (FLAT.has(kind)) {
    // A forged or pressed part is textured and stamped once it has its form.
    const isForged = piece.parts.some((part) => part.id === id && FORGED.has(part.blank.rule));
    return isForged && kind !== 'straighten' ? 'part' : 'flat';
  }
  if (kind === 'dome') return lastOverlay(id, order) ?? 'part';
  // A ring is trued once its seam is closed.
  if (kind === 'true') return early.findLast(({ parts }) => parts.length === 1 && parts[0] === id) ?? 'part';
  if (kind === 'round-ends') return 'rest';
  if (place === 'before-join' || PREPARING.has(kind)) return 'part';
  if (place !== 'finish' && place !== 'end') return joinsOf(order).findLast(isMember) ?? 'rest';
  return late.some(isMember) ? 'late-part' : stageOnPiece(kind);
}

function stageOnPiece(kind: StepKind): Stage {
  if (kind === 'polish') return 'polish';
  if (kind === 'round-ends') return 'rest';
  if (LAST.includes(kind)) return 'last';
  const { place } = workKindOf(kind);
  return place === 'finish' || place === 'end' ? 'finish' : 'rest';
}

// A flat overlay is soldered or bonded on before the part is domed.
function lastOverlay(part: string, { piece, early }: JoinOrder): Join | undefined {
  return early.findLast(
    (join) =>
      join.parts.length > 1 &&
      join.parts.includes(part) &&
      (isGranulation(join, piece) || (join.kind === 'solder' && join.form === 'sweat')),
  );
}

// The join after which a sub-assembly is whole; the first join that takes it where none is within it.
function completes(group: string, order: JoinOrder): Join | undefined {
  const joins = joinsOf(order);
  return (
    joins.findLast((join) => groupOfJoin(join, order.piece) === group || String(join.parts) === group) ??
    joins.find((join) => join.parts.includes(group))
  );
}

function joinsOf({ early, late }: JoinOrder): readonly Join[] {
  return [...early, ...late];
}

/** Whether granules are bonded on by a join. */
export function isGranulation({ kind, parts }: Join, piece: Pick<Piece, 'parts'>): boolean {
  return kind === 'fuse' && piece.parts.some(({ id, blank }) => blank.rule === 'granule' && parts.includes(id));
}

/** Whether a join takes a part or finding, alone or within a sub-assembly. */
export function hasMember({ parts }: Pick<Join, 'parts'>, id: string, piece: Piece): boolean {
  return parts.some((member) => membersOf(member, piece).includes(id));
}
