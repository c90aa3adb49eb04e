// Counts what the minutes of a step grow with: cuts, holes, rings, joints, centimetres in one piece.
import { aroundCutMm, type Cut } from '../blank/cut.ts';
import { perimeterOfSectionMm } from '../blank/section-perimeter.ts';
import { outlineAreaMm2 } from '../geometry/outline.ts';
import { readLength } from '../measure/read/read-length.ts';
import { readCount, readPlain } from '../measure/read/read-number.ts';
import type { JoinComputation } from './compute-join.ts';
import type { PartComputation } from './compute-part.ts';
import { isHot } from './join.ts';
import { seamShows } from './join-seam.ts';
import { pressingsOf } from './making.ts';
import type { Part } from './part.ts';
import type { Piece } from './piece.ts';
import { membersOf, scopeOf } from './scope.ts';
import { isMaking, type Step, stepKindOf, targetsOf } from './step.ts';

const MM_PER_CM = 10;
/** Drivers of making a part, whatever the step is called. */
const CUT: ReadonlySet<Step['per']> = new Set(['cut', 'outline', 'bar', 'ring']);

/** What is counted: the rows of a piece with their computations. */
export interface Counted {
  readonly piece: Piece;
  readonly parts: readonly PartComputation[];
  readonly joins: readonly JoinComputation[];
  /** Number of each sub-assembly in a piece, by id. */
  readonly groups: ReadonlyMap<string, number>;
}

/**
 * Drivers of a step in one piece.
 * @returns 1 where the minutes go by the piece, the load or the batch; what is left out, or bought where the step would
 *   make it, is not counted
 */
export function countDrivers(step: Step, of: Counted): number {
  if (step.per === 'piece' || step.per === 'load' || step.per === 'batch') return 1;
  const { piece, parts, joins } = of;
  const scope = scopeOf(step, piece);
  const making = CUT.has(step.per) || isMaking(stepKindOf(step));
  const indexes = scope.parts.filter((index) => !(making && piece.parts[index]?.bought));
  const ofParts = (each: (computation: PartComputation, part: Part) => number) =>
    indexes.reduce((sum, index) => {
      const [computation, part] = [parts[index], piece.parts[index]];
      return computation && part ? sum + each(computation, part) : sum;
    }, 0);
  const ofJoins = (each: (computation: JoinComputation, index: number) => number) =>
    scope.joins.reduce((sum, index) => {
      const computation = joins[index];
      return computation ? sum + each(computation, index) : sum;
    }, 0);
  switch (step.per) {
    case 'part':
      return countTargets(step, of, (id) => partCount(id, of));
    case 'hole':
      return countTargets(step, of, (id) => holeCount(id, of));
    case 'opening':
      return countTargets(step, of, (id) => partCount(id, of));
    case 'cut':
      return ofParts(({ cuts }) => cuts);
    case 'outline':
      return ofParts(({ cut, count }) => (cut ? sawnMm(cut) * count : 0)) / MM_PER_CM;
    case 'edge':
      return ofParts(edgeMm) / MM_PER_CM;
    case 'bar':
      return ofParts(({ count, blank }, part) => workedMm(part, blank) * count) / MM_PER_CM;
    case 'ring':
      return ofParts(({ count }) => count);
    case 'bend':
      // A twist is bent as one, a chain link by link.
      return ofParts(({ count, pieces }, { blank }) => (blank.rule === 'twist' ? pieces : count));
    case 'grain':
      return grains(step, of);
    case 'end':
      return countTargets(step, of, (id) => endCount(id, stepKindOf(step), of));
    case 'turn':
      return turns(step, of);
    case 'joint':
      return ofJoins(({ joints }) => joints);
    case 'seam':
      if (isOnParts(step, piece)) return countTargets(step, of, (id) => partCount(id, of));
      return ofJoins(({ joints }, index) => {
        const join = piece.joins[index];
        return join && seamShows(join, piece) ? joints : 0;
      });
    case 'cm':
      return ofJoins(({ seamMm }) => seamMm) / MM_PER_CM;
    case 'cm2':
      return ofParts(surfaceMm2) / MM_PER_CM ** 2;
  }
}

// Joins are filed along their seams; a part or a finding is filed as a whole.
function isOnParts(step: Step, { parts, findings, joins }: Piece): boolean {
  const targets = targetsOf(step);
  const isRow = (id: string) => [...parts, ...findings].some((row) => row.id === id);
  return targets.length > 0 && targets.every((id) => isRow(id) && !joins.some((join) => join.id === id));
}

// Round the blank; what squeezes out of a bar runs round its pressed form, after every pressing but the last.
function edgeMm({ blank, count }: PartComputation, part: Part): number {
  if (part.blank.rule !== 'pressed-bar') return blank ? aroundCutMm(blank) * count : 0;
  const [width, length] = [part.blank.width, part.blank.length].map((text) => readLength(text, { what: 'width' }));
  return width?.ok && length?.ok ? 2 * (width.value + length.value) * (pressingsOf(part) - 1) * count : 0;
}

