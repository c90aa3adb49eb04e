// The line below a row that names its issues.
import type { RowProblems } from '../hooks/use-row-problems.ts';

export function ProblemLine({
  problems,
  columns,
  indent = 0,
}: {
  problems: RowProblems;
  columns: number;
  indent?: number;
}) {
  if (problems.sentences.length === 0) return null;
  return (
    <tr role="row">
      {indent > 0 && <td role="cell" colSpan={indent} style={{ gridColumn: `span ${String(indent)}` }} />}
      <td
        role="cell"
        colSpan={columns - indent}
        style={{ gridColumn: `span ${String(columns - indent)}` }}
        className="problem"
        id={problems.id}
      >
        {problems.sentences.join(' ')}
      </td>
    </tr>
  );
}
