// Undo outlives a reload: the steps of open documents wait in this tab while the page is loaded again.
import { type Drafts, sameJson } from './drafts.ts';

const KEY = 'noon-undo';
/** Steps kept of each document. */
const MOST_STEPS = 30;
/** Characters kept in all; a browser gives a tab about 5 million. */
const MOST_LENGTH = 2_000_000;

interface Steps {
  readonly body: unknown;
  readonly past: readonly unknown[];
  readonly future: readonly unknown[];
}

/** Keeps the steps of what is open; of long documents as many as there is room for. */
export function keepSteps(drafts: Drafts, into: Pick<Storage, 'setItem' | 'removeItem'> = sessionStorage): void {
  const kept = Object.entries(drafts).flatMap(([name, { body, past, future }]): [string, Steps][] =>
    past.length + future.length > 0
      ? [[name, { body, past: past.slice(-MOST_STEPS), future: future.slice(0, MOST_STEPS) }]]
      : [],
  );
  let left = MOST_LENGTH;
  const fitting = kept.toReversed().filter(([, steps]) => (left -= JSON.stringify(steps).length) >= 0);
  try {
    if (fitting.length > 0) into.setItem(KEY, JSON.stringify(Object.fromEntries(fitting)));
    else into.removeItem(KEY);
  } catch {
    // Without storage undo ends with the page.
  }
}

/**
 * The steps kept of a document, once.
 * @param body  as it is opened; steps of another body do not fit
 */
export function keptSteps(
  name: string,
  body: unknown,
  from: Pick<Storage, 'getItem' | 'setItem'> = sessionStorage,
): Pick<Steps, 'past' | 'future'> | null {
  try {
    const all = JSON.parse(from.getItem(KEY) ?? '{}') as Record<string, Steps | undefined>;
    const steps = all[name];
    if (!steps) return null;
    from.setItem(KEY, JSON.stringify({ ...all, [name]: undefined }));
    return sameJson(steps.body, body) ? { past: steps.past, future: steps.future } : null;
  } catch {
    return null;
  }
}
