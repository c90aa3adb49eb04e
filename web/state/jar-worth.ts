// What a jar of scrap brings by the studio's terms, and when to send it.
import type { Jar } from '../../contract/account.ts';
import { fineMetals } from '../../core/account/entry.ts';
import { expectedSettlement, type RefinerTerms, type WhenToSend, whenToSend } from '../../core/account/refining.ts';
import type { Figure } from '../../core/figure/figure.ts';
import { finePrice } from '../../core/metal/fine-price.ts';
import type { Basis } from './basis.ts';

/** Cost of money that waits in a jar, a year: about what an overdraft costs (common practice). */
export const YEARLY_RATE = 0.08;

interface JarWorth {
  /** Before the charge of the lot; null for mixed scrap and metal without a price. */
  readonly figure: Figure | null;
  readonly when: WhenToSend | null;
}

/** @param factor  how settlements so far compare with what was expected */
export function jarWorth(jar: Jar, { rates, fix }: Basis, factor: number): JarWorth {
  const isKnown = jar.kind !== 'mixed';
  const share = rates.scrap.share[jar.kind === 'mixed' ? 'filings' : jar.kind].value;
  const terms: RefinerTerms = { paid: share * factor, loss: rates.scrap.assayLoss.value, chargeMinor: 0 };
  const metals = fineMetals.flatMap((metal) => {
    const perGram = fix && finePrice(fix, metal);
    return perGram && jar.fine[metal] > 0 ? [{ mg: jar.fine[metal], perGram }] : [];
  });
  if (!isKnown || metals.length === 0) return { figure: null, when: null };
  const figure = expectedSettlement(metals, terms, rates.currency);
  const charge = rates.scrap.lot.value;
  const when = whenToSend(jar.mg, figure.value / jar.mg, jar.mgPerMonth, { chargeMinor: charge }, YEARLY_RATE);
  return { figure, when };
}
