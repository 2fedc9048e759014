/**
 * The decision laid bare: sessions one after another, the starts each may have, what is seen of them now and what
 * will be, and what everything costs. No word of paint in it.
 */

/** One start of one session. */
export interface Offer {
  readonly atMs: number;
  /** Which of the looks it belongs to: the last that comes before it. */
  readonly look: number;
  /** Starts of one block hear the same news; blocks are numbered through in time order and never cross a look. */
  readonly block: number;
  /** That it goes well, as seen now, 0 < p < 1. */
  readonly chance: number;
  /** ρ²: share of today's error that is gone by its look, 0…0.9. */
  readonly known: number;
  /** What it costs though it goes well, money: being late, and after the last the days that it took. */
  readonly owes: number;
  /** When the next session may begin after it went well; Infinity when no hour that is known holds it. */
  readonly nextMs: number;
  /** Until when the next one bonds; Infinity where it may wait. */
  readonly untilMs: number;
  /** When this session may begin once more after it failed. */
  readonly againMs: number;
}

export interface Stage {
  /** In time order. */
  readonly offers: readonly Offer[];
  /** What failing costs: its paint and the hours to take it off and lay it again, money. */
  readonly fails: number;
  /** What missing the bond before it costs: keying the film and the coat that goes on once more, money. */
  readonly missed: number;
  /** What it costs to leave it and all that follows undone, money. */
  readonly never: number;
}

export interface Problem {
  readonly stages: readonly Stage[];
  /** Correlation of the news of each look with that of the look before, 0 ≤ r < 1; shape [looks]. */
  readonly ties: readonly number[];
  /** Correlation of the news of two blocks of one look, 0…1. */
  readonly shared: number;
  /** No start is made on a smaller chance than this, 0…1. */
  readonly least: number;
}
