// The review: what each piece, each channel and the year really brought.
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { showValue } from '../../../core/figure/show.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { type DesignReview, designReviews } from '../../../core/made/review.ts';
import { soldLines } from '../../../core/made/sold-lines.ts';
import { dayAfter } from '../../../core/measure/days.ts';
import { Choice } from '../../components/choice.tsx';
import { MadeThumb } from '../../components/made-thumb.tsx';
import { FinishedNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useListState } from '../../hooks/use-list-state.ts';
import { useMade } from '../../hooks/use-made.ts';
import { useNow } from '../../hooks/use-now.ts';
import { verdictWords, words } from '../../words/made.ts';
import { ChannelReview } from './channel-review.tsx';
import { PriceLessons } from './price-lessons.tsx';
import { YearPage } from './year-page.tsx';

const FIRST = { year: '' };
const FIELDS: readonly (keyof typeof FIRST)[] = ['year'];

export function ReviewScreen() {
  const made = useMade();
  const { day } = useNow();
  const { rates } = useBasis();
  const [list, setList] = useListState('review', FIRST, FIELDS);
  const years = [...new Set(made.entries.map(({ on }) => on.slice(0, 4)))].sort().reverse();
  const period = list.year
    ? { from: `${list.year}-01-01`, until: `${list.year}-12-31` < day ? `${list.year}-12-31` : day }
    : { from: dayAfter(day, -364), until: day };
  const { entries, items, itemOf } = made;
  const { from, until } = period;
  const hourMinor = rates.labour.value;
  const reviews = useMemo(
    () => designReviews({ entries, items, from, until, hourMinor }),
    [entries, items, from, until, hourMinor],
  );
  const lines = useMemo(
    () => soldLines(entries, itemOf).filter(({ on }) => on >= from && on <= until),
    [entries, itemOf, from, until],
  );
  const money = (minor: number) => showValue(minor, rates.currency);
  const taken = lines.reduce((sum, { paidMinor }) => sum + paidMinor, 0);
  return (
    <Spread
      title={words.review}
      left={
        <>
          <FinishedNav />
          <div className="flex flex-wrap items-baseline justify-between gap-x-4">
            <h1>{words.review}</h1>
            <span className="chrome flex items-baseline gap-4 text-[15px]">
              <Choice
                open
                value={list.year}
                options={[
                  { value: '', label: words.lastTwelve },
                  ...years.map((year) => ({ value: year, label: year })),
                ]}
                label={words.year}
                onChange={(year) => setList({ year })}
              />
              <button type="button" className="link" onClick={() => window.print()}>
                {words.print}
              </button>
            </span>
          </div>
          {made.isThere && reviews.length === 0 && <p className="mt-3 max-w-[60ch]">{words.noReviewYet}</p>}
          {reviews.length > 0 && (
            <>
              <h2 className="mt-4">{words.byPiece}</h2>
              <table className="rows mt-1" aria-label={words.byPiece}>
                <TableHeader
                  of={[
                    { hidden: words.piece, width: 'w-[52px]' },
                    words.piece,
                    { end: words.made },
                    { end: words.sold },
                    { end: words.there },
                    { end: words.averagePrice },
                    { end: words.perHour },
                    words.verdict,
                  ]}
                />
                <tbody>
                  {reviews.map((review) => (
                    <ReviewRow key={review.pieceId || review.name} review={review} hourMinor={hourMinor} />
                  ))}
                </tbody>
              </table>
              <ChannelReview lines={lines} from={from} until={until} />
            </>
          )}
        </>
      }
      leftFoot={<span>{rates.currency}</span>}
      right={
        <>
          <YearPage made={made} from={from} until={until} />
          <PriceLessons lines={lines} until={until} />
        </>
      }
      bottomLine={
        made.isThere && (
          <span className="font-semibold">
            {words.takings} {money(taken)}
          </span>
        )
      }
    />
  );
}

const tones = {
  'make-again': 'text-good',
  'raise-the-price': 'text-warn',
  retire: 'text-stop',
  wait: 'text-soft',
} as const satisfies Record<DesignReview['verdict'], string>;

function ReviewRow({ review, hourMinor }: { review: DesignReview; hourMinor: number }) {
  const { rates } = useBasis();
  const [open, setOpen] = useState(false);
  const money = (minor: number) => showValue(minor, rates.currency);
  const { pieceId, name, made, count, held, averagePriceMinor, perHourMinor, verdict } = review;
  return (
    <>
      <tr className="border-b border-hair">
        <td className="first">
          <MadeThumb item={{ photo: '', pieceId }} />
        </td>
        <td>
          {pieceId ? (
            <Link className="link" to={`/pieces/${pieceId}`}>
              {name}
            </Link>
          ) : (
            name
          )}
        </td>
        <td className="end num">{made}</td>
        <td className="end num">{count}</td>
        <td className="end num">{held}</td>
        <td className="end num">{count > 0 ? money(averagePriceMinor) : ''}</td>
        <td className="end num font-semibold">{perHourMinor === null ? '' : money(perHourMinor)}</td>
        <td>
          <button
            type="button"
            className={`fold link ${tones[verdict]}`}
            aria-expanded={open}
            aria-label={`${name}: ${verdictWords[verdict]}`}
            onClick={() => setOpen(!open)}
          >
            {verdictWords[verdict]}
          </button>
        </td>
      </tr>
      {open && (
        <tr>
          <td />
          <td colSpan={7} className="pb-2 text-[15px]">
            <Reasons review={review} hourMinor={hourMinor} />
          </td>
        </tr>
      )}
    </>
  );
}

/** The figures that a verdict rests on. */
function Reasons({ review, hourMinor }: { review: DesignReview; hourMinor: number }) {
  const { rates } = useBasis();
  const money = (minor: number) => showValue(minor, rates.currency);
  const { paidMinor, goneMinor, keptMinor, forWorkMinor, hours, perHourMinor, bySize, byChannel } = review;
  const channelName = (id: string) => rates.selling.channels.find((one) => one.id === id)?.name ?? words.cash;
  return (
    <ul className="list-disc pl-5">
      <li className="num">
        {words.paid} {money(paidMinor)} − {words.feesAndTax} {money(goneMinor)} = {words.received} {money(keptMinor)}
      </li>
      {perHourMinor !== null && (
        <li className="num">
          ({money(keptMinor)} − {words.cost.toLowerCase()} {money(keptMinor - forWorkMinor)}) ÷ {showNumber(hours, 1)} h
          = {money(perHourMinor)} {words.perHour}; {money(hourMinor)}
        </li>
      )}
      <li className="num">
        {words.actualCost} {money(review.costEachMinor)}, {words.estimate} {money(review.estimateEachMinor)};{' '}
        {showNumber(review.minutesEach, 0)} {words.minutes}, {words.estimate}{' '}
        {showNumber(review.estimateMinutesEach, 0)} {words.minutes}
      </li>
      {review.weeksToSell !== null && (
        <li className="num">
          {words.weeksToSell}: {showNumber(review.weeksToSell, 1)}
        </li>
      )}
      {byChannel.length > 0 && (
        <li>
          {words.where}: {byChannel.map(({ channel, sold }) => `${channelName(channel)} ${String(sold)}`).join(', ')}
        </li>
      )}
      {bySize.length > 1 && (
        <li>
          {words.bestSizes}:{' '}
          {bySize
            .map(
              ({ name, sold, held }) => `${name || '–'} ${String(sold)} ${words.sold}, ${String(held)} ${words.there}`,
            )
            .join('; ')}
        </li>
      )}
    </ul>
  );
}
