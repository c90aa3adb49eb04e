// The right page of the day: what is promised and when it is done, what is late and why, what the day comes to, tomorrow.
import { Link } from 'react-router';
import type { BatchWithPieces } from '../../../contract/batches.ts';
import { reckoned, totalOf, type Figure } from '../../../core/figure/figure.ts';
import type { DayBook } from '../../../core/plan/day-book.ts';
import { clockOf, MINUTES_A_DAY } from '../../../core/plan/calendar.ts';
import { movedSince } from '../../../core/plan/kept-plan.ts';
import { bindingChain } from '../../../core/plan/why.ts';
import { useGetBenchQuery, useKeepPlanMutation } from '../../app/api.ts';
import { keptBlocks } from '../../../core/plan/kept-plan.ts';
import { daysLate, shortDay } from '../../app/dates.ts';
import { batchName, blockName, causeInWords, stretchInWords } from '../../app/plan-words.ts';
import type { Planned } from '../../app/use-plan.ts';
import { CountTable } from '../../parts/count-table.tsx';
import { momentInWords } from '../../parts/done-in.ts';

interface DayCountProps {
  readonly planned: Planned;
  readonly book: DayBook;
  readonly tomorrow: DayBook;
  readonly batches: readonly BatchWithPieces[];
}

export function DayCount({ planned, book, tomorrow, batches }: DayCountProps) {
  const { plan, terms, problem } = planned;
  const nameOf = (batch: string) => batchName(batches, batch);
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
              {nameOf(batch)} ends {daysLate(days)}.
            </b>{' '}
            {first &&
              `“${first.block.step.name}” starts ${momentInWords(plan, first.block.start)}: ${causeInWords(first.cause, plan, nameOf, makerOf)}.`}
          </div>
        );
      })}
      <h2 className="mt-6">The day comes to</h2>
      <CountTable label="The day comes to" rows={dayRows(planned, book, nameOf)} />
      <Since planned={planned} nameOf={nameOf} makerOf={makerOf} />
      <h2 className="mt-6">Tomorrow begins with</h2>
      <Tomorrow book={tomorrow} makerOf={makerOf} nameOf={nameOf} />
    </>
  );
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
      <h2>Promised</h2>
      <table className="rows" aria-label="Promised, soonest first">
        <thead>
          <tr>
            <th scope="col" className="first">
              batch
            </th>
            <th scope="col" className="end">
              due
            </th>
            <th scope="col" className="end">
              done
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ id, due, done }) => (
            <tr key={id} className="border-b border-hair">
              <td className="first">
                <Link className="hover:text-act hover:underline" to={`/batches/${id}`}>
                  {nameOf(id)}
                </Link>
              </td>
              <td className="end num text-[14px]">{due ? shortDay(due) : <span className="aside">none</span>}</td>
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

function dayRows({ plan }: Planned, book: DayBook, nameOf: (batch: string) => string) {
  const lines = (of: 'hands' | 'alone'): Figure[] =>
    book.blocks.flatMap((block) => {
      const minutes = of === 'hands' ? sumOf(block.hands) : block.end - block.attendedEnd;
      const name = `${nameOf(block.batch)}: ${block.step.name}`;
      return minutes > 0 ? [reckoned(name, minutes, 'min', `planned ${momentInWords(plan, block.start)}`, [])] : [];
    });
  const hours = (label: string, minutes: number, of: 'hands' | 'alone') =>
    reckoned(label, minutes / 60, 'h', `${String(Math.round(minutes))} ÷ 60`, [
      totalOf('minutes of the steps that touch the day', 'min', lines(of)),
    ]);
  return [
    { key: 'hands', label: 'Hands', each: hours('hands', book.handsMin, 'hands'), eachUnit: 'h' },
    { key: 'alone', label: 'By itself meanwhile', each: hours('by itself', book.aloneMin, 'alone'), eachUnit: 'h' },
  ];
}

const sumOf = (stretches: readonly (readonly [number, number])[]) =>
  stretches.reduce((sum, [from, to]) => sum + to - from, 0);

const MOST_MOVED = 6;

/** What moved since a plan was kept, and keeping this one. */
function Since({
  planned,
  nameOf,
  makerOf,
}: {
  planned: Planned;
  nameOf: (batch: string) => string;
  makerOf: (id: string) => string;
}) {
  const { data } = useGetBenchQuery();
  const [keep, { isLoading }] = useKeepPlanMutation();
  const kept = data?.kept ?? null;
  const moved = kept ? movedSince(kept, planned.plan) : [];
  const keepIt = () =>
    void keep({ blocks: keptBlocks(planned.plan, (block) => `${nameOf(block.batch)}: ${blockName(block)}`, makerOf) });
  return (
    <section className="mt-6" aria-labelledby="since">
      <h2 id="since">{kept ? `Since the plan of ${shortDay(kept.at.slice(0, 10))}` : 'No plan is kept yet'}</h2>
      {kept && moved.length === 0 && <p className="aside">nothing has moved</p>}
      <ul className="text-[15px]">
        {moved.slice(0, MOST_MOVED).map(({ block, by }) => (
          <li
            key={`${block.batch} ${block.step.key}`}
            className="flex justify-between gap-3 border-b border-hair py-[4px]"
          >
            <span className="min-w-0">
              {block.step.name}
              <span className="aside"> {nameOf(block.batch)}</span>
            </span>
            <span className={by !== null && by > 0 ? 'num shrink-0 text-stop' : 'num shrink-0 text-good'}>
              {by === null ? 'new' : `${stretchInWords(by)} ${by > 0 ? 'later' : 'sooner'}`}
            </span>
          </li>
        ))}
      </ul>
      {moved.length > MOST_MOVED && <p className="aside">and {moved.length - MOST_MOVED} more</p>}
      <p className="chrome mt-1 flex flex-wrap gap-x-4 text-[15px]">
        <button type="button" className="link" disabled={isLoading} onClick={keepIt}>
          Keep this plan
        </button>
        {kept && (
          <a className="link" href="/api/plan/calendar.ics">
            Calendar (iCalendar)
          </a>
        )}
      </p>
    </section>
  );
}

function Tomorrow({
  book,
  makerOf,
  nameOf,
}: {
  book: DayBook;
  makerOf: (id: string) => string;
  nameOf: (batch: string) => string;
}) {
  const firsts = book.makers.flatMap((id) => {
    const [first] = book.blocks.filter(({ maker }) => maker === id);
    return first ? [{ id, first }] : [];
  });
  if (firsts.length === 0) return <p className="aside">nobody, or nothing</p>;
  return (
    <ul className="text-[15px]">
      {firsts.map(({ id, first }) => (
        <li key={id} className="flex gap-3 border-b border-hair py-[4px]">
          <span className="num w-[3.2em] shrink-0">{clockOf(Math.max(first.start, 0) % MINUTES_A_DAY)}</span>
          <span>
            {makerOf(id)}: {blockName(first).toLowerCase()}
            <span className="aside"> {nameOf(first.batch)}</span>
          </span>
        </li>
      ))}
    </ul>
  );
}
