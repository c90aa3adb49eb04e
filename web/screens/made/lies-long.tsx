// Pieces that have lain for more than half a year.
import { fullDay } from '../../../core/format/days.ts';
import { lyingSince } from '../../../core/made/made-balance.ts';
import { itemName } from '../../../core/made/made-item.ts';
import { dayAfter } from '../../../core/measure/days.ts';
import type { Made } from '../../hooks/use-made.ts';
import { useNow } from '../../hooks/use-now.ts';
import { words } from '../../words/made.ts';

const LONG_DAYS = 26 * 7;
const MOST_SHOWN = 8;

export function LiesLong({ made: { entries, itemOf, placeName } }: { made: Made }) {
  const { day } = useNow();
  const lying = lyingSince(entries, dayAfter(day, -LONG_DAYS));
  if (lying.length === 0) return null;
  return (
    <section className="mt-6" aria-labelledby="lies-long">
      <h2 id="lies-long">{words.liesLong}</h2>
      <ul className="mt-1 list-disc pl-5 text-[15px]">
        {lying.slice(0, MOST_SHOWN).map(({ item, place, count, since }) => (
          <li key={`${item} ${place}`}>
            <span className="num">{count} ×</span> {itemName(itemOf.get(item) ?? { name: item, sizeName: '' })},{' '}
            {placeName(place)}, {words.since} <span className="num">{fullDay(since)}</span>
          </li>
        ))}
      </ul>
      <p className="aside mt-1">{words.lyingHelp}</p>
    </section>
  );
}
