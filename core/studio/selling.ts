// How the studio sells: its price rule, its sales channels, and what each channel keeps.
import { type Figure, given } from '../figure/figure.ts';
import { roundHalfAwayFromZero } from '../figure/round-money.ts';
import { readMoney } from '../measure/read/read-money.ts';
import { readCount, readFactor, readMarkUp, readShare } from '../measure/read/read-number.ts';
import type { PricingMethod } from './pricing-methods.ts';
import type { ReadSetting } from './read-setting.ts';
import type { ChannelKind, Studio } from './studio.ts';

/** Up to `belowMinor` (exclusive), prices go in steps of `stepMinor`. */
interface PriceBand {
  readonly belowMinor: number;
  readonly stepMinor: number;
}

/** Markup by category, as shares of the cost. */
interface MarkUps {
  readonly metal: Figure;
  /** Findings, stones and outwork. */
  readonly findings: Figure;
  /** Labour, overhead and all the rest. */
  readonly labour: Figure;
}

/** Price points. */
export interface PricePoints {
  /** Rising. Below and between them a price goes up to the next; above the last the bands apply. */
  readonly ladderMinor: readonly number[];
  readonly bands: readonly PriceBand[];
  /** Price ending, taken off each point of the bands: 5 makes 2000 into 1995. */
  readonly justBelowMinor: number;
}

/** The studio's price rule. */
export interface PriceRule {
  readonly school: PricingMethod;
  readonly wholesaleFactor: Figure;
  readonly retailFactor: Figure;
  /** 0 to below 1, of the wholesale price. */
  readonly margin: Figure;
  readonly markUps: MarkUps;
  readonly points: PricePoints;
  readonly leastWholesaleMinor: number;
  readonly leastRetailMinor: number;
  /** What a shop makes of its buying price. */
  readonly shopFactor: Figure;
  readonly tax: Tax;
}

interface Tax {
  readonly how: Studio['taxHow'];
  /** 0 to 1; 0 without tax. */
  readonly rate: Figure;
}

/** A sales channel. */
export interface SellingChannel {
  readonly id: string;
  readonly name: string;
  readonly kind: ChannelKind;
  /** 0 to 1 of what the customer pays. */
  readonly feeShare: Figure;
  readonly feeEach: Figure;
  /** 0 to 1 of the retail price without tax. */
  readonly shopKeeps: Figure;
}

/** A lower wholesale price from a quantity on. */
export interface VolumeBreak {
  readonly from: number;
  /** 0 to 1 off the wholesale price. */
  readonly off: Figure;
}

/** How the studio sells. */
export interface Selling {
  readonly rule: PriceRule;
  readonly channels: readonly SellingChannel[];
  /** Smallest first. */
  readonly volumeBreaks: readonly VolumeBreak[];
  readonly leastOrderMinor: number;
}

/** @param source  named as the source of each figure */
export function readSelling(studio: Studio, value: ReadSetting, source: string): Selling {
  const { currency } = studio;
  const factor = (label: string, path: 'wholesaleFactor' | 'retailFactor' | 'shopFactor') =>
    given(label, value(path, readFactor(studio[path], label)), '', source);
  const markUp = (label: string, path: 'markUpMetal' | 'markUpFindings' | 'markUpLabour') =>
    given(label, value(path, readMarkUp(studio[path])), '', source);
  const money = (path: 'justBelow' | 'leastWholesale' | 'leastRetail' | 'leastOrder') =>
    value(path, readMoney(studio[path], currency, 'amount'));
  const share = (label: string, path: string, text: string) =>
    given(label, value(path, readShare(text, 'share')), '', source);
  const margin = share('margin', 'margin', studio.margin);
  if (margin.value >= 1) value('margin', { ok: false, sentence: 'A margin is a share of the price: below 100 %.' });

  return {
    rule: {
      school: studio.school,
      wholesaleFactor: factor('wholesale factor', 'wholesaleFactor'),
      retailFactor: factor('retail factor', 'retailFactor'),
      margin: margin.value < 1 ? margin : { ...margin, value: 0 },
      markUps: {
        metal: markUp('markup on metal', 'markUpMetal'),
        findings: markUp('markup on findings and stones', 'markUpFindings'),
        labour: markUp('markup on bench time and overhead', 'markUpLabour'),
      },
      points: {
        ladderMinor: readLadder(studio, value),
        bands: priceBands(studio, value),
        justBelowMinor: money('justBelow'),
      },
      leastWholesaleMinor: money('leastWholesale'),
      leastRetailMinor: money('leastRetail'),
      shopFactor: factor('what a shop makes of its buying price', 'shopFactor'),
      tax: {
        how: studio.taxHow,
        rate:
          studio.taxHow === 'none'
            ? given('tax', 0, '', 'none is charged, says Studio')
            : share('tax', 'taxRate', studio.taxRate),
      },
    },
    channels: studio.channels.map(({ id, name, kind, ...terms }, index) => {
      const path = `channels.${String(index)}`;
      const feeEach = value(`${path}.feeEach`, readMoney(terms.feeEach, currency));
      return {
        id,
        name: name.trim() || 'unnamed',
        kind,
        feeShare: share('fee', `${path}.feeShare`, terms.feeShare),
        feeEach: given('fee on each sale', feeEach, currency, source),
        shopKeeps: share('commission', `${path}.shopKeeps`, kind === 'consignment' ? terms.shopKeeps : ''),
      };
    }),
    volumeBreaks: studio.volumeBreaks
      .map(({ from, off }, index) => {
        const path = `volumeBreaks.${String(index)}`;
        return {
          from: value(`${path}.from`, readCount(from, 2)),
          off: share('off for so many', `${path}.off`, off),
        };
      })
      .sort((a, b) => a.from - b.from),
    leastOrderMinor: money('leastOrder'),
  };
}

function priceBands(studio: Studio, value: ReadSetting): PriceBand[] {
  return studio.pricePoints.map(({ below, step }, index) => ({
    belowMinor: below.trim()
      ? value(`pricePoints.${String(index)}.below`, readMoney(below, studio.currency))
      : Infinity,
    stepMinor: Math.max(
      1,
      roundHalfAwayFromZero(value(`pricePoints.${String(index)}.step`, readMoney(step, studio.currency, 'step'))),
    ),
  }));
}

// Listed price points in any order; a semicolon or blanks separate them as well.
function readLadder({ ladder, currency }: Studio, value: ReadSetting): number[] {
  const rungs = ladder
    .split(/[,;\s]+/)
    .filter(Boolean)
    .map((text) => value('ladder', readMoney(text, currency)));
  return [...new Set(rungs.map(roundHalfAwayFromZero))].filter((minor) => minor > 0).sort((a, b) => a - b);
}
