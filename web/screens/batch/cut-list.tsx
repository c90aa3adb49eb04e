// The cut list: what to cut from what, with the blanks drawn to scale beside each other.
import type { CutLine } from '../../../core/batch/count.ts';
import { useBasis } from '../../app/reckoning.ts';
import { BlankStrip, longestSideMm } from '../../parts/blank-strip.tsx';
import { Glyph } from '../../parts/glyph.tsx';
import { Num } from '../../parts/num.tsx';
import { alloyInText, blankInWords, lengthInWords } from '../../parts/stock-words.ts';
import { sectionInWords } from '../../../core/stock/words.ts';

const STRIP_WIDTH = 150;
const LEAST_STRIP_MM = 40;

export function CutList({ lines }: { lines: readonly CutLine[] }) {
  const { studio } = useBasis();
  const longest = Math.max(LEAST_STRIP_MM, ...lines.map(({ cut }) => longestSideMm(cut)));
  return (
    <section aria-labelledby="cuts" className="mt-5">
      <h2 id="cuts">Cut list</h2>
      {lines.length === 0 && <p className="mt-2 text-soft">Nothing of this piece is cut here.</p>}
      {lines.length > 0 && (
        <table className="rows">
          <thead>
            <tr>
              <th className="first w-[46px]">
                <span className="sr-only">section</span>
              </th>
              <th scope="col">part, cut from</th>
              <th scope="col" className="end">
                blanks
              </th>
              <th scope="col">each, to scale</th>
              <th scope="col" className="end">
                in all
              </th>
              <th scope="col" className="end">
                g
              </th>
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <tr key={line.part.id} className="border-b border-hair">
                <td className="first">
                  <Glyph section={line.section} alloy={line.alloy} />
                </td>
                <td>
                  {line.part.name || 'part'}
                  <span className="aside block">
                    {alloyInText(line.alloy)}, {sectionInWords(line.section)}
                  </span>
                </td>
                <td className="end">
                  <Num figure={line.count} />
                </td>
                <td>
                  <span className="num">{blankInWords(line.cut, studio.units)}</span>
                  <BlankStrip {...line} longestMm={longest} width={STRIP_WIDTH} />
                </td>
                <td className="end num">
                  {line.length ? lengthInAll(line.length.value, studio.units) : <span className="aside">sheet</span>}
                </td>
                <td className="end">
                  <Num figure={line.grams} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

function lengthInAll(mm: number, units: 'mm' | 'inch'): string {
  return units === 'mm' && mm >= 1000 ? `${(mm / 1000).toFixed(3)} m` : lengthInWords(mm, units);
}
