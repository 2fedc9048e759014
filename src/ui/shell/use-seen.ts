'use client';
/**
 * How much of each section is in view, told to its link by a custom property as the page scrolls: no render, and
 * several may be in view at once. The first of them is the current one.
 */
import { useEffect, type RefObject } from 'react';
import { textScale } from '@/ui/tokens/rem';

/** Head and section bar, px at the usual text size: what lies under them is not seen. */
const FRAME_TOP_PX = 108;

/** @param under height of head and section bar, px */
function shareSeen(section: Element, under: number): number {
  const { top, bottom, height } = section.getBoundingClientRect();
  const seen = Math.min(bottom, window.innerHeight) - Math.max(top, under);
  return height > 0 ? Math.max(0, Math.min(1, seen / Math.min(height, window.innerHeight - under))) : 0;
}

function tell(bar: HTMLElement): void {
  const under = FRAME_TOP_PX * textScale();
  let isFirst = true;
  for (const link of bar.querySelectorAll<HTMLAnchorElement>('a[href^="#"]')) {
    const section = document.getElementById(link.hash.slice(1));
    const share = section ? shareSeen(section, under) : 0;
    link.style.setProperty('--seen', share.toFixed(3));
    const isCurrent = isFirst && share > 0.02;
    if (isCurrent) link.setAttribute('aria-current', 'true');
    else link.removeAttribute('aria-current');
    if (isCurrent) isFirst = false;
  }
}

/** @param bar holds a link for each section */
export function useSeen(bar: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    let asked = 0;
    const ask = (): void => {
      if (asked !== 0) return;
      asked = requestAnimationFrame(() => {
        asked = 0;
        if (bar.current) tell(bar.current);
      });
    };
    const grown = new ResizeObserver(ask);
    grown.observe(document.body);
    window.addEventListener('scroll', ask, { passive: true });
    window.addEventListener('resize', ask);
    ask();
    return () => {
      cancelAnimationFrame(asked);
      grown.disconnect();
      window.removeEventListener('scroll', ask);
      window.removeEventListener('resize', ask);
    };
  }, [bar]);
}
