// What was paid for metal, for studios that value metal at average or last cost. It is entered once, where stock is
// received.
import { Link } from 'react-router';
import { shortDay } from '../../../core/format/days.ts';
import { receiptPerGram } from '../../../core/metal/receipt.ts';
import { Num } from '../../components/num.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { words } from '../../words/studio.ts';

const MOST_SHOWN = 6;
const formNames = { wire: 'wire, strip', shaped: 'shaped wire', sheet: 'sheet', tube: 'tube' } as const;

export function ReceiptsBox() {
  const { rates, receipts } = useBasis();
  const { alloys } = rates;
  return (
    <section aria-labelledby="receipts" className="mt-6">
      <h2 id="receipts">{words.metalPurchases}</h2>
      <p className="aside">
        {words.enteredWithStock}{' '}
        <Link className="link chrome" to="/shelf#add-lot">
          {words.receiveStock}
        </Link>
      </p>
      {receipts.length > 0 && (
        <table className="rows" aria-label={words.metalPurchases}>
          <tbody>
            {receipts.slice(0, MOST_SHOWN).map((receipt) => {
              const { id, on, alloy, form, grams, source } = receipt;
              const perGram = receiptPerGram(receipt);
              return (
                <tr key={id} className="border-b border-hair" title={source}>
                  <td className="first num whitespace-nowrap">{shortDay(on)}</td>
                  <td>
                    {alloys.get(alloy)?.name ?? alloy}, {formNames[form]}
                  </td>
                  <td className="end num">{grams}</td>
                  <td className="end">{perGram && <Num figure={perGram} />}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </section>
  );
}
