// What deserves attention, in one quiet place: each with the way to deal with it.
import { useMemo } from 'react';
import { Link } from 'react-router';
import type { PieceDocument } from '../../../contract/pieces.ts';
import { isDone } from '../../../core/batch/batch.ts';
import { nameOfLines } from '../../../core/batch/batch-run.ts';
import { showValue } from '../../../core/figure/show.ts';
import { gramsOfMg } from '../../components/metal-entries.tsx';
import { Spread } from '../../components/spread.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useBook } from '../../hooks/use-book.ts';
import { useNow } from '../../hooks/use-now.ts';
import { usePlan } from '../../hooks/use-plan.ts';
import { useGetJarsQuery } from '../../state/endpoints/account.ts';
import { useGetBackupsQuery } from '../../state/endpoints/backups.ts';
import { useGetBatchesQuery } from '../../state/endpoints/batches.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { useGetQuotesQuery } from '../../state/endpoints/quotes.ts';
import { useGetGoodsQuery } from '../../state/endpoints/stock.ts';
import { jarWorth } from '../../state/jar-worth.ts';
import { madeLinesOf } from '../../state/made-lines.ts';
import { jarWords } from '../../words/account.ts';
import { words } from '../../words/attention.ts';
import { backupTrouble } from '../../words/backups.ts';
import { doneIn } from '../../words/done-in.ts';
import {
  type AttentionItem,
  backupItems,
  expiringItems,
  jarItems,
  lateItems,
  lowItems,
  metalPriceItems,
  outdatedItems,
} from './attention-items.ts';

interface Group {
  readonly heading: string;
  /** The action of each line. */
  readonly action: string;
  readonly items: readonly AttentionItem[];
}

export function AttentionScreen() {
  const groups = useGroups();
  const count = groups.reduce((sum, { items }) => sum + items.length, 0);
  return (
    <Spread
      title={words.attention}
      left={
        <>
          <h1>{words.attention}</h1>
          {count === 0 && <p className="mt-4">{words.allIsWell}</p>}
          {groups.map(
            ({ heading, action, items }) =>
              items.length > 0 && (
                <section key={heading} aria-label={heading} className="mt-5">
                  <h2>
                    {heading} ({items.length})
                  </h2>
                  <ul>
                    {items.map(({ key, text, more, to }) => (
                      <li key={key} className="flex flex-wrap items-baseline gap-x-4 border-b border-hair py-[6px]">
                        <span className="min-w-0 flex-1">
                          {text} <span className="aside">{more}</span>
                        </span>
                        <Link className="link" to={to} aria-label={`${action}: ${text}`}>
                          {action}
                        </Link>
                      </li>
                    ))}
                  </ul>
                </section>
              ),
          )}
        </>
      }
      right={
        <>
          <h2>{words.whatIsChecked}</h2>
          <p className="mt-1 text-[15px] text-soft">{words.checkedLong}</p>
        </>
      }
      bottomLine={
        <span className="font-semibold">{count === 0 ? words.allIsWell : `${words.attention}: ${String(count)}`}</span>
      }
    />
  );
}

function useGroups(): readonly Group[] {
  const { day } = useNow();
  const basis = useBasis();
  const { data: batches } = useGetBatchesQuery();
  const { data: pieces = NO_PIECES } = useGetPiecesQuery();
  const { data: quotes = [] } = useGetQuotesQuery();
  const { data: goods = [] } = useGetGoodsQuery();
  const { data: backups } = useGetBackupsQuery();
  const { data: jars } = useGetJarsQuery();
  const ready = (jars?.jars ?? []).flatMap((jar) => {
    const { figure, when } = jarWorth(jar, basis, jars?.learned.factor ?? 1);
    const name = `${basis.rates.alloys.get(jar.alloy)?.name ?? jar.alloy}, ${jarWords[jar.kind]}`;
    const worth = figure ? `${gramsOfMg(jar.mg)} g, ${showValue(figure.value, figure.unit)}` : '';
    return when?.shouldSend ? [{ place: jar.place, name, worth }] : [];
  });
  const planned = usePlan(batches);
  const inUse = useMemo(() => pieces.filter(({ archivedAt }) => archivedAt === null), [pieces]);
  const { counted } = useBook(inUse);
  const late = (batches ?? []).flatMap((one) => {
    const { id, body } = one.batch;
    const title = nameOfLines(madeLinesOf(one));
    return isDone(body) ? [] : [{ id, title, customer: body.customer, daysLate: doneIn(planned, id)?.daysLate ?? 0 }];
  });
  return [
    { heading: words.lateBatches, action: words.open, items: lateItems(late) },
    { heading: words.lowStock, action: words.order, items: lowItems(goods) },
    { heading: words.jarsToSend, action: words.send, items: jarItems(ready) },
    { heading: words.pricesOutOfDate, action: words.update, items: outdatedItems(counted) },
    { heading: words.quotes, action: words.open, items: expiringItems(quotes, day) },
    { heading: words.metalPrices, action: words.update, items: metalPriceItems(basis.fix?.on ?? null, day) },
    { heading: words.safety, action: words.backUp, items: backupItems(backups ? backupTrouble(backups) : null) },
  ];
}

const NO_PIECES: readonly PieceDocument[] = [];
