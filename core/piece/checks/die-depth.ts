// Check: a die that is deeper than the stock is thick.
import { inSum } from '../../figure/figure.ts';
import { readLength } from '../../measure/read/read-length.ts';
import { type Check, type CheckFinding, withRow } from './check-context.ts';

/** The check `die-depth`. */
export const dieDepth: Check = {
  name: 'die-depth',
  isSizeDependent: true,
  why: 'A solid pressed in a die fills it only when there is metal enough: thinner stock tears or leaves it hollow.',
  check: (context) =>
    context.parts.flatMap(({ part, computation: { section } }): CheckFinding[] => {
      const { blank } = part;
      if (blank.rule !== 'pressed' || section?.form !== 'sheet') return [];
      const depth = readLength(blank.depth, { what: 'depth of the die' });
      if (!depth.ok || depth.value <= section.thicknessMm) return [];
      return [
        {
          severity: 'stop',
          about: part.id,
          sentence: `${part.name.trim() || 'The stock'}: ${inSum(section.thicknessMm)} mm thick, in a die ${inSum(depth.value)} mm deep. Use stock at least as thick.`,
          remedy: {
            says: `Use ${inSum(depth.value)} mm`,
            apply: withRow('parts', part.id, () => ({
              section: { form: 'sheet' as const, thickness: `${inSum(depth.value)} mm` },
            })),
          },
        },
      ];
    }),
};
