// A piece at a glance: its first picture, or else its blanks drawn to one scale.
import { memo } from 'react';
import { photoRoutes } from '../../contract/photos.ts';
import { pathTo } from '../../contract/route.ts';
import type { Cut } from '../../core/blank/cut.ts';
import type { Alloy } from '../../core/metal/alloys.ts';
import type { Piece } from '../../core/piece/piece.ts';
import type { Section } from '../../core/stock/section.ts';
import { BlankStrip, longestSideMm } from './blank-strip.tsx';
import { SectionGlyph } from './section-glyph.tsx';

const WIDTH = 48;
const MOST_BLANKS = 3;

/** A part as far as it is drawn. */
interface DrawnPart {
  readonly section: Section | null;
  readonly alloy: Alloy | null;
  readonly cut?: Cut | null;
}

interface PieceThumbProps {
  readonly photos: Piece['photos'];
  readonly parts: readonly DrawnPart[];
}

export const PieceThumb = memo(function PieceThumb({ photos: [photo], parts }: PieceThumbProps) {
  if (photo)
    return (
      <img
        src={`${pathTo(photoRoutes.get, photo)}?px=96`}
        alt=""
        loading="lazy"
        width={WIDTH}
        height={WIDTH}
        className="size-[48px] shrink-0 self-start rounded-[3px] object-cover"
      />
    );
  const drawn = parts.flatMap(({ section, alloy, cut }) => (section && alloy && cut ? [{ section, alloy, cut }] : []));
  const longestMm = Math.max(0, ...drawn.map(({ cut }) => longestSideMm(cut)));
  if (longestMm === 0) return <SectionGlyph section={parts[0]?.section ?? null} alloy={parts[0]?.alloy ?? null} />;
  return (
    <span
      className="flex max-h-[48px] w-[48px] shrink-0 flex-col self-start justify-center gap-px overflow-hidden"
      aria-hidden="true"
    >
      {drawn.slice(0, MOST_BLANKS).map((part, index) => (
        <BlankStrip key={index} {...part} longestMm={longestMm} width={WIDTH} />
      ))}
    </span>
  );
}, sameThumb);

function sameThumb({ photos: [a], parts }: PieceThumbProps, { photos: [b], parts: others }: PieceThumbProps): boolean {
  return a?.id === b?.id && parts === others;
}
