/** Bounds that several walls hold: the page, the routes, copies that come in. */

/** What a job, a part or a pack is known by. */
export const ID = /^[A-Za-z0-9][A-Za-z0-9_-]{0,59}$/;
/** A job with many parts is under 40 kB; a quarter megabyte leaves room. */
export const MOST_JOB_BYTES = 256 * 1024;
/** Days of a forecast that is typed in. */
export const MOST_DAYS = 14;
/** Letters of the step a photograph was taken at. */
export const MOST_PHOTO_STEP = 160;
/** Letters of the note to a photograph. */
export const MOST_PHOTO_NOTE = 300;
