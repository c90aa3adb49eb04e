// What the batch makes: a quantity for each piece and size.
import { X } from 'lucide-react';
import { Link } from 'react-router';
import type { Batch, BatchLine } from '../../../core/batch/batch.ts';
import { type MadeLine } from '../../../core/batch/batch-run.ts';
import { type BatchCount, quantityOf, quantityPath } from '../../../core/batch/count-batch.ts';
import { withUnits } from '../../../core/batch/edit-units.ts';
import { mayChangeWhatIsMade } from '../../../core/batch/states.ts';
import { hasSizes, sizesOf } from '../../../core/piece/all-sizes.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { SectionTitle } from '../../components/section-title.tsx';
import type { Edit } from '../../hooks/use-document.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { lineOf } from '../../state/new-batch.ts';
import { words } from '../../words/batch.ts';
import { UnitRows } from './unit-rows.tsx';

interface QuantityGridProps {
  readonly body: Batch;
  readonly made: readonly MadeLine[];
  readonly count: BatchCount;
  readonly edit: Edit<Batch>;
}

export function QuantityGrid({ body, made, count, edit }: QuantityGridProps) {
  const { data: pieces = [] } = useGetPiecesQuery();
  const isOpen = mayChangeWhatIsMade(body);
  const others = pieces.filter(({ id, revision }) => revision > 0 && !body.lines.some(({ pieceId }) => pieceId === id));
  return (
    <section aria-labelledby="made" className="mt-5">
      <SectionTitle id="made" title={words.piecesAndQuantities} help="batches-and-stock" />
      <fieldset disabled={!isOpen} data-grid="">
        <legend className="sr-only">{words.piecesAndQuantities}</legend>
        {made.map(({ line, piece }) => (
          <div key={line.id} className="border-b border-hair py-2">
            <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
              <span className="min-w-[12em] flex-1">
                {made.length > 1 && (
                  <Link className="hover:text-act hover:underline" to={`/pieces/${line.pieceId}`}>
                    {piece.name || words.unnamedPiece}
                  </Link>
                )}
                <RevisionNote
                  line={line}
                  latest={pieces.find(({ id }) => id === line.pieceId)?.revision ?? line.pieceRevision}
                  onLatest={(revision) =>
                    edit('', (batch) => {
                      const own = batch.lines.find(({ id }) => id === line.id);
                      if (own) own.pieceRevision = revision;
                    })
                  }
                />
              </span>
              {line.units.length === 0 && (
                <Sizes
                  line={line}
                  piece={piece}
                  isOnly={made.length === 1}
                  problems={count.problems}
                  onChange={(size, value) =>
                    edit(`lines.${line.id}.${size}`, (batch) => {
                      const own = batch.lines.find(({ id }) => id === line.id);
                      if (!own) return;
                      // A quantity from before the piece had sizes belongs to its first size.
                      if (size !== '' && '' in own.quantities) delete own.quantities[''];
                      own.quantities[size] = value;
                    })
                  }
                />
              )}
              {line.units.length === 0 && isOpen && piece.sizes.parameters.length > 0 && (
                <button
                  type="button"
                  className="link chrome text-[14px]"
                  onClick={() => {
                    const many = count.runs.reduce((sum, run) => sum + (run.line.id === line.id ? run.quantity : 0), 0);
                    edit('', (batch) => {
                      const own = batch.lines.find(({ id }) => id === line.id);
                      if (own) own.units = withUnits([], many, () => crypto.randomUUID());
                    });
                  }}
                >
                  {words.measureOneByOne}
                </button>
              )}
              {made.length > 1 && isOpen && (
                <button
                  type="button"
                  className="chrome text-soft hover:text-ink"
                  aria-label={`Remove ${piece.name}`}
                  onClick={() =>
                    edit('', (batch) => void (batch.lines = batch.lines.filter(({ id }) => id !== line.id)))
                  }
                >
                  <X size={15} />
                </button>
              )}
            </div>
            {line.units.length > 0 && (
              <UnitRows
                line={line}
                piece={piece}
                runs={count.runs.filter((run) => run.line.id === line.id)}
                isOpen={isOpen}
                onChange={(what, change) =>
                  edit(what, (batch) => {
                    const own = batch.lines.find(({ id }) => id === line.id);
                    if (own) own.units = change(own.units);
                  })
                }
              />
            )}
            {count.problems
              .filter(({ path }) => path.startsWith(`${line.id}.quantities`))
              .map(({ path, sentence }) => (
                <p key={path} id={`quantity-${line.id}`} className="problem">
                  {sentence}
                </p>
              ))}
          </div>
        ))}
        {isOpen && others.length > 0 && (
          <p className="chrome mt-1">
            <Choice
              value=""
              options={[
                { value: '', label: words.addAPiece },
                ...others.map(({ id, accepted, body: own }) => ({ value: id, label: (accepted ?? own).name })),
              ]}
              label={words.addAPieceToThe}
              onChange={(id) => {
                const piece = others.find((one) => one.id === id);
                if (!piece) return;
                const size = sizesOf(piece.body)[0]?.id ?? '';
                edit('', (batch) => void batch.lines.push(lineOf(id, piece.revision, size, '1')));
              }}
            />
          </p>
        )}
      </fieldset>
    </section>
  );
}

