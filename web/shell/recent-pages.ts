// Pages that were opened last on this device: the finder shows them first.
import { remember, remembered } from '../state/remembered.ts';

const KEY = 'noon-recent';
const KEPT = 30;

/** Addresses, the latest first. */
export function recentPages(): readonly string[] {
  const stored = remembered(KEY);
  return Array.isArray(stored) ? stored.filter((path): path is string => typeof path === 'string') : [];
}

/** Notes that a page was opened. */
export function notePage(path: string): void {
  remember(KEY, [path, ...recentPages().filter((one) => one !== path)].slice(0, KEPT));
}
