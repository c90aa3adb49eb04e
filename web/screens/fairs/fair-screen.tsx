// One fair: left cost, visitors and what is for sale; right break-even and expected result.
import { useMemo } from 'react';
import { useParams } from 'react-router';
import type { Fair } from '../../../core/price/fair/fair.ts';
import { planFair } from '../../../core/price/fair/fair-plan.ts';
import { ArchivedNote } from '../../components/archived-note.tsx';
import { Conflict } from '../../components/conflict.tsx';
import { DocumentMenu } from '../../components/document-menu.tsx';
import { DraftLine } from '../../components/draft-line.tsx';
import { Field } from '../../components/field.tsx';
import { NotFound } from '../../components/not-found.tsx';
import { Num } from '../../components/num.tsx';
import { SellingNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useCostOfPiece } from '../../hooks/use-cost-of-piece.ts';
import { type DocumentInHand, useDocument } from '../../hooks/use-document.ts';
import { useAddFairMutation } from '../../state/endpoints/fairs.ts';
import { words } from '../../words/fairs.ts';
import { FairCountPage } from './fair-count-page.tsx';
import { FairFields } from './fair-fields.tsx';
import { FairLessonNote } from './fair-lesson.tsx';
import { LevelRows } from './level-rows.tsx';

export function FairScreen() {
  const { id = '' } = useParams();
  const inHand = useDocument('fair', id);
  if (inHand === 'missing') return <NotFound what="fair" />;
  return inHand && <FairPages inHand={inHand} key={id} />;
}

/** A fair once more: the same costs and levels, no date, nothing taken or sold. */
function copyOf(fair: Fair): Fair {
  return {
    ...fair,
    from: '',
    visitorsCame: '',
    taken: '',
    levels: fair.levels.map((level) => ({ ...level, sold: '' })),
  };
}

function FairPages({ inHand }: { inHand: DocumentInHand<Fair> }) {
  const { name, open, body, edit } = inHand;
  const { rates } = useBasis();
  const costOf = useCostOfPiece();
  const [addFair] = useAddFairMutation();
  const plan = useMemo(() => planFair(body, rates, costOf), [body, rates, costOf]);
  return (
    <>
      <Spread
        title={body.name.trim() || words.unnamedFair}
        left={
          <>
            <SellingNav />
            <h1>
              <Field
                wide
                value={body.name}
                label={words.nameOfTheFair}
                placeholder={words.nameThisFair}
                autoFocus={open.stored.revision === 0 && body.name === ''}
                maxLength={120}
                onChange={(value) => edit('name', (fair) => void (fair.name = value))}
              />
            </h1>
            <DraftLine name={name} open={open} problems={plan.problems.length}>
              <DocumentMenu
                kind="fair"
                id={open.key.id}
                name={name}
                title={body.name.trim() || words.unnamedFair}
                open={open}
                // A copy is of next time: nothing is taken or sold yet.
                onCopy={async () => (await addFair(copyOf(body))).data?.id}
              />
            </DraftLine>
            <ArchivedNote at={open.stored.archivedAt} />
            <FairFields fair={body} plan={plan} edit={edit} />
            <FairLessonNote id={open.key.id} fair={body} edit={edit} />
            <LevelRows fair={body} plan={plan} edit={edit} />
          </>
        }
        leftFoot={<span>{words.pricesIncludeTaxWhereYour}</span>}
        right={<FairCountPage plan={plan} fair={body} />}
        rightFoot={<span className="ml-auto">{rates.currency}</span>}
        bottomLine={
          <span className="font-semibold">
            Net profit <Num figure={plan.result} />
          </span>
        }
      />
      <Conflict name={name} open={open} what="fair" />
    </>
  );
}
