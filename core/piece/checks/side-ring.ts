// Check: a ring soldered on by its side: its own joint left open, or only a line of contact.
import { joinSchema } from '../join.ts';
import type { Piece } from '../piece.ts';
import type { Check, CheckFinding } from './check-context.ts';

/** The check `side-ring`. */
export const sideRing: Check = {
  name: 'side-ring',
  why: 'A ring that is soldered on by its side still opens at its own joint; round wire touches a face along a line only, and a load tears it off.',
  check: (context) =>
    context.joins.flatMap(({ join, computation }): CheckFinding[] => {
      if (join.kind !== 'solder' || join.parts.length < 2 || computation.joints === 0) return [];
      const members = context.membersOf(join);
      const ring = members.find((id) => context.part(id)?.part.blank.rule === 'jump-ring');
      if (ring === undefined) return [];
      const isShut = context.joins.some(
        ({ join: other }) =>
          (other.kind === 'solder' || other.kind === 'fuse') && other.parts.length === 1 && other.parts[0] === ring,
      );
      const name = context.nameOf(ring);
      const face = members.find((id) => {
        const form = context.part(id)?.part.section.form;
        return form === 'sheet' || form === 'strip' || form === 'patterned';
      });
      return [
        ...(isShut
          ? []
          : [
              {
                severity: 'warn' as const,
                about: join.id,
                sentence: `${name}: soldered on by its side, its own joint left open. Close it in the same heat, or before.`,
                remedy: {
                  says: 'Close it first',
                  apply: withClosing(ring, join.id, join.solder),
                },
              },
            ]),
        ...(join.bearsLoad && face !== undefined
          ? [
              {
                severity: 'warn' as const,
                about: join.id,
                sentence: `${name}: touches ${context.nameOf(face)} along a line only. Flatten it or file a flat on it first, a third to three quarters through.`,
              },
            ]
          : []),
      ];
    }),
};

function withClosing(ring: string, before: string, solder: string): (piece: Piece) => Piece {
  return (piece) => {
    const at = piece.joins.findIndex(({ id }) => id === before);
    const taken = new Set(piece.joins.map(({ id }) => id));
    let index = 1;
    while (taken.has(`close-${String(index)}`)) index += 1;
    const name = `Close ${
      piece.parts
        .find(({ id }) => id === ring)
        ?.name.trim()
        .toLowerCase() || 'the ring'
    }`;
    const join = joinSchema.parse({
      id: `close-${String(index)}`,
      name,
      kind: 'solder',
      parts: [ring],
      solder,
      amount: '1',
      count: '',
    });
    const joins = piece.joins.map((each) => (each.id === before ? { ...each, sameHeat: true } : each));
    joins.splice(at, 0, join);
    return { ...piece, joins };
  };
}
