/** Dependencies point one way: routes -> lib -> core. */
module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stands-alone',
      comment: 'core knows no interface, no framework, no browser',
      severity: 'error',
      from: { path: '^src/core', pathNot: '([.]test[.]ts$|^src/core/testing/)' },
      to: {
        pathNot: [
          '^src/core',
          '^node_modules/(zod|papaparse|@types/papaparse|yalps|spache|dale-chall|syllable|pure-rand|marked|fflate|docx|ical-generator|pdfmake)/',
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
        pathNot: '([.]worker[.]ts|[.]test[.]ts|[+]server[.]ts)$',
      },
      to: { path: '^src/core/files[.]ts$', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'no-unresolved',
      severity: 'error',
      from: {},
      to: {
        couldNotResolve: true,
        pathNot: '^([$]app|[$]env|[$]service-worker|[.]/[$]types|pdfmake/interfaces$)',
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
