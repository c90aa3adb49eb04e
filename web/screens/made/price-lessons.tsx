// What sold at which price, by channel; where data are too few, it says so.
import { showValue } from '../../../core/figure/show.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { type PriceLesson, priceLesson } from '../../../core/made/price-lessons.ts';
import { pricesSold } from '../../../core/made/prices-sold.ts';
import type { SoldLine } from '../../../core/made/sold-lines.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { words } from '../../words/made.ts';

const MOST_SHOWN = 10;

const verdicts = (): Readonly<Record<PriceLesson['verdict'], string>> => ({
  'too-few': words.tooFew,
  'one-price': words.onePrice,
  'no-difference': words.noDifference,
  slower: words.slower,
  faster: words.faster,
});

export function PriceLessons({ lines, until }: { lines: readonly SoldLine[]; until: string }) {
  const { rates } = useBasis();
  const money = (minor: number) => showValue(minor, rates.currency);
  const channel = (id: string) => rates.selling.channels.find((one) => one.id === id)?.name ?? words.cash;
  const groups = pricesSold(lines, until)
    .map((group) => ({ ...group, lesson: priceLesson(group.prices) }))
    .sort((a, b) => total(b.lesson) - total(a.lesson));
  if (groups.length === 0) return null;
  return (
    <section className="mt-6" aria-labelledby="by-price">
      <h2 id="by-price">{words.byPrice}</h2>
      {groups.slice(0, MOST_SHOWN).map(({ name, channel: id, lesson }) => (
        <div key={`${name} ${id}`} className="mt-2 text-[15px]">
          <p>
            <b>{name}</b>, <span className="aside">{channel(id)}</span>
          </p>
          <ul className="pl-4">
            {lesson.rates.map(({ priceMinor, sold, aWeek, low, high }) => (
              <li key={priceMinor} className="num">
                {money(priceMinor)}: {sold} {words.sold}, {showNumber(aWeek, 2)} {words.aWeek}{' '}
                <span className="aside">
                  ({words.range} {showNumber(low, 2)} – {showNumber(high, 2)})
                </span>
              </li>
            ))}
          </ul>
          <p className="aside">{verdicts()[lesson.verdict]}</p>
        </div>
      ))}
    </section>
  );
}

const total = ({ rates }: PriceLesson) => rates.reduce((sum, { sold }) => sum + sold, 0);
