// @vitest-environment happy-dom
/** What a page asks of the server and when, its keys and clock, and what the browser keeps. */
import { act, cleanup, fireEvent, render, renderHook } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { isZone } from '@/model/zone';
import type { JobView } from '@/usecases/view-job';
import type { Saver } from './saver';
import { fakePage, flush, job, json, view } from './test-page';
import { ZoneBox } from '../parts/zone-box';
import { transportTo } from './transport';
import { UnreadDraft } from './unread-draft';
import { keepUnsaved, unsavedOf } from './unsaved-shelf';
import { useClock } from './use-clock';
import { useNothingLost, useServerView } from './use-server-view';
import { useUndoKeys } from './use-undo-keys';

const server = fakePage();

describe('requests', () => {
  it('a draft goes with the version it started from, as JSON, and outlives its page', async () => {
    server.reply = async () => json({ version: 4 });
    expect(await transportTo('j1').put(3, job)).toEqual({ status: 200, body: { version: 4 } });
    expect(server.asked[0]!.url).toBe('/api/jobs/j1');
    expect(server.asked[0]!.init).toMatchObject({
      method: 'PUT',
      keepalive: true,
      headers: { 'content-type': 'application/json' },
    });
    expect(JSON.parse(server.asked[0]!.init!.body as string)).toEqual({ version: 3, job });
  });
  it('a body that no browser lets outlive its page goes the usual way; an answer without words is one', async () => {
    server.reply = async () => ({
      ok: false,
      status: 502,
      json: async () => Promise.reject(new Error('html')),
    });
    const large = { ...job, name: 'é'.repeat(30_000) };
    expect(await transportTo('j1').put(3, large)).toEqual({ status: 502, body: {} });
    expect(server.asked[0]!.init!.keepalive).toBe(false);
    await transportTo('j1').put(3, { ...job, name: 'é'.repeat(20_000) });
    expect(server.asked[1]!.init!.keepalive).toBe(true);
  });
  it('a server that takes a request and never answers counts as silent after twenty seconds', async () => {
    const over = new AbortController();
    const timeout = vi.spyOn(AbortSignal, 'timeout').mockReturnValue(over.signal);
    await transportTo('j1').put(3, job);
    expect(timeout).toHaveBeenCalledWith(20_000);
    expect(server.asked[0]!.init!.signal).toBe(over.signal);
    timeout.mockRestore();
  });
  it('a step names its side', async () => {
    await transportTo('j1').step(3, 'redo');
    expect(server.asked[0]).toMatchObject({ url: '/api/jobs/j1/step', init: { method: 'POST' } });
    expect(JSON.parse(server.asked[0]!.init!.body as string)).toEqual({ version: 3, side: 'redo' });
  });
});

describe('what the browser keeps', () => {
  const unsaved = { version: 3, base: job, job };
  const halfZone = { ...job, place: { ...job.place, tz: 'Europe/Lon' } };
  it('is kept by job, given back, and dropped once it is saved', () => {
    keepUnsaved('j1', unsaved);
    expect(unsavedOf('j1')).toEqual(unsaved);
    expect(unsavedOf('j2')).toBeNull();
    keepUnsaved('j1', null);
    expect(unsavedOf('j1')).toBeNull();
    expect(localStorage).toHaveLength(0);
  });
  it('half a zone in it breaks no page: the last whole one stays, the rest of the draft too', () => {
    keepUnsaved('j1', { ...unsaved, job: { ...halfZone, name: 'Typed' } });
    expect(unsavedOf('j1')!.job).toEqual({ ...job, name: 'Typed' });
  });
  it('what is no draft of ours is nothing; a store that is full stops nobody', () => {
    for (const text of [
      '{',
      '1',
      '{"version":"3"}',
      JSON.stringify({ ...unsaved, base: null }),
      JSON.stringify({ version: 3, base: job }),
    ]) {
      localStorage.setItem('pellucid.unsaved.j1', text);
      expect(unsavedOf('j1')).toBeNull();
    }
    vi.stubGlobal('localStorage', {
      setItem: () => {
        throw new Error('full');
      },
    });
    expect(() => keepUnsaved('j1', unsaved)).not.toThrow();
  });
});

