// The gold alloys that a karat and a colour name.
import type { GoldColour } from './vocabulary.ts';

/** Ids of the alloys that fit, the most common first. */
export function goldIds(
  karat: number | null,
  colour: GoldColour | null,
  whitener: 'palladium' | 'nickel' | null,
  isMelt: boolean,
): readonly string[] {
  if (karat === 24 || (karat === null && !colour)) return ['gold-24k'];
  if (karat === null) return [18, 14].flatMap((each) => goldIds(each, colour, whitener, isMelt));
  const family = `gold-${String(karat)}k`;
  const white = [`${family}-white-pd`, `${family}-white-ni`];
  if (colour === 'white') return whitener ? [`${family}-white-${whitener === 'nickel' ? 'ni' : 'pd'}`] : white;
  if (colour) return [`${family}-${colour}`];
  // In a melt only the fineness counts.
  return isMelt ? [`${family}-yellow`] : [`${family}-yellow`, `${family}-rose`, ...white];
}
