/**
 * The walls of the house: for every room, the rooms it may import from. What is not in its line is
 * forbidden, and nothing runs in a circle. A room followed by :type may be imported for its types.
 */
const ROOMS = {
  model: [],
  core: ['model'],
  words: ['core', 'model'],
  formats: ['core', 'model', 'words'],
  solver: ['core'],
  standins: ['core', 'model', 'usecases:type'],
  usecases: ['core', 'model'],
  workers: ['core', 'data', 'formats', 'model', 'solver', 'usecases'],
  data: ['core', 'formats', 'model', 'usecases:type'],
  demo: ['core', 'model', 'standins'],
  backtest: ['core', 'demo', 'model', 'standins'],
  ui: ['core', 'formats', 'model', 'usecases:type', 'words', 'workers'],
  app: ['core', 'data', 'demo', 'formats', 'model', 'standins', 'ui', 'usecases', 'words', 'workers'],
};

/** The floors of the core, lowest first; the front doors (plan.ts, ways.ts …) stand above all of them. */
const FLOORS = {
  units: [],
  numerics: [],
  time: [],
  records: [],
  chemistry: [],
  surface: [],
  seams: [],
  mends: ['time'],
  prep: ['seams', 'surface'],
  coating: ['chemistry', 'mends', 'numerics', 'prep', 'records', 'seams', 'surface'],
  air: ['numerics', 'records', 'time'],
  drying: ['air', 'chemistry', 'numerics', 'time'],
  material: ['chemistry', 'coating', 'drying', 'mends', 'numerics', 'prep', 'seams', 'surface', 'time'],
  cautions: ['air', 'chemistry', 'coating', 'prep', 'seams', 'surface', 'time'],
  schedule: [
    'air',
    'chemistry',
    'coating',
    'drying',
    'material',
    'mends',
    'numerics',
    'prep',
    'records',
    'seams',
    'surface',
    'time',
  ],
  faults: ['chemistry', 'coating', 'drying', 'material', 'mends', 'records', 'seams', 'surface', 'time'],
  finish: [
    'chemistry',
    'coating',
    'drying',
    'material',
    'numerics',
    'prep',
    'records',
    'seams',
    'surface',
    'time',
  ],
  edits: ['air', 'coating', 'material', 'mends', 'schedule', 'seams', 'surface', 'time'],
};

/** Inside the screen: the stages stand side by side and never import one another. */
const STAGES = [
  'bench',
  'build-up',
  'log',
  'logbook',
  'materials',
  'places',
  'shelf',
  'shopping',
  'spray-day',
  'surface',
  'window',
  'workshop',
];
const SCREEN = {
  tokens: [],
  theme: ['tokens'],
  views: ['desk:type', 'tokens'],
  parts: ['theme', 'tokens', 'views'],
  drawings: ['theme', 'tokens', 'views'],
  desk: [],
  photos: ['desk', 'parts', 'theme', 'views'],
  readings: ['parts', 'theme', 'views'],
  mending: ['desk', 'parts', 'theme', 'views'],
  shell: ['desk', 'drawings', 'parts', 'theme', 'tokens', 'views'],
  ...Object.fromEntries(
    STAGES.map((s) => [
      s,
      ['desk', 'drawings', 'mending', 'parts', 'photos', 'readings', 'shell', 'theme', 'tokens', 'views'],
    ]),
  ),
};

/** Packages that only one room may touch. */
const ONLY_IN = {
  luxon: 'core/time',
  suncalc: 'core/air',
  psychrolib: 'core/air',
  'd3-random': 'core/numerics',
  'simple-statistics': 'core/numerics',
  culori: 'core/coating',
  'better-sqlite3': 'data',
  highs: 'solver',
  papaparse: 'formats',
};
/**
 * What the core must not touch: the screen, the server, the machine. Checks of shape (zod) stay in the model
 * and the formats.
 */
const NOT_IN_CORE = ['react', 'next', 'zod', '@mui', 'better-sqlite3', 'server-only'];
const MACHINE = '^(fs|path|os|http|https|net|crypto|child_process|worker_threads|perf_hooks)$';

const tests = '\\.(test|bench)\\.tsx?$';
const anyOf = (names) => `(${names.join('|')})`;

/** For each room of a table two rules: what it may not see at all, and what it may see for its types only. */
function wallsOf(table, house) {
  return Object.entries(table).flatMap(([room, may]) => {
    const from = { path: `^src/${house}${room}/`, pathNot: tests };
    const types = may.filter((m) => m.endsWith(':type')).map((m) => m.replace(':type', ''));
    const seen = [room, ...may.map((m) => m.replace(':type', ''))];
    const forbidden = Object.keys(table).filter((other) => !seen.includes(other));
    const rules = [];
    if (forbidden.length > 0)
      rules.push({
        name: `${house}${room}-sees-only-its-line`,
        severity: 'error',
        from,
        to: { path: `^src/${house}${anyOf(forbidden)}/` },
      });
    if (types.length > 0)
      rules.push({
        name: `${house}${room}-sees-types-only`,
        severity: 'error',
        from,
        to: { path: `^src/${house}${anyOf(types)}/`, dependencyTypesNot: ['type-only'] },
      });
    return rules;
  });
}

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    ...wallsOf(ROOMS, ''),
    ...wallsOf(FLOORS, 'core/'),
    ...wallsOf(SCREEN, 'ui/'),
    {
      name: 'floors-do-not-see-the-front-doors',
      severity: 'error',
      from: { path: '^src/core/[^/]+/', pathNot: tests },
      to: { path: '^src/core/[^/]+\\.ts$' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^src/core/', pathNot: tests },
      to: { path: `(node_modules/${anyOf(NOT_IN_CORE)}(/|$)|${MACHINE})`, dependencyTypesNot: ['type-only'] },
    },
    ...Object.entries(ONLY_IN).map(([name, room]) => ({
      name: `${name}-only-in-${room.replace('/', '-')}`,
      severity: 'error',
      from: { path: '^src/', pathNot: `(^src/${room}/|${tests})` },
      to: { path: `node_modules/(@types/)?${name}(/|$)` },
    })),
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
