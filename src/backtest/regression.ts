/**
 * The attainable mark: a policy learned from worlds and tried on others. Backward over the looks, what waiting came to
 * is regressed on what was seen (least squares on: one, best chance of the next day, of two, four and all days, that
 * squared, days left), one fit a look; a start is made where its expected cost is the smaller. After Longstaff and
 * Schwartz 2001. It learns from half of the worlds and is judged on the other half.
 */
import { DAY } from '@/core/time/instant';
import { Matrix, solve } from 'ml-matrix';
import { DELAY_PER_DAY } from './jobs';
import { AGAIN_MS, type Played } from './play';
import type { Trace } from './trace';
import { DAYS } from './world';

const AGAIN_DAYS = AGAIN_MS / DAY;

function featuresOf({ ahead, day }: Trace): number[] {
  const all = ahead.at(-1)!;
  return [1, ...ahead, all * all, (DAYS - day) / DAYS];
}

/** What letting a look go by is expected to cost, by the fit of its day. */
type Fit = (trace: Trace) => number;

/** A little of each weight is held back, so that looks with few worlds do not run wild. */
const RIDGE = 0.05;

function fitted(rows: readonly Trace[], costs: readonly number[]): Fit {
  const x = new Matrix(rows.map(featuresOf));
  const y = Matrix.columnVector([...costs]);
  const t = x.transpose();
  const own = t.mmul(x).add(Matrix.eye(x.columns).mul(RIDGE * rows.length));
  const w = solve(own, t.mmul(y)).to1DArray();
  return (trace) => featuresOf(trace).reduce((a, f, i) => a + f * w[i]!, 0);
}

const neverOf = ({ stake }: Trace): number => stake + DAYS * DELAY_PER_DAY;

/** The first look at which what failed may be begun again. */
const againAt = (world: readonly Trace[], day: number): number => {
  const at = world.findIndex((t) => t.day >= day + AGAIN_DAYS);
  return at < 0 ? world.length : at;
};

export interface Learned {
  /** By look, from the first. */
  readonly fits: readonly Fit[];
}

/** What a start is expected to cost: its failing with what waiting costs then, or its end. */
function startCost(t: Trace, wait: number): number {
  const p = t.chance ?? 0;
  return (1 - p) * (t.stake + wait) + p * DELAY_PER_DAY * (t.day + 0.5);
}

/** Backward over the looks of many worlds. */
export function learn(worlds: readonly (readonly Trace[])[]): Learned {
  const looks = Math.max(...worlds.map((w) => w.length));
  const fits: Fit[] = Array.from({ length: looks }, () => neverOf);
  const value = worlds.map((w) => new Float64Array(w.length + 1).fill(w[0] ? neverOf(w[0]) : 0));
  for (let n = looks - 1; n >= 0; n--) {
    const here = worlds.flatMap((w, i) => {
      const t = w[n];
      return t ? [{ t, passed: value[i]![n + 1]! }] : [];
    });
    if (here.length === 0) continue;
    fits[n] = fitted(
      here.map((h) => h.t),
      here.map((h) => h.passed),
    );
    worlds.forEach((w, i) => {
      const t = w[n];
      if (!t) return;
      const wait = fits[n]!(t);
      const isGo = t.chance !== null && startCost(t, wait) < wait;
      const lost = t.stake + value[i]![againAt(w, t.day)]!;
      const goes = t.came ? DELAY_PER_DAY * t.handleDay : lost;
      value[i]![n] = isGo ? goes : value[i]![n + 1]!;
    });
  }
  return { fits };
}

/** The learned policy on one world it has not seen. */
export function follow({ fits }: Learned, world: readonly Trace[]): Played {
  let lost = 0;
  let spoiled = 0;
  let wasted = 0;
  for (let n = 0; n < world.length;) {
    const t = world[n]!;
    const wait = fits[n]?.(t) ?? neverOf(t);
    if (t.chance === null || startCost(t, wait) >= wait) {
      n++;
      continue;
    }
    if (t.came) {
      const cost = lost + DELAY_PER_DAY * t.handleDay;
      return { cost, starts: spoiled + 1, spoiled, wasted, isDone: true, days: t.handleDay, stated: [] };
    }
    lost += t.stake;
    wasted += t.cans;
    spoiled++;
    n = againAt(world, t.day);
  }
  const stake = world[0]?.stake ?? 0;
  return {
    cost: lost + stake + DAYS * DELAY_PER_DAY,
    starts: spoiled,
    spoiled,
    wasted,
    isDone: false,
    days: DAYS,
    stated: [],
  };
}
