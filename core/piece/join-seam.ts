// Whether a soldered joint shows and is filed.
import type { Join } from './join.ts';
import type { Piece } from './piece.ts';
import { membersOf } from './scope.ts';
import { isWound } from './wound.ts';

/**
 * Whether the seam of a join shows and is filed. As the maker said; else soldered seams of made parts do, and links,
 * wraps, settings, rivets, fused links, sweated faces and small wire on findings do not (common practice).
 */
export function seamShows(join: Join, piece: Piece): boolean {
  if (join.kind !== 'solder') return false;
  if (join.shows) return join.shows === 'yes';
  if (join.form === 'sweat') return false;
  const members = join.parts.flatMap((id) => membersOf(id, piece));
  return !members.some(
    (id) =>
      piece.findings.some((finding) => finding.id === id && finding.kind !== 'customer' && finding.kind !== 'blank') ||
      piece.parts.some((part) => part.id === id && (isWound(part) || isUnfiled(part))),
  );
}

// A post, pin or balled wire stands on its joint; a filed knuckle loses the edge of its bore.
function isUnfiled({ blank, section }: Piece['parts'][number]): boolean {
  return (
    blank.rule === 'balled' || blank.rule === 'knuckles' || (blank.rule === 'straight' && section.form === 'round')
  );
}
