/** A tick that a hidden tab does not throttle: a page's own timers run once a minute there. */
const EVERY_MS = 1000;
setInterval(() => self.postMessage(null), EVERY_MS);
