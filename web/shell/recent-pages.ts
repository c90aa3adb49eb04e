// Pages that were opened last on this device: the finder shows them first.
const KEY = 'noon-recent';
const KEPT = 30;

/** Addresses, the latest first. */
export function recentPages(): readonly string[] {
  try {
    const stored: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    return Array.isArray(stored) ? stored.filter((path): path is string => typeof path === 'string') : [];
  } catch {
    return [];
  }
}

/** Notes that a page was opened. */
export function notePage(path: string): void {
  try {
    localStorage.setItem(KEY, JSON.stringify([path, ...recentPages().filter((one) => one !== path)].slice(0, KEPT)));
  } catch {
    // Without storage nothing is remembered.
  }
}
