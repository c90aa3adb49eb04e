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

const NARROWEST_GAP_MM = 8;
const THICKEST_MM = 20;

/** What a gauge measures: a thickness, never an inside or a gap. */
const GAUGED: ReadonlySet<Role> = new Set<Role>(['wire', 'thick', 'wall', 'pin', 'high', 'about']);

/**
 * Sets the role of each size. A measuring word belongs to the measure before it, unless that one has a word already, or
 * stands farther off than the one after; then to the one after.
 */
export function giveRoles(line: string, sizes: readonly AskSize[], roles: readonly GivenRole[]): void {
  const isBeside = (from: number, to: number) => !/[a-z\d,;]/i.test(line.slice(from, to).replace(FILLED, ''));
  // 2.5 mm is the diameter of the wire: the word wire takes what is left.
  for (const { role, after, start, end } of [
    ...roles.filter((each) => each.role !== 'wire'),
    ...roles.filter((each) => each.role === 'wire'),
  ]) {
    const fits = (size: AskSize | undefined) => size?.role === null && !(size.gauge && !GAUGED.has(role));
    const [before, next] = [sizes[after - 1], sizes[after]];
    // The kerf is the smaller of the measures beside its word.
    const isKerf = role === 'kerf' && (next?.mm ?? Infinity) < (before?.mm ?? Infinity);
    const isOfOne = role !== 'wire' && role !== 'long';
    // 2 ft of wire: the length, not the thickness.
    if (role === 'wire' && before && /^\s*of\s*$/i.test(line.slice(before.end, start)) && sizes.length > 1) continue;
    const isNearer = isOfOne && before && next && !isBeside(before.end, start) && isBeside(end, next.start);
    // 30 cm of triangle wire 4 mm: the wire is the far smaller one.
    const isWire = role === 'wire' && (next?.mm ?? Infinity) * 5 < (before?.mm ?? 0);
    // 2.5 mm, gap 30 mm: no gap is as narrow as the metal is thick.
    const isGap =
      role === 'opening' && (before?.mm ?? Infinity) < NARROWEST_GAP_MM && (next?.mm ?? 0) >= NARROWEST_GAP_MM;
    // Nor is an inside that small; and wire 1.6 mm inside 5 mm names the wire already.
    const isAround = role === 'around' && (before?.mm ?? Infinity) < THICKEST_MM && (next?.mm ?? 0) >= THICKEST_MM;
    const isNamed =
      role === 'inside' &&
      before !== undefined &&
      next !== undefined &&
      isBeside(end, next.start) &&
      roles.some((other) => {
        const own = sizes[other.after - 1];
        const isFirst = own === undefined || !isBeside(own.end, other.start);
        return other.role === 'wire' && isFirst && other.end < before.start && isBeside(other.end, before.start);
      });
    const isNextFirst =
      role === 'about' || isKerf || isWire || isGap || isAround || isNamed || before?.crossed || isNearer;
    const size = (isNextFirst ? [next, before] : [before, next]).find(fits);
    if (size) size.role = role;
  }
}
