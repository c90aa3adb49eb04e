// What a maker can do with an answer: copy it, pin it, use it in a piece.
import { Check, Copy, Pin, PinOff } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Answer } from '../../core/ask/ask.ts';
import { showExactly } from '../../core/figure/show.ts';
import { emptyPiece } from '../../core/piece/piece.ts';
import { asked, pinToggled, selectAskHistory } from '../state/ask-history.ts';
import { useAddPieceMutation, useGetPiecesQuery } from '../state/endpoints/pieces.ts';
import { useAppDispatch, useAppSelector } from '../state/store.ts';
import { words } from '../words/components.ts';
import { Failure } from './failure.tsx';

interface AnswerToolsProps {
  readonly line: string;
  readonly answer: Answer;
  readonly onDone?: () => void;
}

export function AnswerTools({ line, answer, onDone }: AnswerToolsProps) {
  const dispatch = useAppDispatch();
  const { pinned } = useAppSelector(selectAskHistory);
  const isPinned = pinned.includes(line.trim());
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 text-[14px]">
      <CopyButton line={line} answer={answer} />
      <button
        type="button"
        className="link flex items-center gap-1"
        onClick={() => {
          dispatch(asked(line));
          dispatch(pinToggled(line.trim()));
        }}
      >
        {isPinned ? <PinOff size={15} /> : <Pin size={15} />} {isPinned ? words.unpin : words.pin}
      </button>
      {answer.part && <TakeInto line={line} answer={answer} {...(onDone && { onDone })} />}
    </div>
  );
}

function CopyButton({ line, answer }: { line: string; answer: Answer }) {
  const dispatch = useAppDispatch();
  const [copied, setCopied] = useState(false);
  const [main] = answer.figures;
  if (!main) return null;
  const text = `${line.trim()} = ${showExactly(main)}${main.how ? ` (${main.how})` : ''}`;
  return (
    <button
      type="button"
      className="link flex items-center gap-1"
      onClick={() => {
        dispatch(asked(line));
        void navigator.clipboard.writeText(text).then(() => setCopied(true));
      }}
    >
      {copied ? <Check size={15} /> : <Copy size={15} />} {copied ? words.copied : words.copy}
    </button>
  );
}

function TakeInto({ line, answer, onDone }: AnswerToolsProps) {
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  const { data: pieces = [] } = useGetPiecesQuery();
  const [addPiece, { error }] = useAddPieceMutation();
  const take = async (id: string) => {
    dispatch(asked(line));
    const pieceId = id === 'new' ? (await addPiece(emptyPiece)).data?.id : id;
    if (!pieceId) return;
    onDone?.();
    await navigate(`/pieces/${pieceId}`, { state: { take: answer.part } });
  };
  return (
    <>
      <select
        className="field field-choice text-act"
        aria-label={words.addItToAPiece}
        value=""
        onChange={(event) => void take(event.target.value)}
      >
        <option value="">{words.addToAPiece}</option>
        <option value="new">{words.newPiece}</option>
        {pieces.map(({ id, body }) => (
          <option key={id} value={id}>
            {body.name.trim() || words.unnamedPiece}
          </option>
        ))}
      </select>
      <Failure of={[error]} />
    </>
  );
}
