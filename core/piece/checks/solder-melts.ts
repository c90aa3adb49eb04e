// Check: a solder that flows near the melting range of the metal it joins.
import { showTemperature } from '../../metal/temperatures.ts';
import type { Check, CheckFinding } from './check-context.ts';

/** Least distance of a flow point from the solidus that a torch can keep, °C (common practice). */
const CLOSE_C = 10;

/** The check `solder-melts`. */
export const solderMelts: Check = {
  name: 'solder-melts',
  why: 'Between where an alloy begins to melt and where it is all melted it slumps; above that it runs away.',
  check: (context) =>
    context.joins.flatMap(({ join, computation: { flow } }): CheckFinding[] => {
      if (join.kind !== 'solder' || !flow) return [];
      const judged = context.membersOf(join).flatMap((id) => {
        const alloy = context.alloyOf(id);
        if (alloy?.solidusC == null || alloy.liquidusC === null) return [];
        const [solidus, liquidus] = [alloy.solidusC, alloy.liquidusC];
        const rank = flow.value > liquidus ? 3 : flow.value > solidus ? 2 : flow.value > solidus - CLOSE_C ? 1 : 0;
        return [{ alloy, solidus, liquidus, rank, name: context.nameOf(id) }];
      });
      const [worst] = judged.toSorted((a, b) => b.rank - a.rank);
      if (!worst || worst.rank === 0) return [];
      const { alloy, solidus, liquidus, rank, name } = worst;
      const flows = `The solder flows at ${showTemperature(flow.value)}`;
      const about = join.id;
      if (rank === 3)
        return [
          {
            severity: 'stop',
            about,
            sentence: `${flows}; ${name} (${alloy.name}): melted at ${showTemperature(liquidus)}. Use a lower solder.`,
          },
        ];
      if (rank === 2)
        return [
          {
            severity: 'warn',
            about,
            sentence: `${flows}; ${name} (${alloy.name}): begins to melt at ${showTemperature(solidus)} and slumps. Use a lower solder.`,
          },
        ];
      return [
        {
          severity: 'note',
          about,
          sentence: `${flows}, close below the melting of ${name} (${alloy.name}) at ${showTemperature(solidus)}. Watch the heat.`,
        },
      ];
    }),
};
