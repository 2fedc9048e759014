/** Figures cut to what is said or sent of them. */

/** To the tenth: what is said. */
export const round1 = (x: number): number => Math.round(x * 10) / 10;
/** To the thousandth: what is kept of a series that is sent on. */
export const rounded = (x: number): number => Math.round(x * 1000) / 1000;
