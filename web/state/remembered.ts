// What this device remembers between visits: orders of lists, columns, pages. Without storage nothing is remembered, and
// nothing fails.

/** As it was remembered; null where there is nothing, or nothing that can be read. */
export function remembered(key: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null') as unknown;
  } catch {
    return null;
  }
}

/** @param value  null forgets it */
export function remember(key: string, value: unknown): void {
  try {
    if (value === null) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // The storage is full or switched off.
  }
}
