/**
 * What was measured in a place corrects its coming hours. Futures that were near the readings count, those that were
 * not are left; where too few were near, the forecast is off: all are shifted to what was read, by less the further
 * ahead, and spread wider.
 */
import { MEASURES, type Measure, type Reading } from '@/model/reading';
import { remember } from '../records/remember';
import { HOUR, MINUTE } from '../time/instant';
import type { AtPart } from './at-part';
import { dewOfLnPressureC, lnSatPressure } from './moist';

/** Readings fade: one so old counts e times less, h. [M] */
export const MEMORY_H = 6;
/** Older ones say nothing of the hours to come, h. [M] */
const OLDEST_H = 18;
/** Readings nearer together than this say the same, h. [M] */
const APART_H = 2;
/** Fewer members than this that count are no ensemble any more. */
export const LEAST_EFFECTIVE = 15;
/** No wider than this many times. [M] */
const MOST_WIDER = 2.5;

/** How far a reading may be from a future that is right: instrument and where it hangs, °C, %, m/s. [M] */
const NEAR: Readonly<Record<Measure, number>> = { airC: 1, rhPct: 6, panelC: 1.5, windMs: 0.8 };

export interface Corrected {
  readonly air: AtPart;
  readonly said: CorrectedSaid;
}
export interface CorrectedSaid {
  /** Of the newest reading. */
  readonly atMs: number;
  /** Futures that still count, 1…members. */
  readonly effective: number;
  readonly members: number;
  /** Too few counted: shifted and widened instead. */
  readonly isWidened: boolean;
  /** What was read less what was expected, by quantity: K, %, m/s. */
  readonly off: Readonly<Partial<Record<Measure, number>>>;
}

/** A reading of one quantity beside what each future has there. */
interface Seen {
  readonly q: Measure;
  readonly ms: number;
  readonly value: number;
}

const FIELD: Readonly<Record<Measure, 'airC' | 'rhFrac' | 'panelC' | 'windMs'>> = {
  airC: 'airC',
  rhPct: 'rhFrac',
  panelC: 'panelC',
  windMs: 'windMs',
};

/** What a future has at an instant, in the reading's unit; straight between two half hours. */
function valueAt(air: AtPart, row: number, ms: number, q: Measure): number {
  const x = Math.min(Math.max((ms - air.startMs) / air.stepMs, 0), air.nodes - 1);
  const i = Math.min(Math.floor(x), air.nodes - 2);
  const field = air[FIELD[q]];
  const k = row * air.nodes + i;
  const value = field[k]! + (x - i) * (field[k + 1]! - field[k]!);
  return q === 'rhPct' ? value * 100 : value;
}

/** The newest of each quantity and older ones far enough apart, newest first. A plan is made for its whole minute. */
export function readingsUsed(readings: readonly Reading[], nowMs: number): Seen[] {
  const newest = readings
    .filter((r) => r.ms < nowMs + MINUTE && nowMs - r.ms <= OLDEST_H * HOUR)
    .toSorted((a, b) => b.ms - a.ms);
  return MEASURES.flatMap((q) => {
    const kept: Seen[] = [];
    for (const r of newest) {
      const value = r[q];
      const last = kept.at(-1);
      if (value === undefined || (last && last.ms - r.ms < APART_H * HOUR)) continue;
      kept.push({ q, ms: r.ms, value });
    }
    return kept;
  });
}

export const fading = (hours: number): number => Math.exp(-Math.max(0, hours) / MEMORY_H);

/** Weight of each future, adding up to 1; shape [members]. */
export function weightsOf(air: AtPart, seen: readonly Seen[], nowMs: number): Float64Array {
  const members = air.rows - 1;
  const logs = new Float64Array(members);
  for (const { q, ms, value } of seen) {
    const counts = fading((nowMs - ms) / HOUR);
    for (let m = 0; m < members; m++) {
      const z = (value - valueAt(air, m, ms, q)) / NEAR[q];
      logs[m] = logs[m]! - 0.5 * counts * z * z;
    }
  }
  const most = Math.max(...logs);
  const w = logs.map((l) => Math.exp(l - most));
  const sum = w.reduce((a, b) => a + b, 0);
  return w.map((x) => x / sum);
}

/** How many futures of equal weight they are worth (Kish 1965). */
export const effectiveOf = (weights: Float64Array): number => 1 / weights.reduce((sum, w) => sum + w * w, 0);

/** As many futures as there were, each as often as its weight asks: systematic resampling (Kitagawa 1996). */
export function picksOf(weights: Float64Array): number[] {
  const n = weights.length;
  const picks: number[] = [];
  let sum = 0;
  for (let m = 0; m < n; m++) {
    sum += weights[m]!;
    while (picks.length < n && (picks.length + 0.5) / n <= sum) picks.push(m);
  }
  while (picks.length < n) picks.push(n - 1);
  return picks;
}

const ARRAYS = ['airC', 'panelC', 'rhFrac', 'gapK', 'windMs', 'gustMs', 'heatW'] as const;
const FLAGS = ['rain', 'flap', 'insects'] as const;

/** The futures that were picked, the central line last. */
function picked(air: AtPart, picks: readonly number[]): AtPart {
  const rows = [...picks, air.rows - 1];
  const gather = <T extends Float64Array | Uint8Array>(from: T, to: T): T => {
    rows.forEach((row, r) => to.set(from.subarray(row * air.nodes, (row + 1) * air.nodes), r * air.nodes));
    return to;
  };
  const size = air.rows * air.nodes;
  const arrays = Object.fromEntries(ARRAYS.map((f) => [f, gather(air[f], new Float64Array(size))]));
  const flags = Object.fromEntries(FLAGS.map((f) => [f, gather(air[f], new Uint8Array(size))]));
  return { ...air, ...arrays, ...flags };
}

