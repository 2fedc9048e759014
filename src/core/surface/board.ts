/**
 * Small pieces laid side by side on one board share the overrun: the fan runs over all of them in one pass, gaps
 * included. Identity given gap and board, both from memory.
 */
import type { Job, Part } from '@/model/job';
import { facesIfMeasured, type Face } from './shape';

/** Between two pieces, so that their edges are reached, mm. */
const GAP_MM = 40;
/** What one arm's sweep does without a step, mm. */
const BOARD_MM = 900;
/** Larger than this nobody lays it on a board with others, mm. */
const SMALL_MM = 300;

/** A flat face of a piece that goes on a board. */
export const isSmall = ({ lengthMm, widthMm, rounds }: Face): boolean =>
  rounds === 1 && Math.max(lengthMm, widthMm) <= SMALL_MM;

const span = (n: number, mm: number): number => n * mm + (n - 1) * GAP_MM;

/** Area swept for `count` equal pieces laid out as best they fit, m² a piece. @param overrunMm at the board's edges */
export function sweptOnBoardM2({ lengthMm, widthMm }: Face, count: number, overrunMm: number): number {
  let best = Infinity;
  for (let across = 1; across <= count && span(across, lengthMm) <= BOARD_MM; across++) {
    const down = Math.ceil(count / across);
    const rows = Math.min(down, Math.max(1, Math.floor((BOARD_MM + GAP_MM) / (widthMm + GAP_MM))));
    const boards = Math.ceil(down / rows);
    const boardM2 = (span(across, lengthMm) + 2 * overrunMm) * (span(rows, widthMm) + 2 * overrunMm) * 1e-6;
    best = Math.min(best, (boards * boardM2) / count);
  }
  return best;
}

const isSmallPart = (p: Part): boolean => facesIfMeasured(p)?.every(isSmall) ?? false;

/** Parts of one key are sprayed together, lying alike: the same layers go on them. */
function boardOf({ system }: Job, p: Part): string {
  const ground = [p.substrate, p.condition];
  const layers = system ? system.layers.map((l) => l.only?.includes(p.id) ?? true) : ground;
  return JSON.stringify([p.posture, p.readyFrom ?? '', layers]);
}

/**
 * Small parts that lie on a board with other small parts of the job, each with how many pieces lie there; a part
 * that says so itself keeps its own. The others stay as they are.
 */
export function withBoards(job: Job): readonly Part[] {
  const boards = new Map(job.parts.filter(isSmallPart).map((p) => [p, boardOf(job, p)]));
  const pieces = new Map<string, number>();
  for (const [p, board] of boards) pieces.set(board, (pieces.get(board) ?? 0) + (p.count ?? 1));
  return job.parts.map((p) => {
    const count = pieces.get(boards.get(p) ?? '') ?? 1;
    return count > (p.count ?? 1) && p.boardCount === undefined ? { ...p, boardCount: count } : p;
  });
}
