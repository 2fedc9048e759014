/** A thread of Node as the work beside the server uses it. */
import { Worker } from 'node:worker_threads';
import type { Thread } from './beside';

/** A bundle of 64 MB taken apart needs about a tenth of it. */
const MOST_HEAP_MB = 2048;

export function nodeThread(): Thread {
  const worker = new Worker(new URL('./heavy.worker.ts', import.meta.url), {
    resourceLimits: { maxOldGenerationSizeMb: MOST_HEAP_MB },
  });
  // It keeps no server alive that is to stop.
  worker.unref();
  return {
    postMessage: (message) => worker.postMessage(message),
    onSaid: (hear) => {
      worker.on('message', hear);
    },
    onEnd: (hear) => {
      worker.on('error', (e) => hear(e.message));
      worker.on('exit', (code) => hear(`exit ${code}`));
    },
    end: () => void worker.terminate(),
  };
}
