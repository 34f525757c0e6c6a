import { createRequire } from 'node:module';

// The pool of workers looks for Node's own modules in the old way; bundled, it has none of its own.
(globalThis as { require?: NodeJS.Require }).require ??= createRequire(import.meta.url);
