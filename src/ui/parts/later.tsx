'use client';
/**
 * A panel that the first look does not need: fetched when the page has nothing else to do, its place kept until
 * then. Once fetched it stands at once wherever it is opened, on paper too.
 */
import { createElement, useEffect, useSyncExternalStore, type ComponentType, type ReactNode } from 'react';
import Skeleton from '@mui/material/Skeleton';

/** Where a browser cannot say that it is idle, ms. */
const IDLE_MS = 1500;

function whenIdle(run: () => void): void {
  if (typeof window === 'undefined') return;
  if ('requestIdleCallback' in window) window.requestIdleCallback(run, { timeout: IDLE_MS });
  else setTimeout(run, IDLE_MS);
}

/** A fetch that failed is tried again so often while someone waits for it, ms. */
const AGAIN_MS = 3000;

/** A module that is fetched once; a fetch that failed loses nothing: it is tried again. */
function fetchedOnce<T>(load: () => Promise<T>) {
  let held: T | null = null;
  let isAsked = false;
  const listeners = new Set<() => void>();
  const ask = (): void => {
    if (isAsked) return;
    isAsked = true;
    load().then(
      (got) => {
        held = got;
        for (const listener of listeners) listener();
      },
      () => {
        isAsked = false;
        if (listeners.size > 0) setTimeout(ask, AGAIN_MS);
      },
    );
  };
  return {
    held: (): T | null => held,
    subscribe: (listener: () => void): (() => void) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    ask,
  };
}

interface LaterHow {
  /** What the panel takes at least, so that nothing jumps. */
  readonly heightPx?: number;
  /** Too heavy to be fetched before it is opened. */
  readonly isHeavy?: boolean;
}

/** @param meanwhile the title of a panel, or what stands in its place; null for what opens over the page */
export function later<P extends object>(
  meanwhile: ReactNode,
  load: () => Promise<ComponentType<P>>,
  { heightPx = 92, isHeavy = false }: LaterHow = {},
): ComponentType<P> {
  const panel = fetchedOnce(load);
  if (!isHeavy) whenIdle(panel.ask);
  return function Later(props: P) {
    const held = useSyncExternalStore(panel.subscribe, panel.held, () => null);
    useEffect(() => panel.ask(), []);
    if (held) return createElement(held, props);
    return typeof meanwhile === 'string' ? <Waiting title={meanwhile} heightPx={heightPx} /> : meanwhile;
  };
}

function Waiting({ title, heightPx }: { title: string; heightPx: number }) {
  return (
    <section className="panel noprint" aria-busy="true" style={{ minHeight: heightPx }}>
      <div className="hd">{title}</div>
      <Skeleton variant="text" width="60%" animation={false} />
      <Skeleton variant="text" width="40%" animation={false} />
    </section>
  );
}
