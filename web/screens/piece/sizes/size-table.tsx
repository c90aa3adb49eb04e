// Sizes: what varies, and what each size weighs, takes and sells for.
import { current } from '@reduxjs/toolkit';
import { memo, useCallback } from 'react';
import { showValue } from '../../../../core/figure/show.ts';
import { type Issue, sameIssues } from '../../../../core/measure/issue.ts';
import { sizesOf } from '../../../../core/piece/all-sizes.ts';
import { withMeasure, withSize } from '../../../../core/piece/edit-sizes.ts';
import type { Piece } from '../../../../core/piece/piece.ts';
import type { Sizes } from '../../../../core/piece/sizes.ts';
import type { PieceCount } from '../../../../core/price/piece/count-piece.ts';
import { Choice, type Option } from '../../../components/choice.tsx';
import type { EditPiece } from '../../../components/remark-lines.tsx';
import { SectionTitle } from '../../../components/section-title.tsx';
import { useBasis } from '../../../hooks/use-basis.ts';
import { useStable } from '../../../hooks/use-stable.ts';
import { useTimeSliced } from '../../../hooks/use-time-sliced.ts';
import type { Basis } from '../../../state/basis.ts';
import { pieceCount } from '../../../state/piece-count.ts';
import { words } from '../../../words/piece.ts';
import type { ChangeSizes } from './change-sizes.ts';
import { SizeHead } from './size-head.tsx';
import { SizeRow } from './size-row.tsx';

const priceOptions: readonly Option[] = [
  { value: 'each', label: 'a price for each size' },
  { value: 'one', label: 'one price for all' },
];

interface SizeTableProps {
  readonly piece: Piece;
  readonly count: PieceCount;
  readonly edit: EditPiece;
}

export function SizeTable({ piece, count, edit }: SizeTableProps) {
  const basis = useBasis();
  // Twelve sizes are twelve counts, so they follow a moment behind typing.
  const start = useCallback(() => sizeCounts(piece, basis), [piece, basis]);
  const counts = useTimeSliced(start) ?? NO_COUNTS;
  const problems = useStable(
    count.problems.filter(({ path }) => path.startsWith('sizes.')),
    sameIssues,
  );
  return <SizeRows sizes={piece.sizes} counts={counts} problems={problems} edit={edit} />;
}

interface SizeRowsProps {
  readonly sizes: Sizes;
  readonly counts: readonly PieceCount[];
  readonly problems: readonly Issue[];
  readonly edit: EditPiece;
}

const newId = () => crypto.randomUUID();

const SizeRows = memo(function SizeRows({ sizes: written, counts, problems, edit }: SizeRowsProps) {
  const { parameters, rows, patterns, price } = written;
  const change = useCallback<ChangeSizes>(
    (what, changed) => edit(what, (draft) => void (draft.sizes = changed(structuredClone(current(draft.sizes))))),
    [edit],
  );

  if (parameters.length === 0)
    return (
      <section aria-labelledby="sizes" className="mt-5">
        <SectionTitle id="sizes" title={words.sizes} help="parts-and-blanks" />
        <p className="text-[15px] text-soft">
          One size.{' '}
          <button
            type="button"
            className="link chrome"
            onClick={() => change('', (sizes) => withMeasure(sizes, newId))}
          >
            {words.addSizes}
          </button>
        </p>
      </section>
    );
  return (
    <section aria-labelledby="sizes" className="mt-5">
      <div className="flex items-baseline justify-between gap-4">
        <SectionTitle id="sizes" title={words.sizes} help="parts-and-blanks" />
        <span className="text-[14px]">
          <Choice
            small
            value={price}
            options={priceOptions}
            label={words.pricesBySize}
            onChange={(value) => change('', (sizes) => ({ ...sizes, price: value as Sizes['price'] }))}
          />
        </span>
      </div>
      <div className="overflow-x-auto">
        <table className="rows size-table [&_.field]:whitespace-nowrap! [&_.field]:wrap-normal!">
          <SizeHead
            first={patterns.length > 0 ? words.pattern : words.size}
            parameters={parameters}
            problems={problems}
            change={change}
          />
          {patterns.map((row, index) => (
            <SizeRow
              key={row.id}
              row={row}
              index={index}
              group="patterns"
              parameters={parameters}
              count={counts[index * Math.max(1, rows.length)] ?? null}
              change={change}
            />
          ))}
          {patterns.length > 0 && (
            <tbody>
              <tr>
                <th scope="row" colSpan={parameters.length + 7} className="pt-3">
                  {words.sizesOfEveryPattern}
                </th>
              </tr>
            </tbody>
          )}
          {rows.map((row, index) => (
            <SizeRow
              key={row.id}
              row={row}
              index={index}
              group="rows"
              parameters={parameters}
              count={counts[index] ?? null}
              change={change}
            />
          ))}
        </table>
      </div>
      <p className="mt-2 flex flex-wrap gap-x-6 text-[14px] text-soft">
        <button type="button" className="link chrome" onClick={() => change('', (sizes) => withSize(sizes, newId))}>
          {words.addASize}
        </button>
        <button
          type="button"
          className="link chrome"
          onClick={() => change('', (sizes) => withSize(sizes, newId, 'patterns'))}
        >
          {words.addAPattern}
        </button>
        <span className="min-w-[30ch] flex-1">
          Use {parameters.map(({ name }) => name).join(' or ')} {words.inAnyMeasureOfA}{' '}
          <span className="num">
            {parameters[0]?.name} {words.n2Mm}
          </span>
          . {rangeInWords(counts)}
        </span>
      </p>
    </section>
  );
});

function rangeInWords(counts: readonly PieceCount[]): string {
  const weights = counts.map(({ weight }) => weight.value);
  if (weights.length < 2) return '';
  return `Weights: ${showValue(Math.min(...weights), 'g')} to ${showValue(Math.max(...weights), 'g')} g.`;
}

const NO_COUNTS: readonly PieceCount[] = [];

function* sizeCounts(piece: Piece, basis: Basis): Generator<undefined, PieceCount[]> {
  const counts: PieceCount[] = [];
  for (const { id } of sizesOf(piece)) {
    counts.push(pieceCount(piece, basis, id));
    yield;
  }
  return counts;
}
