/** From which area a dearer kit with cheaper paint pays. */
import type { Part } from '@/model/job';
import { grownShape } from '../surface/grown';

/**
 * Price of the kit for a gun, of air-fed breathing, and of a shop, in the budget's currency. Invented, from
 * memory of the order of magnitude; editable.
 */
export const KIT = { gun: 62, compressor: 185, airFed: 240, shopPerM2: 210, shopFixed: 90 } as const;

/** The parts grown or shrunk so that their area is k times as large, shape kept. */
export function grown(parts: readonly Part[], k: number): Part[] {
  if (!(k > 0)) throw new RangeError('grown: factor above 0');
  const s = Math.sqrt(k);
  return parts.map((p): Part => {
    const grownPart = { ...p, lengthMm: p.lengthMm * s, widthMm: p.widthMm * s };
    return p.shape ? { ...grownPart, shape: grownShape(p.shape, s) } : grownPart;
  });
}

/**
 * Area at which a dearer kit with cheaper paint costs the same, m², by halving between a twentieth and forty
 * times the job; null when it never does in that range.
 * @param cheap, dear money at k times the job's area
 */
export function breakEvenM2(
  areaM2: number,
  cheap: (k: number) => number,
  dear: (k: number) => number,
): number | null {
  let lo = 0.05;
  let hi = 40;
  if (dear(lo) <= cheap(lo) || dear(hi) > cheap(hi)) return null;
  for (let i = 0; i < 40; i++) {
    const mid = Math.sqrt(lo * hi);
    if (dear(mid) > cheap(mid)) lo = mid;
    else hi = mid;
  }
  return areaM2 * hi;
}
