// The price of a gram of each alloy at the metal prices, as bought.
import type { Alloy } from '../../../core/metal/alloys.ts';
import type { Fix } from '../../../core/metal/fix.ts';
import { alloyPrice } from '../../../core/metal/price-per-gram.ts';
import type { Rates } from '../../../core/studio/rates.ts';
import { type CountRow, CountTable } from '../../components/count-table.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { words } from '../../words/studio.ts';

export function GramPrices({ rates }: { rates: Rates }) {
  const { fix } = useBasis();
  const { data: pieces = [] } = useGetPiecesQuery();
  if (!fix || fix.currency !== rates.currency) return null;
  const ids = [...new Set(pieces.flatMap(({ body }) => body.parts.map(({ alloy }) => alloy)))];
  const alloys = ids.flatMap((id) => rates.alloys.get(id) ?? []);
  if (alloys.length === 0) return null;
  return (
    <section className="mt-6" aria-labelledby="gram">
      <h2 id="gram">{words.metalCostPerGramWithFabrication}</h2>
      <CountTable
        label={words.metalCostPerGramWith}
        heads={['wire, strip', 'sheet']}
        rows={alloys.map((alloy) => gramRow(alloy, fix, rates))}
      />
    </section>
  );
}

function gramRow(alloy: Alloy, fix: Fix, rates: Rates): CountRow {
  const price = (form: 'wire' | 'sheet') => {
    const found = alloyPrice(alloy, fix, rates.makingCharge(alloy.family, form, Infinity), rates.paid(alloy.id, form));
    // No price for that form: nothing is better than zero.
    return 'sentence' in found || found.bought.value === 0 ? null : found.bought;
  };
  return { key: alloy.id, label: alloy.name, takes: price('wire'), each: price('sheet') };
}
