// The answer to a line while it is typed. The grammar loads at first use, not with the first page.
import { useEffect, useMemo, useState } from 'react';
import type { Answer, ask as askOfCore, NotUnderstood } from '../../core/ask/ask.ts';
import { selectAskHistory } from '../state/ask-history.ts';
import { useAppSelector } from '../state/store.ts';
import { useBasis } from './use-basis.ts';

type Ask = typeof askOfCore;
let loaded: Ask | null = null;

/** @returns null while the line is empty or the grammar loads */
export function useAsk(line: string): Answer | NotUnderstood | null {
  const [ask, setAsk] = useState<{ ask: Ask } | null>(loaded && { ask: loaded });
  const { rates, fix } = useBasis();
  const before = useAppSelector(selectAskHistory).asked[0] ?? '';
  useEffect(() => {
    if (ask) return;
    void import('../../core/ask/ask.ts').then((module) => {
      loaded = module.ask;
      setAsk({ ask: module.ask });
    });
  }, [ask]);
  return useMemo(
    () => (ask && line.trim() !== '' ? ask.ask(line, { alloys: rates.alloys, fix }, before) : null),
    [ask, line, before, rates, fix],
  );
}
