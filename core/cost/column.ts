// The cost column: everything one piece needs in grams, minutes and money, adding up to its cost.
import { computed, type Figure, given, inSum, totalOf } from '../figure/figure.ts';
import { roundSum } from '../figure/round-money.ts';
import type { ScrapTerms } from '../studio/rates.ts';
import { hourly } from './hourly.ts';
import { metalLine, type PricedPart, type PricedSolder, scrapLine, solderLine, spoiltMetal } from './metal-lines.ts';
import { rejectsEach, type Spoiling } from './rejects.ts';

/** Lines of the cost column. */
export type CostKey =
  | 'metal'
  | 'solder'
  | 'scrap'
  | 'findings'
  | 'stones'
  | 'outwork'
  | 'consumables'
  | 'labour'
  | 'overhead'
  | 'rejects'
  | 'packaging'
  | 'marks';

/** One line of the column: the amount, and its cost for one piece. */
export interface CostLine {
  readonly key: CostKey;
  readonly takes: Figure;
  readonly each: Figure;
}

/** The cost column of one piece. */
export interface CostColumn {
  readonly lines: readonly CostLine[];
  /** Whole minor units; the lines add up to it. */
  readonly cost: Figure;
  /** The lines before rounding, minor units. */
  readonly exact: readonly number[];
  /** Value of the metal in the scrap that is lost, minor units; null where none is. */
  readonly lost: Figure | null;
}

/** A finding, stone or outwork with its price. */
export interface PricedFinding {
  readonly name: string;
  readonly kind: 'findings' | 'stones' | 'outwork';
  readonly count: number;
  /** Minor units each. */
  readonly price: Figure;
}

/** Attended minutes of one piece at one rate. */
export interface RatedTime {
  readonly minutes: Figure;
  readonly rate: Figure;
}

/** What the cost column is made of. */
export interface ColumnInputs {
  readonly parts: readonly PricedPart[];
  readonly solders: readonly PricedSolder[];
  readonly findings: readonly PricedFinding[];
  /** Attended minutes for one piece, with its share of set-up. */
  readonly minutes: Figure;
  /** The same minutes by maker. */
  readonly hands: readonly RatedTime[];
  /** Makes the line of consumables from the costs of metal and labour. */
  readonly consumables: (metal: Figure, labour: Figure) => { readonly takes: Figure; readonly each: Figure };
  /** Share of the minutes spent up to each step, and its yield. */
  readonly steps: readonly { readonly name: string; readonly yield: number; readonly spentShare: number }[];
  readonly packaging: Figure | null;
  readonly marks: Figure | null;
}

/** Makes the cost column of one piece. @param currency  ISO 4217 */
export function costColumn(
  inputs: ColumnInputs,
  { overhead, scrap: terms }: { readonly overhead: Figure; readonly scrap: ScrapTerms },
  currency: string,
): CostColumn {
  const { parts, minutes } = inputs;
  const metal = metalLine(parts, currency);
  const solder = solderLine(inputs.solders, currency);
  const scrap = scrapLine(parts, terms, currency);
  const labour = labourOf(inputs.hands, minutes, currency);
  const consumables = inputs.consumables(metal.each, labour);
  const studio = hourly('studio overhead', minutes, overhead, currency);
  const atBench = labour.value + studio.value + consumables.each.value;
  const spoiling = inputs.steps.map(({ name, yield: share, spentShare }): Spoiling => ({
    name,
    yield: share,
    spent: atBench * spentShare,
  }));
  const rejects = spoiling.some((step) => step.yield < 1)
    ? rejectsEach(spoiling, metalOfSpoilt([metal, solder, scrap], parts, terms, currency), currency)
    : null;
  const exact: CostLine[] = [
    { key: 'metal', ...metal },
    ...(solder ? [{ key: 'solder', ...solder } as const] : []),
    ...(scrap ? [{ key: 'scrap', takes: scrap.takes, each: scrap.each } as const] : []),
    ...(['findings', 'stones', 'outwork'] as const).flatMap((kind) => bought(kind, inputs.findings, currency)),
    { key: 'consumables', ...consumables },
    { key: 'labour', takes: minutes, each: labour },
    { key: 'overhead', takes: minutes, each: studio },
    ...(rejects ? [{ key: 'rejects', ...rejects } as const] : []),
    ...(['packaging', 'marks'] as const).flatMap((key) => {
      const each = inputs[key];
      return each ? [{ key, takes: given(each.label, 1, '', 'for each piece'), each }] : [];
    }),
  ];
  const each = exact.map((line) => line.each);
  const cost = roundSum(totalOf('cost', currency, each));
  return {
    cost,
    lines: exact.map((line, index) => ({ ...line, each: cost.from[index] ?? line.each })),
    exact: each.map(({ value }) => value),
    lost: scrap && scrap.lost.value > 0 ? scrap.lost : null,
  };
}

// Usually there is one rate for all minutes; with several makers the line is a sum of theirs.
function labourOf(hands: readonly RatedTime[], minutes: Figure, currency: string): Figure {
  const [only] = hands;
  if (only && hands.length === 1) return hourly('bench time', minutes, only.rate, currency);
  const lines = hands.map(({ minutes, rate }) => hourly(rate.label, minutes, rate, currency));
  return totalOf('bench time', currency, lines);
}

function bought(kind: PricedFinding['kind'], findings: readonly PricedFinding[], currency: string): CostLine[] {
  const ofKind = findings.filter((finding) => finding.kind === kind);
  if (ofKind.length === 0) return [];
  const lines = ofKind.map(({ name, count, price }) =>
    computed(name, count * price.value, currency, () => `${String(count)} × ${inSum(price.value, currency)}`, [
      given('count', count, '', 'as typed'),
      price,
    ]),
  );
  const pieces = ofKind.reduce((sum, { count }) => sum + count, 0);
  return [{ key: kind, takes: given(kind, pieces, '', 'as listed'), each: totalOf(kind, currency, lines) }];
}

function metalOfSpoilt(
  cut: readonly ({ readonly each: Figure } | null)[],
  parts: readonly PricedPart[],
  terms: ScrapTerms,
  currency: string,
): Figure {
  const back = spoiltMetal(parts, terms, currency);
  const less = computed('its metal brings back', -back.value, currency, () => `−${inSum(back.value, currency)}`, [
    back,
  ]);
  const lines = [...cut.flatMap((line) => line?.each ?? []), less];
  return totalOf('metal lost with a spoilt piece', currency, lines);
}

/** Whether consumables are counted by the bench hour, and so change with the minutes. */
export function areConsumablesHourly(lines: readonly CostLine[]): boolean {
  return lines.some(({ key, takes }) => key === 'consumables' && takes.unit === 'min');
}
