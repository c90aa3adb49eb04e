// Content out of sight is rendered after the first paint.
import { startTransition, useEffect, useState } from 'react';

/** False until the page has been painted for the first time. */
export function usePainted(): boolean {
  const [isPainted, setIsPainted] = useState(false);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    // A frame's callback comes before its paint; state set after it renders behind the paint.
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(() => startTransition(() => setIsPainted(true)));
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, []);
  return isPainted;
}
