// No key does two things at one place, and each is named as it is printed on a keyboard.
import { expect, test } from 'vitest';
import { type KeyId, keyInWords, keyTable } from './key-table.ts';

const ids = Object.keys(keyTable) as KeyId[];

test('no key is bound twice where both would hear it', () => {
  const taken = new Map<string, string[]>();
  for (const id of ids) {
    const { press, group } = keyTable[id];
    const place = group === 'inRows' || group === 'inFields' ? 'rows' : 'anywhere';
    for (const one of press) taken.set(`${place} ${one}`, [...(taken.get(`${place} ${one}`) ?? []), id]);
  }
  expect([...taken.values()].filter(({ length }) => length > 1)).toEqual([]);
});

test.each([
  ['find', 'Ctrl+K'],
  ['goPieces', 'G then P'],
  ['rowUp', 'Alt+↑'],
  ['rowInsert', 'Alt+I'],
  ['pickRow', 'Shift+Space'],
  ['foldUp', 'Esc'],
] as const)('%s is %s', (id, text) => expect(keyInWords(id)).toBe(text));

test('keys of one letter wait until no field has the focus', () => {
  for (const id of ids) {
    const key: { press: readonly string[]; whileTyping?: boolean } = keyTable[id];
    const types = key.press.some((one) => /^(?:Shift\+)?[a-z/?=]( |$)/.test(one));
    if (types) expect(key.whileTyping ?? false, id).toBe(false);
  }
});
