// The Ask page: left the questions asked and pinned, right the answer with its calculation.
import { Pin } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { askExamples } from '../../../core/ask/examples.ts';
import { showExactly } from '../../../core/figure/show.ts';
import { AnswerTools } from '../../components/answer-tools.tsx';
import { AnswerView } from '../../components/answer-view.tsx';
import { Spread } from '../../components/spread.tsx';
import { useAsk } from '../../hooks/use-ask.ts';
import { asked as questionAsked, historyCleared, selectAskHistory } from '../../state/ask-history.ts';
import { useAppDispatch, useAppSelector } from '../../state/store.ts';
import { words } from '../../words/ask.ts';

export function AskScreen() {
  const [search, setSearch] = useSearchParams();
  const line = search.get('q') ?? '';
  const setLine = (next: string) => setSearch(next ? { q: next } : {}, { replace: true });
  const answer = useAsk(line);
  const dispatch = useAppDispatch();
  const { asked, pinned } = useAppSelector(selectAskHistory);
  const [main] = answer?.ok ? answer.figures : [];
  return (
    <Spread
      title={words.calculator}
      left={
        <>
          <h1>{words.calculator}</h1>
          <form
            className="mt-3"
            onSubmit={(event) => {
              event.preventDefault();
              dispatch(questionAsked(line));
            }}
          >
            <input
              type="text"
              className="w-full border-b-2 border-ink bg-transparent py-2 text-[20px]"
              aria-label={words.question}
              placeholder={words.n18GaSterlingRound120}
              value={line}
              maxLength={500}
              autoFocus
              autoComplete="off"
              spellCheck={false}
              onChange={(event) => setLine(event.target.value)}
            />
            <p className="aside mt-2">{words.wordsInAnyOrderPress}</p>
          </form>
          {pinned.length > 0 && <Questions heading={words.pinned} lines={pinned} onAsk={setLine} isPinned />}
          {asked.length > 0 ? (
            <>
              <Questions
                heading={words.recent}
                lines={asked.filter((each) => !pinned.includes(each))}
                onAsk={setLine}
              />
              <button type="button" className="link mt-3 text-[14px]" onClick={() => dispatch(historyCleared())}>
                {words.clearHistory}
              </button>
            </>
          ) : (
            <Examples onAsk={setLine} />
          )}
        </>
      }
      leftFoot={<span>{words.keptOnThisDeviceAnswers}</span>}
      right={
        answer ? (
          <>
            <AnswerView answer={answer} onAsk={setLine} />
            {answer.ok && (
              <div className="mt-4 border-t border-hair pt-3">
                <AnswerTools line={line} answer={answer} />
              </div>
            )}
            {asked.length > 0 && <Examples onAsk={setLine} />}
          </>
        ) : asked.length > 0 ? (
          <Examples onAsk={setLine} />
        ) : (
          <p className="text-soft">{words.theAnswerAndItsCalculation}</p>
        )
      }
      bottomLine={
        <span className="flex min-w-0 items-baseline gap-2">
          {main && <span className="truncate">{main.label}</span>}
          <span className="font-semibold whitespace-nowrap">{main ? showExactly(main) : words.calculator}</span>
        </span>
      }
    />
  );
}

function Questions({
  heading,
  lines,
  onAsk,
  isPinned = false,
}: {
  heading: string;
  lines: readonly string[];
  onAsk: (line: string) => void;
  isPinned?: boolean;
}) {
  if (lines.length === 0) return null;
  return (
    <section className="mt-6" aria-label={heading}>
      <h2 className="flex items-center gap-2">
        {isPinned && <Pin size={14} />}
        {heading}
      </h2>
      <ul>
        {lines.map((line) => (
          <Asked key={line} line={line} onAsk={onAsk} />
        ))}
      </ul>
    </section>
  );
}

function Asked({ line, onAsk }: { line: string; onAsk: (line: string) => void }) {
  const answer = useAsk(line);
  const [main] = answer?.ok ? answer.figures : [];
  return (
    <li className="border-b border-hair">
      <button
        type="button"
        className="figure flex! items-baseline justify-between gap-4 text-left!"
        onClick={() => onAsk(line)}
      >
        <span>{line}</span>{' '}
        <span className="num whitespace-nowrap">
          {main && <span className="aside">{main.label} </span>}
          {main ? showExactly(main) : ''}
        </span>
      </button>
    </li>
  );
}

function Examples({ onAsk }: { onAsk: (line: string) => void }) {
  const [all, setAll] = useState(false);
  return (
    <section className="mt-6" aria-label={words.whatYouCanAsk}>
      <h2>{words.whatYouCanAsk}</h2>
      <ul className="mt-1 text-[15px]">
        {askExamples.slice(0, all ? undefined : 12).map((line) => (
          <li key={line}>
            <button type="button" className="link py-[3px] text-left" onClick={() => onAsk(line)}>
              {line}
            </button>
          </li>
        ))}
      </ul>
      {!all && (
        <button type="button" className="link mt-2 text-[14px]" onClick={() => setAll(true)}>
          {words.more}
        </button>
      )}
    </section>
  );
}
