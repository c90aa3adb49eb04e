// The batches: due date, completion date, bench time and metal.
import { useState } from 'react';
import { Link } from 'react-router';
import type { BatchWithPieces } from '../../../contract/batches.ts';
import { isDone } from '../../../core/batch/batch.ts';
import { batchTotals, metalTotals, type NamedCount } from '../../../core/batch/batch-totals.ts';
import type { BatchCount } from '../../../core/batch/count-batch.ts';
import { batchTitle } from '../../../core/batch/count-batch.ts';
import { stateWords } from '../../../core/batch/states.ts';
import { dayInWords } from '../../../core/format/days.ts';
import { local } from '../../../core/format/variants.ts';
import { ArchivedSwitch } from '../../components/archived-switch.tsx';
import { type CountRow, CountTable } from '../../components/count-table.tsx';
import { Num } from '../../components/num.tsx';
import { PieceThumb } from '../../components/piece-thumb.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useArchived } from '../../hooks/use-archived.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { usePlan } from '../../hooks/use-plan.ts';
import { useSorted } from '../../hooks/use-sorted.ts';
import { batchCount } from '../../state/batch-count.ts';
import { useGetBatchesQuery } from '../../state/endpoints/batches.ts';
import { madeLinesOf } from '../../state/made-lines.ts';
import { words } from '../../words/batches.ts';
import { type Done, doneIn } from '../../words/done-in.ts';
import { daysLate } from '../../words/late.ts';
import { priorityNames } from '../../words/priorities.ts';

interface BatchLine {
  readonly item: BatchWithPieces;
  readonly title: string;
  readonly count: BatchCount;
  readonly done: Done | null;
}

/** Finished batches that are shown at first. */
const FINISHED_SHOWN = 30;

const batchArchivedAt = ({ batch }: BatchWithPieces) => batch.archivedAt;

export function BatchesScreen() {
  const { data: batches } = useGetBatchesQuery();
  const basis = useBasis();
  const planned = usePlan(batches);
  const [showsAll, setShowsAll] = useState(false);
  const lineOf = (item: BatchWithPieces): BatchLine => {
    const count = batchCount(item.batch.body, madeLinesOf(item), basis);
    return { item, title: batchTitle(count), count, done: doneIn(planned, item.batch.id) };
  };
  const { shown, ...archived } = useArchived(batches ?? [], batchArchivedAt);
  const sorted = shown.toSorted(byDue);
  const open = sorted.filter(({ batch }) => !isDone(batch.body)).map(lineOf);
  // Years of finished batches: the latest are shown, and only those are counted.
  const done = sorted.filter(({ batch }) => isDone(batch.body)).reverse();
  const finished = (showsAll ? done : done.slice(0, FINISHED_SHOWN)).map(lineOf);
  const named = open.map(({ title, count }) => ({ name: title, count }));
  const late = open.filter(({ done }) => done && done.daysLate > 0);

  return (
    <Spread
      title={words.batches}
      left={
        <>
          <div className="flex items-baseline justify-between gap-5">
            <h1>{words.batches}</h1>
            {open.length > 0 && (
              <Link className="link chrome text-[15px]" to="/buying">
                {words.buyingList}
              </Link>
            )}
          </div>
          {batches?.length === 0 && (
            <p className="mt-4 max-w-[56ch]">
              {words.aBatchIsAQuantity}{' '}
              <Link className="link" to="/pieces">
                {words.piece}
              </Link>{' '}
              {words.andChooseNewBatchThis}
            </p>
          )}
          {open.length > 0 && <BatchTable lines={open} caption={words.dueSoonest} list="open" />}
          {finished.length > 0 && <BatchTable lines={finished} caption={words.finished} list="finished" />}
          {finished.length < done.length && (
            <button type="button" className="link chrome mt-2 text-[15px]" onClick={() => setShowsAll(true)}>
              {words.showAllFinished} ({done.length})
            </button>
          )}
        </>
      }
      leftFoot={
        planned && 'sentence' in planned ? (
          <span className="text-stop">{planned.sentence}</span>
        ) : (
          <>
            <span>{words.allBatchesAreScheduledTogether}</span>
            <ArchivedSwitch {...archived} />
          </>
        )
      }
      right={
        open.length > 0 && (
          <>
            <Late lines={late} />
            <h2>{words.allOpenBatches}</h2>
            <CountTable
              label={words.allOpenBatches}
              heads={['quantity', 'total']}
              rows={totals(named, basis.rates.currency)}
            />
            <h2 className="mt-6">{words.metalToIssue}</h2>
            <CountTable label={words.metalToIssue} rows={metals(named)} />
          </>
        )
      }
      rightFoot={<span className="ml-auto">{basis.rates.currency}</span>}
      bottomLine={
        <span className="font-semibold">
          {late.length > 0 ? `${String(late.length)} late` : `${String(open.length)} open batches`}
        </span>
      }
    />
  );
}

