// Make or buy: the cost of a piece with a part made here, and with the part bought.
import type { Figure } from '../../figure/figure.ts';
import { readMoney } from '../../measure/read/read-money.ts';
import type { Fix } from '../../metal/fix.ts';
import type { Piece } from '../../piece/piece.ts';
import type { Rates } from '../../studio/rates.ts';
import { type CountOptions, countPiece } from './count-piece.ts';

/** Cost of a piece with a part made and bought. */
export interface MakeOrBuy {
  /** Cost of the piece either way. */
  readonly made: Figure;
  readonly bought: Figure;
  readonly better: 'make' | 'buy';
}

/** @returns null for a part without a bought-in price */
export function makeOrBuy(
  piece: Piece,
  partId: string,
  rates: Rates,
  fix: Fix | null,
  options: CountOptions = {},
): MakeOrBuy | null {
  const part = piece.parts.find(({ id }) => id === partId);
  const price = readMoney(part?.buyPrice ?? '', rates.currency);
  if (!part?.buyPrice.trim() || !price.ok) return null;
  const costWith = (bought: boolean) => {
    const parts = piece.parts.map((each) => (each.id === partId ? { ...each, bought } : each));
    return countPiece({ ...piece, parts }, rates, fix, options).column.cost;
  };
  const [made, bought] = [costWith(false), costWith(true)];
  return { made, bought, better: bought.value < made.value ? 'buy' : 'make' };
}
