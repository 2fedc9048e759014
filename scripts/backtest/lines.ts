/** The played worlds as they are kept, and the learned policy beside the others. */
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { SHELTERS, type Kind, type Shelter } from '@/backtest/jobs';
import type { Piece } from '@/backtest/piece';
import type { Played } from '@/backtest/play';
import { follow, learn } from '@/backtest/regression';

export function readPieces(folder: string): Piece[] {
  const out: Piece[] = [];
  for (let part = 0; existsSync(join(folder, `part-${part}.jsonl`)); part++)
    for (const line of readFileSync(join(folder, `part-${part}.jsonl`), 'utf8').split('\n'))
      if (line.endsWith('}')) out.push(JSON.parse(line) as Piece);
  return out;
}

export const of = (pieces: readonly Piece[], kind: Kind, shelter: Shelter): Piece[] =>
  pieces.filter((p) => p.kind === kind && p.shelter === shelter);

export const shelters = (pieces: readonly Piece[], kind: Kind): Shelter[] =>
  SHELTERS.filter((s) => of(pieces, kind, s).length > 0);

export const playedBy = (pieces: readonly Piece[], policy: string): Played[] =>
  pieces.flatMap((p) => p.played[policy] ?? []);

/** Learned on the even worlds of a climate, followed on its odd ones. */
export function regressionOf(pieces: readonly Piece[]): { played: Played[]; on: Piece[] } {
  const climates = [...new Set(pieces.map((p) => p.climate))];
  const played: Played[] = [];
  const on: Piece[] = [];
  for (const climate of climates) {
    const mine = pieces.filter((p) => p.climate === climate && p.traces.length > 0);
    const learned = learn(mine.filter((p) => p.seed % 2 === 0).map((p) => p.traces));
    for (const p of mine.filter((x) => x.seed % 2 === 1)) {
      played.push(follow(learned, p.traces));
      on.push(p);
    }
  }
  return { played, on };
}
