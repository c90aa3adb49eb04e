import { expect, test } from 'vitest';
import { isWanted, shelvesOf } from './book-order.ts';
import { pieceOf, straightBlank, wire } from './fixtures/check.ts';

const all = { words: '', tag: '', collection: '' };
const pin = pieceOf({
  name: 'Gull pin',
  tags: ['pin'],
  collection: 'Harbour',
  parts: [{ id: 'Stick', alloy: 'copper-c110', section: wire(), blank: straightBlank }],
});
const ring = pieceOf({ name: 'Tide ring', tags: ['ring', 'silver'], note: 'for the market' });

test('all searched words must be in names, notes, tags, parts or metals', () => {
  const found = (words: string) =>
    [pin, ring].filter((piece) => isWanted(piece, { ...all, words })).map(({ name }) => name);
  expect(found('')).toEqual(['Gull pin', 'Tide ring']);
  expect(found('GULL')).toEqual(['Gull pin']);
  expect(found('copper stick')).toEqual(['Gull pin']);
  expect(found('market')).toEqual(['Tide ring']);
  expect(found('tide copper')).toEqual([]);
});

test('a tag and a collection filter the list', () => {
  expect(isWanted(pin, { ...all, tag: 'pin' })).toBe(true);
  expect(isWanted(pin, { ...all, tag: 'ring' })).toBe(false);
  expect(isWanted(ring, { ...all, collection: 'Harbour' })).toBe(false);
});

test('collections are those in use', () => {
  expect(shelvesOf([pin, ring])).toEqual({ tags: ['pin', 'ring', 'silver'], collections: ['Harbour'] });
});
