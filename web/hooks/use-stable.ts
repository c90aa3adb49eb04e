// A value that stays the same object while its content is the same, so that its dependents do not render again.
import { useState } from 'react';

/** @returns the value from before while `isSame` holds, otherwise the new one */
export function useStable<Value>(value: Value, isSame: (before: Value, after: Value) => boolean): Value {
  const [kept, setKept] = useState(value);
  const holds = kept === value || isSame(kept, value);
  if (!holds) setKept(value);
  return holds ? kept : value;
}
