// Finenesses in use: ISO 9202:2019 for gold, silver, platinum and palladium.
import { expect, it } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import { byFineness, byNumber, narrowed } from './fineness-words.ts';
import { LineError } from './grammar.ts';

it('a fineness beside the word of its metal names the alloy', () => {
  expect(byFineness(958, 'silver', undefined)?.ids).toEqual(['silver-958']);
  expect(byFineness(750, 'rose', undefined)?.karat).toBe(18);
  expect(byFineness(950, 'platinum', undefined)?.ids?.[0]).toBe('platinum-950-ru');
});

it('a number beside no metal, or one that is no fineness, names nothing', () => {
  expect(byFineness(925, 'wire', undefined)).toBeNull();
  expect(byFineness(120, 'silver', undefined)).toBeNull();
});

it('a fineness that the metal has not is reported with those that it has', () => {
  expect(() => byFineness(800, 'silver', undefined)).toThrow(LineError);
  expect(() => byFineness(900, 'platinum', undefined)).toThrow(/It has 950/);
  expect(() => byFineness(800, 'gold', undefined)).toThrow(/It has 375, 417/);
});

it('before one thing a fineness names its metal, before several it counts them', () => {
  expect(byFineness(925, 'a', 'ring')?.ids).toEqual(['silver-925']);
  expect(byFineness(750, undefined, 'pendant')?.karat).toBe(18);
  expect(byFineness(750, undefined, 'rings')).toBeNull();
});

it('a fineness of silver or gold is known without the metal', () => {
  expect(byNumber(925)?.ids).toEqual(['silver-925']);
  expect(byNumber(585)?.karat).toBe(14);
  expect(byNumber(600)).toBeNull();
});

it('an element narrows platinum to the alloy that holds it', () => {
  const book = alloysWith([]);
  const platinum = ['platinum-950-ru', 'platinum-950-ir', 'platinum-950-co'].flatMap((id) => book.get(id) ?? []);
  expect(narrowed(platinum, 'iridium')?.id).toBe('platinum-950-ir');
  expect(narrowed(platinum, 'germanium')).toBeNull();
  expect(narrowed(platinum, 'shiny')).toBeNull();
});
