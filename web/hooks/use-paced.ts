// What follows the hand as fast as it can be painted, and never holds the hand up: a book behind a slider, say.
import { startTransition, useCallback, useEffect, useRef, useState } from 'react';

/**
 * A value whose followers are drawn a slice at a time. While they are drawn, newer values wait, and only the last is drawn next:
 * each begun is finished, so that a moving hand never starves them.
 * @returns the value as drawn last, and what asks for the next
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
