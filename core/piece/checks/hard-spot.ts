// Check: soldered loops of a woven chain.
import type { Check, CheckFinding } from './check-context.ts';

/** The check `hard-spot`. */
export const hardSpot: Check = {
  name: 'hard-spot',
  why: 'Solder leaves a hard spot that does not bend like the rest of the loop.',
  check: (context) =>
    context.joins.flatMap(({ join }): CheckFinding[] => {
      if (join.kind !== 'solder') return [];
      const woven = context.membersOf(join).find((id) => context.part(id)?.part.blank.rule === 'woven');
      if (woven === undefined) return [];
      return [
        {
          severity: 'note',
          about: join.id,
          sentence: `${context.nameOf(woven)}: solder leaves a hard spot in each loop. Fuse the loops, or turn the joint away from the bend.`,
        },
      ];
    }),
};
