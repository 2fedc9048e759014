/**
 * npm run soak [-- part …] [--fresh]: a long run against kills, nonsense, odd jobs and many years of use. Needs
 * a build. Each part goes on where it was broken off; what it found is kept in .cache/soak, seeds and all.
 */
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { loopFigures } from './soak/beside-loop';
import { fuzzImporters, fuzzRoutes } from './soak/fuzz';
import { serverKills, writeForEver, writerKills } from './soak/kills';
import { pageCosts } from './soak/many';
import { randomPlans } from './soak/plans';
import { summaryOf, type Figures } from './soak/summary';

interface PartOfSoak {
  readonly pieces: number;
  readonly run: (piece: number) => Promise<Figures> | Figures;
}
const seedOf = (piece: number, size: number): number => 1 + piece * size;

const PARTS: Readonly<Record<string, PartOfSoak>> = {
  'writer-kills': { pieces: 10, run: (n) => writerKills(90, seedOf(n, 90)) },
  'server-kills': { pieces: 10, run: (n) => serverKills(10, seedOf(n, 10)) },
  'fuzz-importers': { pieces: 10, run: (n) => fuzzImporters(6000, seedOf(n, 6000)) },
  'fuzz-routes': { pieces: 1, run: () => fuzzRoutes(40_000, 1) },
  plans: { pieces: 10, run: (n) => randomPlans(1000, seedOf(n, 1000)) },
  many: { pieces: 1, run: () => pageCosts() },
  loop: { pieces: 1, run: () => loopFigures() },
};

const FOLDER = join(process.cwd(), '.cache', 'soak');
const fileOf = (part: string): string => join(FOLDER, `${part}.json`);
const soFar = (part: string): Figures[] =>
  existsSync(fileOf(part)) ? (JSON.parse(readFileSync(fileOf(part), 'utf8')) as Figures[]) : [];

async function runPart(name: string, { pieces, run }: PartOfSoak): Promise<void> {
  const figures = soFar(name);
  while (figures.length < pieces) {
    const from = Date.now();
    figures.push(await run(figures.length));
    writeFileSync(fileOf(name), JSON.stringify(figures, null, 1));
    const took = Math.round((Date.now() - from) / 1000);
    process.stdout.write(`${name}: piece ${figures.length} of ${pieces}, ${took} s\n`);
  }
  process.stdout.write(`${summaryOf(name, figures)}\n`);
}

async function main(argv: readonly string[]): Promise<void> {
  if (argv[0] === '--writer') await writeForEver(argv[1]!, Number(argv[2]));
  const asked = argv.filter((a) => !a.startsWith('--'));
  const names = asked.length > 0 ? asked : Object.keys(PARTS);
  if (argv.includes('--fresh')) for (const name of names) rmSync(fileOf(name), { force: true });
  mkdirSync(FOLDER, { recursive: true });
  for (const name of names) {
    const part = PARTS[name];
    if (!part) throw new Error(`no such part: ${name}; there are ${Object.keys(PARTS).join(', ')}`);
    await runPart(name, part);
  }
}

await main(process.argv.slice(2));
