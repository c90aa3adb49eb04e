// Fusing what does not fuse well.
import { withRow, type CheckFinding, type Check } from './check-context.ts';

export const fusing: Check = {
  name: 'fusing',
  why: 'Fine silver, germanium silver and high-karat gold flow together; other alloys melt before they do, and grow brittle.',
  check: (job) =>
    job.joins.flatMap(({ join }): CheckFinding[] => {
      if (join.kind !== 'fuse') return [];
      const bad = job.membersOf(join).find((id) => job.alloyOf(id)?.fusible === false);
      if (!bad) return [];
      return [
        {
          severity: 'warn',
          about: join.id,
          sentence: `${job.nameOf(bad)} is ${job.alloyOf(bad)?.name ?? ''}, which does not fuse well. Solder it, or make it of a metal that fuses.`,
          remedy: {
            says: 'Solder it',
            apply: withRow('joins', join.id, () => ({ kind: 'solder' as const, solder: 'silver-hard' })),
          },
        },
      ];
    }),
};
