import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import type { Job } from '@/model/job';
import { Saver, type Reply, type SaveState, type Transport, type Unsaved } from './saver';

const job = DEMO_JOBS[0]!.job;
const named = (name: string): Job => ({ ...job, name });
const steps = { undo: 'name', redo: null };
const ok = (version: number): Reply => ({ status: 200, body: { version, job, steps } });

describe('saving a draft', () => {
  beforeEach(() => {
    vi.useFakeTimers();
  });
  afterEach(() => {
    vi.useRealTimers();
  });
  const setup = (
    put: Transport['put'],
    step: Transport['step'] = async () => ({ status: 409, body: { error: 'nothing' } }),
  ) => {
    const states: SaveState['kind'][] = [];
    const drafts: string[] = [];
    const kept: (Unsaved | null)[] = [];
    const saved: number[] = [];
    const saver = new Saver(
      { version: 1, job },
      { put, step },
      {
        state: (s) => states.push(s.kind),
        draft: (j) => drafts.push(j.name),
        keep: (u) => kept.push(u),
        saved: (v) => saved.push(v),
      },
    );
    return { states, drafts, kept, saved, saver };
  };

  it('sends one request for a burst of typing, with the last text and the version it started from', async () => {
    const sent: [number, string][] = [];
    const { saver, states, saved, kept } = setup(async (v, j) => {
      sent.push([v, j.name]);
      return ok(v + 1);
    });
    saver.change(named('a'));
    saver.change(named('ab'));
    saver.change(named('abc'));
    expect(saver.draft.name).toBe('abc');
    await vi.advanceTimersByTimeAsync(1000);
    expect(sent).toEqual([[1, 'abc']]);
    expect(states).toEqual(['saving', 'saved']);
    expect(saved).toEqual([2]);
    expect(kept.map((k) => k?.job.name ?? null)).toEqual(['a', 'ab', 'abc', null]);
  });
  it('sends again what was typed while a request was under way, on top of the new version', async () => {
    const sent: [number, string][] = [];
    const { saver } = setup(async (v, j) => {
      sent.push([v, j.name]);
      await new Promise((r) => setTimeout(r, 500));
      return ok(v + 1);
    });
    saver.change(named('first'));
    await vi.advanceTimersByTimeAsync(400);
    saver.change(named('second'));
    await vi.advanceTimersByTimeAsync(3000);
    expect(sent).toEqual([
      [1, 'first'],
      [2, 'second'],
    ]);
  });
  it('tries again while the server is silent, keeps the text meanwhile, and loses nothing', async () => {
    let up = false;
    const { saver, states, kept } = setup(async (v) => {
      if (!up) throw new Error('no server');
      return ok(v + 1);
    });
    saver.change(named('kept'));
    await vi.advanceTimersByTimeAsync(3500);
    expect(states.at(-1)).toBe('offline');
    expect(kept.at(-1)).toMatchObject({ version: 1, job: { name: 'kept' } });
    up = true;
    await vi.advanceTimersByTimeAsync(3000);
    expect(states.at(-1)).toBe('saved');
    expect(kept.at(-1)).toBeNull();
  });
  it('merges what another tab changed elsewhere in the job, and saves both', async () => {
    const sent: Job[] = [];
    const theirs = { ...job, budget: { ...job.budget, amount: 77 } };
    const { saver, states } = setup(async (v, j) => {
      sent.push(j);
      return v === 1 ? { status: 409, body: { version: 5, job: theirs, error: 'changed' } } : ok(v + 1);
    });
    saver.change(named('mine'));
    await vi.advanceTimersByTimeAsync(1000);
    expect(sent.at(-1)).toMatchObject({ name: 'mine', budget: { amount: 77 } });
    expect(states.at(-1)).toBe('saved');
  });
  it('asks only when both changed the same field; mine or theirs, as told', async () => {
    for (const whose of ['mine', 'theirs'] as const) {
      const sent: [number, string][] = [];
      const { saver, states, drafts } = setup(async (v, j) => {
        sent.push([v, j.name]);
        return v === 1
          ? { status: 409, body: { version: 5, job: named('theirs'), error: 'changed' } }
          : ok(v + 1);
      });
      saver.change(named('mine'));
      await vi.advanceTimersByTimeAsync(20_000);
      expect(states.at(-1)).toBe('clash');
      expect(sent).toHaveLength(1);
      saver.resolve(whose);
      await vi.advanceTimersByTimeAsync(1000);
      expect(saver.draft.name).toBe(whose);
      expect(drafts.at(-1)).toBe(whose);
      expect(sent.slice(1)).toEqual(whose === 'mine' ? [[5, 'mine']] : []);
      expect(states.at(-1)).toBe('saved');
    }
  });
  it('recovers what an earlier page could not save; what was saved after all is dropped', async () => {
    const sent: [number, string][] = [];
    const { saver, kept } = setup(async (v, j) => {
      sent.push([v, j.name]);
      return ok(v + 1);
    });
    saver.recover({ version: 1, base: job, job: named('typed before the crash') });
    expect(saver.draft.name).toBe('typed before the crash');
    await vi.advanceTimersByTimeAsync(1000);
    expect(sent).toEqual([[1, 'typed before the crash']]);
    saver.recover({ version: 1, base: job, job: saver.draft });
    expect(kept.at(-1)).toBeNull();
  });
  it('takes back after what waits is saved, and shows the job the server gives', async () => {
    const order: string[] = [];
    const { saver, drafts } = setup(
      async (v, j) => {
        order.push(`put ${j.name}`);
        return ok(v + 1);
      },
      async (v, side) => {
        order.push(`${side} at ${v}`);
        return { status: 200, body: { version: v + 1, job: named('before'), steps } };
      },
    );
    saver.change(named('after'));
    expect(await saver.step('undo')).toBeNull();
    expect(order).toEqual(['put after', 'undo at 2']);
    expect(drafts.at(-1)).toBe('before');
    expect(saver.draft.name).toBe('before');
  });
  it('a draft the server refused is taken back to what was saved, without asking the server', async () => {
    const { saver, states, drafts } = setup(async () => ({
      status: 422,
      body: { error: 'mend', faults: [{ path: 'name', expected: 'a text' }] },
    }));
    saver.change(named(''));
    await vi.advanceTimersByTimeAsync(1000);
    expect(states.at(-1)).toBe('refused');
    expect(await saver.step('undo')).toBeNull();
    expect([saver.draft.name, drafts.at(-1), states.at(-1)]).toEqual([job.name, job.name, 'saved']);
  });
  it('an edit made while a refused save is under way is sent after it', async () => {
    const sent: string[] = [];
    const { saver, states } = setup(async (v, j) => {
      sent.push(j.name);
      await new Promise((done) => setTimeout(done, 500));
      return j.name === '' ? { status: 422, body: { error: 'mend', faults: [] } } : ok(v + 1);
    });
    saver.change(named(''));
    await vi.advanceTimersByTimeAsync(400);
    saver.change(named('mended'));
    await vi.advanceTimersByTimeAsync(5000);
    expect(sent).toEqual(['', 'mended']);
    expect(states.at(-1)).toBe('saved');
    expect(saver.draft.name).toBe('mended');
  });
  it('after a clash decided for mine, the next merge starts from what the other tab had saved', async () => {
    const sent: Job[] = [];
    const theirs = { ...job, name: 'theirs', budget: { ...job.budget, amount: 77 } };
    const later = { ...theirs, name: 'mine', budget: { ...job.budget, amount: 90 } };
    const { saver, states } = setup(async (v, j) => {
      sent.push(j);
      if (v === 1) return { status: 409, body: { version: 5, job: theirs, error: 'changed' } };
      if (v === 5 && sent.length === 2)
        return { status: 409, body: { version: 6, job: later, error: 'changed' } };
      return ok(v + 1);
    });
    saver.change(named('mine'));
    await vi.advanceTimersByTimeAsync(2000);
    saver.resolve('mine');
    await vi.advanceTimersByTimeAsync(2000);
    expect(states.at(-1)).toBe('saved');
    // Between theirs and later only the budget changed, and only there: it is taken without a question.
    expect(sent.at(-1)).toMatchObject({ name: 'mine', budget: { amount: 90 } });
    expect(states.filter((s) => s === 'clash')).toHaveLength(1);
  });
  it('takes a newer job from the server only while nothing of its own waits', async () => {
    const { saver } = setup(async (v) => ok(v + 1));
    saver.change(named('mine'));
    expect(saver.adopt(9, named('newer'))).toBe(false);
    await vi.advanceTimersByTimeAsync(1000);
    expect(saver.adopt(9, named('newer'))).toBe(true);
    expect(saver.draft.name).toBe('newer');
    expect(saver.adopt(3, named('older'))).toBe(false);
  });
  it('what is typed while a step is taken back is merged into it: neither is lost', async () => {
    const sent: Job[] = [];
    const { saver, states } = setup(
      async (v, j) => {
        sent.push(j);
        return ok(v + 1);
      },
      async (v) => {
        await new Promise((done) => setTimeout(done, 500));
        const undone = { ...job, budget: { ...job.budget, amount: 11 } };
        return { status: 200, body: { version: v + 1, job: undone, steps } };
      },
    );
    const taking = saver.step('undo');
    await vi.advanceTimersByTimeAsync(100);
    saver.stop();
    saver.change(named('typed meanwhile'));
    saver.stop();
    await vi.advanceTimersByTimeAsync(2000);
    expect(await taking).toBeNull();
    await vi.advanceTimersByTimeAsync(2000);
    expect(sent.at(-1)).toMatchObject({ name: 'typed meanwhile', budget: { amount: 11 } });
    expect(states.at(-1)).toBe('saved');
  });
  it('says what went wrong when a step is not taken back, and shows the other tab’s job', async () => {
    const answer = async (reply: Reply | Error): Promise<[string | null, string]> => {
      const { saver } = setup(
        async (v) => ok(v + 1),
        async () => {
          if (reply instanceof Error) throw reply;
          return reply;
        },
      );
      return [await saver.step('redo'), saver.draft.name];
    };
    const theirs = named('theirs');
    expect(await answer({ status: 409, body: { version: 7, job: theirs } })).toEqual([
      'This job was changed in another tab; that change is shown now. Press again to take it back.',
      'theirs',
    ]);
    expect(await answer({ status: 409, body: { error: 'Nothing to do again.' } })).toEqual([
      'Nothing to do again.',
      job.name,
    ]);
    expect((await answer({ status: 409, body: { version: 7 } }))[0]).toBe('Not taken back. Try again.');
    expect((await answer({ status: 409, body: { job: theirs } }))[1]).toBe(job.name);
    expect((await answer({ status: 500, body: {} }))[0]).toBe('Not taken back. Try again.');
    expect((await answer({ status: 500, body: { version: 7, job: theirs, steps } }))[1]).toBe(job.name);
    expect((await answer({ status: 200, body: { version: 7, job: theirs } }))[1]).toBe(job.name);
    expect((await answer({ status: 200, body: { version: 7, steps } }))[1]).toBe(job.name);
    expect((await answer({ status: 200, body: { job: theirs, steps } }))[1]).toBe(job.name);
    expect((await answer(new Error('gone')))[0]).toMatch(/^Not taken back: the server does not answer/);
  });
  it('a step waits for what is not saved; while that is refused by the server it does not go on', async () => {
    const asked: string[] = [];
    const { saver } = setup(
      async () => ({ status: 422, body: { error: 'mend', faults: [] } }),
      async (_v, side) => {
        asked.push(side);
        return { status: 409, body: {} };
      },
    );
    saver.change(named(''));
    expect(await saver.step('redo')).toBe('Not taken back: the last change is not saved yet.');
    expect(asked).toEqual([]);
  });
  it('a refusal carries its reason and its faults; one without a reason says so all the same', async () => {
    const said: SaveState[] = [];
    const replies: Reply[] = [
      { status: 422, body: { error: 'mend', faults: [{ path: 'name', expected: 'a text' }] } },
      { status: 500, body: {} },
      { status: 409, body: { version: 9 } },
      { status: 409, body: { job } },
      { status: 200, body: {} },
      { status: 500, body: { version: 9, job } },
    ];
    const saver = new Saver(
      { version: 1, job },
      { put: async () => replies.shift()!, step: async () => ok(1) },
      { state: (s) => said.push(s), draft: () => undefined, saved: () => undefined, keep: () => undefined },
    );
    for (let i = 0; replies.length > 0; i++) {
      saver.change(named(`${i}`));
      await vi.advanceTimersByTimeAsync(1000);
    }
    const refused = said.filter((s) => s.kind === 'refused');
    expect(refused[0]).toEqual({
      kind: 'refused',
      message: 'mend',
      faults: [{ path: 'name', expected: 'a text' }],
    });
    expect(refused.slice(1)).toEqual(
      Array.from({ length: 5 }, () => ({ kind: 'refused', message: 'Not saved.', faults: [] })),
    );
  });
  it('on leaving the page what waits is sent at once, and only once; nothing waits, nothing is sent', async () => {
    const sent: string[] = [];
    const { saver } = setup(async (v, j) => {
      sent.push(j.name);
      return ok(v + 1);
    });
    saver.flush();
    expect(sent).toEqual([]);
    saver.change(named('last words'));
    expect(saver.idle).toBe(false);
    saver.flush();
    saver.flush();
    expect(sent).toEqual(['last words']);
    await vi.advanceTimersByTimeAsync(1000);
    expect(sent).toHaveLength(1);
    expect(saver.idle).toBe(true);
    saver.change(named('never sent'));
    saver.stop();
    await vi.advanceTimersByTimeAsync(5000);
    expect(sent).toHaveLength(1);
  });
  it('while a request is under way nothing newer is taken over, even when nothing is pending', async () => {
    const { saver } = setup(async (v) => {
      await new Promise((done) => setTimeout(done, 500));
      return ok(v + 1);
    });
    saver.change(named('mine'));
    await vi.advanceTimersByTimeAsync(400);
    expect(saver.adopt(9, named('newer'))).toBe(false);
    await vi.advanceTimersByTimeAsync(1000);
    // The very version that was saved is the server's view of it: taken.
    expect(saver.adopt(2, named('as the server has it'))).toBe(true);
  });
  it('an edit during a clash asks again, and merges once the fields no longer meet', async () => {
    const { saver, states } = setup(async (v) =>
      v === 1 ? { status: 409, body: { version: 5, job: named('theirs'), error: 'changed' } } : ok(v + 1),
    );
    saver.change(named('mine'));
    await vi.advanceTimersByTimeAsync(1000);
    expect(states.at(-1)).toBe('clash');
    saver.change(named('mine again'));
    expect(states.at(-1)).toBe('clash');
    saver.change({ ...named('theirs'), budget: { ...job.budget, amount: 5 } });
    await vi.advanceTimersByTimeAsync(1000);
    expect(states.at(-1)).toBe('saved');
    expect(saver.draft).toMatchObject({ name: 'theirs', budget: { amount: 5 } });
    // Nothing is to be decided any more.
    saver.resolve('theirs');
    expect(saver.draft.budget.amount).toBe(5);
  });
  it('two build-ups are never mixed layer by layer: both changed them, so it is asked', async () => {
    const system = (coats: number[]): Job => ({
      ...job,
      system: {
        layers: coats.map((n, i) => ({
          role: i === 0 ? ('filler' as const) : ('base' as const),
          productId: `p${i}`,
          coats: n,
        })),
      },
    });
    const states: SaveState[] = [];
    const saver = new Saver(
      { version: 1, job: system([2, 2]) },
      {
        put: async () => ({ status: 409, body: { version: 5, job: system([2, 3]) } }),
        step: async () => ok(1),
      },
      { state: (s) => states.push(s), draft: () => undefined, saved: () => undefined, keep: () => undefined },
    );
    saver.change(system([3, 2]));
    await vi.advanceTimersByTimeAsync(1000);
    expect(states.at(-1)).toEqual({ kind: 'clash', paths: ['system.layers'] });
  });
});