// The outline and the hole of a washer.
function sawnMm(cut: Cut): number {
  return aroundCutMm(cut) + (cut.kind === 'disc' && cut.hole ? Math.PI * cut.hole.value : 0);
}

/** Whether there is nothing to do: all targets are left out, or bought where the step would make them. */
export function isIdle(step: Step, { piece, parts, joins }: Counted): boolean {
  const targets = targetsOf(step);
  if (targets.length === 0) return false;
  const making = isMaking(stepKindOf(step));
  return targets.every((id) => {
    const at = piece.parts.findIndex((part) => part.id === id);
    if (at >= 0) return parts[at]?.pieces === 0 || (making && piece.parts[at]?.bought === true);
    const join = piece.joins.findIndex((each) => each.id === id);
    if (join >= 0) return joins[join]?.joints === 0;
    const finding = piece.findings.find((each) => each.id === id);
    return finding?.count.trim() === '0';
  });
}

function countTargets(step: Step, of: Counted, each: (id: string) => number): number {
  const targets = targetsOf(step);
  const all = targets.length > 0 ? targets : of.piece.parts.map(({ id }) => id);
  const making = isMaking(stepKindOf(step));
  return all
    .filter((id) => !(making && of.piece.parts.some((part) => part.id === id && part.bought)))
    .reduce((sum, id) => sum + each(id), 0);
}

// Parts, findings, sub-assemblies and joints behind an id, in one piece.
function partCount(id: string, { piece, parts, joins, groups }: Counted): number {
  const part = piece.parts.findIndex((each) => each.id === id);
  if (part >= 0) return parts[part]?.pieces ?? 0;
  const join = piece.joins.findIndex((each) => each.id === id);
  if (join >= 0) return joins[join]?.joints ?? 0;
  const finding = piece.findings.find((each) => each.id === id);
  if (finding) {
    const count = readCount(finding.count, 0);
    return count.ok ? count.value : 0;
  }
  return groups.get(id) ?? 0;
}

function holeCount(id: string, of: Counted): number {
  const part = of.piece.parts.findIndex((each) => each.id === id);
  if (part >= 0) return of.parts[part]?.holes || (of.parts[part]?.pieces ?? 0);
  const group = of.piece.groups.find((each) => each.id === id);
  if (!group) return partCount(id, of);
  const vents = readCount(group.vents, 0);
  return (vents.ok && vents.value > 0 ? vents.value : 1) * (of.groups.get(id) ?? 1);
}

// Balled ends as typed; else the two ends of each length, less those that are balled.
function endCount(id: string, kind: ReturnType<typeof stepKindOf>, of: Counted): number {
  const at = of.piece.parts.findIndex((each) => each.id === id);
  const part = of.piece.parts[at];
  const count = at >= 0 ? (of.parts[at]?.count ?? 0) : partCount(id, of);
  const balled = part?.blank.rule === 'balled' ? readCount(part.blank.ends || '1') : null;
  const ends = balled?.ok ? balled.value : 0;
  if (kind === 'ball') return count * (ends || 1);
  // A post has one free end: the other stands on its joint.
  const joined = of.piece.joins.some((join) => isHot(join) && join.parts.length > 1 && join.parts.includes(id)) ? 1 : 0;
  return count * Math.max(1, 2 - ends - joined);
}

// Turns of the wraps it touches; one a joint where none is typed.
function turns(step: Step, of: Counted): number {
  const wound = touchedParts(step, of).reduce((sum, index) => {
    const blank = of.piece.parts[index]?.blank;
    if (blank?.rule !== 'wrap') return sum;
    const typed = readPlain(blank.turns, 'count', '12', () => undefined);
    return sum + (typed.ok ? typed.value : 0) * (of.parts[index]?.count ?? 0);
  }, 0);
  return wound || scopeOf(step, of.piece).joins.reduce((sum, index) => sum + (of.joins[index]?.joints ?? 0), 0);
}

// Granules it touches.
function grains(step: Step, of: Counted): number {
  return touchedParts(step, of).reduce(
    (sum, index) => sum + (of.piece.parts[index]?.blank.rule === 'granule' ? (of.parts[index]?.count ?? 0) : 0),
    0,
  );
}

// Parts a step names, and those of the joins it names.
function touchedParts(step: Step, { piece }: Counted): number[] {
  const targets = new Set(targetsOf(step));
  const { parts } = scopeOf(step, piece);
  const ofJoins = new Set(
    piece.joins.filter(({ id }) => targets.has(id)).flatMap((join) => join.parts.flatMap((id) => membersOf(id, piece))),
  );
  return [...piece.parts.keys()].filter((index) => parts.includes(index) || ofJoins.has(piece.parts[index]?.id ?? ''));
}

// Finished length of a forged bar; else the length cut. @returns mm
function workedMm({ blank }: Part, cut: Cut | null): number {
  if (blank.rule === 'worked') {
    const length = readLength(blank.length, { what: 'length' });
    if (length.ok) return length.value;
  }
  return cut?.kind === 'length' ? cut.length.value : 0;
}

/** Outside surface of a part in one piece, without the edges of sheet. @returns mm² */
function surfaceMm2({ blank, section, count }: PartComputation): number {
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
