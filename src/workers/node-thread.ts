/** A thread of Node as the work beside the server uses it. */
import { Worker } from 'node:worker_threads';
import type { Thread } from './beside';

export function nodeThread(): Thread {
  const worker = new Worker(new URL('./heavy.worker.ts', import.meta.url));
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
