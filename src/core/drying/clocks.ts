/**
 * Dose sums over the ensemble, made once per plan: when does a stage come in this future, and when
 * does a maximum end. Readiness is read on the panel; the life of an activated can on the air.
 */
import type { Product } from '@/model/product';
import type { AtPart } from '../air/at-part';
import { reach, running, type Running } from '../numerics/curve';
import { MINUTE } from '../time/instant';
import type { DryMode } from '../chemistry/cards';
import { dryRate, limitRate, STAGES, stageOf, waterFactor, type Stage } from './rate';

const TABLE_TOP_C = 90;
/** Rates at 0.1 K steps from −40 to 90 °C: the grid asks a hundred thousand times. */
function tabulated(rate: (tempC: number) => number): (tempC: number) => number {
  const t = new Float64Array(1301);
  for (let i = 0; i < 1301; i++) t[i] = rate(-40 + i / 10);
  return (c) => t[Math.min(1300, Math.max(0, Math.round((c + 40) * 10)))]!;
}

export class Clocks {
  private readonly curves = new Map<string, Running>();
  private readonly bound = new Map<Product, ProductClock>();
  constructor(private readonly air: AtPart) {}

  /**
   * The running sum of a rate over every future.
   * @param rateAt rate at a temperature, °C
   * @param factor more that the rate hangs on, shape [rows × nodes]
   */
  private curve(
    key: string,
    temps: Float64Array,
    rateAt: (tempC: number) => number,
    factor?: Float64Array,
  ): Running {
    const known = this.curves.get(key);
    if (known) return known;
    const of = tabulated(rateAt);
    const rates = temps.map((tempC, i) => of(tempC) * (factor?.[i] ?? 1));
    const { rows, nodes, startMs, stepMs } = this.air;
    const made = running(rates, { rows, nodes, startMs, stepMs });
    this.curves.set(key, made);
    return made;
  }

  /** The dose a product gathers on the panel; only cure stops below the minimum, so only its curve depends on it. */
  private dose(product: Product, mode: DryMode): Running {
    const { panelC, rhFrac } = this.air;
    const minC = mode === 'cure' ? product.tempMinC : 0;
    const key = `dose ${mode} ${product.refTempC} ${minC}`;
    const factor = mode === 'water' ? rhFrac.map(waterFactor) : undefined;
    return this.curve(key, panelC, (tempC) => dryRate(mode, tempC, product.refTempC, minC), factor);
  }

  /** The clocks of one product; curves are shared between products of the same reference. */
  of(p: Product): ProductClock {
    const known = this.bound.get(p);
    if (known) return known;
    const { panelC, airC } = this.air;
    const doses = new Map(STAGES.map((stage) => [stage, this.dose(p, stageOf(p, stage).mode)]));
    const maximum = this.curve(`max ${p.refTempC}`, panelC, (c) => limitRate('evaporation', c, p.refTempC));
    const pot =
      p.potLifeMin === undefined
        ? null
        : this.curve(`pot ${p.refTempC}`, airC, (c) => limitRate('cure', c, p.refTempC));
    const made = new ProductClock(p, doses, maximum, pot);
    this.bound.set(p, made);
    return made;
  }
}

/** One stage of one product: asked for tens of thousands of times. */
interface StageClock {
  readonly curve: Running;
  readonly minutes: number;
}

export class ProductClock {
  private readonly stages: Readonly<Record<Stage, StageClock>>;
  /** A maximum runs no faster than this, however hot it is. */
  private readonly fastest: number;

  constructor(
    readonly product: Product,
    doses: ReadonlyMap<Stage, Running>,
    private readonly maxCurve: Running,
    private readonly potCurve: Running | null,
  ) {
    this.stages = Object.fromEntries(
      STAGES.map((stage) => [stage, { curve: doses.get(stage)!, minutes: stageOf(product, stage).minutes }]),
    ) as Record<Stage, StageClock>;
    this.fastest = limitRate('evaporation', TABLE_TOP_C, product.refTempC);
  }

  /** Instant at which a stage is reached in future `row`; Infinity when not within the forecast. */
  stageAt(stage: Stage, row: number, fromMs: number): number {
    const { curve, minutes } = this.stages[stage];
    return reach(curve, row, fromMs, minutes);
  }

  /** Latest instant for a maximum of `minutes` on the film: shrinks in heat, never stretches. */
  maxAt(minutes: number, row: number, fromMs: number): number {
    return Math.min(fromMs + minutes * MINUTE, reach(this.maxCurve, row, fromMs, minutes));
  }

  /** Whether a maximum of `minutes` on the film is over by an instant. */
  isPast(minutes: number, row: number, at: { readonly fromMs: number; readonly atMs: number }): boolean {
    const spentMin = (at.atMs - at.fromMs) / MINUTE;
    // Most waits are so short that no heat ends them, or longer than the clock alone allows.
    if (spentMin * this.fastest <= minutes) return false;
    return spentMin > minutes || at.atMs > reach(this.maxCurve, row, at.fromMs, minutes);
  }

  /**
   * End of the life of an activated pack or mix; Infinity for what keeps.
   * @param share of the life that is planned with, 0…1
   */
  potEndsAt(row: number, activatedMs: number, share = 1): number {
    if (!this.potCurve || this.product.potLifeMin === undefined) return Infinity;
    const minutes = this.product.potLifeMin * share;
    return Math.min(activatedMs + minutes * MINUTE, reach(this.potCurve, row, activatedMs, minutes));
  }
}
