/** The film on top of a part that finishing is taken from: what was really sprayed, with its doubt. */
import type { Job } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { coatsOver } from '../material/film-on';
import { expectedUse, loggedMl } from '../material/used';
import { LIKELY_OVER } from '../material/weighed';
import { remember } from '../records/remember';
import { productIn, type System } from '../seams/seam';
import { coatsOn, isOnPart } from '../time/coats-on';
import type { Range } from './losses';

/** What a film is reckoned from, the surest first. */
export const FILM_BASES = ['weighed', 'logged', 'own-use', 'sheet'] as const;
export type FilmBasis = (typeof FILM_BASES)[number];

/** How far a coat may be off either way, by what it is reckoned from. From memory. */
const SD: Readonly<Record<FilmBasis, number>> = { weighed: 0.1, logged: 0.15, 'own-use': 0.2, sheet: 0.2 };
/** What the papers of a mend took of the film below, µm. From memory. */
const REWORKED_UM: Range = [4, 10];

export interface BuiltFilm {
  readonly product: Product;
  readonly coats: number;
  readonly weighed: number;
  /** The least sure of its coats. */
  readonly basis: FilmBasis;
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

/** What a product's coats are over the sheet's, where they were not weighed. */
interface Usually {
  readonly basis: FilmBasis;
  readonly times: number;
}

/** What was logged in all, over what the sheet reckons; so far off it is no film, but a slip. */
function loggedTimes(job: Job, product: Product, system: System): number | null {
  const used = job.log?.used.find((u) => u.productId === product.id);
  const ml = used ? loggedMl(used, product) : null;
  if (ml === null || ml <= 0) return null;
  const { habit: _own, ...reckoned } = job;
  const times = ml / expectedUse(reckoned, product, system).takenMl;
  const [least, most] = LIKELY_OVER;
  return times >= least && times <= most ? times : null;
}

/** More out of the can is more on the part: by the log of this job, else by the painter's own use. */
function usually(job: Job, product: Product, system: System): Usually {
  const logged = loggedTimes(job, product, system);
  if (logged !== null) return { basis: 'logged', times: logged };
  return job.habit ? { basis: 'own-use', times: job.habit.factor } : { basis: 'sheet', times: 1 };
}

/** The least sure of some; of none the sheet. */
export const leastSure = (bases: readonly FilmBasis[]): FilmBasis =>
  FILM_BASES.findLast((b) => bases.includes(b)) ?? 'sheet';

/** The film on a part; null where nothing is on it. */
export type FilmBuilt = (partId: string) => BuiltFilm | null;

/** What holds for the whole job is reckoned once, whatever parts are asked for. */
export function filmsBuilt(job: Job, system: System): FilmBuilt {
  const allOn = coatsOn(job);
  const coatOver = coatsOver(job, system);
  const known = new Map<string, Usually>();
  // The scale is read against what was reckoned with the painter's own use.
  const own = job.habit?.factor ?? 1;
  return (partId) => {
    const on = allOn.filter((c) => isOnPart(c, partId));
    const mine = system.layers.filter((l) => l.partIds.includes(partId));
    const layers = topLayers(mine, (l) => on.some((c) => c.layerId === l.id));
    const [top] = layers;
    if (!top) return null;
    const product = productIn(system.products, top.productId);
    const usual = remember(known, product.id, Infinity, () => usually(job, product, system));
    const coats = layers.flatMap((layer) => {
      const sprayed = [...new Set(on.filter((c) => c.layerId === layer.id).map((c) => c.coat))];
      return sprayed.map((coat) => {
        const { times, isWeighed } = coatOver(layer, coat, partId);
        const basis = isWeighed ? 'weighed' : usual.basis;
        return { um: layer.filmUmPerCoat * times * (isWeighed ? own : usual.times), basis };
      });
    });
    return filmOf(product, layers, coats);
  };
}

interface CoatBuilt {
  readonly um: number;
  readonly basis: FilmBasis;
}

/** What coats add up to, less what the papers of mends between them took. */
function filmOf(product: Product, layers: readonly PlanLayer[], coats: readonly CoatBuilt[]): BuiltFilm {
  const reworked = layers.filter((l) => (l.mend?.tasks.length ?? 0) > 0).length;
  const sum = (sign: -1 | 0 | 1): number => coats.reduce((a, c) => a + c.um * (1 + sign * SD[c.basis]), 0);
  const lost = (um: number): number => reworked * um;
  return {
    product,
    coats: coats.length,
    weighed: coats.filter((c) => c.basis === 'weighed').length,
    basis: leastSure(coats.map((c) => c.basis)),
    meanUm: Math.max(0, sum(0) - lost((REWORKED_UM[0] + REWORKED_UM[1]) / 2)),
    um: [Math.max(0, sum(-1) - lost(REWORKED_UM[1])), Math.max(0, sum(1) - lost(REWORKED_UM[0]))],
  };
}
