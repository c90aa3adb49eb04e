// What a jar of scrap brings by the studio's terms, and when to send it.
import type { Jar } from '../../contract/account.ts';
import { jarSettlement, type WhenToSend, whenToSend } from '../../core/account/refining.ts';
import type { Figure } from '../../core/figure/figure.ts';
import type { Basis } from './basis.ts';

/** Cost of money that waits in a jar, a year: about what an overdraft costs (common practice). */
export const YEARLY_RATE = 0.08;

interface JarWorth {
  /** Before the charge of the lot; null for mixed scrap and metal without a price. */
  readonly figure: Figure | null;
  readonly when: WhenToSend | null;
}

/** @param factor  what settlements taught */
export function jarWorth(jar: Jar, { rates, fix }: Basis, factor: number): JarWorth {
  const figure = fix && jarSettlement(jar, rates.scrap, fix, factor);
  if (!figure) return { figure: null, when: null };
  const { lot } = rates.scrap;
  const when = whenToSend(jar.mg, figure.value / jar.mg, jar.mgPerMonth, { chargeMinor: lot.value }, YEARLY_RATE);
  return { figure, when };
}
