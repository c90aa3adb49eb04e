// Where the wholesale price goes: the cost by kind, and what is left.
import { renamed, totalOf, type Figure } from '../../figure/figure.ts';
import type { PieceCount } from './count-piece.ts';

const kinds = [
  { key: 'metal', name: 'metal' },
  { key: 'findings', name: 'findings' },
  { key: 'stones', name: 'stones' },
  { key: 'outwork', name: 'sent out' },
  { key: 'consumables', name: 'consumables' },
  { key: 'labour', name: 'hands' },
  { key: 'overhead', name: 'studio' },
  { key: 'rejects', name: 'rejects' },
  { key: 'packaging', name: 'packing' },
  { key: 'marks', name: 'marks' },
] as const;

export interface PriceShare {
  readonly key: (typeof kinds)[number]['key'] | 'left';
  /** Minor units, above 0; its label names the share. */
  readonly amount: Figure;
}

/**
 * Shares of the wholesale price. They add up to it while the price covers the cost.
 * @returns those above nothing; metal is what is used up, solder added and scrap taken off
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
  const left: PriceShare = { key: 'left', amount: renamed(prices.left, 'left') };
  return [...cost, left].filter(({ amount }) => amount.value > 0);
}

// What of the metal is used up: with the solder, and less what comes back.
function usedUp(metal: Figure, solder: Figure | undefined, scrap: Figure | undefined): Figure {
  const lines = [metal, solder, scrap].filter((line) => line !== undefined);
  return lines.length === 1 ? renamed(metal, 'metal') : totalOf('metal', metal.unit, lines);
}