describe('a draft that breaks its page', () => {
  it('is kept as a file or let go, and then the page is tried again', () => {
    localStorage.setItem('pellucid.unsaved.j1', '{"half');
    let tries = 0;
    const { container } = render(<UnreadDraft id="j1" onGone={() => tries++} />);
    const [keep, letGo] = [...container.querySelectorAll('a, button')];
    expect(keep!.getAttribute('download')).toBe('j1-unsaved.json');
    expect(decodeURIComponent(keep!.getAttribute('href')!)).toMatch(/\{"half$/);
    fireEvent.click(letGo!);
    expect([localStorage.length, tries, container.textContent]).toEqual([0, 1, '']);
    expect(render(<UnreadDraft id="j2" onGone={() => tries++} />).container.textContent).toBe('');
  });
});

describe('a zone being typed', () => {
  it('half of it stands beside the field and changes nothing; a whole one does', () => {
    const zones: string[] = [];
    const { container } = render(
      <ZoneBox value="Europe/London" fault={null} onChange={(z) => zones.push(z)} />,
    );
    const field = container.querySelector('input')!;
    fireEvent.change(field, { target: { value: 'Europe/Ber' } });
    expect(field.value).toBe('Europe/Ber');
    expect(container.textContent).toContain('Europe/London stays until then');
    expect(zones).toEqual([]);
    fireEvent.change(field, { target: { value: 'Europe/Berlin ' } });
    expect(zones).toEqual(['Europe/Berlin']);
    expect(container.textContent).not.toContain('stays until then');
  });
  it('an offset is no zone, and neither is half a name', () => {
    const is = ['Europe/London', 'UTC', 'America/Argentina/Buenos_Aires', 'Etc/GMT+1'].map(isZone);
    const no = ['', '+01:00', 'Europe/Lon', 'Europe', '01:00', 'London', 'Europe/London; x'].map(isZone);
    expect([...is, ...no]).toEqual([true, true, true, true, ...no.map(() => false)]);
  });
});

describe('the clock', () => {
  it('is the server’s, moved on by the page’s own', () => {
    const { result } = renderHook(() => useClock(1_000_000));
    act(() => void vi.advanceTimersByTime(5000));
    expect(result.current.now()).toBeCloseTo(1_005_000, -1);
    act(() => result.current.set(2_000_000));
    act(() => void vi.advanceTimersByTime(700));
    expect(result.current.now()).toBeCloseTo(2_000_700, -1);
  });
});

describe('keys', () => {
  const pressed = (init: KeyboardEventInit, target: Element = document.body): string[] => {
    const sides: string[] = [];
    const { unmount } = renderHook(() => useUndoKeys((side) => sides.push(side)));
    const went = fireEvent.keyDown(target, init);
    expect(went).toBe(sides.length === 0);
    unmount();
    fireEvent.keyDown(target, init);
    return sides;
  };
  it('take back and do again, with either modifier, and no longer than the page is there', () => {
    expect(pressed({ key: 'z', ctrlKey: true })).toEqual(['undo']);
    expect(pressed({ key: 'Z', metaKey: true })).toEqual(['undo']);
    expect(pressed({ key: 'Z', ctrlKey: true, shiftKey: true })).toEqual(['redo']);
    expect(pressed({ key: 'y', ctrlKey: true })).toEqual(['redo']);
  });
  it('mean nothing alone, with the alternative key, or another letter', () => {
    expect(pressed({ key: 'z' })).toEqual([]);
    expect(pressed({ key: 'z', ctrlKey: true, altKey: true })).toEqual([]);
    expect(pressed({ key: 'x', ctrlKey: true })).toEqual([]);
  });
  it('inside a field they belong to the field', () => {
    for (const tag of ['input', 'textarea', 'select']) {
      const field = document.body.appendChild(document.createElement(tag));
      expect(pressed({ key: 'z', ctrlKey: true }, field)).toEqual([]);
    }
    const button = document.body.appendChild(document.createElement('button'));
    expect(pressed({ key: 'z', ctrlKey: true }, button)).toEqual(['undo']);
  });
});

describe('the server’s view', () => {
  const saverOf = (over: Partial<Saver> = {}) => {
    const adopted: number[] = [];
    const saver = {
      idle: true,
      adopt: (version: number) => {
        adopted.push(version);
        return true;
      },
      ...over,
    } as unknown as Saver;
    return { saver, adopted };
  };
  const watch = (saver: Saver, savedAt = 0) => {
    const seen: number[] = [];
    const onView = (v: JobView): void => void seen.push(v.version);
    const hook = renderHook((at: number) => useServerView('j1', saver, at, onView), {
      initialProps: savedAt,
    });
    return { seen, ...hook };
  };
  beforeEach(() => {
    server.reply = async () => json(view());
  });
  it('is asked for once a minute, and a moment after a save, not before', async () => {
    const { seen, rerender } = watch(saverOf().saver);
    await flush(59_000);
    expect(server.asked).toHaveLength(0);
    await flush(2000);
    expect(server.asked.map((a) => a.url)).toEqual(['/api/jobs/j1']);
    expect(seen).toEqual([3]);
    rerender(4);
    await flush(200);
    expect(server.asked).toHaveLength(1);
    await flush(100);
    expect(server.asked).toHaveLength(2);
  });
  it('is asked for when the page is looked at again, and no more once it is gone', async () => {
    const { unmount } = watch(saverOf().saver);
    document.dispatchEvent(new Event('visibilitychange'));
    await flush();
    expect(server.asked).toHaveLength(1);
    unmount();
    document.dispatchEvent(new Event('visibilitychange'));
    await flush(120_000);
    expect(server.asked).toHaveLength(1);
  });
  it('is not asked for while something waits or nobody looks; a refusal or a silent server changes nothing', async () => {
    watch(saverOf({ idle: false } as Partial<Saver>).saver);
    await flush(61_000);
    expect(server.asked).toHaveLength(0);
    cleanup();
    const { seen } = watch(saverOf().saver);
    server.reply = async () => json({}, 404);
    await flush(61_000);
    server.reply = async () => Promise.reject(new Error('no server'));
    await flush(61_000);
    expect(server.asked).toHaveLength(2);
    vi.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden');
    await flush(61_000);
    expect(server.asked).toHaveLength(2);
    expect(seen).toEqual([]);
    vi.restoreAllMocks();
  });
  it('what the saver does not take is not shown', async () => {
    const { seen } = watch(saverOf({ adopt: () => false }).saver);
    await flush(61_000);
    expect(server.asked).toHaveLength(1);
    expect(seen).toEqual([]);
  });
});

describe('nothing lost', () => {
  const calls: string[] = [];
  const saver = {
    flush: () => void calls.push('flush'),
    stop: () => void calls.push('stop'),
    recover: (u: { version: number }) => void calls.push(`recover ${u.version}`),
  } as unknown as Saver;
  it('what an earlier page could not save is taken up; on leaving what waits is sent', () => {
    keepUnsaved('j1', { version: 2, base: job, job });
    const { unmount } = renderHook(() => useNothingLost('j1', saver));
    expect(calls).toEqual(['recover 2']);
    window.dispatchEvent(new Event('pagehide'));
    expect(calls.slice(1)).toEqual(['flush']);
    unmount();
    expect(calls.slice(2)).toEqual(['stop', 'flush']);
    window.dispatchEvent(new Event('pagehide'));
    expect(calls).toHaveLength(4);
    calls.length = 0;
    renderHook(() => useNothingLost('j2', saver)).unmount();
    expect(calls).toEqual(['stop', 'flush']);
  });
});
