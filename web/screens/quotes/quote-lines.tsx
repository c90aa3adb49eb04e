// The items of a quote: a piece in a size, or text and a price.
import type { Draft } from '@reduxjs/toolkit';
import { showValue } from '../../../core/figure/show.ts';
import { sizesOf } from '../../../core/piece/all-sizes.ts';
import { newQuoteLine, type Quote, type QuoteCount, type QuoteLine } from '../../../core/price/quote/quote.ts';
import { Choice } from '../../components/choice.tsx';
import { EditableRow, EditableRows } from '../../components/editable-row.tsx';
import { Field } from '../../components/field.tsx';
import { Num } from '../../components/num.tsx';
import { usePieceOptions, useRetailOfPiece } from '../../hooks/use-cost-of-piece.ts';
import type { Edit } from '../../hooks/use-document.ts';
import { type SetRow, useEditableRows } from '../../hooks/use-editable-rows.ts';
import type { RowMoves } from '../../hooks/use-row-moves.ts';
import { useRowProblems } from '../../hooks/use-row-problems.ts';
import { issuesAt } from '../../state/basis.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { words } from '../../words/quotes.ts';

const freshLine = (_previous: QuoteLine | undefined, id: string) => newQuoteLine(id);
const linesOf = (draft: Draft<Quote>) => draft.lines;

const COLUMNS = 4;

interface QuoteLinesProps {
  readonly quote: Quote;
  readonly count: QuoteCount;
  readonly edit: Edit<Quote>;
}

export function QuoteLines({ quote, count, edit }: QuoteLinesProps) {
  const { set, onMove, onRemove, blank } = useEditableRows({
    edit,
    list: 'lines',
    rows: quote.lines,
    rowsOf: linesOf,
    fresh: freshLine,
  });
  return (
    <section aria-labelledby="lines" className="mt-4">
      <h2 id="lines">{words.items}</h2>
      <EditableRows
        label={words.itemsOfTheQuote}
        heads={['description', { end: 'quantity' }, { end: 'price each' }, { end: 'amount' }]}
        onMove={onMove}
      >
        {[...quote.lines, blank].map((line, index) => (
          <LineRow
            key={line.id}
            line={line}
            index={index}
            last={quote.lines.length - 1}
            isBlank={index === quote.lines.length}
            count={count}
            set={set}
            onMove={onMove}
            onRemove={onRemove}
          />
        ))}
      </EditableRows>
    </section>
  );
}

interface LineRowProps {
  readonly line: QuoteLine;
  readonly index: number;
  readonly last: number;
  readonly isBlank: boolean;
  readonly count: QuoteCount;
  readonly set: SetRow<QuoteLine>;
  readonly onMove: RowMoves['onMove'];
  readonly onRemove: (index: number) => void;
}

function LineRow({ line, index, last, isBlank, count, set, onMove, onRemove }: LineRowProps) {
  const { data: pieces = [] } = useGetPiecesQuery();
  const options = usePieceOptions('custom item');
  const retailOf = useRetailOfPiece();
  const priceToday = (of: string, size: string) => {
    const retail = retailOf(of, size);
    return retail ? showValue(retail.value, retail.unit) : '';
  };
  const problems = useRowProblems(issuesAt(count.problems, `lines.${String(index)}`));
  const name = line.what || 'the item';
  const piece = pieces.find(({ id }) => id === line.piece);
  const today = line.piece ? priceToday(line.piece, line.size) : '';
  const sizes = piece ? sizesOf(piece.accepted ?? piece.body) : [];
  const counted = count.lines[index];
  return (
    <EditableRow
      name={name}
      index={index}
      last={last}
      columns={COLUMNS}
      isBlank={isBlank}
      blankClass="chrome"
      nameField={
        <Field
          wide
          value={line.what}
          label={isBlank ? words.addAnItem : `Item ${String(index + 1)}, description`}
          placeholder={isBlank ? words.addAnItem : words.description}
          column="line"
          maxLength={120}
          onChange={(value) => set(index, line, { what: value })}
        />
      }
      underName={
        <span className="chrome flex gap-4 text-[14px]">
          <Choice
            small
            value={line.piece}
            options={options}
            label={`${name}, piece`}
            onChange={(value) =>
              set(index, line, (draft) => {
                draft.piece = value;
                const chosen = pieces.find(({ id }) => id === value);
                draft.size = (chosen && sizesOf(chosen.body)[0]?.id) ?? '';
                // An item stores its price: later metal prices do not move a quote.
                draft.price = value ? priceToday(value, draft.size) : draft.price;
                if (!draft.what.trim()) draft.what = options.find((option) => option.value === value)?.label ?? '';
              })
            }
          />
          {sizes.length > 0 && (
            <Choice
              small
              value={line.size}
              options={sizes.map(({ id, name: label }) => ({ value: id, label: label || 'unnamed' }))}
              label={`${name}, size`}
              onChange={(size) =>
                set(index, line, (draft) => {
                  draft.size = size;
                  draft.price = priceToday(draft.piece, size);
                })
              }
            />
          )}
        </span>
      }
      problems={problems}
      onMove={onMove}
      onRemove={onRemove}
    >
      <td className="end num">
        <Field
          end
          value={line.count}
          label={`${name}, quantity`}
          column="count"
          onChange={(value) => set(index, line, { count: value })}
          {...problems.at('count')}
        />
      </td>
      <td className="end num">
        <Field
          end
          value={line.price}
          label={`${name}, price each`}
          placeholder={counted ? showValue(counted.each.value, counted.each.unit) : '0'}
          column="price"
          onChange={(value) => set(index, line, { price: value })}
          {...problems.at('price')}
        />
        {line.piece && today && today !== line.price.trim() && (
          <span className="aside chrome block">
            today {today}{' '}
            <button
              type="button"
              className="link"
              aria-label={`Use today’s price for ${name}`}
              onClick={() => set(index, line, { price: today }, '')}
            >
              {words.use}
            </button>
          </span>
        )}
      </td>
      <td className="end">{counted && <Num figure={counted.all} />}</td>
    </EditableRow>
  );
}
