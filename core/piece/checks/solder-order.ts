// Check: a later join on the same assembly whose solder flows no lower than that of an earlier join.
import { type Solder, solders } from '../../metal/solders.ts';
import { showTemperature } from '../../metal/temperatures.ts';
import { isHot } from '../join.ts';
import { type Check, type CheckFinding, withRow } from './check-context.ts';

/** The check `solder-order`. */
export const solderOrder: Check = {
  name: 'solder-order',
  why: 'What was soldered before flows again when the assembly is heated as far; parts shift, seams open.',
  check: (context) => {
    const held = new Assemblies();
    const flowing: { name: string; flowC: number; members: readonly string[]; heat: number }[] = [];
    // Joins of one heat flow together: their order does not matter.
    let heat = 0;
    return context.joins.flatMap(({ join, computation: { flow, solder } }): CheckFinding[] => {
      if (isHot(join) && !join.sameHeat) heat += 1;
      const members = context.membersOf(join);
      held.join(members);
      if (join.kind !== 'solder' || !flow) return [];
      const earlier = flowing.filter((other) => other.heat < heat && held.areOne(other.members[0], members[0]));
      flowing.push({ name: join.name, flowC: flow.value, members, heat });
      const [lowest] = earlier.toSorted((a, b) => a.flowC - b.flowC);
      if (!lowest || flow.value < lowest.flowC) return [];
      const as = flow.value > lowest.flowC ? 'hotter than' : 'the same as';
      const name = (text: string) => text.trim() || 'the join';
      const lower = lowerSolder(solder, lowest.flowC);
      const oneGrade = context.piece.school === 'one-grade';
      return [
        {
          severity: oneGrade ? 'note' : 'warn',
          about: join.id,
          sentence: oneGrade
            ? `${capital(name(join.name))}: solder flows at ${showTemperature(flow.value)}, ${as} that of ${name(lowest.name)}. Shield the earlier join and aim the heat.`
            : `${capital(name(join.name))}: solder flows at ${showTemperature(flow.value)}, ${as} that of ${name(lowest.name)} (${showTemperature(lowest.flowC)}). Use a lower solder, or shield the earlier join.`,
          ...(!oneGrade &&
            lower && {
              remedy: {
                says: `Make it ${gradeName(lower)}`,
                apply: withRow('joins', join.id, () => ({ solder: lower.id, flow: '' })),
              },
            }),
        },
      ];
    });
  },
};

/** The highest solder of the same family and form that flows lower. */
function lowerSolder(solder: Solder | null, belowC: number): Solder | null {
  if (!solder) return null;
  const fitting = solders.filter(
    ({ family, form, flowC, cadmiumFree }) =>
      family === solder.family && form === solder.form && cadmiumFree && flowC < belowC,
  );
  return fitting.toSorted((a, b) => b.flowC - a.flowC)[0] ?? null;
}

/** A grade of solder in words. */
export function gradeName({ grade }: Pick<Solder, 'grade'>): string {
  return grade === 'hard-IT' ? 'hard, enamelling' : grade.replace('-', ' ');
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** Which parts hold together by the joins so far. */
class Assemblies {
  readonly #root = new Map<string, string>();

  join([first, ...rest]: readonly string[]): void {
    if (first === undefined) return;
    for (const other of rest) this.#root.set(this.#find(other), this.#find(first));
  }

  areOne(a: string | undefined, b: string | undefined): boolean {
    return a !== undefined && b !== undefined && this.#find(a) === this.#find(b);
  }

  #find(id: string): string {
    const parent = this.#root.get(id);
    return parent === undefined || parent === id ? id : this.#find(parent);
  }
}
