'use client';
/** The height of a column that stays in sight, told to its style: one taller than the window scrolls to its end. */
import { useEffect, type RefObject } from 'react';

export function useFit(column: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    const element = column.current;
    if (!element) return undefined;
    const measured = new ResizeObserver(() =>
      element.style.setProperty('--tall', `${element.offsetHeight}px`),
    );
    measured.observe(element);
    return () => measured.disconnect();
  }, [column]);
}
