// What the metal is worth, by alloy: at metal prices, at average cost, and first-in first-out.
import type { AlloyValue } from '../../../core/account/valuation.ts';
import { showValue } from '../../../core/figure/show.ts';
import { dayInFigures, shortDay } from '../../../core/format/days.ts';
import type { Fix } from '../../../core/metal/fix.ts';
import { gramsOfMg } from '../../components/metal-entries.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { saveTable } from '../../hooks/save-table.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { words } from '../../words/account.ts';

interface ValueTableProps {
  readonly values: readonly AlloyValue[];
  readonly prices: Fix | null;
  readonly until: string;
}

export function ValueTable({ values, prices, until }: ValueTableProps) {
  const { currency, alloys } = useBasis().rates;
  if (values.length === 0) return <p className="aside mt-1">{words.none}</p>;
  const money = (minor: number) => showValue(minor, currency);
  const sum = (of: (value: AlloyValue) => number) => values.reduce((all, value) => all + of(value), 0);
  const atPrices = sum(({ atPrices: figure }) => figure?.value ?? 0);
  const unpriced = sum(({ unpricedMg }) => unpricedMg);
  const name = (alloy: string) => alloys.get(alloy)?.name ?? alloy;
  const save = () => {
    const grams = (mg: number) => (mg / 1000).toFixed(3);
    const minor = (value: number | null) => (value === null ? '' : String(Math.round(value)));
    const heads = ['alloy', 'g', 'fine silver g', 'fine gold g', 'fine platinum g', 'fine palladium g', `at metal prices, minor units ${currency}`, 'average cost', 'first-in first-out', 'last cost', 'without a price g']; // prettier-ignore
    const rows = values.map(({ alloy, mg, fine, atPrices: figure, average, first, last, unpricedMg }) => [
      name(alloy), grams(mg), grams(fine.Ag), grams(fine.Au), grams(fine.Pt), grams(fine.Pd),
      minor(figure?.value ?? null), minor(average), minor(first), minor(last), grams(unpricedMg),
    ]); // prettier-ignore
    void saveTable([heads, ...rows], `metal valuation ${dayInFigures(until)}.csv`);
  };
  return (
    <>
      <table className="rows" aria-label={words.worth}>
        <TableHeader of={[words.alloy, { end: words.atPrices }, { end: words.average }, { end: words.firstInShort }]} />
        <tbody>
          {values.map(({ alloy, mg, atPrices: figure, average, first }) => (
            <tr key={alloy} className="border-b border-hair">
              <td className="first">
                {name(alloy)}
                <span className="aside block num">{gramsOfMg(mg)} g</span>
              </td>
              <td className="end num">{figure ? money(figure.value) : ''}</td>
              <td className="end num">{money(average)}</td>
              <td className="end num">{money(first)}</td>
            </tr>
          ))}
          <tr className="font-semibold">
            <td className="first">{words.total}</td>
            <td className="end num">{money(atPrices)}</td>
            <td className="end num">{money(sum(({ average }) => average))}</td>
            <td className="end num">{money(sum(({ first }) => first))}</td>
          </tr>
        </tbody>
      </table>
      <p className="aside mt-1">
        {words.aTenth}: <span className="num">± {money(atPrices / 10)}</span>
        {unpriced > 0 && (
          <span className="block num">
            {gramsOfMg(unpriced)} g {words.withoutPrice}
          </span>
        )}
        {prices && <span className="block">{`${words.pricesOf} ${shortDay(prices.on)}`}</span>}
      </p>
      <p className="chrome mt-1 flex gap-4 text-[14px]">
        <button type="button" className="link" onClick={save}>
          {words.valuation}, CSV
        </button>
      </p>
    </>
  );
}
