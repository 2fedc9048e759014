/**
 * Cups and cans of one run. What is mixed or activated has its own moment and its own end; a new one is opened
 * before the face that the last cannot finish, never in the middle of it, and one that is dead is thrown away.
 */
import { HOUR, MINUTE } from '../../time/instant';
import { PRUDENT_H, RINSE_MIN, TACK_MIN, type Draft, type Unit } from '../work/draft';
import type { Bound, BoundStep, Pot } from './bound';
import type { FirstFault } from './first-fault';
import type { RunLeft, RunPot, Trace } from './run';

interface Seen {
  readonly row: number;
  readonly fault: FirstFault;
  readonly trace: Trace | null;
  readonly freeMs: number;
}

const EPS_ML = 1e-6;
/** Less in a can is no paint for anybody, ml. ASSUMED. */
const LEAST_LEFT_ML = 20;

/** What has to be opened before a face. */
interface Need {
  readonly isGun: boolean;
  readonly isDead: boolean;
  readonly count: number;
  readonly rinseMs: number;
  readonly takesMs: number;
}

export class Pots {
  /** Shape [pots]: what is left, and until when it may be planned with; -Infinity while none is open. */
  private readonly leftMl: Float64Array;
  private readonly untilMs: Float64Array;
  /** 1 once one was opened in this session. */
  private readonly isOpened: Uint8Array;
  /** The one in hand, where it is told. */
  private readonly told: (RunPot | null)[];
  private row = 0;

  constructor(
    private readonly draft: Draft,
    private readonly bound: Bound,
  ) {
    this.leftMl = new Float64Array(bound.potCount);
    this.untilMs = new Float64Array(bound.potCount);
    this.isOpened = new Uint8Array(bound.potCount);
    this.told = new Array<RunPot | null>(bound.potCount).fill(null);
  }

  /** Those that were opened before the session; of another job once that is through with it. */
  begin(row: number, startMs: number): void {
    this.row = row;
    this.isOpened.fill(0);
    this.told.fill(null);
    this.leftMl.fill(0);
    this.untilMs.fill(-Infinity);
    for (const { pot, step } of this.bound.steps) {
      const open = pot && this.draft.open.get(step.product.id);
      if (!open || startMs < (open.fromMs ?? -Infinity)) continue;
      const endsMs = pot.clock.potEndsAt(row, open.atMs);
      this.leftMl[pot.index] = open.ml;
      this.untilMs[pot.index] =
        open.fromMs === undefined ? endsMs : Math.min(endsMs, open.atMs + PRUDENT_H * HOUR);
    }
  }

  /** What is left in the cans that were activated, once the last coat is on. */
  left(): RunLeft[] {
    return this.bound.steps.flatMap(({ pot, step }, k): RunLeft[] => {
      const { product } = step;
      const isLastOfIt = this.bound.steps.findLastIndex((s) => s.pot?.index === pot?.index) === k;
      if (!pot || !isLastOfIt || product.carrier === 'gun') return [];
      const atMs = this.told[pot.index]?.fromMs ?? this.draft.open.get(product.id)?.atMs;
      const ml = this.leftMl[pot.index]!;
      return atMs === undefined || ml < LEAST_LEFT_ML ? [] : [{ productId: product.id, atMs, ml }];
    });
  }

  private lasts(pot: Pot, unit: Unit, atMs: number): boolean {
    const hasEnough = this.leftMl[pot.index]! >= unit.ml - EPS_ML;
    return hasEnough && atMs + unit.minutes * MINUTE <= this.untilMs[pot.index]!;
  }

