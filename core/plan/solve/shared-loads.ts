// Shared loads: which steps go into a station together. By step, `loads` names one step of its load: itself where it is
// alone. A load has one start and one end; it needs its set-up and loading once.
import type { IndexedProblem } from '../model/indexed-problem.ts';
import type { Precedence } from '../model/precedence.ts';

const FULL = 1 + 1e-9;

/** Free steps that could share a load with another, by kind. */
export function loadableSteps({ size, loadKind, fixed }: IndexedProblem): readonly (readonly number[])[] {
  const byKind = new Map<number, number[]>();
  for (let step = 0; step < size; step += 1) {
    const kind = loadKind[step] ?? -1;
    if (kind < 0 || fixed[step]) continue;
    byKind.set(kind, [...(byKind.get(kind) ?? []), step]);
  }
  return [...byKind.values()].filter((steps) => steps.length > 1);
}

/** Each step alone; fixed steps of one kind at the same times with the same maker are one load. */
export function loadsAlone({ size, loadKind, fixed }: IndexedProblem): Int32Array {
  const loads = Int32Array.from({ length: size }, (_, step) => step);
  const firsts = new Map<string, number>();
  fixed.forEach((one, step) => {
    if (!one || (loadKind[step] ?? -1) < 0) return;
    const key = [loadKind[step], one.maker, one.start, one.attendedEnd, one.end].join();
    const first = firsts.get(key) ?? step;
    firsts.set(key, first);
    loads[step] = first;
  });
  return loads;
}

/** Whether two steps go into a station alike. */
function isOneKind({ loadKind, fixed }: IndexedProblem, one: number, other: number): boolean {
  return (
    one !== other && (loadKind[one] ?? -1) >= 0 && loadKind[one] === loadKind[other] && !fixed[one] && !fixed[other]
  );
}

/** Whether a step has room in the load of another. */
export function hasRoom(
  indexed: IndexedProblem,
  loads: Int32Array,
  step: number,
  other: number,
  precedence: Precedence,
): boolean {
  if (!isOneKind(indexed, step, other) || loads[step] === loads[other]) return false;
  let share = indexed.loadShare[step] ?? 1;
  for (let member = 0; member < loads.length; member += 1) {
    if (loads[member] !== loads[other]) continue;
    if (precedence.precedes(member, step) || precedence.precedes(step, member)) return false;
    share += indexed.loadShare[member] ?? 1;
  }
  return share <= FULL;
}

/** The step leaves its load and is alone. */
export function unload(loads: Int32Array, step: number): void {
  const name = loads[step];
  if (name === step) {
    let next = -1;
    for (let member = 0; member < loads.length; member += 1) {
      if (member === step || loads[member] !== name) continue;
      if (next < 0) next = member;
      loads[member] = next;
    }
  }
  loads[step] = step;
}

/** The step leaves its load for that of another, in which it has room. */
export function loadWith(loads: Int32Array, step: number, other: number): void {
  unload(loads, step);
  loads[step] = loads[other] ?? step;
}

/** By step, the number of its load among the shared ones; 0 where it is alone. */
export function loadNumbers(loads: Int32Array): Int32Array {
  const counts = new Map<number, number>();
  for (const name of loads) counts.set(name, (counts.get(name) ?? 0) + 1);
  const shared = [...counts].filter(([, count]) => count > 1);
  const numbers = new Map(shared.map(([name], at) => [name, at + 1]));
  return loads.map((name) => numbers.get(name) ?? 0);
}
