// Check: a solder of another metal than what it joins.
import type { AlloyFamily } from '../../metal/alloys.ts';
import type { Check, CheckFinding } from './check-context.ts';

/** Metals that a family of solders suits (common practice); families that are not here suit any base metal. */
const suits: Readonly<Partial<Record<AlloyFamily, RegExp>>> = {
  'yellow-gold': /^gold/,
  'rose-gold': /^gold/,
  'white-gold': /^gold|^platinum|^palladium/,
  platinum: /^platinum|^palladium/,
  palladium: /^platinum|^palladium|^gold/,
  silver: /^silver/,
};

/** The check `solder-family`. */
export const solderFamily: Check = {
  name: 'solder-family',
  why: 'Solder of another metal shows as a line, lowers the fineness, and eats into the metal when it is heated again.',
  check: (context) =>
    context.joins.flatMap(({ join, computation: { solder } }): CheckFinding[] => {
      if (join.kind !== 'solder' || !solder) return [];
      const { family } = solder;
      const metals = context.membersOf(join).flatMap((id) => {
        const alloy = context.alloyOf(id);
        return alloy ? [{ id, alloy }] : [];
      });
      // Mixed metals take the solder of one of them.
      if (metals.some(({ alloy }) => suits[alloy.family]?.test(family))) return [];
      const bad = metals.find(({ alloy }) => suits[alloy.family]);
      if (!bad) return [];
      return [
        {
          severity: 'warn',
          about: join.id,
          sentence: `${context.nameOf(bad.id)} (${bad.alloy.name}): joined with ${solder.name.toLowerCase()}. Use a solder of its own metal.`,
        },
      ];
    }),
};
