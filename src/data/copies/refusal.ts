/** Why a copy that was sent in is not taken, in a sentence and with what is wrong in it. Nothing was changed. */
export interface SentFault {
  readonly path: string;
  readonly expected: string;
}
/** More than this is counted, not told. */
export const MOST_TOLD = 20;

export class SentRefused extends Error {
  readonly code = 'PELLUCID_SENT_REFUSED';
  constructor(
    message: string,
    readonly faults: readonly SentFault[] = [],
  ) {
    super(message);
  }
}

export const NOT_OURS =
  'This was not saved by Pellucid, or is damaged. Nothing was changed; choose another copy.';
