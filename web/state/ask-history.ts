// Questions asked and pinned on this device. Only the questions are stored: an answer is computed again at today's
// metal prices.
import { useSyncExternalStore } from 'react';
import { z } from 'zod';

const KEY = 'noon-ask';
const MOST_KEPT = 60;

const keptSchema = z.object({ asked: z.array(z.string().max(500)), pinned: z.array(z.string().max(500)) });
export type AskHistory = z.infer<typeof keptSchema>;

const none: AskHistory = { asked: [], pinned: [] };
let history: AskHistory | null = null;
const listeners = new Set<() => void>();

// Read at first use: the page may not be ready while this module loads.
function current(): AskHistory {
  history ??= readKept();
  return history;
}

function readKept(): AskHistory {
  try {
    const kept = keptSchema.safeParse(JSON.parse(localStorage.getItem(KEY) ?? 'null'));
    return kept.success ? kept.data : none;
  } catch {
    return none;
  }
}

function keep(next: AskHistory): void {
  history = next;
  localStorage.setItem(KEY, JSON.stringify(next));
  for (const listener of listeners) listener();
}

/** Puts a question first in the list. */
export function remember(line: string): void {
  const asked = line.trim();
  const before = current();
  if (asked)
    keep({ ...before, asked: [asked, ...before.asked.filter((other) => other !== asked)].slice(0, MOST_KEPT) });
}

export function togglePin(line: string): void {
  const before = current();
  const { pinned } = before;
  keep({ ...before, pinned: pinned.includes(line) ? pinned.filter((other) => other !== line) : [line, ...pinned] });
}

export function forgetAsked(): void {
  keep({ ...current(), asked: [] });
}

export function useAskHistory(): AskHistory {
  return useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, current);
}
