'use client';
/** To a section by its address, by its link and by a digit key: it is opened first, then brought under the bar. */
import { useEffect, useEffectEvent } from 'react';
import { isText } from '../desk/use-undo-keys';

/** What is fetched late moves what lies under it: looked at again so long after, ms, unless the reader went on. */
const SETTLED_MS = 400;
const MOVES = ['wheel', 'touchstart', 'keydown', 'pointerdown'] as const;

function scrollTo(id: string): void {
  let isLeft = false;
  const leave = (): void => {
    isLeft = true;
  };
  const bring = (): void => {
    if (!isLeft) document.getElementById(id)?.scrollIntoView();
  };
  // Its content is there after the next paint.
  requestAnimationFrame(() => requestAnimationFrame(bring));
  for (const move of MOVES) window.addEventListener(move, leave, { once: true, passive: true });
  setTimeout(() => {
    bring();
    for (const move of MOVES) window.removeEventListener(move, leave);
  }, SETTLED_MS);
}

function digitOf(e: KeyboardEvent): number | null {
  if (e.ctrlKey || e.metaKey || e.altKey || isText(e.target)) return null;
  return /^[1-9]$/.test(e.key) ? Number(e.key) : null;
}

/** @param ids of the sections in page order @returns goes to one of them */
export function useJump(ids: readonly string[], open: (id: string) => void): (id: string) => void {
  const go = (id: string): void => {
    open(id);
    scrollTo(id);
  };
  const follow = useEffectEvent(() => {
    const id = decodeURIComponent(window.location.hash.slice(1));
    if (ids.includes(id)) go(id);
  });
  const onKey = useEffectEvent((e: KeyboardEvent) => {
    const id = ids[(digitOf(e) ?? 0) - 1];
    if (id === undefined) return;
    e.preventDefault();
    if (window.location.hash === `#${id}`) go(id);
    else window.location.hash = id;
  });
  useEffect(() => {
    follow();
    const follows = (): void => follow();
    const keyed = (e: KeyboardEvent): void => onKey(e);
    window.addEventListener('hashchange', follows);
    window.addEventListener('keydown', keyed);
    return () => {
      window.removeEventListener('hashchange', follows);
      window.removeEventListener('keydown', keyed);
    };
  }, []);
  return go;
}
