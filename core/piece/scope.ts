// What a step is done to, and what stands behind an id.
import { workKindOf } from '../work/work-kinds.ts';
import type { Join } from './join.ts';
import type { Part } from './part.ts';
import type { Finding, Piece } from './piece.ts';
import { type Step, stepKindOf, targetsOf } from './step.ts';

/** The sub-assembly of a join: that of all it joins; '' when it joins across sub-assemblies. */
export function groupOfJoin({ parts }: Pick<Join, 'parts'>, piece: Piece): string {
  const groups = new Set(parts.map((id) => rowOf(id, piece)?.group ?? ''));
  return groups.size === 1 ? ([...groups][0] ?? '') : '';
}

function rowOf(id: string, piece: Piece): Part | Finding | undefined {
  return piece.parts.find((part) => part.id === id) ?? piece.findings.find((finding) => finding.id === id);
}

/** Ids of the parts and findings behind an id: a sub-assembly stands for all its members. */
export function membersOf(id: string, piece: Pick<Piece, 'parts' | 'findings' | 'groups'>): readonly string[] {
  if (!piece.groups.some((group) => group.id === id)) return [id];
  return [...piece.parts, ...piece.findings].filter(({ group }) => group === id).map((row) => row.id);
}

/** What a step is done to: parts and joins by index; all of them when it names none. */
export function scopeOf(
  step: Pick<Step, 'of' | 'also'> & Partial<Pick<Step, 'kind' | 'name'>>,
  piece: Piece,
): { readonly parts: number[]; readonly joins: number[] } {
  const targets = targetsOf(step);
  if (targets.length === 0) return { parts: [...piece.parts.keys()], joins: [...piece.joins.keys()] };
  const wanted = new Set(targets);
  // In a piece file a part and a join may share an id: then work at a join means the join.
  const rows = targets.filter((id) => !isJoinWork(step, id, piece));
  const members = new Set(rows.flatMap((id) => membersOf(id, piece)));
  const groups = new Set(rows.filter((id) => piece.groups.some((group) => group.id === id)));
  const parts = indexesWhere(piece.parts, ({ id }) => members.has(id));
  const joins = indexesWhere(
    piece.joins,
    (join) =>
      wanted.has(join.id) ||
      (groups.size > 0 && groups.has(groupOfJoin(join, piece))) ||
      join.parts.some((id) => rows.includes(id) && !groups.has(id)),
  );
  return { parts, joins };
}

function isJoinWork(step: Partial<Pick<Step, 'kind' | 'name'>>, id: string, { joins }: Piece): boolean {
  if (!joins.some((join) => join.id === id)) return false;
  const kind = stepKindOf({ kind: step.kind ?? '', name: step.name ?? '' });
  return workKindOf(kind).on.some((target) => target === 'join');
}

function indexesWhere<Row>(rows: readonly Row[], is: (row: Row) => boolean): number[] {
  return rows.flatMap((row, index) => (is(row) ? index : []));
}
