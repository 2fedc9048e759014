/** Copies of the whole workshop, as the server answers about them and the page shows them. */

/** How much a workshop holds. */
export interface Holds {
  readonly jobs: number;
  readonly removed: number;
  readonly photos: number;
  readonly stock: number;
  readonly moves: number;
}
/** A copy that was sent in, looked at before anything is changed. */
export interface Looked {
  /** When it was saved, as it says itself; null where it does not. */
  readonly savedAt: string | null;
  readonly holds: Holds;
  /** Photographs whose picture is not in the copy. */
  readonly withoutPicture: number;
  /** What is here now and would be replaced. */
  readonly here: Holds;
}
/** What came in. */
export interface CameIn {
  readonly jobs: number;
  /** Jobs that were here already, the same. */
  readonly same: number;
  readonly photos: number;
  /** Photographs whose picture is neither in the copy nor here. */
  readonly withoutPicture: number;
  readonly stock: number;
}
export interface Came extends CameIn {
  /** The copy of the state before, to go back to; null when nothing was replaced. */
  readonly before: string | null;
}
