// The cut list: what to cut from what, with the blanks drawn to scale beside each other.
import { scaleLinear } from 'd3';
import type { CutLine } from '../../../core/batch/count.ts';
import { familyTints } from '../../../core/metal/alloy.ts';
import { useBasis } from '../../app/reckoning.ts';
import { Glyph } from '../../parts/glyph.tsx';
import { Num } from '../../parts/num.tsx';
import { alloyInText, blankInWords, lengthInWords } from '../../parts/stock-words.ts';
import { sectionInWords } from '../../../core/stock/words.ts';

const STRIP_WIDTH = 150;
const LEAST_STRIP_MM = 40;

export function CutList({ lines }: { lines: readonly CutLine[] }) {
  const { studio } = useBasis();
  const longest = Math.max(LEAST_STRIP_MM, ...lines.map(longestSide));
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
                  <Strip line={line} longestMm={longest} />
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

function Strip({ line: { cut, alloy, section }, longestMm }: { line: CutLine; longestMm: number }) {
  const x = scaleLinear([0, longestMm], [0, STRIP_WIDTH]);
  const paint = { fill: `var(--${familyTints[alloy.family]})`, stroke: 'var(--metal-line)' };
  if (cut.kind === 'length') {
    const thickness = Math.max(3, x(acrossMm(section)));
    return (
      <svg width={STRIP_WIDTH} height={thickness + 2} className="block" aria-hidden="true">
        <rect x={0.5} y={0.5} width={x(cut.length.value)} height={thickness} {...paint} />
      </svg>
    );
  }
  const [width, height] =
    cut.kind === 'disc' ? [x(cut.diameter.value), x(cut.diameter.value)] : [x(cut.length.value), x(cut.width.value)];
  return (
    <svg width={STRIP_WIDTH} height={height + 2} className="block" aria-hidden="true">
      {cut.kind === 'disc' ? (
        <circle cx={width / 2 + 1} cy={height / 2 + 1} r={width / 2} {...paint} />
      ) : (
        <rect x={0.5} y={0.5} width={width} height={height} {...paint} />
      )}
    </svg>
  );
}

// As the blank lies on the bench: a strip on its face.
function acrossMm(section: CutLine['section']): number {
  switch (section.form) {
    case 'round':
      return section.diameterMm;
    case 'square':
      return section.sideMm;
    case 'strip':
    case 'half-round':
    case 'd':
    case 'triangle':
    case 'oval':
      return section.widthMm;
    case 'tube':
    case 'square-tube':
      return section.outsideMm;
    case 'sheet':
      return section.thicknessMm;
  }
}

function longestSide({ cut }: CutLine): number {
  switch (cut.kind) {
    case 'length':
      return cut.length.value;
    case 'disc':
      return cut.diameter.value;
    case 'rectangle':
      return Math.max(cut.width.value, cut.length.value);
  }
}
