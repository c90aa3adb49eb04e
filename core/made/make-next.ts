// What to make next: expected demand by design and size against what is there and on the way.
import { type Figure, given } from '../figure/figure.ts';
import {
  type ChannelDemand,
  channelDemand,
  expectedSales,
  type PooledDemand,
  pooledDemand,
  salesWithin,
} from './channel-demand.ts';
import { chanceOf, piecesThatSuffice } from './demand.ts';
import type { ChannelSold } from './demand-channels.ts';
import { chanceThatPays } from './newsvendor.ts';
import { sizeKey, sizeShares } from './size-shares.ts';
import { type SizeStretch, stretches } from './stretch.ts';

/** One size of a design; a design without sizes has one with the name ''. */
export interface DesignSize {
  /** Id of the size. */
  readonly id: string;
  readonly name: string;
  /** Pieces sold in the weeks that are looked at. */
  readonly sold: number;
  /** Good pieces that can be sold, wherever they are. */
  readonly held: number;
  /** Pieces for stock and fairs in open batches. */
  readonly onTheWay: number;
}

/** A design with what is known of it. */
export interface DesignStanding {
  readonly pieceId: string;
  readonly name: string;
  readonly sizes: readonly DesignSize[];
  readonly channels: readonly ChannelSold[];
  /** Left of a sale, and cost of one, minor units. */
  readonly leftMinor: number;
  readonly costMinor: number;
  /** Of the cost, labour: lost when a piece is melted. */
  readonly labourMinor: number;
  readonly minutesEach: number;
  /** Pieces that go through the torch or onto a brick together; 1 where each is done alone. */
  readonly load: number;
  /** Calendar days from starting a batch to its finished pieces. */
  readonly leadDays: number;
  readonly canBeStretched: boolean;
}

/** What is wanted of the plan. */
export interface MakeNextTerms {
  /** Weeks that the pieces should last beyond the lead time. */
  readonly weeks: number;
  /** Wanted chance of not running out, 0 to 1; null for the one that pays. */
  readonly chance: number | null;
  readonly yearlyRate: number;
  /** Days of fairs that begin within some weeks from today. */
  readonly fairDays: (weeks: number) => number;
}

/** What to make of one size. */
export interface SizeToMake extends DesignSize {
  readonly share: number;
  readonly expected: number;
  /** Chance that what is there and on the way does not last. */
  readonly chanceOfRunningOut: number;
  readonly toMake: number;
}

/** A size with the chances of at most 0, 1, ... sales. */
interface SizeDemand extends SizeToMake {
  readonly atMost: readonly number[];
}

/** What to make of one design. */
export interface DesignToMake {
  readonly design: DesignStanding;
  readonly channels: readonly ChannelDemand[];
  /** Weeks that are planned for, lead time included. */
  readonly over: number;
  /** Chance of not running out that is aimed at. */
  readonly aim: Figure;
  readonly sizes: readonly SizeToMake[];
  /** Over all sizes, filled up to whole loads. */
  readonly toMake: number;
  /** Of it, pieces that only fill the load. */
  readonly filledUp: number;
  readonly hours: number;
  /** Minor units a year that the design leaves, for the order of the list. */
  readonly leftAYear: number;
  readonly stretches: readonly SizeStretch[];
}

/** Weekly sales that are looked at. */
export const WEEKS_LOOKED_AT = 104;

/** Designs with what to make of them, the most urgent first. @param all  over which sizes are pooled */
export function makeNext(all: readonly DesignStanding[], terms: MakeNextTerms): DesignToMake[] {
  const pool = pooledDemand(all.map(({ channels }) => channels));
  const sold = soldBySize(all);
  return all
    .map((design) => designToMake(design, pool, sold, terms))
    .sort(
      (a, b) => Number(b.toMake > 0) - Number(a.toMake > 0) || urgency(b) - urgency(a) || b.leftAYear - a.leftAYear,
    );
}

/** Expected sales lost, in money. */
function urgency({ sizes, design }: DesignToMake): number {
  return (
    sizes.reduce((sum, { chanceOfRunningOut, expected }) => sum + chanceOfRunningOut * expected, 0) *
    Math.max(0, design.leftMinor)
  );
}

/** Pieces sold of each size over some designs. */
function soldBySize(designs: readonly DesignStanding[]): ReadonlyMap<string, number> {
  const sold = new Map<string, number>();
  for (const { sizes } of designs)
    for (const size of sizes) sold.set(sizeKey(size.name), (sold.get(sizeKey(size.name)) ?? 0) + size.sold);
  return sold;
}

/** Shares of the sizes of a design. @param all  pieces sold of each size over all designs */
function sharesOf({ sizes }: DesignStanding, all: ReadonlyMap<string, number>): number[] {
  const others = new Map(
    sizes.map(({ name, sold }) => [sizeKey(name), Math.max(0, (all.get(sizeKey(name)) ?? 0) - sold)]),
  );
  return sizeShares(
    sizes.map(({ name }) => name),
    sizes.map(({ sold }) => sold),
    others,
  );
}

