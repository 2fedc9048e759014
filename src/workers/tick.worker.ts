/** A tick that a hidden tab does not throttle: a page's own timers run once a minute there. A wait is asked for, ms. */
const EVERY_MS = 1000;
setInterval(() => self.postMessage('tick'), EVERY_MS);
self.onmessage = ({ data }: MessageEvent<number>): void => {
  setTimeout(() => self.postMessage('waited'), data);
};
