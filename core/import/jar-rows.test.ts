import { describe, expect, it } from 'vitest';
import { readJarRow } from './jar-rows.ts';

describe('rows of a list of jars', () => {
  const alloyOf = (text: string) => (text.toLowerCase().includes('sterling') ? 'silver-925' : null);
  const read = (metal: string, kind: string, grams: string) =>
    readJarRow(new Map(Object.entries({ metal, kind, grams })), { alloyOf });

  it.each([
    ['clean scrap', 'clean'],
    ['Soldered bits', 'soldered'],
    ['bench filings', 'filings'],
    ['polishing dust', 'filings'],
    ['unknown', 'mixed'],
    ['', 'clean'],
  ])('%j is the jar %s', (words, kind) => {
    expect(read('Sterling', words, '84.2').value).toEqual({ kind, alloy: 'silver-925', grams: '84.2' });
  });

  it('a row says why it cannot be read', () => {
    expect(read('Sterling', 'pretty', '84')).toMatchObject({ effect: 'bad', value: null });
    expect(read('Unobtainium', 'clean', '84').says).toContain('not in the book');
    expect(read('Sterling', 'clean', 'much').effect).toBe('bad');
    expect(read('Sterling', 'clean', '0').says).toBe('Nothing lies in this jar.');
  });
});
