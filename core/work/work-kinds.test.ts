// The list of kinds of work is complete, and each kind can be read in every field.
import { readdirSync } from 'node:fs';
import { expect, test } from 'vitest';
import { readCount, readMinutes, readShare } from '../measure/read/read-number.ts';
import { cautionsOf } from './cautions.ts';
import type { WorkKind } from './work-kind.ts';
import { workKindOf, workKinds, workNamed } from './work-kinds.ts';

const kinds: readonly WorkKind[] = workKinds;

test('every file is a kind, and every kind has its file', () => {
  const files = readdirSync('core/work/kinds').map((file) => file.replace('.ts', ''));
  expect(files.sort()).toEqual(kinds.map(({ kind }) => kind).sort());
});

test.each(kinds)('$kind can be read in every field', ({ kind, start, again, lost, needs, brings, cautions, on }) => {
  for (const text of [start.setUp, start.each, start.unattended ?? ''])
    if (text) expect(readMinutes(text).ok).toBe(true);
  if (start.load) expect(readCount(start.load).ok).toBe(true);
  for (const share of [again, lost]) if (share) expect(readShare(share, 'share')).toMatchObject({ ok: true });
  for (const other of [...needs, ...brings]) expect(kinds.map((each) => each.kind)).toContain(other);
  expect(cautionsOf(cautions)).toHaveLength(cautions.length);
  expect(on.length).toBeGreaterThan(0);
  expect(workKindOf(kind as Parameters<typeof workKindOf>[0]).kind).toBe(kind);
});

test('hot work has its cautions, and acid and alcohol theirs', () => {
  for (const { heat, cautions } of kinds) if (heat) expect(cautions).toContain('torch');
  expect(workKindOf(workNamed('Dip in boric acid and alcohol')).cautions).toEqual(['alcohol']);
  expect(workKindOf(workNamed('Pickle')).cautions).toContain('acid');
});
