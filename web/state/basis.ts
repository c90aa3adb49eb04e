// The basis of all computation: the studio's rates and the metal prices.
import { weakMapMemoize } from '@reduxjs/toolkit';
import type { Issue } from '../../core/measure/issue.ts';
import type { Fix } from '../../core/metal/fix.ts';
import type { Receipt } from '../../core/metal/receipt.ts';
import { type Rates, readRates } from '../../core/studio/rates.ts';
import type { Studio } from '../../core/studio/studio.ts';

/** The rates of a studio version, computed once. */
export const rememberedRates = weakMapMemoize(readRates);

/** The basis of all computation: the studio's accepted settings and the current metal prices. */
export interface Basis {
  readonly studio: Studio;
  /** Of the studio. */
  readonly revision: number;
  readonly rates: Rates;
  readonly fix: Fix | null;
  /** Metal received, latest first. */
  readonly receipts: readonly Receipt[];
}

/** The issues below a path, with the path cut off: of `parts.2`, `{ 'section.diameter': '...' }`. */
export function issuesAt(problems: readonly Issue[], path: string): Readonly<Record<string, string>> {
  const below = problems.filter((problem) => problem.path.startsWith(`${path}.`));
  return Object.fromEntries(below.map((problem) => [problem.path.slice(path.length + 1), problem.sentence]));
}
