/** Every route answers in a sentence, also when the disk does not take what was sent. */
import 'server-only';
import type { SentRefused } from '@/data/copies/refusal';
import { codeOf, storageFault } from '@/data/storage-fault';
import { refused } from './answer';

type Handler<Context> = (request: Request, context: Context) => Promise<Response>;

/** What a fault is answered with; null for one that is ours. */
function answerTo(e: unknown): Response | null {
  // Whoever asked has gone; nobody reads this.
  if (e instanceof Error && e.name === 'AbortError') return refused(499, 'Nobody waits for this any more.');
  const code = codeOf(e);
  if (code === 'PELLUCID_SENT_REFUSED')
    return refused(422, (e as SentRefused).message, (e as SentRefused).faults);
  if (code === 'PELLUCID_TOO_LONG') return refused(503, (e as Error).message);
  if (code === 'PELLUCID_TOO_NEW') return refused(422, (e as Error).message);
  const fault = storageFault(e);
  return fault ? refused(fault.status, fault.error) : null;
}

/** A handler whose faults are answered; one of ours is told on the server. */
export function handled<Context>(handler: Handler<Context>): Handler<Context> {
  return async (request, context) => {
    try {
      return await handler(request, context);
    } catch (e) {
      const answer = answerTo(e);
      if (answer) return answer;
      process.stderr.write(
        `${request.method} ${new URL(request.url).pathname}: ${String((e as Error).stack)}\n`,
      );
      return refused(500, 'This did not work, and it is our fault. Nothing was changed.');
    }
  };
}
