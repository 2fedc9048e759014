/**
 * Time that passes on a page, whatever happens to its clocks: throttled timers, sleep, a wall clock that somebody sets.
 * What runs evenly counts; where only the wall clock went on the machine slept, or was set: the server is asked, and
 * until it answers sleep is believed, for it is the usual case.
 */

/** The two clocks of a browser, ms: the wall's, and the one that only runs while the machine does. */
export interface Clocks {
  readonly wallMs: number;
  readonly runningMs: number;
}

/** Less is drift, ms. */
const JUMP_MS = 3_000;
/** No machine sleeps longer with a session open; what jumps further was set, ms. */
const LONGEST_SLEEP_MS = 16 * 3_600_000;

export class PageTime {
  private sleptMs = 0;
  private last: Clocks;
  constructor(
    private nowMs: number,
    private from: Clocks,
    /** How much faster the workshop's clock runs; 1 but where a day is tried in minutes. */
    private readonly pace = 1,
  ) {
    this.last = from;
  }

  /** The server has just said what time it is, ms. */
  set(nowMs: number, at: Clocks): void {
    this.nowMs = nowMs;
    this.from = at;
    this.last = at;
    this.sleptMs = 0;
  }

  /** Looks whether a clock jumped since the last look. @returns that it did: then the server is asked */
  look(at: Clocks): boolean {
    const ranMs = at.runningMs - this.last.runningMs;
    const jumpMs = at.wallMs - this.last.wallMs - ranMs;
    this.last = at;
    if (Math.abs(jumpMs) < JUMP_MS) return false;
    if (jumpMs > 0 && jumpMs <= LONGEST_SLEEP_MS) this.sleptMs += jumpMs;
    return true;
  }

  /** The time of the workshop, ms. */
  now(at: Clocks): number {
    return this.nowMs + this.pace * (at.runningMs - this.from.runningMs + this.sleptMs);
  }
}

export const clocksNow = (): Clocks => ({ wallMs: Date.now(), runningMs: performance.now() });
