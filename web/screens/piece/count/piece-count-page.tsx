// The right page of a piece: what one of them takes, costs and sells for.
import { memo, useState } from 'react';
import { Link } from 'react-router';
import { inSum } from '../../../../core/figure/figure.ts';
import { showFigure, showValue } from '../../../../core/figure/show.ts';
import { shortDay } from '../../../../core/format/days.ts';
import type { Piece } from '../../../../core/piece/piece.ts';
import type { PieceCount } from '../../../../core/price/piece/count-piece.ts';
import { priceStanding } from '../../../../core/price/piece/standing.ts';
import type { PricingMethod } from '../../../../core/studio/pricing-methods.ts';
import { Choice, type Option } from '../../../components/choice.tsx';
import { type CountRow, CountTable } from '../../../components/count-table.tsx';
import { Field } from '../../../components/field.tsx';
import { useBasis } from '../../../hooks/use-basis.ts';
import type { DocumentInHand, Edit } from '../../../hooks/use-document.ts';
import { costName } from '../../../words/cost-words.ts';
import { words } from '../../../words/piece.ts';
import { MakeBatch } from '../make-batch.tsx';
import { PriceBar } from './price-bar.tsx';

const soldByOptions: readonly Option[] = [
  { value: 'one', label: 'singly' },
  { value: 'pair', label: 'as a pair' },
];
const marksOptions: readonly Option[] = [
  { value: '', label: 'when required' },
  { value: 'yes', label: 'always' },
  { value: 'no', label: 'none' },
];
const consumableOptions: readonly Option[] = [
  { value: '', label: 'studio default' },
  { value: 'hour', label: 'by bench hour' },
  { value: 'use', label: 'by use' },
  { value: 'share', label: 'as a percentage' },
];

export function PieceCountPage({ inHand, count }: { inHand: DocumentInHand<Piece>; count: PieceCount }) {
  const [making, setMaking] = useState(false);
  const { body, edit, open } = inHand;
  const packagingProblem = count.problems.find(({ path }) => path === 'packaging')?.sentence;
  const batchProblem = count.problems.find(({ path }) => path === 'batchSize')?.sentence;
  const noFix = count.problems.find(({ path }) => path === 'fix')?.sentence;
  const standing = priceStanding(open.stored.priced, count);

  return (
    <>
      <div className="flex items-center justify-between gap-3">
        <label className="text-[15px]">
          {words.usualBatchSize}{' '}
          <Field
            open
            className="num font-semibold"
            value={body.batchSize}
            label={words.usualBatchSizeTitle}
            problem={batchProblem}
            problemId="batch-size-problem"
            onChange={(value) => edit('batchSize', (piece) => void (piece.batchSize = value))}
          />
        </label>
        <button type="button" className="button chrome" onClick={() => setMaking(true)}>
          {words.newBatch}
        </button>
      </div>
      <CountOptions piece={body} packagingProblem={packagingProblem} edit={edit} />
      {batchProblem && (
        <p id="batch-size-problem" className="problem">
          {batchProblem}
        </p>
      )}
      {packagingProblem && (
        <p id="packaging-problem" className="problem">
          {packagingProblem}
        </p>
      )}
      {noFix && (
        <p className="note mt-2">
          {noFix}{' '}
          <Link className="link" to="/studio#fix">
            {words.enterMetalPrices}
          </Link>
        </p>
      )}
      <div className="mt-2">
        <CountTable label={words.costOfOnePiece} heads={['quantity', 'each']} rows={costRows(count)} />
        <CountTable label={words.prices} rows={priceRows(count)} />
      </div>
      <PriceSheetLink id={open.key.id} />
      <PriceBar count={count} />
      <CountTable label={words.profitAndEarnings} rows={leftRows(count)} />
      {standing && !standing.holds && (
        <p className="note mt-4">
          <b>{words.thisPriceIsOutOf}</b> {words.wholesalePriceSet} {showFigure(standing.then)}
          {open.stored.priced?.fixOn && ` at metal prices of ${shortDay(open.stored.priced.fixOn)}`}; profit today:{' '}
          {showFigure(standing.left)}.
        </p>
      )}
      {making && <MakeBatch inHand={inHand} onClose={() => setMaking(false)} />}
    </>
  );
}

