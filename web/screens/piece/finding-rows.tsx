// Findings: bought and put in as they come.
import { memo, useCallback, type CSSProperties } from 'react';
import type { Draft } from '@reduxjs/toolkit';
import type { Finding, Piece } from '../../../core/piece/piece.ts';
import type { Problem } from '../../../core/studio/rates.ts';
import { problemsAt } from '../../app/reckoning.ts';
import type { Edit } from '../../app/use-document.ts';
import { Field } from '../../parts/field.tsx';
import { ProblemLine } from '../../parts/problem-line.tsx';
import { useRowProblems } from '../../parts/use-problems.ts';
import { Row } from '../../parts/row.tsx';
import { moveByKeys, moveRow, RowTools } from '../../parts/row-tools.tsx';
import { useGhost } from '../../parts/use-ghost.ts';

/** Name, price, weight, each. */
const columns: CSSProperties = { gridTemplateColumns: '1fr 7em 7em 3.4em' };

const COLUMNS = 4;

export function FindingRows({
  findings,
  problems,
  edit,
}: {
  findings: readonly Finding[];
  problems: readonly Problem[];
  edit: Edit<Piece>;
}) {
  const ghost = useGhost(findings, (_previous, id): Finding => ({ id, name: '', count: '1', price: '', grams: '' }));
  const set = useCallback<SetFinding>(
    (index, finding, field, value) =>
      edit(`findings.${finding.id}.${field}`, (piece) => {
        piece.findings[index] ??= { ...finding };
        piece.findings[index][field] = value;
      }),
    [edit],
  );
  const onMove = useCallback(
    (index: number, by: 1 | -1) => edit('', (piece) => moveRow(piece.findings, index, by)),
    [edit],
  );
  const onRemove = useCallback((index: number) => edit('', (piece) => void piece.findings.splice(index, 1)), [edit]);

  return (
    <section aria-labelledby="findings" className="mt-5">
      <h2 id="findings">Findings and work sent out</h2>
      <table role="table" className="rows rows-fixed" style={columns}>
        <thead role="rowgroup">
          <tr role="row">
            <th role="columnheader" className="first pl-[58px]!">
              bought as it comes
            </th>
            <th role="columnheader" className="end">
              price each
            </th>
            <th role="columnheader" className="end">
              weight each
            </th>
            <th role="columnheader" className="end">
              each
            </th>
          </tr>
        </thead>
        {[...findings, ghost].map((finding, index) => (
          <FindingRow
            key={finding.id}
            finding={finding}
            index={index}
            last={findings.length - 1}
            isGhost={finding === ghost}
            problems={JSON.stringify(problemsAt(problems, `findings.${String(index)}`))}
            set={set}
            onMove={onMove}
            onRemove={onRemove}
          />
        ))}
      </table>
    </section>
  );
}

type SetFinding = (index: number, finding: Finding, field: keyof Draft<Omit<Finding, 'id'>>, value: string) => void;

interface FindingRowProps {
  readonly finding: Finding;
  readonly index: number;
  readonly last: number;
  readonly isGhost: boolean;
  /** JSON, so that the row is drawn again only when the sentences change. */
  readonly problems: string;
  readonly set: SetFinding;
  readonly onMove: (index: number, by: 1 | -1) => void;
  readonly onRemove: (index: number) => void;
}

const FindingRow = memo(function FindingRow({
  finding,
  index,
  last,
  isGhost,
  problems: json,
  set,
  onMove,
  onRemove,
}: FindingRowProps) {
  const problems = useRowProblems(JSON.parse(json) as Record<string, string>);
  const name = finding.name || 'the finding';
  const field = (key: 'price' | 'grams' | 'count', label: string, unit = '') => (
    <Field
      end
      value={finding[key]}
      label={`${name}, ${label}`}
      unit={unit}
      placeholder="0"
      column={`finding-${key}`}
      onChange={(value) => set(index, finding, key, value)}
      {...problems.at(key)}
    />
  );
  return (
    <Row className={isGhost ? 'blank-row' : undefined} onKeyDown={(event) => moveByKeys(event, index, onMove)}>
      <tr role="row">
        <td role="cell" className="first pl-[58px]!">
          {!isGhost && <RowTools name={name} index={index} last={last} onMove={onMove} onRemove={onRemove} />}
          <Field
            wide
            value={finding.name}
            label={isGhost ? 'Add a finding' : `Finding ${String(index + 1)}, name`}
            placeholder={isGhost ? 'Add a finding' : 'unnamed'}
            column="finding"
            maxLength={120}
            onChange={(value) => set(index, finding, 'name', value)}
          />
        </td>
        {isGhost ? (
          <td role="cell" style={{ gridColumn: `span ${String(COLUMNS - 1)}` }} />
        ) : (
          <>
            <td role="cell" className="end num">
              {field('price', 'price each')}
            </td>
            <td role="cell" className="end num">
              {field('grams', 'weight each', 'g')}
            </td>
            <td role="cell" className="end num">
              {field('count', 'how many in a piece')}
            </td>
          </>
        )}
      </tr>
      <ProblemLine problems={problems} columns={COLUMNS} />
    </Row>
  );
});
