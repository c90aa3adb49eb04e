// Earlier metal prices, latest first; a later entry corrects a wrong one.
import { dayInWords } from '../../../core/format/days.ts';
import { finePrice, fixMetalNames, fixMetals } from '../../../core/metal/fine-price.ts';
import { type Fix } from '../../../core/metal/fix.ts';
import { Num } from '../../components/num.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { words } from '../../words/studio.ts';

const MOST_SHOWN = 8;

export function FixHistory({ fixes }: { fixes: readonly Fix[] }) {
  if (fixes.length < 2) return null;
  const shown = fixes.slice(0, MOST_SHOWN);
  const metals = fixMetals.filter((metal) => shown.some((fix) => fix.prices[metal]));
  return (
    <section className="mt-6" aria-labelledby="fixes">
      <h2 id="fixes">{words.previousPricesPerGram}</h2>
      <table className="rows">
        <TableHeader of={['day', ...metals.map((metal) => ({ end: fixMetalNames[metal] }))]} />
        <tbody>
          {shown.map((fix) => (
            <tr key={fix.id} className="border-b border-hair">
              <td className="first">
                <span className="num">{dayInWords(fix.on)}</span>
                <span className="aside block">
                  {fix.source}, entered {fix.at.slice(11, 16)} UTC
                </span>
              </td>
              {metals.map((metal) => {
                const price = finePrice(fix, metal);
                return (
                  <td key={metal} className="end">
                    {price && <Num figure={price} />}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
