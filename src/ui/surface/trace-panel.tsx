'use client';
/** An outline traced on a picture of the part: two ends of a known length, then the corners. The picture never leaves the page. */
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import Button from '@mui/material/Button';
import { isSimplePolygon, polygonAreaMm2 } from '@/core/surface/geometry';
import { traceSdFrac, tracedMm, type Dot } from '@/core/surface/trace';
import { FileButton } from '../parts/file-button';
import { MeasureBox } from '../parts/measure-box';
import { ProvenanceMark } from '../parts/mark';
import { onCanvas } from '../photos/small';
import { useFormat } from '../theme/providers';

interface Picture {
  readonly url: string;
  readonly w: number;
  readonly h: number;
  readonly name: string;
}
const MOST = 60;

export function TracePanel({ onUse }: { onUse: (pointsMm: [number, number][]) => void }) {
  const f = useFormat();
  const [picture, setPicture] = useState<Picture | null>(null);
  const [dots, setDots] = useState<readonly Dot[]>([]);
  const [lengthMm, setLength] = useState(300);
  const [said, setSaid] = useState<string | null>(null);
  const [drag, setDrag] = useState<number | null>(null);
  const svg = useRef<SVGSVGElement>(null);
  const known = dots.length >= 2 ? ([dots[0]!, dots[1]!] as const) : null;
  const corners = dots.slice(2);
  const open = async (file: File): Promise<void> => {
    try {
      const c = await onCanvas(file);
      setPicture({ url: c.toDataURL('image/jpeg', 0.85), w: c.width, h: c.height, name: file.name });
      setDots([]);
      setSaid(null);
    } catch (e) {
      setSaid(e instanceof Error ? e.message : 'This picture cannot be read.');
    }
  };
  const at = (e: PointerEvent): Dot => {
    const b = svg.current!.getBoundingClientRect();
    const p = picture!;
    return [
      Math.min(p.w, Math.max(0, ((e.clientX - b.left) / b.width) * p.w)),
      Math.min(p.h, Math.max(0, ((e.clientY - b.top) / b.height) * p.h)),
    ];
  };
  const move = (i: number, to: Dot): void => setDots((d) => d.map((x, k) => (k === i ? to : x)));
  const keys =
    (i: number) =>
    (e: KeyboardEvent): void => {
      const by = e.shiftKey ? 10 : 1;
      const d = (
        { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] } as Record<
          string,
          [number, number]
        >
      )[e.key];
      if (d) {
        e.preventDefault();
        const [x, y] = dots[i]!;
        move(i, [Math.min(picture!.w, Math.max(0, x + d[0])), Math.min(picture!.h, Math.max(0, y + d[1]))]);
      }
    };
  let points: [number, number][] | null = null;
  if (known && corners.length >= 3)
    try {
      points = tracedMm(corners, [known[0], known[1]], lengthMm);
    } catch {
      points = null;
    }
  const crossed = points !== null && !isSimplePolygon(points);
  const tooLarge = points !== null && points.some((q) => Math.max(q[0], q[1]) > 10_000);
  const r = picture ? Math.max(picture.w, picture.h) / 90 : 8;
  const step = !picture
    ? ''
    : dots.length === 0
      ? 'Click one end of a length you have measured, in the plane of the part.'
      : dots.length === 1
        ? 'Click its other end.'
        : corners.length < 3
          ? 'Now the corners, one after the other round the edge.'
          : 'More corners, or use the outline. Drag a corner to mend it.';
  return (
    <details>
      <summary>Trace it on a photograph</summary>
      <div style={{ display: 'grid', gap: 8, padding: '4px 0' }}>
        <p className="small muted">
          Taken square on, from a few metres off, with a rule or a known edge in the same plane. The picture
          stays in this page and is not kept.
        </p>
        <div className="row">
          <FileButton
            size="small"
            label={picture ? 'Another picture' : 'Choose a picture'}
            accept="image/*"
            onFiles={([x]) => {
              if (x) void open(x);
            }}
          />
          {picture && (
            <>
              <MeasureBox
                kind="length"
                label="Known length"
                value={lengthMm}
                min={1}
                max={10000}
                step={10}
                width={136}
                onChange={setLength}
              />
              <Button
                size="small"
                disabled={dots.length === 0}
                onClick={() => setDots((d) => d.slice(0, -1))}
              >
                Take the last point back
              </Button>
              <Button size="small" disabled={dots.length === 0} onClick={() => setDots([])}>
                From the start
              </Button>
            </>
          )}
        </div>
        {said && (
          <span className="status" data-kind="bad" role="alert">
            {said}
          </span>
        )}
        {picture && (
          <>
            <p className="small" role="status" style={{ fontWeight: 600 }}>
              {step}
            </p>
            <svg
              ref={svg}
              viewBox={`0 0 ${picture.w} ${picture.h}`}
              role="group"
              aria-label={`Picture ${picture.name} with ${Math.max(0, corners.length)} corners`}
              style={{
                width: '100%',
                maxHeight: 520,
                touchAction: 'none',
                cursor: 'crosshair',
                border: '1px solid var(--line)',
              }}
              onPointerDown={(e) => {
                if (
                  e.button === 0 &&
                  e.target instanceof Element &&
                  !e.target.closest('[data-dot]') &&
                  dots.length < MOST + 2
                )
                  setDots([...dots, at(e)]);
              }}
              onPointerMove={(e) => {
                if (drag !== null) move(drag, at(e));
              }}
              onPointerUp={() => setDrag(null)}
              onPointerLeave={() => setDrag(null)}
            >
              <image href={picture.url} width={picture.w} height={picture.h} />
              {known && (
                <path
                  d={`M${known[0].join(' ')}L${known[1].join(' ')}`}
                  stroke="var(--amber)"
                  strokeWidth={r * 0.5}
                />
              )}
              {corners.length > 1 && (
                <path
                  d={`M${corners.map((c) => c.join(' ')).join('L')}${corners.length > 2 ? 'Z' : ''}`}
                  fill="var(--lagoon)"
                  fillOpacity={corners.length > 2 ? 0.28 : 0}
                  stroke="var(--lagoon)"
                  strokeWidth={r * 0.4}
                />
              )}
              {dots.map((d, i) => (
                <g
                  key={i}
                  data-dot
                  tabIndex={0}
                  role="button"
                  aria-label={
                    i < 2
                      ? `End ${i + 1} of the known length; arrow keys move it`
                      : `Corner ${i - 1}; arrow keys move it`
                  }
                  onKeyDown={keys(i)}
                  onPointerDown={(e) => {
                    e.stopPropagation();
                    setDrag(i);
                  }}
                  style={{ cursor: 'move' }}
                >
                  <circle cx={d[0]} cy={d[1]} r={r * 2.2} fill="transparent" />
                  <circle
                    cx={d[0]}
                    cy={d[1]}
                    r={r}
                    fill={i < 2 ? 'var(--amber)' : 'var(--panel)'}
                    stroke="var(--ink)"
                    strokeWidth={r * 0.3}
                  />
                </g>
              ))}
            </svg>
            <div className="row">
              {points && !crossed && (
                <span className="small">
                  {f.area(polygonAreaMm2(points) * 1e-6)} in {corners.length} corners, give or take{' '}
                  {Math.max(1, Math.round(traceSdFrac([known![0], known![1]]) * 100))} % for the clicking
                  <ProvenanceMark mark="M" />; a slanting view adds its own.
                </span>
              )}
              {crossed && (
                <span className="small" style={{ color: 'var(--oxide-ink)' }}>
                  Two edges cross. Drag a corner, or take the last point back.
                </span>
              )}
              {tooLarge && (
                <span className="small" style={{ color: 'var(--oxide-ink)' }}>
                  Over 10 m: look at the known length again.
                </span>
              )}
              <span className="push" />
              <Button
                size="small"
                variant="contained"
                disabled={!points || crossed || tooLarge}
                onClick={() => {
                  if (points) onUse(points);
                }}
              >
                Use this outline
              </Button>
            </div>
          </>
        )}
      </div>
    </details>
  );
}
