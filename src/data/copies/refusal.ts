/** Why a copy that was sent in is not taken, in a sentence and with what is wrong in it. Nothing was changed. */
import { told, type Fault } from '@/formats/faults';

export class SentRefused extends Error {
  readonly code = 'PELLUCID_SENT_REFUSED';
  readonly faults: readonly Fault[];
  constructor(message: string, faults: readonly Fault[] = []) {
    super(message);
    this.faults = told(faults);
  }
}

/** A copy of ours in which something is wrong. */
export const UNREADABLE = 'This copy cannot be read. Nothing was changed.';
export const NOT_OURS =
  'This was not saved by Pellucid, or is damaged. Nothing was changed; choose another copy.';
