// The cut list: blanks by stock, drawn to scale beside each other.
import { Link } from 'react-router';
import type { Batch } from '../../../core/batch/batch.ts';
import type { BatchCount } from '../../../core/batch/count-batch.ts';
import type { CutLine } from '../../../core/batch/cut-list.ts';
import { mayChangeWhatIsMade } from '../../../core/batch/states.ts';
import { blankInWords, lengthInWords } from '../../../core/piece/cut-words.ts';
import { sectionAsTyped } from '../../../core/stock/words.ts';
import { BlankStrip, longestSideMm } from '../../components/blank-strip.tsx';
import { Field } from '../../components/field.tsx';
import { Num } from '../../components/num.tsx';
import { RowBody } from '../../components/row.tsx';
import { SectionGlyph } from '../../components/section-glyph.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import type { Edit } from '../../hooks/use-document.ts';
import { words } from '../../words/batch.ts';
import { alloyInText } from '../../words/stock-words.ts';

const STRIP_WIDTH = 150;
const LEAST_STRIP_MM = 40;

interface CutListProps {
  readonly id: string;
  readonly body: Batch;
  readonly count: BatchCount;
  readonly edit: Edit<Batch>;
}

export function CutList({ id, body, count, edit }: CutListProps) {
  const lines = count.issue.flatMap((issue) => issue.lines);
  const longest = Math.max(LEAST_STRIP_MM, ...lines.map(({ cut }) => longestSideMm(cut)));
  const hasRuns = count.runs.length > 1;
  return (
    <section aria-labelledby="cuts" className="mt-5">
      <div className="flex items-baseline justify-between gap-4">
        <h2 id="cuts">{words.cutList}</h2>
        {lines.length > 0 && (
          <span className="chrome flex gap-4 text-[15px]">
            <Link className="link" to={`/batches/${id}/cut`}>
              {words.cuttingPlan}
            </Link>
            <Link className="link" to="/buying">
              {words.buyingList}
            </Link>
          </span>
        )}
      </div>
      {lines.length === 0 && <p className="mt-2 text-soft">{words.nothingInThisBatchIs}</p>}
      {lines.length > 0 && (
        <table className="rows">
          <TableHeader
            of={[
              { hidden: 'section', width: 'w-[46px]' },
              'part and stock',
              { end: 'blanks' },
              'cut size',
              { end: 'total' },
              { end: 'g' },
            ]}
          />
          {lines.map((line) => (
            <CutRow
              key={line.key}
              line={line}
              longest={longest}
              hasRuns={hasRuns}
              own={body.blanks[line.key] ?? ''}
              isOpen={mayChangeWhatIsMade(body)}
              problem={count.problems.find(({ path }) => path === `blanks.${line.key}`)?.sentence}
              onOwn={(value) =>
                edit(`blanks.${line.key}`, (batch) => {
                  // A blank field is computed again.
                  batch.blanks[line.key] = value;
                })
              }
            />
          ))}
        </table>
      )}
    </section>
  );
}

interface CutRowProps {
  readonly line: CutLine;
  readonly longest: number;
  readonly hasRuns: boolean;
  readonly own: string;
  readonly isOpen: boolean;
  readonly problem: string | undefined;
  readonly onOwn: (value: string) => void;
}

function CutRow({ line, longest, hasRuns, own, isOpen, problem, onOwn }: CutRowProps) {
  const { studio } = useBasis();
  const name = line.part.name || 'part';
  return (
    <RowBody>
      <tr>
        <td className="first">
          <SectionGlyph section={line.section} alloy={line.alloy} />
        </td>
        <td>
          {name}
          <span className="aside block">
            {hasRuns && `${line.run.name}, `}
            {alloyInText(line.alloy)}, {sectionAsTyped(line.section, line.part.section)}
          </span>
        </td>
        <td className="end num">
          {isOpen ? (
            <Field
              end
              value={own || String(line.count.value)}
              label={`${line.run.name}: ${name}, blanks to cut`}
              column="blanks"
              problem={problem}
              problemId={`blanks-${line.key}`}
              onChange={onOwn}
            />
          ) : (
            <Num figure={line.count} />
          )}
          {own.trim() && isOpen && <span className="aside block">{words.setByHand}</span>}
          {problem && (
            <p id={`blanks-${line.key}`} className="problem">
              {problem}
            </p>
          )}
        </td>
        <td>
          <span className="num whitespace-normal">{blankInWords(line.cut, studio.units)}</span>
          <BlankStrip {...line} longestMm={longest} width={STRIP_WIDTH} />
        </td>
        <td className="end num whitespace-normal">
          {line.length ? lengthInAll(line.length.value, studio.units) : <span className="aside">{words.sheet}</span>}
        </td>
        <td className="end">
          <Num figure={line.grams} />
        </td>
      </tr>
    </RowBody>
  );
}

function lengthInAll(mm: number, units: 'mm' | 'inch'): string {
  return units === 'mm' && mm >= 1000 ? `${(mm / 1000).toFixed(3)} m` : lengthInWords(mm, units);
}
