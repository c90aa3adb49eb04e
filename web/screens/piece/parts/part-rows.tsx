// The parts of a piece, one row a part, edited in place.
import type { Draft } from '@reduxjs/toolkit';
import { type CSSProperties, useMemo } from 'react';
import { blankRulesOf, freshBlank } from '../../../../core/blank/blank.ts';
import { showValue } from '../../../../core/figure/show.ts';
import { type Part, partSchema } from '../../../../core/piece/part.ts';
import type { Piece } from '../../../../core/piece/piece.ts';
import type { PieceCount } from '../../../../core/price/piece/count-piece.ts';
import { makeOrBuy } from '../../../../core/price/piece/make-or-buy.ts';
import { EditableRows } from '../../../components/editable-row.tsx';
import type { EditPiece } from '../../../components/remark-lines.tsx';
import { SectionTitle } from '../../../components/section-title.tsx';
import { useBasis } from '../../../hooks/use-basis.ts';
import { useEditableRows } from '../../../hooks/use-editable-rows.ts';
import { words } from '../../../words/piece.ts';
import { usePasteRows } from '../paste-rows.ts';
import { groupOptions, type Margin, stoneOptions } from '../piece-context.ts';
import { PartRow } from './part-row.tsx';

/** Glyph, part, cut from, blank, each, net. */
const columns: CSSProperties = { gridTemplateColumns: '52px 1.05fr 2.05fr 2.15fr 3.4em 4.6em' };

interface PartRowsProps {
  readonly piece: Piece;
  readonly count: PieceCount;
  readonly margin: Margin;
  readonly edit: EditPiece;
  /** Whether all rows are drawn, or only those in sight. */
  readonly isWhole: boolean;
}

/** About as many rows as a window shows. */
const FIRST_ROWS = 8;

const partsOf = (piece: Draft<Piece>) => piece.parts;

export function PartRows({ piece, count, margin, edit, isWhole }: PartRowsProps) {
  const { parts } = piece;
  const { rates, fix } = useBasis();
  const { set, onMove, onRemove, blank } = useEditableRows({
    edit,
    list: 'parts',
    rows: parts,
    rowsOf: partsOf,
    fresh: newPart,
  });
  const groups = useMemo(() => groupOptions({ groups: piece.groups }), [piece.groups]);
  const stones = useMemo(() => stoneOptions({ findings: piece.findings }), [piece.findings]);
  const shown = isWhole || parts.length < FIRST_ROWS ? [...parts, blank] : parts.slice(0, FIRST_ROWS);
  const onPaste = usePasteRows('parts', edit);
  const takes = count.column.lines.find(({ key }) => key === 'metal')?.takes;

  return (
    <section aria-labelledby="parts" className="mt-5" onPaste={onPaste}>
      <div className="flex items-baseline justify-between">
        <SectionTitle id="parts" title={words.parts} help="parts-and-blanks" />
        {takes && (
          <span className="aside num">
            {showValue(takes.value, takes.unit)} {words.gCutForOne}
          </span>
        )}
      </div>
      <EditableRows
        grid={columns}
        heads={[{ hidden: 'section' }, 'part', 'material', 'blank', { end: 'qty' }, { end: 'net, g' }]}
        onMove={onMove}
      >
        {shown.map((part, index) => (
          <PartRow
            key={part.id}
            part={part}
            index={index}
            last={parts.length - 1}
            computation={count.parts[index] ?? null}
            priceProblem={priceProblemOf(count, index)}
            set={set}
            groups={groups}
            stones={stones}
            remarks={margin.at(part.id)}
            makeOrBuy={part.buyPrice.trim() ? makeOrBuy(piece, part.id, rates, fix, { size: count.size?.id }) : null}
            onMove={onMove}
            onRemove={onRemove}
          />
        ))}
      </EditableRows>
    </section>
  );
}

// A part knows whether its alloy exists; only the whole count knows whether the metal prices cover it.
function priceProblemOf({ problems }: PieceCount, index: number): string {
  return problems.find(({ path }) => path === `parts.${String(index)}.alloy`)?.sentence ?? '';
}

// The stock of the part before is the likeliest stock for the next.
function newPart(previous: Part | undefined, id: string): Part {
  return partSchema.parse({
    id,
    name: '',
    alloy: previous?.alloy ?? 'silver-925',
    section: previous?.section ?? { form: 'round', diameter: '' },
    blank: freshBlank(blankRulesOf(previous?.section.form ?? 'round')[0] ?? 'straight'),
    count: '1',
    trim: '',
    group: previous?.group,
  });
}
