// The fair planner: cost of a fair, pieces that pay for it, expected sales, and how many pieces to bring.
import { computed, type Figure, given, inSum, renamed, totalOf } from '../../figure/figure.ts';
import type { Issue } from '../../measure/issue.ts';
import { logNormal, poisson, quantile, seeded } from '../../measure/random.ts';
import { readMoney } from '../../measure/read/read-money.ts';
import { readPlain, readShare } from '../../measure/read/read-number.ts';
import type { Reading } from '../../measure/read/reading.ts';
import type { Rates } from '../../studio/rates.ts';
import { keepsOf } from '../piece/channels.ts';
import type { Fair, Level } from './fair.ts';
import { type BuyLadder, type PerCustomer, perCustomer, readBuyLadder, secondThatPays, takes } from './multi-buy.ts';

/** The plan of one price level. */
export interface LevelPlan {
  readonly level: Level;
  readonly ladder: BuyLadder;
  readonly cost: Figure;
  /** Share of the buyers, 0 to 1. */
  readonly share: number;
  /** Chances of one more piece. */
  readonly more: readonly number[];
  readonly perCustomer: PerCustomer;
  /** What single prices would bring per customer with the same chances. */
  readonly single: PerCustomer;
  /**
   * Chance of a second piece at which the multi-buy price leaves as much as single prices; null where it never does.
   */
  readonly secondThatPays: number | null;
  /** Pieces of this level alone that pay for the fair; Infinity when a piece leaves no profit. */
  readonly paysAlone: number;
  /** Expected pieces. */
  readonly expected: Figure;
  /** Pieces of the expected mix that pay for the fair. */
  readonly paysInMix: number;
  /** Pieces that suffice in nine fairs of ten. */
  readonly toMake: number;
  /** Pieces sold; null while the fair is not over. */
  readonly sold: number | null;
}

/** The plan of a fair. */
export interface FairPlan {
  readonly costs: Figure;
  readonly levels: readonly LevelPlan[];
  readonly buyers: Figure;
  readonly takings: Figure;
  /** Profit of the pieces before the cost of the fair. */
  readonly margin: Figure;
  readonly result: Figure;
  /**
   * Minor units: one fair in ten is worse than the first value, half are worse than the second, nine in ten worse than
   * the third.
   */
  readonly range: { readonly p10: number; readonly p50: number; readonly p90: number; readonly chanceOfLoss: number };
  /** Break-even number of buyers; Infinity when a buyer leaves no profit. */
  readonly buyersThatPay: number;
  /** What the fair really brought; null while nothing is entered. */
  readonly actual: { readonly takings: Figure; readonly result: Figure } | null;
  readonly problems: readonly Issue[];
}

/** Settings typed on the page of a fair, without the levels. */
type TypedField = Exclude<keyof Fair, 'levels'>;

/** Simulated fairs for the range. */
const TRIED = 3000;
/** Share of fairs in which a level may sell out. */
const ENOUGH = 0.9;

/**
 * Plans a fair.
 * @param costOf  cost of a piece, minor units; null when it does not exist
 */
