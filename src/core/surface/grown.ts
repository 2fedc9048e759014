/** A shape grown or shrunk in all its measures. */
import type { Shape } from '@/model/job';

/** @param scale of every length, above 0; areas grow by its square */
export function grownShape(shape: Shape, scale: number): Shape {
  const mm = (length: number): number => length * scale;
  switch (shape.kind) {
    case 'curved': {
      const rise = shape.riseMm !== undefined ? { riseMm: mm(shape.riseMm) } : {};
      const girth = shape.girthMm !== undefined ? { girthMm: mm(shape.girthMm) } : {};
      return { ...shape, ...rise, ...girth };
    }
    case 'box':
    case 'ellipsoid':
      return { ...shape, heightMm: mm(shape.heightMm) };
    case 'tube':
      return { ...shape, diameterMm: mm(shape.diameterMm) };
    case 'frame': {
      const tubes = shape.tubes.map((t) => ({
        ...t,
        lengthMm: mm(t.lengthMm),
        diameterMm: mm(t.diameterMm),
      }));
      return { ...shape, tubes };
    }
    case 'cone': {
      const { topMm, bottomMm, heightMm } = shape;
      return { ...shape, topMm: mm(topMm), bottomMm: mm(bottomMm), heightMm: mm(heightMm) };
    }
    case 'polygon':
      return { ...shape, pointsMm: shape.pointsMm.map(([x, y]) => [mm(x), mm(y)]) };
    case 'known':
      return { ...shape, areaM2: shape.areaM2 * scale * scale };
  }
}
