/** What a fault card says on the screen. */
export interface FaultWords {
  readonly name: string;
  /** What is seen, and what a finger feels where it is dry. */
  readonly look: string;
  /** This minute, in order; each a line. */
  readonly now: readonly string[];
  /** Instead of it on primer, colour or the top film, where that is another matter. */
  readonly nowOn?: Readonly<Partial<Record<'primer' | 'base' | 'top', readonly string[]>>>;
  /** What never helps here. */
  readonly not?: string;
  readonly next: string;
}