function designToMake(
  design: DesignStanding,
  pool: PooledDemand,
  sold: ReadonlyMap<string, number>,
  { weeks, chance, yearlyRate, fairDays }: MakeNextTerms,
): DesignToMake {
  const over = weeks + design.leadDays / 7;
  const demandOver = (time: number) => channelDemand(design.channels, pool, { weeks: time, fairDays: fairDays(time) });
  const channels = demandOver(over);
  const lostShare = design.costMinor > 0 ? design.labourMinor / design.costMinor : 0;
  const pays = chanceThatPays({ left: design.leftMinor, cost: design.costMinor, weeks: over, yearlyRate, lostShare });
  const aim = chance === null ? pays : given('chance of not running out', chance, '', 'as chosen');
  const shares = sharesOf(design, sold);
  const sizes = design.sizes.map((size, at): SizeDemand => {
    const share = shares[at] ?? 0;
    const atMost = salesWithin(channels, share);
    const there = size.held + size.onTheWay;
    return {
      ...size,
      share,
      atMost,
      expected: expectedSales(channels, share),
      chanceOfRunningOut: 1 - chanceOf(there, atMost),
      toMake: Math.max(0, piecesThatSuffice(aim.value, atMost) - there),
    };
  });
  const filled = filledUp(sizes, design.load);
  const toMake = filled.reduce((sum, size) => sum + size.toMake, 0);
  const before = sizes.reduce((sum, size) => sum + size.toMake, 0);
  return {
    design,
    channels,
    over,
    aim,
    sizes: filled,
    toMake,
    filledUp: toMake - before,
    hours: (toMake * design.minutesEach) / 60,
    leftAYear: expectedSales(demandOver(52)) * design.leftMinor,
    stretches: design.canBeStretched ? stretches(design.sizes) : [],
  };
}

/**
 * Fills the last load with the sizes that run out soonest, where it is more than half full: else most of it would lie.
 */
function filledUp(sizes: readonly SizeDemand[], load: number): SizeToMake[] {
  const wanted = sizes.reduce((sum, { toMake }) => sum + toMake, 0);
  const made = sizes.map((size) => ({ ...size }));
  let room = load > 1 && Number.isFinite(load) ? Math.ceil(wanted / load) * load - wanted : 0;
  if (room > load / 2) room = 0;
  for (; room > 0; room -= 1) {
    const lasts = ({ held, onTheWay, toMake, atMost }: SizeDemand) => chanceOf(held + onTheWay + toMake, atMost);
    const next = made.reduce((first, size) => (lasts(size) < lasts(first) ? size : first));
    made[made.indexOf(next)] = { ...next, toMake: next.toMake + 1 };
  }
  return made;
}

/** What to pack for a fair of one design and size. */
export interface PackLine {
  readonly pieceId: string;
  readonly name: string;
  readonly size: string;
  readonly sizeName: string;
  /** Pieces to bring, of them in the studio, and to make before. */
  readonly bring: number;
  readonly take: number;
  readonly make: number;
}

/**
 * The packing list of a fair: pieces of each design by size, from the studio, and what is to be made before.
 * @param wanted  pieces by design that suffice at the fair
 * @param inStudio  good pieces in the studio by `design size`
 */
export function packingList(
  designs: readonly DesignStanding[],
  wanted: ReadonlyMap<string, number>,
  inStudio: ReadonlyMap<string, number>,
): PackLine[] {
  const sold = soldBySize(designs);
  return designs.flatMap((design) => {
    const pieces = wanted.get(design.pieceId) ?? 0;
    if (pieces === 0) return [];
    const shares = sharesOf(design, sold);
    // Variety sells: every size is there at least once where there are pieces enough.
    const bring = allotted(pieces, shares);
    return design.sizes.map((size, at): PackLine => {
      const there = inStudio.get(`${design.pieceId} ${size.id}`) ?? 0;
      const wantedOfSize = bring[at] ?? 0;
      const take = Math.min(there, wantedOfSize);
      return { pieceId: design.pieceId, name: design.name, size: size.id, sizeName: size.name, bring: wantedOfSize, take, make: wantedOfSize - take }; // prettier-ignore
    });
  });
}

/** Whole pieces by shares, by largest remainder; each size has one where there are as many pieces as sizes. */
function allotted(pieces: number, shares: readonly number[]): number[] {
  const one = pieces >= shares.length ? 1 : 0;
  const rest = pieces - one * shares.length;
  const exact = shares.map((share) => share * rest);
  const whole = exact.map((value) => Math.floor(value));
  let left = rest - whole.reduce((sum, value) => sum + value, 0);
  const order = exact.map((value, at) => [value - Math.floor(value), at] as const).sort((a, b) => b[0] - a[0]);
  for (const [, at] of order) {
    if (left <= 0) break;
    whole[at] = (whole[at] ?? 0) + 1;
    left -= 1;
  }
  return whole.map((value) => value + one);
}
