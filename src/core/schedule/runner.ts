/**
 * Runs one session in one future from one start: every coat at its own time, its flash from the
 * panel temperature at that time, and every limit over the hours it holds. The painter waits as
 * long as that future asks; he cannot make a maximum or the pot life longer.
 */
import type { Place } from '@/model/job';
import type { AtPart } from '../air/at-part';
import type { Clocks, ProductClock } from '../drying/clocks';
import { MINUTE } from '../time/instant';
import { ACTIVATE_MIN, TACK_MIN, UNMASK_AFTER_MIN, UNMASK_MIN, type Draft } from './drafts';
import { causeAt, DARK_BELOW_DEG, type Cause, type LimitStage, type LimitTable } from './limits';

const STAGES = [0, 1, 2] as const satisfies readonly LimitStage[];

export interface Run {
  ok: boolean;
  /** Past the best time for the next layer, though within its bond: soft. */
  late: boolean;
  cause: Cause | null;
  /** Instants of each coat, ms; shape [steps]. */
  readonly coatStart: Float64Array;
  readonly coatEnd: Float64Array;
  /** Start of the activation or mixing before a step, NaN where there is none, and the end of the pot each step is sprayed from, Infinity for what keeps; shape [steps]. */
  readonly activateMs: Float64Array;
  readonly potEndsMs: Float64Array;
  handsOffMs: number;
  dustFreeMs: number;
  touchDryMs: number;
  handleMs: number;
  sandMs: number;
}

const up = (ms: number): number => Math.ceil(ms / MINUTE) * MINUTE;

export class Runner {
  private readonly out: Run;
  /** First broken node of this run, and who broke it. */
  private badNode = Infinity;
  private badCause: Cause | null = null;

  /** Clocks and limits bound to each step once: the search runs this tens of thousands of times. */
  private readonly clockOf: readonly ProductClock[];
  private readonly limitOf: readonly LimitTable[];
  /** Which of the session's products a step sprays, and the end of each product's pot in this run. */
  private readonly productOf: readonly number[];
  private readonly potOf: Float64Array;
  private readonly carryClock: ProductClock | null;

  constructor(
    private readonly air: AtPart,
    clocks: Clocks,
    private readonly place: Place,
    limits: ReadonlyMap<string, LimitTable>,
    readonly draft: Draft,
  ) {
    const n = draft.steps.length;
    this.clockOf = draft.steps.map((s) => clocks.of(s.product));
    this.limitOf = draft.steps.map((s) => limits.get(s.product.id)!);
    const ids = [...new Set(draft.steps.map((s) => s.product.id))];
    this.productOf = draft.steps.map((s) => ids.indexOf(s.product.id));
    this.potOf = new Float64Array(ids.length);
    this.carryClock = draft.carry ? clocks.of(draft.carry.product) : null;
    this.out = {
      ok: true,
      late: false,
      cause: null,
      coatStart: new Float64Array(n),
      coatEnd: new Float64Array(n),
      activateMs: new Float64Array(n),
      potEndsMs: new Float64Array(n),
      handsOffMs: 0,
      dustFreeMs: 0,
      touchDryMs: 0,
      handleMs: 0,
      sandMs: 0,
    };
  }

  private breaks(cause: Cause, ms: number): void {
    const node = (ms - this.air.startMs) / this.air.stepMs;
    if (node < this.badNode) {
      this.badNode = node;
      this.badCause = cause;
    }
  }

  private hold(table: LimitTable, stage: LimitStage, row: number, fromMs: number, toMs: number): void {
    const a = this.air;
    const from = Math.max(0, Math.floor((fromMs - a.startMs) / a.stepMs));
    const to = Math.ceil((toMs - a.startMs) / a.stepMs);
    if (!(to < a.nodes)) {
      this.breaks('beyond-forecast', a.startMs + (a.nodes - 1) * a.stepMs);
      if (from >= a.nodes) return;
    }
    const bad = table.nextBad[stage][row * a.nodes + from]!;
    if (bad <= to && bad < a.nodes && bad < this.badNode) {
      this.badNode = bad;
      this.badCause = causeAt(a, table.product, stage, row, bad);
    }
  }

  isDark(ms: number): boolean {
    const i = Math.min(
      this.air.nodes - 1,
      Math.max(0, Math.round((ms - this.air.startMs) / this.air.stepMs)),
    );
    return this.place.lamp !== true && this.air.sunDeg[i]! < DARK_BELOW_DEG;
  }

