// Prices by size: what the price rule gives for each, and setting one by hand.
import { useState } from 'react';
import { roundHalfAwayFromZero } from '../../../core/figure/round-money.ts';
import { showValue } from '../../../core/figure/show.ts';
import { readMoney } from '../../../core/measure/read/read-money.ts';
import { sizesOf } from '../../../core/piece/all-sizes.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import type { PieceCount } from '../../../core/price/piece/count-piece.ts';
import { type Priced, sizePrice, type SizePrices } from '../../../core/price/piece/standing.ts';
import { isTaken } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { Num } from '../../components/num.tsx';
import { RowBody } from '../../components/row.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useAddPricesMutation } from '../../state/endpoints/prices.ts';
import { pieceCount } from '../../state/piece-count.ts';
import { problemOf } from '../../state/saving.ts';
import { words } from '../../words/price-sheet.ts';

type PriceKey = 'wholesale' | 'retail';
type Typed = Readonly<Record<string, Partial<Record<PriceKey, string>>>>;

interface SizePricesProps {
  readonly id: string;
  readonly piece: Piece;
  readonly priced: Priced | null;
  /** Of its first size. */
  readonly count: PieceCount;
}

export function SizePricesTable({ id, piece, priced, count }: SizePricesProps) {
  const basis = useBasis();
  const { currency } = basis.rates;
  const [add, { error }] = useAddPricesMutation();
  const [typed, setTyped] = useState<Typed>({});
  const [why, setWhy] = useState('');
  const plain = (minor: number) => showValue(minor, currency);
  const rows = sizesOf(piece)
    .slice(1)
    .map((row, index) => {
      const { column, prices } = pieceCount(piece, basis, row.id);
      const now = sizePrice(priced, piece, index + 1, prices);
      const text = (key: PriceKey) => typed[row.id]?.[key] ?? plain(now[key]);
      const read = (key: PriceKey) => readMoney(text(key), currency);
      return { ...row, cost: column.cost, prices, now, text, read };
    });
  if (rows.length === 0 || piece.sizes.price !== 'each') return null;
  const sentence =
    rows
      .flatMap(({ read }) => [read('wholesale'), read('retail')])
      .flatMap((reading) => (reading.ok ? [] : reading.sentence))[0] ?? problemOf(error)?.detail;
  // What is typed here and what was set before; a size at its rule price follows the rule.
  const set = async (reason: string, isKept: (size: string) => boolean) => {
    const sizes: SizePrices = {};
    for (const { id: size, now, read } of rows) {
      const [wholesale, retail] = [read('wholesale'), read('retail')];
      if (!wholesale.ok || !retail.ok) return;
      if (isKept(size) && (now.isSet || typed[size]))
        sizes[size] = {
          wholesaleMinor: roundHalfAwayFromZero(wholesale.value),
          retailMinor: roundHalfAwayFromZero(retail.value),
        };
    }
    const wholesaleMinor = priced?.wholesaleMinor ?? count.prices.wholesale.value;
    const retailMinor = priced?.retailMinor ?? count.prices.retail.value;
    const prices = [{ pieceId: id, wholesaleMinor, retailMinor, sizes }];
    if (isTaken(await add({ how: 'set', why: reason, prices }))) setTyped({});
  };
  return (
    <section aria-labelledby="by-size" className="mt-4">
      <h2 id="by-size">{words.pricesOfTheOtherSizes}</h2>
      <table className="rows" aria-label={words.pricesBySize}>
        <TableHeader
          of={['size', { end: 'cost' }, { end: 'wholesale' }, { end: 'retail' }, { hidden: 'price source' }]}
        />
        {rows.map(({ id: size, name, cost, prices, now, text }) => (
          <RowBody key={size}>
            <tr>
              <td className="first">{name}</td>
              <td className="end">
                <Num figure={cost} />
              </td>
              {(['wholesale', 'retail'] as const).map((key) => (
                <td key={key} className="end num">
                  <Field
                    end
                    value={text(key)}
                    label={`${name}, ${key}`}
                    column={`size-${key}`}
                    problem={sentence}
                    problemId="size-prices-problem"
                    onChange={(value) => setTyped({ ...typed, [size]: { ...typed[size], [key]: value } })}
                  />
                </td>
              ))}
              <td className="aside">
                {now.isSet ? (
                  <>
                    {now.wholesale < prices.wholesale.value && `suggested ${plain(prices.wholesale.value)}; `}
                    <button
                      type="button"
                      className="link chrome"
                      onClick={() => void set(`${name} reset to rule price`, (one) => one !== size)}
                    >
                      {words.resetToRulePrice}
                    </button>
                  </>
                ) : (
                  'rule price'
                )}
              </td>
            </tr>
          </RowBody>
        ))}
      </table>
      <p id="size-prices-problem" className="problem" role="alert">
        {sentence}
      </p>
      {Object.keys(typed).length > 0 && (
        <p className="chrome mt-1 flex flex-wrap items-baseline gap-x-4">
          <Field wide open value={why} label={words.reason} placeholder={words.reasonOptional} onChange={setWhy} />
          <button type="button" className="button" onClick={() => void set(why, () => true)}>
            {words.savePrices}
          </button>
          <button type="button" className="link" onClick={() => setTyped({})}>
            {words.cancel}
          </button>
        </p>
      )}
    </section>
  );
}
