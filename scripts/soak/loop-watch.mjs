/** Loaded into the server that is measured: tells how long its event loop was held, and begins anew when asked. */
import { existsSync, rmSync, writeFileSync } from 'node:fs';
import { monitorEventLoopDelay } from 'node:perf_hooks';
import { isMainThread } from 'node:worker_threads';

const file = process.env.LOOP_FILE;
const NS_PER_MS = 1e6;
const TOLD_MS = 100;
if (file && isMainThread) {
  const delay = monitorEventLoopDelay({ resolution: 5 });
  delay.enable();
  setInterval(() => {
    if (existsSync(`${file}.reset`)) {
      rmSync(`${file}.reset`);
      delay.reset();
    }
    writeFileSync(file, String(delay.max / NS_PER_MS));
  }, TOLD_MS).unref();
}
