import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { z } from 'zod';
import { Documents } from './documents.ts';
import { type Ledger, openLedger } from './ledger.ts';
import { ChangedMeanwhile, NotThere } from './refusals.ts';

const noteSchema = z.object({ text: z.string() });

let dir: string;
let laptop: Ledger;
let tablet: Ledger;
const notes = (ledger: Ledger) => new Documents(ledger, 'piece', noteSchema, () => '2026-03-02T12:00:00.000Z');

// Two connections to one file, as two processes have.
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'noon-'));
  laptop = openLedger(join(dir, 'ledger.sqlite'), 'server/migrations', 'own');
  tablet = openLedger(join(dir, 'ledger.sqlite'), 'server/migrations', 'own');
});
afterEach(() => {
  laptop.close();
  tablet.close();
  rmSync(dir, { recursive: true });
});

test('a write that one connection acknowledged is visible to the other', () => {
  const { id } = notes(laptop).add({ text: 'a' });
  expect(notes(tablet).get(id).body).toEqual({ text: 'a' });
});

test('of two writes on one version the second is refused with the first, on either connection', () => {
  const { id } = notes(laptop).add({ text: 'a' });
  notes(tablet).saveDraft(id, 1, { text: 'tablet' });
  try {
    notes(laptop).saveDraft(id, 1, { text: 'laptop' });
    expect.unreachable('a stale write was taken');
  } catch (error) {
    expect(error).toBeInstanceOf(ChangedMeanwhile);
    expect((error as ChangedMeanwhile).current).toMatchObject({ version: 2, body: { text: 'tablet' } });
  }
  expect(notes(laptop).get(id).body).toEqual({ text: 'tablet' });
});

test('every accepted revision stays readable unchanged', () => {
  const book = notes(laptop);
  const { id } = book.add({ text: '1' });
  for (let revision = 1; revision <= 4; revision += 1) {
    const accepted = book.accept(id, book.get(id).version, () => null);
    expect(accepted.revision).toBe(revision);
    book.saveDraft(id, accepted.version, { text: String(revision + 1) });
  }
  expect([1, 2, 3, 4].map((revision) => book.revision(id, revision).text)).toEqual(['1', '2', '3', '4']);
  expect(() => book.revision(id, 5)).toThrow(NotThere);
});

test('accepting without a draft makes no revision', () => {
  const book = notes(laptop);
  const { id } = book.add({ text: 'a' });
  const accepted = book.accept(id, 1, () => null);
  expect(book.accept(id, accepted.version, () => null)).toEqual(accepted);
});

test('a revision that cannot be priced is not accepted, and its draft stays', () => {
  const book = notes(laptop);
  const { id } = book.add({ text: 'a' });
  const refuse = () => {
    throw new Error('not yet');
  };
  expect(() => book.accept(id, 1, refuse)).toThrow('not yet');
  expect(book.get(id)).toMatchObject({ version: 1, revision: 0, isDraft: true });
});

test('a document of one kind is not found under another', () => {
  const { id } = notes(laptop).add({ text: 'a' });
  const batches = new Documents(laptop, 'batch', noteSchema, () => '');
  expect(() => batches.get(id)).toThrow(NotThere);
  expect(batches.list()).toEqual([]);
});

test('a list that was read in a transaction that is undone leaves nothing behind', () => {
  const store = notes(laptop);
  const { id } = store.add({ text: 'a' });
  const lists = () => store.list().map(({ body }) => body.text);
  expect(lists()).toEqual(['a']);
  const undone = laptop.transaction(() => {
    store.saveDraft(id, 1, { text: 'undone' });
    expect(lists()).toEqual(['undone']);
    throw new Error('undone');
  });
  expect(undone).toThrow('undone');
  // The same version again, with another body.
  store.saveDraft(id, 1, { text: 'kept' });
  expect(lists()).toEqual(['kept']);
});

test('a list keeps the objects of what has not changed', () => {
  const store = notes(laptop);
  const [a, b] = [store.add({ text: 'a' }), store.add({ text: 'b' })];
  const before = store.list();
  store.saveDraft(a.id, 1, { text: 'changed' });
  const after = store.list();
  expect(after.find(({ id }) => id === b.id)).toBe(before.find(({ id }) => id === b.id));
  expect(after.find(({ id }) => id === a.id)?.body.text).toBe('changed');
});
