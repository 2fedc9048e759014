/** The ribbon's paper: its width, its strips from top to bottom, and the scales of time and of each quantity. */
import { HOUR } from '@/core/time/instant';
import type { AirView, Band } from '@/core/air/view';
import type { Product } from '@/model/product';
import type { Stretch } from '../views/ribbon';

/** Where the names of the strips end, px; and room at the right. */
export const LEFT = 104;
const RIGHT = 8;

/** The paper laid out for the width there is, CSS px. */
export interface Paper {
  readonly width: number;
  readonly rightEdge: number;
  /** Of the time axis. */
  readonly inner: number;
}
export const paperOf = (width: number): Paper => ({
  width,
  rightEdge: width - RIGHT,
  inner: width - RIGHT - LEFT,
});

/** Strips, top down, px. */
export const STRIPS = {
  panel: { top: 28, h: 42 },
  gap: { top: 82, h: 40 },
  humidity: { top: 134, h: 22 },
  wind: { top: 168, h: 22 },
  rain: { top: 200, h: 12 },
  suits: { top: 222, h: 26 },
  coats: { top: 256, h: 46 },
} as const;
export const FOOT = STRIPS.coats.top + STRIPS.coats.h;

type Scale = (value: number) => number;

function scaleOf(lo: number, hi: number, { top, h }: { top: number; h: number }): Scale {
  return (value) => top + h - ((Math.min(hi, Math.max(lo, value)) - lo) / (hi - lo)) * h;
}

export interface RibbonFrame extends Stretch {
  readonly paper: Paper;
  readonly air: AirView;
  readonly limits: Product;
  /** Nodes of the air that are drawn. */
  readonly nodes: readonly number[];
  readonly x: Scale;
  /** x of a node. */
  readonly xAt: (node: number) => number;
  readonly panelY: Scale;
  readonly gapY: Scale;
  readonly humidityY: Scale;
  readonly windY: Scale;
}

export const timeScale =
  ({ fromMs, toMs }: Stretch, { inner }: Paper): Scale =>
  (ms) =>
    LEFT + ((ms - fromMs) / (toMs - fromMs)) * inner;

/** Kept within the paper. */
export const clamped = (x: number, { rightEdge }: Paper): number => Math.min(rightEdge, Math.max(LEFT, x));

interface Drawn extends Stretch {
  readonly nodes: readonly number[];
  readonly paper: Paper;
}

export function ribbonFrame(air: AirView, limits: Product, drawn: Drawn): RibbonFrame {
  const x = timeScale(drawn, drawn.paper);
  return {
    ...drawn,
    air,
    limits,
    x,
    xAt: (node) => x(air.startMs + node * air.stepMs),
    panelY: scaleOf(0, 36, STRIPS.panel),
    gapY: scaleOf(-3, 17, STRIPS.gap),
    humidityY: scaleOf(0.3, 1, STRIPS.humidity),
    windY: scaleOf(0, Math.max(4, limits.windMaxMs * 1.6), STRIPS.wind),
  };
}

export const stretchOf = (fromMs: number, hours: number): Stretch => ({
  fromMs,
  toMs: fromMs + hours * HOUR,
});

/** A path through a quantity over the drawn nodes. */
export function linePath({ nodes, xAt }: RibbonFrame, values: readonly number[], y: Scale): string {
  return nodes
    .map((i, k) => `${k === 0 ? 'M' : 'L'}${xAt(i).toFixed(1)} ${y(values[i]!).toFixed(1)}`)
    .join('');
}

/** The area between the low and the high line of a band. */
export function bandPath(frame: RibbonFrame, band: Band, y: Scale): string {
  const back = [...frame.nodes].reverse();
  const low = back.map((i) => `L${frame.xAt(i).toFixed(1)} ${y(band.low[i]!).toFixed(1)}`).join('');
  return `${linePath(frame, band.high, y)}${low}Z`;
}

/** A line closed down, or up, to a level. */
export function areaTo(frame: RibbonFrame, values: readonly number[], y: Scale, levelY: number): string {
  return `${linePath(frame, values, y)}V${levelY}H${frame.xAt(frame.nodes[0] ?? 0)}Z`;
}
