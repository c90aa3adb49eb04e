// Entries of finished pieces, latest first. A wrong one is reversed by its counter-entry, with one press.
import { useState } from 'react';
import { pathTo } from '../../../contract/route.ts';
import { sheetRoutes } from '../../../contract/sheets.ts';
import { shortDay } from '../../../core/format/days.ts';
import { byDay, type MadeEntry } from '../../../core/made/made-entry.ts';
import { itemName } from '../../../core/made/made-item.ts';
import { holdsPieces, outletAt } from '../../../core/made/made-place.ts';
import { Failure, isTaken } from '../../components/failure.tsx';
import type { Made } from '../../hooks/use-made.ts';
import { useGetBatchesQuery } from '../../state/endpoints/batches.ts';
import { useReverseMadeMutation } from '../../state/endpoints/made.ts';
import { showToast } from '../../state/toasts.ts';
import { madeKindWords, words } from '../../words/made.ts';

interface MadeEntriesProps {
  readonly made: Made;
  /** Entries that are shown at first. */
  readonly most: number;
  /** Chooses the pieces of a batch that is an order, for its customer. */
  readonly onChoose?: (entry: MadeEntry, customer: string) => void;
}

export function MadeEntries({ made, most, onChoose }: MadeEntriesProps) {
  const { data: batches = [] } = useGetBatchesQuery();
  const customerOf = ({ kind, batchId, correctedBy }: MadeEntry) =>
    kind === 'made' && correctedBy === null
      ? (batches.find(({ batch }) => batch.id === batchId)?.batch.body.customer.trim() ?? '')
      : '';
  const [all, setAll] = useState(false);
  const [reverse, { error }] = useReverseMadeMutation();
  const latest = made.entries.toSorted(byDay).reverse();
  const shown = all ? latest.slice(0, 300) : latest.slice(0, most);
  if (latest.length === 0) return null;
  const onReverse = async (id: number) => {
    if (isTaken(await reverse({ id, why: '' }))) showToast(words.reversedNow);
  };
  return (
    <section className="mt-6" aria-labelledby="made-entries">
      <h2 id="made-entries">{words.entries}</h2>
      <table className="rows" aria-labelledby="made-entries">
        <tbody>
          {shown.map((entry) => (
            <tr key={entry.id} className={`border-b border-hair ${entry.correctedBy === null ? '' : 'text-soft'}`}>
              <td className="first num whitespace-nowrap text-[14px]">{shortDay(entry.on)}</td>
              <td className="text-[14px]">
                {madeKindWords[entry.kind]} <EntryInWords entry={entry} made={made} />
                {entry.correctedBy !== null && <span className="aside">, {words.reversedLater}</span>}
                {entry.why && <span className="aside block">{entry.why}</span>}
                {entry.kind === 'moved' && isDelivery(entry) && (
                  <a
                    className="link aside block"
                    href={pathTo(sheetRoutes.deliveryNotePdf, { id: entry.id })}
                    target="_blank"
                    rel="noreferrer"
                  >
                    {words.consignmentList}, PDF
                  </a>
                )}
                {onChoose && customerOf(entry) && (
                  <button
                    type="button"
                    className="link aside chrome block"
                    onClick={() => onChoose(entry, customerOf(entry))}
                  >
                    {words.sellThese}: {customerOf(entry)}
                  </button>
                )}
                {entry.kind === 'sold' && entry.buyer && (
                  <a
                    className="link aside block"
                    href={pathTo(sheetRoutes.deliveryNotePdf, { id: entry.id })}
                    target="_blank"
                    rel="noreferrer"
                  >
                    {words.papers}, PDF
                  </a>
                )}
              </td>
              <td className="end">
                {entry.correctedBy === null && entry.kind !== 'reversed' && (
                  <button
                    type="button"
                    className="link chrome text-[14px]"
                    aria-label={`${words.reverse}: ${madeKindWords[entry.kind]}, ${shortDay(entry.on)}`}
                    onClick={() => void onReverse(entry.id)}
                  >
                    {words.reverse}
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {latest.length > shown.length && (
        <button type="button" className="link chrome mt-1 text-[14px]" onClick={() => setAll(true)}>
          {words.showAll}
        </button>
      )}
      <Failure of={[error]} />
    </section>
  );
}

/** Whether pieces went to an outlet. */
function isDelivery({ lines }: MadeEntry): boolean {
  return lines.some(({ place, count }) => count > 0 && outletAt(place) !== null);
}

/** Designs that are named; more are a number. */
const MOST_NAMED = 3;

function EntryInWords({ entry: { lines }, made: { itemOf, placeName } }: { entry: MadeEntry; made: Made }) {
  const came = lines.filter(({ count }) => count > 0);
  const named = came.slice(0, MOST_NAMED).map(({ item, count }) => {
    return `${String(count)} × ${itemName(itemOf.get(item) ?? { name: item, sizeName: '' })}`;
  });
  const [to] = came;
  return (
    <>
      {named.join(', ')}
      {came.length > MOST_NAMED && `, +${String(came.length - MOST_NAMED)}`}
      {to && holdsPieces(to.place) && <span className="text-soft"> → {placeName(to.place)}</span>}
    </>
  );
}
