// The house's floors: each may import only those below it. Core is pure: no interface, no server, no Node.
const coreFloors = [
  'figure',
  'measure',
  'metal',
  'stock',
  'blank',
  'studio',
  'piece',
  'cost',
  'price',
  'cut',
  'batch',
  'plan',
  'ask',
];
const tests = '\\.test\\.ts$';

export default {
  forbidden: [
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'core-imports-zod-and-core-only',
      severity: 'error',
      from: { path: '^core/', pathNot: [tests, '^core/ask/', '^core/cut/', '/fixtures/'] },
      to: { pathNot: ['^core/', '^node_modules/zod/'] },
    },
    {
      name: 'core-ask-has-a-parser',
      severity: 'error',
      from: { path: '^core/ask/', pathNot: tests },
      to: { pathNot: ['^core/', '^node_modules/(zod|chevrotain|fastest-levenshtein)/'] },
    },
    {
      name: 'core-cut-has-polygons',
      severity: 'error',
      from: { path: '^core/cut/', pathNot: [tests, '/fixtures/'] },
      to: { pathNot: ['^core/', '^node_modules/(zod|earcut|polyclip-ts)/'] },
    },
    ...coreFloors.slice(0, -1).map((floor, index) => ({
      name: `core-${floor}-imports-downward`,
      severity: 'error',
      from: { path: `^core/${floor}/`, pathNot: tests },
      to: { path: `^core/(${coreFloors.slice(index + 1).join('|')})/` },
    })),
    {
      name: 'core-floors-are-named',
      severity: 'error',
      from: {},
      to: { path: '^core/', pathNot: `^core/(${coreFloors.join('|')})/` },
    },
    {
      name: 'solver-imports-core-and-solvers-only',
      severity: 'error',
      from: { path: '^solver/', pathNot: tests },
      to: {
        pathNot: [
          '^solver/',
          '^core/',
          '^node_modules/(highs|minizinc)/',
          '^(node:)?(child_process|readline|url|fs|module)$',
        ],
      },
    },
    {
      name: 'contract-imports-core-only',
      severity: 'error',
      from: { path: '^contract/', pathNot: tests },
      to: { pathNot: ['^contract/', '^core/', '^node_modules/zod/'] },
    },
    {
      name: 'server-knows-no-web',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: ['^web/', '^e2e/', '^node_modules/react'] },
    },
    {
      name: 'web-knows-no-server',
      severity: 'error',
      from: { path: '^web/' },
      to: { path: ['^server/', '^e2e/', '^node_modules/(fastify|@fastify|better-sqlite3)'] },
    },
    { name: 'web-runs-without-node', severity: 'error', from: { path: '^web/' }, to: { dependencyTypes: ['core'] } },
    {
      name: 'nothing-undeclared',
      severity: 'error',
      from: {},
      // The solver's file is asked for by its address.
      to: { dependencyTypes: ['npm-no-pkg', 'npm-unknown', 'unknown'], pathNot: '^highs/runtime\\?url$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'types', 'default', 'node'] },
  },
};
