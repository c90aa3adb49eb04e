// Shared loads in the constraint model: for each two steps of one kind whether they go in together. A load holds hands and
// station once, and takes its set-up and loading once.
import type { IndexedProblem } from '../model/indexed-problem.ts';

/** Pairs that may share a load. Steps are numbers in the model, from 1. */
export interface ModelledLoads {
  readonly pairs: readonly (readonly [number, number])[];
  /** Steps of one kind, at least two. */
  readonly kinds: readonly (readonly number[])[];
  /** By step of the model: share of a load in millionths. */
  readonly share: readonly number[];
}

const FULL = 1e6;

/**
 * @param steps     of the model
 * @param isApart   whether two steps can never be at the same time
 */
export function modelledLoads(
  { loadKind, loadShare, fixed }: IndexedProblem,
  steps: readonly number[],
  isApart: (one: number, other: number) => boolean,
): ModelledLoads {
  const byKind = new Map<number, number[]>();
  steps.forEach((step, at) => {
    const kind = loadKind[step] ?? -1;
    if (kind >= 0 && !fixed[step]) byKind.set(kind, [...(byKind.get(kind) ?? []), at + 1]);
  });
  const kinds = [...byKind.values()].filter((kind) => kind.length > 1);
  const share = steps.map((step) => Math.floor((loadShare[step] ?? 1) * FULL));
  const stepOf = (number: number) => steps[number - 1] ?? 0;
  const pairs = kinds.flatMap((kind) =>
    kind.flatMap((one, at) =>
      kind.slice(at + 1).flatMap((other): [number, number][] => {
        const isFull = (share[one - 1] ?? 0) + (share[other - 1] ?? 0) > FULL;
        return isFull || isApart(stepOf(one), stepOf(other)) ? [] : [[one, other]];
      }),
    ),
  );
  return { pairs, kinds, share };
}

/** The loads of a solution: by number of a step, the lowest number in its load. @param t  by pair, 1 where they share one */
export function loadsIn({ pairs }: ModelledLoads, t: readonly number[]): ReadonlyMap<number, number> {
  const names = new Map<number, number>();
  pairs.forEach(([one, other], at) => {
    if (t[at] !== 1) return;
    const name = names.get(one) ?? one;
    names.set(one, name).set(other, name);
  });
  return names;
}

/** Declarations and constraints; `a` and `u` are the minutes of each step with its load, `first` whether it stands for it. */
export function textOfLoads({ pairs, kinds, share }: ModelledLoads): string {
  if (pairs.length === 0) return '';
  const numberOf = new Map(pairs.map(([one, other], at) => [`${String(one)} ${String(other)}`, at + 1]));
  const together = (one: number, other: number) => {
    const number = numberOf.get(`${String(Math.min(one, other))} ${String(Math.max(one, other))}`);
    return number === undefined ? null : `t[${String(number)}]`;
  };
  const lines = kinds.flatMap((kind) =>
    kind.flatMap((one) => {
      const mates = kind.flatMap((other) => {
        const name = other === one ? null : together(one, other);
        return name === null ? [] : [{ other, name }];
      });
      const i = String(one);
      const sum = (what: (other: number) => string) =>
        mates.map(({ other, name }) => ` + ${name} * ${what(other)}`).join('');
      const most = (own: string, what: (other: number) => string) =>
        `max([${[own, ...mates.map(({ other, name }) => `${name} * ${what(other)}`)].join(', ')}])`;
      const before = mates.filter(({ other }) => other < one).map(({ name }) => name);
      return [
        `constraint a[${i}] = att[${i}] - once[${i}]${sum((other) => `(att[${String(other)}] - once[${String(other)}])`)} + ${most(`once[${i}]`, (other) => `once[${String(other)}]`)};`,
        `constraint u[${i}] = ${most(`un[${i}]`, (other) => `un[${String(other)}]`)};`,
        `constraint ${String(share[one - 1])}${sum((other) => String(share[other - 1]))} <= ${String(FULL)};`,
        `constraint first[${i}] = ${before.length === 0 ? '1' : `1 - max([${before.join(', ')}])`};`,
        // The whole load fits the shift.
        `constraint ea[${i}] <= pEnd[q[${i}]];`,
      ];
    }),
  );
  // In one load with one is in one load with all.
  const chains = kinds.flatMap((kind) =>
    kind.flatMap((one) =>
      kind.flatMap((middle) =>
        kind.flatMap((other) => {
          if (one >= other || middle === one || middle === other) return [];
          const [left, right, all] = [together(one, middle), together(middle, other), together(one, other)];
          return left && right ? [`constraint not (${left} /\\ ${right})${all ? ` \\/ ${all}` : ''};`] : [];
        }),
      ),
    ),
  );
  return `array[1..n] of int: once; array[1..P] of int: pEnd;
array[1..${String(pairs.length)}] of int: tA = [${pairs.map(([one]) => one).join(',')}];
array[1..${String(pairs.length)}] of int: tB = [${pairs.map(([, other]) => other).join(',')}];
array[1..${String(pairs.length)}] of var bool: t;
constraint forall(k in index_set(t))(t[k] -> (s[tA[k]] = s[tB[k]] /\\ who[tA[k]] = who[tB[k]]));
constraint forall(i in 1..n where not (i in {${kinds.flat().join(',')}}))(a[i] = att[i] /\\ u[i] = un[i] /\\ first[i] = 1);
${[...lines, ...chains].join('\n')}
`;
}
