// The finder lists what the ledger holds, every screen, every section of the settings, help and actions.
import { expect, test } from 'vitest';
import type { QuoteDocument } from '../../contract/quotes.ts';
import { emptyPiece } from '../../core/piece/piece.ts';
import { emptyQuote } from '../../core/price/quote/quote.ts';
import { helpPages } from '../help/help-pages.ts';
import { studioPlaces } from '../screens/studio/studio-places.ts';
import { finderItems, type FinderSource } from './finder-items.ts';

const nothing: FinderSource = { pieces: [], batches: [], quotes: [], fairs: [], lots: [], alloys: new Map() };

test('an empty ledger still has screens, settings, help and actions, each address once', () => {
  const items = finderItems(nothing);
  const addresses = items.map(({ to }) => to);
  for (const { page, sections } of studioPlaces)
    for (const [id] of sections) expect(addresses).toContain(`/studio/${page}#${id}`);
  for (const { page } of helpPages) expect(addresses).toContain(`/help/${page}`);
  expect(addresses).toEqual(expect.arrayContaining(['/pieces', '/import', '/attention', 'do:newPiece']));
  expect(items.filter(({ name }) => name.trim() === '')).toEqual([]);
});

test('pieces come with their tags, quotes with their customers', () => {
  const piece = { id: 'p1', body: { ...emptyPiece, name: '', tags: ['storm'], collection: 'Weather' } };
  const quote = { id: 'q1', body: { ...emptyQuote, customer: 'The Chandlery' } } as QuoteDocument;
  const items = finderItems({ ...nothing, pieces: [piece as never], quotes: [quote] });
  expect(items[0]).toMatchObject({ to: '/pieces/p1', name: 'Unnamed piece' });
  expect(items[0]?.more).toContain('storm');
  expect(items.find(({ name, kind }) => name === 'The Chandlery' && kind === 'customer')?.to).toBe('/quotes/q1');
});
