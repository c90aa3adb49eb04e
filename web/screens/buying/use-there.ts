// What lies in the studio of solder and findings, as last said on this computer: the shelf counts bars and sheets only.
import { useState } from 'react';
import { readPlain } from '../../../core/measure/read-number.ts';

const STORAGE_KEY = 'noon-goods-there';
type Typed = Readonly<Record<string, string>>;

export function useThere() {
  const [typed, set] = useState<Typed>(() => JSON.parse(localStorage.getItem(STORAGE_KEY) ?? '{}') as Typed);
  const setTyped = (key: string, value: string) => {
    const next = { ...typed, [key]: value };
    localStorage.setItem(STORAGE_KEY, JSON.stringify(next));
    set(next);
  };
  const there = (key: string) => {
    const reading = readPlain(typed[key] ?? '', 'number', '12', () => undefined);
    return reading.ok ? reading.value : 0;
  };
  return { typed, setTyped, there };
}
