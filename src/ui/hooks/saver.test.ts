import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import { Saver, type SaveState, type Send } from './saver';

const job = DEMO_JOBS[0]!.job;
const named = (name: string) => ({ ...job, name });

describe('saving a draft', () => {
  beforeEach(() => { vi.useFakeTimers(); });
  afterEach(() => { vi.useRealTimers(); });
  const setup = (send: Send) => { const states: SaveState['kind'][] = [], saved: number[] = []; return { states, saved, saver: new Saver(1, send, (s) => states.push(s.kind), (v) => saved.push(v)) }; };

  it('sends one request for a burst of typing, with the last text and the version it started from', async () => {
    const sent: [number, string][] = [];
    const { saver, states, saved } = setup(async (v, j) => { sent.push([v, j.name]); return { status: 200, body: { version: v + 1 } }; });
    saver.change(named('a')); saver.change(named('ab')); saver.change(named('abc'));
    await vi.advanceTimersByTimeAsync(1000);
    expect(sent).toEqual([[1, 'abc']]);
    expect(states).toEqual(['saving', 'saved']);
    expect(saved).toEqual([2]);
  });
  it('sends again what was typed while a request was under way, on top of the new version', async () => {
    const sent: [number, string][] = [];
    const { saver } = setup(async (v, j) => { sent.push([v, j.name]); await new Promise((r) => setTimeout(r, 500)); return { status: 200, body: { version: v + 1 } }; });
    saver.change(named('first'));
    await vi.advanceTimersByTimeAsync(400);
    saver.change(named('second'));
    await vi.advanceTimersByTimeAsync(3000);
    expect(sent).toEqual([[1, 'first'], [2, 'second']]);
  });
  it('tries again while the server is silent, and loses nothing', async () => {
    let up = false;
    const { saver, states } = setup(async (v) => { if (!up) throw new Error('no server'); return { status: 200, body: { version: v + 1 } }; });
    saver.change(named('kept'));
    await vi.advanceTimersByTimeAsync(3500);
    expect(states).toContain('offline');
    up = true;
    await vi.advanceTimersByTimeAsync(3000);
    expect(states.at(-1)).toBe('saved');
  });
  it('stops at another tab’s change and says so, instead of overwriting it', async () => {
    let calls = 0;
    const { saver, states } = setup(async () => { calls++; return { status: 409, body: { error: 'changed elsewhere' } }; });
    saver.change(named('mine'));
    await vi.advanceTimersByTimeAsync(20_000);
    expect(states.at(-1)).toBe('stale');
    expect(calls).toBe(1);
  });
});
