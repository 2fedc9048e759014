/** The server's heavy work: a shell around the front doors, on a thread of its own. */
import { setPriority } from 'node:os';
import { parentPort } from 'node:worker_threads';
import { planAndAir, planWithoutTimes } from '@/core/plan';
import { COPY_WORK } from '@/data/copies/copy-work';
import { packSolver } from '@/solver/pack-solver';
import { togetherFor } from '@/usecases/together';
import { shoppingFor } from '@/usecases/shopping/shopping';
import { heavyAnswerer, type ToHeavy } from './heavy';

/** Where threads have a rank of their own (Linux), the event loop goes before its heavy work. */
const BEHIND_THE_LOOP = 15;
if (process.platform === 'linux') setPriority(0, BEHIND_THE_LOOP);

const port = parentPort!;
const answer = heavyAnswerer({
  plan: async (request) => planAndAir(request),
  planWithoutTimes: async (request) => planWithoutTimes(request),
  together: async (asked) => togetherFor(asked),
  takeApart: (asked) => COPY_WORK.takeApart(...asked),
  snapshot: (asked) => COPY_WORK.snapshot(...asked),
  shopping: async ({ nowMs, ...asked }) => shoppingFor(asked, { solve: await packSolver(), nowMs }),
});
port.on('message', (asked: ToHeavy) => {
  void answer(asked).then((said) => port.postMessage(said));
});
