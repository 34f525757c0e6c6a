// Types of everything, by the native compiler: pages and what they use, then core without the DOM and
// without Node, the writers of files, and the tests.
import { join } from 'node:path';
import { root, run } from './fresh.mjs';

const TSC = join(root, 'node_modules', '@typescript', 'native-preview', 'bin', 'tsc');
const steps = [
  ['npx', ['svelte-kit', 'sync']],
  ['npx', ['svelte-check', '--tsconfig', './tsconfig.json', '--fail-on-warnings', '--tsgo']],
  ...['core', 'writers', 'tests'].map((part) => ['node', [TSC, '-p', `tsconfig.${part}.json`]]),
];
process.exit(steps.some(([command, args]) => run(command, args) !== 0) ? 1 : 0);
