// What did I do last time: every batch of this piece with what it took, what was lost and what an hour earned.
import { Link } from 'react-router';
import type { LastTime } from '../../../contract/bench.ts';
import { showHours, showPrice } from '../../../core/figure/show.ts';
import { fullDay } from '../../../core/format/days.ts';
import { BenchPhotos } from '../../components/bench-photos.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { happeningWords } from '../../words/bench.ts';
import { words } from '../../words/bench-story.ts';

/** Batches that are listed. */
const SHOWN = 12;

export function LastTimes({ times }: { times: readonly LastTime[] }) {
  const { rates } = useBasis();
  const money = (minor: number | null) => (minor === null ? '' : showPrice(Math.round(minor), rates.currency));
  return (
    <section aria-labelledby="last-times" className="mt-6">
      <h2 id="last-times">{words.lastTimes}</h2>
      {times.length === 0 ? (
        <p className="aside">{words.noBatchesYet}</p>
      ) : (
        <table className="rows">
          <TableHeader
            of={[
              'batch',
              { end: 'pieces' },
              { end: 'each' },
              { end: 'recipe' },
              { end: 'again' },
              { end: 'lost' },
              { end: 'g each' },
              { end: 'price' },
              { end: 'an hour' },
            ]}
          />
          <tbody>
            {times.slice(0, SHOWN).map((time) => (
              <tr key={`${time.batchId} ${time.sizes}`} className="border-b border-hair">
                <td className="first">
                  <Link className="hover:text-act hover:underline" to={`/batches/${time.batchId}`}>
                    {time.on ? fullDay(time.on) : 'no date'}
                  </Link>
                  {!time.isDone && <span className="aside ml-2">not finished</span>}
                  <span className="aside block">
                    {[
                      time.customer,
                      time.sizes,
                      time.note.replace(/\.$/, ''),
                      ...new Set(time.happenings.map((what) => happeningWords[what])),
                    ]
                      .filter(Boolean)
                      .join(', ')}
                  </span>
                  <BenchPhotos of={time.photos} />
                </td>
                <td className="end num">{time.pieces}</td>
                <td className="end num">{time.actualEachMin > 0 ? showHours(time.actualEachMin) : ''}</td>
                <td className="end num text-soft">{time.expectedEachMin > 0 ? showHours(time.expectedEachMin) : ''}</td>
                <td className="end num">{time.again || ''}</td>
                <td className="end num">{time.lost || ''}</td>
                <td className="end num">{time.grams === null ? '' : time.grams.toFixed(1)}</td>
                <td className="end num">{money(time.chargedMinor)}</td>
                <td className="end num font-semibold">{money(time.earnedPerHourMinor)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
