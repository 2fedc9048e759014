/**
 * Systems for the surface at hand, bottom first: what an experienced painter would take by each of
 * the usual routes. A route never proposes a seam whose verdict is "no"; one that cannot serve the
 * surface or the purpose is left out, and where none can, that is said.
 */
import { productIn } from '../seams/seam';
import type { Job, Part, SystemLayer } from '@/model/job';
import { wholePartId } from '../surface/zones';
import type { Notice } from '@/model/marks';
import type { Product } from '@/model/product';
import { buildUp } from './build-up';
import { bareMetal, levelled, rawPlastic, rawWood, rough, wantsEpoxy, type Need } from './needs';
import { ROUTE_CARDS, routesFor, type Route, type RouteCard } from './routes';
import { schoolOf } from './schools';
import { isHot, ratedC, serviceC } from './service-heat';

export interface Suggestion {
  readonly layers: readonly SystemLayer[];
  readonly why: readonly Notice[];
}

/** What is put together so far, and the parts it goes on with. */
interface Suggested {
  readonly isAsked: Need;
  readonly layers: SystemLayer[];
  readonly why: Notice[];
}

/** The products to choose from: the job's own sheets come before the catalogue's. */
function choice(job: Job, products: ReadonlyMap<string, Product>): Product[] {
  const own = job.products ?? [];
  return [...own, ...[...products.values()].filter((p) => !own.some((o) => o.id === p.id))];
}

/** A system while it is put together. */
class Draft {
  constructor(
    readonly job: Job,
    private readonly all: readonly Product[],
    readonly card: RouteCard,
    private readonly asked: Suggested = { isAsked: () => true, layers: [], why: [] },
  ) {}

  /** The same system, put together further on some of the parts alone. */
  on(isAsked: Need): Draft {
    return new Draft(this.job, this.all, this.card, { ...this.asked, isAsked });
  }

  isAsked(part: Part): boolean {
    return this.asked.isAsked(part);
  }

  because(code: string, params: Notice['params'] = {}): void {
    this.asked.why.push({ code, params });
  }

  /** What the route is sprayed with where there is such a product, and cans for the rest. */
  pick(fits: (p: Product) => boolean): Product | undefined {
    const carriers: readonly Product['carrier'][] = [this.card.carrier, 'aerosol'];
    const preferred = carriers.flatMap((c) => this.all.find((p) => p.carrier === c && fits(p)) ?? []);
    return preferred[0] ?? this.all.find(fits);
  }

  /** A sealer only of the route's own carrier, or one the owner brought. */
  ownSealer(): Product | undefined {
    const { job, card } = this;
    return this.all.find(
      (p) => p.kind === 'sealer' && (p.carrier === card.carrier || job.products?.includes(p)),
    );
  }

  /** Adds a layer over the parts that need it; nothing where no part does or there is no such product. */
  add(product: Product | undefined, reason: string, how: { coats?: number; need?: Need } = {}): void {
    if (!product) return;
    const { parts } = this.job;
    const need = how.need ?? (() => true);
    const only = parts.filter((p) => this.isAsked(p) && need(p)).map((x) => x.id);
    if (only.length === 0) return;
    const coats = how.coats ?? product.coats;
    const some = only.length < parts.length ? { only } : {};
    this.asked.layers.push({ role: product.role, productId: product.id, coats, ...some });
    this.because(reason, { product: product.name });
  }

  done(): Suggestion {
    return { layers: mergedEpoxy(this.asked.layers), why: this.asked.why };
  }
}

/** What holds on the surface: promoter, wood sealer, epoxy, and on bare metal epoxy under a gun or etch under cans. */
function addGrip(draft: Draft): void {
  const epoxy = draft.pick((p) => p.kind === 'epoxy-primer');
  draft.add(
    draft.pick((p) => p.kind === 'adhesion-promoter'),
    'why-promoter',
    { need: rawPlastic },
  );
  draft.add(
    draft.pick((p) => p.kind === 'wood-sealer'),
    'why-seal',
    { need: rawWood },
  );
  // A two-part leveller seals filler, gelcoat and zinc only where it says so; epoxy always does.
  draft.add(epoxy, 'why-epoxy', { need: wantsEpoxy });
  if (draft.card.leveller === 'surfacer') {
    draft.add(epoxy, 'why-epoxy', { coats: 1, need: bareMetal });
    return;
  }
  draft.add(
    draft.pick((p) => p.kind === 'etch-primer'),
    'why-etch',
    { need: bareMetal },
  );
}

/**
 * Something to level asks for the full three coats; smooth plastic and electro-coat for two. Surfacer builds
 * twice as much.
 */
function addLeveller(draft: Draft): void {
  const leveller = draft.pick((p) => p.kind === draft.card.leveller);
  const need = levelled;
  if (draft.card.leveller === 'surfacer') draft.add(leveller, 'why-surfacer', { need });
  else if (draft.job.parts.some((p) => draft.isAsked(p) && rough(p)))
    draft.add(leveller, 'why-filler-level', { coats: 3, need });
  else draft.add(leveller, 'why-filler-even', { coats: 2, need });
  if (schoolOf(draft.job, 'sealer') === 'always') draft.add(draft.ownSealer(), 'why-sealer');
}

/** Candy and flake go over a silver ground of their own. */
function addColour(draft: Draft): void {
  const { kind } = draft.job.purpose.colour;
  const overGround = kind === 'candy' || kind === 'flake';
  const effect = overGround ? 'metallic' : kind;
  const base = draft.pick((p) => p.kind === 'basecoat' && (p.effect ?? 'solid') === effect);
  if (!overGround) {
    draft.add(base, kind === 'solid' ? 'why-base' : 'why-base-metallic');
    return;
  }
  draft.add(base, 'why-ground', { coats: 3 });
  const mid = draft.pick((p) => p.kind === 'mid-coat' && p.effect === kind);
  draft.add(mid, kind === 'candy' ? 'why-candy' : 'why-flake');
}

