// One piece: left its parts, findings and steps, written in place; right its count.
import { useEffect, useRef } from 'react';
import { useLocation, useNavigate, useParams } from 'react-router';
import type { DocumentInHand, Edit } from '../../app/use-document.ts';
import { useDocument } from '../../app/use-document.ts';
import { blocks } from '../../../core/studio/rates.ts';
import { NothingHere } from '../../app/nothing-here.tsx';
import { pieceCount, useBasis } from '../../app/reckoning.ts';
import { shortDay } from '../../app/dates.ts';
import type { TakenPart } from '../../../core/ask/question.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { Conflict } from '../../parts/conflict.tsx';
import { DraftLine } from '../../parts/draft-line.tsx';
import { Field } from '../../parts/field.tsx';
import { Num } from '../../parts/num.tsx';
import { Spread } from '../../parts/spread.tsx';
import { FindingRows } from './finding-rows.tsx';
import { PartRows } from './part-rows.tsx';
import { PieceCountPage } from './piece-count-page.tsx';
import { PieceMenu } from './piece-menu.tsx';
import { StepRows } from './step-rows.tsx';

export function PieceScreen() {
  const { id = '' } = useParams();
  const inHand = useDocument('piece', id);
  if (inHand === 'missing') return <NothingHere what="piece" />;
  return inHand && <PiecePages inHand={inHand} key={id} />;
}

function PiecePages({ inHand }: { inHand: DocumentInHand<Piece> }) {
  const { name, open, body, edit } = inHand;
  const basis = useBasis();
  const count = pieceCount(body, basis);
  useTakenPart(edit);
  const inTheWay = count.problems.filter(blocks);
  const unnamed = body.name.trim() === '';

  return (
    <>
      <Spread
        title={body.name.trim() || 'Unnamed piece'}
        left={
          <>
            <h1>
              <Field
                wide
                value={body.name}
                label="Name of the piece"
                placeholder="Name this piece"
                autoFocus={open.stored.revision === 0 && unnamed}
                maxLength={120}
                onChange={(value) => edit('name', (piece) => void (piece.name = value))}
              />
            </h1>
            <DraftLine
              name={name}
              open={open}
              problems={inTheWay.length}
              inTheWay={unnamed ? 'name it to accept it' : undefined}
            >
              <PieceMenu inHand={inHand} />
            </DraftLine>
            <PartRows parts={body.parts} count={count} edit={edit} />
            <FindingRows findings={body.findings} problems={count.problems} edit={edit} />
            <StepRows steps={body.steps} count={count} edit={edit} />
            <label className="mt-5 block">
              <span className="aside">Notes</span>
              <textarea
                className="field field-wide block min-h-[2.6em] resize-y"
                rows={2}
                maxLength={4000}
                value={body.note}
                onChange={(event) => edit('note', (piece) => void (piece.note = event.target.value))}
              />
            </label>
          </>
        }
        leftFoot={<Checked unnamed={unnamed} problems={inTheWay.length} />}
        right={<PieceCountPage inHand={inHand} count={count} />}
        rightFoot={
          <>
            <span>
              {basis.fix ? `At the noon fix of ${shortDay(basis.fix.on)}` : 'No noon fix yet: metal costs nothing here'}
            </span>
            <span>{basis.rates.currency}</span>
          </>
        }
        bottomLine={
          <>
            <span>
              Cost <Num figure={count.column.cost} />
            </span>
            <span className="font-semibold">
              Wholesale <Num figure={count.prices.wholesale} />
            </span>
            <span className="font-semibold">
              Retail <Num figure={count.prices.retail} />
            </span>
          </>
        }
      />
      <Conflict name={name} open={open} what="piece" />
    </>
  );
}

// A part taken from an answer of the ask line comes along with the address, once.
function useTakenPart(edit: Edit<Piece>): void {
  const { state, pathname } = useLocation() as { state: { take?: TakenPart } | null; pathname: string };
  const navigate = useNavigate();
  const taken = useRef(false);
  const part = state?.take;
  useEffect(() => {
    if (!part || taken.current) return;
    taken.current = true;
    edit('', (piece) => void piece.parts.push({ ...structuredClone(part), id: crypto.randomUUID() }));
    void navigate(pathname, { replace: true, state: null });
  }, [part, edit, navigate, pathname]);
}

function Checked({ unnamed, problems }: { unnamed: boolean; problems: number }) {
  if (problems > 0)
    return (
      <span className="text-stop">
        {problems === 1 ? 'One thing cannot be reckoned yet' : `${String(problems)} things cannot be reckoned yet`}
      </span>
    );
  return <span>{unnamed ? 'Give the piece a name to accept it' : 'Every figure opens its working'}</span>;
}
