/** Dependencies point one way: routes -> lib -> core, and within core from storey to storey. */

/** The storeys of core, lowest first: each knows those before it, and none of those after it. */
const STOREYS = [
  'words',
  'model',
  'learning',
  'moves',
  'figure',
  'room',
  'cues',
  'language',
  'devices',
  'chance',
  'beats',
  'document',
  'schedule',
  'forecast',
  'fit',
  'findings',
  'ideas',
  'draft',
  'prep',
  'stage',
  'log',
  'review',
  'series',
  'print',
  'formats',
  'preferences',
];

/** Parts of the figure are storeys too. */
const FIGURE = ['body', 'motion', 'drawing', 'editing'];

/** Tests, and what only they use, may look at everything. */
const TESTS = '([.]test[.]ts$|^src/core/testing/)';

const downwards = (folder, storeys, why) =>
  storeys.slice(0, -1).map((storey, n) => ({
    name: `only-down-from-${storey}`,
    comment: why,
    severity: 'error',
    from: { path: `^${folder}/${storey}/`, pathNot: TESTS },
    to: { path: `^${folder}/(${storeys.slice(n + 1).join('|')})/` },
  }));

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    ...downwards('src/core', STOREYS, 'a storey knows nothing of what is above it'),
    ...downwards(
      'src/core/figure',
      FIGURE,
      'bodies move, what moves is drawn, drawings are edited',
    ),
    {
      name: 'every-folder-is-a-storey',
      comment: 'a new folder of core is given its place in STOREYS',
      severity: 'error',
      from: {
        path: '^src/core/[^/]+/',
        pathNot: `(^src/core/(${STOREYS.join('|')})/|${TESTS})`,
      },
      to: {},
    },
    {
      name: 'core-has-no-way-back-in',
      comment: 'the doors of core are for those outside',
      severity: 'error',
      from: { path: '^src/core/[^/]+/', pathNot: TESTS },
      to: { path: '^src/core/(index|files)[.]ts$' },
    },
    {
      name: 'no-folder-circles',
      comment: 'folders of the interface know each other one way only',
      severity: 'error',
      scope: 'folder',
      from: { path: '^src/lib' },
      to: { circular: true },
    },
    {
      name: 'core-stands-alone',
      comment: 'core knows no interface, no framework, no browser',
      severity: 'error',
      from: { path: '^src/core', pathNot: TESTS },
      to: {
        pathNot: [
          '^src/core',
          '^node_modules/(zod|papaparse|@types/papaparse|yalps|spache|dale-chall|syllable|pure-rand|minisearch|fastest-levenshtein|pluralize|@types/pluralize|stemmer|marked|fflate|@scure/base|docx|ical-generator|ical.js|date-fns|pdfmake)/',
          '^pdfmake/interfaces$',
        ],
      },
    },
    {
      name: 'lib-below-routes',
      severity: 'error',
      from: { path: '^src/lib' },
      to: { path: '^src/routes' },
    },
    {
      name: 'core-through-its-door',
      comment: 'lib and routes import core by its explicit list of exports',
      severity: 'error',
      from: { path: '^src/(lib|routes)', pathNot: '[.]test[.]ts$' },
      to: { path: '^src/core', pathNot: '^src/core/(index|files)[.]ts$' },
    },
    {
      name: 'files-in-workers',
      comment: 'writing files needs large packages: no page carries them',
      severity: 'error',
      from: {
        path: '^src/(lib|routes)',
        pathNot: '([.]worker[.]ts|[.]test[.]ts)$|^src/lib/server/heavy/',
      },
      to: { path: '^src/core/files[.]ts$', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'no-unresolved',
      severity: 'error',
      from: {},
      to: {
        couldNotResolve: true,
        pathNot:
          '^([$]app|[$]env|[$]service-worker|virtual:word-net|virtual:take-along|[.]/[$]types|pdfmake/interfaces$)',
      },
    },
    {
      name: 'charts-only-when-used',
      comment: 'Chart.js is heavy: one module loads it, by a dynamic import',
      severity: 'error',
      from: { pathNot: '^src/lib/charts/' },
      to: { path: '^node_modules/chart.js' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.depcruise.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['svelte', 'import', 'default'],
      extensions: ['.ts', '.js', '.svelte', '.css'],
    },
  },
};
