// The right page of the day: batches with their due and completion dates, what is late and why, the day's totals,
// tomorrow.
import { Link } from 'react-router';
import type { BatchWithPieces } from '../../../contract/batches.ts';
import { EPOCH } from '../../../core/bench/bench-entry.ts';
import { groupBy } from '../../../core/bench/group-by.ts';
import { workedMinutes } from '../../../core/bench/hours-worked.ts';
import { type Figure, given, totalOf } from '../../../core/figure/figure.ts';
import { clockInWords } from '../../../core/format/days.ts';
import { shortDay } from '../../../core/format/days.ts';
import { daysBetween, MINUTES_A_DAY } from '../../../core/measure/days.ts';
import { type DayBook, dayTotals } from '../../../core/plan/studio/day-book.ts';
import { blockTitle } from '../../../core/plan/studio/studio-plan.ts';
import { bindingChain } from '../../../core/plan/studio/why.ts';
import { type CountRow, CountTable } from '../../components/count-table.tsx';
import { PlanNews } from '../../components/plan-news.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import type { Planned } from '../../hooks/use-plan.ts';
import { momentNow } from '../../hooks/use-seconds.ts';
import { useGetBenchQuery } from '../../state/endpoints/bench.ts';
import { words } from '../../words/day.ts';
import { momentInWords } from '../../words/done-in.ts';
import { daysLate } from '../../words/late.ts';
import { batchesInWords, batchName, causeInWords } from '../../words/plan-words.ts';

interface DayCountProps {
  readonly planned: Planned;
  /** Days after the plan's first. */
  readonly day: number;
  readonly book: DayBook;
  readonly tomorrow: DayBook;
  readonly batches: readonly BatchWithPieces[];
}

export function DayCount({ planned, day, book, tomorrow, batches }: DayCountProps) {
  const { plan, terms, problem } = planned;
  const nameOf = (batch: string) => batchName(batches, batch);
  const doneToday = useDoneToday(plan.firstDay, nameOf);
  const makerOf = (id: string) => terms.bench.makers.find((maker) => maker.id === id)?.name ?? 'somebody';
  const late = plan.done.filter(({ daysLate: days }) => days > 0);
  return (
    <>
      <Promised planned={planned} nameOf={nameOf} />
      {late.map(({ batch, daysLate: days }) => {
        const chain = bindingChain(plan, problem, batch);
        const first = chain.find(({ cause }) => cause.what !== 'step') ?? chain.at(-1);
        return (
          <div key={batch} className="note note-stop mt-3">
            <b>
              {nameOf(batch)} will be {daysLate(days)}.
            </b>{' '}
            {first &&
              `“${first.block.step.name}” starts ${momentInWords(plan, first.block.start)}: ${causeInWords(first.cause, plan, nameOf, makerOf)}.`}
          </div>
        );
      })}
      <h2 className="mt-6">{words.totalsOfTheDay}</h2>
      <CountTable
        label={words.totalsOfTheDay}
        rows={[...dayRows(planned, day, book, nameOf), ...doneRows(day === 0 ? doneToday : null)]}
      />
      <PlanNews planned={planned} nameOf={nameOf} />
      <h2 className="mt-6">{words.firstTomorrow}</h2>
      <Tomorrow book={tomorrow} day={day + 1} makerOf={makerOf} nameOf={nameOf} />
    </>
  );
}

/** Attended work of today so far, by batch. */
function useDoneToday(today: string, nameOf: (batch: string) => string): Figure {
  const { data } = useGetBenchQuery();
  const now = momentNow();
  const rows = workedMinutes(data?.entries ?? [], now).filter(({ day }) => day === daysBetween(EPOCH, today));
  const lines = [...groupBy(rows, ({ batchId }) => batchId)].map(([batch, own]) => {
    const minutes = own.reduce((sum, one) => sum + one.minutes, 0);
    return given(nameOf(batch), minutes / 60, 'h', 'the bench log');
  });
  return totalOf(words.doneSoFar, 'h', lines);
}

function doneRows(done: Figure | null): CountRow[] {
  // Less than a minute is nothing to tell.
  return done && done.value * 60 >= 1 ? [{ key: 'done', label: words.doneSoFar, each: done, eachUnit: 'h' }] : [];
}

function Promised({ planned: { plan, jobs }, nameOf }: { planned: Planned; nameOf: (batch: string) => string }) {
  const rows = jobs
    .flatMap(({ id, batch }) => {
      const done = plan.done.find((one) => one.batch === id);
      return done ? [{ id, due: batch.due, done }] : [];
    })
    .toSorted((a, b) => ((a.due || '9999') < (b.due || '9999') ? -1 : 1));
  return (
    <>
      <h2>{words.dueDates}</h2>
      <table className="rows" aria-label={words.dueDatesSoonestFirst}>
        <TableHeader of={['batch', { end: 'due' }, { end: 'finished' }]} />
        <tbody>
          {rows.map(({ id, due, done }) => (
            <tr key={id} className="border-b border-hair">
              <td className="first">
                <Link className="hover:text-act hover:underline" to={`/batches/${id}`}>
                  {nameOf(id)}
                </Link>
              </td>
              <td className="end num text-[14px]">
                {due ? shortDay(due) : <span className="aside">{words.none}</span>}
              </td>
              <td className={`end num text-[14px] ${done.daysLate > 0 ? 'text-stop' : ''}`}>
                {momentInWords(plan, done.at)}
                {done.daysLate > 0 && <span className="block text-[13px]">{daysLate(done.daysLate)}</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

function dayRows({ plan }: Planned, day: number, book: DayBook, nameOf: (batch: string) => string) {
  const { attended, unattended } = dayTotals(book, day, (block) => ({
    name: `${batchesInWords(block, nameOf)}: ${block.step.name}`,
    start: momentInWords(plan, block.start),
  }));
  return [
    { key: 'attended', label: words.benchTime, each: attended, eachUnit: 'h' },
    { key: 'unattended', label: words.unattendedTitle, each: unattended, eachUnit: 'h' },
  ];
}

interface TomorrowProps {
  readonly book: DayBook;
  readonly day: number;
  readonly makerOf: (id: string) => string;
  readonly nameOf: (batch: string) => string;
}

function Tomorrow({ book, day, makerOf, nameOf }: TomorrowProps) {
  const midnight = day * MINUTES_A_DAY;
  const firsts = book.makers.flatMap((id) => {
    const [first] = book.blocks.filter(({ maker, isHead }) => isHead && maker === id);
    return first ? [{ id, first }] : [];
  });
  if (firsts.length === 0) return <p className="aside">{words.nothingScheduled}</p>;
  return (
    <ul className="text-[15px]">
      {firsts.map(({ id, first }) => (
        <li key={id} className="flex gap-3 border-b border-hair py-[4px]">
          <span className="num min-w-[4.7em] shrink-0 whitespace-nowrap">
            {first.start < midnight ? 'continues' : clockInWords(first.start)}
          </span>
          <span>
            {makerOf(id)}: {blockTitle(first).toLowerCase()}
            <span className="aside"> {nameOf(first.batch)}</span>
          </span>
        </li>
      ))}
    </ul>
  );
}
