/**
 * The built app behind a doorstep of our own: what no page or route can make anything of (an address that
 * cannot be decoded, a method that nobody answers) is refused in a sentence, before anything reads it.
 * node scripts/serve.mjs -H 127.0.0.1 -p 4310
 */
import { createServer } from 'node:http';
import { parseArgs } from 'node:util';
import next from 'next';
import { ROOT } from './ensure.mjs';

const { values } = parseArgs({
  options: { host: { type: 'string', short: 'H' }, port: { type: 'string', short: 'p' } },
});
const hostname = values.host ?? '127.0.0.1';
const port = Number(values.port ?? 4310);

const METHODS = new Set(['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS']);

/** [status, sentence], or null for what may come in. */
function refusal({ method, url }) {
  if (!METHODS.has(method)) return [405, 'Nobody here answers to this method.'];
  try {
    decodeURIComponent(url);
  } catch {
    return [400, 'This address cannot be read. Go back to the bench and try again from there.'];
  }
  return null;
}

const app = next({ dev: false, dir: ROOT, hostname, port });
await app.prepare();
const handle = app.getRequestHandler();
const server = createServer((request, response) => {
  const no = refusal(request);
  if (!no) {
    void handle(request, response);
    return;
  }
  const [status, error] = no;
  const isRoute = request.url.startsWith('/api/');
  const headers = {
    'content-type': isRoute ? 'application/json' : 'text/plain; charset=utf-8',
    'x-content-type-options': 'nosniff',
    connection: 'close',
  };
  response.writeHead(status, headers).end(isRoute ? JSON.stringify({ error, faults: [] }) : error);
});
server.on('error', (e) => {
  process.stderr.write(`${e.message}\n`);
  process.exit(1);
});
server.listen(port, hostname);
