// Heavy reckoning a slice at a time, once the hand rests: a key is painted first, and the next one is never kept waiting.
import { useEffect, useRef, useState } from 'react';

/** The hand rests when no key came for so long. */
const QUIET_MS = 140;
/** The first work waits until the page has been painted. */
const FIRST_MS = 30;
/** A slice gives the page back after so long. */
const SLICE_MS = 5;

/**
 * @param start  begins the work; it yields where it may be left. A new one leaves the old where it is.
 * @returns what the work came to; while newer work is under way, what the work before it came to; null before the first
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
