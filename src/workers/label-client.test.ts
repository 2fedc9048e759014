/** The page's end of the label reader; the worker is played. */
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { LabelReading } from '@/formats/label/read-label';
import { LabelClient, type LabelAsked } from './label-client';

class PlayedWorker {
  static all: PlayedWorker[] = [];
  readonly asked: LabelAsked[] = [];
  ended = false;
  onmessage: ((e: { data: unknown }) => void) | null = null;
  onerror: (() => void) | null = null;
  constructor() {
    PlayedWorker.all.push(this);
  }
  postMessage(asked: LabelAsked): void {
    this.asked.push(asked);
  }
  terminate(): void {
    this.ended = true;
  }
  answer(at: number, word: string): void {
    this.onmessage?.({ data: { id: this.asked[at]!.id, reading: { found: [], unread: [word] } } });
  }
}

let heard: (readonly string[] | null)[];
let client: LabelClient;
beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('Worker', PlayedWorker);
  PlayedWorker.all = [];
  heard = [];
  client = new LabelClient((reading: LabelReading | null) => heard.push(reading?.unread ?? null));
});
afterEach(() => {
  client.close();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('reading a label beside the page', () => {
  it('the newest text wins, whatever order the answers come in', () => {
    client.read('flash');
    client.read('flash off');
    const [worker] = PlayedWorker.all;
    worker!.answer(1, 'second');
    worker!.answer(0, 'first');
    expect(heard).toEqual([['second']]);
  });
  it('one that takes over three seconds is given up, and the next one is read by another worker', () => {
    client.read('endless');
    vi.advanceTimersByTime(2999);
    expect(heard).toEqual([]);
    vi.advanceTimersByTime(1);
    expect(heard).toEqual([null]);
    expect(PlayedWorker.all[0]!.ended).toBe(true);
    client.read('flash off');
    PlayedWorker.all[1]!.answer(0, 'read');
    vi.advanceTimersByTime(10_000);
    expect(heard).toEqual([null, ['read']]);
  });
  it('a worker that dies says so; a closed one says nothing more', () => {
    client.read('flash');
    PlayedWorker.all[0]!.onerror?.();
    expect(heard).toEqual([null]);
    client.read('again');
    client.close();
    vi.advanceTimersByTime(10_000);
    expect(heard).toEqual([null]);
  });
});
