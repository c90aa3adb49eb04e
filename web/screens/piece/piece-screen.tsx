// One piece: left its parts, findings and steps, edited in place; right its count.
import { useEffect, useMemo, useRef, useState } from 'react';
import { useLocation, useNavigate, useParams } from 'react-router';
import type { TakenPart } from '../../../core/ask/question.ts';
import { shortDay } from '../../../core/format/days.ts';
import { blocks } from '../../../core/measure/issue.ts';
import { sizesOf } from '../../../core/piece/all-sizes.ts';
import { type Remark, standing } from '../../../core/piece/checks/bench-check.ts';
import { partSchema } from '../../../core/piece/part.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import type { Size } from '../../../core/piece/sizes.ts';
import { ArchivedNote } from '../../components/archived-note.tsx';
import { RestedCautions } from '../../components/caution-notes.tsx';
import { Choice } from '../../components/choice.tsx';
import { Conflict } from '../../components/conflict.tsx';
import { DraftLine } from '../../components/draft-line.tsx';
import { Field } from '../../components/field.tsx';
import { NotFound } from '../../components/not-found.tsx';
import { Num } from '../../components/num.tsx';
import { RemarkLines } from '../../components/remark-lines.tsx';
import { Spread } from '../../components/spread.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useBenchCheck } from '../../hooks/use-bench-check.ts';
import type { DocumentInHand, Edit } from '../../hooks/use-document.ts';
import { useDocument } from '../../hooks/use-document.ts';
import { usePainted } from '../../hooks/use-painted.ts';
import { pieceCount } from '../../state/piece-count.ts';
import { words } from '../../words/piece.ts';
import { AtBench } from './at-bench.tsx';
import { ChangesSince } from './changes-since.tsx';
import { PieceCountPage } from './count/piece-count-page.tsx';
import { JoinRows } from './joins/join-rows.tsx';
import { FindingRows } from './parts/finding-rows.tsx';
import { GroupRows } from './parts/group-rows.tsx';
import { PartRows } from './parts/part-rows.tsx';
import { EditProvider, Margin } from './piece-context.ts';
import { PieceExtras } from './piece-extras.tsx';
import { PieceMenu } from './piece-menu.tsx';
import { SizeTable } from './sizes/size-table.tsx';
import { StepRows } from './steps/step-rows.tsx';
import { WorkRows } from './work/work-rows.tsx';

export function PieceScreen() {
  const { id = '' } = useParams();
  const inHand = useDocument('piece', id);
  if (inHand === 'missing') return <NotFound what="piece" />;
  return inHand && <PiecePages inHand={inHand} key={id} />;
}

