// The tint of each cost line in charts. The name always stands beside it.
import type { CostKey } from '../../core/cost/column.ts';

export const costFills = {
  metal: 'var(--silver)',
  solder: 'var(--platinum)',
  scrap: 'var(--silver)',
  findings: 'var(--brass)',
  stones: 'var(--rose)',
  outwork: 'var(--steel)',
  consumables: 'var(--copper)',
  labour: 'var(--hands)',
  overhead: 'var(--overhead)',
  rejects: 'var(--stop)',
  packaging: 'var(--rule)',
  marks: 'var(--yellow)',
} as const satisfies Record<CostKey, string>;