/** The newest of each quantity. */
function newestOf(seen: readonly Seen[]): Partial<Record<Measure, Seen>> {
  const out: Partial<Record<Measure, Seen>> = {};
  for (const s of seen) out[s.q] ??= s;
  return out;
}

/** What was read less what the expected line has there. */
function offOf(air: AtPart, newest: ReturnType<typeof newestOf>): Partial<Record<Measure, number>> {
  const row = air.rows - 1;
  return Object.fromEntries(
    Object.values(newest).map(({ q, ms, value }) => [q, value - valueAt(air, row, ms, q)]),
  );
}

/** How much a quantity is moved at the reading, and how much wider its futures stand. */
interface Move {
  readonly off: number;
  readonly wider: number;
  readonly atMs: number;
}

function spreadOf(air: AtPart, { q, ms }: Seen): number {
  const members = air.rows - 1;
  const x = Array.from({ length: members }, (_, m) => valueAt(air, m, ms, q));
  const mean = x.reduce((a, b) => a + b, 0) / members;
  return Math.sqrt(x.reduce((a, b) => a + (b - mean) ** 2, 0) / Math.max(1, members - 1));
}

function moveOf(air: AtPart, seen: Seen, off: number): Move {
  const sd = Math.max(spreadOf(air, seen), NEAR[seen.q] / 2);
  return { off, wider: Math.min(MOST_WIDER, Math.max(1, Math.abs(off) / (1.5 * sd))), atMs: seen.ms };
}

/** Moves the rows of one field to what was read, by less the further ahead. @param rows from and to, the end left out */
function shift(air: AtPart, q: Measure, move: Move, rows: readonly [number, number]): void {
  const field = air[FIELD[q]];
  const per = q === 'rhPct' ? 100 : 1;
  const central = (air.rows - 1) * air.nodes;
  const before = field.slice(central, central + air.nodes);
  for (let i = 0; i < air.nodes; i++) {
    const fade = fading((air.startMs + i * air.stepMs - move.atMs) / HOUR);
    const isPast = air.startMs + i * air.stepMs < move.atMs - HOUR;
    if (isPast) continue;
    for (let r = rows[0]; r < rows[1]; r++) {
      const k = r * air.nodes + i;
      const away = field[k]! - before[i]!;
      field[k] = before[i]! + away * (1 + fade * (move.wider - 1)) + (fade * move.off) / per;
    }
  }
}

/** Wind is never under nothing, gusts keep their share, air holds no more than it can; the dew gap follows. */
function settle(air: AtPart, winds: Float64Array): void {
  for (let k = 0; k < air.windMs.length; k++) {
    const wind = Math.max(0, air.windMs[k]!);
    air.windMs[k] = wind;
    air.gustMs[k] = Math.max(wind, air.gustMs[k]! + wind - winds[k]!);
    const rh = Math.min(1, Math.max(0.01, air.rhFrac[k]!));
    air.rhFrac[k] = rh;
    air.gapK[k] = air.panelC[k]! - dewOfLnPressureC(lnSatPressure(air.airC[k]!) + Math.log(rh));
  }
}

/** @param rows which are moved */
function moved(air: AtPart, { newest, off, isWidened }: Found, rows: readonly [number, number]): AtPart {
  const winds = air.windMs.slice();
  const moves = Object.values(newest).map((s) => {
    const move = moveOf(air, s, off[s.q]!);
    return { q: s.q, move: isWidened ? move : { ...move, wider: 1 } };
  });
  const hasPanel = newest.panelC !== undefined;
  for (const { q, move } of moves) {
    shift(air, q, move, rows);
    // The panel goes with the air where nobody laid a thermometer on it.
    if (q === 'airC' && !hasPanel) shift(air, 'panelC', move, rows);
  }
  settle(air, winds);
  return air;
}

interface Found {
  readonly newest: ReturnType<typeof newestOf>;
  readonly off: ReturnType<typeof offOf>;
  readonly isWidened: boolean;
}

function correct(air: AtPart, seen: readonly Seen[], nowMs: number): Corrected {
  const members = air.rows - 1;
  const newest = newestOf(seen);
  const off = offOf(air, newest);
  const weights = weightsOf(air, seen, nowMs);
  const effective = effectiveOf(weights);
  const isWidened = effective < LEAST_EFFECTIVE;
  const all = Array.from({ length: members }, (_, m) => m);
  const copy = picked(air, isWidened ? all : picksOf(weights));
  const found = { newest, off, isWidened };
  // Futures that were picked are near what was read already: only the expected line is moved to it.
  const made = moved(copy, found, isWidened ? [0, air.rows] : [members, air.rows]);
  const atMs = Math.max(...seen.map((s) => s.ms));
  return { air: made, said: { atMs, effective, members, isWidened, off } };
}

const known = new WeakMap<AtPart, Map<string, Corrected>>();
const KEPT = 4;

/** The air of a place with its readings; null where none is new enough. */
export function correctedBy(air: AtPart, readings: readonly Reading[], nowMs: number): Corrected | null {
  const seen = readingsUsed(readings, nowMs).filter((s) => s.ms >= air.startMs);
  if (seen.length === 0) return null;
  const of = known.get(air) ?? new Map<string, Corrected>();
  known.set(air, of);
  const key = JSON.stringify([seen, Math.round(nowMs / HOUR)]);
  return remember(of, key, KEPT, () => correct(air, seen, nowMs));
}
