/**
 * Heavy work beside the event loop: one thing at a time, in the order it is asked for, each with a limit. What
 * nobody waits for any more is not begun, or is stopped with its thread.
 */
import type { Failure, FromHeavy, HeavyKind, HeavyWork, ToHeavy } from './heavy';

/** As much of a thread as is used here; tests bring their own. */
export interface Thread {
  postMessage(message: ToHeavy): void;
  onSaid(hear: (said: FromHeavy) => void): void;
  onEnd(hear: (why: string) => void): void;
  end(): void;
}

export class TookTooLong extends Error {
  readonly code = 'PELLUCID_TOO_LONG';
  constructor(limitMs: number) {
    super(`This took more than ${Math.round(limitMs / 1000)} s and was stopped.`);
  }
}
export const isTooLong = (e: unknown): boolean =>
  e instanceof Error && 'code' in e && e.code === 'PELLUCID_TOO_LONG';

interface Waiting {
  readonly message: ToHeavy;
  readonly signal: AbortSignal | undefined;
  readonly resolve: (out: never) => void;
  readonly reject: (e: Error) => void;
}

const cancelled = (): Error => new DOMException('cancelled', 'AbortError');

/** An error of the thread, known by its code on this side too. */
function failed({ message, code, faults }: Failure): Error {
  return Object.assign(new Error(message), {
    ...(code !== undefined && { code }),
    ...(faults && { faults }),
  });
}

export class Beside {
  private thread: Thread | null = null;
  private busy: Waiting | null = null;
  private readonly queue: Waiting[] = [];
  private timer: ReturnType<typeof setTimeout> | undefined;
  private last = 0;

  /** @param limitMs of one piece of work */
  constructor(
    private readonly make: () => Thread,
    private readonly limitMs: number,
  ) {}

  /** @throws TookTooLong; AbortError when the signal says so; what the work itself throws, as its message */
  run<K extends HeavyKind>(
    kind: K,
    input: HeavyWork[K]['in'],
    signal?: AbortSignal,
  ): Promise<HeavyWork[K]['out']> {
    return new Promise((resolve, reject) => {
      if (signal?.aborted) {
        reject(cancelled());
        return;
      }
      const waiting: Waiting = { message: { id: ++this.last, kind, input }, signal, resolve, reject };
      signal?.addEventListener('abort', () => this.cancel(waiting), { once: true });
      this.queue.push(waiting);
      this.next();
    });
  }

  private next(): void {
    if (this.busy) return;
    const waiting = this.queue.shift();
    if (!waiting) return;
    this.busy = waiting;
    this.thread ??= this.begin();
    this.timer = setTimeout(() => this.stop(new TookTooLong(this.limitMs)), this.limitMs);
    this.thread.postMessage(waiting.message);
  }

  private begin(): Thread {
    const thread = this.make();
    thread.onSaid((said) => {
      if (this.thread === thread && said.id === this.busy?.message.id) this.hear(said);
    });
    thread.onEnd((why) => {
      if (this.thread === thread) this.stop(new Error(`the work beside the server stopped: ${why}`));
    });
    return thread;
  }

  private hear(said: FromHeavy): void {
    const { resolve, reject } = this.busy!;
    this.free();
    if (said.kind === 'done') resolve(said.out as never);
    else reject(failed(said));
    this.next();
  }

  private free(): void {
    clearTimeout(this.timer);
    this.busy = null;
  }

  private cancel(waiting: Waiting): void {
    const at = this.queue.indexOf(waiting);
    if (at >= 0) {
      this.queue.splice(at, 1);
      waiting.reject(cancelled());
    } else if (this.busy === waiting) this.stop(cancelled());
  }

  /** A thread cannot be asked to leave off: it is ended, and the next piece of work begins another. */
  private stop(why: Error): void {
    const { busy, thread } = this;
    this.thread = null;
    this.free();
    thread?.end();
    busy?.reject(why);
    this.next();
  }
}
