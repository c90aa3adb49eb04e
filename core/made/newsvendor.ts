// The newsvendor: how sure it pays to be not to run out.
import { computed, type Figure, given, inSum } from '../figure/figure.ts';

/** What a missed sale and a piece that lies cost, minor units. */
export interface NewsvendorCosts {
  /** Left of a sale after everything that making it costs. */
  readonly left: number;
  /** Cost of the piece. */
  readonly cost: number;
  /** Weeks it is planned for. */
  readonly weeks: number;
  /** Cost of money and room a year, as a share of the cost of the piece. */
  readonly yearlyRate: number;
  /** Share of the cost that is lost when a piece does not sell at last: labour, when it is melted. */
  readonly lostShare: number;
}

/**
 * The critical ratio: what a missed sale costs, over that and the cost of a piece left over (Silver, Pyke and Thomas,
 * Inventory and Production Management in Supply Chains, chapter on style goods).
 * @returns 0 to 1; 0 where a sale leaves nothing
 */
export function criticalRatio(underage: number, overage: number): number {
  return underage <= 0 ? 0 : underage / (underage + Math.max(0, overage));
}

/** The chance of not running out that pays, with its calculation. */
export function chanceThatPays({ left, cost, weeks, yearlyRate, lostShare }: NewsvendorCosts): Figure {
  const overage = cost * (yearlyRate * (weeks / 52) + lostShare);
  const missed = given('left of a sale', Math.max(0, left), '', 'this piece');
  const lies = computed(
    'cost of a piece left over',
    overage,
    '',
    () => `${inSum(cost)} × (${inSum(yearlyRate)} × ${inSum(weeks)} ÷ 52 + ${inSum(lostShare)})`,
    [given('cost', cost, '', 'this piece')],
  );
  const how = () => `${inSum(missed.value)} ÷ (${inSum(missed.value)} + ${inSum(lies.value)})`;
  return computed('chance that pays', criticalRatio(left, overage), '', how, [missed, lies]);
}
