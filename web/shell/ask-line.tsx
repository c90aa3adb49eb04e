// The ask line of the header: a trade sum in one line, answered while it is typed. Key `=` from anywhere.
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { isFollowUp } from '../../core/ask/follow-up-words.ts';
import { useKeys } from '../hooks/use-keys.ts';
import { asked } from '../state/ask-history.ts';
import { useAppDispatch } from '../state/store.ts';
import { words } from '../words/shell.ts';

// Loaded when a maker first uses the line.
const AskAnswer = lazy(async () => ({ default: (await import('./ask-answer.tsx')).AskAnswer }));

export function AskLine() {
  const dispatch = useAppDispatch();
  const [line, setLine] = useState('');
  const [open, setOpen] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const box = useRef<HTMLDivElement>(null);

  useKeys({
    calculate: (event) => {
      event.preventDefault();
      field.current?.focus();
    },
  });
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.key === 'Escape' && event.target instanceof Node && box.current?.contains(event.target)) {
        setOpen(false);
        field.current?.blur();
      }
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
    <div ref={box} className="relative min-h-[34px] max-w-[420px] min-w-[44px] flex-1">
      <input
        ref={field}
        type="text"
        className="w-full min-w-[44px] rounded-[3px] border border-rule bg-page px-3 py-[5px] text-[15px] max-[900px]:px-2 max-[900px]:focus:absolute max-[900px]:focus:top-0 max-[900px]:focus:right-0 max-[900px]:focus:z-10 max-[900px]:focus:w-[min(420px,70vw)]"
        aria-label={words.calculator}
        placeholder={words.calculate18GaSterling120}
        title={words.pressOnAnyPageTo}
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
          // A follow-up means nothing without the question before it.
          if (event.key === 'Enter' && !isFollowUp(line)) dispatch(asked(line));
        }}
      />
      {open && (
        <Suspense>
          <AskAnswer
            line={line}
            onAsk={(next) => {
              setLine(next);
              field.current?.focus();
            }}
            onDone={() => setOpen(false)}
          />
        </Suspense>
      )}
    </div>
  );
}
