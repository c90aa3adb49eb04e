// The maker at this device: chosen once, remembered here.
import { useState } from 'react';
import type { BenchMaker } from '../../../core/studio/bench.ts';
import { useBasis } from '../../hooks/use-basis.ts';

const KEY = 'noon-bench-maker';

/** The maker; null until one is chosen. A studio with one maker needs no choice. */
export function useMaker(): { maker: BenchMaker | null; makers: readonly BenchMaker[]; choose: (id: string) => void } {
  const { rates } = useBasis();
  const { makers } = rates.bench;
  const [id, setId] = useState(() => localStorage.getItem(KEY) ?? '');
  const [only] = makers;
  const maker = makers.find((one) => one.id === id) ?? (makers.length === 1 ? (only ?? null) : null);
  return {
    maker,
    makers,
    choose: (next) => {
      localStorage.setItem(KEY, next);
      setId(next);
    },
  };
}
