/** The walls of the house: imports run downward, and nothing runs in a circle. */
const core = '^src/core/';
module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'foundations-import-nothing-of-ours',
      severity: 'error',
      from: { path: '^src/core/(units|numerics|time)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/', pathNot: '^src/core/(units|numerics|time)/' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: core, pathNot: '\\.(test|bench)\\.ts$' },
      to: {
        path: '(^src/(ui|app|data|usecases|workers|words|formats|standins|demo)/|node_modules/(react|next|zod|@mui|better-sqlite3)|^(fs|path|http|crypto|child_process)$)',
        dependencyTypesNot: ['type-only'],
      },
    },
    {
      name: 'model-stands-alone',
      severity: 'error',
      from: { path: '^src/model/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/', pathNot: '^src/model/' },
    },
    {
      name: 'only-plan-sees-the-schedule',
      severity: 'error',
      from: { path: '^src/core/(surface|coating|prep|air|drying|material)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/core/(schedule/|plan\\.ts)' },
    },
    {
      name: 'words-and-standins-and-formats-see-core-and-model',
      severity: 'error',
      from: { path: '^src/(words|standins|formats)/', pathNot: '\\.test\\.ts$' },
      to: { path: '(^src/(ui|app|data|usecases|workers|demo)/|node_modules/react)' },
    },
    {
      name: 'usecases-do-not-see-the-screen-or-the-database',
      severity: 'error',
      from: { path: '^src/usecases/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/(ui|app|data)/' },
    },
    {
      name: 'ui-does-not-see-the-server',
      severity: 'error',
      from: { path: '^src/ui/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/(app|data|usecases|demo)/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'app-has-no-sql',
      severity: 'error',
      from: { path: '^src/app/' },
      to: { path: 'node_modules/better-sqlite3' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.js', '.mjs'],
    },
  },
};
