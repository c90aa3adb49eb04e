// The floors of the house: docs/architecture.md. Each folder may import only those below it.
const coreFloors = [
  'format',
  'figure',
  'measure',
  'geometry',
  'metal',
  'account',
  'stock',
  'blank',
  'studio',
  'work',
  'piece',
  'cost',
  'price',
  'cut',
  'batch',
  'bench',
  'plan',
  'ask',
  'import',
  'made',
];
const webFloors = ['workers', 'state', 'words', 'hooks', 'components', 'screens', 'shell'];
const tests = '\\.test\\.ts$';

/** Rules that keep each folder from importing those above it. */
function floors(name, parent, folders) {
  return folders.slice(0, -1).map((folder, index) => ({
    name: `${name}-${folder}-imports-downward`,
    severity: 'error',
    from: { path: `^${parent}/${folder}/`, pathNot: tests },
    to: { path: `^${parent}/(${folders.slice(index + 1).join('|')})/` },
  }));
}

export default {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-imports-zod-and-core-only',
      severity: 'error',
      from: { path: '^core/', pathNot: [tests, '^core/(ask|import|geometry)/', '^core/format/csv', '/fixtures/'] },
      to: { pathNot: ['^core/', '^node_modules/zod/'] },
    },
    {
      name: 'core-csv-has-its-package',
      severity: 'error',
      from: { path: '^core/format/csv', pathNot: tests },
      to: { pathNot: ['^core/', '^node_modules/papaparse/'] },
    },
    {
      name: 'core-ask-has-a-parser',
      severity: 'error',
      from: { path: '^core/ask/', pathNot: tests },
      to: { pathNot: ['^core/', '^node_modules/(zod|chevrotain|fastest-levenshtein)/'] },
    },
    {
      name: 'core-import-has-its-packages',
      severity: 'error',
      from: { path: '^core/import/', pathNot: tests },
      to: { pathNot: ['^core/', '^node_modules/(papaparse|fastest-levenshtein)/'] },
    },
    {
      name: 'core-geometry-has-polygon-packages',
      severity: 'error',
      from: { path: '^core/geometry/', pathNot: [tests, '/fixtures/'] },
      to: { pathNot: ['^core/', '^node_modules/(zod|earcut|polyclip-ts)/'] },
    },
    ...floors('core', 'core', coreFloors),
    ...floors('price', 'core/price', ['methods', 'piece', 'book', 'fair', 'quote']),
    ...floors('plan', 'core/plan', ['model', 'solve', 'studio']),
    {
      name: 'cut-bars-and-sheets-are-apart',
      severity: 'error',
      from: { path: '^core/cut/(bars|sheets)/', pathNot: tests },
      to: { path: '^core/cut/(bars|sheets)/', pathNot: '^core/cut/$1/' },
    },
    {
      name: 'core-folders-are-named',
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
          '^(node:)?(child_process|readline|url|fs|module|os|worker_threads)$',
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
      name: 'server-store-knows-no-service',
      severity: 'error',
      from: { path: '^server/store/', pathNot: tests },
      to: { path: '^server/(services|routes|documents|command|demo)/' },
    },
    {
      name: 'server-services-know-no-route',
      severity: 'error',
      from: { path: '^server/services/', pathNot: tests },
      to: { path: '^server/(routes|command|demo)/' },
    },
    {
      name: 'web-knows-no-server',
      severity: 'error',
      from: { path: '^web/' },
      to: { path: ['^server/', '^e2e/', '^node_modules/(fastify|@fastify|better-sqlite3)'] },
    },
    { name: 'web-runs-without-node', severity: 'error', from: { path: '^web/' }, to: { dependencyTypes: ['core'] } },
    ...floors('web', 'web', webFloors),
    {
      name: 'a-screen-imports-no-other-screen',
      severity: 'error',
      from: { path: '^web/screens/([^/]+)/' },
      to: { path: '^web/screens/', pathNot: '^web/screens/$1/' },
    },
    {
      name: 'web-state-knows-no-interface',
      severity: 'error',
      from: { path: '^web/(state|words|workers)/', pathNot: tests },
      to: { path: '\\.tsx$' },
    },
    {
      name: 'nothing-undeclared',
      severity: 'error',
      from: {},
      // WASM files are imported by their address.
      to: {
        dependencyTypes: ['npm-no-pkg', 'npm-unknown', 'unknown'],
        pathNot: '^(highs/runtime|zxing-wasm/reader/zxing_reader.wasm)\\?url$',
      },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'types', 'default', 'node'] },
  },
};
