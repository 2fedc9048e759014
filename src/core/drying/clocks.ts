/**
 * Dose sums over the ensemble, made once per plan: when does a stage come in this future, and when
 * does a maximum end. Readiness is read on the panel; the life of an activated can on the air.
 */
import type { Product } from '@/model/product';
import type { AtPart } from '../air/at-part';
import { reach, running, type Running } from '../numerics/curve';
import { MINUTE } from '../time/instant';
import type { DryMode } from '../chemistry/cards';
import {
  airFactor,
  endingRate,
  filmFactor,
  readyRate,
  STAGES,
  stageOf,
  stillBelowC,
  waterFactor,
  type DryingSchool,
  type Pace,
  type Stage,
} from './rate';

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
  constructor(
    private readonly air: AtPart,
    private readonly school: DryingSchool = 'energy',
  ) {}

  /**
   * The running sum of a rate over every future.
   * @param rateAt rate at a temperature, °C
   * @param around more that the rate hangs on, shape [rows × nodes]
   */
  private curve(
    key: string,
    temps: Float64Array,
    rateAt: (tempC: number) => number,
    around?: () => Float64Array | undefined,
  ): Running {
    const known = this.curves.get(key);
    if (known) return known;
    const of = tabulated(rateAt);
    const factor = around?.();
    const rates = temps.map((tempC, i) => of(tempC) * (factor?.[i] ?? 1));
    const { rows, nodes, startMs, stepMs } = this.air;
    const made = running(rates, { rows, nodes, startMs, stepMs });
    this.curves.set(key, made);
    return made;
  }

  /** What a product's paces are reckoned with here. */
  pace({ refTempC, cureEnergyKJ }: Product): Pace {
    return { refTempC, energyKJ: cureEnergyKJ, school: this.school };
  }

  /** What moving air and damp make of what leaves a film; nothing for what reacts. */
  private around(mode: DryMode): Float64Array | undefined {
    const { rhFrac, windMs } = this.air;
    if (mode === 'cure') return undefined;
    if (mode === 'evaporation') return windMs.map(airFactor);
    return rhFrac.map((rh, i) => waterFactor(rh) * airFactor(windMs[i]!));
  }

  /** The dose a product gathers on the panel; only cure stops below the minimum, so only its curve depends on it. */
  private dose(product: Product, mode: DryMode): Running {
    const { panelC } = this.air;
    const minC = mode === 'cure' ? stillBelowC(product) : 0;
    const pace = this.pace(product);
    const key = `dose ${mode} ${product.refTempC} ${minC} ${mode === 'cure' ? pace.energyKJ : ''}`;
    return this.curve(
      key,
      panelC,
      (tempC) => readyRate(mode, tempC, pace, minC),
      () => this.around(mode),
    );
  }

  /** The clocks of one product; curves are shared between products of the same reference. */
  of(p: Product): ProductClock {
    const known = this.bound.get(p);
    if (known) return known;
    const { panelC, airC } = this.air;
    const pace = this.pace(p);
    const doses = new Map(STAGES.map((stage) => [stage, this.dose(p, stageOf(p, stage).mode)]));
    const maximum = this.curve(`max ${p.refTempC}`, panelC, (c) => endingRate('evaporation', c, pace));
    const pot =
      p.potLifeMin === undefined
        ? null
        : this.curve(`pot ${p.refTempC} ${pace.energyKJ}`, airC, (c) => endingRate('cure', c, pace));
    const fastest = endingRate('evaporation', TABLE_TOP_C, pace);
    const made = new ProductClock(p, doses, { maximum, pot, fastest });
    this.bound.set(p, made);
    return made;
  }
}

/** One stage of one product: asked for tens of thousands of times. */
export interface StageClock {
  readonly curve: Running;
  readonly minutes: number;
  readonly mode: DryMode;
}

/** What ends. */
interface Endings {
  readonly maximum: Running;
  readonly pot: Running | null;
  /** A maximum runs no faster than this, however hot it is. */
  readonly fastest: number;
}

/** A stage that is waited for several times over. */
export const timesOver = (stage: StageClock, times = 1): StageClock =>
  times === 1 ? stage : { ...stage, minutes: stage.minutes * times };

/** @param film over the sheet's, 1 for a coat as the sheet has it */
export function reachedAt(stage: StageClock, row: number, fromMs: number, film: number): number {
  const { curve, minutes, mode } = stage;
  return reach(curve, row, fromMs, film > 1 ? minutes * filmFactor(mode, film) : minutes);
}

export class ProductClock {
  private readonly stages: Readonly<Record<Stage, StageClock>>;
  /** The stages that every coat is asked for, each at hand. */
  readonly flash: StageClock;
  readonly next: StageClock;
  readonly dustFree: StageClock;
  readonly touchDry: StageClock;
  readonly handle: StageClock;

  constructor(
    readonly product: Product,
    doses: ReadonlyMap<Stage, Running>,
    private readonly endings: Endings,
  ) {
    this.stages = Object.fromEntries(
      STAGES.map((stage) => [stage, { curve: doses.get(stage)!, ...stageOf(product, stage) }]),
    ) as Record<Stage, StageClock>;
    const { flash, next, dustFree, touchDry, handle } = this.stages;
    this.flash = flash;
    this.next = next;
    this.dustFree = dustFree;
    this.touchDry = touchDry;
    this.handle = handle;
  }

  stage(of: Stage): StageClock {
    return this.stages[of];
  }

  /**
   * Instant at which a stage is reached in future `row`; Infinity when not within the forecast.
   * @param film over the sheet's, 1 for a coat as the sheet has it
   */
  stageAt(stage: Stage, row: number, fromMs: number, film = 1): number {
    return reachedAt(this.stages[stage], row, fromMs, film);
  }

  /** Latest instant for a maximum of `minutes` on the film: shrinks in heat, never stretches. */
  maxAt(minutes: number, row: number, fromMs: number): number {
    return Math.min(fromMs + minutes * MINUTE, reach(this.endings.maximum, row, fromMs, minutes));
  }

  /** Whether a maximum of `minutes` on the film is over by an instant. */
  isPast(minutes: number, row: number, at: { readonly fromMs: number; readonly atMs: number }): boolean {
    const spentMin = (at.atMs - at.fromMs) / MINUTE;
    // Most waits are so short that no heat ends them, or longer than the clock alone allows.
    if (spentMin * this.endings.fastest <= minutes) return false;
    return spentMin > minutes || at.atMs > reach(this.endings.maximum, row, at.fromMs, minutes);
  }

  /**
   * End of the life of an activated pack or mix; Infinity for what keeps.
   * @param share of the life that is planned with, 0…1
   */
  potEndsAt(row: number, activatedMs: number, share = 1): number {
    const { pot } = this.endings;
    if (!pot || this.product.potLifeMin === undefined) return Infinity;
    const minutes = this.product.potLifeMin * share;
    return Math.min(activatedMs + minutes * MINUTE, reach(pot, row, activatedMs, minutes));
  }
}
