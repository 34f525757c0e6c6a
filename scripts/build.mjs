// Builds the application, then the server that hosts it: one process, so that what both have in them
// (the word net, the page that leads itself) is made once.
import { build } from 'vite';

await build();
await build({ configFile: 'vite.server.config.ts' });
await import('./offline-files.mjs');
