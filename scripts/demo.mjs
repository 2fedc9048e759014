/**
 * npm run demo: the app with the invented workshop, on a demo clock. npm start: the same without.
 * Options: --fresh forgets the demo's data first. PORT and PELLUCID_DATA move port and data.
 */
import { existsSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { checkNode, ensureBuild, ensurePackages, ROOT, say } from './ensure.mjs';
import { answers, startServer, stopServer } from './server-process.mjs';

checkNode();
const demo = process.argv.includes('--demo');
const port = Number(process.env.PORT ?? 4310);
if (!Number.isInteger(port) || port < 1 || port > 65535) {
  say(`PORT must be a number from 1 to 65535 (it is ${process.env.PORT}).`);
  process.exit(1);
}
const folder = process.env.PELLUCID_DATA
  ? resolve(process.env.PELLUCID_DATA)
  : join(ROOT, 'data', demo ? 'demo' : 'own');
ensurePackages();
ensureBuild();
if (process.argv.includes('--fresh')) {
  if (!demo) {
    say('--fresh belongs to the demo only: your own workshop is never thrown away by a start.');
    process.exit(1);
  }
  for (const f of ['workshop.sqlite', 'workshop.sqlite-wal', 'workshop.sqlite-shm', 'feed.json'])
    if (existsSync(join(folder, f))) rmSync(join(folder, f));
  rmSync(join(folder, 'photos'), { recursive: true, force: true });
  say('The demo starts afresh.');
}
say(`${demo ? 'Demo workshop' : 'Your workshop'}: data in ${folder}`);
const url = `http://127.0.0.1:${port}`;
if (await answers(`${url}/`, 1)) {
  say(`Something already answers at ${url}. Stop it, or choose another port: PORT=4311 npm run demo`);
  process.exit(1);
}
const child = startServer(port, { PELLUCID_DATA: folder, ...(demo ? { PELLUCID_DEMO: '1' } : {}) });
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
  process.on(signal, () => {
    stopServer(child);
    process.exit(0);
  });
process.on('exit', () => stopServer(child));
child.on('exit', (code) => {
  say(`The server stopped (${code ?? 'by a signal'}).`);
  process.exit(code ?? 0);
});
if (await answers(`${url}/`)) say(`Open ${url}\nStop with Ctrl-C.`);
else {
  say('The server did not answer within half a minute; the lines above may say why.');
  stopServer(child);
  process.exit(1);
}
