// One part: its stock, length, quantity and weight.
import { memo, useState } from 'react';
import type { Remark } from '../../../../core/piece/checks/bench-check.ts';
import type { PartComputation } from '../../../../core/piece/compute-part.ts';
import type { Part } from '../../../../core/piece/part.ts';
import type { MakeOrBuy } from '../../../../core/price/piece/make-or-buy.ts';
import type { Option } from '../../../components/choice.tsx';
import { EditableRow } from '../../../components/editable-row.tsx';
import { Field } from '../../../components/field.tsx';
import { Num } from '../../../components/num.tsx';
import { SectionGlyph } from '../../../components/section-glyph.tsx';
import { useBasis } from '../../../hooks/use-basis.ts';
import type { SetFields, SetRow } from '../../../hooks/use-editable-rows.ts';
import type { RowMoves } from '../../../hooks/use-row-moves.ts';
import { useRowProblems } from '../../../hooks/use-row-problems.ts';
import { words } from '../../../words/piece.ts';
import { addGroup, addStone, useEditPiece } from '../piece-context.ts';
import { BlankCell } from './blank-cell.tsx';
import { PartMore } from './part-more.tsx';
import { StockCell } from './stock-cell.tsx';

interface PartRowProps {
  readonly part: Part;
  readonly index: number;
  readonly last: number;
  /** Null for the blank row at the foot. */
  readonly computation: PartComputation | null;
  readonly priceProblem: string;
  readonly set: SetRow<Part>;
  readonly groups: readonly Option[];
  readonly stones: readonly Option[];
  readonly remarks: readonly Remark[];
  readonly makeOrBuy: MakeOrBuy | null;
  readonly onMove: RowMoves['onMove'];
  readonly onRemove: (index: number) => void;
}

const COLUMNS = 6;

export const PartRow = memo(function PartRow({
  part,
  index,
  last,
  computation,
  priceProblem,
  set: setRow,
  groups,
  stones,
  remarks,
  makeOrBuy,
  onMove,
  onRemove,
}: PartRowProps) {
  const { studio } = useBasis();
  const edit = useEditPiece();
  const [more, setMore] = useState(false);
  const own = computation?.problems.map(({ path, sentence }) => [path, sentence]) ?? [];
  const problems = useRowProblems({
    ...(priceProblem && { alloy: priceProblem }),
    ...(Object.fromEntries(own) as Record<string, string>),
  });
  const name = part.name || 'the part';
  const set: SetFields<Part> = (field, change) => setRow(index, part, change, field);

  const nameField = (
    <Field
      wide
      value={part.name}
      label={computation ? `Part ${String(index + 1)}, name` : words.addAPart}
      placeholder={computation ? words.unnamed : words.addAPart}
      column="part"
      maxLength={120}
      onChange={(value) => set('name', (changed) => void (changed.name = value))}
    />
  );
  const row = { name, index, last, columns: COLUMNS, isGrid: true, nameField, problems, onMove, onRemove };
  if (!computation) return <EditableRow {...row} isBlank lead={null} />;

  return (
    <EditableRow
      {...row}
      isBlank={false}
      lead={<SectionGlyph section={computation.section} alloy={computation.alloy} />}
      underName={
        <button
          type="button"
          className="chrome aside fold"
          aria-expanded={more}
          aria-label={[`${name}, more`, extrasInWords(part, groups)].filter(Boolean).join(': ')}
          onClick={() => setMore(!more)}
        >
          {extrasInWords(part, groups) || 'more'}
        </button>
      }
      details={
        more && (
          <tr role="row">
            <td role="cell" style={{ gridColumn: '2 / -1' }}>
              <PartMore
                part={part}
                computation={computation}
                groups={groups}
                onNewGroup={() => edit('', (piece) => addGroup(piece, index))}
                units={studio.units}
                problems={problems}
                makeOrBuy={makeOrBuy}
                set={set}
              />
            </td>
          </tr>
        )
      }
      problemIndent={2}
      remarks={remarks}
      edit={edit}
    >
      <StockCell {...{ part, name, computation, problems, set }} />
      <BlankCell
        {...{ part, name, computation, problems, set, stones }}
        onNewStone={() => edit('', (piece) => addStone(piece, index))}
      />
      <td role="cell" className="end">
        <Field
          end
          value={part.count}
          label={`${name}, number per piece`}
          column="count"
          onChange={(value) => set('count', (changed) => void (changed.count = value))}
          {...problems.at('count')}
        />
      </td>
      <td role="cell" className="end">
        {computation.net ? <Num figure={computation.net} /> : <span className="aside">{words.notYet}</span>}
      </td>
    </EditableRow>
  );
});

// The usual case shows nothing; a difference is readable without opening the details.
function extrasInWords(part: Part, groups: readonly Option[]): string {
  const group = part.group && groups.find(({ value }) => value === part.group)?.label;
  return [
    group && `in ${group}`,
    part.bought && 'bought',
    part.temper,
    part.paired && 'left and right',
    part.hole.trim() && `hole ${part.hole.trim()}`,
    part.endsTouchSkin && 'ends touch skin',
  ]
    .filter(Boolean)
    .join(', ');
}
