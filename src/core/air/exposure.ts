/** How the wind's direction tells at a part: into the open side, or from behind. Needs the way that side looks. [M] */
import type { Place } from '@/model/place';
import { SHELTER_CARDS } from './shelter';
import { apartDeg } from './sunlit';

/** So much more head on and so much less from behind than on average, under a roof and through a door. [M] */
const SWAY = { roof: 0.4, door: 0.5 } as const;

/** Wind at the part over that of the average direction. @param fromDeg where it comes from, degrees from north by east */
export function exposure({ shelter, facing }: Pick<Place, 'shelter' | 'facing'>, fromDeg: number): number {
  const { roofed, building } = SHELTER_CARDS[shelter];
  if (!roofed || facing === undefined) return 1;
  const sway = building ? SWAY.door : SWAY.roof;
  return 1 + sway * Math.cos((apartDeg(fromDeg, facing) * Math.PI) / 180);
}
