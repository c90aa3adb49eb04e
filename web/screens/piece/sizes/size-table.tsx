// Sizes: what varies, and what each size weighs, takes and sells for.
import { Plus, X } from 'lucide-react';
import { memo, useCallback } from 'react';
import { showValue } from '../../../../core/figure/show.ts';
import type { Issue } from '../../../../core/measure/issue.ts';
import type { Piece } from '../../../../core/piece/piece.ts';
import type { Sizes } from '../../../../core/piece/sizes.ts';
import type { PieceCount } from '../../../../core/price/piece/count-piece.ts';
import { Choice, type Option } from '../../../components/choice.tsx';
import { Field } from '../../../components/field.tsx';
import { Num } from '../../../components/num.tsx';
import type { EditPiece } from '../../../components/remark-lines.tsx';
import { RowBody } from '../../../components/row.tsx';
import { useBasis } from '../../../hooks/use-basis.ts';
import { useTimeSliced } from '../../../hooks/use-time-sliced.ts';
import { type Basis, issuesAt, pieceCount } from '../../../state/basis.ts';

const priceOptions: readonly Option[] = [
  { value: 'each', label: 'each size its own price' },
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
  const problems = JSON.stringify(count.problems.filter(({ path }) => path.startsWith('sizes.')));
  return <SizeRows sizes={piece.sizes} counts={counts} problems={problems} edit={edit} />;
}

interface SizeRowsProps {
  readonly sizes: Sizes;
  readonly counts: readonly PieceCount[];
  /** JSON, so that the table is drawn again only when the sentences change. */
  readonly problems: string;
  readonly edit: EditPiece;
}

