// The time in whole minutes.
import { useEffect, useState } from 'react';
import { rightNow } from '../state/clock.ts';

const LOOK_EVERY_MS = 30_000;

/** Today and the minute of the day; a new object only when the minute has changed. */
export function useNow(): { day: string; minute: number } {
  const [now, setNow] = useState(rightNow);
  useEffect(() => {
    const timer = setInterval(() => setNow((before) => later(before, rightNow())), LOOK_EVERY_MS);
    return () => clearInterval(timer);
  }, []);
  return now;
}

function later<Now extends { day: string; minute: number }>(before: Now, now: Now): Now {
  return before.day === now.day && before.minute === now.minute ? before : now;
}
