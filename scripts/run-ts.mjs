/** Bundles a TypeScript entry with esbuild (tsconfig paths included) into .cache, runs it and takes it away. */
import { mkdirSync, rmSync } from 'node:fs';
import { basename, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));
const [entry, ...rest] = process.argv.slice(2);
if (!entry) {
  process.stderr.write('run-ts: name the entry file\n');
  process.exit(2);
}
const { build } = await import('esbuild').catch(() => {
  process.stderr.write('The packages are not installed yet: run npm install (or npm run demo) first.\n');
  process.exit(2);
});
// A file of this run alone: two runs at once never read what the other is writing.
const outfile = join(root, '.cache', `${basename(entry, '.ts')}-${process.pid}.mjs`);
process.on('exit', () => rmSync(outfile, { force: true }));
mkdirSync(join(root, '.cache'), { recursive: true });
await build({
  entryPoints: [entry],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  tsconfig: join(root, 'tsconfig.json'),
  external: ['better-sqlite3', 'highs', '@stryker-mutator/core'],
  banner: {
    js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
  },
  logLevel: 'error',
});
process.argv = [process.argv[0], outfile, ...rest];
await import(pathToFileURL(outfile).href);
