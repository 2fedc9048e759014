/**
 * What the commands share: install what is missing, build when the sources changed, find
 * the browser. Plain Node, no packages.
 */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = fileURLToPath(new URL('..', import.meta.url));
const at = (...p) => join(ROOT, ...p);
export const say = (text) => process.stdout.write(`${text}\n`);

export function run(command, args, env = {}) {
  const r = spawnSync(command, args, {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
  });
  return r.status ?? 1;
}

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 20)) {
    say(`Node ${process.versions.node} is too old: Pellucid needs 20.20 or newer.`);
    process.exit(1);
  }
}

const hashOf = (files) => {
  const h = createHash('sha256');
  for (const f of files) h.update(f).update(readFileSync(at(f)));
  return h.digest('hex');
};

/** Installs the packages when the lock file is not the one they were installed from. */
export function ensurePackages() {
  const stamp = at('node_modules', '.pellucid-lock');
  const want = hashOf(['package-lock.json']);
  const usable = () =>
    existsSync(at('node_modules', 'next')) &&
    existsSync(at('node_modules', 'better-sqlite3', 'build', 'Release', 'better_sqlite3.node'));
  if (usable() && existsSync(stamp) && readFileSync(stamp, 'utf8') === want) return;
  say('Installing packages (the database driver is compiled once: two to four minutes) …');
  if (run('npm', ['ci', '--no-audit', '--no-fund']) !== 0 || !usable()) {
    say(
      'The packages could not be installed. Check the network and that python3, make and g++ are there, then run this again.',
    );
    process.exit(1);
  }
  writeFileSync(stamp, want);
}

function filesUnder(dir) {
  return readdirSync(at(dir), { withFileTypes: true }).flatMap((e) => {
    const p = join(dir, e.name);
    if (e.isDirectory()) return filesUnder(p);
    return /\.(test|bench)\.ts$/.test(e.name) ? [] : [p];
  });
}

/** Builds when the sources are not those of the last build. */
export function ensureBuild() {
  const stamp = at('.next', 'pellucid-sources');
  const want = hashOf([...filesUnder('src').sort(), 'package-lock.json', 'next.config.ts', 'tsconfig.json']);
  if (existsSync(stamp) && existsSync(at('.next', 'BUILD_ID')) && readFileSync(stamp, 'utf8') === want)
    return;
  say('Building (about a minute, after each change of the program) …');
  if (run(process.execPath, [at('node_modules', 'next', 'dist', 'bin', 'next'), 'build']) !== 0) {
    say('The build failed; the lines above say where.');
    process.exit(1);
  }
  mkdirSync(at('.next'), { recursive: true });
  writeFileSync(stamp, want);
}

/** Chromium of the system for the interface tests; installed through apt where that is possible. */
export function ensureChromium() {
  const known = [process.env.CHROMIUM_PATH, '/usr/bin/chromium', '/usr/bin/chromium-browser']
    .filter(Boolean)
    .find((p) => existsSync(p));
  if (known) return known;
  if (process.getuid?.() === 0 && existsSync('/usr/bin/apt-get')) {
    say('Installing Chromium for the interface tests …');
    run('apt-get', ['update', '-qq']);
    run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], {
      DEBIAN_FRONTEND: 'noninteractive',
    });
    if (existsSync('/usr/bin/chromium')) return '/usr/bin/chromium';
  }
  say(
    'The interface tests need Chromium. Install the package "chromium" of your system, or set CHROMIUM_PATH to its binary, then run this again.',
  );
  process.exit(1);
}
