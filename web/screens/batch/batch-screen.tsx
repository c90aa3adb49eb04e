// One batch: left what to cut and when each step happens; right what it comes to.
import { Link, useParams } from 'react-router';
import type { Batch } from '../../../core/batch/batch.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { useGetBatchesQuery, useGetPieceRevisionQuery } from '../../app/api.ts';
import { shortDay } from '../../app/dates.ts';
import { blocks } from '../../../core/studio/rates.ts';
import { NothingHere } from '../../app/nothing-here.tsx';
import { batchCount, useBasis } from '../../app/reckoning.ts';
import { useDocument, type DocumentInHand } from '../../app/use-document.ts';
import { usePlan } from '../../app/use-plan.ts';
import { Conflict } from '../../parts/conflict.tsx';
import { DraftLine } from '../../parts/draft-line.tsx';
import { Num } from '../../parts/num.tsx';
import { Spread } from '../../parts/spread.tsx';
import { BatchCountPage } from './batch-count-page.tsx';
import { BatchFields } from './batch-fields.tsx';
import { CautionNotes } from '../../parts/caution-notes.tsx';
import { CutList } from './cut-list.tsx';
import { DayPlan } from './day-plan.tsx';
import { doneIn } from '../../parts/done-in.ts';
import { RouteTable } from './route-table.tsx';

export function BatchScreen() {
  const { id = '' } = useParams();
  const inHand = useDocument('batch', id);
  const body = inHand && inHand !== 'missing' ? inHand.body : null;
  const { currentData: made } = useGetPieceRevisionQuery(
    { id: body?.pieceId ?? '', revision: body?.pieceRevision ?? 0 },
    { skip: !body },
  );
  if (inHand === 'missing') return <NothingHere what="batch" />;
  return inHand && made && <BatchPages key={id} inHand={inHand} piece={made.body} />;
}

function BatchPages({ inHand, piece }: { inHand: DocumentInHand<Batch>; piece: Piece }) {
  const { name, open, body, edit } = inHand;
  const basis = useBasis();
  const { data: batches } = useGetBatchesQuery();
  const id = open.key.id;
  const plan = usePlan(batches, { id, body, piece });
  const count = batchCount(body, piece, basis);
  const latest = batches?.find(({ batch }) => batch.id === id)?.latestRevision ?? body.pieceRevision;
  const inTheWay = count.problems.filter(blocks).length;
  const done = doneIn(plan, id);

  return (
    <>
      <Spread
        title={`${piece.name || 'Unnamed piece'}, ${String(count.quantity)}`}
        left={
          <>
            <h1>
              <Link className="hover:underline" to={`/pieces/${body.pieceId}`}>
                {piece.name || 'Unnamed piece'}
              </Link>
              , {count.quantity}
            </h1>
            <DraftLine name={name} open={open} problems={inTheWay}>
              <span>made from revision {body.pieceRevision} of the piece</span>
              {latest > body.pieceRevision && (
                <button
                  type="button"
                  className="link"
                  onClick={() => edit('', (batch) => void (batch.pieceRevision = latest))}
                >
                  Make it from revision {latest}
                </button>
              )}
            </DraftLine>
            <BatchFields body={body} edit={edit} problems={count.problems} sizes={piece.sizes} />
            <CutList lines={count.cutList} />
            {body.finished ? null : <DayPlan plan={plan} batchId={id} batches={batches ?? []} steps={piece.steps} />}
            <RouteTable plan={plan} batchId={id} count={count} steps={piece.steps} />
            <CautionNotes steps={piece.steps} />
          </>
        }
        leftFoot={
          <span>
            {plan && 'sentence' in plan
              ? plan.sentence
              : 'One pair of hands, soonest promise first. Nothing hot, no acid and no motor is left to run at night.'}
          </span>
        }
        right={
          <BatchCountPage
            body={body}
            count={count}
            done={done}
            onFinished={(finished) => edit('', (batch) => void (batch.finished = finished))}
          />
        }
        rightFoot={
          <>
            <span>{basis.fix ? `At the noon fix of ${shortDay(basis.fix.on)}` : 'No noon fix yet'}</span>
            <span>{basis.rates.currency}</span>
          </>
        }
        bottomLine={
          <>
            <span>
              Issue <Num figure={count.grams} /> g
            </span>
            <span className="font-semibold">{done ? `Done ${done.words}` : ''}</span>
          </>
        }
      />
      <Conflict name={name} open={open} what="batch" />
    </>
  );
}
