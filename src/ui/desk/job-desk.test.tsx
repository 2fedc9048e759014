// @vitest-environment happy-dom
/** The desk on a page: the draft's own plan, and what an edit, a refusal, a step and another tab do to it. */
import { act, render, renderHook } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { JobView } from '@/usecases/view-job';
import type { Answer } from '@/core/plan';
import { JobDesk, useDesk, type Desk } from './job-desk';
import { answerLast, answerOf, fakePage, FakeWorker, flush, job, json, steps, view } from './test-page';
import { usePlanner } from './use-planner';

const server = fakePage();

const clock = (): number => 77;

describe('the planner', () => {
  const planner = (initial = view()) =>
    renderHook(({ v, j }) => usePlanner(v, j, clock), { initialProps: { v: initial, j: initial.job } });
  const named = (name: string): JobView['job'] => ({ ...job, name });
  const planName = (a: Answer): string => (a.plan as unknown as { name: string }).name;
  it('shows the server’s plan until a draft is planned, then the draft’s', async () => {
    const { result, rerender } = planner();
    const v = view();
    expect(planName(result.current.answer)).toBe('server');
    expect(FakeWorker.last.sent.map((m) => m.kind)).toEqual(['load']);
    rerender({ v, j: named('draft') });
    expect(FakeWorker.last.sent.at(-1)).toMatchObject({ kind: 'plan', nowMs: 77, job: { name: 'draft' } });
    expect(planName(result.current.answer)).toBe('server');
    await answerLast('first');
    expect(planName(result.current.answer)).toBe('first');
    // A newer draft shows the last plan there was until its own is there.
    rerender({ v, j: named('draft 2') });
    expect(planName(result.current.answer)).toBe('first');
    await answerLast('second');
    expect(planName(result.current.answer)).toBe('second');
    // Once the server has it, its own plan counts.
    const j = named('draft 2');
    rerender({ v: view({ job: j }), j });
    expect(planName(result.current.answer)).toBe('server');
  });
  it('an answer that was overtaken is not shown', async () => {
    const { result, rerender } = planner();
    const v = view();
    rerender({ v, j: named('one') });
    const { sent, onmessage } = FakeWorker.last;
    const first = sent.at(-1)!.id;
    rerender({ v, j: named('two') });
    await act(async () =>
      onmessage!({ data: { kind: 'done', id: first, answer: answerOf('old'), tookMs: 1 } }),
    );
    expect(planName(result.current.answer)).toBe('server');
    await answerLast('new');
    expect(planName(result.current.answer)).toBe('new');
  });
  it('a planner that stopped says so, and works again with the next answer', async () => {
    const { result, rerender } = planner();
    const v = view();
    rerender({ v, j: named('one') });
    await act(async () => {
      FakeWorker.last.onerror!({ message: 'out of memory' });
      await vi.advanceTimersByTimeAsync(0);
    });
    expect(result.current.fault).toBe(
      'The planner on this page stopped (out of memory). Reload the page; nothing is lost.',
    );
    rerender({ v, j: named('two') });
    await answerLast('two');
    expect(result.current.fault).toBeNull();
  });
  it('a plan that takes longer than a glance says so until it is there', async () => {
    const { result, rerender } = planner();
    const v = view();
    rerender({ v, j: named('one') });
    await flush(399);
    expect(result.current.isLong).toBe(false);
    await flush(2);
    expect(result.current.isLong).toBe(true);
    await answerLast('one');
    expect(result.current.isLong).toBe(false);
    await flush(1000);
    expect(result.current.isLong).toBe(false);
  });
  it('a plan that is cancelled is stopped, and a new worker takes the next draft', async () => {
    const { result, rerender } = planner();
    const v = view();
    rerender({ v, j: named('one') });
    await flush(500);
    const stopped = FakeWorker.last;
    act(() => result.current.cancel());
    expect(stopped.closed).toBe(true);
    expect(FakeWorker.last).not.toBe(stopped);
    rerender({ v, j: v.job });
    expect(result.current.isLong).toBe(false);
    rerender({ v, j: named('two') });
    await answerLast('two');
    expect(planName(result.current.answer)).toBe('two');
  });
  it('a new issue of the forecast or another place has a new worker; the old one is closed', () => {
    const { rerender, unmount } = planner();
    const [first, made] = [FakeWorker.last, FakeWorker.made];
    rerender({ v: view({ job: { ...job, name: 'same place' } }), j: job });
    expect(FakeWorker.made).toBe(made);
    rerender({ v: view({ issuedMs: 6 }), j: job });
    expect(FakeWorker.made).toBe(made + 1);
    expect(first.closed).toBe(true);
    rerender({ v: view({ issuedMs: 6, job: { ...job, place: { ...job.place, lat: 54 } } }), j: job });
    expect(FakeWorker.made).toBe(made + 2);
    rerender({ v: view({ issuedMs: 6, job: { ...job, place: { ...job.place, lat: 54, lon: 1 } } }), j: job });
    expect(FakeWorker.made).toBe(made + 3);
    unmount();
    expect(FakeWorker.last.closed).toBe(true);
  });
});

