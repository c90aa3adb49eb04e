// Where the wholesale price goes: the cost by kind, and what is left.
import { inSum, reckoned, type Figure } from '../figure/figure.ts';
import type { PieceCount } from './count.ts';

const kinds = [
  { key: 'metal', name: 'metal' },
  { key: 'findings', name: 'findings' },
  { key: 'consumables', name: 'consumables' },
  { key: 'labour', name: 'hands' },
  { key: 'overhead', name: 'studio' },
] as const;

export interface PriceShare {
  readonly key: (typeof kinds)[number]['key'] | 'left';
  /** Minor units, above 0; its label names the share. */
  readonly amount: Figure;
}

/**
 * Shares of the wholesale price. They add up to it while the price covers the cost.
 * @returns those above nothing; metal is what is used up, scrap taken off
 */
export function priceShares({ column, prices }: PieceCount): PriceShare[] {
  const line = (key: string) => column.lines.find((one) => one.key === key)?.each;
  const scrap = line('scrap');
  const cost = kinds.flatMap(({ key, name }): PriceShare[] => {
    const each = line(key);
    if (!each) return [];
    const amount = key === 'metal' && scrap ? usedUp(each, scrap) : { ...each, label: name };
    return [{ key, amount }];
  });
  const left: PriceShare = { key: 'left', amount: { ...prices.left, label: 'left' } };
  return [...cost, left].filter(({ amount }) => amount.value > 0);
}

function usedUp(metal: Figure, scrap: Figure): Figure {
  const how = () => `${inSum(metal.value, metal.unit)} + (${inSum(scrap.value, scrap.unit)})`;
  return reckoned('metal', metal.value + scrap.value, metal.unit, how, [metal, scrap]);
}
