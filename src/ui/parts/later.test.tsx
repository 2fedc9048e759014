// @vitest-environment happy-dom
/** A panel that is fetched later: its place is kept, it stands at once the second time, a failed fetch is tried again. */
import { act, cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { later } from './later';

const Panel = ({ says }: { says: string }) => <p>{says}</p>;
afterEach(cleanup);

describe('a later panel', () => {
  it('keeps its place under its title until it is fetched, and then stands at once', async () => {
    const load = vi.fn(async () => Panel);
    const Later = later('Money', load, { isHeavy: true });
    expect(load).not.toHaveBeenCalled();
    render(<Later says="£ 12" />);
    expect(screen.getByText('Money').closest('section')!.getAttribute('aria-busy')).toBe('true');
    await act(async () => undefined);
    expect(screen.getByText('£ 12')).toBeTruthy();
    cleanup();
    render(<Later says="£ 13" />);
    expect(screen.getByText('£ 13')).toBeTruthy();
    expect(load).toHaveBeenCalledTimes(1);
  });
  it('a fetch that failed is tried again by the next who opens it', async () => {
    const load = vi.fn(async (): Promise<typeof Panel> => Promise.reject(new Error('offline')));
    const Later = later('Money', load, { isHeavy: true });
    render(<Later says="x" />);
    await act(async () => undefined);
    expect(screen.queryByText('x')).toBeNull();
    cleanup();
    load.mockImplementation(async () => Panel);
    render(<Later says="x" />);
    await act(async () => undefined);
    expect(screen.getByText('x')).toBeTruthy();
  });
  it('one that somebody waits for is tried again by itself; what opens over the page holds no place', async () => {
    vi.useFakeTimers();
    const load = vi.fn(async (): Promise<typeof Panel> => Promise.reject(new Error('offline')));
    const Later = later(null, load, { isHeavy: true });
    const { container } = render(<Later says="x" />);
    await act(async () => undefined);
    expect(container.innerHTML).toBe('');
    load.mockImplementation(async () => Panel);
    await act(async () => vi.advanceTimersByTimeAsync(3000));
    expect(screen.getByText('x')).toBeTruthy();
    vi.useRealTimers();
  });
  it('one that is not heavy is fetched when the page is idle, before anybody opens it', async () => {
    vi.useFakeTimers();
    vi.stubGlobal('requestIdleCallback', undefined);
    delete (window as { requestIdleCallback?: unknown }).requestIdleCallback;
    const load = vi.fn(async () => Panel);
    later('Money', load);
    expect(load).not.toHaveBeenCalled();
    vi.advanceTimersByTime(1500);
    expect(load).toHaveBeenCalledTimes(1);
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });
});
