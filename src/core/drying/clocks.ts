/**
 * Dose sums over the ensemble, made once per plan: when does a stage come in this future, and when
 * does a maximum end. Readiness is read on the panel; the life of an activated can on the air.
 */
import type { Product } from '@/model/product';
import type { AtPart } from '../air/at-part';
import { reach, running, type Running } from '../numerics/curve';
import { MINUTE } from '../time/instant';
import { dryRate, hardenMode, limitRate, stageOf, type DryMode, type Stage } from './rate';

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

  private curve(key: string, temps: Float64Array, rate: (tempC: number) => number): Running {
    const known = this.curves.get(key);
    if (known) return known;
    const of = tabulated(rate);
    const rates = new Float64Array(temps.length);
    for (let i = 0; i < temps.length; i++) rates[i] = of(temps[i]!);
    const made = running(rates, this.air.rows, this.air.nodes, this.air.startMs, this.air.stepMs);
    this.curves.set(key, made);
    return made;
  }

  /** The clocks of one product; curves are shared between products of the same reference. */
  of(p: Product): ProductClock {
    const known = this.bound.get(p);
    if (known) return known;
    const ready = (mode: DryMode): Running => {
      // Only cure stops below the minimum, so only its curve depends on it.
      const min = mode === 'cure' ? p.tempMinC : 0;
      return this.curve(`ready ${mode} ${p.refTempC} ${min}`, this.air.panelC, (c) =>
        dryRate(mode, c, p.refTempC, min),
      );
    };
    const made = new ProductClock(
      p,
      ready('evaporation'),
      ready(hardenMode(p)),
      this.curve(`max ${p.refTempC}`, this.air.panelC, (t) => limitRate('evaporation', t, p.refTempC)),
      p.potLifeMin === undefined
        ? null
        : this.curve(`pot ${p.refTempC}`, this.air.airC, (t) => limitRate('cure', t, p.refTempC)),
    );
    this.bound.set(p, made);
    return made;
  }
}

export class ProductClock {
  private readonly minutes: Readonly<Record<Stage, number>>;
  private readonly curveOf: Readonly<Record<Stage, Running>>;

  constructor(
    readonly product: Product,
    evaporation: Running,
    hardening: Running,
    private readonly maxCurve: Running,
    private readonly potCurve: Running | null,
  ) {
    const at = (s: Stage): Running => (stageOf(product, s).mode === 'evaporation' ? evaporation : hardening);
    const min = (s: Stage): number => stageOf(product, s).minutes;
    this.minutes = {
      flash: min('flash'),
      next: min('next'),
      dustFree: min('dustFree'),
      touchDry: min('touchDry'),
      handle: min('handle'),
      sand: min('sand'),
    };
    this.curveOf = {
      flash: at('flash'),
      next: at('next'),
      dustFree: at('dustFree'),
      touchDry: at('touchDry'),
      handle: at('handle'),
      sand: at('sand'),
    };
  }

  /** Instant at which a stage is reached in future `row`; Infinity when not within the forecast. */
  stageAt(stage: Stage, row: number, fromMs: number): number {
    return reach(this.curveOf[stage], row, fromMs, this.minutes[stage]);
  }

  /** Latest instant for a maximum of `minutes` on the film: shrinks in heat, never stretches. */
  maxAt(minutes: number, row: number, fromMs: number): number {
    return Math.min(fromMs + minutes * MINUTE, reach(this.maxCurve, row, fromMs, minutes));
  }

  /** End of the life of an activated pack; Infinity for one component. */
  potEndsAt(row: number, activatedMs: number): number {
    if (!this.potCurve || this.product.potLifeMin === undefined) return Infinity;
    return Math.min(
      activatedMs + this.product.potLifeMin * MINUTE,
      reach(this.potCurve, row, activatedMs, this.product.potLifeMin),
    );
  }
}
