// Shares of the wholesale price: the cost by kind, and the profit.
import { type Figure, renamed, totalOf } from '../../figure/figure.ts';
import type { PieceCount } from './count-piece.ts';

const kinds = [
  { key: 'metal', name: 'metal' },
  { key: 'findings', name: 'findings' },
  { key: 'stones', name: 'stones' },
  { key: 'outwork', name: 'outwork' },
  { key: 'consumables', name: 'consumables' },
  { key: 'labour', name: 'bench time' },
  { key: 'overhead', name: 'overhead' },
  { key: 'rejects', name: 'rejects' },
  { key: 'packaging', name: 'packaging' },
  { key: 'marks', name: 'hallmarking' },
] as const;

/** A share of the wholesale price. */
export interface PriceShare {
  readonly key: (typeof kinds)[number]['key'] | 'left';
  /** Minor units, above 0; its label names the share. */
  readonly amount: Figure;
}

/**
 * Shares of the wholesale price; they add up to it while the price covers the cost.
 * @returns shares above 0; metal is what is used, with solder and without scrap
 */
export function priceShares({ column, prices }: PieceCount): PriceShare[] {
  const line = (key: string) => column.lines.find((one) => one.key === key)?.each;
  const scrap = line('scrap');
  const solder = line('solder');
  const cost = kinds.flatMap(({ key, name }): PriceShare[] => {
    const each = line(key);
    if (!each) return [];
    const amount = key === 'metal' ? usedUp(each, solder, scrap) : renamed(each, name);
    return [{ key, amount }];
  });
  const left: PriceShare = { key: 'left', amount: renamed(prices.left, 'profit') };
  return [...cost, left].filter(({ amount }) => amount.value > 0);
}

// Metal used: with the solder, less the scrap credit.
function usedUp(metal: Figure, solder: Figure | undefined, scrap: Figure | undefined): Figure {
  const lines = [metal, solder, scrap].filter((line) => line !== undefined);
  return lines.length === 1 ? renamed(metal, 'metal') : totalOf('metal', metal.unit, lines);
}
