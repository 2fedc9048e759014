'use client';
/**
 * The width a drawing has, CSS px at the usual text size: it is laid out anew for it, so that its words keep
 * their size and grow with the text set in the browser alone.
 */
import { useEffect, useRef, useState, type RefObject } from 'react';
import { textScale } from '@/ui/tokens/rem';

/** @param before until it is measured, and on the server */
export function useWidth(before: number): readonly [RefObject<HTMLDivElement | null>, number] {
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(before);
  useEffect(() => {
    const element = box.current;
    if (!element) return undefined;
    const measured = new ResizeObserver(([entry]) => {
      const now = Math.floor(entry!.contentRect.width / textScale());
      if (now > 0) setWidth(now);
    });
    measured.observe(element);
    return () => measured.disconnect();
  }, []);
  return [box, width];
}
