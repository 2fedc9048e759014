/** Sessions before they have a time: a stretch of the build-up with its preparation and its coats in order. */
import type { Notice } from '@/model/marks';
import type { PlanLayer, TaskKind } from '@/model/plan';
import type { Product } from '@/model/product';

export interface PrepStep {
  readonly id: string;
  readonly kind: TaskKind;
  readonly minutes: number;
  readonly detail: Notice;
  readonly partIds: readonly string[];
}

export interface CoatStep {
  readonly id: string;
  readonly layerId: string;
  readonly product: Product;
  readonly coat: number;
  readonly coats: number;
  readonly minutes: number;
  readonly firstPartMin: number;
  readonly ml: number;
  readonly partIds: readonly string[];
  readonly firstOfLayer: boolean;
  /** How this painter lays the first coat of clear. */
  readonly firstClear: string;
  /** Cans to activate just before this coat; 0 for none. */
  readonly activateCans: number;
}

/** A film that was finished, and when. */
export interface Film {
  readonly product: Product;
  readonly endedMs: number;
}

export interface Draft {
  readonly id: string;
  readonly layers: readonly PlanLayer[];
  readonly prep: readonly PrepStep[];
  readonly prepMin: number;
  readonly steps: readonly CoatStep[];
  readonly unmask: boolean;
  /** The film the first coat goes on, when its wait still runs. */
  readonly carry: Film | null;
  /** An activation already running, by product. */
  readonly activatedMs: ReadonlyMap<string, number>;
  readonly started: boolean;
}

export interface Drafts {
  readonly sessions: readonly Draft[];
  /** The last finished film of a finished session: the next one may only start once it can be sanded. */
  readonly before: Film | null;
}

/**
 * Minutes before the first coat of an activated can: push the pin, shake, write the time on it. Common
 * practice: at least 2 min of shaking after activation.
 */
export const ACTIVATE_MIN = 5;
export const TACK_MIN = 3;
/** Tape comes off about this long after the last coat. Common practice. */
export const UNMASK_AFTER_MIN = 60;
export const UNMASK_MIN = 10;
