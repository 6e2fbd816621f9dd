/** The one-way house: app → chunks → features → shell → {ui, words, timers, book, interchange, demo} → acts → records → core. */
const no = (name, from, to, extra = {}) => ({
  name,
  severity: 'error',
  from: { path: from, ...extra },
  to: { path: to },
});

/** The core's own order: a sub-domain may use only those before it. */
const coreOrder = [
  'units',
  'statistics',
  'electrode',
  'buffers',
  'conductivity',
  'plausibility',
  'stillness',
  'lots',
  'uncertainty',
  'calibration',
  'drift',
  'verdict',
  'readings',
  'look-back',
  'forecast',
  'chemistry',
  'tank-belief',
  'dosing',
  'schedule',
  'retention',
  'labels',
  'procedure',
  'simulated-pen',
  'practice',
];
const coreRules = coreOrder.flatMap((name, at) =>
  coreOrder.slice(at + 1).length === 0
    ? []
    : [
        no(
          `core-${name}-first`,
          `^src/core/${name}/`,
          `^src/core/(${coreOrder.slice(at + 1).join('|')})/`,
        ),
      ],
);

/** Features in their order: one may use only those before it, each by a named file. */
const featureOrder = [
  'parts',
  'help',
  'bookfile',
  'bookstate',
  'settings',
  'labels',
  'phones',
  'together',
  'care',
  'waters',
  'products',
  'shelf',
  'pens',
  'tanks',
  'welcome',
  'round',
  'read',
  'dose',
  'bench',
  'book',
  'practice',
  'frame',
];
const featureRules = featureOrder.slice(0, -1).map((name, at) =>
  no(
    `features-${name}-first`,
    `^src/features/${name}/`,
    `^src/features/(${featureOrder.slice(at + 1).join('|')})/`,
    // A test may look at what comes of it further up.
    { pathNot: '\\.test\\.tsx?$' },
  ),
);

module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    no('app-is-routes-only', '^app/', '^(server|e2e|scripts|src/(core|records|demo))/'),
    no('nothing-imports-app', '^(src|server)/', '^app/'),
    no('core-stands-alone', '^src/core/', '^src/(?!core/)'),
    no(
      'core-without-packages',
      '^src/core/',
      '^node_modules/(?!(fast-check|simple-statistics|@types)/)',
      {
        pathNot: '\\.test\\.ts$',
      },
    ),
    no('records-on-core-only', '^src/records/', '^src/(?!(records|core)/)'),
    no('trouble-stands-alone', '^src/trouble/', '^src/(?!trouble/)'),
    no(
      'acts-build-records',
      '^src/acts/',
      '^src/(ui|book|features|demo|interchange|timers|words)/',
    ),
    no('shell-below-features', '^src/shell/', '^src/(features|chunks|demo|interchange)/'),
    no('only-the-app-provides-chunks', '^src/(?!chunks/)', '^src/chunks/'),
    no('ui-knows-no-shell', '^src/(ui|words|book|timers|acts|records)/', '^src/shell/'),
    no('ui-knows-no-records', '^src/ui/', '^src/(records|book|features|demo|interchange|timers)/'),
    no('words-below-features', '^src/words/', '^src/(features|shell|demo|interchange|ui|timers)'),
    {
      // Words speak of what the book answers; of the book and how it is kept they know nothing.
      name: 'words-know-answers-by-type',
      severity: 'error',
      from: { path: '^src/words/' },
      to: {
        path: '^src/(book|records/(?!(crops|kinds|products|profiles|samples)/))',
        dependencyTypesNot: ['type-only'],
      },
    },
    no('demo-makes-records', '^src/demo/', '^src/(ui|features|book|words|timers)/'),
    no('features-use-client', '^src/features/', '^src/book/(?!(client|answers|react)/)'),
    no('book-knows-no-screen', '^src/book/', '^src/(features|ui)/'),
    // Its tests let whole phones meet it.
    no('server-apart', '^server/', '^src/(features|ui|book|records)/', {
      pathNot: '\\.test\\.ts$|/testing/',
    }),
    {
      name: 'core-by-index',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/' },
      to: { path: '^src/core/([^/]+)/(?!index\\.ts$|testing/)', pathNot: '^src/core/$1/' },
    },
    {
      name: 'core-by-index-from-outside',
      severity: 'error',
      from: { path: '^(app|src/(?!core/)|server|e2e|scripts)' },
      to: { path: '^src/core/([^/]+)/(?!index\\.ts$|testing/)' },
    },
    ...coreRules,
    ...featureRules,
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    exclude: { path: '^(dist|\\.cache|\\.expo|public)/' },
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.js', '.mjs', '.web.ts'] },
  },
};
