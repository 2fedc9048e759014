/** What lies on a face, drawn: bare material, electro-coat, filler, rust, old paint, failing clear. */
import type { Part } from '@/model/job';
import { SUBSTRATE_FILL } from '../views/ink';
import { OLD_TINT } from '@/ui/tokens/tints';

/** A condition drawn as fills and textures, one over the other; 'substrate' stands for the bare material. */
interface Coating {
  readonly over: 'substrate' | null;
  readonly fill?: string;
  readonly fillOpacity?: string;
  readonly texture: string;
}
const COATINGS: Readonly<Record<Exclude<Part['condition'], 'bare'>, Coating>> = {
  'e-coat': { over: null, fill: OLD_TINT.eCoat, texture: 'x-solid' },
  filled: { over: 'substrate', fill: OLD_TINT.filled, fillOpacity: '.8', texture: 'x-filler' },
  rust: { over: 'substrate', texture: 'x-rust' },
  'sound-paint': { over: null, fill: OLD_TINT.enamel, texture: 'x-solid' },
  'unknown-paint': { over: null, fill: OLD_TINT.unknownPaint, texture: 'x-solid' },
  'failing-clear': { over: null, fill: OLD_TINT.failing, texture: 'x-solid' },
  chipped: { over: null, fill: OLD_TINT.failing, texture: 'x-solid' },
};

interface FaceSurfaceProps {
  readonly part: Pick<Part, 'substrate' | 'condition'>;
  readonly w: number;
  readonly h: number;
  readonly id: string;
}

export function FaceSurface({ part, w, h, id }: FaceSurfaceProps) {
  const bare = SUBSTRATE_FILL[part.substrate];
  const area = { width: w, height: h };
  if (part.condition === 'bare')
    return (
      <g>
        <rect {...area} fill={bare.fill} />
        <rect {...area} fill={`url(#${bare.hatch})`} opacity=".55" />
      </g>
    );
  const coating = COATINGS[part.condition];
  return (
    <g>
      {coating.over === 'substrate' && <rect {...area} fill={bare.fill} />}
      {coating.fill && <rect {...area} fill={coating.fill} opacity={coating.fillOpacity} />}
      <rect {...area} fill={`url(#${coating.texture})`} />
      {part.condition === 'failing-clear' && <Flakes w={w} h={h} id={id} />}
    </g>
  );
}

/** Flakes of peeling clear in a cell: x, y, width, height. */
const PLATES = [
  [8, 6, 22, 14],
  [34, 3, 26, 18],
  [64, 8, 20, 16],
  [14, 26, 24, 18],
  [44, 26, 18, 14],
  [68, 30, 24, 16],
] as const;
const CELL_W = 96;
const CELL_H = 50;

function Flakes({ w, h, id }: Omit<FaceSurfaceProps, 'part'>) {
  const columns = Math.ceil(w / CELL_W);
  const cells = Array.from({ length: columns * Math.ceil(h / CELL_H) }, (_, i) => ({
    x: (i % columns) * CELL_W,
    y: Math.floor(i / columns) * CELL_H,
  }));
  return (
    <>
      <clipPath id={`${id}-c`}>
        <rect width={w} height={h} />
      </clipPath>
      <g clipPath={`url(#${id}-c)`} stroke={OLD_TINT.plateEdge} strokeWidth="1.200" fill={OLD_TINT.plate}>
        {cells.map((cell, i) => (
          <g key={i} transform={`translate(${cell.x} ${cell.y})`}>
            {PLATES.map(([x, y, pw, ph]) => (
              <path
                key={x}
                d={`M${x} ${y + 4}l${pw * 0.4} -4 ${pw * 0.6} 3 -${pw * 0.2} ${ph} -${pw * 0.6} 2z`}
              />
            ))}
          </g>
        ))}
      </g>
    </>
  );
}
