/*
 * Compiled with core, and with nothing else: as soon as a package brings the DOM's or Node's types
 * along, these lines are no errors any more, and `npm run types` fails. Files that need such packages
 * are compiled by tsconfig.writers.json.
 */

// @ts-expect-error -- there is no page in core
export type NoDocument = typeof document;
// @ts-expect-error -- there is no window in core
export type NoWindow = typeof window;
// @ts-expect-error -- core asks nobody
export type NoFetch = typeof fetch;
// @ts-expect-error -- core does not run in Node only
export type NoProcess = typeof process;
// @ts-expect-error -- core says nothing by itself
export type NoConsole = typeof console;
