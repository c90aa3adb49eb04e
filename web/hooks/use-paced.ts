// A value that is drawn as fast as the page can paint and never delays input, for a price book behind a slider.
import { startTransition, useCallback, useEffect, useRef, useState } from 'react';

/**
 * A value whose dependents are drawn a slice at a time. While they are drawn, newer values wait, and only the newest is
 * drawn next.
 * Each drawing that starts is finished, so that a moving slider never starves them.
 * @returns the value drawn last, and a function that requests the next
 */
export function usePaced<Value>(first: Value): readonly [Value, (next: Value) => void] {
  const [drawn, setDrawn] = useState({ value: first });
  const isDrawing = useRef(false);
  const waiting = useRef<{ value: Value } | null>(null);
  const draw = useCallback((next: { value: Value }) => {
    isDrawing.current = true;
    startTransition(() => setDrawn(next));
  }, []);
  useEffect(() => {
    isDrawing.current = false;
    const next = waiting.current;
    waiting.current = null;
    if (next) draw(next);
  }, [drawn, draw]);
  const ask = useCallback(
    (value: Value) => {
      if (isDrawing.current) waiting.current = { value };
      else draw({ value });
    },
    [draw],
  );
  return [drawn.value, ask];
}
