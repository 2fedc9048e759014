/** An outline being traced: the known length first, then the corners; what comes of it and what to do next. */
import { isSimplePolygon, polygonAreaMm2 } from '@/core/surface/geometry';
import { tracedMm, traceSdFrac, type Dot } from '@/core/surface/trace';

/** Two ends of the known length and the corners of the outline. */
export const MOST_DOTS = 62;
const LEAST_CORNERS = 3;
const LARGEST_MM = 10_000;

export interface Outline {
  readonly pointsMm: [number, number][];
  readonly areaM2: number;
  /** one standard deviation of the area from the clicking, % */
  readonly sdPct: number;
}
export interface Trace {
  readonly known: readonly [Dot, Dot] | null;
  readonly corners: readonly Dot[];
  readonly step: string;
  /** null until there is one that can be used */
  readonly outline: Outline | null;
  /** why what is drawn cannot be used; null when nothing is wrong */
  readonly faults: readonly string[];
}

function stepFor(dots: number): string {
  if (dots === 0) return 'Click one end of a length you have measured, in the plane of the part.';
  if (dots === 1) return 'Click its other end.';
  return dots - 2 < LEAST_CORNERS
    ? 'Now the corners, one after the other round the edge.'
    : 'More corners, or use the outline. Drag a corner to mend it.';
}

function pointsOf(corners: readonly Dot[], known: readonly [Dot, Dot] | null, lengthMm: number) {
  const lengthPx = known ? Math.hypot(known[1][0] - known[0][0], known[1][1] - known[0][1]) : 0;
  const canBe = known && corners.length >= LEAST_CORNERS && lengthPx >= 1 && lengthMm > 0;
  return canBe ? tracedMm(corners, known, lengthMm) : null;
}

function faultsOf(pointsMm: readonly (readonly [number, number])[]): string[] {
  const faults: string[] = [];
  if (!isSimplePolygon(pointsMm)) faults.push('Two edges cross. Drag a corner, or take the last point back.');
  if (pointsMm.some((q) => Math.max(q[0], q[1]) > LARGEST_MM))
    faults.push('Over 10 m: look at the known length again.');
  return faults;
}

/**
 * @param dots in pixels of the picture: two ends of the known length, then the corners
 * @param lengthMm the known length
 */
export function traceOf(dots: readonly Dot[], lengthMm: number): Trace {
  const known = dots.length >= 2 ? ([dots[0]!, dots[1]!] as const) : null;
  const corners = dots.slice(2);
  const pointsMm = pointsOf(corners, known, lengthMm);
  const faults = pointsMm ? faultsOf(pointsMm) : [];
  const usable = known && pointsMm && faults.length === 0;
  const outline = usable
    ? {
        pointsMm,
        areaM2: polygonAreaMm2(pointsMm) * 1e-6,
        sdPct: Math.max(1, Math.round(traceSdFrac(known) * 100)),
      }
    : null;
  return { known, corners, step: stepFor(dots.length), outline, faults };
}

interface Frame {
  readonly w: number;
  readonly h: number;
}
const within = (x: number, most: number): number => Math.min(most, Math.max(0, x));
/** A dot kept inside the picture. */
export const dotInside = ([x, y]: Dot, { w, h }: Frame): Dot => [within(x, w), within(y, h)];

const ARROWS: Readonly<Record<string, Dot>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
/** Where an arrow key moves a dot: one pixel, ten with the shift key; null for any other key. */
export function dotByKey(dot: Dot, key: string, far: boolean): Dot | null {
  const way = ARROWS[key];
  const by = far ? 10 : 1;
  return way ? [dot[0] + way[0] * by, dot[1] + way[1] * by] : null;
}
