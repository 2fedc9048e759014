/**
 * How fast a film dries, as a rate relative to its sheet's reference temperature. A stage is
 * reached when the integral of the rate over time (the dose) equals the sheet's minutes.
 */
import { STAGES } from '@/model/lists';
import type { Product } from '@/model/product';
import { CHEMISTRY_CARDS, type DryMode } from '../chemistry/cards';

/** Gas constant, J/(mol K). Exact since the SI of 2019 to the digits here. */
const R = 8.314462618;
const KELVIN = 273.15;
/**
 * Activation energies, J/mol, from memory: evaporation as the heats of vaporisation of toluene, xylene and
 * butyl acetate (38–44 kJ/mol), water as its own (44 kJ/mol); cure near the rule of half the time per 10 °C.
 */
export const ENERGY_J: Readonly<Record<DryMode, number>> = {
  evaporation: 40_000,
  water: 44_000,
  cure: 55_000,
};
/** No more credit above this panel temperature, °C. */
export const CREDIT_MAX_C = 40;

/** How the pace follows the heat: by an activation energy, or half the time per 10 °C (common practice). */
export const DRYING_SCHOOLS = ['energy', 'tenth'] as const;
export type DryingSchool = (typeof DRYING_SCHOOLS)[number];

/** What a pace is reckoned with. */
export interface Pace {
  readonly refTempC: number;
  /** Of the sheet's own pair of times, kJ/mol: it wins over both schools. */
  readonly energyKJ?: number | undefined;
  readonly school?: DryingSchool;
}

/** Pace against that at the sheet's temperature: exp(−E/R·(1/T − 1/T₀)), or two to the tenth of the difference. */
function paceAt(mode: DryMode, tempC: number, { refTempC, energyKJ, school }: Pace): number {
  if (!Number.isFinite(tempC)) throw new RangeError(`paceAt: no temperature: ${tempC}`);
  const own = mode === 'cure' ? energyKJ : undefined;
  if (own === undefined && school === 'tenth') return 2 ** ((tempC - refTempC) / 10);
  const energyJ = own === undefined ? ENERGY_J[mode] : own * 1000;
  return Math.exp((-energyJ / R) * (1 / (tempC + KELVIN) - 1 / (refTempC + KELVIN)));
}

/**
 * Rate of getting ready, 0 or more. Chemical cure stands still below a minimum; solvent goes on leaving; above
 * 40 °C nothing is gained. @param stillBelowC −Infinity for what creeps on
 */
export function readyRate(mode: DryMode, tempC: number, pace: Pace, stillBelowC: number): number {
  if (mode === 'cure' && tempC < stillBelowC) return 0;
  return paceAt(mode, Math.min(tempC, CREDIT_MAX_C), pace);
}

/** Rate for a maximum or a pot life: faster warm, also where readiness is given no more credit, never slower than the clock. */
export const endingRate = (mode: DryMode, tempC: number, pace: Pace): number =>
  Math.max(1, paceAt(mode, tempC, pace));

/** The same by activation energy. @param refTempC of the sheet */
export const dryRate = (mode: DryMode, tempC: number, refTempC: number, cureMinC: number): number =>
  readyRate(mode, tempC, { refTempC }, cureMinC);
export const limitRate = (mode: DryMode, tempC: number, refTempC: number): number =>
  endingRate(mode, tempC, { refTempC });

/** Below what a product's cure stands still, °C. */
export const stillBelowC = (p: Pick<Product, 'tempMinC' | 'belowMin'>): number =>
  p.belowMin === 'creeps' ? -Infinity : p.tempMinC;

/** How time grows with the film: as its thickness for what leaves it, not at all for what reacts. From memory. */
const FILM_POWER: Readonly<Record<DryMode, number>> = { evaporation: 1, water: 1, cure: 0 };

/** How much longer a thick film takes, 1 or more. @param film over the sheet's, 1 for a coat as the sheet has it */
export function filmFactor(mode: DryMode, film: number): number {
  if (!(film > 0)) throw new RangeError(`filmFactor: no film: ${film}`);
  return Math.max(1, film) ** FILM_POWER[mode];
}

