// What a sale leaves: of what the customer pays go tax, the shop's commission, and fees.
import { roundHalfAwayFromZero } from '../figure/round-money.ts';
import type { PriceRule, SellingChannel } from '../studio/selling.ts';

/** Whole minor units of one sale. */
export interface SaleMoney {
  readonly paidMinor: number;
  readonly taxMinor: number;
  readonly commissionMinor: number;
  readonly feeMinor: number;
}

interface SaleTerms {
  /** Null for cash without fees. */
  readonly channel: SellingChannel | null;
  readonly rule: PriceRule;
  /** Commission of the shop, 0 to 1; null for that of the channel. */
  readonly commission: number | null;
}

/**
 * Of a price with tax included the tax comes off first, then the commission of the rest. Fees are of what the customer
 * pays, tax on top included, as in `keepsOf`. Wholesale prices are without tax and commission.
 * @param paidMinor  paid for all pieces of the sale, without tax on top
 */
export function saleMoney(paidMinor: number, { channel, rule, commission }: SaleTerms): SaleMoney {
  const isWholesale = channel?.kind === 'wholesale';
  const rate = isWholesale || rule.tax.how === 'none' ? 0 : rule.tax.rate.value;
  const net = rule.tax.how === 'included' ? paidMinor / (1 + rate) : paidMinor;
  const taxMinor = roundHalfAwayFromZero(paidMinor - net);
  const share = isWholesale ? 0 : (commission ?? channel?.shopKeeps.value ?? 0);
  const charged = rule.tax.how === 'on-top' ? paidMinor * (1 + rate) : paidMinor;
  const sign = Math.sign(paidMinor);
  return {
    paidMinor,
    taxMinor,
    commissionMinor: roundHalfAwayFromZero((paidMinor - taxMinor) * share),
    feeMinor: channel ? roundHalfAwayFromZero(charged * channel.feeShare.value + sign * channel.feeEach.value) : 0,
  };
}

/** What the studio receives, minor units. */
export function keptMinor({ paidMinor, taxMinor, commissionMinor, feeMinor }: SaleMoney): number {
  return paidMinor - taxMinor - commissionMinor - feeMinor;
}

/** Shares the money of a sale out over its lines, so that each amount adds up. @param weights  price of each line */
export function shareSale(money: SaleMoney, weights: readonly number[]): SaleMoney[] {
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  const part = (minor: number) => {
    let before = 0;
    let given = 0;
    return weights.map((weight) => {
      before += all === 0 ? 1 / weights.length : weight / all;
      const until = roundHalfAwayFromZero(minor * before);
      const own = until - given;
      given = until;
      return own || 0;
    });
  };
  const [paid, tax, commission, fee] = [money.paidMinor, money.taxMinor, money.commissionMinor, money.feeMinor].map(
    part,
  );
  return weights.map((_, at) => ({
    paidMinor: paid?.[at] ?? 0,
    taxMinor: tax?.[at] ?? 0,
    commissionMinor: commission?.[at] ?? 0,
    feeMinor: fee?.[at] ?? 0,
  }));
}
