// Starts the built server. PORT and HOST are honoured; a taken port is said in plain words.
import { createServer } from 'node:net';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';

const port = Number(process.env.PORT ?? 4173);
const host = process.env.HOST ?? '127.0.0.1';
const shown = host === '0.0.0.0' || host === '::' ? 'localhost' : host;
const address = `http://${shown.includes(':') ? `[${shown}]` : shown}:${port}`;

function stop(message) {
  console.error(`\n${message}\n`);
  process.exit(1);
}

if (!Number.isInteger(port) || port < 1 || port > 65535) {
  stop(`PORT must be a whole number from 1 to 65535, and it is "${process.env.PORT}".`);
}
const entry = join(import.meta.dirname, '..', 'build', 'index.js');
if (!existsSync(entry)) stop('There is no build yet. Run "npm run build", or "npm run demo".');

await new Promise((resolve) => {
  const probe = createServer();
  probe.once('error', (error) => {
    if (error.code === 'EADDRINUSE') {
      stop(
        `Port ${port} on ${host} is taken by another program. Choose another: PORT=${port + 1} npm run demo`,
      );
    }
    if (error.code === 'EACCES') stop(`Port ${port} needs more rights. Choose one above 1023.`);
    stop(`Cannot listen on ${host}:${port}: ${error.message}`);
  });
  probe.listen(port, host, () => probe.close(resolve));
});

process.env.PORT = String(port);
process.env.HOST = host;
process.env.ORIGIN ??= address;
// Ours says no at 2 MiB, with a reason; the adapter's own limit only has to be above that.
process.env.BODY_SIZE_LIMIT ??= '3M';
await import(pathToFileURL(entry).href);
console.log(`\nArrup is at ${address}\nStop it with Ctrl+C.\n`);
