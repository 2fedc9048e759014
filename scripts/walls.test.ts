/**
 * The walls stand: imports that ARCHITECTURE forbids fail, those it allows pass. The pairs are written out
 * here, not read from the table.
 */
import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';

const ROOT = process.cwd();
const PAIRS: readonly [from: string, to: string, allowed: boolean][] = [
  ['model', 'core/plan', false],
  ['core/air', 'model', true],
  ['core/air', 'core/schedule', false],
  ['core/coating', 'core/material', false],
  ['core/material', 'core/coating', true],
  ['core/material', 'core/schedule', false],
  ['core/schedule', 'core/material', true],
  ['core/schedule', 'core/edits', false],
  ['core/time', 'core/air', false],
  ['core/faults', 'core/coating', true],
  ['core/faults', 'core/schedule', false],
  ['core/prep', 'words', false],
  ['core/prep', 'ui/views', false],
  ['core/prep', 'demo', false],
  ['words', 'core/coating', true],
  ['words', 'ui/theme', false],
  ['formats', 'data', false],
  ['solver', 'model', false],
  ['standins', 'usecases', false],
  ['usecases', 'data', false],
  ['usecases', 'standins', false],
  ['workers', 'ui/desk', false],
  ['data', 'app', false],
  ['demo', 'app', false],
  ['ui/bench', 'ui/log', false],
  ['ui/log', 'ui/parts', true],
  ['ui/drawings', 'ui/bench', false],
  ['ui/drawings', 'ui/views', true],
  ['ui/views', 'ui/drawings', false],
  ['ui/parts', 'ui/shell', false],
  ['ui/window', 'data', false],
  ['ui/window', 'usecases', false],
  ['ui/window', 'app', false],
  ['app', 'data', true],
];

const house = mkdtempSync(join(tmpdir(), 'walls-'));
afterAll(() => rmSync(house, { recursive: true, force: true }));

const put = (path: string, text: string): void => {
  const file = join(house, path);
  mkdirSync(dirname(file), { recursive: true });
  writeFileSync(file, text);
};
/** A file of its own for either end of a pair, so that no two pairs make a circle. */
const ends = ([from, to]: readonly [string, string, boolean], i: number): readonly [string, string] => [
  `${from}/from-${i}.ts`,
  to === 'core/plan' ? `core/plan-${i}.ts` : `${to}/to-${i}.ts`,
];

function violations(): ReadonlySet<string> {
  const run = spawnSync(
    join(ROOT, 'node_modules', '.bin', 'depcruise'),
    ['src', '--config', join(ROOT, '.dependency-cruiser.cjs'), '-T', 'json'],
    { cwd: house, encoding: 'utf8' },
  );
  const report = JSON.parse(run.stdout) as { summary: { violations: { from: string; to: string }[] } };
  return new Set(report.summary.violations.map((v) => `${v.from} > ${v.to}`));
}

describe('the walls of the house', () => {
  put('package.json', '{ "name": "house", "type": "module" }');
  put('tsconfig.json', '{ "compilerOptions": { "paths": { "@/*": ["./src/*"] } } }');
  PAIRS.forEach((pair, i) => {
    const [from, to] = ends(pair, i);
    put(`src/${to}`, `export const x${i} = ${i};\n`);
    put(`src/${from}`, `import { x${i} } from '@/${to.replace('.ts', '')}';\nexport const y = x${i};\n`);
  });
  put('src/core/circle/a.ts', "import { b } from './b';\nexport const a = () => b;\n");
  put('src/core/circle/b.ts', "import { a } from './a';\nexport const b = () => a;\n");
  const found = violations();

  it.each(PAIRS)('%s importing %s: allowed is %s', (...pair) => {
    const [from, to] = ends(
      pair,
      PAIRS.findIndex((p) => p[0] === pair[0] && p[1] === pair[1]),
    );
    expect(found.has(`src/${from} > src/${to}`)).toBe(!pair[2]);
  });
  it('every room of the core has a line of its own', () => {
    const { forbidden } = createRequire(import.meta.url)('../.dependency-cruiser.cjs') as {
      forbidden: { name: string }[];
    };
    const names = new Set(forbidden.map((r) => r.name));
    const rooms = readdirSync(join(ROOT, 'src', 'core'), { withFileTypes: true }).filter((d) =>
      d.isDirectory(),
    );
    expect(rooms.length).toBeGreaterThan(10);
    for (const { name } of rooms) expect(names, name).toContain(`core/${name}-sees-only-its-line`);
  });
  it('finds two files that import each other', () => {
    expect(found.has('src/core/circle/a.ts > src/core/circle/b.ts')).toBe(true);
  });
});
