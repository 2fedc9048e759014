/**
 * Cups and cans of one run. What is mixed or activated has its own moment and its own end; a new one is opened
 * before the face that the last cannot finish, never in the middle of it, and one that is dead is thrown away.
 */
import { MINUTE } from '../../time/instant';
import { RINSE_MIN, TACK_MIN, type Draft, type Unit } from '../work/draft';
import type { Bound, BoundStep, Pot } from './bound';
import type { FirstFault } from './first-fault';
import type { RunPot, Trace } from './run';

interface Seen {
  readonly row: number;
  readonly fault: FirstFault;
  readonly trace: Trace | null;
  readonly freeMs: number;
}

const EPS_ML = 1e-6;

export class Pots {
  /** Shape [pots]: what is left, and until when it may be planned with; -Infinity while none is open. */
  private readonly leftMl: Float64Array;
  private readonly untilMs: Float64Array;
  private readonly told: (RunPot | null)[];
  private row = 0;

  constructor(
    private readonly draft: Draft,
    private readonly bound: Bound,
  ) {
    this.leftMl = new Float64Array(bound.potCount);
    this.untilMs = new Float64Array(bound.potCount);
    this.told = new Array<RunPot | null>(bound.potCount).fill(null);
  }

  /** Those that were opened before the session. */
  begin(row: number): void {
    this.row = row;
    this.told.fill(null);
    this.leftMl.fill(0);
    this.untilMs.fill(-Infinity);
    for (const { pot, step } of this.bound.steps) {
      const open = pot && this.draft.open.get(step.product.id);
      if (!open) continue;
      this.leftMl[pot.index] = open.ml;
      this.untilMs[pot.index] = pot.clock.potEndsAt(row, open.atMs);
    }
  }

  private lasts(pot: Pot, unit: Unit, atMs: number): boolean {
    const hasEnough = this.leftMl[pot.index]! >= unit.ml - EPS_ML;
    return hasEnough && atMs + unit.minutes * MINUTE <= this.untilMs[pot.index]!;
  }

  /** Opens as many as a face asks for, one after another. @returns when they are ready, ms */
  private openFor(b: BoundStep, pot: Pot, unit: Unit, at: { fromMs: number; seen: Seen }): number {
    const { index } = pot;
    const isDead = this.untilMs[index]! < at.fromMs + unit.minutes * MINUTE && this.leftMl[index]! > EPS_ML;
    const isFirst = this.told[index] === null;
    if (isDead) this.leftMl[index] = 0;
    let readyMs =
      at.fromMs + (isDead && !isFirst && b.step.product.carrier === 'gun' ? RINSE_MIN * MINUTE : 0);
    const missing = unit.ml - this.leftMl[index]!;
    const count = Math.max(1, Math.ceil(missing / pot.givesMl - EPS_ML));
    // A gun's cup is mixed for its face, refilled from the same mix where the face is larger than the cup.
    const opened = b.step.product.carrier === 'gun' ? 1 : count;
    const gives = b.step.product.carrier === 'gun' ? Math.max(pot.givesMl, unit.ml) : pot.givesMl;
    for (let n = 0; n < opened; n++) {
      const fromMs = readyMs;
      readyMs = fromMs + pot.prepareMs;
      if (b.step.product.carrier === 'gun')
        this.leftMl[index] = Math.max(unit.ml, gives - (isFirst ? pot.besideMl : 0));
      else this.leftMl[index] = this.leftMl[index]! + gives;
      this.untilMs[index] = pot.clock.potEndsAt(this.row, fromMs, pot.share);
      this.tell(b, pot, { fromMs, toMs: readyMs, isFirst: isFirst && n === 0, isAfterDead: isDead }, at.seen);
    }
    return readyMs;
  }

  private tell(
    b: BoundStep,
    pot: Pot,
    at: { fromMs: number; toMs: number; isFirst: boolean; isAfterDead: boolean },
    seen: Seen,
  ): void {
    if (!seen.trace) {
      this.told[pot.index] = SOME;
      return;
    }
    const told: RunPot = {
      step: this.bound.steps.indexOf(b),
      productId: b.step.product.id,
      fromMs: at.fromMs,
      toMs: at.toMs,
      endsMs: pot.clock.potEndsAt(seen.row, at.fromMs),
      ml: at.isFirst ? pot.besideMl : 0,
      lastMs: at.toMs,
      coats: new Set(),
      isAfterDead: at.isAfterDead,
    };
    this.told[pot.index] = told;
    seen.trace.pots.push(told);
  }

  /** The first face of a round: what it needs is opened in the wait before it. @returns when the round starts, ms */
  open(b: BoundStep, openMs: number, seen: Seen): number {
    const { pot } = b;
    const unit = b.step.units[0]!;
    if (!pot || this.lasts(pot, unit, openMs)) return openMs;
    // Its clock cannot be stopped: it is opened no earlier than the film below asks for.
    const spentMs = this.prepareMs(b, pot, unit, openMs);
    const tackMs = b.step.firstOfLayer ? TACK_MIN * MINUTE : 0;
    const startMs = Math.max(openMs, seen.freeMs + tackMs + spentMs);
    return this.openFor(b, pot, unit, { fromMs: startMs - spentMs, seen });
  }

  private prepareMs(b: BoundStep, pot: Pot, unit: Unit, atMs: number): number {
    const { index } = pot;
    const isGun = b.step.product.carrier === 'gun';
    const isDead = this.untilMs[index]! < atMs + unit.minutes * MINUTE && this.leftMl[index]! > EPS_ML;
    if (isGun) return pot.prepareMs + (isDead && this.told[index] !== null ? RINSE_MIN * MINUTE : 0);
    const missing = unit.ml - (isDead ? 0 : this.leftMl[index]!);
    return Math.max(1, Math.ceil(missing / pot.givesMl - EPS_ML)) * pot.prepareMs;
  }

  /** A later face of a round. @returns when it starts, ms */
  ready(b: BoundStep, unit: Unit, atMs: number, seen: Seen): number {
    const { pot } = b;
    if (!pot || this.lasts(pot, unit, atMs)) return atMs;
    return this.openFor(b, pot, unit, { fromMs: atMs, seen });
  }

  /** Sprays a face from what is open. */
  take(b: BoundStep, unit: Unit, endMs: number, { fault }: Seen): void {
    const { pot } = b;
    if (!pot) return;
    // One face takes longer than a fresh pot lives.
    if (endMs > this.untilMs[pot.index]!) fault.breaks('pot-life', this.untilMs[pot.index]!);
    this.leftMl[pot.index] = Math.max(0, this.leftMl[pot.index]! - unit.ml);
    const told = this.told[pot.index];
    if (!told || told === SOME) return;
    told.ml += unit.ml;
    told.lastMs = endMs;
    told.coats.add(b.step.id);
  }
}

/** One is open; of the futures nothing more is told. */
const SOME: RunPot = {
  step: -1,
  productId: '',
  fromMs: 0,
  toMs: 0,
  endsMs: 0,
  ml: 0,
  lastMs: 0,
  coats: new Set(),
  isAfterDead: false,
};