/** Flake stands out of its coat and wants one more clear to bury it; clear to be flatted wants one to lose. */
function addClear(draft: Draft): void {
  const { purpose } = draft.job;
  const twoPart = draft.card.clear === '2k';
  const chemistry = twoPart ? '2k-urethane' : '1k-acrylic';
  const clear = draft.pick(
    (p) => p.kind === 'clear' && p.chemistry === chemistry && p.gloss === purpose.finish,
  );
  const toBury = purpose.colour.kind === 'flake' ? 1 : 0;
  const toLose = schoolOf(draft.job, 'flatting') === 'flatted' && purpose.finish === 'gloss' ? 1 : 0;
  const coats = (clear?.coats ?? 2) + toBury + toLose;
  draft.add(clear, twoPart ? 'why-two-pack-clear' : 'why-one-pack-clear', { coats });
}

/** On what gets hot, heat paint that stands it and nothing under it. */
function addHeat(draft: Draft): void {
  const { job } = draft;
  const hottestC = Math.max(...job.parts.map((p) => serviceC(job, p)));
  const rated = draft.pick((p) => p.kind === 'heat-paint' && ratedC(p) >= hottestC);
  const hot = draft.on((p) => isHot(job, p));
  hot.add(rated ?? draft.pick((p) => p.kind === 'heat-paint'), 'why-heat');
}

/** The system of one route. */
export function suggestFor(job: Job, products: ReadonlyMap<string, Product>, route: Route): Suggestion {
  const all = new Draft(job, choice(job, products), ROUTE_CARDS[route]);
  const { purpose } = job;
  addHeat(all);
  if (job.parts.every((p) => isHot(job, p))) return all.done();
  const draft = all.on((p) => !isHot(job, p));
  const { top } = draft.card;
  if (top === 'blend') return blended(draft);
  addGrip(draft);
  addLeveller(draft);
  if (top === 'base-clear') {
    addColour(draft);
    addClear(draft);
  } else {
    const solid = purpose.colour.kind === 'solid';
    const fits = (p: Product): boolean => p.kind === top && p.gloss === purpose.finish && solid;
    draft.add(draft.pick(fits), top === 'enamel' ? 'why-enamel' : 'why-single-stage');
  }
  return draft.done();
}

/**
 * A mended spot: primer and colour on the zones alone, faded out into what is sound; clear over the whole, to
 * its edges. Only where a part is sound but for its zones.
 */
function blended(draft: Draft): Suggestion {
  const { parts } = draft.job;
  const isZone: Need = (p) => p.id !== wholePartId(p.id);
  const isMended = (p: Part): boolean => parts.some((z) => isZone(z) && wholePartId(z.id) === p.id);
  const whole = parts.filter((p) => !isZone(p));
  const { kind } = draft.job.purpose.colour;
  // Depth of a candy and the lie of flakes are never met by eye.
  if (kind === 'candy' || kind === 'flake') return draft.done();
  if (!whole.every((p) => p.condition === 'sound-paint' && isMended(p)) || !parts.some(isZone))
    return draft.done();
  const spots = draft.on(isZone);
  addGrip(spots);
  addLeveller(spots);
  addColour(spots);
  addClear(draft.on(() => true));
  draft.because('why-blend');
  return draft.done();
}

/** Epoxy asked for by two needs is one layer over the parts of both. */
function mergedEpoxy(layers: readonly SystemLayer[]): SystemLayer[] {
  const out: SystemLayer[] = [];
  for (const layer of layers) {
    const at = out.findIndex((x) => x.role === 'epoxy' && x.productId === layer.productId);
    const before = out[at];
    if (layer.role !== 'epoxy' || !before) {
      out.push(layer);
      continue;
    }
    const only = before.only && layer.only ? { only: [...new Set([...before.only, ...layer.only])] } : {};
    out[at] = {
      role: 'epoxy',
      productId: layer.productId,
      coats: Math.max(before.coats, layer.coats),
      ...only,
    };
  }
  return out;
}

export interface Proposal extends Suggestion {
  readonly route: Route;
  /** Holds isocyanate. */
  readonly isocyanate: boolean;
  readonly recommended: boolean;
}

/** Routes shown side by side. */
const SHOWN = 5;

/** Every route that serves this surface and purpose without a refused seam; the one for the owner's kit first. */
export function proposals(job: Job, products: ReadonlyMap<string, Product>): Proposal[] {
  const seen = new Set<string>();
  const all = routesFor(job.equipment).flatMap((route, i): Proposal[] => {
    const suggestion = suggestFor(job, products, route);
    const key = JSON.stringify(suggestion.layers);
    // A single-stage route without a colour of that gloss ends in primer and is refused here.
    const refused =
      suggestion.layers.length === 0 || buildUp(job, suggestion.layers, products).blockers.length > 0;
    if (refused || seen.has(key)) return [];
    seen.add(key);
    const isocyanate = suggestion.layers.some((l) => productIn(products, l.productId).isocyanate);
    return [{ ...suggestion, route, isocyanate, recommended: i === 0 }];
  });
  return all.slice(0, SHOWN);
}

/**
 * The system proposed first, never one with isocyanate where no air-fed protection is at hand; where no route
 * holds, the one for the owner's kit with its refusals to be seen.
 */
export function suggest(job: Job, products: ReadonlyMap<string, Product>): Suggestion {
  const safe = proposals(job, products).find((p) => job.equipment.suppliedAir || !p.isocyanate);
  return safe ?? suggestFor(job, products, routesFor(job.equipment)[0]!);
}
