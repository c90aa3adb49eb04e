// Good, again and lost: counted by tapping.
import type { BenchDetail } from '../../../core/bench/bench-entry.ts';
import { words } from '../../words/bench.ts';

interface CountsProps {
  readonly good: number;
  readonly again: number;
  readonly lost: number;
  /** Pieces of the step; 0 where it has none. */
  readonly pieces: number;
  readonly onCount: (detail: BenchDetail) => void;
}

export function Counts({ good, again, lost, pieces, onCount }: CountsProps) {
  const left = Math.max(0, pieces - good - lost);
  return (
    <div className="grid grid-cols-[1.5fr_1fr_1fr_auto] max-[560px]:grid-cols-3 gap-3" role="group" aria-label="Count">
      <button type="button" className="bench-tap text-good" onClick={() => onCount({ good: 1 })}>
        <b>{good}</b> {words.good} {pieces > 0 && <span className="text-[16px] text-soft">{left} to go</span>}
      </button>
      <button type="button" className="bench-tap text-warn" onClick={() => onCount({ again: 1 })}>
        <b>{again}</b> {words.doneAgain}
      </button>
      <button type="button" className="bench-tap text-stop" onClick={() => onCount({ lost: 1 })}>
        <b>{lost}</b> {words.lost}
      </button>
      {left > 1 && (
        <button
          type="button"
          className="bench-press bench-press-small max-[560px]:col-span-3"
          onClick={() => onCount({ good: left })}
        >
          {words.allGood}
          <span className="block text-[16px] font-normal text-soft">+ {left}</span>
        </button>
      )}
    </div>
  );
}
