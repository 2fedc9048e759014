/**
 * A page for tests of the desk: a planner's thread answered by hand, a server that answers what it is told
 * to, a clock.
 */
import { act, cleanup } from '@testing-library/react';
import { afterEach, beforeEach, vi } from 'vitest';
import type { JobView } from '@/usecases/view-job';
import type { Answer } from '@/core/plan';

export const job = {
  name: 'Lids',
  place: { lat: 53, lon: -3, tz: 'Europe/London' },
  budget: { amount: 50 },
} as JobView['job'];
export const steps = { undo: null, redo: null };
export const answerOf = (name: string): Answer => ({ plan: { name }, air: {} }) as unknown as Answer;
export const view = (over: Partial<JobView> = {}): JobView =>
  ({
    id: 'j1',
    version: 3,
    job,
    steps,
    nowMs: 1_000_000,
    issuedMs: 5,
    weather: { kind: 'standin' },
    forecast: {},
    ...answerOf('server'),
    ...over,
  }) as JobView;

/** The planner's thread, answered by hand. */
export class FakeWorker {
  static last: FakeWorker;
  static made = 0;
  onmessage: ((e: { data: unknown }) => void) | null = null;
  onerror: ((e: { message: string }) => void) | null = null;
  readonly sent: { kind: string; id: number; nowMs: number; job: JobView['job'] }[] = [];
  closed = false;
  constructor() {
    FakeWorker.last = this;
    FakeWorker.made++;
  }
  postMessage(m: (typeof this.sent)[number]): void {
    this.sent.push(m);
  }
  terminate(): void {
    this.closed = true;
  }
}
export const flush = (ms = 0) => act(() => vi.advanceTimersByTimeAsync(ms));
export const answerLast = (name: string) =>
  act(async () => {
    const { sent, onmessage } = FakeWorker.last;
    onmessage!({ data: { kind: 'done', id: sent.at(-1)!.id, answer: answerOf(name), tookMs: 1 } });
    await vi.advanceTimersByTimeAsync(0);
  });

export interface Asked {
  readonly url: string;
  readonly init: RequestInit | undefined;
}
interface FakeServer {
  asked: Asked[];
  reply: () => Promise<unknown>;
}
export const json = (body: unknown, status = 200) => ({ ok: status === 200, status, json: async () => body });

/** Puts the page up before each test and takes it down after. */
export function fakePage(): FakeServer {
  const server: FakeServer = { asked: [], reply: async () => json({}) };
  beforeEach(() => {
    vi.useFakeTimers();
    // A page is never just born.
    vi.advanceTimersByTime(10);
    vi.stubGlobal('Worker', FakeWorker);
    server.asked = [];
    server.reply = async () => json({});
    vi.stubGlobal('fetch', async (url: string, init?: RequestInit) => {
      server.asked.push({ url, init });
      return server.reply();
    });
    localStorage.clear();
  });
  afterEach(() => {
    cleanup();
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });
  return server;
}
