// One size: its measures, and what it weighs, takes and sells for.
import { X } from 'lucide-react';
import { type SizeGroup, withoutSize, withSizeChanged } from '../../../../core/piece/edit-sizes.ts';
import type { Sizes } from '../../../../core/piece/sizes.ts';
import type { PieceCount } from '../../../../core/price/piece/count-piece.ts';
import { Field } from '../../../components/field.tsx';
import { Num } from '../../../components/num.tsx';
import { RowBody } from '../../../components/row.tsx';
import { words } from '../../../words/piece.ts';
import type { ChangeSizes } from './change-sizes.ts';

interface SizeRowProps {
  readonly row: Sizes['rows'][number];
  readonly index: number;
  readonly group: SizeGroup;
  readonly parameters: Sizes['parameters'];
  /** Null until it is computed. */
  readonly count: PieceCount | null;
  readonly change: ChangeSizes;
}

export function SizeRow({ row, index, group, parameters, count, change }: SizeRowProps) {
  return (
    <RowBody>
      <tr>
        <td>
          <Field
            open
            value={row.name}
            label={`${group === 'rows' ? words.sizeTitle : words.patternTitle} ${String(index + 1)}, name`}
            placeholder={words.name}
            column="size-name"
            onChange={(value) => change(`sizes.${row.id}`, (sizes) => withSizeChanged(sizes, row.id, { name: value }))}
          />
        </td>
        {parameters.map(({ id, name }) => (
          <td key={id}>
            <Field
              open
              className="num"
              value={row.values[id] ?? ''}
              label={`${row.name || (group === 'rows' ? words.theSize : words.thePattern)}, ${name}`}
              placeholder={group === 'rows' ? words.n34Mm : words.asTheSize}
              column={`size-${id}`}
              onChange={(value) =>
                change(`sizes.${row.id}.${id}`, (sizes) =>
                  withSizeChanged(sizes, row.id, { values: { ...row.values, [id]: value } }),
                )
              }
            />
          </td>
        ))}
        <td className="chrome">
          <button
            type="button"
            className="text-soft hover:text-ink"
            aria-label={`Remove ${group === 'rows' ? words.size : words.pattern} ${row.name || String(index + 1)}`}
            onClick={() => change('', (sizes) => withoutSize(sizes, row.id))}
          >
            <X size={13} />
          </button>
        </td>
        {count ? (
          <>
            <td className="end">
              <Num figure={count.weight} />
            </td>
            <td className="end">
              <Num figure={count.minutes} />
            </td>
            <td className="end">
              <Num figure={count.column.cost} />
            </td>
            <td className="end">
              <Num figure={count.prices.wholesale} />
            </td>
            <td className="end font-semibold">
              <Num figure={count.prices.retail} />
            </td>
          </>
        ) : (
          <td colSpan={5} />
        )}
      </tr>
    </RowBody>
  );
}
