'use client';
/** A panel that the first look does not need: fetched once the page stands, its place kept. */
import type { ComponentType } from 'react';
import dynamic from 'next/dynamic';

/** @param title stands in its place meanwhile */
export function later<P extends object>(
  title: string,
  load: () => Promise<ComponentType<P>>,
): ComponentType<P> {
  return dynamic(load, {
    ssr: false,
    loading: () => (
      <section className="panel noprint" aria-busy="true" style={{ minHeight: 92 }}>
        <div className="hd">{title}</div>
      </section>
    ),
  });
}
