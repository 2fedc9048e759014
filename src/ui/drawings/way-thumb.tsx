/** A way as a small section: all of them stand on one line of ground, at one scale. */
import type { WayOffered } from '../views/ways-offered';
import { over, SUBSTRATE_FILL } from '../views/ink';

/** CSS px a micron. */
const SCALE = 0.4;
const WIDTH = 46;
const GROUND = 10;
const LEAST = 70;

/** @param tallestUm of the ways beside it */
export function WayThumb({
  bands,
  ground,
  tallestUm,
}: Pick<WayOffered, 'bands' | 'ground'> & { tallestUm: number }) {
  const filmPx = Math.max(LEAST, tallestUm * SCALE);
  const sub = SUBSTRATE_FILL[ground];
  const bottoms = bands.map((_, i) => bands.slice(0, i).reduce((a, b) => a + b.um, 0) * SCALE);
  return (
    <svg width={WIDTH} height={filmPx + GROUND} aria-hidden="true" className="flex-none">
      {bands.map((band, i) => {
        const h = band.um * SCALE;
        const y = filmPx - bottoms[i]! - h;
        return (
          <g key={band.id}>
            <rect x="0.5" y={y} width={WIDTH - 1} height={h} fill={over(band.paint.fill, band.paint.alpha)} />
            <rect
              x="0.5"
              y={y}
              width={WIDTH - 1}
              height={h}
              fill={`url(#${band.paint.texture})`}
              stroke="var(--ink)"
              strokeWidth="0.8"
            />
          </g>
        );
      })}
      <rect x="0" y={filmPx} width={WIDTH} height={GROUND} fill={sub.fill} />
      <rect x="0" y={filmPx} width={WIDTH} height={GROUND} fill={`url(#${sub.hatch})`} />
    </svg>
  );
}
