// The selling price now, its state, and setting it by hand or by the price rule.
import { useState } from 'react';
import { roundHalfAwayFromZero } from '../../../core/figure/round-money.ts';
import { showValue } from '../../../core/figure/show.ts';
import { showFigure } from '../../../core/figure/show.ts';
import { shortDay } from '../../../core/format/days.ts';
import { readMoney } from '../../../core/measure/read/read-money.ts';
import { sizesOf } from '../../../core/piece/all-sizes.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { undercutsShops } from '../../../core/price/piece/channels.ts';
import type { PieceCount } from '../../../core/price/piece/count-piece.ts';
import { type Priced, priceStanding } from '../../../core/price/piece/standing.ts';
import { isTaken } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { useAddPricesMutation } from '../../state/endpoints/prices.ts';
import { problemOf } from '../../state/saving.ts';
import { words } from '../../words/price-sheet.ts';

interface SellsForProps {
  readonly id: string;
  readonly piece: Piece;
  readonly priced: Priced | null;
  readonly count: PieceCount;
}

export function SellsFor({ id, piece: { sizes }, priced, count }: SellsForProps) {
  const currency = count.column.cost.unit;
  const [add, { error }] = useAddPricesMutation();
  const plain = (minor: number) => showValue(minor, currency);
  const [typed, setTyped] = useState<{ wholesale?: string; retail?: string }>({});
  const [why, setWhy] = useState('');
  const { prices } = count;
  const now = {
    wholesale: priced?.wholesaleMinor ?? prices.wholesale.value,
    retail: priced?.retailMinor ?? prices.retail.value,
  };
  const read = (key: 'wholesale' | 'retail') => readMoney(typed[key] ?? plain(now[key]), currency);
  const [wholesale, retail] = [read('wholesale'), read('retail')];
  const isTyped = typed.wholesale !== undefined || typed.retail !== undefined;
  const set = async (how: 'set' | 'fix', wholesaleMinor: number, retailMinor: number, reason: string) => {
    const answer = await add({ how, why: reason, prices: [{ pieceId: id, wholesaleMinor, retailMinor }] });
    if (isTaken(answer)) setTyped({});
  };
  const [first] = sizesOf({ sizes });
  const standing = priceStanding(priced, count);
  const sentence = (!wholesale.ok && wholesale.sentence) || (!retail.ok && retail.sentence) || problemOf(error)?.detail;
  const field = (key: 'wholesale' | 'retail') => (
    <Field
      open
      className="num text-[19px] font-bold"
      value={typed[key] ?? plain(now[key])}
      label={`Current price, ${key}`}
      problem={sentence ?? undefined}
      problemId="sells-for-problem"
      onChange={(value) => setTyped({ ...typed, [key]: value })}
    />
  );
  return (
    <section aria-labelledby="sells" className="mt-4">
      <h2 id="sells">Current price{sizes.price === 'each' && first ? `, ${first.name}` : ''}</h2>
      <p className="mt-1 flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <span>wholesale {field('wholesale')}</span>
        <span>retail {field('retail')}</span>
        {isTyped && (
          <>
            <Field
              wide
              open
              value={why}
              label={words.reasonForThisPrice}
              placeholder={words.reasonOptional}
              onChange={setWhy}
            />
            <button
              type="button"
              className="button chrome"
              disabled={!wholesale.ok || !retail.ok}
              onClick={() => {
                if (wholesale.ok && retail.ok)
                  void set('set', roundHalfAwayFromZero(wholesale.value), roundHalfAwayFromZero(retail.value), why);
              }}
            >
              {words.savePrice}
            </button>
          </>
        )}
        {!isTyped && priced && (prices.wholesale.value !== now.wholesale || prices.retail.value !== now.retail) && (
          <button
            type="button"
            className="link chrome"
            onClick={() => void set('fix', prices.wholesale.value, prices.retail.value, words.updatedToRulePrice)}
          >
            {words.updateToRulePrice} {plain(prices.wholesale.value)} and {plain(prices.retail.value)}
          </button>
        )}
      </p>
      <p id="sells-for-problem" className="problem" role="alert">
        {sentence}
      </p>
      {!priced && <p className="aside">{words.rulePriceItIsSaved}</p>}
      {standing && !standing.holds && (
        <p className="note mt-2">
          <b>{words.thisPriceIsOutOf}</b> Set
          {priced?.fixOn && ` at metal prices of ${shortDay(priced.fixOn)}`}, its profit is {showFigure(standing.left)}{' '}
          today.
        </p>
      )}
      {undercutsShops(now.retail, prices) && (
        <p className="note mt-2">
          {words.shopsAtTheirUsualMarkup} {showFigure(prices.shopAsks)}; your retail price undercuts them.
        </p>
      )}
    </section>
  );
}
