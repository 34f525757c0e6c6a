import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

const clockAndChance = [
  { object: 'Math', property: 'random', message: 'Pass the generator in.' },
  { object: 'Date', property: 'now', message: 'Pass the time in.' },
  { object: 'performance', property: 'now', message: 'Pass the time in.' },
];

/** What core may not reach even where a package brings its types along: in the writers of files. */
const browserOnly = ['document', 'window', 'navigator', 'fetch', 'localStorage', 'self'].map(
  (name) => ({
    name,
    message: 'Core knows no browser.',
  }),
);

export default ts.config(
  { ignores: ['build/', '.svelte-kit/', 'node_modules/', 'test-results/', 'playwright-report/'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...svelte.configs.recommended,
  prettier,
  ...svelte.configs.prettier,
  { languageOptions: { globals: { ...globals.browser, ...globals.node } } },
  {
    rules: {
      'no-undef': 'off',
      eqeqeq: 'error',
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: {
      // Without types: with them each component costs a second, and two rules of sixty use them.
      parserOptions: {
        extraFileExtensions: ['.svelte'],
        parser: ts.parser,
        svelteConfig,
      },
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-console': 'error',
      complexity: ['error', 15],
      'max-lines': ['error', { max: 300 }],
      'no-restricted-globals': ['error', ...browserOnly],
      'no-restricted-properties': ['error', ...clockAndChance],
      'no-restricted-syntax': [
        'error',
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'Pass the time in.',
        },
        { selector: 'ExportDefaultDeclaration', message: 'Named exports only.' },
        { selector: 'ExportAllDeclaration', message: 'List what is exported.' },
      ],
    },
  },
  // Tests break documents on purpose: a typed document would not let them.
  { files: ['**/*.test.ts', 'tests/**'], rules: { '@typescript-eslint/no-explicit-any': 'off' } },
  {
    files: [
      // A list of exports is a table too.
      'src/core/index.ts',
      'src/core/moves/catalogue/**',
      'src/core/figure/catalogue/**',
      '**/*.test.ts',
      'src/core/testing/**',
      'tests/**',
    ],
    rules: { 'max-lines': 'off' },
  },
  { files: ['.dependency-cruiser.cjs'], languageOptions: { sourceType: 'commonjs' } },
);
