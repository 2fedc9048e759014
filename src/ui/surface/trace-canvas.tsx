'use client';
/** The picture with its points: a click sets one, a drag or the arrow keys move it. */
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Dot } from '@/core/surface/trace';
import { dotByKey, dotInside, MOST_DOTS, type Trace } from '../views/trace';

export interface Picture {
  readonly url: string;
  readonly w: number;
  readonly h: number;
  readonly name: string;
}

interface TraceCanvasProps {
  readonly picture: Picture;
  readonly trace: Trace;
  readonly dots: readonly Dot[];
  readonly onDots: (dots: readonly Dot[]) => void;
}

/** A dot is a ninetieth of the picture's longer side. */
const radiusFor = (p: Picture): number => Math.max(p.w, p.h) / 90;

export function TraceCanvas({ picture, trace, dots, onDots }: TraceCanvasProps) {
  const svg = useRef<SVGSVGElement>(null);
  const [drag, setDrag] = useState<{ readonly index: number; readonly isMoved: boolean } | null>(null);
  const r = radiusFor(picture);
  const at = (e: PointerEvent): Dot => {
    const b = svg.current!.getBoundingClientRect();
    const x = ((e.clientX - b.left) / b.width) * picture.w;
    const y = ((e.clientY - b.top) / b.height) * picture.h;
    return dotInside([x, y], picture);
  };
  const move = (i: number, to: Dot): void => onDots(dots.with(i, dotInside(to, picture)));
  // An end of the known length that is pressed and not dragged is a corner too.
  const cornerAt = (i: number): void => {
    if (i < 2 && dots.length >= 2 && dots.length < MOST_DOTS) onDots([...dots, dots[i]!]);
  };
  const drop = (): void => {
    if (drag !== null && !drag.isMoved) cornerAt(drag.index);
    setDrag(null);
  };
  /** A hand is never quite still: within the dot it has not been moved. */
  const isStill = (i: number, to: Dot): boolean =>
    drag?.isMoved !== true && Math.hypot(to[0] - dots[i]![0], to[1] - dots[i]![1]) < r;
  const press = (e: PointerEvent): void => {
    const onDot = e.target instanceof Element && e.target.closest('[data-dot]') !== null;
    if (e.button === 0 && !onDot && dots.length < MOST_DOTS) onDots([...dots, at(e)]);
  };
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${picture.w} ${picture.h}`}
      role="group"
      aria-label={`Picture ${picture.name} with ${trace.corners.length} corners`}
      className="wide-100 maxh-520 touch-none cur-crosshair b-1px-solid-line"
      onPointerDown={press}
      onPointerMove={(e) => {
        if (drag === null || isStill(drag.index, at(e))) return;
        setDrag({ ...drag, isMoved: true });
        move(drag.index, at(e));
      }}
      onPointerUp={drop}
      onPointerLeave={() => setDrag(null)}
    >
      <image href={picture.url} width={picture.w} height={picture.h} />
      <TraceLines trace={trace} r={r} />
      {dots.map((dot, i) => (
        <DotMark
          key={i}
          index={i}
          dot={dot}
          r={r}
          onMove={(to) => move(i, to)}
          onPress={() => setDrag({ index: i, isMoved: false })}
          onEnter={() => cornerAt(i)}
        />
      ))}
    </svg>
  );
}

function TraceLines({ trace, r }: { trace: Trace; r: number }) {
  const { known, corners } = trace;
  const closed = corners.length > 2;
  return (
    <>
      {known && (
        <path
          d={`M${known[0].join(' ')}L${known[1].join(' ')}`}
          stroke="var(--amber)"
          strokeWidth={r * 0.5}
        />
      )}
      {corners.length > 1 && (
        <path
          d={`M${corners.map((c) => c.join(' ')).join('L')}${closed ? 'Z' : ''}`}
          fill="var(--lagoon)"
          fillOpacity={closed ? 0.28 : 0}
          stroke="var(--lagoon)"
          strokeWidth={r * 0.4}
        />
      )}
    </>
  );
}

interface DotMarkProps {
  readonly index: number;
  readonly dot: Dot;
  readonly r: number;
  readonly onMove: (to: Dot) => void;
  readonly onPress: () => void;
  readonly onEnter: () => void;
}

function DotMark({ index, dot, r, onMove, onPress, onEnter }: DotMarkProps) {
  const isEnd = index < 2;
  const name = isEnd ? `End ${index + 1} of the known length` : `Corner ${index - 1}`;
  const [cx, cy] = dot;
  const onKeyDown = (e: KeyboardEvent): void => {
    if (e.key === 'Enter') onEnter();
    const to = dotByKey(dot, e.key, e.shiftKey);
    if (!to) return;
    e.preventDefault();
    onMove(to);
  };
  return (
    <g
      data-dot
      tabIndex={0}
      role="button"
      aria-label={`${name}; arrow keys move it`}
      onKeyDown={onKeyDown}
      onPointerDown={(e) => {
        e.stopPropagation();
        onPress();
      }}
      className="cur-move"
    >
      <circle cx={cx} cy={cy} r={r * 2.2} fill="transparent" />
      <circle
        cx={cx}
        cy={cy}
        r={r}
        fill={isEnd ? 'var(--amber)' : 'var(--panel)'}
        stroke="var(--ink)"
        strokeWidth={r * 0.3}
      />
    </g>
  );
}