export function planFair(fair: Fair, rates: Rates, costOf: (piece: string) => Figure | null, seed = 1): FairPlan {
  const { currency } = rates;
  const problems: Issue[] = [];
  const value = (path: string, reading: Reading) => {
    if (reading.ok) return reading.value;
    problems.push({ path, sentence: reading.sentence });
    return 0;
  };
  const money = (path: TypedField, label: string) =>
    given(label, value(path, readMoney(fair[path], currency, 'amount')), currency, 'as typed');
  const number = (path: TypedField, what: string) =>
    value(
      path,
      readPlain(fair[path], what, '2', () => undefined),
    );
  const share = (path: string, text: string) => value(path, readShare(text, 'share'));

  const channel = rates.selling.channels.find(({ id }) => id === fair.channel);
  const takingsShare = share('takingsShare', fair.takingsShare);
  const keeps = (channel ? keepsOf(channel, rates.selling.rule) : 1) - takingsShare;
  const feeEach = channel?.feeEach.value ?? 0;
  const costs = fairCosts(fair, rates, money, number);
  const visitors = given('visitors', number('visitors', 'number of visitors'), '', 'as typed');
  const buyerShare = given('share who buy', share('buyers', fair.buyers), '', 'as typed');
  const buyers = computed(
    'buyers',
    visitors.value * buyerShare.value,
    '',
    () => `${inSum(visitors.value)} × ${inSum(buyerShare.value)}`,
    [visitors, buyerShare],
  );
  const read = fair.levels.map((level, index) =>
    readLevel(level, `levels.${String(index)}`, {
      value,
      report: (problem) => problems.push(problem),
      costOf,
      currency,
    }),
  );
  if (read.reduce((sum, level) => sum + level.share, 0) > 1 + 1e-9)
    problems.push({ path: 'levels', sentence: 'The shares of the buyers come to more than 100 %.' });
  const terms = { keeps, feeEach };
  const each = read.map(({ ladder, cost, more }) => perCustomer(ladder, more, { ...terms, cost: cost.value }));
  const marginOfBuyer = read.reduce((sum, one, index) => sum + one.share * (each[index]?.margin ?? 0), 0);
  const buyersThatPay = marginOfBuyer > 0 ? costs.value / marginOfBuyer : Infinity;
  const spread = share('visitorSpread', fair.visitorSpread);
  const tried = tryFairs(read, buyers.value, spread, costs.value, terms, seed);

  const levels = read.map((level, index) =>
    planLevel(level, {
      customer: each[index] ?? perCustomer([], [], { cost: 0 }),
      terms,
      costs,
      buyers,
      buyersThatPay,
      pieces: tried.pieces[index] ?? [0],
    }),
  );
  const lines = (label: string, of: (plan: LevelPlan) => number) =>
    totalOf(
      label,
      currency,
      levels.map((plan) => {
        const customers = buyers.value * plan.share;
        const amount = customers * of(plan);
        const how = () => `${inSum(customers)} × ${inSum(of(plan), currency)}`;
        return computed(plan.level.name.trim() || 'a level', amount, currency, how, [buyers, plan.cost]);
      }),
    );
  const margin = lines('gross profit', (plan) => plan.perCustomer.margin);
  return {
    costs,
    levels,
    buyers,
    takings: lines('takings', (plan) => plan.perCustomer.takings),
    margin,
    result: resultOf(margin, costs),
    range: tried.range,
    buyersThatPay,
    actual: actualOf(fair, levels, costs, terms, value, currency),
    problems,
  };
}

function resultOf(margin: Figure, costs: Figure): Figure {
  const { unit } = costs;
  const how = () => `${inSum(margin.value, unit)} − ${inSum(costs.value, unit)}`;
  return computed('left of the fair', margin.value - costs.value, unit, how, [margin, costs]);
}

function fairCosts(
  fair: Fair,
  rates: Rates,
  money: (path: TypedField, label: string) => Figure,
  number: (path: TypedField, what: string) => number,
): Figure {
  const { currency } = rates;
  const nights = given('nights', number('nights', 'number of nights'), '', 'as typed');
  const night = money('nightCost', 'a night');
  const hours = given('hours of our own', number('hours', 'number of hours'), 'h', 'as typed');
  const typedWorth = money('hourWorth', 'an hour is worth');
  const worth = fair.hourWorth.trim() ? typedWorth : { ...rates.labour, unit: currency };
  return totalOf(
    'what the fair costs',
    currency,
    [
      money('stallFee', 'stall fee'),
      money('travel', 'travel'),
      computed(
        'beds',
        nights.value * night.value,
        currency,
        () => `${inSum(nights.value)} × ${inSum(night.value, currency)}`,
        [nights, night],
      ),
      money('otherCosts', 'other costs'),
      computed(
        'our own hours',
        hours.value * worth.value,
        currency,
        () => `${inSum(hours.value)} × ${inSum(worth.value, currency)}`,
        [hours, worth],
      ),
    ].filter(({ value }) => value !== 0),
  );
}

/** A price level, read into numbers. */
type ReadLevel = Pick<LevelPlan, 'level' | 'ladder' | 'cost' | 'share' | 'more' | 'sold'>;

/** Share of the price that the studio receives, and the fee of a payment in minor units. */
interface PaymentTerms {
  readonly keeps: number;
  readonly feeEach: number;
}

interface LevelReader {
  readonly value: (path: string, reading: Reading) => number;
  readonly report: (problem: Issue) => void;
  readonly costOf: (piece: string) => Figure | null;
  readonly currency: string;
}

function readLevel(level: Level, path: string, { value, report, costOf, currency }: LevelReader): ReadLevel {
  const share = value(`${path}.share`, readShare(level.share, 'share'));
  const ladder = readBuyLadder(level.price, currency);
  if ('sentence' in ladder) report({ path: `${path}.price`, sentence: ladder.sentence });
  const typed = value(`${path}.cost`, readMoney(level.cost, currency));
  const ofPiece = level.piece ? costOf(level.piece) : null;
  const cost =
    level.cost.trim() || !ofPiece ? given('cost of one', typed, currency, 'as typed') : renamed(ofPiece, 'cost of one');
  const more = [
    value(`${path}.second`, readShare(level.second, 'share')),
    value(`${path}.third`, readShare(level.third, 'share')),
  ];
  const sold = level.sold.trim()
    ? value(
        `${path}.sold`,
        readPlain(level.sold, 'count', '12', () => undefined),
      )
    : null;
  return { level, ladder: 'sentence' in ladder ? [] : ladder, cost, share, more, sold };
}

