// A new piece from a starter: choose one, type its two or three measures, see the price.
import { clsx } from 'clsx';
import { useMemo, useState } from 'react';
import { showFigure } from '../../../core/figure/show.ts';
import { local } from '../../../core/format/variants.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { pieceFromStarter, type Starter, starters } from '../../../core/piece/starters.ts';
import { ModalDialog } from '../../components/dialog.tsx';
import { Field } from '../../components/field.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { pieceCount } from '../../state/piece-count.ts';
import { words } from '../../words/pieces.ts';

interface StarterDialogProps {
  readonly onClose: () => void;
  readonly onTake: (piece: Piece) => void;
}

export function StarterDialog({ onClose, onTake }: StarterDialogProps) {
  const [chosen, setChosen] = useState<Starter | null>(null);
  return (
    <ModalDialog
      wide
      open
      title={words.startFromAPieceTitle}
      description={words.chooseAPieceChangeIts}
      onClose={onClose}
    >
      <div className="mt-4 grid grid-cols-[1fr_17em] gap-6 max-[700px]:grid-cols-1">
        <ul className="columns-2 gap-4 max-[500px]:columns-1">
          {starters.map((starter) => (
            <li key={starter.id} className="break-inside-avoid">
              <button
                type="button"
                className={clsx(
                  'w-full rounded px-2 py-1 text-left hover:bg-act-wash',
                  chosen === starter && 'bg-act-wash',
                )}
                aria-pressed={chosen === starter}
                onClick={() => setChosen(starter)}
              >
                <b className="font-semibold">{starter.name}</b>{' '}
                <span className="aside block">{local(starter.about)}</span>
              </button>
            </li>
          ))}
        </ul>
        {chosen ? (
          <Measures key={chosen.id} starter={chosen} onTake={onTake} />
        ) : (
          <p className="text-soft">{words.chooseAPieceOnThe}</p>
        )}
      </div>
    </ModalDialog>
  );
}

function Measures({ starter, onTake }: { starter: Starter; onTake: (piece: Piece) => void }) {
  const basis = useBasis();
  const { alloys, standardTimes } = basis.rates;
  const { parameters, rows } = starter.piece.sizes;
  const [values, setValues] = useState<Readonly<Record<string, string>>>(() => ({ ...rows[0]?.values }));
  const piece = useMemo(
    () => pieceFromStarter(starter, values, alloys, () => crypto.randomUUID(), standardTimes),
    [starter, values, alloys, standardTimes],
  );
  const count = pieceCount(piece, basis, '');
  const problem = count.problems.find(({ onlyPrice }) => !onlyPrice);
  return (
    <section aria-label={starter.name}>
      {parameters.map(({ id, name }) => (
        <p key={id} className="flex items-baseline justify-between gap-3 border-b border-hair py-1">
          <span>{name}</span>
          <Field
            open
            end
            value={values[id] ?? ''}
            label={`${starter.name}, ${name}`}
            placeholder=""
            onChange={(value) => setValues({ ...values, [id]: value })}
          />
        </p>
      ))}
      {problem ? (
        <p className="problem mt-2">{problem.sentence}</p>
      ) : (
        <dl className="mt-3 grid grid-cols-[1fr_auto] gap-y-1">
          <dt>{words.finishedWeight}</dt>
          <dd className="num text-right">{showFigure(count.weight)}</dd>
          <dt>{words.benchTime}</dt>
          <dd className="num text-right">{showFigure(count.minutes)}</dd>
          <dt>{words.cost}</dt>
          <dd className="num text-right">{showFigure(count.column.cost)}</dd>
          <dt className="font-semibold">{words.retailPrice}</dt>
          <dd className="num text-right text-[19px] font-bold">{showFigure(count.prices.retail)}</dd>
        </dl>
      )}
      <button type="button" className="button mt-4" disabled={Boolean(problem)} onClick={() => onTake(piece)}>
        {words.createThePiece}
      </button>
    </section>
  );
}
