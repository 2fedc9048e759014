/** What is looked for in the logbook; what is left out lets everything through. */
export interface LogbookAsked {
  /** All of them are looked for. */
  readonly words?: string;
  /** In which it was closed, yyyy. */
  readonly year?: string;
  readonly sprayer?: string;
  /** With something that went wrong, or without. */
  readonly faults?: 'some' | 'none';
}
