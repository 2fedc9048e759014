/**
 * Film that flatting and polishing takes, and the time of a pass; a pass is over when the scratch of the last grit is
 * just gone. All from memory.
 */
import type { FinishPad, FinishTool, Peel } from '@/model/finish';

/** Least and most, µm. */
export type Range = readonly [low: number, high: number];

/** µm a pass takes, by grit. */
const BY_GRIT: Readonly<Record<number, Readonly<Record<FinishTool, Range>>>> = {
  800: { hand: [6, 10], machine: [5, 8] },
  1000: { hand: [4, 7], machine: [4, 6] },
  1200: { hand: [3, 5], machine: [3, 4] },
  1500: { hand: [2, 4], machine: [2, 3] },
  2000: { hand: [1, 2], machine: [1, 2] },
  2500: { hand: [0.7, 1.5], machine: [0.5, 1] },
  3000: { hand: [0.3, 1], machine: [0.3, 0.8] },
};
const COMPOUND: Readonly<Record<FinishTool, Range>> = { hand: [0.3, 1], machine: [0.5, 1.5] };
const POLISH: Range = [0.2, 0.5];
/** A nib is cut where it stands. */
export const NIB_UM: Range = [3, 8];

/** Minutes a square metre and pass. */
const PASS_MIN_PER_M2: Readonly<Record<FinishTool, number>> = { hand: 30, machine: 6 };
/** Minutes a square metre that compound and polish take, small areas one after the other. */
const GLOSS_MIN_PER_M2: Readonly<Record<FinishTool, number>> = { hand: 60, machine: 30 };

/** Grits that follow the first, until compound takes the scratch. */
const LADDERS: Readonly<Record<number, readonly number[]>> = {
  800: [800, 1200, 2000, 3000],
  1000: [1000, 1500, 2500],
  1200: [1200, 2000, 3000],
  1500: [1500, 2000, 3000],
  2000: [2000, 3000],
};
/** Light peel goes in the first pass, more of it takes the first grit once or twice again. */
const AGAIN: Readonly<Record<Peel, number>> = { none: 0, light: 0, medium: 1, heavy: 2 };
/** First grits that take it away, the usual one first and finer ones after it; common practice, no source. */
export const FIRST_GRITS: Readonly<Record<Peel, readonly number[]>> = {
  none: [],
  light: [1500, 2000],
  medium: [1200, 1500],
  heavy: [800, 1000, 1200],
};
/** What repeating the first grit adds, µm; from P1000 down to P1500 it comes to much the same. */
const ADDS: Readonly<Record<Peel, Range>> = { none: [0, 0], light: [0, 0], medium: [3, 6], heavy: [9, 19] };

/** One step of finishing: a grit with its passes, or compound, or polish. */
export interface FinishStep {
  readonly kind: 'flat' | 'compound' | 'polish';
  readonly tool: FinishTool;
  readonly pad: FinishPad;
  readonly gritP: number | null;
  readonly passes: number;
  readonly takesUm: Range;
  readonly minPerM2: number;
}

const plus = ([a, b]: Range, [c, d]: Range): Range => [a + c, b + d];

/** What a list of steps takes in all, µm. */
export const takenBy = (steps: readonly { readonly takesUm: Range }[]): Range =>
  steps.reduce<Range>((sum, s) => plus(sum, s.takesUm), [0, 0]);

/** Paper coarser than this levels on a hard block; finer ones, and all by machine, go on what gives. */
const BLOCKED_TO_P = 1500;
function padUnder(gritP: number, tool: FinishTool): FinishPad {
  if (tool === 'machine') return 'foam-pad';
  return gritP <= BLOCKED_TO_P ? 'block' : 'soft-pad';
}

/** Strokes over each place in a pass by hand: a block 70 mm wide, 0.3 m a stroke, one a second (identity). */
export const HAND_STROKES = Math.round(PASS_MIN_PER_M2.hand * 60 * 0.07 * 0.3);

/** What a pass of a paper takes of a place, by hand, µm. @throws RangeError on a paper that is not in the list */
export function passOf(gritP: number): Range {
  const taken = BY_GRIT[gritP];
  if (!taken) throw new RangeError(`passOf: P${gritP} is not in the list`);
  return taken.hand;
}

/** Compound and polish alone. */
export function glossSteps(tool: FinishTool): [compound: FinishStep, polish: FinishStep] {
  const isHand = tool === 'hand';
  const once = { gritP: null, passes: 1, minPerM2: GLOSS_MIN_PER_M2[tool] / 2 };
  return [
    { kind: 'compound', tool, pad: isHand ? 'cloth' : 'cutting-pad', ...once, takesUm: COMPOUND[tool] },
    { kind: 'polish', tool, pad: isHand ? 'cloth' : 'polishing-pad', ...once, takesUm: POLISH },
  ];
}

/** From a first grit to gloss. @param firstGritP that a ladder begins with @throws RangeError on another */
export function flatSteps(firstGritP: number, peel: Peel, tool: FinishTool): FinishStep[] {
  const grits = LADDERS[firstGritP];
  if (!grits) throw new RangeError(`flatSteps: no ladder from P${firstGritP}`);
  const rungs = grits.map((gritP, i): FinishStep => {
    const passes = i === 0 ? 1 + AGAIN[peel] : 1;
    const once = BY_GRIT[gritP]![tool];
    const takesUm = i === 0 ? plus(once, ADDS[peel]) : once;
    const minPerM2 = passes * PASS_MIN_PER_M2[tool];
    return { kind: 'flat', tool, pad: padUnder(gritP, tool), gritP, passes, takesUm, minPerM2 };
  });
  return [...rungs, ...glossSteps(tool)];
}

/** Edges are half as thick, and lose two to three times as much. */
export const EDGE_FILM = 0.5;
export const EDGE_LOSS: Range = [2, 3];
