// A value that stays the same object while what it says is the same, so that what depends on it is not drawn again.
import { useState } from 'react';

/** @returns the value from before while `isSame` holds, else the new one */
export function useStable<Value>(value: Value, isSame: (before: Value, after: Value) => boolean): Value {
  const [kept, setKept] = useState(value);
  const holds = kept === value || isSame(kept, value);
  if (!holds) setKept(value);
  return holds ? kept : value;
}
