// Reads a question about a melt: which metal is at hand, which is wanted, and which is only asked for.
import { isFineness, preciousOf } from './answers/fineness-number.ts';
import type { Question } from './question.ts';

/** A metal of a melt: an alloy, or a number that is a fineness. */
export interface MeltMetal {
  readonly start: number;
  readonly end: number;
  readonly name: string;
  /** ‰; null for a metal without a precious one. */
  readonly perThousand: number | null;
  /** Mass shares; null for a number. */
  readonly composition: Readonly<Record<string, number>> | null;
  /** Whether its word means one of several alloys: silver. */
  readonly isVague: boolean;
  /** Marks it as used. */
  use(): void;
}

/** What is asked of a melt of one weight. */
export type MeltQuestion =
  /** Masses of metals in a mass of an alloy. */
  | { readonly kind: 'content'; readonly of: readonly MeltMetal[]; readonly metal: MeltMetal }
  /** What brings one metal to the fineness of another. */
  | {
      readonly kind: 'alloying';
      readonly from: MeltMetal;
      readonly to: MeltMetal;
      /** Metals that are named only as what to add. */
      readonly added: readonly MeltMetal[];
      /** Whether the weight is that of the whole melt. */
      readonly isTotal: boolean;
      /** Whether the whole melt is asked for, not the addition. */
      readonly asksTotal: boolean;
    };

/** The metals of a line, in order. */
export function meltMetals({ alloys, numbers }: Question): MeltMetal[] {
  return [
    ...alloys.map((named): MeltMetal => ({
      start: named.start,
      end: named.end,
      name: named.alloy.name,
      perThousand: named.alloy.fineness,
      composition: named.alloy.composition,
      isVague: named.isPhrase && named.others.length > 0,
      use: () => (named.used = true),
    })),
    ...numbers
      .filter(({ value }) => isFineness(value))
      .map((amount): MeltMetal => ({
        start: amount.start,
        end: amount.end,
        name: String(amount.value),
        perThousand: amount.value,
        composition: null,
        isVague: false,
        use: () => (amount.used = true),
      })),
  ].sort((a, b) => a.start - b.start);
}

const ASKED_BEFORE =
  /(?:\bhow much|\b(?:grams?|g|ounces?|oz|ozt|dwt|weight|amount|mass|content) of|\badd(?:ing)?|\bwith)(?: the| more| pure| extra)?\s*$/i;
const ASKED_AFTER =
  /^\s*(?:content|(?:is |are )?(?:needed|required)|do i (?:need|add)|(?:should|must) i add|(?:is |are )?(?:there )?in\b|to add\b|(?:needed |required )?(?:to (?:make|get|produce)|for)\s+(?=\d))/i;
const BESIDE_MASS = /^\s*(?:of\s+)?(?:my |old |some |scrap |clean )*$/i;
const TAKEN_FROM = /\b(?:from|out of|using|with)\s+(?:(?:my|old|some|scrap|clean|only)\s+)*$/i;
const BECOMES = /\b(?:to|into|for|make|making|get|reach|become|want|is|as|until)\b/i;
const CONTENT = /\b(?:content|contains?|containing)\b/i;
const ASKS_TOTAL =
  /\b(?:can|could|will|would|do) (?:i|we|you|it) (?:make|get|have)\b|\bend up\b|\bin total\b|\bmakes? how much\b/i;
/** From this fineness on a metal is pure, ‰. */
const PURE = 999;

