// Routes: every path is written once, and every parameter of a path has a schema.
import { expect, test } from 'vitest';
import { z } from 'zod';
import { allRoutes } from './all-routes.ts';
import { pathTo } from './route.ts';

test('no two routes share a method and a path', () => {
  const calls = allRoutes.map(({ method, path }) => `${method} ${path}`);
  expect(new Set(calls).size).toBe(calls.length);
  expect(calls.length).toBeGreaterThan(60);
});

test('the parameters of each path are those of its schema', () => {
  for (const { path, params } of allRoutes) {
    const names = [...path.matchAll(/:(\w+)/g)].map((match) => match[1]);
    const inSchema = params instanceof z.ZodObject ? Object.keys(params.shape) : [];
    expect(inSchema.sort(), path).toEqual(names.sort());
  }
});

test('path parameters are escaped for a URL', () => {
  expect(pathTo({ path: '/api/pieces/:id/revisions/:revision' }, { id: 'a/b', revision: 3 })).toBe(
    '/api/pieces/a%2Fb/revisions/3',
  );
});
