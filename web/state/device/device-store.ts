// What this device stores until the ledger has it: drafts, one for each document and tab, and requests that wait. It is
// written at once, and survives a reload and the end of the browser.
import { type DBSchema, type IDBPDatabase, openDB } from 'idb';

/** A draft that the ledger has not acknowledged. */
export interface StoredDraft {
  readonly tab: string;
  /** `piece/1` */
  readonly name: string;
  /** The version of the document it is based on. */
  readonly version: number;
  readonly body: unknown;
  /** ms since 1970 */
  readonly at: number;
}

/** A request that the ledger has not acknowledged. */
export interface WaitingRequest {
  /** Counts once under this id. */
  readonly id: string;
  /** Requests are sent in this order. */
  readonly order: number;
  /** The endpoint that made it. */
  readonly endpoint: string;
  readonly url: string;
  readonly method: string;
  readonly body: unknown;
  /** Left out where the browser sets them. */
  readonly headers?: Readonly<Record<string, string>>;
  /** Why the ledger refused it; '' while it waits. */
  readonly refusal: string;
}

interface Schema extends DBSchema {
  drafts: { key: [tab: string, name: string]; value: StoredDraft; indexes: { name: string } };
  requests: { key: string; value: WaitingRequest; indexes: { order: number } };
  /** Ids of requests whose answer was lost, by what they ask. */
  unanswered: { key: string; value: { readonly asks: string; readonly id: string } };
}

let opening: Promise<IDBPDatabase<Schema>> | null = null;

function database(): Promise<IDBPDatabase<Schema>> {
  opening ??= openDB<Schema>('noon-ledger', 1, {
    upgrade(made) {
      made.createObjectStore('drafts', { keyPath: ['tab', 'name'] }).createIndex('name', 'name');
      made.createObjectStore('requests', { keyPath: 'id' }).createIndex('order', 'order');
      made.createObjectStore('unanswered', { keyPath: 'asks' });
    },
    terminated: () => (opening = null),
  });
  return opening;
}

/** @throws DOMException when the storage of this device is full or refused */
export async function storeDraft(draft: StoredDraft): Promise<void> {
  await (await database()).put('drafts', draft);
}

/** Deletes the draft of a document and tab. */
export async function dropStoredDraft(tab: string, name: string): Promise<void> {
  await (await database()).delete('drafts', [tab, name]);
}

/** Drafts of a document, of all tabs, the latest first. */
export async function storedDrafts(name: string): Promise<StoredDraft[]> {
  const found = await (await database()).getAllFromIndex('drafts', 'name', name);
  return found.toSorted((a, b) => b.at - a.at);
}

/** @throws DOMException when the storage of this device is full or refused */
export async function storeRequest(request: WaitingRequest): Promise<void> {
  // An entry is on the disk before it counts as stored; a draft is written at every key, and reaches it a moment later.
  const writing = (await database()).transaction('requests', 'readwrite', { durability: 'strict' });
  await writing.store.put(request);
  await writing.done;
}

/** Deletes a request. */
export async function dropRequest(id: string): Promise<void> {
  await (await database()).delete('requests', id);
}

/** All requests, in order. */
export async function storedRequests(): Promise<WaitingRequest[]> {
  return await (await database()).getAllFromIndex('requests', 'order');
}

/** The id of a request whose answer was lost; undefined where there was none. */
export async function unansweredId(asks: string): Promise<string | undefined> {
  return (await (await database()).get('unanswered', asks))?.id;
}

/** Remembers the id of a request whose answer was lost. */
export async function noteUnanswered(asks: string, id: string): Promise<void> {
  await (await database()).put('unanswered', { asks, id });
}

/** The request was answered. */
export async function noteAnswered(asks: string): Promise<void> {
  await (await database()).delete('unanswered', asks);
}
