/**
 * npm run backtest [-- --worlds 300] [--few 20] [--write]: plays hidden worlds under every policy, on two cores, and
 * goes on where it was broken off; the lines are kept in .cache/backtest, seeds and all. --write makes
 * docs/backtest.md from what is there.
 */
import { fork } from 'node:child_process';
import { appendFileSync, existsSync, mkdirSync, readFileSync } from 'node:fs';
import { cpus } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { KINDS, SHELTERS } from '@/backtest/jobs';
import { playPiece, type PieceId } from '@/backtest/piece';
import { CLIMATES } from '@/standins/climates';
import { writeReport } from './backtest/report';

const FOLDER = join(process.cwd(), '.cache', 'backtest');

const { values } = parseArgs({
  options: {
    worlds: { type: 'string', default: '300' },
    few: { type: 'string', default: '20' },
    part: { type: 'string' },
    write: { type: 'boolean', default: false },
  },
});

/**
 * Worlds to be played, each with all that is played in it so that its sky is made once; the same numbers of each
 * climate side by side, so that a broken run is balanced.
 */
function worlds(): PieceId[][] {
  const most = Number(values.worlds);
  const few = Number(values.few);
  return Array.from({ length: most }, (_, seed) => seed).flatMap((seed) =>
    CLIMATES.map((climate) =>
      KINDS.filter((kind) => kind === 'one-lot' || seed < few).flatMap((kind) =>
        SHELTERS.map((shelter) => ({ kind, shelter, climate, seed })),
      ),
    ),
  );
}

const nameOf = (id: PieceId): string => `${id.kind} ${id.shelter} ${id.climate} ${id.seed}`;
const fileOf = (part: number): string => join(FOLDER, `part-${part}.jsonl`);

/** Lines that are there already; one that was broken off is left out. */
function kept(): Set<string> {
  const done = new Set<string>();
  for (let part = 0; existsSync(fileOf(part)); part++)
    for (const line of readFileSync(fileOf(part), 'utf8').split('\n')) {
      if (!line.endsWith('}')) continue;
      done.add(nameOf(JSON.parse(line) as PieceId));
    }
  return done;
}

function playPart(part: number, parts: number): void {
  const done = kept();
  const mine = worlds()
    .filter((_, n) => n % parts === part)
    .flat()
    .filter((id) => !done.has(nameOf(id)));
  mine.forEach((id, n) => {
    appendFileSync(fileOf(part), `${JSON.stringify(playPiece(id))}\n`);
    if (n % 20 === 0) console.log(`part ${part}: ${n} of ${mine.length}, ${nameOf(id)}`);
  });
}

/** A child for each core. */
function playAll(): Promise<unknown> {
  const parts = Math.max(1, Math.min(2, cpus().length));
  const runs = Array.from({ length: parts }, (_, part) => {
    const args = [...process.argv.slice(2), '--part', `${part}/${parts}`];
    const child = fork(process.argv[1]!, args, { execArgv: process.execArgv });
    return new Promise((resolve) => child.on('exit', resolve));
  });
  return Promise.all(runs);
}

mkdirSync(FOLDER, { recursive: true });
if (values.part) {
  const [part = 0, parts = 1] = values.part.split('/').map(Number);
  playPart(part, parts);
} else if (values.write) {
  writeReport(FOLDER);
} else {
  await playAll();
  writeReport(FOLDER);
}
