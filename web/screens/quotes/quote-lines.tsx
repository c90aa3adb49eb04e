// The lines of a quote: a piece of the book in a size, or words and a price.
import type { Draft } from '@reduxjs/toolkit';
import { newQuoteLine, type Quote, type QuoteCount, type QuoteLine } from '../../../core/price/quote/quote.ts';
import { showValue } from '../../../core/figure/show.ts';
import { useGetPiecesQuery } from '../../state/api.ts';
import { problemsAt } from '../../hooks/use-basis.ts';
import type { Edit } from '../../hooks/use-document.ts';
import { usePieceOptions, useRetailOfPiece } from '../../hooks/use-cost-of-piece.ts';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { Num } from '../../components/num.tsx';
import { ProblemLine } from '../../components/problem-line.tsx';
import { EditableRow } from '../../components/row.tsx';
import { moveByKeys, useRowMoves } from '../../hooks/use-row-moves.ts';
import { RowTools } from '../../components/row-tools.tsx';
import { useBlankRow } from '../../hooks/use-blank-row.ts';
import { useRowProblems } from '../../hooks/use-row-problems.ts';
import { TableHeader } from '../../components/table-header.tsx';

const linesOf = (draft: Draft<Quote>) => draft.lines;

const COLUMNS = 4;

interface QuoteLinesProps {
  readonly quote: Quote;
  readonly count: QuoteCount;
  readonly edit: Edit<Quote>;
}

export function QuoteLines({ quote, count, edit }: QuoteLinesProps) {
  const ghost = useBlankRow(quote.lines, (_previous, id) => newQuoteLine(id));
  return (
    <section aria-labelledby="lines" className="mt-4">
      <h2 id="lines">Lines</h2>
      <table className="rows" aria-label="Lines of the quote">
        <TableHeader of={['what', { end: 'how many' }, { end: 'each' }, { end: 'all' }]} />
        {[...quote.lines, ghost].map((line, index) => (
          <LineRow
            key={line.id}
            line={line}
            index={index}
            last={quote.lines.length - 1}
            isGhost={index === quote.lines.length}
            count={count}
            edit={edit}
          />
        ))}
      </table>
    </section>
  );
}

interface LineRowProps {
  readonly line: QuoteLine;
  readonly index: number;
  readonly last: number;
  readonly isGhost: boolean;
  readonly count: QuoteCount;
  readonly edit: Edit<Quote>;
}

function LineRow({ line, index, last, isGhost, count, edit }: LineRowProps) {
  const { data: pieces = [] } = useGetPiecesQuery();
  const options = usePieceOptions('no piece of the book');
  const retailOf = useRetailOfPiece();
  const priceToday = (of: string, size: string) => {
    const retail = retailOf(of, size);
    return retail ? showValue(retail.value, retail.unit).replace(/,/g, '') : '';
  };
  const { onMove, onRemove } = useRowMoves(edit, linesOf);
  const problems = useRowProblems(problemsAt(count.problems, `lines.${String(index)}`));
  const name = line.what || 'the line';
  const set = (field: string, change: (draft: Draft<QuoteLine>) => void) =>
    edit(`lines.${line.id}.${field}`, (draft) => {
      draft.lines[index] ??= { ...line };
      change(draft.lines[index]);
    });
  const whatField = (
    <Field
      wide
      value={line.what}
      label={isGhost ? 'Add a line' : `Line ${String(index + 1)}, what`}
      placeholder={isGhost ? 'Add a line' : 'what it is'}
      column="line"
      maxLength={120}
      onChange={(value) => set('what', (draft) => void (draft.what = value))}
    />
  );
  const piece = pieces.find(({ id }) => id === line.piece);
  const today = line.piece ? priceToday(line.piece, line.size) : '';
  const sizes = (piece?.accepted ?? piece?.body)?.sizes.rows ?? [];
  const reckoned = count.lines[index];
  // The same cell before it is a row, so that the hand stays in the words.
  const whatCell = (
    <td className="first" colSpan={isGhost ? COLUMNS : 1}>
      {!isGhost && <RowTools name={name} index={index} last={last} onMove={onMove} onRemove={onRemove} />}
      {whatField}
      {!isGhost && (
        <span className="chrome flex gap-4 text-[14px]">
          <Choice
            small
            value={line.piece}
            options={options}
            label={`${name}, a piece of the book`}
            onChange={(value) =>
              set('', (draft) => {
                draft.piece = value;
                draft.size = pieces.find(({ id }) => id === value)?.body.sizes.rows[0]?.id ?? '';
                // What is offered is written down: a later fix does not move an offer.
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
                set('', (draft) => {
                  draft.size = size;
                  draft.price = priceToday(draft.piece, size);
                })
              }
            />
          )}
        </span>
      )}
    </td>
  );
  if (isGhost)
    return (
      <EditableRow className="blank-row chrome">
        <tr>{whatCell}</tr>
      </EditableRow>
    );
  return (
    <EditableRow onKeyDown={(event) => moveByKeys(event, index, onMove)}>
      <tr>
        {whatCell}
        <td className="end num">
          <Field
            end
            value={line.count}
            label={`${name}, how many`}
            column="count"
            onChange={(value) => set('count', (draft) => void (draft.count = value))}
            {...problems.at('count')}
          />
        </td>
        <td className="end num">
          <Field
            end
            value={line.price}
            label={`${name}, price of one`}
            placeholder={reckoned ? showValue(reckoned.each.value, reckoned.each.unit) : '0'}
            column="price"
            onChange={(value) => set('price', (draft) => void (draft.price = value))}
            {...problems.at('price')}
          />
          {line.piece && today && today !== line.price.trim() && (
            <span className="aside chrome block">
              today {today}{' '}
              <button
                type="button"
                className="link"
                aria-label={`Take today’s price of ${name}`}
                onClick={() => set('', (draft) => void (draft.price = today))}
              >
                take
              </button>
            </span>
          )}
        </td>
        <td className="end">{reckoned && <Num figure={reckoned.all} />}</td>
      </tr>
      <ProblemLine problems={problems} columns={COLUMNS} />
    </EditableRow>
  );
}