/** @returns null where the line asks nothing of a melt of one weight */
export function meltQuestion(question: Question): MeltQuestion | null {
  const { line, masses, sizes, scales, letter } = question;
  const [mass] = masses;
  if (!mass || masses.length > 1 || sizes.length > 0 || scales.length > 0 || letter !== null) return null;
  const metals = meltMetals(question);
  const beside =
    metals.find(({ start }) => start >= mass.end && BESIDE_MASS.test(line.slice(mass.end, start))) ??
    metals.find(({ end }) => end <= mass.start && /^\s*[:,]?\s*$/.test(line.slice(end, mass.start)));
  const before = (metal: MeltMetal) =>
    line.slice(Math.max(0, ...endsBefore(metal.start, [mass, ...metals])), metal.start);
  const isAsked = (metal: MeltMetal) =>
    metal !== beside &&
    (isBase(metal) || ASKED_BEFORE.test(before(metal)) || ASKED_AFTER.test(line.slice(metal.end))) &&
    !TAKEN_FROM.test(before(metal).replace(/\bwith\s+$/i, ''));
  const asked = metals.filter(isAsked);
  const [one, other, ...more] = metals.filter((metal) => !asked.includes(metal));
  if (!one || more.length > 0) return null;
  if (!other) return ofOneMetal(question, asked, one, line.slice(0, mass.start));
  if (!beside || (beside !== one && beside !== other)) return null;
  const rest = beside === one ? other : one;
  if (!isSameMetal(beside, rest)) return null;
  // 40 g 18k in fine gold: how much is in it.
  const isPurer = (rest.perThousand ?? 0) >= PURE && (beside.perThousand ?? 0) < PURE;
  if (asked.length === 0 && isPurer && /\b(?:in|as)\s+$/i.test(before(rest)))
    return { kind: 'content', of: [rest], metal: beside };
  const isTotal = TAKEN_FROM.test(before(rest));
  // Sterling from 120 g fine silver: how much there will be.
  const isMadeFrom = asked.length === 0 && beside === other && TAKEN_FROM.test(line.slice(0, mass.start));
  if (asked.length === 0 && !isTotal && !isMadeFrom && !question.hasTo && !BECOMES.test(line)) return null;
  // 24k to 18k, 10 g: the weight is named last.
  const isSaidLast = /^\s*(?:in)?to\s*$/i.test(line.slice(one.end, other.start));
  const [from, to] = isSaidLast ? [one, other] : isTotal ? [rest, beside] : [beside, rest];
  return {
    kind: 'alloying',
    from,
    to,
    added: asked,
    isTotal,
    asksTotal: !isTotal && ASKS_TOTAL.test(line),
  };
}

function ofOneMetal(
  { line }: Question,
  asked: readonly MeltMetal[],
  metal: MeltMetal,
  beforeMass: string,
): MeltQuestion | null {
  const [wanted] = asked;
  if (!wanted) return CONTENT.test(line) ? { kind: 'content', of: [metal], metal } : null;
  const isAlloy = wanted.perThousand !== null && wanted.perThousand < PURE && !wanted.isVague;
  // 45 g of fine silver, how much sterling can I make: an alloy is no content of its pure metal.
  const isOfPure = isAlloy && (metal.perThousand ?? 0) >= PURE && ASKS_TOTAL.test(line);
  if (
    asked.length === 1 &&
    isAlloy &&
    isSameMetal(wanted, metal) &&
    (isOfPure || /\b(?:from|out of|using|with|of)\s*$/i.test(beforeMass))
  )
    return { kind: 'alloying', from: metal, to: wanted, added: [], isTotal: false, asksTotal: true };
  return { kind: 'content', of: asked, metal };
}

/** Copper without precious metal: it is only added, or asked for. */
function isBase({ perThousand, composition }: MeltMetal): boolean {
  return perThousand === null && (composition?.['Cu'] ?? 0) > 0.99;
}

function endsBefore(at: number, spans: readonly { readonly end: number }[]): number[] {
  return spans.map(({ end }) => end).filter((end) => end <= at);
}

/** A number has the metal of the word beside it. */
function isSameMetal(one: MeltMetal, other: MeltMetal): boolean {
  const [a, b] = [mainMetal(one), mainMetal(other)];
  return a === null || b === null || a === b;
}

/** The metal whose fineness an alloy has, or else its greatest share; null for a number. */
export function mainMetal({ composition }: Pick<MeltMetal, 'composition'>): string | null {
  if (!composition) return null;
  return preciousOf(composition) || (Object.entries(composition).sort(([, a], [, b]) => b - a)[0]?.[0] ?? null);
}
