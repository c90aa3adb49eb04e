// Units measured one by one: a row a unit with its own measures, weight and price.
import { X } from 'lucide-react';
import Papa from 'papaparse';
import type { ClipboardEvent } from 'react';
import type { BatchLine, BatchUnit } from '../../../core/batch/batch.ts';
import type { BatchRun } from '../../../core/batch/batch-run.ts';
import { MOST_UNITS, withBlock, withUnits } from '../../../core/batch/edit-units.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { Field } from '../../components/field.tsx';
import { Num } from '../../components/num.tsx';
import { RowBody } from '../../components/row.tsx';
import { words } from '../../words/batch.ts';

interface UnitRowsProps {
  readonly line: BatchLine;
  readonly piece: Piece;
  readonly runs: readonly BatchRun[];
  readonly isOpen: boolean;
  readonly onChange: (what: string, change: (units: readonly BatchUnit[]) => BatchUnit[]) => void;
}

const newId = () => crypto.randomUUID();

export function UnitRows({ line, piece, runs, isOpen, onChange }: UnitRowsProps) {
  const { parameters } = piece.sizes;
  const paste = (event: ClipboardEvent<HTMLTableElement>) => {
    const text = event.clipboardData.getData('text/plain').replace(/\n$/, '');
    const cell = (event.target as HTMLElement).closest<HTMLElement>('[data-unit-row]');
    if (!cell || !/[\t\n]/.test(text)) return;
    event.preventDefault();
    const { data } = Papa.parse<string[]>(text, { delimiter: '\t' });
    const corner = { row: Number(cell.dataset['unitRow']), column: Number(cell.dataset['unitColumn']) };
    const ids = parameters.map(({ id }) => id);
    onChange('', (units) => withBlock(units, ids, corner, data, newId));
  };
  const change = (what: string, id: string, changed: (unit: BatchUnit) => BatchUnit) =>
    onChange(what, (units) => units.map((unit) => (unit.id === id ? changed(unit) : unit)));
  return (
    <div className="mt-1 w-full overflow-x-auto">
      <table className="rows [&_.field]:whitespace-nowrap! [&_.field]:wrap-normal!" onPaste={paste}>
        <thead>
          <tr>
            <th className="end">{words.number}</th>
            <th>{words.unitName}</th>
            {parameters.map(({ id, name }) => (
              <th key={id}>{name}</th>
            ))}
            <th className="end">{words.weightG}</th>
            <th className="end">{words.wholesale}</th>
            <th className="end">{words.retail}</th>
            <th>
              <span className="sr-only">{words.remove}</span>
            </th>
          </tr>
        </thead>
        {line.units.map((unit, row) => {
          const count = runs.find(({ size }) => size === unit.id)?.count;
          const number = String(row + 1);
          return (
            <RowBody key={unit.id}>
              <tr>
                <td className="end num text-soft">{number}</td>
                <td data-unit-row={row} data-unit-column={0}>
                  <Field
                    open
                    value={unit.name}
                    label={`No. ${number}, description`}
                    placeholder={row === 0 ? words.greyOval : ''}
                    column="unit-name"
                    onChange={(name) => change(`units.${unit.id}`, unit.id, (one) => ({ ...one, name }))}
                  />
                </td>
                {parameters.map(({ id, name }, column) => (
                  <td key={id} data-unit-row={row} data-unit-column={column + 1}>
                    <Field
                      open
                      small
                      className="num"
                      value={unit.values[id] ?? ''}
                      label={`No. ${number}, ${name}`}
                      placeholder={usualOf(piece, unit, id)}
                      column={`unit-${id}`}
                      onChange={(value) =>
                        change(`units.${unit.id}.${id}`, unit.id, (one) => ({
                          ...one,
                          values: { ...one.values, [id]: value },
                        }))
                      }
                    />
                  </td>
                ))}
                <td className="end">{count && <Num figure={count.weight} />}</td>
                <td className="end">{count && <Num figure={count.prices.wholesale} />}</td>
                <td className="end">{count && <Num figure={count.prices.retail} />}</td>
                <td>
                  {isOpen && (
                    <button
                      type="button"
                      className="chrome text-soft hover:text-ink"
                      aria-label={`Remove no. ${number}`}
                      onClick={() => onChange('', (units) => units.filter(({ id }) => id !== unit.id))}
                    >
                      <X size={13} />
                    </button>
                  )}
                </td>
              </tr>
            </RowBody>
          );
        })}
      </table>
      {isOpen && (
        <p className="chrome mt-1 flex flex-wrap gap-x-6 text-[14px] text-soft">
          {line.units.length < MOST_UNITS && (
            <button type="button" className="link" onClick={() => onChange('', (units) => withUnits(units, 1, newId))}>
              {words.addAUnit}
            </button>
          )}
          <button type="button" className="link" onClick={() => onChange('', () => [])}>
            {words.useQuantities}
          </button>
          <span>{words.pasteAColumn}</span>
        </p>
      )}
    </div>
  );
}

// A blank measure is that of the piece.
function usualOf(piece: Piece, unit: BatchUnit, parameter: string): string {
  return piece.sizes.rows.find(({ id }) => id === unit.id)?.values[parameter] ?? '';
}
