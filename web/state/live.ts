// Changes that other pages and devices make, told by the server. One tab of a device listens and tells the others: a
// browser opens only a few connections to one server.
import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { api, tags } from './api.ts';
import { sendNow } from './device/outbox.ts';
import { tabId } from './device/tab.ts';

const LOCK = 'noon-events';
const CHANNEL = 'noon-events';
/** ms in which changes are taken together. */
const TOGETHER_MS = 500;
/** ms until a refused stream is asked for again. */
const AGAIN_MS = 5000;

/** A change: the folder below /api, the id of its document, and the tab that made it. */
interface Change {
  readonly folder: string;
  readonly id: string;
  readonly tab: string;
}

type Tag = (typeof tags)[number];

/** What is fetched again after a change, by folder below /api. */
const tagsOf: Readonly<Record<string, readonly Tag[]>> = {
  pieces: ['Pieces', 'Prices'],
  batches: ['Batches', 'Shelf', 'Account', 'Goods'],
  account: ['Account', 'Shelf', 'Receipts'],
  lots: ['Account', 'Shelf'],
  jars: ['Account'],
  refining: ['Account'],
  orders: ['Account', 'Shelf', 'Receipts'],
  fairs: ['Fairs'],
  quotes: ['Quotes'],
  studio: ['Studio'],
  fixes: ['Fixes'],
  receipts: ['Receipts'],
  prices: ['Prices', 'Pieces'],
  shelf: ['Shelf', 'Account', 'Receipts'],
  goods: ['Goods'],
  'price-lists': ['PriceLists'],
  bench: ['Bench'],
  plan: ['Plan'],
  backups: ['Backups'],
  access: ['Access'],
};
const kindOf: Readonly<Record<string, string>> = { pieces: 'piece', batches: 'batch', fairs: 'fair', quotes: 'quote', studio: 'studio' }; // prettier-ignore

// eslint-disable-next-line @typescript-eslint/no-explicit-any -- the dispatch of whatever store it is
type Dispatch = ThunkDispatch<any, any, UnknownAction>;

/** Fetches again what others changed, and everything once the server is back. */
export function listenForChanges(dispatch: Dispatch): void {
  if (!('locks' in navigator) || typeof EventSource === 'undefined') return;
  const channel = new BroadcastChannel(CHANNEL);
  const changed = new Map<string, Parameters<typeof api.util.invalidateTags>[0][number]>();
  const mark = (tag: NonNullable<ReturnType<typeof changed.get>>) => {
    changed.set(JSON.stringify(tag), tag);
    timer ??= setTimeout(fetchAgain, TOGETHER_MS);
  };
  // Somebody who types elsewhere changes the lists every second: a page out of sight waits until it is looked at.
  let timer: ReturnType<typeof setTimeout> | undefined;
  const fetchAgain = () => {
    timer = undefined;
    if (document.hidden || changed.size === 0) return;
    dispatch(api.util.invalidateTags([...changed.values()]));
    changed.clear();
  };
  document.addEventListener('visibilitychange', fetchAgain);
  const take = (change: Change | null) => {
    if (change === null) {
      sendNow();
      for (const tag of tags) mark(tag);
    } else if (change.tab !== tabId()) {
      const kind = kindOf[change.folder];
      for (const tag of tagsOf[change.folder] ?? []) mark(tag);
      if (kind) mark({ type: 'Document', id: `${kind}/${change.id || 'studio'}` });
    }
  };
  channel.addEventListener('message', ({ data }: MessageEvent<Change | null>) => take(data));
  const tell = (change: Change | null) => {
    take(change);
    channel.postMessage(change);
  };
  let wasLost = false;
  const listen = () => {
    const source = new EventSource('/api/events');
    source.addEventListener('error', () => {
      wasLost = true;
      // A refusal, while the computer is locked, ends the stream for good: it is asked for again.
      if (source.readyState === EventSource.CLOSED) setTimeout(listen, AGAIN_MS);
    });
    source.addEventListener('open', () => {
      if (wasLost) tell(null);
      wasLost = false;
    });
    source.addEventListener('message', ({ data }: MessageEvent<string>) => tell(JSON.parse(data) as Change));
  };
  void navigator.locks.request(LOCK, async () => {
    listen();
    // Held until the tab closes.
    await new Promise(() => undefined);
  });
}
