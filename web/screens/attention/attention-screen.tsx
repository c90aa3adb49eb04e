// What deserves attention, in one quiet place: each with the way to deal with it.
import { useMemo } from 'react';
import { Link } from 'react-router';
import { isDone } from '../../../core/batch/batch.ts';
import { nameOfLines } from '../../../core/batch/batch-run.ts';
import { fullDay } from '../../../core/format/days.ts';
import { priceStanding } from '../../../core/price/piece/standing.ts';
import { Spread } from '../../components/spread.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useNow } from '../../hooks/use-now.ts';
import { usePlan } from '../../hooks/use-plan.ts';
import { pieceCount } from '../../state/basis.ts';
import { useGetBackupsQuery } from '../../state/endpoints/backups.ts';
import { useGetBatchesQuery } from '../../state/endpoints/batches.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { useGetQuotesQuery } from '../../state/endpoints/quotes.ts';
import { useGetGoodsQuery } from '../../state/endpoints/stock.ts';
import { madeLinesOf } from '../../state/made-lines.ts';
import { useAppSelector } from '../../state/store.ts';
import { words } from '../../words/attention.ts';
import { isBackupOld } from '../../words/backups.ts';
import { doneIn } from '../../words/done-in.ts';
import { type AttentionItem, expiringItems, lateItems, lowItems, oldPriceDays } from './attention-items.ts';

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
  const { data: pieces } = useGetPiecesQuery();
  const { data: quotes = [] } = useGetQuotesQuery();
  const { data: goods } = useGetGoodsQuery();
  const { data: backups } = useGetBackupsQuery();
  const planned = usePlan(batches);
  const refused = useAppSelector(({ waiting }) => waiting.requests).filter(({ refusal }) => refusal !== '');
  const outdated = useMemo(
    () =>
      (pieces ?? []).flatMap(({ id, body, accepted, archivedAt, priced }): AttentionItem[] => {
        if (archivedAt !== null) return [];
        const standing = priceStanding(priced, pieceCount(accepted ?? body, basis));
        return standing && !standing.holds ? [{ key: id, text: body.name, more: '', to: `/prices/${id}` }] : [];
      }),
    [pieces, basis],
  );
  const late = lateItems(
    (batches ?? []).flatMap((one) => {
      const { id, body } = one.batch;
      if (isDone(body)) return [];
      return [{ id, title: nameOfLines(madeLinesOf(one)), customer: body.customer, daysLate: doneIn(planned, id)?.daysLate ?? 0 }]; // prettier-ignore
    }),
  );
  const days = basis.fix ? oldPriceDays(basis.fix.on, day) : null;
  const [latest] = backups?.copies ?? [];
  const isOld = backups?.isDaily === true && (backups.problem !== '' || (latest !== undefined && isBackupOld(latest.at, backups.now))); // prettier-ignore
  return [
    { heading: words.refused, action: words.review, items: refused.map(({ id, refusal }) => ({ key: id, text: refusal, more: '', to: '/attention' })) }, // prettier-ignore
    { heading: words.lateBatches, action: words.openTheBatch, items: late },
    { heading: words.lowStock, action: words.order, items: lowItems(goods ?? []) },
    { heading: words.pricesOutOfDate, action: words.updateThem, items: outdated },
    { heading: words.quotes, action: words.openTheBatch, items: expiringItems(quotes, day) },
    {
      heading: words.metalPrices,
      action: words.updateThem,
      items: basis.fix
        ? days === null
          ? []
          : [{ key: 'fix', text: fullDay(basis.fix.on), more: `${String(days)} days old`, to: '/studio#fix' }]
        : [{ key: 'fix', text: words.noMetalPrices, more: '', to: '/studio#fix' }],
    },
    {
      heading: words.safety,
      action: words.backUp,
      items: isOld
        ? [{ key: 'backup', text: backups.problem ? words.backupFailed : words.backupIsOld, more: '', to: '/studio/safety#backups' }] // prettier-ignore
        : [],
    },
  ];
}
