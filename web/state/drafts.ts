// Documents open for editing: what is typed, what the ledger has acknowledged, and what can be undone.
import { createSlice, type Draft, original, type PayloadAction } from '@reduxjs/toolkit';
import type { DocumentOf } from '../../contract/document.ts';
import type { DocumentKey } from './endpoints/documents.ts';

/** The edit of what follows from the edit before it: the route from the recipe. */
export const FOLLOWS = 'follows';

/** Number of undo steps. */
const UNDO_DEPTH = 200;

type Saving = 'saved' | 'waiting' | 'saving' | 'unreachable' | 'refused';

export interface OpenDocument {
  readonly key: DocumentKey;
  /** As last acknowledged by the ledger. */
  readonly stored: DocumentOf<unknown>;
  readonly body: unknown;
  readonly past: readonly unknown[];
  readonly future: readonly unknown[];
  /** What the last edit changed: further typing in the same field is the same undo step. */
  readonly lastEdit: string;
  readonly saving: Saving;
  /** Why the ledger refused the last write. */
  readonly refusal: string;
  /** The body in the ledger when somebody else changed it. */
  readonly conflict: DocumentOf<unknown> | null;
}

/** Documents open for editing, by name. */
export type Drafts = Readonly<Record<string, OpenDocument>>;

export function nameOf({ kind, id }: DocumentKey): string {
  return `${kind}/${id}`;
}

interface Named {
  readonly name: string;
}

const noneOpen: Drafts = {};

