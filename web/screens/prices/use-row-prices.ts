// The two prices of a row while they are typed: read, stored with the reason, or refused.
import { useCallback, useRef, useState } from 'react';
import { roundHalfAwayFromZero } from '../../../core/figure/round-money.ts';
import { readMoney } from '../../../core/measure/read/read-money.ts';
import type { SetPrices } from './use-set-prices.ts';

export type PriceKey = 'wholesale' | 'retail';

interface RowPrices {
  /** As typed; nothing where the set price stands. */
  readonly asked: Partial<Record<PriceKey, string>>;
  readonly why: string;
  /** Why the prices were not stored. */
  readonly refusal: string;
  readonly onWrite: (key: PriceKey, value: string) => void;
  readonly onWhy: (why: string) => void;
  /** Stores what is typed. */
  readonly keep: (reason: string) => Promise<void>;
  /** Goes back to the set prices. */
  readonly leave: () => void;
}

/**
 * @param line  the set prices, minor units
 * @param plain  a price as it stands in its field
 */
export function useRowPrices(
  pieceId: string,
  line: Readonly<Record<PriceKey, number>>,
  { currency, plain, setPrices }: { currency: string; plain: (minor: number) => string; setPrices: SetPrices },
): RowPrices {
  const [asked, setAsked] = useState<Partial<Record<PriceKey, string>>>({});
  const [why, onWhy] = useState('');
  const [refusal, setRefusal] = useState('');
  const isKeeping = useRef(false);
  const read = (key: PriceKey) => readMoney(asked[key] ?? plain(line[key]), currency);
  const leave = () => {
    setAsked({});
    setRefusal('');
  };
  const keep = async (reason: string) => {
    const [wholesale, retail] = [read('wholesale'), read('retail')];
    if (!wholesale.ok) setRefusal(wholesale.sentence);
    else if (!retail.ok) setRefusal(retail.sentence);
    else await keepBoth(reason, roundHalfAwayFromZero(wholesale.value), roundHalfAwayFromZero(retail.value));
  };
  const keepBoth = async (reason: string, wholesaleMinor: number, retailMinor: number) => {
    if (wholesaleMinor === line.wholesale && retailMinor === line.retail) {
      leave();
      return;
    }
    // Enter saves the price and moves to the next row; leaving a row saves it as well.
    if (isKeeping.current) return;
    isKeeping.current = true;
    const refused = await setPrices('set', reason, [{ pieceId, wholesaleMinor, retailMinor }]);
    isKeeping.current = false;
    setRefusal(refused);
    if (refused) return;
    setAsked({});
    onWhy('');
  };
  const onWrite = useCallback(
    (key: PriceKey, value: string) => setAsked((before) => ({ ...before, [key]: value })),
    [],
  );
  return { asked, why, refusal, onWrite, onWhy, keep, leave };
}
