/**
 * Mutation tests, one room at a time: npm run mutate -- [room …] [--anew].
 * Of a room's lines of code a seeded sample is mutated, about 300 mutants, so that two runs try the
 * same ones. It is done in batches, each kept under reports/mutation: a run that was stopped goes on
 * where it was. Not part of npm test: a room takes a quarter of an hour and more on two cores.
 */
import { existsSync, mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Stryker } from '@stryker-mutator/core';
import { uniform } from '@/core/numerics/random';

interface Tried {
  readonly at: string;
  readonly mutatorName: string;
  readonly replacement?: string | undefined;
  readonly status: string;
}

const ROOMS: Readonly<Record<string, string>> = {
  material: 'src/core/material',
  drying: 'src/core/drying',
  air: 'src/core/air',
  coating: 'src/core/coating',
  records: 'src/core/records',
  desk: 'src/ui/desk',
};
/** A line of code bears about three mutants. */
const LINES_A_ROOM = 100;
const LINES_A_BATCH = 25;
const SEED = 1;
const OUT = join('reports', 'mutation');

/** Lines that hold code: no blank ones, comments, imports, types or closing brackets. */
function linesOf(dir: string): string[] {
  const files = readdirSync(dir, { recursive: true })
    .map((f) => join(dir, String(f)).replaceAll('\\', '/'))
    .filter((f) => /\.tsx?$/.test(f) && !/\.(test|bench)\.tsx?$|\/test-/.test(f))
    .sort();
  return files.flatMap((file) =>
    readFileSync(file, 'utf8')
      .split('\n')
      .map((text, i) => ({ at: `${file}:${i + 1}:0-${i + 1}:${text.length}`, text: text.trim() }))
      .filter(
        ({ text }) => text.length > 6 && !/^(\/\*|\*|\/\/|import |export type|type |readonly )/.test(text),
      )
      .map(({ at }) => at),
  );
}

function sampleOf(dir: string): string[] {
  const next = uniform(SEED);
  return linesOf(dir)
    .map((at) => ({ at, by: next() }))
    .sort((a, b) => a.by - b.by)
    .slice(0, LINES_A_ROOM)
    .map(({ at }) => at);
}

const optionsFor = (mutate: string[]): ConstructorParameters<typeof Stryker>[0] => ({
  mutate,
  testRunner: 'vitest',
  plugins: ['@stryker-mutator/vitest-runner'],
  reporters: ['dots'],
  coverageAnalysis: 'perTest',
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 20_000,
  tempDirName: '.stryker-tmp',
  allowConsoleColors: false,
  ignorePatterns: ['.next', '.cache', 'data', 'docs', 'reports', 'test-results', 'playwright-report'],
  vitest: { related: true },
});

async function runBatch(name: string, i: number, mutate: string[]): Promise<Tried[]> {
  const file = join(OUT, `${name}-${i}.json`);
  if (existsSync(file)) return JSON.parse(readFileSync(file, 'utf8')) as Tried[];
  const results = await new Stryker(optionsFor(mutate)).runMutationTest();
  const kept: Tried[] = results.map(({ fileName, location, mutatorName, replacement, status }) => ({
    at: `${fileName.slice(fileName.indexOf('src/'))}:${location.start.line}`,
    mutatorName,
    replacement,
    status,
  }));
  writeFileSync(file, JSON.stringify(kept, null, 1));
  return kept;
}

/** Killed or timed out, of those that some test runs or none does; what cannot be run at all is left out. */
function score(results: readonly Tried[]): { good: number; tried: number; alive: Tried[] } {
  const good = results.filter((r) => r.status === 'Killed' || r.status === 'Timeout');
  const tried = results.filter((r) => ['Killed', 'Timeout', 'Survived', 'NoCoverage'].includes(r.status));
  return { good: good.length, tried: tried.length, alive: tried.filter((r) => !good.includes(r)) };
}

async function mutateRoom(name: string): Promise<void> {
  const lines = sampleOf(ROOMS[name]!);
  const results: Tried[] = [];
  for (let i = 0; i * LINES_A_BATCH < lines.length; i++) {
    const batch = lines.slice(i * LINES_A_BATCH, (i + 1) * LINES_A_BATCH);
    results.push(...(await runBatch(name, i, batch)));
  }
  const { good, tried, alive } = score(results);
  for (const r of alive)
    console.log(`  alive  ${r.at}  ${r.mutatorName}  ${r.replacement ?? ''}`.slice(0, 160));
  console.log(`${name}: ${good} of ${tried} killed, ${((100 * good) / Math.max(1, tried)).toFixed(0)} %`);
}

const args = process.argv.slice(2);
if (args.includes('--anew')) rmSync(OUT, { recursive: true, force: true });
mkdirSync(OUT, { recursive: true });
const asked = args.filter((a) => a in ROOMS);
for (const name of asked.length > 0 ? asked : Object.keys(ROOMS)) await mutateRoom(name);
