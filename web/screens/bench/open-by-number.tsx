// Opens a batch by the number on its job sheet: pressed, read by the camera, or typed by a scanner.
import { lazy, Suspense, useState } from 'react';
import { useNavigate } from 'react-router';
import { batchesNamed } from '../../../core/bench/batch-number.ts';
import type { BenchView } from '../../hooks/use-bench.ts';
import { words } from '../../words/bench.ts';
import { Digits } from './digits.tsx';

const ReadCode = lazy(async () => ({ default: (await import('../../components/read-code.tsx')).ReadCode }));
const LENGTH = 4;

/** A scanner types where the focus is; the page stays where it is. */
const focusWithoutScrolling = (input: HTMLInputElement | null) => input?.focus({ preventScroll: true });

export function OpenByNumber({ view }: { view: BenchView }) {
  const navigate = useNavigate();
  const [typed, setTyped] = useState('');
  const [isReading, setReading] = useState(false);
  const [problem, setProblem] = useState('');
  const ids = view.batches.map(({ id }) => id);
  const open = (text: string): boolean => {
    const [first] = batchesNamed(text, ids);
    if (first === undefined) {
      setProblem(words.noBatchHasThisNumber);
      return false;
    }
    void navigate(`/bench/${first}`);
    return true;
  };
  const type = (next: string) => {
    setProblem('');
    setTyped(next);
    if (next.replace(/\D/g, '').length === LENGTH && !next.includes('/') && !open(next)) setTyped('');
  };
  return (
    <section aria-label={words.batchNumber} className="mt-6">
      <h2>
        <label htmlFor="batch-number">{words.batchNumber}</label>
      </h2>
      {/* A scanner types the whole address and Enter. */}
      <form
        className="flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (!open(typed)) setTyped('');
        }}
      >
        <input
          id="batch-number"
          ref={focusWithoutScrolling}
          className="num min-h-[56px] w-full min-w-0 rounded border-2 border-rule bg-page px-3 text-[28px]"
          inputMode="none"
          autoComplete="off"
          value={typed}
          onChange={(event) => type(event.target.value)}
        />
        <button
          type="button"
          className="bench-press bench-press-small shrink-0 px-3!"
          onClick={() => setReading(!isReading)}
        >
          {words.camera}
        </button>
      </form>
      {problem && (
        <p role="alert" className="mt-2 text-stop">
          {problem}
        </p>
      )}
      {isReading && (
        <Suspense>
          <ReadCode
            onRead={(text) => open(text) && setReading(false)}
            onUnavailable={() => setProblem(words.cameraIsUnavailable)}
          />
        </Suspense>
      )}
      <Digits value={typed} onChange={type} />
    </section>
  );
}
