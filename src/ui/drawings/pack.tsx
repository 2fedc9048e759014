/** A pack of the shelf: can, tin, bottle or jerrycan; its level is what is left in it. */
import { over, type Paint } from '../views/ink';
import type { Container } from '../views/planks';

/** Outlines in a box of width and height, px, standing on its foot; the level is cut out of them. */
const SHAPES: Readonly<Record<Container, { w: number; h: number; body: string; cap: string; top: number }>> =
  {
    aerosol: {
      w: 46,
      h: 96,
      body: 'M1 95V22C1 14 12 14 14 8H32C34 14 45 14 45 22V95Z',
      cap: 'M15 1H31V8H15Z',
      top: 18,
    },
    tin: { w: 62, h: 78, body: 'M3 9H59V77H3Z', cap: 'M0 2H62V9H0Z', top: 11 },
    bottle: {
      w: 40,
      h: 84,
      body: 'M1 83V38C1 30 13 28 14 20V14H26V20C27 28 39 30 39 38V83Z',
      cap: 'M13 3H27V14H13Z',
      top: 32,
    },
    jerrycan: { w: 62, h: 96, body: 'M1 95V16H30L34 9H50V16H61V95Z', cap: 'M38 1H50V9H38Z', top: 20 },
  };

interface PackProps {
  readonly id: string;
  readonly container: Container;
  readonly paint: Paint;
  /** 0…1 */
  readonly full: number;
  readonly size: number;
  readonly isDead: boolean;
}

export function Pack({ id, container, paint, full, size, isDead }: PackProps) {
  const { w, h, body, cap, top } = SHAPES[container];
  const levelH = (h - top) * full;
  const level = { y: h - levelH, width: w, height: levelH };
  return (
    <svg width={w * size} height={h * size} viewBox={`0 0 ${w} ${h}`} aria-hidden="true">
      <clipPath id={`pack-${id}`}>
        <path d={body} />
      </clipPath>
      <path d={body} fill="var(--panel)" />
      <g clipPath={`url(#pack-${id})`}>
        <rect {...level} fill={isDead ? 'var(--panel-2)' : over(paint.fill, Math.max(0.75, paint.alpha))} />
        <rect {...level} fill={isDead ? 'url(#p-heel)' : `url(#${paint.texture})`} />
      </g>
      <path d={body} fill="none" stroke="var(--ink)" strokeWidth="1.5" />
      <path d={cap} fill={container === 'tin' ? 'var(--rule)' : 'var(--ink)'} stroke="var(--ink)" />
    </svg>
  );
}
