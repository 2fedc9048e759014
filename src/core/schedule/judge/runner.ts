/**
 * Runs one session in one future from one start: every coat at its own time, its flash from the
 * panel temperature at that time, and every limit over the hours it holds. The painter waits as
 * long as that future asks; he cannot make a maximum or the pot life longer.
 */
import type { Place } from '@/model/job';
import type { AtPart } from '../../air/at-part';
import { isDark } from '../../air/dark';
import { nearestNode } from '../../air/grid';
import type { Clocks, ProductClock } from '../../drying/clocks';
import { itselfLatestMin } from '../../drying/rate';
import { MINUTE } from '../../time/instant';
import {
  ACTIVATE_MIN,
  TACK_MIN,
  UNMASK_AFTER_MIN,
  UNMASK_MIN,
  type CoatStep,
  type Draft,
} from '../tasks/draft';
import { FirstFault } from './first-fault';
import { type Cause, type LimitTable } from './limits';

/** One coat as it falls in this future, ms. */
export interface RunCoat {
  readonly startMs: number;
  readonly endMs: number;
  /** Start of the activation or mixing before it; null where there is none. */
  readonly activateMs: number | null;
  /** End of the pot it is sprayed from; Infinity for what keeps. */
  readonly potEndsMs: number;
}

/**
 * How a session goes. A future that is lost breaks off: its hands are off where it was left, what was not
 * reached is Infinity.
 */
export interface Run {
  /** Which limit broke first; null when it ends well. */
  readonly cause: Cause | null;
  /** Past the best time for the next layer, though within its bond: soft. */
  readonly late: boolean;
  readonly coats: readonly RunCoat[];
  readonly handsOffMs: number;
  readonly dustFreeMs: number;
  readonly touchDryMs: number;
  readonly handleMs: number;
  readonly sandMs: number;
}

const NOT_REACHED = {
  dustFreeMs: Infinity,
  touchDryMs: Infinity,
  handleMs: Infinity,
  sandMs: Infinity,
} as const;

const up = (ms: number): number => Math.ceil(ms / MINUTE) * MINUTE;

/** A step with its clock and limits bound to it once: the search runs this tens of thousands of times. */
interface BoundStep {
  readonly step: CoatStep;
  readonly clock: ProductClock;
  readonly table: LimitTable;
  /** Which of the session's products it sprays. */
  readonly pot: number;
  /** Latest after the coat before of the same product, minutes. */
  readonly itselfLatestMin: number;
  readonly lastOfLayer: boolean;
}

/** Where the run has got to. */
interface Progress {
  readonly row: number;
  readonly fault: FirstFault;
  /** End of each product's pot, ms. */
  readonly pots: number[];
  readonly coats: RunCoat[];
  late: boolean;
  /** The painter is free from here, ms. */
  freeMs: number;
  under: { readonly clock: ProductClock; readonly endMs: number; readonly firstEndMs: number } | null;
  /** First coat of the layer that is being laid. */
  layerStartMs: number;
}

export class Runner {
  private readonly steps: readonly BoundStep[];
  private readonly potCount: number;
  private readonly carryClock: ProductClock | null;
  private readonly centralRow: number;

  constructor(
    private readonly where: { readonly air: AtPart; readonly place: Pick<Place, 'lamp'> },
    clocks: Clocks,
    limitsOf: (product: CoatStep['product']) => LimitTable,
    readonly draft: Draft,
  ) {
    const ids = [...new Set(draft.steps.map((s) => s.product.id))];
    this.steps = draft.steps.map((step, k) => ({
      step,
      clock: clocks.of(step.product),
      table: limitsOf(step.product),
      pot: ids.indexOf(step.product.id),
      itselfLatestMin: itselfLatestMin(step.product),
      lastOfLayer: draft.steps[k + 1]?.firstOfLayer ?? true,
    }));
    this.potCount = ids.length;
    this.carryClock = draft.carry ? clocks.of(draft.carry.product) : null;
    this.centralRow = where.air.rows - 1;
  }

  private isDark(ms: number): boolean {
    const { air, place } = this.where;
    return place.lamp !== true && isDark(air.sunDeg[nearestNode(air, air.nodes, ms)]!);
  }

  /** Pots that were opened before the session. */
  private openPots(row: number): number[] {
    const pots = new Array<number>(this.potCount).fill(Infinity);
    for (const [id, atMs] of this.draft.activatedMs) {
      const bound = this.steps.find((b) => b.step.product.id === id);
      if (bound) pots[bound.pot] = bound.clock.potEndsAt(row, atMs);
    }
    return pots;
  }

  /** Earliest instant of a coat: the film below has flashed, the part is tacked, the can activated. */
  private startOf({ step }: BoundStep, progress: Progress): number {
    let atMs = progress.freeMs;
    if (progress.under) {
      const stage = step.firstOfLayer ? 'next' : 'flash';
      atMs = Math.max(atMs, progress.under.clock.stageAt(stage, progress.row, progress.under.endMs));
      if (step.firstOfLayer) atMs = Math.max(atMs, progress.freeMs + TACK_MIN * MINUTE);
    }
    // A can is activated only once the film under it is ready: its clock cannot be stopped.
    if (step.activateCans > 0) atMs = Math.max(atMs, progress.freeMs + (TACK_MIN + ACTIVATE_MIN) * MINUTE);
    return up(atMs);
  }

