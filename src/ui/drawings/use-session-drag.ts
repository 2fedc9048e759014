'use client';
/** Dragging moves a whole session by half hours; buttons, arrow keys and the list of starts do the same. */
import { useState, type PointerEvent, type RefObject, type SVGProps } from 'react';
import { draggedHalfHours } from '../views/close-up';
import type { Stretch } from '../views/ribbon';
import type { Paper } from './ribbon-frame';

type Grab = SVGProps<SVGGElement>;

export interface SessionDrag {
  /** Half hours it has been dragged so far. */
  readonly by: number;
  /** What the dragged group listens to; nothing where it may not be moved. */
  readonly grab: Grab;
}

export function useSessionDrag(
  svg: RefObject<SVGSVGElement | null>,
  stretch: Stretch & { readonly paper: Paper },
  onShift: ((halfHours: number) => void) | undefined,
): SessionDrag {
  const [drag, setDrag] = useState<{ fromX: number; by: number } | null>(null);
  if (!onShift) return { by: 0, grab: {} };
  const halfHours = (e: PointerEvent): number => {
    const box = svg.current?.getBoundingClientRect();
    if (!drag || !box || box.width === 0) return 0;
    const px = (e.clientX - drag.fromX) * (stretch.paper.width / box.width);
    return draggedHalfHours(px / stretch.paper.inner, stretch);
  };
  const grab: Grab = {
    onPointerDown: (e) => {
      if (e.button !== 0) return;
      e.currentTarget.setPointerCapture(e.pointerId);
      setDrag({ fromX: e.clientX, by: 0 });
    },
    onPointerMove: (e) => {
      const by = halfHours(e);
      if (drag && by !== drag.by) setDrag({ ...drag, by });
    },
    onPointerUp: (e) => {
      const by = halfHours(e);
      setDrag(null);
      if (by !== 0) onShift(by);
    },
    onPointerCancel: () => setDrag(null),
    style: { cursor: drag ? 'grabbing' : 'grab', touchAction: 'pan-y', userSelect: 'none' },
  };
  return { by: drag?.by ?? 0, grab };
}
