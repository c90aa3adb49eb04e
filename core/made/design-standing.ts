// What is known of a design before saying what to make: sales, pieces there and on the way, costs and lead time.
import { sizesOf } from '../piece/all-sizes.ts';
import type { Piece } from '../piece/piece.ts';
import type { PieceCount } from '../price/piece/count-piece.ts';
import type { Rates } from '../studio/rates.ts';
import { channelsSold, type SellingPlaces } from './demand-channels.ts';
import { madeBalances } from './made-balance.ts';
import type { MadeEntry } from './made-entry.ts';
import type { MadeItem } from './made-item.ts';
import { canSellAt } from './made-place.ts';
import { type DesignSize, type DesignStanding, WEEKS_LOOKED_AT } from './make-next.ts';
import { soldLines, soldSums } from './sold-lines.ts';
import { canBeStretched } from './stretch.ts';

interface StandingInput {
  readonly pieceId: string;
  readonly piece: Piece;
  /** Of the piece in its first size. */
  readonly count: PieceCount;
  readonly rates: Rates;
  readonly items: readonly MadeItem[];
  /** Oldest day first. */
  readonly entries: readonly MadeEntry[];
  readonly places: SellingPlaces;
  /** Pieces for stock and fairs in open batches, by id of the size. */
  readonly onTheWay: ReadonlyMap<string, number>;
  /** ISO day of today. */
  readonly day: string;
}

/** The standing of a design. Orders are sold before they are made: wholesale is no sale from stock. */
export function designStanding(input: StandingInput): DesignStanding {
  const { pieceId, piece, count, items, entries, places, onTheWay, day, rates } = input;
  const own = items.filter((item) => item.pieceId === pieceId);
  const ids = new Set(own.map(({ id }) => id));
  const wholesale = new Set(rates.selling.channels.filter(({ kind }) => kind === 'wholesale').map(({ id }) => id));
  const related = entries.filter(({ lines }) => lines.some(({ item }) => ids.has(item)));
  const all = soldLines(related, new Map(own.map((item) => [item.id, item])));
  const sold = all.filter(({ channel }) => !wholesale.has(channel));
  const held = madeBalances(related).filter(({ place, grade }) => grade === 'good' && canSellAt(place));
  const known = sizesOf(piece);
  const rows = known.length > 0 ? known : [{ id: '', name: '' }];
  const sizes = rows.map(({ id, name }): DesignSize => {
    const ofSize = new Set(own.filter(({ size }) => size === id).map((item) => item.id));
    return {
      id,
      name,
      sold: Math.max(
        0,
        sold.reduce((sum, line) => sum + (ofSize.has(line.item.id) ? line.count : 0), 0),
      ),
      held: held.reduce((sum, one) => sum + (ofSize.has(one.item) ? one.count : 0), 0),
      onTheWay: onTheWay.get(id) ?? 0,
    };
  });
  const sums = soldSums(sold);
  const labour = count.column.lines.find(({ key }) => key === 'labour')?.each.value ?? 0;
  const cost = sums.count > 0 ? sums.costMinor / sums.count : count.column.cost.value;
  const kept = sums.count > 0 ? sums.keptMinor / sums.count : count.prices.retail.value;
  const loads = count.steps.map(({ load }) => load).filter((load) => Number.isFinite(load) && load > 1);
  return {
    pieceId,
    name: piece.name.trim(),
    sizes,
    channels: channelsSold(related, all, ids, places, { day, weeks: WEEKS_LOOKED_AT }),
    leftMinor: kept - cost,
    costMinor: cost,
    labourMinor: Math.min(labour, cost),
    minutesEach: count.minutes.value,
    load: loads.length > 0 ? Math.min(...loads) : 1,
    leadDays: leadDays(count, rates),
    canBeStretched: canBeStretched(count),
  };
}

const SHORTEST_DAYS = 3;

/** Calendar days a usual batch takes: its bench time in the hours of the studio, and what goes unattended. */
function leadDays({ minutes, batchSize, unattended }: PieceCount, { week }: Rates): number {
  const weekMin = week.flat().reduce((sum, { opensMin, closesMin }) => sum + closesMin - opensMin, 0);
  const bench = weekMin > 0 ? (7 * minutes.value * batchSize) / weekMin : 0;
  return Math.max(SHORTEST_DAYS, Math.ceil(bench + unattended.value / (24 * 60)));
}
