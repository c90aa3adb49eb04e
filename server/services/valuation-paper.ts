// What the valuation of the metal says on paper, for the accountant.
import { heldAfter } from '../../core/account/balance.ts';
import { valuation, valuationSums } from '../../core/account/valuation.ts';
import { showValue } from '../../core/figure/show.ts';
import { fullDay } from '../../core/format/days.ts';
import { showNumber } from '../../core/format/numbers.ts';
import type { TablePaper } from '../documents/table-paper.ts';
import type { Stores } from '../store/stores.ts';
import { costsAt } from './account-page.ts';
import { currentBasis } from './basis.ts';

/** The valuation of the metal at the end of a day. @param until  ISO day */
export function valuationPaper(stores: Stores, until: string): TablePaper {
  const { alloys, currency } = currentBasis(stores).rates;
  const prices = stores.fixes.list(currency).find(({ on }) => on <= until) ?? null;
  const values = valuation(heldAfter(stores.account.balancesAt(until), []), costsAt(stores, until), prices);
  const sums = valuationSums(values);
  const money = (minor: number) => showValue(minor, currency);
  const grams = (mg: number) => showNumber(mg / 1000, 2);
  return {
    title: `Valuation of metal, ${fullDay(until)}`,
    facts: [],
    heads: ['Metal', 'g', 'At metal prices', 'Average cost', 'First-in first-out'],
    rows: values.map(({ alloy, mg, atPrices, average, first }) => [
      alloys.get(alloy)?.name ?? alloy,
      grams(mg),
      atPrices ? money(atPrices.value) : '',
      money(average),
      money(first),
    ]),
    sums: [['Total', '', money(sums.atPrices), money(sums.average), money(sums.first)]],
    notes: [
      `All amounts in ${currency}. Metal kept for customers is not in it.`,
      prices ? `Metal prices of ${fullDay(prices.on)}, without fabrication charges.` : 'No metal prices are known.',
      sums.unpricedMg > 0
        ? `${grams(sums.unpricedMg)} g came without a price: they are not in average cost and first-in first-out.`
        : '',
    ],
    isSigned: false,
  };
}
