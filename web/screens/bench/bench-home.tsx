// The first page of the bench view: what is under way, what comes next, and a batch by its number or its job sheet.
import { useNavigate } from 'react-router';
import { batchNumber } from '../../../core/bench/batch-number.ts';
import type { BenchMaker } from '../../../core/studio/bench.ts';
import type { BenchView } from '../../hooks/use-bench.ts';
import { words } from '../../words/bench.ts';
import { NextList } from './next-list.tsx';
import { nextFor } from './next-steps.ts';
import { OpenByNumber } from './open-by-number.tsx';
import { UnattendedTimers } from './unattended-timers.tsx';

const SHOWN = 4;

export function BenchHome({
  view,
  maker,
  onSwitch,
}: {
  view: BenchView;
  maker: BenchMaker;
  onSwitch: (() => void) | null;
}) {
  const navigate = useNavigate();
  const mine = view.underWay.filter(
    ({ log }) => log && log.state !== 'left' && log.stretches.at(-1)?.maker === maker.id,
  );
  const others = view.underWay.filter((one) => one.log && one.log.state !== 'left' && !mine.includes(one));
  return (
    <main className="bench">
      <section className="bench-leaf">
        <div className="flex items-center justify-between gap-4">
          <h1>{maker.name}</h1>
          {onSwitch && (
            <button type="button" className="bench-press bench-press-small" onClick={onSwitch}>
              {words.switchMaker}
            </button>
          )}
        </div>
        {mine.length > 0 && <NextList heading={words.underWay} steps={mine} />}
        <NextList
          heading={words.nextForYou}
          steps={nextFor(maker, view)
            .filter((one) => !mine.some(({ step, batch }) => step === one.step && batch === one.batch))
            .slice(0, SHOWN)}
          none={words.nothingIsScheduled}
        />
        {others.length > 0 && <NextList heading="Other makers" steps={others} />}
        <section aria-label={words.allBatches}>
          <h2>{words.allBatches}</h2>
          {view.batches.length === 0 && <p className="bench-aside">{words.noOpenBatches}</p>}
          <ul>
            {view.batches.map((batch) => (
              <li key={batch.id}>
                <button type="button" className="bench-row" onClick={() => void navigate(`/bench/${batch.id}`)}>
                  <span className="min-w-0 flex-1">
                    {batch.name}
                    {batch.body.customer && <span className="bench-aside block">{batch.body.customer}</span>}
                  </span>
                  <span className="num bench-aside">{batchNumber(batch.id)}</span>
                </button>
              </li>
            ))}
          </ul>
        </section>
      </section>
      <section className="bench-leaf">
        <UnattendedTimers view={view} />
        <OpenByNumber view={view} />
      </section>
    </main>
  );
}
