/**
 * Colour that ends inside a part is faded out: every coat goes a little further out than the last, thinner and
 * thinner, and clear over all of it hides where it ends.
 */
import type { Job, Part } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { productIn } from '../seams/seam';
import { partAreaM2 } from '../surface/area';
import { wholePartId } from '../surface/zones';
import { COLOURED } from './tint';

/** How far out the last coat runs, m. Common practice: colour is faded over 100–200 mm. */
export const FADE_M = 0.15;

/** The layers, each with the zones on which it ends inside their part. */
export function withFades(
  job: Job,
  layers: readonly PlanLayer[],
  products: ReadonlyMap<string, Product>,
): PlanLayer[] {
  const isColour = (l: PlanLayer): boolean => COLOURED.has(productIn(products, l.productId).kind);
  const coloured = new Set(layers.filter(isColour).flatMap((l) => l.partIds));
  const here = new Set(job.parts.map((p) => p.id));
  const ends = (id: string): boolean => {
    const whole = wholePartId(id);
    return whole !== id && here.has(whole) && !coloured.has(whole);
  };
  return layers.map((layer) => {
    const fades = isColour(layer) ? layer.partIds.filter(ends) : [];
    return fades.length > 0 ? { ...layer, fades } : layer;
  });
}

/**
 * Paint of one faded coat over that of the spot alone, 1 or more. The coat falls evenly from full at the spot's
 * edge to nothing: a wedge along a square of the spot's area and a quarter of a cone at each corner.
 * @param reach how far out of FADE_M this coat runs, 0…1 @param roomM2 of the part around the spot
 */
export function fadeTimes(spotM2: number, reach: number, roomM2: number): number {
  if (!(spotM2 > 0) || !(reach >= 0 && reach <= 1) || !(roomM2 >= 0))
    throw new RangeError(`fadeTimes: needs a spot above 0, a reach 0…1, room of 0 or more`);
  const outM = FADE_M * reach;
  const wedgeM2 = (4 * Math.sqrt(spotM2) * outM) / 2;
  const cornersM2 = (Math.PI * outM ** 2) / 3;
  return 1 + Math.min(roomM2, wedgeM2 + cornersM2) / spotM2;
}

/** What one coat of a layer takes on a zone on which it fades out, over the zone alone; 1 where it does not. */
export function fadeOf(job: Job, layer: PlanLayer, zone: Part, coat: number): number {
  if (!layer.fades?.includes(zone.id)) return 1;
  const around = job.parts.find((p) => p.id === wholePartId(zone.id));
  const reach = Math.min(1, coat / layer.coats);
  return fadeTimes(partAreaM2(zone), reach, around ? partAreaM2(around) : 0);
}

/** The same over all its coats and zones, as a mean; null of a layer that fades nowhere. */
export function meanFade(job: Job, layer: PlanLayer): number | null {
  const zones = job.parts.filter((p) => layer.fades?.includes(p.id));
  if (zones.length === 0) return null;
  const coats = Array.from({ length: layer.coats }, (_, i) => i + 1);
  const times = zones.flatMap((z) => coats.map((coat) => fadeOf(job, layer, z, coat)));
  return times.reduce((a, x) => a + x, 0) / times.length;
}
