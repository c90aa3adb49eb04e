// What traps steam and acid: closed or vented sub-assemblies, and hinge tube.
import type { Group, Piece } from './piece.ts';

/** Whether a sub-assembly has vent holes of its own. */
export function isVented({ vents }: Pick<Group, 'vents'>): boolean {
  return vents.trim() !== '' && vents.trim() !== '0';
}

/** Whether a sub-assembly is hollow: closed, or vented because it will be. */
export function isHollow(group: Pick<Group, 'closed' | 'vents'>): boolean {
  return group.closed || isVented(group);
}

/** Ids of what traps acid in a piece: hollow sub-assemblies and hinge tube. */
export function hollowsOf({ groups, parts }: Pick<Piece, 'groups' | 'parts'>): string[] {
  return [
    ...groups.filter(isHollow).map(({ id }) => id),
    ...parts.filter(({ blank }) => blank.rule === 'knuckles').map(({ id }) => id),
  ];
}