interface CountOptionsProps {
  readonly piece: Piece;
  readonly packagingProblem: string | undefined;
  readonly edit: Edit<Piece>;
}

// The basis and size of the count; the page is drawn again only when one of these changes.
const CountOptions = memo(function CountOptions({ piece, packagingProblem, edit }: CountOptionsProps) {
  const { rates } = useBasis();
  return (
    <p className="chrome mt-1 flex flex-wrap gap-x-5 text-[14px] text-soft">
      <span>
        sold{' '}
        <Choice
          small
          value={piece.soldBy}
          options={soldByOptions}
          label={words.soldAs}
          onChange={(soldBy) => edit('', (draft) => void Object.assign(draft, { soldBy }))}
        />
      </span>
      <span>
        consumables{' '}
        <Choice
          small
          value={piece.consumables}
          options={consumableOptions}
          label={words.consumables}
          onChange={(consumables) => edit('', (draft) => void Object.assign(draft, { consumables }))}
        />
      </span>
      {rates.assayCharges.length > 0 && (
        <span>
          hallmarking{' '}
          <Choice
            small
            value={piece.marks}
            options={marksOptions}
            label={words.hallmarking}
            onChange={(marks) => edit('', (draft) => void Object.assign(draft, { marks }))}
          />
        </span>
      )}
      <span>
        packaging{' '}
        <Field
          small
          open
          className="num"
          value={piece.packaging}
          label={words.packagingOfThisPiece}
          placeholder={rates.packaging.value > 0 ? showValue(rates.packaging.value, rates.currency) : '0'}
          problem={packagingProblem}
          problemId="packaging-problem"
          onChange={(value) => edit('packaging', (draft) => void (draft.packaging = value))}
        />
      </span>
    </p>
  );
}, sameOptions);

function sameOptions(a: CountOptionsProps, b: CountOptionsProps): boolean {
  const keys = ['soldBy', 'consumables', 'marks', 'packaging'] as const;
  return a.packagingProblem === b.packagingProblem && keys.every((key) => a.piece[key] === b.piece[key]);
}

const PriceSheetLink = memo(function PriceSheetLink({ id }: { id: string }) {
  return (
    <p className="chrome mt-1 text-right text-[14px]">
      <Link className="link" to={`/prices/${id}`}>
        {words.pricingDetails}
      </Link>
    </p>
  );
});

function costRows({ column }: PieceCount): CountRow[] {
  const lines = column.lines.map(({ key, takes, each }): CountRow => {
    // A cost of the whole piece has no quantity.
    const counted = key === 'packaging' || key === 'marks' ? {} : { takes };
    return {
      key,
      label: costName(key),
      ...counted,
      each,
      ...(key === 'consumables' && { kind: 'subtotal' as const }),
    };
  });
  return [...lines, { key: 'cost', label: words.costTitle, each: column.cost, kind: 'total' }];
}

function priceRows({ prices, pricing }: PieceCount): CountRow[] {
  const times = (name: string, factor: number | undefined) => `${name} × ${inSum(factor ?? 0)}`;
  const isBack = prices.school === 'price-point';
  return [
    {
      key: 'wholesale',
      label: words.wholesaleTitle,
      middle:
        prices.school === 'build-up' ? times('cost', prices.wholesale.from[1]?.value) : schoolWords[prices.school],
      each: prices.wholesale,
      kind: 'price',
    },
    {
      key: 'retail',
      label: words.retailTitle,
      middle: isBack && pricing.targetMinor > 0 ? 'back from' : times('wholesale', prices.retail.from[1]?.value),
      each: prices.retail,
      kind: 'price',
    },
  ];
}

const schoolWords = {
  'build-up': 'cost ×',
  'mark-ups': 'markup by category',
  margin: 'by target margin',
  'price-point': 'retail ÷ multiplier',
} as const satisfies Record<PricingMethod, string>;

function leftRows({ column, prices, weight }: PieceCount): CountRow[] {
  return [
    { key: 'left', label: words.profitAtWholesale, each: prices.left },
    ...(prices.perHour
      ? [{ key: 'per-hour', label: words.earnings, each: prices.perHour, middle: 'per bench hour' }]
      : []),
    ...(column.lost ? [{ key: 'lost', label: words.metalLoss, each: column.lost }] : []),
    { key: 'weight', label: words.finishedWeight, takes: weight },
  ];
}
