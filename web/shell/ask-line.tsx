// The ask line of the header: a trade sum in one line, answered while it is typed. Key `=` from anywhere.
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { AnswerTools } from '../components/answer-tools.tsx';
import { AnswerView } from '../components/answer-view.tsx';
import { remember } from '../state/ask-history.ts';
import { useAsk } from '../hooks/use-ask.ts';

export function AskLine() {
  const [line, setLine] = useState('');
  const [open, setOpen] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const box = useRef<HTMLDivElement>(null);

  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      const isTyping = event.target instanceof Element && event.target.closest('input, select, textarea') !== null;
      if (event.key !== '=' || isTyping || event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      field.current?.focus();
    };
    const onPointerDown = (event: PointerEvent) => {
      if (event.target instanceof Node && !box.current?.contains(event.target)) setOpen(false);
    };
    window.addEventListener('keydown', onKeyDown);
    window.addEventListener('pointerdown', onPointerDown);
    return () => {
      window.removeEventListener('keydown', onKeyDown);
      window.removeEventListener('pointerdown', onPointerDown);
    };
  }, []);

  return (
    <div
      ref={box}
      className="relative min-w-0 flex-1 max-w-[420px]"
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return;
        setOpen(false);
        field.current?.blur();
      }}
    >
      <input
        ref={field}
        type="text"
        className="w-full rounded-[3px] border border-rule bg-page px-3 py-[5px] text-[15px]"
        aria-label="Ask a trade sum"
        placeholder="=  ask: 18 ga sterling 120 mm"
        title="Press = to come here from anywhere"
        value={line}
        maxLength={500}
        autoComplete="off"
        spellCheck={false}
        onFocus={(event) => {
          setOpen(true);
          event.currentTarget.select();
        }}
        onChange={(event) => {
          setLine(event.target.value);
          setOpen(true);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter') remember(line);
        }}
      />
      {open && (
        <Unfolded
          line={line}
          onAsk={(next) => {
            setLine(next);
            field.current?.focus();
          }}
          onDone={() => setOpen(false)}
        />
      )}
    </div>
  );
}

function Unfolded({ line, onAsk, onDone }: { line: string; onAsk: (line: string) => void; onDone: () => void }) {
  const answer = useAsk(line);
  return (
    <section
      className="absolute top-[calc(100%+4px)] right-0 z-40 max-h-[calc(100vh-80px)] w-[min(92vw,460px)] overflow-y-auto rounded border border-rule bg-page p-4 shadow-xl"
      aria-label="Answer"
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
          <span className="text-soft">Lengths, weights, gauges, ring sizes, bezels, chains, melts…</span>
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
      Ask page
    </Link>
  );
}
