/** A server that answers, and whose disk does not take the draft. */
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import { Saver, type Reply, type SaveState, type Unsaved } from './saver';

const job = DEMO_JOBS[0]!.job;
const steps = { undo: 'name', redo: null };
const ok = (version: number): Reply => ({ status: 200, body: { version, job, steps } });

describe('a draft that is held', () => {
  beforeEach(() => {
    vi.useFakeTimers();
  });
  afterEach(() => {
    vi.useRealTimers();
  });
  it('a disk that does not take it says why, keeps the text, and is tried again by itself', async () => {
    const said: SaveState[] = [];
    const kept: (Unsaved | null)[] = [];
    const replies: Reply[] = [
      { status: 507, body: { error: 'Nothing was saved: the disk is full.' } },
      { status: 503, body: {} },
      ok(2),
    ];
    const saver = new Saver(
      { version: 1, job },
      { put: async () => replies.shift()!, step: async () => ok(1) },
      {
        state: (s) => said.push(s),
        draft: () => undefined,
        saved: () => undefined,
        keep: (u) => kept.push(u),
      },
    );
    saver.change({ ...job, name: 'kept' });
    await vi.advanceTimersByTimeAsync(1000);
    expect(said.at(-1)).toEqual({ kind: 'held', message: 'Nothing was saved: the disk is full.' });
    expect(kept.at(-1)).toMatchObject({ job: { name: 'kept' } });
    await vi.advanceTimersByTimeAsync(2500);
    expect(said.at(-1)).toEqual({ kind: 'held', message: 'Not saved: the server could not write it.' });
    await vi.advanceTimersByTimeAsync(2500);
    expect(said.at(-1)).toEqual({ kind: 'saved' });
    expect(kept.at(-1)).toBeNull();
    // While it waits, it does not say that it is saving.
    expect(said.map((s) => s.kind)).toEqual(['saving', 'held', 'held', 'saved']);
  });
});
