// The count: a column of figures. Each opens its calculation below its line.
import { Fragment, memo, type ReactNode, useId, useState } from 'react';
import type { Figure } from '../../core/figure/figure.ts';
import { showValue } from '../../core/figure/show.ts';
import { words } from '../words/components.ts';
import { Calculation } from './calculation.tsx';
import { Num } from './num.tsx';

export interface CountRow {
  readonly key: string;
  readonly label: ReactNode;
  /** The label, where it is more than plain text. */
  readonly name?: string;
  /** The quantity: grams, minutes. */
  readonly takes?: Figure | null;
  /** The amount. */
  readonly each?: Figure | null;
  /** Text in place of the quantity. */
  readonly middle?: string;
  readonly kind?: 'subtotal' | 'total' | 'price';
  /** Unit after the last column, where it is not money. */
  readonly eachUnit?: string;
}

/** @param heads  the heads of the two number columns; '' for none */
export function CountTable({
  rows,
  heads,
  label,
}: {
  rows: readonly CountRow[];
  heads?: readonly [string, string];
  label: string;
}) {
  const [openKey, setOpenKey] = useState('');
  return (
    <table className="count" aria-label={label}>
      <colgroup>
        <col />
        <col style={{ width: '8.2em' }} />
        <col style={{ width: '7.2em' }} />
      </colgroup>
      {heads && (
        <thead>
          <tr>
            <th>
              <span className="sr-only">{words.line}</span>
            </th>
            <th scope="col">{heads[0]}</th>
            <th scope="col">{heads[1]}</th>
          </tr>
        </thead>
      )}
      <tbody>
        {rows.map((row) => (
          <Line key={row.key} row={row} opened={openedIn(row, openKey)} onOpen={setOpenKey} />
        ))}
      </tbody>
    </table>
  );
}

type Column = 'takes' | 'each';

function openedIn(row: CountRow, openKey: string): Column | null {
  if (openKey === `${row.key} takes`) return 'takes';
  return openKey === `${row.key} each` ? 'each' : null;
}

interface LineProps {
  readonly row: CountRow;
  readonly opened: Column | null;
  readonly onOpen: (key: string) => void;
}

// A closed line shows two numbers. It is drawn again only when one of them or its text changes.
function looksAlike(before: LineProps, after: LineProps): boolean {
  if (before.opened || after.opened) return false;
  const [a, b] = [before.row, after.row];
  const alike = (x: Figure | null | undefined, y: Figure | null | undefined) =>
    x?.value === y?.value && x?.unit === y?.unit;
  return (
    alike(a.takes, b.takes) &&
    alike(a.each, b.each) &&
    a.middle === b.middle &&
    a.kind === b.kind &&
    a.key === b.key &&
    (a.name ?? a.label) === (b.name ?? b.label)
  );
}

const Line = memo(function Line({ row, opened: which, onOpen }: LineProps) {
  const id = useId();
  const figures = { takes: row.takes ?? null, each: row.each ?? null };
  const opened = which && figures[which];
  const hasMiddle = Boolean(row.takes ?? row.middle);

  const cell = (column: Column) => {
    const figure = figures[column];
    if (!figure) return null;
    const key = `${row.key} ${column}`;
    const unit = column === 'takes' ? figure.unit : row.eachUnit;
    const heading = column === 'takes' ? words.quantity : words.amount;
    const shown = [showValue(figure.value, figure.unit), unit].filter(Boolean).join(' ');
    return (
      <button
        type="button"
        className="figure"
        aria-expanded={which === column}
        aria-controls={id}
        aria-label={`${row.name ?? textOf(row.label)}, ${heading}: ${shown}, show calculation`}
        onClick={() => onOpen(which === column ? '' : key)}
      >
        <Num figure={figure} />{' '}
        {column === 'takes' && <span className="aside inline-block w-[2.4em] pl-1 text-left">{figure.unit}</span>}
        {column === 'each' && row.eachUnit && <span className="aside">{row.eachUnit}</span>}
      </button>
    );
  };

  return (
    <Fragment>
      <tr
        className={row.kind}
        onKeyDown={(event) => {
          if (event.key === 'Escape' && which) onOpen('');
        }}
      >
        <td className="py-[5px]!" colSpan={hasMiddle ? 1 : 2}>
          {row.label}
        </td>
        {hasMiddle && (
          <td className="text-right" style={{ '--frac': '1.5em' } as React.CSSProperties}>
            {row.middle ? <span className="text-[14px] font-normal text-soft">{row.middle}</span> : cell('takes')}
          </td>
        )}
        <td className="text-right">{cell('each')}</td>
      </tr>
      {opened && (
        <tr
          id={id}
          onKeyDown={(event) => {
            if (event.key === 'Escape') onOpen('');
          }}
        >
          <td colSpan={3}>
            <Calculation figure={opened} />
          </td>
        </tr>
      )}
    </Fragment>
  );
}, looksAlike);

function textOf(label: ReactNode): string {
  return typeof label === 'string' ? label : 'figure';
}