const slice = createSlice({
  name: 'drafts',
  initialState: noneOpen,
  reducers: {
    opened(drafts, { payload }: PayloadAction<{ key: DocumentKey; stored: DocumentOf<unknown>; unsaved?: unknown }>) {
      const { key, stored, unsaved } = payload;
      return {
        ...drafts,
        [nameOf(key)]: {
          key,
          stored,
          body: unsaved ?? stored.body,
          past: unsaved === undefined ? [] : [stored.body],
          future: [],
          lastEdit: '',
          saving: unsaved === undefined ? 'saved' : 'waiting',
          refusal: '',
          conflict: null,
        },
      };
    },
    /** The steps of before a reload. */
    stepsRestored(
      drafts,
      { payload }: PayloadAction<Named & { past: readonly unknown[]; future: readonly unknown[] }>,
    ) {
      return change(drafts, payload.name, () => ({ past: payload.past, future: payload.future }));
    },
    edited(drafts, { payload }: PayloadAction<Named & { body: unknown; edit: string }>) {
      return change(drafts, payload.name, (open) => {
        // What follows from an edit is undone with it.
        if (payload.edit === FOLLOWS) return { body: payload.body, saving: stillToSend(open) };
        const goesOn = payload.edit !== '' && payload.edit === open.lastEdit;
        return {
          body: payload.body,
          past: goesOn ? open.past : [...open.past, open.body].slice(-UNDO_DEPTH),
          future: [],
          lastEdit: payload.edit,
          saving: stillToSend(open),
        };
      });
    },
    undone(drafts, { payload }: PayloadAction<Named>) {
      return change(drafts, payload.name, (open) => {
        const before = open.past.at(-1);
        if (before === undefined) return {};
        return {
          body: before,
          past: open.past.slice(0, -1),
          future: [open.body, ...open.future],
          lastEdit: '',
          saving: stillToSend(open),
        };
      });
    },
    redone(drafts, { payload }: PayloadAction<Named>) {
      return change(drafts, payload.name, (open) => {
        const [after, ...future] = open.future;
        if (after === undefined) return {};
        return { body: after, past: [...open.past, open.body], future, lastEdit: '', saving: stillToSend(open) };
      });
    },
    /** Leaving a field ends an undo step. */
    editEnded(drafts, { payload }: PayloadAction<Named>) {
      return drafts[payload.name]?.lastEdit ? change(drafts, payload.name, () => ({ lastEdit: '' })) : drafts;
    },
    saveStarted(drafts, { payload }: PayloadAction<Named>) {
      return change(drafts, payload.name, () => ({ saving: 'saving' }));
    },
    /** The ledger acknowledged a write; `sent` is what was written, which may be older than what is typed now. */
    acknowledged(drafts, { payload }: PayloadAction<Named & { stored: DocumentOf<unknown>; sent: unknown }>) {
      return change(drafts, payload.name, (open) => ({
        stored: payload.stored,
        saving: open.body === payload.sent ? 'saved' : 'waiting',
        refusal: '',
        conflict: null,
      }));
    },
    /** Not in the ledger: no answer, or a fault of the server in its words. */
    unreachable(drafts, { payload }: PayloadAction<Named & { why?: string }>) {
      return change(drafts, payload.name, () => ({ saving: 'unreachable', refusal: payload.why ?? '' }));
    },
    refused(drafts, { payload }: PayloadAction<Named & { refusal: string }>) {
      return change(drafts, payload.name, () => ({ saving: 'refused', refusal: payload.refusal }));
    },
    /** A newer version is this tab's own earlier write: what is typed stands on it. */
    rebased(drafts, { payload }: PayloadAction<Named & { stored: DocumentOf<unknown> }>) {
      return change(drafts, payload.name, () => ({ stored: payload.stored, saving: 'waiting' }));
    },
    conflicted(drafts, { payload }: PayloadAction<Named & { current: DocumentOf<unknown> }>) {
      return change(drafts, payload.name, () => ({ saving: 'refused', conflict: payload.current }));
    },
    /** Both versions were shown, and the maker chose from both. */
    conflictSettled(drafts, { payload }: PayloadAction<Named & { body: unknown }>) {
      return change(drafts, payload.name, ({ body, past, conflict }) => {
        if (!conflict) return {};
        const isTheirs = sameJson(payload.body, conflict.body);
        return {
          stored: conflict,
          conflict: null,
          body: isTheirs ? conflict.body : payload.body,
          past: [...past, body],
          future: [],
          saving: isTheirs ? 'saved' : 'waiting',
        };
      });
    },
    /** The ledger holds another body after an action of this page: a draft was accepted or discarded. */
    replaced(drafts, { payload }: PayloadAction<Named & { stored: DocumentOf<unknown> }>) {
      return change(drafts, payload.name, (open) => ({
        stored: payload.stored,
        body: payload.stored.body,
        past: sameJson(payload.stored.body, open.body) ? open.past : [...open.past, open.body],
        saving: 'saved',
        refusal: '',
      }));
    },
    closed(drafts, { payload }: PayloadAction<Named>) {
      return Object.fromEntries(Object.entries(drafts).filter(([name]) => name !== payload.name));
    },
  },
});

function change(drafts: Draft<Drafts>, name: string, by: (open: OpenDocument) => Partial<OpenDocument>): Drafts {
  // Reads the plain state, not the slice's proxies: whether the ledger has what is typed is a question of identity.
  const plain: Drafts = original(drafts);
  const open = plain[name];
  return open ? { ...plain, [name]: { ...open, ...by(open) } } : plain;
}

// A running write stays in place: the next one waits for the version it returns.
function stillToSend({ saving }: OpenDocument): Saving {
  return saving === 'saving' ? 'saving' : 'waiting';
}

export function sameJson(a: unknown, b: unknown): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}

export const draftsReducer = slice.reducer;
export const {
  opened,
  stepsRestored,
  edited,
  undone,
  redone,
  editEnded,
  saveStarted,
  acknowledged,
  unreachable,
  refused,
  rebased,
  conflicted,
  conflictSettled,
  replaced,
  closed,
} = slice.actions;

/** The part of the store that holds the documents open for editing. */
interface WithDrafts {
  readonly drafts: Drafts;
}

/** A document open for editing, by its name. */
export const selectOpenDocument =
  (name: string) =>
  ({ drafts }: WithDrafts): OpenDocument | undefined =>
    drafts[name];
