/**
 * What time is worth in the owner's own currency. He sets an hour; what he leaves out follows from it, so that no
 * bare figure stands for money in every currency.
 */
import type { Job } from '@/model/job';
import { median } from '../../numerics/stats';
import { productIn, type System } from '../../seams/seam';

/** An hour of one's own, by currency. From memory, editable: about what a hobby's hour is counted at. */
const HOUR_IN: Readonly<Record<string, number>> = {
  GBP: 10,
  EUR: 12,
  USD: 12,
  CAD: 16,
  AUD: 18,
  NZD: 20,
  CHF: 15,
  SEK: 120,
  NOK: 120,
  DKK: 90,
  PLN: 30,
  CZK: 200,
  HUF: 2500,
  JPY: 1200,
  INR: 200,
  BRL: 30,
  ZAR: 100,
};
/** Where the currency has no card: an hour for the price of a usual pack of this job. ASSUMED. */
const NO_PRICE_HOUR = 10;
/** A day of waiting costs so many hours. From memory. */
const DELAY_HOURS = 0.4;
/** What a session that is only just inside costs beyond its odds, in hours. ASSUMED; the log will tell. */
const EDGE_HOURS = 0.2;

type Priced = Pick<Job, 'risk' | 'budget'>;
type Bought = Pick<System, 'layers' | 'products'>;

/** What the owner's hour is worth where he has not set it, money. @param prices of the packs of this job */
export function usualHour(currency: string, prices: readonly number[]): number {
  const own = HOUR_IN[currency];
  if (own !== undefined) return own;
  const paid = prices.filter((p) => p > 0);
  return paid.length > 0 ? median(paid) : NO_PRICE_HOUR;
}

export interface Worth {
  readonly hour: number;
  readonly delayPerDay: number;
  readonly edge: number;
}

/** @param system its packs say what an hour is worth in currencies without a card */
export function worthOf({ risk, budget }: Priced, { layers, products }: Bought): Worth {
  const prices = layers.flatMap((l) => productIn(products, l.productId).packs.map((p) => p.price));
  const hour = risk.hourValue ?? usualHour(budget.currency, prices);
  return { hour, delayPerDay: risk.delayPerDay ?? DELAY_HOURS * hour, edge: EDGE_HOURS * hour };
}
