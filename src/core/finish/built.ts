/** The film on top of a part that finishing is taken from: what was really sprayed, with its doubt. */
import type { Job } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { coatsOver } from '../material/film-on';
import { productIn, type System } from '../seams/seam';
import { coatsOn, isOnPart } from '../time/coats-on';
import type { Range } from './losses';

/** A coat by its sheet may be a fifth off either way, one that was weighed a tenth. From memory. */
const SD_SHEET = 0.2;
const SD_WEIGHED = 0.1;
/** What the papers of a mend took of the film below, µm. From memory. */
const REWORKED_UM: Range = [4, 10];

export interface BuiltFilm {
  readonly product: Product;
  readonly coats: number;
  readonly weighed: number;
  readonly meanUm: number;
  /** Low and high end. */
  readonly um: Range;
}

/** Layers of the paint on top, the uppermost first, as far as no other lies between. */
function topLayers(layers: readonly PlanLayer[], isOn: (l: PlanLayer) => boolean): PlanLayer[] {
  const on = layers.filter(isOn).toReversed();
  const [top] = on;
  const end = on.findIndex((l) => l.productId !== top?.productId);
  return end < 0 ? on : on.slice(0, end);
}

/** null where nothing is on the part. */
export function builtFilm(job: Job, system: System, partId: string): BuiltFilm | null {
  const on = coatsOn(job).filter((c) => isOnPart(c, partId));
  const mine = system.layers.filter((l) => l.partIds.includes(partId));
  const layers = topLayers(mine, (l) => on.some((c) => c.layerId === l.id));
  const [top] = layers;
  if (!top) return null;
  const product = productIn(system.products, top.productId);
  const coatOver = coatsOver(job, system);
  const coats = layers.flatMap((layer) => {
    const sprayed = [...new Set(on.filter((c) => c.layerId === layer.id).map((c) => c.coat))];
    return sprayed.map((coat) => {
      const { times, isWeighed } = coatOver(layer, coat, partId);
      return { um: layer.filmUmPerCoat * times, isWeighed };
    });
  });
  const reworked = layers.filter((l) => (l.mend?.tasks.length ?? 0) > 0).length;
  const sum = (sign: -1 | 0 | 1): number =>
    coats.reduce((a, c) => a + c.um * (1 + sign * (c.isWeighed ? SD_WEIGHED : SD_SHEET)), 0);
  const lost = (um: number): number => reworked * um;
  return {
    product,
    coats: coats.length,
    weighed: coats.filter((c) => c.isWeighed).length,
    meanUm: Math.max(0, sum(0) - lost((REWORKED_UM[0] + REWORKED_UM[1]) / 2)),
    um: [Math.max(0, sum(-1) - lost(REWORKED_UM[1])), Math.max(0, sum(1) - lost(REWORKED_UM[0]))],
  };
}
