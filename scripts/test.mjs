/**
 * npm test: the whole proof on a fresh checkout. Installs what is missing, then format, lint, types, walls,
 * unused code, unit tests, build, interface tests.
 */
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { checkNode, ensureBuild, ensureChromium, ensurePackages, ROOT, run, say } from './ensure.mjs';

checkNode();
ensurePackages();
const chromium = ensureChromium();
mkdirSync(join(ROOT, '.cache'), { recursive: true });
const bin = (name) => join(ROOT, 'node_modules', '.bin', name);
let passed = 0;
let failed = 0;
const step = (name, work) => {
  const from = Date.now();
  say(`\n== ${name}`);
  const [ok, bad] = work();
  passed += ok;
  failed += bad;
  say(`== ${name}: ${bad === 0 ? 'passed' : 'FAILED'} (${((Date.now() - from) / 1000).toFixed(0)} s)`);
};
const whole = (command, args) => () => (run(command, args) === 0 ? [1, 0] : [0, 1]);
const report = (file) => {
  const p = join(ROOT, '.cache', file);
  if (!existsSync(p)) return null;
  try {
    return JSON.parse(readFileSync(p, 'utf8'));
  } catch {
    return null;
  }
};

for (const f of ['unit.json', 'e2e.json']) rmSync(join(ROOT, '.cache', f), { force: true });
step('build', () => {
  ensureBuild();
  return [1, 0];
});
step('format', whole(bin('prettier'), ['--check', '.', '--log-level', 'warn']));
step('lint', whole(bin('eslint'), ['.', '--max-warnings', '0']));
step('types', whole(bin('tsc'), ['--noEmit']));
step('walls', whole(bin('depcruise'), ['src', '--config', '.dependency-cruiser.cjs']));
step('nothing unused', whole(bin('knip'), []));
step('unit tests', () => {
  const code = run(bin('vitest'), [
    'run',
    '--reporter=dot',
    '--reporter=json',
    '--outputFile.json=.cache/unit.json',
  ]);
  const r = report('unit.json');
  return r ? [r.numPassedTests, Math.max(r.numFailedTests, code === 0 ? 0 : 1)] : [0, 1];
});
step('interface tests', () => {
  const r = spawnSync(bin('playwright'), ['test'], {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, CHROMIUM_PATH: chromium },
  });
  const s = report('e2e.json')?.stats;
  return s ? [s.expected, Math.max(s.unexpected + s.flaky, r.status === 0 ? 0 : 1)] : [0, 1];
});
say(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
