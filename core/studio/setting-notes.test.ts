// Every setting of money has its note, and a tenth more of it can be shown.
import { expect, it } from 'vitest';
import { settingNoteOf, settingNotes } from './setting-notes.ts';
import { studioSchema } from './studio.ts';
import { aTenthMore } from './tenth-more.ts';

it('notes stand for settings of the studio only, in whole sentences', () => {
  const keys = Object.keys(studioSchema.shape);
  for (const [key, { does, usual, source }] of Object.entries(settingNotes)) {
    expect(keys).toContain(key);
    expect(does).toMatch(/^[A-Z].*\.$/);
    expect(usual).toMatch(/\.$/);
    expect(source).not.toBe('');
  }
  expect(settingNoteOf('name')).toBeNull();
  expect(settingNoteOf('hourlyRate')).toBe(settingNotes.hourlyRate);
});

it.each([
  ['26', '28.6'],
  ['30 %', '33 %'],
  ['2.2', '2.42'],
  ['0', null],
  ['', null],
  ['18, 30, 42', null],
  ['40 / 8', null],
])('a tenth more than “%s” is %s', (text, more) => expect(aTenthMore(text)).toBe(more));