interface SizesProps {
  readonly line: BatchLine;
  readonly piece: Piece;
  readonly isOnly: boolean;
  readonly problems: BatchCount['problems'];
  readonly onChange: (size: string, value: string) => void;
}

function Sizes(props: SizesProps) {
  const { patterns, rows } = props.piece.sizes;
  return patterns.length > 1 && rows.length > 1 ? <PatternGrid {...props} /> : <SizeList {...props} />;
}

// Patterns down, sizes across.
function PatternGrid({ line, piece, problems, onChange }: SizesProps) {
  const { patterns, rows } = piece.sizes;
  const sizes = sizesOf(piece);
  return (
    <div className="w-full overflow-x-auto">
      <table className="rows w-auto!">
        <thead>
          <tr>
            <th>{words.pattern}</th>
            {rows.map(({ id, name }) => (
              <th key={id} className="text-center!">
                {name || words.unnamed}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {patterns.map((pattern, down) => (
            <tr key={pattern.id}>
              <td>{pattern.name || words.unnamed}</td>
              {rows.map((row, across) => {
                const id = sizes[down * rows.length + across]?.id ?? '';
                return (
                  <td key={row.id}>
                    <Field
                      open
                      className="num w-[3.6em] text-center font-semibold"
                      value={quantityOf(line, piece, id)}
                      label={`${pattern.name || words.unnamed}, ${row.name || words.unnamed}, quantity`}
                      placeholder="0"
                      column={`made-${row.id}`}
                      problem={problems.find(({ path }) => path === quantityPath(line, id))?.sentence}
                      problemId={`quantity-${line.id}`}
                      onChange={(value) => onChange(id, value)}
                    />
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function SizeList({ line, piece, isOnly, problems, onChange }: SizesProps) {
  const sizes = hasSizes(piece) ? sizesOf(piece) : [{ id: '', name: '' }];
  const isGrid = sizes.length > 1;
  return (
    <span data-grid-row="" className="flex flex-wrap items-end gap-x-4 gap-y-1">
      {sizes.map(({ id, name }) => (
        <label key={id} className={isGrid ? 'text-center' : ''}>
          <span className={isGrid ? 'aside block' : 'aside mr-2'}>{isGrid ? name || 'unnamed' : 'quantity'}</span>
          <Field
            open
            className="num w-[4.2em] text-center font-semibold"
            value={quantityOf(line, piece, id)}
            label={
              isOnly && !isGrid
                ? words.quantity
                : `${piece.name}${isGrid ? `, ${name || words.unnamed}` : ''}, quantity`
            }
            placeholder="0"
            column={`made-${id}`}
            problem={problems.find(({ path }) => path === quantityPath(line, id))?.sentence}
            problemId={`quantity-${line.id}`}
            onChange={(value) => onChange(id, value)}
          />
        </label>
      ))}
    </span>
  );
}

interface RevisionNoteProps {
  readonly line: BatchLine;
  readonly latest: number;
  readonly onLatest: (revision: number) => void;
}

function RevisionNote({ line, latest, onLatest }: RevisionNoteProps) {
  return (
    <span className="aside block">
      version {line.pieceRevision}
      {latest > line.pieceRevision && (
        <>
          {' '}
          <button type="button" className="link chrome" onClick={() => onLatest(latest)}>
            {words.updateToVersion} {latest}
          </button>
        </>
      )}
    </span>
  );
}