/** Air at the part that hardly moves keeps its vapour; a light wind carries it off, m/s. From memory. */
const STILL_MS = 0.1;
const MOVING_MS = 1.5;
const AIR_FACTOR = { still: 0.8, usual: 1, moving: 1.15 } as const;

/** How the air's movement changes what leaves a film. @param windMs at the part */
export function airFactor(windMs: number): number {
  if (windMs < STILL_MS) return AIR_FACTOR.still;
  return windMs > MOVING_MS ? AIR_FACTOR.moving : AIR_FACTOR.usual;
}

/** Humidity a water-borne sheet's times refer to, 0…1. From memory. */
export const WATER_REF_RH = 0.5;

/**
 * How much slower or faster water leaves at a humidity than at the sheet's: (1 − RH)/(1 − RH₀), 0 in
 * saturated air. From memory. @param rhFrac relative humidity, 0…1
 */
export function waterFactor(rhFrac: number): number {
  if (!(rhFrac >= 0 && rhFrac <= 1)) throw new RangeError(`waterFactor: no humidity: ${rhFrac}`);
  return (1 - rhFrac) / (1 - WATER_REF_RH);
}

export { STAGES };
/** `again`: another coat of itself after a span in which it would lift. */
export type Stage = (typeof STAGES)[number];

/** Where the sheet of a lifting paint is silent: not again for two days. Common practice, no source. */
const LIFTS_TO_MIN = 48 * 60;
/** Where a sheet is silent: hard for good after a month of what hardens by curing, a week of the rest. From memory. */
const CURED_MIN: Readonly<Record<DryMode, number>> = {
  cure: 30 * 1440,
  evaporation: 7 * 1440,
  water: 14 * 1440,
};

/** A second coat of it lifts the first inside a span, by its sheet or by its chemistry. */
export const liftsItself = (p: Product): boolean =>
  p.itselfForbiddenMin !== undefined || CHEMISTRY_CARDS[p.chemistry].itself === 'lifts';

const againMin = (p: Product): number =>
  p.itselfForbiddenMin?.[1] ?? (liftsItself(p) ? LIFTS_TO_MIN : p.flashMin);

type MinutesOf = (p: Product, hardens: DryMode) => number;

/** Sheet minutes of each stage; where a sheet is silent, the nearest stage it names. */
const MINUTES_OF: Readonly<Record<Stage, MinutesOf>> = {
  flash: (p) => p.flashMin,
  next: (p) => p.nextMinMin,
  dustFree: (p) => p.dustFreeMin,
  touchDry: (p) => p.touchDryMin,
  tape: (p) => p.tapeMin ?? p.handleMin,
  handle: (p) => p.handleMin,
  sand: (p) => p.sandMin ?? p.handleMin,
  again: againMin,
  polish: (p) => p.polishMin ?? p.sandMin ?? p.handleMin,
  cure: (p, hardens) => p.cureMin ?? CURED_MIN[hardens],
};
const FLASHING: ReadonlySet<Stage> = new Set(['flash', 'next', 'dustFree']);

/**
 * Sheet minutes and mode of a stage. Flash, the next coat and dust-free are solvent or water leaving (ASSUMED
 * also for 2K); the rest is the film's own hardening.
 */
export function stageOf(product: Product, stage: Stage): { minutes: number; mode: DryMode } {
  const { flashes, hardens } = CHEMISTRY_CARDS[product.chemistry];
  return { minutes: MINUTES_OF[stage](product, hardens), mode: FLASHING.has(stage) ? flashes : hardens };
}

/**
 * Where the sheet of a lifting paint is silent: another coat of itself within the hour or not for days.
 * Common practice, no source.
 */
const LIFTS_FROM_MIN = 60;

/**
 * Latest for another coat of itself, minutes at the sheet's temperature; Infinity for any time. What lifts
 * has to be there before its forbidden span begins.
 */
export function itselfLatestMin(p: Product): number {
  const spanFrom = p.itselfForbiddenMin?.[0] ?? (liftsItself(p) ? LIFTS_FROM_MIN : Infinity);
  return Math.min(p.itselfMaxMin ?? Infinity, spanFrom);
}