function PiecePages({ inHand }: { inHand: DocumentInHand<Piece> }) {
  const { name, open, body, edit } = inHand;
  const basis = useBasis();
  const [size, setSize] = useState('');
  const count = pieceCount(body, basis, size);
  const remarks = useBenchCheck(body);
  const margin = useMemo(() => new Margin(remarks), [remarks]);
  // What is in sight is drawn at once; the rest of a long piece follows, a slice at a time.
  const isWhole = usePainted();
  useTakenPart(edit);
  const inTheWay = count.problems.filter(blocks).length + standing(remarks).length;
  const unnamed = body.name.trim() === '';

  // With one size, its measures are what a maker changes first. They stay in place while sizes are added.
  const [isParametric] = useState(() => body.sizes.parameters.length > 0 && sizesOf(body).length === 1);
  return (
    <EditProvider value={edit}>
      <Spread
        title={body.name.trim() || words.unnamedPiece}
        left={
          <>
            <h1>
              <Field
                wide
                value={body.name}
                label={words.nameOfThePiece}
                placeholder={words.nameThisPiece}
                autoFocus={open.stored.revision === 0 && unnamed}
                maxLength={120}
                onChange={(value) => edit('name', (piece) => void (piece.name = value))}
              />
            </h1>
            <DraftLine name={name} open={open} problems={inTheWay} inTheWay={unnamed ? words.giveItANameTo : undefined}>
              {isWhole && (
                <>
                  <ChangesSince open={open} />
                  <PieceMenu
                    name={name}
                    title={body.name.trim() || words.unnamedPiece}
                    open={open}
                    id={open.key.id}
                    batchSize={count.batchSize}
                  />
                </>
              )}
            </DraftLine>
            <ArchivedNote at={open.stored.archivedAt} />
            <SizeTabs rows={sizesOf(body)} chosen={count.size?.id ?? ''} onChoose={setSize} />
            <RemarkLines remarks={margin.at('')} edit={edit} />
            {isWhole && isParametric && <SizeTable piece={body} count={count} edit={edit} />}
            <PartRows piece={body} count={count} margin={margin} edit={edit} isWhole={isWhole} />
            {isWhole && (
              <>
                <FindingRows piece={body} problems={count.problems} margin={margin} edit={edit} />
                <JoinRows piece={body} count={count} margin={margin} edit={edit} />
                <WorkRows piece={body} problems={count.problems} edit={edit} />
                <StepRows piece={body} count={count} margin={margin} edit={edit} />
                <GroupRows piece={body} count={count} margin={margin} edit={edit} />
                {!isParametric && <SizeTable piece={body} count={count} edit={edit} />}
                {open.stored.revision > 0 && (
                  <AtBench
                    id={open.key.id}
                    piece={body}
                    accepted={(open.stored.accepted ?? open.stored.body) as Piece}
                    edit={edit}
                  />
                )}
                <PieceExtras piece={body} edit={edit} />
                {/* On screen the cautions stand beside their steps; paper has no details to open. */}
                <div className="paper-only">
                  <RestedCautions piece={body} />
                </div>
              </>
            )}
          </>
        }
        leftFoot={<Checked unnamed={unnamed} problems={count.problems.filter(blocks).length} remarks={remarks} />}
        right={<PieceCountPage inHand={inHand} count={count} />}
        rightFoot={
          <>
            <span>{basis.fix ? `Metal prices of ${shortDay(basis.fix.on)}` : words.noMetalPricesYetMetal}</span>
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
    </EditProvider>
  );
}

/** More sizes than this are a list, not tabs. */
const MOST_TABS = 14;

interface SizeTabsProps {
  readonly rows: readonly Size[];
  readonly chosen: string;
  readonly onChoose: (id: string) => void;
}

// The size that the page shows; every figure on both pages is for it.
function SizeTabs({ rows, chosen, onChoose }: SizeTabsProps) {
  if (rows.length < 2) return null;
  if (rows.length > MOST_TABS)
    return (
      <div className="chrome mt-1 text-[15px]">
        <Choice
          small
          value={chosen}
          options={rows.map(({ id, name }) => ({ value: id, label: name || words.unnamed }))}
          label={words.sizeShown}
          onChange={onChoose}
        />
      </div>
    );
  return (
    <div className="chrome mt-1 flex flex-wrap gap-x-4 text-[15px]" role="group" aria-label={words.sizeShown}>
      {rows.map(({ id, name }) => (
        <button
          key={id}
          type="button"
          aria-pressed={id === chosen}
          className={id === chosen ? 'font-[650] shadow-[inset_0_-2px_0_var(--ink)]' : 'text-act hover:underline'}
          onClick={() => onChoose(id)}
        >
          {name || 'unnamed'}
        </button>
      ))}
    </div>
  );
}

// A part from an answer of the ask line arrives with the address, once.
function useTakenPart(edit: Edit<Piece>): void {
  const { state, pathname } = useLocation() as { state: { take?: TakenPart } | null; pathname: string };
  const navigate = useNavigate();
  const taken = useRef(false);
  const part = state?.take;
  useEffect(() => {
    if (!part || taken.current) return;
    taken.current = true;
    edit('', (piece) => void piece.parts.push(partSchema.parse({ ...part, id: crypto.randomUUID() })));
    void navigate(pathname, { replace: true, state: null });
  }, [part, edit, navigate, pathname]);
}

function Checked({ unnamed, problems, remarks }: { unnamed: boolean; problems: number; remarks: readonly Remark[] }) {
  if (problems > 0)
    return (
      <span className="text-stop">
        {problems === 1
          ? words.oneFieldNeedsAttentionBefore
          : `${String(problems)} fields need attention before the cost is complete`}
      </span>
    );
  const open = remarks.filter(({ known }) => known === null);
  if (open.length > 0)
    return (
      <span>
        {checkInWords(open)} {words.inTheBenchCheck}
      </span>
    );
  return <span>{unnamed ? words.giveThePieceAName : words.benchCheckNoIssuesFound}</span>;
}

function checkInWords(remarks: readonly Remark[]): string {
  const kinds = [
    ['stop', 'stop', 'stops'],
    ['warn', 'warning', 'warnings'],
    ['note', 'note', 'notes'],
  ] as const;
  return kinds
    .flatMap(([severity, one, many]) => {
      const count = remarks.filter((remark) => remark.severity === severity).length;
      return count === 0 ? [] : `${String(count)} ${count === 1 ? one : many}`;
    })
    .join(', ');
}
