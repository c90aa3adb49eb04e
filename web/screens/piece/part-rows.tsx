// The parts of a piece, written in place, one row a part.
import { useCallback, type CSSProperties } from 'react';
import type { Draft } from '@reduxjs/toolkit';
import { showValue } from '../../../core/figure/show.ts';
import type { Part, Piece } from '../../../core/piece/piece.ts';
import type { PieceCount } from '../../../core/price/count.ts';
import type { Edit } from '../../app/use-document.ts';
import { problemsAt } from '../../app/reckoning.ts';
import { PartRow } from './part-row.tsx';
import { moveRow } from '../../parts/row-tools.tsx';
import { useGhost } from '../../parts/use-ghost.ts';

/** Glyph, part, cut from, blank, each, net. */
const columns: CSSProperties = { gridTemplateColumns: '52px 1.05fr 2.05fr 2.15fr 3.4em 4.6em' };

/** Changes one part; for the blank row it is added first. */
export type EditPart = (index: number, part: Part, field: string, change: (part: Draft<Part>) => void) => void;

export function PartRows({ parts, count, edit }: { parts: readonly Part[]; count: PieceCount; edit: Edit<Piece> }) {
  const ghost = useGhost(parts, newPart);
  const editPart = useCallback<EditPart>(
    (index, part, field, change) =>
      edit(`parts.${part.id}.${field}`, (piece) => {
        piece.parts[index] ??= structuredClone(part);
        change(piece.parts[index]);
      }),
    [edit],
  );
  const onMove = useCallback(
    (index: number, by: 1 | -1) => edit('', (piece) => moveRow(piece.parts, index, by)),
    [edit],
  );
  const onRemove = useCallback((index: number) => edit('', (piece) => void piece.parts.splice(index, 1)), [edit]);
  const takes = count.column.lines.find(({ key }) => key === 'metal')?.takes;

  return (
    <section aria-labelledby="parts" className="mt-5">
      <div className="flex items-baseline justify-between">
        <h2 id="parts">Parts</h2>
        {takes && <span className="aside num">{showValue(takes.value, takes.unit)} g cut for one</span>}
      </div>
      <table role="table" className="rows rows-fixed" style={columns}>
        <thead role="rowgroup">
          <tr role="row">
            <th role="columnheader" className="first">
              <span className="sr-only">section</span>
            </th>
            <th role="columnheader">part</th>
            <th role="columnheader">cut from</th>
            <th role="columnheader">blank</th>
            <th role="columnheader" className="end">
              each
            </th>
            <th role="columnheader" className="end">
              net g
            </th>
          </tr>
        </thead>
        {[...parts, ghost].map((part, index) => (
          <PartRow
            key={part.id}
            part={part}
            index={index}
            last={parts.length - 1}
            reckoning={count.parts[index] ?? null}
            priceProblem={priceProblemOf(count, index)}
            editPart={editPart}
            onMove={onMove}
            onRemove={onRemove}
          />
        ))}
      </table>
    </section>
  );
}

// A part itself knows whether its metal is in the book; only the whole count knows whether the fix has a price for it.
function priceProblemOf(count: PieceCount, index: number): string {
  return problemsAt(count.problems, `parts.${String(index)}`)['alloy'] ?? '';
}

// What the part before was cut from is the likeliest stock for the next.
function newPart(previous: Part | undefined, id: string): Part {
  return {
    id,
    name: '',
    alloy: previous?.alloy ?? 'silver-925',
    section: previous ? structuredClone(previous.section) : { form: 'round', diameter: '' },
    blank: previous?.section.form === 'sheet' ? { rule: 'disc', diameter: '' } : { rule: 'straight', length: '' },
    count: '1',
    trim: '',
  };
}
