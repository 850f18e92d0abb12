/** The arrows of the architecture as rules: a broken one fails the build. */
const STATIONS = [
  'brief',
  'ground',
  'shots',
  'signal',
  'stream',
  'runs',
  'power',
  'racks',
  'pack',
  'hands',
  'day',
];

/** A station may look back along the strap, never forward. */
const stationRules = STATIONS.slice(0, -1).map((name, i) => ({
  name: `station-${name}-looks-back-only`,
  severity: 'error',
  from: { path: `^core/src/stations/${name}/` },
  to: { path: `^core/src/stations/(${STATIONS.slice(i + 1).join('|')})/` },
}));

/** The page from above to below: what stands in one row looks at rows below it only. */
const WEB_ROWS = [
  ['app'],
  ['doors'],
  ['stations'],
  ['bench'],
  ['ledger'],
  ['ui', 'exchange', 'workers'],
  ['offline'],
  ['store'],
  ['api'],
];
const webRules = WEB_ROWS.slice(1).map((row, i) => ({
  name: `web-${row.join('-and-')}-looks-down-only`,
  severity: 'error',
  from: { path: `^web/src/(${row.join('|')})/` },
  to: {
    path: `^web/src/(${WEB_ROWS.slice(0, i + 1)
      .flat()
      .join('|')})/`,
  },
}));

module.exports = {
  forbidden: [
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'core-stands-alone',
      comment: 'no Node, no DOM, no framework in the core; documents use class-validator only',
      severity: 'error',
      from: { path: '^core/src' },
      to: { dependencyTypes: ['core', 'npm'], pathNot: 'node_modules/class-validator(-jsonschema)?/' },
    },
    {
      name: 'foundations-below-everything',
      severity: 'error',
      from: { path: '^core/src/foundations' },
      to: {
        path: '^core/src/(documents|drafting|exchange|moving|plan-picture|stations|survey|sheets|demo|assess|review|fixes)',
      },
    },
    {
      name: 'documents-only-as-types',
      comment: 'stations and sheets know the shape of documents, never their validation',
      severity: 'error',
      from: {
        path: '^core/src/(drafting|exchange|moving|plan-picture|stations|survey|sheets|assess|review|fixes|report|seen)',
      },
      to: { path: '^core/src/documents', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'stations-below-screens',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: '^(server|web|cli|e2e|bench)/' },
    },
    ...stationRules,
    ...webRules,
    {
      name: 'web-apart-from-server',
      severity: 'error',
      from: { path: '^web/' },
      to: { path: '^(server|cli)/' },
    },
    {
      name: 'server-apart-from-web',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^(web|cli)/' },
    },
    {
      name: 'web-without-validation',
      comment: 'whole-document validation is for saving and importing, not for the page',
      severity: 'error',
      from: { path: '^web/' },
      to: { path: '^core/(dist|src)/documents', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'database-in-one-place',
      severity: 'error',
      from: { path: '^server/src/features', pathNot: '^server/src/features/(organisations|live)/' },
      to: { path: 'node_modules/(pg|umzug)/' },
    },
  ],
  options: {
    doNotFollow: { path: ['node_modules', 'dist'] },
    exclude: { path: ['\\.css$', '/dist/'] },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'types', 'default'] },
  },
};
