// One piece in the list: its name opens it.
import { Link } from 'react-router';
import { Num } from '../../components/num.tsx';
import { PieceThumb } from '../../components/piece-thumb.tsx';
import { type BookLine, titleOf } from '../../state/book-line.ts';
import { words } from '../../words/pieces.ts';
import { alloyInText } from '../../words/stock-words.ts';

interface PieceLineProps {
  readonly line: BookLine;
  readonly index: number;
  /** Receives the row's height. */
  readonly measure?: (row: HTMLTableRowElement | null) => void;
}

export function PieceLine({ line: { piece, count, sells }, index, measure }: PieceLineProps) {
  const { rows } = piece.body.sizes;
  return (
    <tr ref={measure} data-index={index} className="border-b border-hair">
      <td className="first w-[62px]">
        <PieceThumb photos={(piece.accepted ?? piece.body).photos} parts={count.parts} />
      </td>
      <td>
        <Link className="hover:text-act hover:underline" to={`/pieces/${piece.id}`}>
          {titleOf(piece)}
        </Link>
        <span className="aside block">
          {metalsOf(count) || 'no parts yet'}
          {rows.length > 1 && `, ${String(rows.length)} sizes from ${rows[0]?.name ?? ''}`}
        </span>
        {piece.isDraft && (
          <span className="aside block text-act!">
            {piece.revision ? `draft of version ${String(piece.revision)}` : words.draftNoVersionYet}
          </span>
        )}
        {count.problems.length > 0 && <span className="aside block text-stop!">{count.problems[0]?.sentence}</span>}
      </td>
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
        <Num figure={sells.wholesale} />
      </td>
      <td className="end font-semibold">
        <Num figure={sells.retail} />
      </td>
    </tr>
  );
}

function metalsOf(count: BookLine['count']): string {
  return [...new Set(count.parts.flatMap(({ alloy }) => (alloy ? alloyInText(alloy) : [])))].join(', ');
}
