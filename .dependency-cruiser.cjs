// Who may import whom. Each layer lists what it may reach; everything else of ours is out of bounds.
const LAYERS = {
  core: [],
  formats: ['core'],
  data: ['core'],
  app: ['core', 'formats', 'data', 'standins', 'solver', 'catalogue', 'threads'],
  // Checks at the edge are formats' (Ajv), shared with the command line.
  http: ['core', 'formats'],
  // The server process, before it hands a request to the application.
  server: ['app', 'http', 'core'],
  standins: ['core'],
  // What the server has done in a thread of its own.
  threads: ['core', 'formats'],
  pages: ['app', 'http', 'islands', 'ui', 'core', 'layouts'],
  layouts: ['http', 'islands', 'ui', 'core', 'styles'],
  islands: ['ui', 'core', 'workers'],
  ui: ['core'],
  // HiGHS behind the interface the core asks for.
  solver: ['core'],
  workers: ['core', 'formats', 'solver'],
  cli: ['core', 'formats', 'solver', 'catalogue'],
};
// Types of the application's answers may be named where they are shown.
const TYPES_TOO = { islands: ['app', 'data'] };
const CORE = [
  'measure',
  'region',
  'cord',
  'stitch',
  'part',
  'project',
  'acts',
  'making',
  'fit',
  'cut',
  'kit',
  'lanes',
  'shelf',
  'pace',
  'safety',
  'studio',
  'person',
  'device',
  'drawing',
  'room',
  'remedy',
  'bench',
  'rescue',
  'fault',
  'record',
  'seat',
  'layout',
  'session',
  'exchange',
  'problem',
  'result',
];

const folder = (name) => (name === 'catalogue' ? '^catalogue/' : `^src/${name}/`);
const OURS = '^(src|catalogue|demo|scripts|tests)/';

const layerRules = Object.entries(LAYERS).flatMap(([name, may]) => {
  const typed = TYPES_TOO[name] ?? [];
  const allowed = [name, ...may].map(folder);
  return [
    {
      name: `${name}-imports-only-its-own`,
      severity: 'error',
      from: { path: folder(name) },
      to: { path: OURS, pathNot: [...allowed, ...typed.map(folder)] },
    },
    ...(typed.length > 0
      ? [
          {
            name: `${name}-takes-types-only`,
            severity: 'error',
            from: { path: folder(name) },
            to: { path: typed.map(folder), dependencyTypesNot: ['type-only'] },
          },
        ]
      : []),
  ];
});

module.exports = {
  forbidden: [
    {
      name: 'no-cycles',
      severity: 'error',
      from: {},
      // Of types too: two files that name each other are one.
      to: { circular: true },
    },
    {
      name: 'devices-are-met-in-one-place',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/(standins/|app/devices\\.ts$)' },
      to: { path: '^src/standins/' },
    },
    { name: 'core-does-no-io', severity: 'error', from: { path: '^src/core/' }, to: { dependencyTypes: ['core'] } },
    {
      name: 'core-uses-no-framework',
      severity: 'error',
      from: { path: '^src/core/' },
      to: {
        path: 'node_modules/',
        pathNot: ['@sinclair/typebox', '@stdlib/stats-base-dists-t-', 'simple-statistics', 'fast-deep-equal'],
      },
    },
    ...CORE.map((name) => ({
      name: `core-${name}-by-its-face`,
      severity: 'error',
      from: { path: '^src/', pathNot: `^src/core/${name}/` },
      to: { path: `^src/core/${name}/`, pathNot: `^src/core/${name}/index\\.ts$` },
    })),
    ...layerRules,
    {
      name: 'everything-resolves',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '^(astro:|virtual:)|\\?url$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'default'],
      extensions: ['.ts', '.tsx', '.mjs', '.js', '.json', '.css'],
    },
  },
};
