'use client';
/** A panel that the first look does not need: fetched once the page stands, its place kept. */
import type { ComponentType } from 'react';
import dynamic from 'next/dynamic';

/** @param title stands in its place meanwhile @param heightPx what the panel takes at least, so that nothing jumps */
export function later<P extends object>(
  title: string,
  load: () => Promise<ComponentType<P>>,
  heightPx = 92,
): ComponentType<P> {
  return dynamic(load, {
    ssr: false,
    loading: () => (
      <section className="panel noprint" aria-busy="true" style={{ minHeight: heightPx }}>
        <div className="hd">{title}</div>
      </section>
    ),
  });
}
