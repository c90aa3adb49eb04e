// What the metal is worth, by alloy: at metal prices, at average cost, and first-in first-out.
import { sheetRoutes } from '../../../contract/sheets.ts';
import { type AlloyValue, valuationSums, valuationTable } from '../../../core/account/valuation.ts';
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
  const { atPrices, average, first, unpricedMg } = valuationSums(values);
  const name = (alloy: string) => alloys.get(alloy)?.name ?? alloy;
  const save = () =>
    void saveTable(valuationTable(values, currency, name), `metal valuation ${dayInFigures(until)}.csv`);
  return (
    <>
      <table className="rows" aria-label={words.worth}>
        <TableHeader of={[words.alloy, { end: words.atPrices }, { end: words.average }, { end: words.firstInShort }]} />
        <tbody>
          {values.map(({ alloy, mg, atPrices: figure, ...costs }) => (
            <tr key={alloy} className="border-b border-hair">
              <td className="first">
                {name(alloy)}
                <span className="aside block num">{gramsOfMg(mg)} g</span>
              </td>
              <td className="end num">{figure ? money(figure.value) : ''}</td>
              <td className="end num">{money(costs.average)}</td>
              <td className="end num">{money(costs.first)}</td>
            </tr>
          ))}
          <tr className="font-semibold">
            <td className="first">{words.total}</td>
            <td className="end num">{money(atPrices)}</td>
            <td className="end num">{money(average)}</td>
            <td className="end num">{money(first)}</td>
          </tr>
        </tbody>
      </table>
      <p className="aside mt-1">
        {words.aTenth}: <span className="num">± {money(atPrices / 10)}</span>
        {unpricedMg > 0 && (
          <span className="block num">
            {gramsOfMg(unpricedMg)} g {words.withoutPrice}
          </span>
        )}
        {prices && <span className="block">{`${words.pricesOf} ${shortDay(prices.on)}`}</span>}
      </p>
      <p className="chrome mt-1 flex gap-4 text-[14px]">
        <button type="button" className="link" onClick={save}>
          {words.valuation}, CSV
        </button>
        <a className="link" href={`${sheetRoutes.valuationPdf.path}?until=${until}`} target="_blank" rel="noreferrer">
          {words.valuation}, PDF
        </a>
      </p>
    </>
  );
}
