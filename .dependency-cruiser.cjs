/** The floors of the server, from the lowest: each knows only itself and those before it. */
const FLOORS = ['ground', 'tables', 'deeds', 'views', 'http', 'useCases'];
const floors = FLOORS.slice(0, 4).map((floor, index) => ({
  name: `${floor}-know-no-higher-floor`,
  severity: 'error',
  from: { path: `^src/server/${floor}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^src/server/(${FLOORS.slice(index + 1).join('|')})` },
}));

/**
 * The arrows of the house: app → components → contract → core, app → server → contract → core, workers → core. The server has
 * floors: what everything stands on ← tables ← deeds ← views ← what answers requests.
 */
module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^src/core', pathNot: '\\.test\\.ts$' },
      to: { path: '^(src/(contract|server|app|components|workers|commands|launch|messages)|demo|tests)' },
    },
    {
      name: 'core-uses-small-pure-libraries',
      severity: 'error',
      from: { path: '^src/core', pathNot: '\\.test\\.ts$' },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'core'],
        pathNot:
          'node_modules/(prosemirror-model|parse5|entities|big\\.js|micromark|micromark-extension-gfm-[a-z-]+|yaml|papaparse|@types/papaparse|diff|syllable|@date-fns/tz|orderedmap|libphonenumber-js|@types/big\\.js)',
      },
    },
    {
      name: 'the-contract-is-pure',
      severity: 'error',
      from: { path: '^src/contract' },
      to: { path: '^src/', pathNot: '^src/(contract|core)/' },
    },
    {
      name: 'components-never-reach-the-server',
      severity: 'error',
      from: { path: '^src/components', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^(src/(server|app|launch|commands)|demo|tests)' },
    },
    {
      name: 'server-knows-no-interface',
      severity: 'error',
      from: { path: '^src/server' },
      to: { path: '^(src/(app|components|launch|commands)|demo)' },
    },
    ...floors,
    {
      name: 'only-the-database-folder-opens-connections',
      severity: 'error',
      from: { path: '^src', pathNot: '^src/(server/ground/database|launch)' },
      to: { path: 'node_modules/mysql2' },
    },
    {
      name: 'nothing-reaches-into-tests',
      severity: 'error',
      from: { path: '^(src|demo)', pathNot: ['\\.test\\.ts$', '^src/launch/bench\\.ts$'] },
      to: { path: '^tests' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
