// The moment, counted in seconds.
import { useEffect, useState } from 'react';
import { momentOfDate } from '../../core/bench/bench-entry.ts';
import { rightNowMs } from '../state/clock.ts';

/** The present moment as entries of the bench count it, see `momentOf`; a new one every second. */
export function useSeconds(): number {
  const [now, setNow] = useState(momentNow);
  useEffect(() => {
    const timer = setInterval(() => setNow(momentNow()), 1000);
    return () => clearInterval(timer);
  }, []);
  return now;
}

/** The present moment, see `momentOf`. */
export function momentNow(): number {
  return momentOfDate(new Date(rightNowMs()));
}
