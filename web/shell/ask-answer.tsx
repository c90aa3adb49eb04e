// The answer below the ask line of the header.
import { Link } from 'react-router';
import { AnswerTools } from '../components/answer-tools.tsx';
import { AnswerView } from '../components/answer-view.tsx';
import { useAsk } from '../hooks/use-ask.ts';
import { words } from '../words/shell.ts';

interface AskAnswerProps {
  readonly line: string;
  /** A suggestion was chosen. */
  readonly onAsk: (line: string) => void;
  /** The maker goes to another page. */
  readonly onDone: () => void;
}

export function AskAnswer({ line, onAsk, onDone }: AskAnswerProps) {
  const answer = useAsk(line);
  return (
    <section
      className="absolute top-[calc(100%+4px)] right-0 z-40 max-h-[calc(100vh-80px)] w-[min(92vw,460px)] overflow-y-auto rounded border border-rule bg-page p-4 shadow-xl"
      aria-label={words.answer}
      aria-live="polite"
    >
      {answer ? (
        <>
          <AnswerView answer={answer} onAsk={onAsk} />
          <div className="mt-3 flex flex-wrap items-center justify-between gap-x-4 gap-y-2 border-t border-hair pt-3">
            {answer.ok ? <AnswerTools line={line} answer={answer} onDone={onDone} /> : <span />}
            <AllAnswers onDone={onDone} line={line} />
          </div>
        </>
      ) : (
        <div className="flex items-baseline justify-between gap-4 text-[15px]">
          <span className="text-soft">{words.lengthsWeightsGaugesRingSizes}</span>
          <AllAnswers onDone={onDone} line={line} />
        </div>
      )}
    </section>
  );
}

function AllAnswers({ line, onDone }: { line: string; onDone: () => void }) {
  const search = line.trim() ? `?q=${encodeURIComponent(line.trim())}` : '';
  return (
    <Link className="link text-[14px] whitespace-nowrap" to={`/ask${search}`} onClick={onDone}>
      {words.allQuestions}
    </Link>
  );
}
