/** How a session goes in one future, and what is written down of it on the central line. */
import type { PrepStep } from '../work/draft';
import type { Cause } from './limits';

/** One coat as it falls in this future, ms. */
export interface RunCoat {
  readonly startMs: number;
  readonly endMs: number;
}

/** A cup that was mixed or a can that was activated, and what was sprayed from it. */
export interface RunPot {
  readonly step: number;
  readonly productId: string;
  readonly fromMs: number;
  /** Ready to spray. */
  readonly toMs: number;
  /** End of its life as the product's sheet and this future's air have it; Infinity for what keeps. */
  readonly endsMs: number;
  /** Sprayed from it, the test card and what stays in the gun included; grows while it is sprayed. */
  ml: number;
  lastMs: number;
  readonly coats: Set<string>;
  /** The one before was dead before it was empty: the gun was rinsed first. */
  readonly isAfterDead: boolean;
}

export interface RunHands {
  readonly task: PrepStep;
  readonly startMs: number;
  readonly endMs: number;
}

/** What stays in a can that was activated, once the session is over. */
export interface RunLeft {
  readonly productId: string;
  /** Its hardener was let in. */
  readonly atMs: number;
  readonly ml: number;
}

/** One part in one coat. */
export interface RunPart {
  readonly step: number;
  readonly part: number;
  readonly startMs: number;
  readonly endMs: number;
}

/** What only the written session needs. */
export interface Trace {
  readonly parts: RunPart[];
  readonly pots: RunPot[];
  readonly hands: RunHands[];
  readonly left: RunLeft[];
  readonly rinses: { readonly startMs: number; readonly endMs: number; readonly productId: string }[];
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
  /** Of the central line alone. */
  readonly coats: readonly RunCoat[];
  readonly handsOffMs: number;
  readonly dustFreeMs: number;
  readonly touchDryMs: number;
  readonly handleMs: number;
  /** The films come into the other air they dry in; Infinity where they stay. */
  readonly movedMs: number;
  /** The films are ready for what follows the rest. */
  readonly readyMs: number;
  /** Until when they bond with it; Infinity where they need not. */
  readonly latestMs: number;
  readonly trace: Trace | null;
}

export const NOT_REACHED = {
  dustFreeMs: Infinity,
  touchDryMs: Infinity,
  handleMs: Infinity,
  movedMs: Infinity,
  readyMs: Infinity,
  latestMs: -Infinity,
} as const;
