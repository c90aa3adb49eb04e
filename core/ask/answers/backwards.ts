// From a blank back to what it makes: the ring size or the bangle of a length that is cut already.
import { computed, type Figure, given, inSum } from '../../figure/figure.ts';
import type { Question } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';
import { massOf } from './round-wire.ts';

/** Whether a question starts from a blank: `ring from a 58 mm blank, 2 mm thick`. */
export function isFromBlank({ question }: Slots): boolean {
  return asksSizeOfStrip(question) || FROM_BLANK.some((pattern) => pattern.test(question.line));
}

const FROM_BLANK: readonly RegExp[] = [
  /\bfrom\b.*\bblank\b|\bblank\b.*\b(?:what|which) (?:ring )?size\b/i,
  /^\s*[\d./ ]+\s*(?:mm|cm|in|")\s+(?:strip|blank|piece|length)\b.*\bring size\b/i,
  /\b(?:what|which) (?:size )?ring\b.*\bfrom [\d./ ]+\s*(?:mm|cm|in|")\s+of\b/i,
  /\b(?:bend|bent|form|curl|turn|make)\b.*?[\d./]+ ?(?:mm|cm|in|") of\b.*\b(?:in)?to (?:an? )?(?:ring|band|bangle)\b/i,
  /\b(?:ring|band|bangle|cuff)\b from [\d./ ]+\s*(?:mm|cm|in|") of\b/i,
  /^\s*[\d./ ]+\s*(?:mm|cm|in|")\s+of\b.*\bring\b/i,
];

/** A long size beside a thin one, and the ring size is asked: `62 mm strip 2 mm thick what us size`. */
function asksSizeOfStrip({ line, sizes, numbers, letter }: Question): boolean {
  const isRing =
    /\b(?:what|which)\b.*\b(?:size|ring)\b|\b(?:in|to) (?:us|uk|iso)\b|\bring size\b|\bsize of (?:an? |the )?(?:ring|band)\b/i.test(
      line,
    );
  const isMeasured = /\b(?:finger|measur\w+|circumference|round the|around|inside|id|mandrel|diameter)\b/i.test(line);
  const isBlank = sizes.some(({ mm }) => (mm ?? 0) >= SHORTEST_BLANK_MM) && sizes.length > 1;
  return isRing && !isMeasured && isBlank && numbers.length === 0 && letter === null;
}

const SHORTEST_BLANK_MM = 38;

/** The wire cut off for a ball or a granule: `from 6 mm of 20 ga`; null when the question does not say it so. */
export function cutOffWire(slots: Slots): { readonly length: Figure; readonly wire: Figure } | null {
  const { line } = slots.question;
  const [first, second, more] = slots.question.sizes.filter(({ used }) => !used);
  // 12 mm of 1 mm wire.
  if (first && second && !more && /^\s*(?:long )?of (?:an? )?$/i.test(line.slice(first.end, second.start)))
    return { length: slots.figure(first, 'wire cut off'), wire: slots.figure(second, 'wire') };
  const [from, of] = [line.search(/\b(?:from|cut|melt)\b/i), line.search(/\bof\b/i)];
  const between = slots.free().find(({ start }) => start > from && start < of);
  const after = slots.question.sizes.find(({ start, used }) => !used && start > of);
  if (from < 0 || of < from || !between || !after) return null;
  return { length: slots.figure(between, 'wire cut off'), wire: slots.figure(after, 'wire') };
}

/** Stock that many are cut from: `how many rings from 2 m of wire`; null when the question is not of that kind. */
export function stockOfMany(slots: Slots): Figure | null {
  const { line, sizes } = slots.question;
  if (!/\bhow many\b|\bcan i (?:get|cut|make)\b/i.test(line)) return null;
  const long = sizes.find(({ used, mm }) => !used && (mm ?? 0) >= LEAST_STOCK_MM);
  return long ? slots.figure(long, 'stock') : null;
}

const LEAST_STOCK_MM = 90;

/** Whether a question starts from a measured sample of chain: `chain 450 mm from a sample of 12 links, 51 mm, 6.4 g`. */
export function isFromSample({ question }: Slots): boolean {
  return /\bsample\b/i.test(question.line);
}

/**
 * The links and the mass of a chain from a measured sample of it.
 * @throws NotEnough without the links and the length of the sample, and the length of the chain
 */
export function chainOfSample(slots: Slots): Figure[] {
  const example = 'chain 450 mm from a sample of 12 links, 51 mm, 6.4 g';
  const count = slots.question.counts.links;
  const at = slots.question.line.search(/\bsample\b/i);
  const [inSample] = slots.free().filter(({ start }) => start > at);
  const measured = inSample ? slots.figure(inSample, 'length of the sample') : null;
  const length = slots.take('long', 'length of chain') ?? slots.next('length of chain');
  if (!count || !measured || !length)
    throw new NotEnough('Give the links and the length of the sample, and the length of the chain.', example);
  const counted = given('links of the sample', count, '', 'as asked');
  const pitch = computed('a link adds', measured.value / count, 'mm', `${inSum(measured.value)} ÷ ${inSum(count)}`, [
    measured,
    counted,
  ]);
  const how = `${inSum(length.value)} ÷ ${inSum(pitch.value)}, rounded up`;
  const links = computed('links', Math.ceil(length.value / pitch.value - 1e-9), '', how, [length, pitch]);
  const mass = slots.mass('mass of the sample');
  if (!mass) return [links, pitch];
  const all = `${inSum(mass.value)} × ${inSum(links.value)} ÷ ${inSum(count)}`;
  return [links, computed('mass', (mass.value * links.value) / count, 'g', all, [mass, links, counted]), pitch];
}

/**
 * Inside diameter that a blank makes when it is closed: its length ÷ π less its thickness.
 * @throws NotEnough without both measures, or when the blank is too short for its thickness
 */
export function insideOfBlank(slots: Slots, example: string): { inside: Figure; mass: Figure[] } {
  const thick = slots.take('thick', 'thickness') ?? slots.take('wire', 'thickness') ?? slots.thin('thickness', 'round');
  const length = slots.take('long', 'length of the blank') ?? slots.next('length of the blank');
  if (!length || !thick) throw new NotEnough('Give the length of the blank and its thickness.', example);
  const inside = length.value / Math.PI - thick.value;
  if (!(inside > 0)) throw new NotEnough('This blank is too short to close. Check the length.', example);
  const how = `${inSum(length.value)} ÷ π − ${inSum(thick.value)}`;
  return {
    inside: computed('inside diameter', inside, 'mm', how, [length, thick]),
    mass: slots.question.alloys.length > 0 ? massOf(slots, length, thick) : [],
  };
}
