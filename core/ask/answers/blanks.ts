// How many blanks a length gives: each needs its length and a kerf; the last one needs no cut where it ends with the stock.
import { computed, given, inSum } from '../../figure/figure.ts';
import type { TopicAnswer } from '../question.ts';
import type { Slots } from '../slots.ts';

const ASKS: readonly RegExp[] = [
  /\b(?:how many|number of)\b.*\b(?:from|out of|in|per|of)\b/i,
  /^\s*(?:blanks|pieces|lengths)\b.*\b(?:from|out of)\b/i,
  // In any order with a kerf.
  /^(?=.*\bkerf\b)(?=.*\b(?:blanks|pieces|lengths)\b).*\b(?:from|out of|how many)\b/i,
];

/** @returns null where the line does not ask how many lengths a length gives */
export function blanksAnswer(slots: Slots): TopicAnswer | null {
  const { line, topics, masses } = slots.question;
  if (!ASKS.some((pattern) => pattern.test(line)) || topics.size > 0 || masses.length > 0) return null;
  const number = kerfAsNumber(slots);
  // The word belongs to the number behind it, not to the length before it.
  if (number) for (const size of slots.question.sizes) if (size.role === 'kerf') size.role = null;
  const cut = number ?? slots.take('kerf', 'kerf');
  const lengths = slots.question.sizes.filter(({ used, gauge, mm }) => !used && !gauge && mm !== null);
  if (lengths.length !== 2) return null;
  const [blank, stock] = lengths
    .toSorted((a, b) => (a.mm ?? 0) - (b.mm ?? 0))
    .map((size, at) => slots.figure(size, at === 0 ? 'blank' : 'stock', 'round'));
  if (!blank || !stock) return null;
  const kerf = cut ?? given('kerf', 0, 'mm', 'none given');
  const count = Math.floor((stock.value + kerf.value) / (blank.value + kerf.value) + 1e-9);
  const how = `(${inSum(stock.value)} + ${inSum(kerf.value)}) ÷ (${inSum(blank.value)} + ${inSum(kerf.value)}), whole blanks`;
  const blanks = computed('blanks', count, '', how, [stock, blank, kerf]);
  const rest = Math.max(0, stock.value - count * (blank.value + kerf.value));
  const over = `${inSum(stock.value)} − ${inSum(count)} × (${inSum(blank.value)} + ${inSum(kerf.value)})`;
  return { figures: [blanks, computed('left over', rest, 'mm', over, [stock, blanks, blank, kerf])] };
}

/** `stock for 24 blanks of 57.6 mm, kerf 0.3 mm`: the length that they are cut from; null for any other question. */
export function stockForBlanksAnswer(slots: Slots): TopicAnswer | null {
  const { line, topics, masses, sizes } = slots.question;
  const isAsked = /\bkerf\b/i.test(line) && /\b(?:blanks|pieces|lengths)\b/i.test(line) && !/\bhow many\b/i.test(line);
  const saw = sizes.find(({ role }) => role === 'kerf');
  const [length, ...others] = sizes.filter((size) => size !== saw);
  if (!isAsked || topics.size > 0 || masses.length > 0 || !saw || !length || length.gauge || others.length > 0)
    return null;
  const count = slots.count('pieces');
  if (count === null) return null;
  const kerf = slots.figure(saw, 'kerf', 'round');
  const blank = slots.figure(length, 'blank', 'round');
  const how = `${inSum(count)} × ${inSum(blank.value)} + ${inSum(count - 1)} × ${inSum(kerf.value)}`;
  const stock = count * blank.value + (count - 1) * kerf.value;
  return { figures: [computed('stock to cut from', stock, 'mm', how, [blank, kerf])] };
}

/** `kerf 0.3`: a number without a unit is in mm. */
function kerfAsNumber(slots: Slots) {
  const { line, numbers } = slots.question;
  const [number] = numbers;
  if (!number || !/\bkerf\s*(?:of\s*)?$/i.test(line.slice(0, number.start))) return null;
  return given('kerf', slots.number() ?? 0, 'mm', 'as asked');
}