  /** The film below must not have waited too long. */
  private holdMaximum(b: BoundStep, p: Progress, atMs: number): void {
    if (!p.under) return;
    const { clock, firstEndMs } = p.under;
    if (!b.step.firstOfLayer) {
      const latest = b.itselfLatestMin;
      if (Number.isFinite(latest) && atMs > b.clock.maxAt(latest, p.row, firstEndMs))
        p.fault.breaks('recoat-max', atMs);
      return;
    }
    const { nextBondMaxMin, nextWetMaxMin } = clock.product;
    if (nextBondMaxMin !== undefined && atMs > clock.maxAt(nextBondMaxMin, p.row, firstEndMs))
      p.fault.breaks('bond-window', atMs);
    if (nextWetMaxMin !== undefined && atMs > firstEndMs + nextWetMaxMin * MINUTE) p.late = true;
  }

  private holdLight(p: Progress, startMs: number, endMs: number): void {
    if (this.isDark(startMs)) p.fault.breaks('dark', startMs);
    else if (this.isDark(endMs)) p.fault.breaks('dark', endMs);
  }

  /** Lays one coat; null when the forecast ends before it can start. */
  private lay(b: BoundStep, p: Progress): RunCoat | null {
    const startMs = this.startOf(b, p);
    if (!Number.isFinite(startMs)) {
      p.fault.breaks('beyond-forecast', p.freeMs);
      return null;
    }
    const endMs = startMs + b.step.minutes * MINUTE;
    this.holdMaximum(b, p, startMs);
    const activateMs = b.step.activateCans > 0 ? startMs - ACTIVATE_MIN * MINUTE : null;
    if (activateMs !== null) p.pots[b.pot] = b.clock.potEndsAt(p.row, activateMs);
    const potEndsMs = p.pots[b.pot]!;
    if (endMs > potEndsMs) p.fault.breaks('pot-life', potEndsMs);
    this.holdLight(p, startMs, endMs);
    return { startMs, endMs, activateMs, potEndsMs };
  }

  /** Covered by the next layer before it is dry: from then on that layer's limits hold. */
  private holdUntilCovered(b: BoundStep, p: Progress, endMs: number): void {
    p.fault.hold(b.table, 0, p.layerStartMs, endMs);
    p.fault.hold(b.table, 1, p.layerStartMs, endMs);
    p.fault.hold(b.table, 2, p.layerStartMs, endMs);
  }

  /** The last film, until it minds nothing any more. */
  private dry(b: BoundStep, p: Progress, endMs: number): Omit<Run, 'cause' | 'late' | 'coats'> {
    const { row, layerStartMs } = p;
    const dustFreeMs = b.clock.stageAt('dustFree', row, endMs);
    const touchDryMs = b.clock.stageAt('touchDry', row, endMs);
    const handleMs = b.clock.stageAt('handle', row, endMs);
    p.fault.hold(b.table, 0, layerStartMs, dustFreeMs);
    p.fault.hold(b.table, 1, layerStartMs, touchDryMs);
    p.fault.hold(b.table, 2, layerStartMs, handleMs);
    const sandMs = b.clock.stageAt('sand', row, endMs);
    const handsOffMs = this.draft.unmask ? endMs + (UNMASK_AFTER_MIN + UNMASK_MIN) * MINUTE : endMs;
    return { handsOffMs, dustFreeMs, touchDryMs, handleMs, sandMs };
  }

  private begin(row: number, startMs: number): Progress {
    const { carry, prepMin } = this.draft;
    const under = this.carryClock && carry;
    return {
      row,
      fault: new FirstFault(this.where.air, row),
      pots: this.openPots(row),
      coats: [],
      late: false,
      freeMs: startMs + prepMin * MINUTE,
      under: under ? { clock: this.carryClock!, endMs: carry.endedMs, firstEndMs: carry.endedMs } : null,
      layerStartMs: 0,
    };
  }

  /**
   * @param row future, or the last row for the central line
   * @param startMs start of the session, preparation included
   */
  run(row: number, startMs: number): Run {
    const p = this.begin(row, startMs);
    const { fault, coats } = p;
    const lost = (): Run => ({
      cause: fault.cause,
      late: p.late,
      coats,
      handsOffMs: p.freeMs,
      ...NOT_REACHED,
    });
    for (const [k, b] of this.steps.entries()) {
      const coat = this.lay(b, p);
      if (!coat) return lost();
      coats.push(coat);
      if (b.step.firstOfLayer || k === 0) {
        // A future that is lost already needs no further hours; the central line is followed to its end.
        if (fault.cause !== null && row !== this.centralRow) return lost();
        p.layerStartMs = coat.startMs;
      }
      if (k === this.steps.length - 1) {
        const dried = this.dry(b, p, coat.endMs);
        return { cause: fault.cause, late: p.late, coats, ...dried };
      }
      if (b.lastOfLayer) this.holdUntilCovered(b, p, coat.endMs);
      p.under = {
        clock: b.clock,
        endMs: coat.endMs,
        firstEndMs: coat.startMs + b.step.firstPartMin * MINUTE,
      };
      p.freeMs = coat.endMs;
    }
    return lost();
  }
}
