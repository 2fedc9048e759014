'use client';
/** The stretch of a ribbon: buttons, keys (+, −, Page Up, Page Down, Home) and dragging the paper. */
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { AirView } from '@/core/air/view';
import {
  beginsMs,
  canDo,
  knownSpan,
  leafed,
  movedBy,
  shownHours,
  USUAL_SHOWN,
  zoomed,
  type Can,
  type Shown,
} from '../views/stretch';

/** Dragged less it is a press, px. */
const LEAST_DRAG = 4;

export interface RibbonStretch {
  readonly fromMs: number;
  readonly hours: number;
  readonly can: Can;
  leaf(by: -1 | 1): void;
  zoom(by: -1 | 1): void;
  /** @returns whether the key was one of its own */
  onKey(event: KeyboardEvent): boolean;
  readonly pan: {
    onPointerDown(event: PointerEvent): void;
    onPointerMove(event: PointerEvent): void;
    onPointerUp(): void;
  };
}

/** @param innerPx of the time axis on the screen */
export function useStretch(air: AirView, nowMs: number, innerPx: number): RibbonStretch {
  const [shown, setShown] = useState<Shown>(USUAL_SHOWN);
  const grab = useRef<{ readonly x: number; readonly from: Shown } | null>(null);
  const known = knownSpan(air, nowMs);
  const hours = shownHours(shown, known);
  const leaf = (by: -1 | 1): void => setShown((s) => leafed(s, by, known));
  const zoom = (by: -1 | 1): void => setShown((s) => zoomed(s, by, known));
  const keys: Readonly<Record<string, () => void>> = {
    '+': () => zoom(-1),
    '=': () => zoom(-1),
    '-': () => zoom(1),
    PageUp: () => leaf(-1),
    PageDown: () => leaf(1),
    Home: () => setShown(USUAL_SHOWN),
  };
  const onKey = (event: KeyboardEvent): boolean => {
    const act = event.ctrlKey || event.metaKey || event.altKey ? undefined : keys[event.key];
    if (!act) return false;
    event.preventDefault();
    act();
    return true;
  };
  const pan: RibbonStretch['pan'] = {
    onPointerDown: (e) => {
      if (e.button !== 0) return;
      e.currentTarget.setPointerCapture(e.pointerId);
      grab.current = { x: e.clientX, from: shown };
    },
    onPointerMove: (e) => {
      const held = grab.current;
      if (!held || Math.abs(e.clientX - held.x) < LEAST_DRAG) return;
      setShown(movedBy(held.from, ((held.x - e.clientX) / innerPx) * hours, known));
    },
    onPointerUp: () => {
      grab.current = null;
    },
  };
  return { fromMs: beginsMs(shown, known, nowMs), hours, can: canDo(shown, known), leaf, zoom, onKey, pan };
}
