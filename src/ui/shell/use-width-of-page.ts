'use client';
/** How wide the page is, in the steps of the style sheet; em, so that larger text counts as a narrower page. */
import { useSyncExternalStore } from 'react';

/** From here on there is room for all sections at once: 1600 px at the usual text size. */
const WIDE = '(min-width: 100em)';
/** A phone: up to 700 px at the usual text size. */
const NARROW = '(max-width: 43.75em)';

const no = (): boolean => false;

function useMatches(query: string): boolean {
  return useSyncExternalStore(
    (listener) => {
      const page = window.matchMedia(query);
      page.addEventListener('change', listener);
      return () => page.removeEventListener('change', listener);
    },
    () => window.matchMedia(query).matches,
    no,
  );
}

export const useWide = (): boolean => useMatches(WIDE);
export const useNarrow = (): boolean => useMatches(NARROW);
