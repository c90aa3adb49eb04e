// What is out of sight as a page opens is drawn once the rest has been painted.
import { startTransition, useEffect, useState } from 'react';

/** False until the page has been painted for the first time. */
export function usePainted(): boolean {
  const [isPainted, setIsPainted] = useState(false);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    // A frame's callback comes before its paint: what is set after that is behind it.
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
