// A value that follows its source once the source rests, for a chart behind a slider.
import { useEffect, useState } from 'react';

const REST_MS = 120;

/** The value when it last stood still for a moment. */
export function useDebounced<Value>(value: Value): Value {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setRested(value), REST_MS);
    return () => clearTimeout(timer);
  }, [value]);
  return rested;
}
