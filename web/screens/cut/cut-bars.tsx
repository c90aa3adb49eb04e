// A plan for bars, drawn to scale: blanks, kerfs and offcuts. Drag a blank, or choose it and then its bar, to move it.
import { clsx } from 'clsx';
import { useState } from 'react';
import type { BarPlan, BarProblem } from '../../../core/cut/bars/bar-problem.ts';
import { moveBlank } from '../../../core/cut/bars/move-blank.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { words } from '../../words/cut.ts';

/** Above this number of bars, equal ones are drawn once. */
const MOST_BARS = 60;

interface CutBarsProps {
  readonly problem: BarProblem;
  readonly plan: BarPlan;
  /** The name of a blank, and the letter that marks it. */
  readonly names: ReadonlyMap<string, { readonly letter: string; readonly name: string }>;
  /** The name of a bar. */
  readonly stockName: (id: string) => string;
  readonly tint: string;
  readonly onPlan: (plan: BarPlan) => void;
}

interface Held {
  readonly from: number;
  readonly piece: string;
}

export function CutBars({ problem, plan, names, stockName, tint, onPlan }: CutBarsProps) {
  const [held, setHeld] = useState<Held | null>(null);
  const [refusal, setRefusal] = useState('');
  const longest = Math.max(...plan.bars.map(({ stock }) => lengthOf(problem, stock)));
  const put = (to: number | null) => {
    if (!held) return;
    const moved = moveBlank(problem, plan, { ...held, to });
    setHeld(null);
    setRefusal('sentence' in moved ? moved.sentence : '');
    if (!('sentence' in moved)) onPlan(moved);
  };
  const bars =
    plan.bars.length > MOST_BARS ? alike(plan.bars) : plan.bars.map((bar, index) => ({ bar, index, times: 1 }));
  return (
    <div>
      <ol className="mt-1">
        {bars.map(({ bar, index, times }) => {
          const length = lengthOf(problem, bar.stock);
          const kept = problem.keepFrom !== undefined && bar.remainder >= problem.keepFrom;
          return (
            <li key={index} className="flex items-center gap-3 border-b border-hair py-[5px] max-[640px]:flex-wrap">
              <span className="aside num w-[9.5em] shrink-0">
                {stockName(bar.stock)}
                {times > 1 && ` × ${String(times)}`}
              </span>
              <span
                className={clsx(
                  'relative block h-[max(26px,var(--target,0px))] min-w-0 flex-1 max-[640px]:order-last max-[640px]:basis-full',
                  held && held.from !== index && 'bg-act-wash',
                )}
                onDragOver={(event) => event.preventDefault()}
                onDrop={() => put(index)}
              >
                <span
                  className="absolute inset-y-0 left-0 flex border border-rule bg-page"
                  style={{ width: `${String((length / longest) * 100)}%` }}
                >
                  {blanksOf(bar.cuts).map((piece, at) => {
                    const pieceLength = problem.pieces.find(({ id }) => id === piece)?.length ?? 0;
                    const isHeld = held?.from === index && held.piece === piece;
                    return (
                      <button
                        key={at}
                        type="button"
                        draggable={times === 1}
                        disabled={times > 1}
                        className={clsx(
                          'to-scale block h-full shrink-0 cursor-grab overflow-hidden border-0 p-0 text-center text-[13px] text-black',
                          isHeld && 'outline-2 outline-act',
                        )}
                        style={{
                          width: `${String((pieceLength / length) * 100)}%`,
                          marginRight: `${String((problem.kerf / length) * 100)}%`,
                          background: tint,
                          boxShadow: 'inset 0 0 0 1px var(--metal-line)',
                        }}
                        title={`${names.get(piece)?.name ?? ''}, ${String(pieceLength)} mm`}
                        aria-label={`${names.get(piece)?.name ?? words.blank}, ${String(pieceLength)} mm, in bar ${String(index + 1)}`}
                        aria-pressed={isHeld}
                        onClick={() =>
                          held && held.from !== index ? put(index) : setHeld(isHeld ? null : { from: index, piece })
                        }
                        onDragStart={() => setHeld({ from: index, piece })}
                        onDragEnd={() => setHeld(null)}
                      >
                        {names.get(piece)?.letter}
                      </button>
                    );
                  })}
                </span>
              </span>
              {held && held.from !== index && (
                <button type="button" className="link chrome text-[14px] whitespace-nowrap" onClick={() => put(index)}>
                  {words.toHere}
                </button>
              )}
              <span className={clsx('num w-[7.5em] shrink-0 text-right text-[14px]', !kept && 'text-soft')}>
                {showNumber(bar.remainder, 1)} {kept ? 'kept' : 'scrap'}
              </span>
            </li>
          );
        })}
      </ol>
      {held && (
        <p className="chrome mt-1 text-[14px]">
          {names.get(held.piece)?.name}: choose a bar, or{' '}
          <button type="button" className="link" onClick={() => put(null)}>
            {words.newBar}
          </button>
          , or{' '}
          <button type="button" className="link" onClick={() => setHeld(null)}>
            {words.cancel}
          </button>
          .
        </p>
      )}
      <p className="problem" role="alert">
        {refusal}
      </p>
    </div>
  );
}

function lengthOf({ stock }: BarProblem, id: string): number {
  return stock.find((one) => one.id === id)?.length ?? 1;
}

function blanksOf(cuts: Readonly<Record<string, number>>): string[] {
  return Object.entries(cuts).flatMap(([piece, count]) => Array<string>(count).fill(piece));
}

function alike(bars: BarPlan['bars']) {
  const groups = new Map<string, { bar: BarPlan['bars'][number]; index: number; times: number }>();
  bars.forEach((bar, index) => {
    const key = JSON.stringify([bar.stock, bar.cuts]);
    const known = groups.get(key);
    if (known) known.times += 1;
    else groups.set(key, { bar, index, times: 1 });
  });
  return [...groups.values()];
}
