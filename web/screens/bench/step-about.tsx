// What a step is done to, with what, and what to mind: parts drawn to scale, solder, cautions, inspection.
import type { StepCard } from '../../../core/bench/step-card.ts';
import { BlankStrip, longestSideMm } from '../../components/blank-strip.tsx';
import { words } from '../../words/bench.ts';

/** Parts that are drawn; the others are counted. */
const SHOWN = 4;
const WIDTH_PX = 84;

export function StepAbout({ card: { joins, parts, cautions, look } }: { card: StepCard }) {
  const shown = parts.slice(0, SHOWN);
  const longest = Math.max(1, ...shown.map(({ cut }) => longestSideMm(cut)));
  return (
    <>
      {joins.map(({ solder, more }) => (
        <p key={`${solder} ${more}`} className="mt-2 text-[22px]">
          <b>{solder}</b>
          {more && `, ${more}`}
        </p>
      ))}
      {shown.length > 0 && (
        <ul className="mt-2 flex flex-wrap gap-x-8 gap-y-2">
          {shown.map(({ id, name, material, blank, cut, section, alloy }) => (
            <li key={id} className="flex max-w-full items-center gap-3">
              <span style={{ width: Math.max(14, (WIDTH_PX * longestSideMm(cut)) / longest) }}>
                <BlankStrip cut={cut} section={section} alloy={alloy} longestMm={longest} width={WIDTH_PX} />
              </span>
              <span className="min-w-0 text-[18px] leading-tight">
                <span className="bench-aside block">{name}</span>
                {material}
                <span className="block">{blank}</span>
              </span>
            </li>
          ))}
          {parts.length > SHOWN && <li className="bench-aside self-center">and {parts.length - SHOWN} more</li>}
        </ul>
      )}
      {cautions.length > 0 && <p className="bench-note mt-3">{cautions.join(' ')}</p>}
      {look && (
        <p className="bench-note bench-look mt-2">
          <b>{words.lookAt}</b> {look}.
        </p>
      )}
    </>
  );
}