  /** What a face asks for that what is open cannot give; reckoned for the instant it is wanted. */
  private needOf(b: BoundStep, pot: Pot, unit: Unit, atMs: number): Need {
    const { index } = pot;
    const isGun = b.step.product.carrier === 'gun';
    const left = this.leftMl[index]!;
    const isDead = left > EPS_ML && this.untilMs[index]! < atMs + unit.minutes * MINUTE;
    // A gun's cup is mixed for its face, refilled from the same mix where the face is larger than the cup.
    const cans = Math.ceil((unit.ml - (isDead ? 0 : left)) / pot.givesMl - EPS_ML);
    const count = isGun ? 1 : Math.max(1, cans);
    const rinseMs = isGun && isDead && this.isOpened[index] === 1 ? RINSE_MIN * MINUTE : 0;
    return { isGun, isDead, count, rinseMs, takesMs: rinseMs + count * pot.prepareMs };
  }

  /** Opens as many as a face asks for, one after another. @returns when they are ready, ms */
  private openFor(
    b: BoundStep,
    pot: Pot,
    unit: Unit,
    at: { need: Need; fromMs: number; seen: Seen },
  ): number {
    const { index } = pot;
    const { need } = at;
    if (need.isDead) this.leftMl[index] = 0;
    let readyMs = at.fromMs + need.rinseMs;
    for (let n = 0; n < need.count; n++) {
      const fromMs = readyMs;
      const isFirst = this.isOpened[index] === 0;
      this.isOpened[index] = 1;
      readyMs = fromMs + pot.prepareMs;
      const gives = pot.givesMl - (isFirst ? pot.besideMl : 0);
      this.leftMl[index] = need.isGun ? Math.max(unit.ml, gives) : this.leftMl[index]! + gives;
      this.untilMs[index] = pot.clock.potEndsAt(this.row, fromMs, pot.share);
      const ml = isFirst ? pot.besideMl : 0;
      this.tell(b, pot, { fromMs, toMs: readyMs, ml, isAfterDead: need.isDead }, at.seen);
    }
    return readyMs;
  }

  private tell(
    b: BoundStep,
    pot: Pot,
    at: Pick<RunPot, 'fromMs' | 'toMs' | 'ml' | 'isAfterDead'>,
    { row, trace }: Seen,
  ): void {
    if (!trace) return;
    const told: RunPot = {
      step: this.bound.steps.indexOf(b),
      productId: b.step.product.id,
      endsMs: pot.clock.potEndsAt(row, at.fromMs),
      lastMs: at.toMs,
      coats: new Set(),
      ...at,
    };
    this.told[pot.index] = told;
    trace.pots.push(told);
  }

  /** The first face of a round: what it needs is opened in the wait before it. @returns when the round starts, ms */
  open(b: BoundStep, openMs: number, seen: Seen): number {
    const { pot } = b;
    const unit = b.step.units[0]!;
    if (!pot || this.lasts(pot, unit, openMs)) return openMs;
    const tackMs = b.step.firstOfLayer ? TACK_MIN * MINUTE : 0;
    const need = this.needOf(b, pot, unit, openMs);
    // Its clock cannot be stopped: it is opened no earlier than the film below asks for.
    const startMs = Math.max(openMs, seen.freeMs + tackMs + need.takesMs);
    return this.openFor(b, pot, unit, { need, fromMs: startMs - need.takesMs, seen });
  }

  /** A later face of a round. @returns when it starts, ms */
  ready(b: BoundStep, unit: Unit, atMs: number, seen: Seen): number {
    const { pot } = b;
    if (!pot || this.lasts(pot, unit, atMs)) return atMs;
    return this.openFor(b, pot, unit, { need: this.needOf(b, pot, unit, atMs), fromMs: atMs, seen });
  }

  /** Sprays a face from what is open. */
  take(b: BoundStep, unit: Unit, endMs: number, { fault }: Seen): void {
    const { pot } = b;
    if (!pot) return;
    // One face takes longer than a fresh pot lives.
    if (endMs > this.untilMs[pot.index]!) fault.breaks('pot-life', this.untilMs[pot.index]!);
    this.leftMl[pot.index] = Math.max(0, this.leftMl[pot.index]! - unit.ml);
    const told = this.told[pot.index];
    if (!told) return;
    told.ml += unit.ml;
    told.lastMs = endMs;
    told.coats.add(b.step.id);
  }
}
