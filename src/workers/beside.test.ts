/** The line of heavy work: order, limit, cancel, a thread that dies. Threads are played. */
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Beside, isTooLong, type Thread } from './beside';
import { heavyAnswerer, type FromHeavy, type ToHeavy } from './heavy';

const LIMIT = 1000;

class PlayedThread implements Thread {
  readonly asked: ToHeavy[] = [];
  ended = false;
  say: (said: FromHeavy) => void = () => undefined;
  die: (why: string) => void = () => undefined;
  postMessage(message: ToHeavy): void {
    this.asked.push(message);
  }
  onSaid(hear: (said: FromHeavy) => void): void {
    this.say = hear;
  }
  onEnd(hear: (why: string) => void): void {
    this.die = hear;
  }
  end(): void {
    this.ended = true;
  }
  answer(out: unknown): void {
    this.say({ id: this.asked.at(-1)!.id, kind: 'done', out });
  }
}

let threads: PlayedThread[];
let beside: Beside;
const ask = (what: string, signal?: AbortSignal): Promise<unknown> =>
  beside.run('plan', what as never, signal).catch((e: Error) => e.name + ': ' + e.message);
const asked = (): unknown[] => threads.map((t) => t.asked.map((m) => m.input));

beforeEach(() => {
  vi.useFakeTimers();
  threads = [];
  beside = new Beside(() => {
    const thread = new PlayedThread();
    threads.push(thread);
    return thread;
  }, LIMIT);
});
afterEach(() => {
  vi.useRealTimers();
});

describe('work beside the event loop', () => {
  it('is done one at a time, in the order it was asked for, on one thread', async () => {
    const first = ask('a');
    const second = ask('b');
    expect(asked()).toEqual([['a']]);
    threads[0]!.answer(1);
    expect(asked()).toEqual([['a', 'b']]);
    threads[0]!.answer(2);
    expect([await first, await second]).toEqual([1, 2]);
  });

  it('over its limit it is stopped with its thread, and the next one begins another', async () => {
    const slow = beside.run('plan', 'slow' as never).catch((e: unknown) => isTooLong(e));
    const next = ask('next');
    vi.advanceTimersByTime(LIMIT - 1);
    expect(threads[0]!.ended).toBe(false);
    vi.advanceTimersByTime(1);
    expect(await slow).toBe(true);
    expect(threads[0]!.ended).toBe(true);
    expect(asked()).toEqual([['slow'], ['next']]);
    threads[1]!.answer('ok');
    expect(await next).toBe('ok');
  });

  it('the limit of one is counted from its own beginning', async () => {
    const first = ask('a');
    const second = ask('b');
    vi.advanceTimersByTime(900);
    threads[0]!.answer(1);
    vi.advanceTimersByTime(900);
    threads[0]!.answer(2);
    expect([await first, await second]).toEqual([1, 2]);
    vi.advanceTimersByTime(10 * LIMIT);
    expect(threads).toHaveLength(1);
    expect(threads[0]!.ended).toBe(false);
  });

  it('what is cancelled while it waits is never begun; what is cancelled at work ends its thread', async () => {
    const [atWork, inLine] = [new AbortController(), new AbortController()];
    const first = ask('a', atWork.signal);
    const second = ask('b', inLine.signal);
    const third = ask('c');
    inLine.abort();
    expect(await second).toBe('AbortError: cancelled');
    atWork.abort();
    expect(await first).toBe('AbortError: cancelled');
    expect(asked()).toEqual([['a'], ['c']]);
    threads[1]!.answer(3);
    expect(await third).toBe(3);
    expect(await ask('d', AbortSignal.abort())).toBe('AbortError: cancelled');
  });

  it('a cancel after the end changes nothing', async () => {
    const stop = new AbortController();
    const first = ask('a', stop.signal);
    threads[0]!.answer(1);
    expect(await first).toBe(1);
    const second = ask('b');
    stop.abort();
    threads[0]!.answer(2);
    expect(await second).toBe(2);
    expect(threads[0]!.ended).toBe(false);
  });

  it('a thread that dies rejects what was at work, and the line goes on', async () => {
    const first = ask('a');
    const second = ask('b');
    threads[0]!.die('out of memory');
    expect(await first).toBe('Error: the work beside the server stopped: out of memory');
    threads[1]!.answer(2);
    expect(await second).toBe(2);
  });

  it('what a dead thread still says is not heard', async () => {
    const stop = new AbortController();
    void ask('a', stop.signal);
    stop.abort();
    const second = ask('b');
    threads[0]!.say({ id: threads[1]!.asked[0]!.id, kind: 'done', out: 'of the dead' });
    threads[1]!.answer('of the living');
    expect(await second).toBe('of the living');
  });

  it('a fault of the work comes out with its message', async () => {
    const first = ask('a');
    threads[0]!.say({ id: threads[0]!.asked[0]!.id, kind: 'failed', message: 'no forecast' });
    expect(await first).toBe('Error: no forecast');
  });
});

describe('the answerer of the thread', () => {
  const answer = heavyAnswerer({
    plan: async (request) => ({ plan: request.nowMs }) as never,
    planWithoutTimes: async () => {
      throw new RangeError('no');
    },
    takeApart: async () => {
      throw Object.assign(new Error('no copy'), {
        code: 'PELLUCID_SENT_REFUSED',
        faults: [{ path: 'a', expected: 'b' }],
      });
    },
    snapshot: async () => undefined,
    together: async () => ({ rows: [], hours: 0, atLeast: 0, plans: 0 }),
    shopping: async () => ({ kind: 'currencies', currencies: ['GBP', 'EUR'] }),
  });
  it('gives what the work gives under the number it was asked with', async () => {
    expect(await answer({ id: 7, kind: 'plan', input: { nowMs: 5 } })).toEqual({
      id: 7,
      kind: 'done',
      out: { plan: 5 },
    });
    expect(await answer({ id: 8, kind: 'planWithoutTimes', input: {} })).toEqual({
      id: 8,
      kind: 'failed',
      message: 'no',
    });
  });
  it('tells the code and the faults of an error, by which it is known on the other side', async () => {
    const refused = { code: 'PELLUCID_SENT_REFUSED', faults: [{ path: 'a', expected: 'b' }] };
    expect(await answer({ id: 9, kind: 'takeApart', input: ['file', 'into', []] })).toEqual({
      id: 9,
      kind: 'failed',
      message: 'no copy',
      ...refused,
    });
    const first = beside.run('takeApart', ['file', 'into', []]).catch((e: unknown) => e);
    threads[0]!.say({ id: threads[0]!.asked[0]!.id, kind: 'failed', message: 'no copy', ...refused });
    expect(await first).toMatchObject({ message: 'no copy', ...refused });
  });
});
