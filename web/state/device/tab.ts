// The id of this tab. It survives a reload, and no two tabs have the same: a duplicated tab gets one of its own.
const KEY = 'noon-tab';
const LOCK = 'noon-tab ';

/** Id of this tab; settled before anything is stored under it. */
let own = '';
const former = new Set<string>();

/** A new id: 20 letters and digits. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(20));
  return Array.from(bytes, (byte) => 'abcdefghijkmnpqrstuvwxyz23456789'.charAt(byte % 32)).join('');
}

/** The id of this tab. */
export function tabId(): string {
  if (own === '') own = sessionStorage.getItem(KEY) ?? newId();
  sessionStorage.setItem(KEY, own);
  return own;
}

/**
 * Holds the id of this tab as long as it is open, so that others know that it lives. A duplicated tab, whose id is held
 * already, takes a new one.
 */
export async function holdTab(): Promise<void> {
  if (!('locks' in navigator)) return;
  if (await hold(tabId())) return;
  own = newId();
  sessionStorage.setItem(KEY, own);
  await hold(own);
}

/** @returns whether the lock was free; it is held until the tab closes */
async function hold(id: string): Promise<boolean> {
  return await new Promise((resolve) => {
    void navigator.locks.request(LOCK + id, { ifAvailable: true }, async (lock) => {
      resolve(lock !== null);
      if (lock) await new Promise(() => undefined);
    });
  });
}

/** Ids of the tabs that are open, this one included. */
export async function openTabs(): Promise<ReadonlySet<string>> {
  if (!('locks' in navigator)) return new Set([tabId()]);
  const { held = [] } = await navigator.locks.query();
  const ids = held.flatMap(({ name = '' }) => (name.startsWith(LOCK) ? name.slice(LOCK.length) : []));
  return new Set([...ids, tabId()]);
}

/** What a closed tab wrote is this tab’s own from now on. */
export function adoptTab(id: string): void {
  former.add(id);
}

/** Whether a draft was written by this tab, or by one it has taken over from. */
export function isOwnTab(id: string | null): boolean {
  return id !== null && (id === tabId() || former.has(id));
}
