// One command on a fresh machine: install what is missing, build, start, print the address.
import { buildApplication, installPackages } from './fresh.mjs';

await installPackages();
await buildApplication();
await import('./serve.mjs');
