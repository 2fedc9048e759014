/**
 * How fast a film dries, as a rate relative to its sheet's reference temperature. A stage is
 * reached when the integral of the rate over time (the dose) equals the sheet's minutes.
 */
import type { Product } from '@/model/product';

export type DryMode = 'evaporation' | 'cure';

/** Gas constant, J/(mol K). Exact since the SI of 2019 to the digits here. */
const R = 8.314462618;
const KELVIN = 273.15;
/** Activation energies, J/mol, from memory: evaporation as the heats of vaporisation of toluene, xylene and butyl acetate (38–44 kJ/mol); cure near the rule of half the time per 10 °C. */
export const ENERGY_J: Readonly<Record<DryMode, number>> = { evaporation: 40_000, cure: 55_000 };
/** No more credit above this panel temperature, °C. */
export const CREDIT_MAX_C = 40;

/**
 * Rate relative to refTempC, 0 or more. Chemical cure stands still below the product's minimum;
 * solvent goes on leaving; above 40 °C nothing is gained.
 */
export function dryRate(mode: DryMode, tempC: number, refTempC: number, cureMinC: number): number {
  if (!Number.isFinite(tempC)) throw new RangeError(`dryRate: no temperature: ${tempC}`);
  if (mode === 'cure' && tempC < cureMinC) return 0;
  const t = Math.min(tempC, CREDIT_MAX_C) + KELVIN;
  return Math.exp((-ENERGY_J[mode] / R) * (1 / t - 1 / (refTempC + KELVIN)));
}

/** Rate for a maximum or a pot life: it runs faster warm, never slower than the clock. */
export function limitRate(mode: DryMode, tempC: number, refTempC: number): number {
  return Math.max(1, dryRate(mode, tempC, refTempC, -Infinity));
}

/** What hardens the film once the solvent has gone. Alkyds oxidise; counted as cure (ASSUMED, slower still in damp). */
export function hardenMode(p: Product): DryMode {
  return p.chemistry === '1k-acrylic' || p.chemistry === 'cpo' || p.chemistry === 'etch'
    ? 'evaporation'
    : 'cure';
}

export type Stage = 'flash' | 'next' | 'dustFree' | 'touchDry' | 'handle' | 'sand';

/** Sheet minutes and mode of a stage. Flash, the next coat and dust-free are solvent leaving (ASSUMED also for 2K); the rest is the film's own hardening. */
export function stageOf(p: Product, stage: Stage): { minutes: number; mode: DryMode } {
  switch (stage) {
    case 'flash':
      return { minutes: p.flashMin, mode: 'evaporation' };
    case 'next':
      return { minutes: p.nextMinMin, mode: 'evaporation' };
    case 'dustFree':
      return { minutes: p.dustFreeMin, mode: 'evaporation' };
    case 'touchDry':
      return { minutes: p.touchDryMin, mode: hardenMode(p) };
    case 'handle':
      return { minutes: p.handleMin, mode: hardenMode(p) };
    case 'sand':
      return { minutes: p.sandMin ?? p.handleMin, mode: hardenMode(p) };
  }
}