describe('the desk', () => {
  let desk: Desk;
  function Look() {
    desk = useDesk();
    return null;
  }
  const open = (initial = view()) =>
    render(
      <JobDesk initial={initial}>
        <Look />
      </JobDesk>,
    );
  const rename = (name: string) => act(() => desk.edit((j) => ({ ...j, name })));
  it('an edit shows at once, is saved a moment later, and says so', async () => {
    server.reply = async () => json({ version: 4, job, steps: { undo: 'name', redo: null } });
    open();
    expect(desk.state).toEqual({ kind: 'saved' });
    rename('New');
    expect(desk.job.name).toBe('New');
    expect(desk.state.kind).toBe('saving');
    await flush(400);
    expect(desk.state.kind).toBe('saved');
    expect(desk.steps.undo).toBe('name');
    expect(server.asked[0]!.init!.method).toBe('PUT');
    // A moment later the server's own view is asked for.
    await flush(400);
    expect(server.asked.at(-1)!.init).toBeUndefined();
  });
  it('a refused field says what was expected, there and inside it, and nowhere else', async () => {
    const faults = [
      { path: 'parts[0].lengthMm', expected: '1 to 10000' },
      { path: 'name', expected: 'a text' },
    ];
    server.reply = async () => json({ error: 'Mend it.', faults }, 422);
    open();
    expect(desk.faultAt('name')).toBeNull();
    rename('');
    await flush(400);
    expect(desk.faultAt('name')).toBe('a text');
    expect(desk.faultAt('parts[0].lengthMm')).toBe('1 to 10000');
    expect(desk.faultAt('parts[0]')).toBe('1 to 10000');
    expect(desk.faultAt('parts')).toBe('1 to 10000');
    expect(desk.faultAt('part')).toBeNull();
    expect(desk.faultAt('nam')).toBeNull();
  });
  it('a step that fails says why until the next edit; a planner that stopped is told when nothing else is', async () => {
    server.reply = async () => json({ error: 'Nothing to take back.' }, 409);
    open();
    await act(async () => {
      desk.step('undo');
      await vi.advanceTimersByTimeAsync(10);
    });
    expect(desk.message).toBe('Nothing to take back.');
    server.reply = async () => json({ version: 4, job, steps });
    rename('x');
    expect(desk.message).toBeNull();
    await act(async () => {
      FakeWorker.last.onerror!({ message: 'gone' });
      await vi.advanceTimersByTimeAsync(0);
    });
    expect(desk.message).toBeNull();
    await flush(400);
    expect(desk.message).toMatch(/planner on this page stopped/);
  });
  it('the server’s view sets clock, job and steps', async () => {
    const newer = { ...job, name: 'From another tab' };
    server.reply = async () =>
      json(view({ version: 9, job: newer, nowMs: 9_000_000, steps: { undo: null, redo: 'name' } }));
    open();
    await flush(60_100);
    expect(desk.job.name).toBe('From another tab');
    expect(desk.nowMs).toBe(9_000_000);
    expect(desk.clock()).toBeGreaterThanOrEqual(9_000_000);
    expect(desk.steps.redo).toBe('name');
  });
  it('a long plan can be cancelled: the worker stops and the change is taken back', async () => {
    server.reply = async () =>
      json({ version: 4, job: { ...job, name: 'Slow' }, steps: { undo: 'name', redo: null } });
    open();
    rename('Slow');
    expect(desk.longWork).toBeNull();
    await flush(500);
    expect(desk.longWork).not.toBeNull();
    const stopped = FakeWorker.last;
    server.reply = async () => json({ version: 5, job, steps: { undo: null, redo: 'name' } });
    await act(async () => {
      desk.longWork!.cancel();
      await vi.advanceTimersByTimeAsync(10);
    });
    expect(stopped.closed).toBe(true);
    expect(desk.job.name).toBe('Lids');
    expect(server.asked.some((a) => String(a.init?.body).includes('undo'))).toBe(true);
  });
  it('a clash is decided on the desk', async () => {
    server.reply = async () => json({ version: 8, job: { ...job, name: 'Theirs' }, error: 'changed' }, 409);
    open();
    rename('Mine');
    await flush(400);
    expect(desk.state).toEqual({ kind: 'clash', paths: ['name'] });
    act(() => desk.resolve('theirs'));
    expect(desk.job.name).toBe('Theirs');
    expect(desk.id).toBe('j1');
    expect(desk.products.length).toBeGreaterThan(10);
  });
  it('outside a job there is none', () => {
    expect(() => renderHook(() => useDesk())).toThrow('useDesk outside a job');
  });
});