  /**
   * @param row future, or the last row for the central line
   * @param startMs start of the session, preparation included
   * @returns a result that the next call overwrites
   */
  run(row: number, startMs: number): Run {
    const { out, draft } = this;
    this.badNode = Infinity;
    this.badCause = null;
    out.late = false;
    out.activateMs.fill(NaN);
    this.potOf.fill(Infinity);
    const steps = draft.steps;
    let t = startMs + draft.prepMin * MINUTE;
    let prev: ProductClock | null = this.carryClock;
    let prevEnd = draft.carry?.endedMs ?? 0;
    let prevFirstEnd = prevEnd;
    let layerStart = 0;
    for (const [id, at] of draft.activatedMs) {
      const k = steps.findIndex((s) => s.product.id === id);
      if (k >= 0) this.potOf[this.productOf[k]!] = this.clockOf[k]!.potEndsAt(row, at);
    }
    for (let k = 0; k < steps.length; k++) {
      const s = steps[k]!;
      const p = s.product;
      const clock = this.clockOf[k]!;
      const table = this.limitOf[k]!;
      let at = t;
      if (prev) {
        at = Math.max(at, prev.stageAt(s.firstOfLayer ? 'next' : 'flash', row, prevEnd));
        if (s.firstOfLayer) at = Math.max(at, t + TACK_MIN * MINUTE);
      }
      // A can is activated only once the film under it is ready: its clock cannot be stopped.
      if (s.activateCans > 0) at = Math.max(at, t + (TACK_MIN + ACTIVATE_MIN) * MINUTE);
      at = up(at);
      const end = at + s.minutes * MINUTE;
      if (!Number.isFinite(at)) {
        this.breaks('beyond-forecast', t);
        return this.close();
      }
      if (prev) {
        if (s.firstOfLayer) {
          const under = prev.product;
          if (under.nextBondMaxMin !== undefined && at > prev.maxAt(under.nextBondMaxMin, row, prevFirstEnd))
            this.breaks('bond-window', at);
          if (under.nextWetMaxMin !== undefined && at > prevFirstEnd + under.nextWetMaxMin * MINUTE)
            out.late = true;
        } else {
          const most = Math.min(p.itselfMaxMin ?? Infinity, p.itselfForbiddenMin?.[0] ?? Infinity);
          if (Number.isFinite(most) && at > clock.maxAt(most, row, prevFirstEnd))
            this.breaks('recoat-max', at);
        }
      }
      if (s.activateCans > 0) {
        out.activateMs[k] = at - ACTIVATE_MIN * MINUTE;
        this.potOf[this.productOf[k]!] = clock.potEndsAt(row, out.activateMs[k]!);
      }
      const pot = this.potOf[this.productOf[k]!]!;
      out.potEndsMs[k] = pot;
      if (p.potLifeMin !== undefined && end > pot) this.breaks('pot-life', pot);
      if (this.isDark(at)) this.breaks('dark', at);
      else if (this.isDark(end)) this.breaks('dark', end);
      out.coatStart[k] = at;
      out.coatEnd[k] = end;
      const next = steps[k + 1];
      if (s.firstOfLayer || k === 0) {
        // A future that is lost already needs no further hours; the central line is followed to its end.
        if (this.badCause !== null && row < this.air.rows - 1) return this.close();
        layerStart = at;
      }
      if (!next || next.firstOfLayer) {
        if (next) {
          // Covered by the next layer before it is dry: from then on that layer's limits hold.
          for (const stage of STAGES) this.hold(table, stage, row, layerStart, end);
        } else {
          const dust = clock.stageAt('dustFree', row, end);
          const touch = clock.stageAt('touchDry', row, end);
          const handle = clock.stageAt('handle', row, end);
          this.hold(table, 0, row, layerStart, dust);
          this.hold(table, 1, row, layerStart, touch);
          this.hold(table, 2, row, layerStart, handle);
          out.dustFreeMs = dust;
          out.touchDryMs = touch;
          out.handleMs = handle;
          out.sandMs = clock.stageAt('sand', row, end);
          out.handsOffMs = draft.unmask ? end + (UNMASK_AFTER_MIN + UNMASK_MIN) * MINUTE : end;
        }
      }
      prev = clock;
      prevEnd = end;
      prevFirstEnd = at + s.firstPartMin * MINUTE;
      t = end;
    }
    return this.close();
  }

  private close(): Run {
    this.out.ok = this.badCause === null;
    this.out.cause = this.badCause;
    return this.out;
  }
}
