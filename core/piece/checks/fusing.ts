// Check: fusing metal that does not fuse well.
import { type Check, type CheckFinding, withRow } from './check-context.ts';

/** The check `fusing`. */
export const fusing: Check = {
  name: 'fusing',
  why: 'Fine silver, germanium silver and high-karat gold flow together; other alloys melt before they do, and grow brittle.',
  check: (context) =>
    context.joins.flatMap(({ join }): CheckFinding[] => {
      if (join.kind !== 'fuse') return [];
      const bad = context.membersOf(join).find((id) => context.alloyOf(id)?.fusible === false);
      if (!bad) return [];
      return [
        {
          severity: 'warn',
          about: join.id,
          sentence: `${context.nameOf(bad)}: ${context.alloyOf(bad)?.name ?? ''} does not fuse well. Solder it, or make it of a metal that fuses.`,
          remedy: {
            says: 'Solder it',
            apply: withRow('joins', join.id, () => ({ kind: 'solder' as const, solder: 'silver-hard' })),
          },
        },
      ];
    }),
};
