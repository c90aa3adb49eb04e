// The price sheet of a piece: the price by every method and sales channel; beside it what moves the cost.
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { shortDay } from '../../../core/format/days.ts';
import { blocks } from '../../../core/measure/issue.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { costOfPiece } from '../../../core/price/piece/channels.ts';
import { Conflict } from '../../components/conflict.tsx';
import { DraftLine } from '../../components/draft-line.tsx';
import { NotFound } from '../../components/not-found.tsx';
import { Num } from '../../components/num.tsx';
import { priceTagsPath } from '../../components/price-tags.ts';
import { SellingNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { type DocumentInHand, useDocument } from '../../hooks/use-document.ts';
import { usePaper } from '../../hooks/use-paper.ts';
import { pieceCount } from '../../state/piece-count.ts';
import { words } from '../../words/price-sheet.ts';
import { BatchCurve } from './batch-curve.tsx';
import { ChannelTable } from './channel-table.tsx';
import { CostBar } from './cost-bar.tsx';
import { LikelyRangeBox } from './likely-range-box.tsx';
import { MethodsTable } from './methods-table.tsx';
import { MustBeTrueBox } from './must-be-true-box.tsx';
import { PriceHistory } from './price-history.tsx';
import { SellsFor } from './sells-for.tsx';
import { SizePricesTable } from './size-prices.tsx';
import { Tornado } from './tornado.tsx';

export function PriceSheetScreen() {
  const { id = '' } = useParams();
  const inHand = useDocument('piece', id);
  if (inHand === 'missing') return <NotFound what="piece" />;
  return inHand && <PriceSheet inHand={inHand} key={id} />;
}

function PriceSheet({ inHand }: { inHand: DocumentInHand<Piece> }) {
  const { name, open, body, edit } = inHand;
  const basis = useBasis();
  const paper = usePaper();
  const count = pieceCount(body, basis);
  const cost = useMemo(() => costOfPiece(count), [count]);
  const title = body.name.trim() || words.unnamedPiece;
  return (
    <>
      <Spread
        title={`Price of ${title}`}
        left={
          <>
            <SellingNav />
            <h1>
              <Link className="hover:text-act hover:underline" to={`/pieces/${open.key.id}`}>
                {title}
              </Link>
            </h1>
            <DraftLine name={name} open={open} problems={count.problems.filter(blocks).length}>
              <a className="link" href={priceTagsPath(open.key.id, count.batchSize, paper)} download>
                {words.priceTagsPdf}
              </a>
            </DraftLine>
            <SellsFor id={open.key.id} piece={body} priced={open.stored.priced} count={count} />
            <SizePricesTable id={open.key.id} piece={body} priced={open.stored.priced} count={count} />
            <MethodsTable piece={body} count={count} edit={edit} />
            <ChannelTable count={count} cost={cost} priced={open.stored.priced} />
            <MustBeTrueBox piece={body} count={count} cost={cost} basis={basis} edit={edit} />
            <PriceHistory id={open.key.id} />
          </>
        }
        leftFoot={<span>{words.everyFigureShowsItsCalculation}</span>}
        right={
          <>
            <CostBar count={count} />
            <LikelyRangeBox count={count} />
            <Tornado count={count} />
            <BatchCurve piece={body} />
          </>
        }
        rightFoot={
          <>
            <span>{basis.fix ? `Metal prices of ${shortDay(basis.fix.on)}` : words.noMetalPricesYet}</span>
            <span>{basis.rates.currency}</span>
          </>
        }
        bottomLine={
          <span>
            Cost <Num figure={count.column.cost} />
          </span>
        }
      />
      <Conflict name={name} open={open} what="piece" />
    </>
  );
}
