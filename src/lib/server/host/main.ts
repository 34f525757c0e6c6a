import './old-require';
import { createServer } from 'node:http';
import { availableParallelism } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { SECURITY_HEADERS } from '../security-headers';

/*
 * The server of the built application, `node build`: it binds to this machine alone unless told
 * otherwise, sets the headers of every answer, and lets nobody hold a line for long.
 */

/** Slow and idle lines are closed after so many milliseconds. */
const LINES = {
  /** To send all headers, and all of a request. */
  headersTimeout: 10_000,
  requestTimeout: 30_000,
  /** With nothing said on it; an answer that takes its time is done by then. */
  timeout: 40_000,
  keepAliveTimeout: 5_000,
} as const;

function stop(message: string): never {
  console.error(`\n${message}\n`);
  process.exit(1);
}

const port = Number(process.env.PORT ?? 4173);
const host = process.env.HOST ?? '127.0.0.1';
if (!Number.isInteger(port) || port < 1 || port > 65535) {
  stop(`PORT must be a whole number from 1 to 65535, and it is "${process.env.PORT}".`);
}
const shown = host === '0.0.0.0' || host === '::' ? 'localhost' : host;
const address = `http://${shown.includes(':') ? `[${shown}]` : shown}:${port}`;

/** Where the build lies: this file is `build/index.js`. */
const build = dirname(fileURLToPath(import.meta.url));
process.env.ORIGIN ??= address;
// Ours says no at 2 MiB, with a reason; the adapter's own limit only has to be above that.
process.env.BODY_SIZE_LIMIT ??= '3M';
process.env.ARRUP_WORKER ??= join(build, 'heavy-worker.js');
process.env.ARRUP_WORKERS ??= String(Math.max(2, availableParallelism() - 1));

type Handler = Parameters<typeof createServer>[1];
const { handler } = (await import(pathToFileURL(join(build, 'handler.js')).href)) as {
  handler: NonNullable<Handler>;
};

const server = createServer((request, response) => {
  for (const [name, value] of Object.entries(SECURITY_HEADERS)) response.setHeader(name, value);
  handler(request, response);
});
Object.assign(server, LINES);

server.once('error', (error: NodeJS.ErrnoException) => {
  if (error.code === 'EADDRINUSE') {
    stop(
      `Port ${port} on ${host} is taken by another program. Choose another: PORT=${port + 1} npm run demo`,
    );
  }
  if (error.code === 'EACCES') stop(`Port ${port} needs more rights. Choose one above 1023.`);
  stop(`Cannot listen on ${host}:${port}: ${error.message}`);
});
server.listen(port, host, () => {
  console.log(`\nArrup is at ${address}\nStop it with Ctrl+C.\n`);
});

for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.once(signal, () => {
    server.close(() => process.exit(0));
    server.closeAllConnections();
  });
}