interface LevelTerms {
  readonly customer: PerCustomer;
  readonly terms: PaymentTerms;
  readonly costs: Figure;
  readonly buyers: Figure;
  readonly buyersThatPay: number;
  /** Pieces sold in each simulated fair, rising. */
  readonly pieces: readonly number[];
}

function planLevel(read: ReadLevel, { customer, terms, costs, buyers, buyersThatPay, pieces }: LevelTerms): LevelPlan {
  const { level, ladder, cost, share, more } = read;
  const singles = ladder.map((_, rung) => (ladder[0] ?? 0) * (rung + 1));
  const perPiece = customer.pieces > 0 ? customer.margin / customer.pieces : 0;
  const how = () => `${inSum(buyers.value)} × ${inSum(share)} × ${inSum(customer.pieces)}`;
  return {
    ...read,
    perCustomer: customer,
    single: perCustomer(singles, more, { ...terms, cost: cost.value }),
    secondThatPays: ladder.length > 1 ? secondThatPays(ladder, more[0] ?? 0, cost.value) : null,
    paysAlone: perPiece > 0 ? Math.ceil(costs.value / perPiece) : Infinity,
    expected: computed(level.name.trim() || 'a level', buyers.value * share * customer.pieces, '', how, [
      buyers,
      given('share of the buyers', share, '', 'as typed'),
      given('pieces a buyer takes', customer.pieces, '', 'from the chances of a second and third'),
    ]),
    paysInMix: Number.isFinite(buyersThatPay) ? Math.ceil(buyersThatPay * share * customer.pieces) : Infinity,
    toMake: Math.ceil(quantile(pieces, ENOUGH)),
  };
}

// The number of visitors varies as a whole, since rain keeps all of them away; then each buyer comes or does not.
function tryFairs(
  levels: readonly ReadLevel[],
  buyers: number,
  spread: number,
  costs: number,
  { keeps, feeEach }: PaymentTerms,
  seed: number,
): { readonly range: FairPlan['range']; readonly pieces: readonly (readonly number[])[] } {
  const random = seeded(seed);
  const chances = levels.map(({ ladder, more }) => takes(more, ladder.length));
  const results: number[] = [];
  const pieces = levels.map((): number[] => []);
  for (let fair = 0; fair < TRIED; fair += 1) {
    const came = buyers * logNormal(spread, random);
    let result = -costs;
    levels.forEach(({ ladder, cost, share }, index) => {
      let sold = 0;
      chances[index]?.forEach((chance, rung) => {
        const customers = poisson(came * share * chance, random);
        sold += customers * (rung + 1);
        result += customers * ((ladder[rung] ?? 0) * keeps - feeEach - cost.value * (rung + 1));
      });
      pieces[index]?.push(sold);
    });
    results.push(result);
  }
  results.sort((a, b) => a - b);
  for (const counts of pieces) counts.sort((a, b) => a - b);
  return {
    range: {
      p10: quantile(results, 0.1),
      p50: quantile(results, 0.5),
      p90: quantile(results, 0.9),
      chanceOfLoss: results.filter((result) => result < 0).length / TRIED,
    },
    pieces,
  };
}

function actualOf(
  fair: Fair,
  levels: readonly LevelPlan[],
  costs: Figure,
  { keeps, feeEach }: PaymentTerms,
  value: (path: string, reading: Reading) => number,
  currency: string,
): FairPlan['actual'] {
  if (!fair.taken.trim() && levels.every(({ sold }) => sold === null)) return null;
  const sold = levels.reduce((sum, level) => sum + (level.sold ?? 0), 0);
  const takings = given('taken', value('taken', readMoney(fair.taken, currency, 'amount')), currency, 'as typed');
  const made = totalOf(
    'what was sold cost',
    currency,
    levels.map(({ level, cost, sold: count }) =>
      computed(
        level.name.trim() || 'a level',
        (count ?? 0) * cost.value,
        currency,
        () => `${inSum(count ?? 0)} × ${inSum(cost.value, currency)}`,
        [cost],
      ),
    ),
  );
  const kept = takings.value * keeps - sold * feeEach;
  const how = () =>
    `${inSum(takings.value, currency)} × ${inSum(keeps)}${feeEach > 0 ? ` − ${inSum(sold)} × ${inSum(feeEach, currency)}` : ''} − ${inSum(made.value, currency)} − ${inSum(costs.value, currency)}`;
  return {
    takings,
    result: computed('left of the fair', kept - made.value - costs.value, currency, how, [takings, made, costs]),
  };
}
