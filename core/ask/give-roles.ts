// Gives each measuring word of a line (inside, wide, kerf) to the size that it measures.
import type { Span } from './grammar.ts';
import type { AskSize } from './question.ts';
import type { Role } from './vocabulary.ts';

/** A measuring word, and how many sizes stand before it. */
export interface GivenRole extends Span {
  readonly role: Role;
  readonly after: number;
  readonly word: string;
}

/** Words that may stand between a measure and its word. */
const FILLED = /\b(?:an?|the|of|is|in|and|for|with|by|finger|hand)\b/gi;

/** No opening of a cuff is narrower, mm. */
const NARROWEST_OPENING_MM = 8;
/** Nothing worn is smaller round its inside, mm. */
const SMALLEST_AROUND_MM = 20;
/** The wire is the size this many times smaller than the other. */
const FAR_SMALLER = 5;

/** What a gauge measures: a thickness, never an inside or a gap. */
const GAUGED: ReadonlySet<Role> = new Set<Role>(['wire', 'thick', 'wall', 'pin', 'high', 'about']);

/**
 * Sets the role of each size. A measuring word belongs to the measure before it, unless that one has a word already, or
 * stands farther off than the one after, or is no such measure; then to the one after.
 */
export function giveRoles(line: string, sizes: readonly AskSize[], roles: readonly GivenRole[]): void {
  const isBeside = (from: number, to: number) => !/[a-z\d,;]/i.test(line.slice(from, to).replace(FILLED, ''));
  // 2.5 mm is the diameter of the wire: the word wire takes what is left.
  for (const given of [...roles.filter(isOfOther), ...roles.filter((each) => !isOfOther(each))]) {
    const { role, after, start } = given;
    const [before, next] = [sizes[after - 1], sizes[after]];
    // 2 ft of wire: the length, not the thickness.
    if (role === 'wire' && before && /^\s*of\s*$/i.test(line.slice(before.end, start)) && sizes.length > 1) continue;
    const fits = (size: AskSize | undefined) => size?.role === null && !(size.gauge && !GAUGED.has(role));
    const isOfNext = before && next && (isBySize(role, before, next) || isByPlace(given, before, next, isBeside) || isWired(given, before, next, sizes, roles, isBeside)); // prettier-ignore
    const size = (role === 'about' || isOfNext ? [next, before] : [before, next]).find(fits);
    if (size) size.role = role;
  }
}

const isOfOther = ({ role }: GivenRole) => role !== 'wire';

type IsBeside = (from: number, to: number) => boolean;

/** By their sizes the word can only mean the next measure. */
function isBySize(role: Role, { mm: before }: AskSize, { mm: next }: AskSize): boolean {
  if (before === null || next === null) return false;
  switch (role) {
    case 'kerf':
      return next < before;
    // 30 cm of triangle wire 4 mm.
    case 'wire':
      return next * FAR_SMALLER < before;
    // 2.5 mm, gap 30 mm.
    case 'opening':
      return before < NARROWEST_OPENING_MM && next >= NARROWEST_OPENING_MM;
    case 'around':
      return before < SMALLEST_AROUND_MM && next >= SMALLEST_AROUND_MM;
    default:
      return false;
  }
}

/** The next measure stands nearer, or the one before is crossed: 12 x 8 mm, 3 mm high. */
function isByPlace({ role, start, end }: GivenRole, before: AskSize, next: AskSize, isBeside: IsBeside): boolean {
  const isNearer = !isBeside(before.end, start) && isBeside(end, next.start);
  return before.crossed || (isNearer && role !== 'wire' && role !== 'long');
}

/** Wire 1.6 mm inside 5 mm: the word wire stands right before the first measure, and has none before it. */
function isWired(
  { role, end }: GivenRole,
  before: AskSize,
  next: AskSize,
  sizes: readonly AskSize[],
  roles: readonly GivenRole[],
  isBeside: IsBeside,
): boolean {
  if (role !== 'inside' || !isBeside(end, next.start)) return false;
  return roles.some((other) => {
    const own = sizes[other.after - 1];
    const isFirst = own === undefined || !isBeside(own.end, other.start);
    return other.role === 'wire' && isFirst && other.end < before.start && isBeside(other.end, before.start);
  });
}