const SizeRows = memo(function SizeRows({ sizes: written, counts, problems: json, edit }: SizeRowsProps) {
  const { parameters, rows, price } = written;
  const problems = JSON.parse(json) as readonly Issue[];
  const change = (what: string, with_: (sizes: Sizes) => Sizes) =>
    edit(what, (draft) => void (draft.sizes = with_(JSON.parse(JSON.stringify(draft.sizes)) as Sizes)));
  const addParameter = () =>
    change('', (sizes) => ({
      ...sizes,
      parameters: [...sizes.parameters, { id: crypto.randomUUID(), name: freeName(sizes) }],
      rows: sizes.rows.length > 0 ? sizes.rows : [newRow('one size')],
    }));
  const addRow = () =>
    change('', (sizes) => ({
      ...sizes,
      rows: [...sizes.rows, { ...newRow(''), values: sizes.rows.at(-1)?.values ?? {} }],
    }));

  if (parameters.length === 0)
    return (
      <section aria-labelledby="sizes" className="mt-5">
        <h2 id="sizes">Sizes</h2>
        <p className="text-[15px] text-soft">
          One size.{' '}
          <button type="button" className="link chrome" onClick={addParameter}>
            Make it in several sizes
          </button>
        </p>
      </section>
    );
  return (
    <section aria-labelledby="sizes" className="mt-5">
      <div className="flex items-baseline justify-between gap-4">
        <h2 id="sizes">Sizes</h2>
        <span className="text-[14px]">
          <Choice
            small
            value={price}
            options={priceOptions}
            label="Prices of the sizes"
            onChange={(value) => change('', (sizes) => ({ ...sizes, price: value as Sizes['price'] }))}
          />
        </span>
      </div>
      <div className="overflow-x-auto">
        <table className="rows size-table">
          <thead>
            <tr>
              <th scope="col">size</th>
              {parameters.map(({ id, name }, index) => (
                <th key={id} scope="col">
                  <Field
                    small
                    open
                    value={name}
                    label={`Measure ${String(index + 1)} that varies, name`}
                    maxLength={20}
                    problem={issuesAt(problems, `sizes.parameters.${String(index)}`)['name']}
                    problemId={`measure-${id}`}
                    onChange={(value) =>
                      change(`sizes.${id}`, (sizes) => ({
                        ...sizes,
                        parameters: sizes.parameters.map((each) => (each.id === id ? { ...each, name: value } : each)),
                      }))
                    }
                  />
                  <button
                    type="button"
                    className="chrome ml-1 align-middle text-soft hover:text-ink"
                    aria-label={`Take the measure ${name} away`}
                    onClick={() =>
                      change('', (sizes) => ({
                        ...sizes,
                        parameters: sizes.parameters.filter((each) => each.id !== id),
                        rows: sizes.parameters.length === 1 ? [] : sizes.rows,
                      }))
                    }
                  >
                    <X size={13} />
                  </button>
                </th>
              ))}
              <th className="chrome">
                <button
                  type="button"
                  className="link flex items-center"
                  aria-label="Add a measure that varies"
                  onClick={addParameter}
                >
                  <Plus size={14} />
                </button>
              </th>
              <th scope="col" className="end">
                weight, g
              </th>
              <th scope="col" className="end">
                hands, min
              </th>
              <th scope="col" className="end">
                cost
              </th>
              <th scope="col" className="end">
                wholesale
              </th>
              <th scope="col" className="end">
                retail
              </th>
            </tr>
          </thead>
          {rows.map((row, index) => {
            const sized = counts[index];
            return (
              <RowBody key={row.id}>
                <tr>
                  <td>
                    <Field
                      open
                      value={row.name}
                      label={`Size ${String(index + 1)}, name`}
                      placeholder="name"
                      column="size-name"
                      onChange={(value) =>
                        change(`sizes.${row.id}`, (sizes) => withRow(sizes, row.id, { name: value }))
                      }
                    />
                  </td>
                  {parameters.map(({ id, name }) => (
                    <td key={id}>
                      <Field
                        open
                        className="num"
                        value={row.values[id] ?? ''}
                        label={`${row.name || 'the size'}, ${name}`}
                        placeholder="34 mm"
                        column={`size-${id}`}
                        onChange={(value) =>
                          change(`sizes.${row.id}.${id}`, (sizes) =>
                            withRow(sizes, row.id, { values: { ...row.values, [id]: value } }),
                          )
                        }
                      />
                    </td>
                  ))}
                  <td className="chrome">
                    <button
                      type="button"
                      className="text-soft hover:text-ink"
                      aria-label={`Take the size ${row.name || String(index + 1)} away`}
                      onClick={() =>
                        change('', (sizes) => ({ ...sizes, rows: sizes.rows.filter(({ id }) => id !== row.id) }))
                      }
                    >
                      <X size={13} />
                    </button>
                  </td>
                  {sized ? (
                    <>
                      <td className="end">
                        <Num figure={sized.weight} />
                      </td>
                      <td className="end">
                        <Num figure={sized.minutes} />
                      </td>
                      <td className="end">
                        <Num figure={sized.column.cost} />
                      </td>
                      <td className="end">
                        <Num figure={sized.prices.wholesale} />
                      </td>
                      <td className="end font-semibold">
                        <Num figure={sized.prices.retail} />
                      </td>
                    </>
                  ) : (
                    <td colSpan={5} />
                  )}
                </tr>
              </RowBody>
            );
          })}
        </table>
      </div>
      <p className="mt-2 flex flex-wrap gap-x-6 text-[14px] text-soft">
        <button type="button" className="link chrome" onClick={addRow}>
          Add a size
        </button>
        <span className="min-w-[30ch] flex-1">
          Write {parameters.map(({ name }) => name).join(' or ')} in any measure of a part, or a sum of it:{' '}
          <span className="num">{parameters[0]?.name} + 2 mm</span>. {rangeInWords(counts)}
        </span>
      </p>
    </section>
  );
});

function rangeInWords(counts: readonly PieceCount[]): string {
  const weights = counts.map(({ weight }) => weight.value);
  if (weights.length < 2) return '';
  return `They weigh ${showValue(Math.min(...weights), 'g')} to ${showValue(Math.max(...weights), 'g')} g.`;
}

const NO_COUNTS: readonly PieceCount[] = [];

function* sizeCounts(piece: Piece, basis: Basis): Generator<undefined, PieceCount[]> {
  const counts: PieceCount[] = [];
  for (const { id } of piece.sizes.rows) {
    counts.push(pieceCount(piece, basis, id));
    yield;
  }
  return counts;
}

function newRow(name: string): Sizes['rows'][number] {
  return { id: crypto.randomUUID(), name, values: {} };
}

function withRow(sizes: Sizes, id: string, more: Partial<Sizes['rows'][number]>): Sizes {
  return { ...sizes, rows: sizes.rows.map((row) => (row.id === id ? { ...row, ...more } : row)) };
}

function freeName({ parameters }: Sizes): string {
  const taken = new Set(parameters.map(({ name }) => name));
  return (
    ['size', 'across', 'length', 'height', 'depth', 'span', 'girth', 'reach'].find((name) => !taken.has(name)) ?? ''
  );
}
