import { expect, test } from 'vitest';
import type { DocumentOf } from '../../contract/document.ts';
import {
  acknowledged,
  closed,
  conflicted,
  conflictSettled,
  draftsReducer,
  edited,
  editEnded,
  opened,
  redone,
  refused,
  replaced,
  saveStarted,
  undone,
  unreachable,
} from './drafts.ts';

// Bodies are objects, as documents are: the reducer must tell this one from one that only looks like it.
const bodies: Record<string, object> = {};
const body = (text: string) => (bodies[text] ??= { text });

const key = { kind: 'piece', id: '1' } as const;
const name = 'piece/1';
const stored = (kept: object, version = 1): DocumentOf<unknown> => ({
  id: '1',
  version,
  revision: 0,
  isDraft: true,
  body: kept,
  accepted: null,
  priced: null,
  updatedAt: '',
  archivedAt: null,
  writer: null,
});
const type = (typed: object, edit = '') => edited({ name, body: typed, edit });

function after(...actions: Parameters<typeof draftsReducer>[1][]) {
  const drafts = [opened({ key, stored: stored(body('a')) }), ...actions].reduce<ReturnType<typeof draftsReducer>>(
    draftsReducer,
    {},
  );
  const open = drafts[name];
  if (!open) throw new Error('It is not open.');
  return open;
}

test('a draft is unsaved until the ledger acknowledges what is typed now', () => {
  expect(after().saving).toBe('saved');
  expect(after(type(body('b'))).saving).toBe('waiting');
  expect(after(type(body('b')), acknowledged({ name, stored: stored(body('b'), 2), sent: body('b') })).saving).toBe(
    'saved',
  );
  const behind = after(
    type(body('b')),
    type(body('c')),
    acknowledged({ name, stored: stored(body('b'), 2), sent: body('b') }),
  );
  expect(behind).toMatchObject({ saving: 'waiting', body: body('c'), stored: { version: 2 } });
});

test('undo and redo pass every step, and typing ends redo', () => {
  const undo = undone({ name });
  const redo = redone({ name });
  expect(after(type(body('b')), type(body('c')), undo).body).toBe(body('b'));
  expect(after(type(body('b')), type(body('c')), undo, undo).body).toBe(body('a'));
  expect(after(type(body('b')), undo, undo, undo).body).toBe(body('a'));
  expect(after(type(body('b')), type(body('c')), undo, undo, redo, redo, redo).body).toBe(body('c'));
  expect(after(type(body('b')), undo, type(body('d')), redo).body).toBe(body('d'));
});

test('typing in one field is one undo step until the field is left', () => {
  expect(after(type(body('b'), 'count'), type(body('bc'), 'count'), undone({ name })).body).toBe(body('a'));
  expect(after(type(body('b'), 'count'), editEnded({ name }), type(body('bc'), 'count'), undone({ name })).body).toBe(
    body('b'),
  );
});

test('a draft that an earlier page could not send is restored and sent', () => {
  const open = after(opened({ key, stored: stored(body('a')), unsaved: body('z') }), undone({ name }));
  expect(open).toMatchObject({ body: body('a'), saving: 'waiting' });
});

test('either of two versions can be chosen, and undo brings mine back after theirs', () => {
  const theirs = conflicted({ name, current: stored(body('theirs'), 5) });
  expect(after(type(body('mine')), theirs)).toMatchObject({ body: body('mine'), conflict: { body: body('theirs') } });
  expect(after(type(body('mine')), theirs, conflictSettled({ name, body: body('mine') }))).toMatchObject({
    body: body('mine'),
    saving: 'waiting',
    stored: { version: 5 },
    conflict: null,
  });
  const taken = after(type(body('mine')), theirs, conflictSettled({ name, body: body('theirs') }));
  expect(taken).toMatchObject({ body: body('theirs'), saving: 'saved', conflict: null });
  expect(
    after(type(body('mine')), theirs, conflictSettled({ name, body: body('theirs') }), undone({ name })).body,
  ).toBe(body('mine'));
});

test('the return to the accepted revision can be undone', () => {
  expect(after(type(body('b')), replaced({ name, stored: stored(body('a'), 3) }), undone({ name })).body).toBe(
    body('b'),
  );
});

test('a refusal or a silent server keeps what is typed', () => {
  expect(after(type(body('b')), refused({ name, refusal: 'Too long.' }))).toMatchObject({
    body: body('b'),
    refusal: 'Too long.',
  });
  expect(after(type(body('b')), unreachable({ name }))).toMatchObject({ body: body('b'), saving: 'unreachable' });
});

test('an unopened document is not changed, and a closed one is gone', () => {
  expect(draftsReducer({}, type(body('b')))).toEqual({});
  expect(draftsReducer({ [name]: after() }, closed({ name }))).toEqual({});
});

test('typing during a write does not start another write', () => {
  const writing = after(type(body('b')), saveStarted({ name }), type(body('c')), undone({ name }));
  expect(writing).toMatchObject({ saving: 'saving', body: body('b') });
  const back = after(
    type(body('b')),
    saveStarted({ name }),
    type(body('c')),
    acknowledged({ name, stored: stored(body('b'), 2), sent: body('b') }),
  );
  expect(back.saving).toBe('waiting');
});
