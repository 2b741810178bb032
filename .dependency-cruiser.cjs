/**
 * The core's folders, lowest first: a folder imports from those before it and from none after it, so that there is no
 * circle of folders either. docs/architecture.md says what each holds.
 */
const coreFolders = [
  'statistics',
  'taste',
  'amounts',
  'picture',
  'larder',
  'mix',
  'design',
  'readings',
  'prepare',
  'lines',
  'safety',
  'kitchen',
  'dip',
  'practice',
  'proposal',
  'landing',
  'ways',
  'advise',
  'swap',
  'batch',
  'day',
  'book',
  'find',
  'carry',
  'api',
];

const noArrowUp = coreFolders.slice(0, -1).map((folder, i) => ({
  name: `core-${folder}-imports-nothing-above-it`,
  severity: 'error',
  from: { path: `^core/src/${folder}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^core/src/(${coreFolders.slice(i + 1).join('|')})/` },
}));

/** Arrows point one way: core ← store ← rooms ← app. */
module.exports = {
  forbidden: [
    ...noArrowUp,
    {
      name: 'every-core-folder-has-its-place',
      severity: 'error',
      from: { path: '^core/src/' },
      to: { path: '^core/src/', pathNot: `^core/src/(${coreFolders.join('|')})/` },
    },
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
      name: 'components-know-no-rooms',
      severity: 'error',
      from: { path: '^web/src/(components|store|theme|workers)' },
      to: { path: '^web/src/(rooms|app)' },
    },
    {
      name: 'store-knows-no-interface',
      severity: 'error',
      from: { path: '^web/src/store' },
      to: {
        path: '^web/src/(components|rooms|app)|node_modules/(@mui|next/dist/client/components)',
      },
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
      // 50 kB more before the first row shows: what reads a file is fetched when there is a file
      name: 'schemas-stay-out-of-the-first-load',
      severity: 'error',
      from: {
        path: '^(core|web)/src/',
        pathNot:
          '\\.test\\.tsx?$|^core/src/api/|^core/src/(larder|readings|design)/\\w+Schema|^core/src/book/(tables|recordSchemas|rowSchemas|ruleSchema|batchSchemas|thingSchema|tastingSchema|designSchema|practiceSchema|ladderSchema|lineageSchema|photoSchema|courseSchema|readBookFile|recordFault|realTimes|parseJson)|^core/src/carry/(tableIn/|readTable)|^web/src/rooms/book/TableIn|^web/src/store/readBookHere|^web/src/workers/bookFile\\.worker|^web/src/server/',
      },
      to: {
        path: '^web/src/store/readBookHere\\.ts$|^core/src/(book/(tables|recordSchemas|rowSchemas|ruleSchema|batchSchemas|thingSchema|tastingSchema|designSchema|practiceSchema|ladderSchema|lineageSchema|photoSchema|courseSchema|readBookFile|recordFault|realTimes|parseJson)|carry/(tableIn/\\w+|readTable)|(larder|readings|design)/\\w+Schema)\\.ts$|node_modules/joi',
        dependencyTypesNot: ['dynamic-import', 'type-only'],
      },
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
