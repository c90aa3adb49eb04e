// The day as text: each maker's steps in order, when unattended work ends, and what is finished by noon and by evening.
import { clockInWords } from '../../../core/format/days.ts';
import { studioFormat } from '../../../core/format/studio-format.ts';
import { MINUTES_A_DAY } from '../../../core/measure/days.ts';
import type { DayBook } from '../../../core/plan/studio/day-book.ts';
import type { PlanBlock } from '../../../core/plan/studio/studio-plan.ts';
import { blockTitle } from '../../../core/plan/studio/studio-plan.ts';
import { useBenchLog } from '../../hooks/use-bench-log.ts';
import type { Planned } from '../../hooks/use-plan.ts';
import { words } from '../../words/day.ts';
import { batchesInWords } from '../../words/plan-words.ts';

interface DayListsProps {
  readonly planned: Planned;
  readonly book: DayBook;
  readonly day: number;
  readonly nameOf: (batch: string) => string;
}

export function DayLists({ planned, book, day, nameOf }: DayListsProps) {
  const makers = planned.terms.bench.makers.filter(({ id }) => book.blocks.some(({ maker }) => maker === id));
  const isAfternoon = day === 0 && planned.plan.now >= 12 * 60;
  return (
    <>
      <div className="mt-3 grid grid-cols-2 gap-x-8 gap-y-4 max-[700px]:grid-cols-1">
        {makers.map(({ id, name }) => (
          <section key={id} aria-label={`Steps, ${name}`}>
            <h2>{name}</h2>
            <ul>
              {book.blocks
                .filter(({ maker, isHead }) => maker === id && isHead)
                .map((block) => (
                  <Line key={`${block.batch} ${block.step.key}`} block={block} day={day} nameOf={nameOf} />
                ))}
            </ul>
          </section>
        ))}
      </div>
      <div className="mt-5 grid grid-cols-2 gap-x-8 border-t border-rule pt-3 max-[700px]:grid-cols-1">
        {!isAfternoon && <Over heading={words.byNoon} blocks={book.byNoon} nameOf={nameOf} />}
        <Over heading={words.byEndOfDay} blocks={book.byEvening} nameOf={nameOf} />
        {book.calls.length > 0 && (
          <section aria-labelledby="calls">
            <h2 id="calls">{words.unattendedWorkEnds}</h2>
            <ul className="text-[15px]">
              {book.calls.map((block) => (
                <li key={`${block.batch} ${block.step.key}`} className="flex gap-3 border-b border-hair py-[5px]">
                  <span className={timeClass()}>{clockInWords(block.end)}</span>
                  <span>
                    {block.step.station || block.step.name}
                    <span className="aside">
                      {' '}
                      {batchesInWords(block, nameOf)}, {blockTitle(block).toLowerCase()}
                    </span>
                  </span>
                </li>
              ))}
            </ul>
          </section>
        )}
      </div>
    </>
  );
}

/** A step in its maker's list, with what can be logged about it. */
function Line({ block, day, nameOf }: { block: PlanBlock; day: number; nameOf: (batch: string) => string }) {
  const { note, isLoading } = useBenchLog();
  const isStarted = block.state === 'started';
  const [first] = block.attended;
  const midnight = day * MINUTES_A_DAY;
  const begins = Math.max(first?.[0] ?? block.start, midnight);
  const name = `${blockTitle(block)} of ${batchesInWords(block, nameOf)}`;
  return (
    <li className="flex items-baseline gap-3 border-b border-hair py-[5px] text-[15px]">
      <span className={timeClass()}>{block.start < midnight ? 'continues' : clockInWords(begins)}</span>
      <span className="min-w-0 flex-1">
        {isStarted ? <b>{blockTitle(block)}</b> : blockTitle(block)}
        <span className="aside"> {batchesInWords(block, nameOf)}</span>
      </span>
      {day === 0 && (
        <span className="chrome flex shrink-0 gap-3 text-[14px]">
          {isStarted && (
            <button
              type="button"
              className="link"
              aria-label={`Undo start: ${name}`}
              disabled={isLoading}
              onClick={() => note('taken-back', [block])}
            >
              {words.undoStart}
            </button>
          )}
          <button
            type="button"
            className="link"
            aria-label={`${isStarted ? words.done : words.start}: ${name}`}
            disabled={isLoading}
            onClick={() => note(isStarted ? 'done' : 'started', [block])}
          >
            {isStarted ? words.done : words.start}
          </button>
        </span>
      )}
      <span className={`${timeClass()} text-right text-soft`}>
        {block.attendedEnd > midnight + MINUTES_A_DAY ? 'continues' : clockInWords(block.attendedEnd)}
      </span>
    </li>
  );
}

function Over({
  heading,
  blocks,
  nameOf,
}: {
  heading: string;
  blocks: readonly PlanBlock[];
  nameOf: (batch: string) => string;
}) {
  return (
    <section aria-label={heading}>
      <h2>{heading}</h2>
      {blocks.length === 0 && <p className="aside">{words.nothingDue}</p>}
      <ul className="text-[15px]">
        {blocks.map((block) => (
          <li key={`${block.batch} ${block.step.key}`} className="flex items-baseline gap-3 py-[3px]">
            <span className="inline-block size-[13px] shrink-0 translate-y-[2px] border border-rule bg-page" />
            <span>
              {blockTitle({ ...block, mates: [] })}
              <span className="aside"> {nameOf(block.batch)}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

// `10:05 am` needs more room than `10:05`; a column of times stays straight.
function timeClass(): string {
  return `num shrink-0 whitespace-nowrap ${studioFormat().hours === 12 ? 'min-w-[4.7em]' : 'min-w-[3.2em]'}`;
}
