// Whether a soldered joint shows and is filed.
import type { Join } from './join.ts';
import type { Piece } from './piece.ts';
import { membersOf } from './scope.ts';

/** Blanks whose joints are too small to file, and hinge knuckles, which lose their bore edge (common practice). */
const WOUND = new Set(['jump-ring', 'chain', 'woven', 'wrap', 'granule', 'knuckles']);

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
      piece.parts.some((part) => part.id === id && (WOUND.has(part.blank.rule) || isPost(part))),
  );
}

// A post, pin or balled wire stands on its joint: there is no seam to file.
function isPost({ blank, section }: Piece['parts'][number]): boolean {
  return blank.rule === 'balled' || (blank.rule === 'straight' && section.form === 'round');
}