const sortKeys = [null, 'batch', 'due', null, 'hours', 'metal', 'wholesale'] as const;
const sortBy = {
  batch: ({ title }: BatchLine) => title,
  due: ({ item }: BatchLine) => item.batch.body.due,
  hours: ({ count }: BatchLine) => count.hands.value,
  metal: ({ count }: BatchLine) => count.grams.value,
  wholesale: ({ count }: BatchLine) => count.wholesale.value,
};

function BatchTable({ lines, caption, list }: { lines: readonly BatchLine[]; caption: string; list: string }) {
  const { sorted, sorting } = useSorted(list, lines, sortBy);
  return (
    <section className="mt-4">
      <h2>{caption}</h2>
      <table className="rows plain-list">
        <TableHeader
          sorts={{ ...sorting, keys: sortKeys }}
          of={[
            { hidden: 'stock', width: 'w-[60px]' },
            'batch',
            'due',
            'finished',
            { end: 'bench time, h' },
            { end: 'metal, g' },
            { end: 'wholesale' },
          ]}
        />
        <tbody>
          {sorted.map((line) => (
            <Row key={line.item.batch.id} line={line} />
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Row({ line: { item, title, count, done } }: { line: BatchLine }) {
  const { batch } = item;
  const { body } = batch;
  const isLate = done !== null && done.daysLate > 0;
  return (
    <tr className="border-b border-hair">
      <td className="first">
        <PieceThumb photos={item.made[0]?.piece.photos ?? []} parts={count.cutList} />
      </td>
      <td>
        <Link className="hover:text-act hover:underline" to={`/batches/${batch.id}`}>
          {title}
        </Link>
        <span className="aside block">
          {body.customer || 'stock'}
          {body.priority && `, ${priorityNames[body.priority]}`}
          {body.state !== 'planned' && `, ${local(stateWords[body.state].name)}`}
        </span>
        {batch.isDraft && <span className="aside block text-act!">{words.draft}</span>}
      </td>
      <td className="num">{body.due ? dayInWords(body.due) : <span className="text-soft">{words.noDueDate}</span>}</td>
      <td className={isLate ? 'num text-stop' : 'num'}>
        {done?.words ?? <span className="text-soft">{isDone(body) ? 'finished' : ''}</span>}
        {isLate && <span className="block text-[13px]">{daysLate(done.daysLate)}</span>}
      </td>
      <td className="end num">
        <Num figure={count.hands} />
      </td>
      <td className="end">
        <Num figure={count.grams} />
      </td>
      <td className="end font-semibold">
        <Num figure={count.wholesale} />
      </td>
    </tr>
  );
}

function Late({ lines }: { lines: readonly BatchLine[] }) {
  if (lines.length === 0) return null;
  return (
    <div className="note note-stop mb-5">
      {lines.map(({ item, title, done }) => (
        <p key={item.batch.id}>
          <b>
            {title}, {daysLate(done?.daysLate ?? 0)}.
          </b>{' '}
          Completion {done?.words}, due {dayInWords(item.batch.body.due)}.
        </p>
      ))}
    </div>
  );
}

function byDue(a: BatchWithPieces, b: BatchWithPieces): number {
  const [first, second] = [a.batch.body.due || '9999', b.batch.body.due || '9999'];
  return first < second ? -1 : Number(first > second);
}

function totals(lines: readonly NamedCount[], currency: string): CountRow[] {
  return [
    { key: 'hands', label: words.benchTime, takes: batchTotals('hands', 'h', lines, ({ hands }) => hands) },
    {
      key: 'itself',
      label: words.unattendedTime,
      takes: batchTotals('unattended', 'h', lines, ({ unattended }) => unattended),
    },
    {
      key: 'grams',
      label: words.metal,
      takes: batchTotals('metal', 'g', lines, ({ grams }) => grams),
      kind: 'subtotal',
    },
    { key: 'cost', label: words.cost, each: batchTotals('cost', currency, lines, ({ cost }) => cost) },
    { key: 'left', label: words.profitAtWholesale, each: batchTotals('left', currency, lines, ({ left }) => left) },
    {
      key: 'worth',
      label: words.wholesaleValue,
      each: batchTotals('worth', currency, lines, ({ wholesale }) => wholesale),
      kind: 'total',
    },
  ];
}

function metals(lines: readonly NamedCount[]): CountRow[] {
  return metalTotals(lines).map(({ alloy, grams }) => ({
    key: alloy.id,
    label: alloy.name,
    each: grams,
    eachUnit: 'g',
  }));
}
