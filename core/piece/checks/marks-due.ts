// Check: a hallmark or a quality mark may be required.
import { inSum } from '../../figure/figure.ts';
import { hallmarkCaution, ukExemptBelowG } from '../../metal/hallmarks.ts';
import { isMarkDue, preciousWeights } from '../../metal/marks.ts';
import type { Check, CheckFinding } from './check-context.ts';

/** The check `marks-due`. */
export const marksDue: Check = {
  name: 'marks-due',
  isSizeDependent: true,
  why: hallmarkCaution,
  check: (context) => {
    const marked = [...context.piece.steps, ...context.piece.findings].some(({ name }) =>
      /hallmark|assay|quality mark/i.test(name),
    );
    if (marked) return [];
    return preciousWeights(context.parts.map(({ computation }) => computation)).flatMap((weight): CheckFinding[] => {
      if (!isMarkDue(weight, context.country)) return [];
      const { metal, grams } = weight;
      const limit = ukExemptBelowG[metal];
      const holds = `It holds ${inSum(Number(grams.toFixed(2)))} g of ${metal}`;
      return [
        {
          severity: 'note',
          about: '',
          sentence:
            context.country === 'GB'
              ? `${holds}, and from ${inSum(limit)} g a hallmark is usually due in Britain. Ask your assay office.`
              : `${holds}. A fineness mark or a hallmark may be due where you make or sell it; ask locally.`,
        },
      ];
    });
  },
};
