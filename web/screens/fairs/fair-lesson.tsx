// What past fairs teach this one, and what was sold here by the entries.
import { minorDigits } from '../../../core/figure/figure.ts';
import { showValue } from '../../../core/figure/show.ts';
import { inStudioDecimals, showNumber } from '../../../core/format/numbers.ts';
import {
  type FairLesson,
  fairLesson,
  type LearnedShare,
  type LearnedVisitors,
} from '../../../core/made/fair-learning.ts';
import { fairCame, pastFairs } from '../../../core/made/fair-outcome.ts';
import type { Fair } from '../../../core/price/fair/fair.ts';
import { daysOfFair } from '../../../core/price/fair/fair-days.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import type { Edit } from '../../hooks/use-document.ts';
import { useMade } from '../../hooks/use-made.ts';
import { useGetFairsQuery } from '../../state/endpoints/fairs.ts';
import { words } from '../../words/fairs.ts';

interface FairLessonNoteProps {
  readonly id: string;
  readonly fair: Fair;
  readonly edit: Edit<Fair>;
}

export function FairLessonNote({ id, fair, edit }: FairLessonNoteProps) {
  const { data: fairs = [] } = useGetFairsQuery();
  const { entries } = useMade();
  const lesson = fairLesson(pastFairs(fairs, entries, { id, body: fair }));
  const { rates } = useBasis();
  const came = fairCame(entries, id);
  const percent = (share: number) => `${inStudioDecimals((100 * share).toFixed(1))} %`;
  const takeShares = ({ buyers, second, third, visitorsADay }: FairLesson) => {
    edit('buyers', (draft) => {
      if (visitorsADay) draft.visitors = String(Math.round(visitorsADay.mean * daysOfFair(draft)));
      draft.buyers = percent(buyers.share);
      for (const level of draft.levels) {
        if (!level.price.includes('/')) continue;
        level.second = percent(second.share);
        if (level.price.split('/').length > 2) level.third = percent(third.share);
      }
    });
  };
  if (lesson.fairs === 0 && came.pieces === 0) return null;
  return (
    <section className="note chrome mt-4" aria-label={words.fromYourFairs}>
      {lesson.fairs > 0 && (
        <>
          <p>
            <b>{words.fromYourFairs}</b>: <Share share={lesson.buyers} /> {words.ofVisitorsBuy};{' '}
            <Share share={lesson.second} /> {words.takeASecond}; <Share share={lesson.third} /> {words.takeAThird}.{' '}
            {lesson.visitorsADay && <Visitors aDay={lesson.visitorsADay} />}
            <span className="aside">
              {lesson.fairs} {lesson.fairs === 1 ? words.pastFair : words.pastFairs}, {words.taughtBy}.
            </span>
          </p>
          <button type="button" className="link" onClick={() => takeShares(lesson)}>
            {words.useThese}
          </button>
        </>
      )}
      {came.pieces > 0 && (
        <p>
          <b>{words.soldHere}</b>: <span className="num">{showValue(came.paidMinor, rates.currency)}</span>,{' '}
          <span className="num">{came.pieces}</span> {words.piecesSold},{' '}
          <span className="num">{came.baskets.length}</span> {words.customers}.{' '}
          <button
            type="button"
            className="link"
            onClick={() =>
              edit(
                'taken',
                (draft) =>
                  void (draft.taken = inStudioDecimals(String(came.paidMinor / 10 ** minorDigits(rates.currency)))),
              )
            }
          >
            {words.useAsTakings}
          </button>
        </p>
      )}
    </section>
  );
}

function Visitors({ aDay: { mean, low, high } }: { readonly aDay: LearnedVisitors }) {
  return (
    <>
      <span className="num">{showNumber(mean, 0)}</span> {words.visitorsADay}
      {low < high && (
        <span className="num text-soft">
          {' '}
          ({showNumber(low, 0)} – {showNumber(high, 0)})
        </span>
      )}
      .{' '}
    </>
  );
}

function Share({ share: { share, low, high } }: { share: LearnedShare }) {
  return (
    <span className="num">
      {showNumber(100 * share, 1)} %{' '}
      <span className="text-soft">
        ({showNumber(100 * low, 1)} – {showNumber(100 * high, 1)})
      </span>
    </span>
  );
}
