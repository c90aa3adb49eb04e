// One batch: left what is made, what to cut and when each step runs; right quantities and cost.
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import type { Batch } from '../../../core/batch/batch.ts';
import { isDone } from '../../../core/batch/batch.ts';
import type { MadeLine } from '../../../core/batch/batch-run.ts';
import { batchTitle } from '../../../core/batch/count-batch.ts';
import { shortDay } from '../../../core/format/days.ts';
import { blocks } from '../../../core/measure/issue.ts';
import { ArchivedNote } from '../../components/archived-note.tsx';
import { CautionNotes } from '../../components/caution-notes.tsx';
import { Conflict } from '../../components/conflict.tsx';
import { DraftLine } from '../../components/draft-line.tsx';
import { NotFound } from '../../components/not-found.tsx';
import { Num } from '../../components/num.tsx';
import { Spread } from '../../components/spread.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { type DocumentInHand, useDocument } from '../../hooks/use-document.ts';
import { useMadeLines } from '../../hooks/use-made-lines.ts';
import { usePlan } from '../../hooks/use-plan.ts';
import { batchCount } from '../../state/batch-count.ts';
import { useGetBatchesQuery } from '../../state/endpoints/batches.ts';
import { words } from '../../words/batch.ts';
import { doneIn } from '../../words/done-in.ts';
import { BatchCountPage } from './batch-count-page.tsx';
import { BatchFields } from './batch-fields.tsx';
import { BatchMenu } from './batch-menu.tsx';
import { BatchMetal } from './batch-metal.tsx';
import { BatchPapers } from './batch-papers.tsx';
import { BatchStoryTable, StoryTotals, useBatchStory } from './batch-story.tsx';
import { CutList } from './cut-list.tsx';
import { DayPlan } from './day-plan.tsx';
import { QuantityGrid } from './quantity-grid.tsx';
import { RouteTable } from './route-table.tsx';
import { SparesLine } from './spares-line.tsx';

export function BatchScreen() {
  const { id = '' } = useParams();
  const inHand = useDocument('batch', id);
  const made = useMadeLines(inHand && inHand !== 'missing' ? inHand.body : null);
  if (inHand === 'missing') return <NotFound what="batch" />;
  return inHand && made && <BatchPages key={id} inHand={inHand} made={made} />;
}

function BatchPages({ inHand, made }: { inHand: DocumentInHand<Batch>; made: readonly MadeLine[] }) {
  const { name, open, body, edit } = inHand;
  const basis = useBasis();
  const { data: batches } = useGetBatchesQuery();
  const id = open.key.id;
  const planned = usePlan(batches, { id, body, made });
  const count = batchCount(body, made, basis);
  const story = useBatchStory(id, made);
  const inTheWay = count.problems.filter(blocks).length;
  const done = doneIn(planned, id);
  const title = batchTitle(count);
  const [first] = made;
  const pieces = useMemo(() => made.map(({ piece }) => piece), [made]);

  return (
    <>
      <Spread
        title={title}
        left={
          <>
            <h1>
              {made.length === 1 && first ? (
                <>
                  <Link className="hover:underline" to={`/pieces/${first.line.pieceId}`}>
                    {first.piece.name || words.unnamedPiece}
                  </Link>
                  , {count.quantity}
                </>
              ) : (
                title
              )}
            </h1>
            <DraftLine name={name} open={open} problems={inTheWay}>
              <BatchPapers id={id} />
              <BatchMenu id={id} name={name} title={title} open={open} body={body} />
            </DraftLine>
            <ArchivedNote at={open.stored.archivedAt} />
            <BatchFields body={body} edit={edit} />
            <QuantityGrid body={body} made={made} count={count} edit={edit} />
            {story && isDone(body) && <BatchStoryTable story={story} id={id} />}
            <SparesLine body={body} count={count} edit={edit} />
            <CutList body={body} count={count} edit={edit} id={id} />
            <BatchMetal id={id} body={body} count={count} />
            {isDone(body) ? null : <DayPlan planned={planned} batchId={id} />}
            {story && !isDone(body) && <BatchStoryTable story={story} id={id} />}
            <RouteTable planned={planned} batchId={id} count={count} />
            <CautionNotes pieces={pieces} />
          </>
        }
        leftFoot={
          <span>{planned && 'sentence' in planned ? planned.sentence : words.scheduledWithAllOpenBatches}</span>
        }
        right={
          <>
            <BatchCountPage
              body={body}
              count={count}
              done={done}
              onState={(state) => edit('', (batch) => void (batch.state = state))}
            />
            {story && <StoryTotals story={story} count={count} />}
          </>
        }
        rightFoot={
          <>
            <span>{basis.fix ? `Metal prices of ${shortDay(basis.fix.on)}` : words.noMetalPricesYet}</span>
            <span>{basis.rates.currency}</span>
          </>
        }
        bottomLine={
          <>
            <span>
              {words.metalToIssue} <Num figure={count.grams} /> g
            </span>
            <span className="font-semibold">{done ? `Completion ${done.words}` : ''}</span>
          </>
        }
      />
      <Conflict name={name} open={open} what="batch" />
    </>
  );
}
