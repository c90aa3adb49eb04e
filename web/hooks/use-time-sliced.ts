// Heavy computation in slices, after typing pauses: a key is painted first, and the next one never waits.
import { useEffect, useRef, useState } from 'react';

/** ms without a key that count as a pause. */
const QUIET_MS = 140;
/** The first computation waits for the first paint. */
const FIRST_MS = 30;
/** ms after which a slice yields to the page. */
const SLICE_MS = 5;

/**
 * @param start  starts the computation; it yields where it may be stopped. A new one abandons the old one.
 * @returns the result; while a newer computation runs, the result before it; null before the first
 */
export function useTimeSliced<Result>(start: () => Generator<undefined, Result>): Result | null {
  const [result, setResult] = useState<Result | null>(null);
  const isFirst = useRef(true);
  useEffect(() => {
    let timer = setTimeout(
      () => {
        isFirst.current = false;
        const work = start();
        const slice = () => {
          const began = performance.now();
          let step = work.next();
          while (!step.done && performance.now() - began < SLICE_MS) step = work.next();
          if (step.done) setResult(step.value);
          else timer = setTimeout(slice);
        };
        slice();
      },
      isFirst.current ? FIRST_MS : QUIET_MS,
    );
    return () => clearTimeout(timer);
  }, [start]);
  return result;
}
