/** Hollows to fill: how much of a part they and their surround are. */
import type { Part } from '@/model/job';
import { partAreaM2 } from './area';

type Dent = NonNullable<Part['dents']>[number];

/** Filler is feathered out about as far again as the dent is wide: half more each way. From memory. */
const SURROUND = 1.5 ** 2;
/** More than this of a part is no dent any more, 0…1. */
const MOST_FRAC = 0.5;

/** With what is feathered round them, m². */
export const dentAreaM2 = (dents: readonly Dent[]): number =>
  dents.reduce((a, d) => a + (d.lengthMm * d.widthMm * SURROUND) / 1e6, 0);

/** Share of a part that its dents are, 0…1; 0 where it has none, or is filled all over. */
export function dentFrac(part: Part): number {
  if (!part.dents?.length || part.condition === 'filled') return 0;
  return Math.min(MOST_FRAC, dentAreaM2(part.dents) / partAreaM2({ ...part, areaFrac: 1 }));
}
