// Check: a load-bearing ring that is not soldered.
import type { Check, CheckFinding } from './check-context.ts';

/** The check `open-ring`. */
export const openRing: Check = {
  name: 'open-ring',
  why: 'A ring that is only bent shut pulls open under a weight or a tug.',
  check: (context) =>
    context.joins.flatMap(({ join }): CheckFinding[] => {
      if (join.kind !== 'link' || !join.bearsLoad) return [];
      const open = context.membersOf(join).find((id) => {
        const rule = context.part(id)?.part.blank.rule;
        return (rule === 'jump-ring' || rule === 'chain') && !isShut(id);
      });
      if (!open) return [];
      return [
        {
          severity: 'note',
          about: join.id,
          sentence: `${context.nameOf(open)}: left open, with a load on it. Solder it shut, or use thicker or harder wire.`,
        },
      ];

      function isShut(id: string): boolean {
        return context.joins.some(
          ({ join: other }) =>
            (other.kind === 'solder' || other.kind === 'fuse') && context.membersOf(other).includes(id),
        );
      }
    }),
};
