// Check: a straight blank that is closed on itself: what inside diameter it makes.
import { inSum } from '../../figure/figure.ts';
import { bendMm } from '../../stock/section.ts';
import type { Check, CheckFinding } from './check-context.ts';

/** The check `closed-size`. */
export const closedSize: Check = {
  name: 'closed-size',
  isSizeDependent: true,
  why: 'A bent blank loses its thickness inside: a length that forgets it comes out small.',
  check: (context) =>
    context.joins.flatMap(({ join }): CheckFinding[] => {
      const [only, ...more] = join.parts;
      if (more.length > 0 || (join.kind !== 'solder' && join.kind !== 'fuse')) return [];
      const found = context.part(only ?? '');
      const { cut, section } = found?.computation ?? {};
      if (found?.part.blank.rule !== 'straight' || cut?.kind !== 'length' || !section || section.form === 'grain')
        return [];
      // Strip on edge, as the wall of a box, is folded, not bent round.
      if (context.piece.work.some((row) => row.on === found.part.id && row.kind === 'form')) return [];
      const insideMm = cut.length.value / Math.PI - bendMm(section);
      if (insideMm <= 0) return [];
      return [
        {
          severity: 'note',
          about: found.part.id,
          sentence: `${found.part.name.trim() || 'The blank'}: bent round and closed, ${inSum(Number(insideMm.toFixed(1)))} mm inside (length ÷ π less the thickness).`,
        },
      ];
    }),
};
