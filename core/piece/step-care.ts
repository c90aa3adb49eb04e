// The cautions and the inspection of a step: by its kind of work and by what it is done to.
import { type Caution, type CautionId, cautionsOf } from '../work/cautions.ts';
import { workKindOf } from '../work/work-kinds.ts';
import { hollowsOf } from './hollow.ts';
import type { Piece } from './piece.ts';
import { membersOf } from './scope.ts';
import { isHeat, type Step, stepKindOf, targetsOf } from './step.ts';

type Worked = Pick<Step, 'kind' | 'name' | 'of' | 'also'>;
type Rows = Pick<Piece, 'parts' | 'findings' | 'groups' | 'joins'>;

/** The cautions of a step, in a fixed order. @param piece  what it is done to; null when unknown */
export function cautionsFor(step: Worked, piece: Rows | null): Caution[] {
  const kind = stepKindOf(step);
  const { cautions } = workKindOf(kind);
  const ids = new Set<CautionId>(cautions);
  const isWet = isHeat(kind) || kind === 'pickle' || kind === 'quench' || kind === 'neutralise';
  // Other work has the same cautions whatever it is done to.
  if (!piece || !(isWet || kind === 'cut')) return cautionsOf(ids);
  const members = membersOfStep(step, piece);
  const parts = piece.parts.filter(({ id }) => members.has(id));
  const rows = [...parts, ...piece.findings.filter(({ id }) => members.has(id))];
  if (kind === 'cut' && !parts.some(({ section }) => isFlat(section.form))) ids.delete('sheet');
  if ((isHeat(kind) || kind === 'quench') && rows.some(({ alloy }) => alloy.startsWith('platinum')))
    ids.add('platinum');
  if (isWet && trapsAcid(rows, piece)) ids.add('hollow');
  return cautionsOf(ids);
}

/** The cautions of several steps, each once. */
export function cautionsOfAll(steps: readonly { readonly step: Worked; readonly piece: Rows | null }[]): Caution[] {
  return cautionsOf(steps.flatMap(({ step, piece }) => cautionsFor(step, piece).map(({ id }) => id)));
}

/** What is looked at when a step is done; '' for nothing in particular (common practice). */
export function inspectionOf(step: Worked, piece: Piece): string {
  const kind = stepKindOf(step);
  const { inspect } = workKindOf(kind);
  const members = membersOfStep(step, piece);
  const rules = new Set<string>(piece.parts.flatMap(({ id, blank }) => (members.has(id) ? blank.rule : [])));
  const more = [
    ...(isJoining(kind) && rules.has('knuckles') ? ['hinge moves without play'] : []),
    ...(isJoining(kind) && (rules.has('bezel') || rules.has('ring-bezel')) ? ['stone goes in and out, no gap'] : []),
    ...((kind === 'form' || kind === 'true') && rules.has('ring-band') ? ['true on the mandrel'] : []),
    ...(kind === 'inspect' ? finalChecks(piece) : []),
  ];
  return [inspect, ...more].filter(Boolean).join('; ');
}

function finalChecks(piece: Piece): string[] {
  return [
    'weight as predicted',
    ...(piece.soldBy === 'pair' ? ['front sides face the same way'] : []),
    ...(piece.parts.some(({ endsTouchSkin }) => endsTouchSkin) ? ['cut ends smooth to a finger'] : []),
  ];
}

function isJoining(kind: ReturnType<typeof stepKindOf>): boolean {
  return workKindOf(kind).place === 'at-join';
}

function membersOfStep(step: Worked, piece: Rows): ReadonlySet<string> {
  const named = targetsOf(step);
  if (named.length === 0) return new Set([...piece.parts, ...piece.findings].map(({ id }) => id));
  const joined = piece.joins.filter(({ id }) => named.includes(id)).flatMap(({ parts }) => parts);
  return new Set([...named, ...joined].flatMap((id) => membersOf(id, piece)));
}

function isFlat(form: Piece['parts'][number]['section']['form']): boolean {
  return form === 'sheet' || form === 'strip' || form === 'patterned';
}

function trapsAcid(rows: readonly { readonly id: string; readonly group: string }[], piece: Rows): boolean {
  const hollows = new Set(hollowsOf(piece));
  return rows.some(({ id, group }) => hollows.has(id) || hollows.has(group));
}
