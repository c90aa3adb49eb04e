// The day around noon: each maker's next steps, unattended work beside them, what is finished by noon and by evening.
import { clsx } from 'clsx';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { BatchWithPieces } from '../../../contract/batches.ts';
import { showHours } from '../../../core/figure/show.ts';
import { dayInWords, shortDay } from '../../../core/format/days.ts';
import { dayAfter, weekdayOf } from '../../../core/measure/days.ts';
import { cautionsOfAll } from '../../../core/piece/step-care.ts';
import { endedUnattended } from '../../../core/plan/studio/calls.ts';
import { dayBook, openingDay } from '../../../core/plan/studio/day-book.ts';
import { cautionRule } from '../../../core/work/cautions.ts';
import { tintsOf } from '../../components/batch-tints.ts';
import { PlanNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { type Planned, usePlan } from '../../hooks/use-plan.ts';
import { useGetBatchesQuery } from '../../state/endpoints/batches.ts';
import { words } from '../../words/day.ts';
import { batchName } from '../../words/plan-words.ts';
import { weekdayNames } from '../../words/weekdays.ts';
import { DayCalls } from './day-calls.tsx';
import { DayChart } from './day-chart.tsx';
import { DayCount } from './day-count.tsx';
import { DayLists } from './day-lists.tsx';
import { NextUp } from './next-up.tsx';

export function DayScreen() {
  const { data: batches } = useGetBatchesQuery();
  const planned = usePlan(batches);
  if (!planned || !batches)
    return <Spread title={words.day} left={<h1>{words.day}</h1>} right={null} bottomLine={null} />;
  if ('sentence' in planned || planned.plan.blocks.length === 0)
    return (
      <Spread
        title={words.day}
        left={
          <>
            <PlanNav />
            <h1>{'sentence' in planned ? words.noPlanYet : words.nothingToDo}</h1>
            <p className="mt-3 max-w-[56ch]">
              {'sentence' in planned ? (
                planned.sentence
              ) : (
                <>
                  {words.thereAreNoOpenBatches}{' '}
                  <Link className="link" to="/pieces">
                    {words.piece}
                  </Link>
                  , and its steps are scheduled here.
                </>
              )}
            </p>
          </>
        }
        right={null}
        bottomLine={<span>{words.noPlanYet}</span>}
      />
    );
  return <DayPages planned={planned} batches={batches} />;
}

interface DayPagesProps {
  readonly planned: Planned;
  readonly batches: readonly BatchWithPieces[];
}

const nearDays = ['today', 'tomorrow', 'next day'] as const;

function DayPages({ planned, batches }: DayPagesProps) {
  const { plan, terms, problem } = planned;
  const opening = openingDay(plan, problem);
  const [chosen, setDay] = useState<number | null>(null);
  const day = chosen ?? opening;
  const book = dayBook(plan, problem, day);
  const nameOf = (batch: string) => batchName(batches, batch);
  const tints = tintsOf(planned.jobs);
  const [ended] = endedUnattended(plan);
  const makers = terms.bench.makers.filter(
    ({ id }) => book.makers.includes(id) || book.blocks.some(({ maker }) => maker === id),
  );
  const date = dayAfter(plan.firstDay, day);
  const cautions = cautionsOfAll(book.blocks.map(({ step }) => ({ step: step.step, piece: null })));
  return (
    <Spread
      title={ended ? `${ended.step.name} has ended` : words.day}
      left={
        <>
          <PlanNav />
          <div className="flex items-start justify-between gap-5">
            <h1>
              {weekdayNames[weekdayOf(date)]} {shortDay(date)}
            </h1>
            {day === opening && <NextUp planned={planned} nameOf={nameOf} />}
          </div>
          <p className="chrome flex flex-wrap items-baseline gap-x-4 text-[15px] text-soft">
            <span>
              {book.makers.length === 0
                ? words.noOneWorking
                : `${String(book.makers.length)} working, ${showHours(book.attendedMin)} bench time`}
            </span>
            {[...new Set([0, 1, 2, opening])].map((index) => (
              <button
                key={index}
                type="button"
                aria-pressed={day === index}
                className={clsx(day === index ? 'font-[650] text-ink shadow-[inset_0_-2px_0_var(--ink)]' : 'link')}
                onClick={() => setDay(index)}
              >
                {nearDays[index] ?? dayInWords(dayAfter(plan.firstDay, index))}
              </button>
            ))}
            <button type="button" className="link ml-auto inline-flex items-center gap-1" onClick={() => print()}>
              <Printer size={14} aria-hidden="true" />
              {words.printThisDay}
            </button>
          </p>
          {day === 0 && <DayCalls plan={plan} nameOf={nameOf} />}
          <DayChart
            day={day}
            blocks={book.blocks}
            makers={makers}
            open={book.open}
            now={day === 0 ? plan.now : null}
            tintOf={(batch) => tints.get(batch) ?? 0}
            nameOf={nameOf}
          />
          <DayLists planned={planned} book={book} day={day} nameOf={nameOf} />
          {cautions.length > 0 && (
            <ul className="note keep-together mt-4" aria-label={words.cautions}>
              {cautions.map((caution) => (
                <li key={caution.id}>{caution.text}</li>
              ))}
              <li className="aside">{cautionRule}</li>
            </ul>
          )}
        </>
      }
      leftFoot={<span>{planned.isFinding ? words.lookingForABetterPlan : words.lateStartsShiftWhatFollows}</span>}
      right={
        <DayCount
          planned={planned}
          day={day}
          book={book}
          batches={batches}
          tomorrow={dayBook(plan, problem, day + 1)}
        />
      }
      bottomLine={<span className="font-semibold">{showHours(book.attendedMin)} bench time</span>}
      printsLeftOnly
    />
  );
}
