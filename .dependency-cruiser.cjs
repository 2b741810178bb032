/** Arrows point one way: core ← store ← rooms ← app. */
module.exports = {
  forbidden: [
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'core-imports-nothing-of-the-rest',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test\\.ts$' },
      to: { path: '^(web|cli|samples|scripts|e2e)/' },
    },
    {
      name: 'core-has-no-interface-and-no-io',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test\\.ts$' },
      to: { path: '(^|/)(react|react-dom|next|@mui|idb|d3-[a-z]+|node:.*|fs|path)(/|$)' },
    },
    {
      name: 'parts-know-no-rooms',
      severity: 'error',
      from: { path: '^web/src/(parts|store|theme|workers)' },
      to: { path: '^web/src/(rooms|app)' },
    },
    {
      name: 'store-knows-no-interface',
      severity: 'error',
      from: { path: '^web/src/store' },
      to: { path: '^web/src/(parts|rooms|app)|node_modules/(@mui|next/dist/client/components)' },
    },
    {
      name: 'rooms-do-not-import-one-another',
      severity: 'error',
      from: { path: '^web/src/rooms/([^/]+)/' },
      to: { path: '^web/src/rooms/([^/]+)/', pathNot: '^web/src/rooms/$1/' },
    },
    {
      name: 'samples-and-cli-stand-on-core-alone',
      severity: 'error',
      from: { path: '^(samples|cli)/src', pathNot: '\\.test\\.ts$' },
      to: { path: '^(web|e2e|scripts)/' },
    },
    {
      name: 'nothing-unresolved',
      severity: 'error',
      from: { path: '^(core|web|cli|samples)/src' },
      to: { couldNotResolve: true },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.next|\\.cache' },
    tsConfig: { fileName: 'tsconfig.tools.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.mjs', '.js', '.cjs', '.json'],
    },
    tsPreCompilationDeps: true,
  },
};
