/** Imports run one way; the picture is in docs/architecture.md. */
const room = (name) => `^src/${name}(/|\\.ts$)`;
const only = (name, from, allowed) => ({
  name,
  severity: 'error',
  from: { path: from, pathNot: '\\.test\\.tsx?$' },
  to: {
    path: '^(src|server|cli|e2e|scripts)/',
    pathNot: [from, ...allowed.map(room)],
  },
});

module.exports = {
  forbidden: [
    only('core-imports-only-itself', '^src/core/', []),
    only('words-import-core', '^src/words/', ['core']),
    only('ui-knows-no-feature', '^src/ui/', ['core', 'words']),
    // What a stored job is, and what its plan is when it is open, must be the same in a list.
    only('workers-import-core', '^src/workers/', [
      'core',
      'data/records',
      'data/draft/planDraft',
      'data/workshop',
    ]),
    only('data-below-features', '^src/data/', ['core', 'words']),
    only('app-opens-places', '^src/app/', ['places', 'features', 'ui', 'data', 'words', 'core']),
    only('places-features', '^src/places/', ['features', 'ui', 'data', 'words', 'core']),
    only('server-imports-core', '^server/', ['core', 'words']),
    {
      name: 'cli-imports-core',
      severity: 'error',
      from: { path: '^cli/' },
      to: {
        path: '^(src|server|e2e)/',
        pathNot: ['^src/core/', '^src/words/', '^src/testing/campaign'],
      },
    },
    {
      name: 'core-uses-small-pure-libraries',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.ts$' },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'core'],
        pathNot:
          'node_modules/(yup|flatbush|flatqueue|fflate|saxes|svgpath|dxf-parser|temporal-polyfill|ml-levenberg-marquardt|ml-matrix|d3-polygon|d3-hierarchy)/',
      },
    },
    {
      name: 'feature-does-not-import-feature',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/', pathNot: '^src/features/$1/' },
    },
    {
      name: 'features-below-app',
      severity: 'error',
      from: { path: '^src/features/' },
      to: { path: '^(src/app|src/places|server|cli|e2e|scripts)/' },
    },
    { name: 'nothing-imports-app', severity: 'error', from: {}, to: { path: '^src/app/' } },
    {
      name: 'nothing-that-ships-imports-tests',
      severity: 'error',
      from: {
        path: '^(src|server|cli)/',
        pathNot: ['^src/testing/', '^cli/bench/', '\\.test\\.tsx?$'],
      },
      to: { path: '^src/testing/|\\.test\\.tsx?$' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-unresolvable',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|\\.expo|node_modules/\\.cache)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.cjs', '.json'],
    },
  },
};
