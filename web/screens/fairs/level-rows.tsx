// What stands on the table: one row a level of price.
import type { Draft } from '@reduxjs/toolkit';
import { newLevel, type Fair, type Level } from '../../../core/price/fair/fair.ts';
import type { FairPlan } from '../../../core/price/fair/fair-plan.ts';
import { showValue } from '../../../core/figure/show.ts';
import { problemsAt } from '../../hooks/use-basis.ts';
import type { Edit } from '../../hooks/use-document.ts';
import { usePieceOptions } from '../../hooks/use-cost-of-piece.ts';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { ProblemLine } from '../../components/problem-line.tsx';
import { EditableRow } from '../../components/row.tsx';
import { moveByKeys, useRowMoves } from '../../hooks/use-row-moves.ts';
import { RowTools } from '../../components/row-tools.tsx';
import { useBlankRow } from '../../hooks/use-blank-row.ts';
import { useRowProblems } from '../../hooks/use-row-problems.ts';
import { TableHeader } from '../../components/table-header.tsx';

const levelsOf = (draft: Draft<Fair>) => draft.levels;

const COLUMNS = 7;

interface LevelRowsProps {
  readonly fair: Fair;
  readonly plan: FairPlan;
  readonly edit: Edit<Fair>;
}

export function LevelRows({ fair, plan, edit }: LevelRowsProps) {
  const ghost = useBlankRow(fair.levels, (_previous, id) => newLevel(id));
  return (
    <section aria-labelledby="levels" className="mt-5">
      <h2 id="levels">On the table</h2>
      <table className="rows" aria-label="Levels of price">
        <TableHeader
          of={[
            'level',
            { end: 'price, or ladder', title: 'A price, or a ladder: one / two / three' },
            { end: 'cost of one' },
            { end: 'of buyers', title: 'Of those who buy, how many take this' },
            { end: 'a second', title: 'Chance of a second after the first' },
            { end: 'a third', title: 'Chance of a third after the second' },
            { end: 'sold' },
          ]}
        />
        {[...fair.levels, ghost].map((level, index) => (
          <LevelRow
            key={level.id}
            level={level}
            index={index}
            last={fair.levels.length - 1}
            plan={plan}
            isGhost={index === fair.levels.length}
            edit={edit}
          />
        ))}
      </table>
      <p className="problem">{plan.problems.find(({ path }) => path === 'levels')?.sentence}</p>
      <p className="aside mt-1">
        A ladder such as 15 / 25 / 35 is what one, two and three cost together. About half of buyers take a second one
        (common practice); your own fairs know better.
      </p>
    </section>
  );
}

interface LevelRowProps {
  readonly level: Level;
  readonly index: number;
  readonly last: number;
  readonly plan: FairPlan;
  readonly isGhost: boolean;
  readonly edit: Edit<Fair>;
}

function LevelRow({ level, index, last, plan, isGhost, edit }: LevelRowProps) {
  const pieces = usePieceOptions('no piece of the book');
  const { onMove, onRemove } = useRowMoves(edit, levelsOf);
  const problems = useRowProblems(problemsAt(plan.problems, `levels.${String(index)}`));
  const name = level.name || 'the level';
  const set = (field: string, change: (draft: Draft<Level>) => void) =>
    edit(`levels.${level.id}.${field}`, (draft) => {
      draft.levels[index] ??= { ...level };
      change(draft.levels[index]);
    });
  const nameField = (
    <Field
      wide
      value={level.name}
      label={isGhost ? 'Add a level' : `Level ${String(index + 1)}, name`}
      placeholder={isGhost ? 'Add a level' : 'unnamed'}
      column="level"
      maxLength={120}
      onChange={(value) => set('name', (draft) => void (draft.name = value))}
    />
  );
  const cost = plan.levels[index]?.cost;
  const field = (key: 'price' | 'cost' | 'share' | 'second' | 'third' | 'sold', label: string, placeholder: string) => (
    <td className="end num">
      <Field
        end
        value={level[key]}
        label={`${name}, ${label}`}
        placeholder={placeholder}
        column={`level-${key}`}
        maxLength={80}
        onChange={(value) => set(key, (draft) => void (draft[key] = value))}
        {...problems.at(key)}
      />
    </td>
  );
  // The same cell before it is a row, so that the hand stays in the name.
  const nameCell = (
    <td className="first" colSpan={isGhost ? COLUMNS : 1}>
      {!isGhost && <RowTools name={name} index={index} last={last} onMove={onMove} onRemove={onRemove} />}
      {nameField}
      {!isGhost && (
        <span className="block text-[14px]">
          <Choice
            small
            value={level.piece}
            options={pieces}
            label={`${name}, a piece of the book`}
            onChange={(piece) => set('', (draft) => void (draft.piece = piece))}
          />
        </span>
      )}
    </td>
  );
  if (isGhost)
    return (
      <EditableRow className="blank-row">
        <tr>{nameCell}</tr>
      </EditableRow>
    );
  return (
    <EditableRow onKeyDown={(event) => moveByKeys(event, index, onMove)}>
      <tr>
        {nameCell}
        {field('price', 'price or ladder', '0')}
        {field('cost', 'cost of one', cost ? showValue(cost.value, cost.unit) : '0')}
        {field('share', 'share of the buyers', '0 %')}
        {field('second', 'chance of a second', '0 %')}
        {field('third', 'chance of a third', '0 %')}
        {field('sold', 'sold in the end', 'not yet')}
      </tr>
      <ProblemLine problems={problems} columns={COLUMNS} />
    </EditableRow>
  );
}
