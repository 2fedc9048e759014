/**
 * Plans kept beside the workshop, one a job, so that a server that starts anew need not make them all again.
 * The file is a memory only: it is no part of any copy, and one that cannot be read is thrown away.
 */
import { createHash } from 'node:crypto';
import type { PlanKey, PlanShelf } from '@/usecases/plans';
import { memoryIn } from './memory';

const MOST_PLANS = 1000;

/** What a plan follows from, and the program that made it; reckoned once for the asking and the keeping. */
class Hashes {
  private readonly known = new WeakMap<PlanKey, string>();

  constructor(private readonly program: string) {}

  of(key: PlanKey): string {
    const known = this.known.get(key);
    if (known !== undefined) return known;
    const { job, issuedMs, readings, around, sinceMs } = key;
    const text = JSON.stringify([this.program, job, issuedMs, readings, around, sinceMs]);
    const hash = createHash('sha256').update(text).digest('hex');
    this.known.set(key, hash);
    return hash;
  }
}

/** @param program mark of the build: another one makes other plans */
export function planShelf(folder: string, program: string): PlanShelf {
  const memory = memoryIn(folder, 'plans', MOST_PLANS);
  const hashes = new Hashes(program);
  return {
    get: (key) => memory.get(key.jobId, hashes.of(key)) as ReturnType<PlanShelf['get']>,
    keep: (key, answer) => memory.keep(key.jobId, hashes.of(key), answer),
  };
}
