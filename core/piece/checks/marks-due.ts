// A hallmark or a quality mark that may be due.
import { inSum } from '../../figure/figure.ts';
import type { AlloyFamily } from '../../metal/alloys.ts';
import { hallmarkCaution, preciousMetals, ukExemptBelowG, type PreciousMetal } from '../../metal/hallmarks.ts';
import type { Found, Rule } from './rule.ts';

const metalOf: Readonly<Partial<Record<AlloyFamily, PreciousMetal>>> = {
  silver: 'silver',
  'yellow-gold': 'gold',
  'white-gold': 'gold',
  'rose-gold': 'gold',
  platinum: 'platinum',
  palladium: 'palladium',
};

export const marksDue: Rule = {
  name: 'marks-due',
  why: hallmarkCaution,
  check: (job) => {
    const marked = [...job.piece.steps, ...job.piece.findings].some(({ name }) =>
      /hallmark|assay|quality mark/i.test(name),
    );
    return preciousMetals.flatMap((metal): Found[] => {
      const weight = job.parts.reduce((sum, { reckoning: { alloy, net } }) => {
        return sum + (alloy?.fineness != null && metalOf[alloy.family] === metal ? (net?.value ?? 0) : 0);
      }, 0);
      const limit = job.country === 'GB' ? ukExemptBelowG[metal] : 0;
      if (weight === 0 || weight < limit || marked) return [];
      const holds = `It holds ${inSum(Number(weight.toFixed(2)))} g of ${metal}`;
      return [
        {
          severity: 'note',
          about: '',
          sentence:
            job.country === 'GB'
              ? `${holds}, and from ${inSum(limit)} g a hallmark is usually due in Britain. Ask your assay office.`
              : `${holds}. A fineness mark or a hallmark may be due where you make or sell it; ask locally.`,
        },
      ];
    });
  },
};
