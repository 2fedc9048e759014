/**
 * Systems for the surface at hand, bottom first: what an experienced painter would take by each of
 * the usual routes. A route never proposes a seam whose verdict is "no"; one that cannot serve the
 * surface or the purpose is left out, and where none can, that is said.
 */
import type { Job, Part, SystemLayer } from '@/model/job';
import type { Notice } from '@/model/marks';
import type { Product } from '@/model/product';
import { buildUp } from './build-up';
import { schoolOf } from './schools';

export interface Suggestion {
  readonly layers: readonly SystemLayer[];
  readonly why: readonly Notice[];
}

/** The ways to do it: what it is sprayed with, and what lies on top. */
export const ROUTES = ['cans-1k', 'cans-2k', 'gun-1k', 'gun-2k', 'gun-single'] as const;
export type Route = (typeof ROUTES)[number];
interface RouteCard {
  readonly carrier: 'aerosol' | 'gun';
  readonly clear: '1k' | '2k' | 'none';
  readonly leveller: 'filler-primer' | 'surfacer';
  readonly single: boolean;
}
const CARDS: Readonly<Record<Route, RouteCard>> = {
  'cans-1k': { carrier: 'aerosol', clear: '1k', leveller: 'filler-primer', single: false },
  'cans-2k': { carrier: 'aerosol', clear: '2k', leveller: 'filler-primer', single: false },
  'gun-1k': { carrier: 'gun', clear: '1k', leveller: 'filler-primer', single: false },
  'gun-2k': { carrier: 'gun', clear: '2k', leveller: 'surfacer', single: false },
  'gun-single': { carrier: 'gun', clear: 'none', leveller: 'surfacer', single: true },
};

type Need = (p: Part) => boolean;
const has = (
  p: Part,
  substrates: readonly Part['substrate'][],
  conditions: readonly Part['condition'][],
): boolean => substrates.includes(p.substrate) && conditions.includes(p.condition);
const METAL = ['steel', 'aluminium'] as const;
const bareMetal: Need = (p) => has(p, METAL, ['bare']);
const rawPlastic: Need = (p) => has(p, ['pp', 'abs'], ['bare']);
const rawWood: Need = (p) => has(p, ['wood'], ['bare']);
/** What epoxy alone answers: zinc, rust, filler, a paint nobody knows, gelcoat. */
const wantsEpoxy: Need = (p) =>
  has(p, ['galvanised', 'fibreglass'], ['bare']) ||
  p.condition === 'filled' ||
  p.condition === 'rust' ||
  p.condition === 'unknown-paint';
const rough: Need = (p) =>
  p.condition === 'failing-clear' || p.condition === 'chipped' || bareMetal(p) || wantsEpoxy(p) || rawWood(p);

/** The system of one route; the job's own sheets come before the catalogue's. */
export function suggestFor(job: Job, products: ReadonlyMap<string, Product>, route: Route): Suggestion {
  const card = CARDS[route];
  const own = job.products ?? [];
  const all = [...own, ...[...products.values()].filter((p) => !own.some((o) => o.id === p.id))];
  // What the route is sprayed with where there is such a product, and cans for the rest.
  const pick = (fits: (p: Product) => boolean): Product | undefined =>
    all.find((p) => p.carrier === card.carrier && fits(p)) ??
    all.find((p) => p.carrier === 'aerosol' && fits(p)) ??
    all.find(fits);
  const layers: SystemLayer[] = [];
  const why: Notice[] = [];
  const add = (p: Product | undefined, coats: number, need: Need | null, reason: string): void => {
    if (!p) return;
    const only = need ? job.parts.filter(need).map((x) => x.id) : null;
    if (only?.length === 0) return;
    layers.push({
      role: p.role,
      productId: p.id,
      coats,
      ...(only && only.length < job.parts.length ? { only } : {}),
    });
    why.push({ code: reason, params: { product: p.name } });
  };
  const { purpose } = job;
  const { kind } = purpose.colour;
  if (purpose.exposure.includes('heat')) {
    const heat = pick((p) => p.kind === 'heat-paint');
    add(heat, heat?.coats ?? 2, null, 'why-heat');
    return { layers, why };
  }
  const promoter = pick((p) => p.kind === 'adhesion-promoter');
  add(promoter, promoter?.coats ?? 1, rawPlastic, 'why-promoter');
  const seal = pick((p) => p.kind === 'wood-sealer');
  add(seal, seal?.coats ?? 2, rawWood, 'why-seal');
  // A two-part leveller seals filler, gelcoat and zinc only where it says so; epoxy always does.
  const epoxy = pick((p) => p.kind === 'epoxy-primer');
  add(epoxy, epoxy?.coats ?? 2, wantsEpoxy, 'why-epoxy');
  if (card.leveller === 'surfacer') add(epoxy, 1, bareMetal, 'why-epoxy');
  else {
    const etch = pick((p) => p.kind === 'etch-primer');
    add(etch, etch?.coats ?? 1, bareMetal, 'why-etch');
  }
  // Something to level asks for the full three coats; smooth plastic and electro-coat for two. Surfacer builds twice as much.
  const isRough = job.parts.some(rough);
  const leveller = pick((p) => p.kind === card.leveller);
  add(
    leveller,
    card.leveller === 'surfacer' ? (leveller?.coats ?? 2) : isRough ? 3 : 2,
    null,
    card.leveller === 'surfacer' ? 'why-surfacer' : isRough ? 'why-filler-level' : 'why-filler-even',
  );
  if (schoolOf(job, 'sealer') === 'always') {
    const s = all.find(
      (p) => p.kind === 'sealer' && (p.carrier === card.carrier || job.products?.includes(p)),
    );
    add(s, s?.coats ?? 1, null, 'why-sealer');
  }
  if (card.single) {
    const single = pick((p) => p.kind === 'single-stage' && p.gloss === purpose.finish && kind === 'solid');
    add(single, single?.coats ?? 2, null, 'why-single-stage');
    return { layers: mergedEpoxy(layers), why };
  }
  const ground = kind === 'candy' || kind === 'flake' ? 'metallic' : kind;
  const base = pick((p) => p.kind === 'basecoat' && (p.effect ?? 'solid') === ground);
  add(
    base,
    ground === kind ? (base?.coats ?? 3) : 3,
    null,
    ground !== kind ? 'why-ground' : kind === 'solid' ? 'why-base' : 'why-base-metallic',
  );
  if (ground !== kind) {
    const mid = pick((p) => p.kind === 'mid-coat' && p.effect === kind);
    add(mid, mid?.coats ?? 4, null, kind === 'candy' ? 'why-candy' : 'why-flake');
  }
  const clear = pick(
    (p) =>
      p.kind === 'clear' &&
      p.chemistry === (card.clear === '2k' ? '2k-urethane' : '1k-acrylic') &&
      p.gloss === purpose.finish,
  );
  // Flake stands out of its coat and wants one more clear to bury it; clear to be flatted wants one to lose.
  add(
    clear,
    (clear?.coats ?? 2) +
      (kind === 'flake' ? 1 : 0) +
      (schoolOf(job, 'flatting') === 'flatted' && purpose.finish === 'gloss' ? 1 : 0),
    null,
    card.clear === '2k' ? 'why-two-pack-clear' : 'why-one-pack-clear',
  );
  return { layers: mergedEpoxy(layers), why };
}

/** Epoxy asked for by two needs is one layer over the parts of both. */
function mergedEpoxy(layers: readonly SystemLayer[]): SystemLayer[] {
  const out: SystemLayer[] = [];
  for (const l of layers) {
    const was = out.findIndex((x) => x.role === 'epoxy' && x.productId === l.productId);
    if (l.role !== 'epoxy' || was < 0) {
      out.push(l);
      continue;
    }
    const a = out[was]!;
    out[was] = {
      role: 'epoxy',
      productId: l.productId,
      coats: Math.max(a.coats, l.coats),
      ...(a.only && l.only ? { only: [...new Set([...a.only, ...l.only])] } : {}),
    };
  }
  return out;
}

export interface Proposal extends Suggestion {
  readonly route: Route;
  /** holds isocyanate */ readonly isocyanate: boolean;
  readonly recommended: boolean;
}

/** Every route that serves this surface and purpose without a refused seam; the one for the owner's kit first. */
export function proposals(job: Job, products: ReadonlyMap<string, Product>): Proposal[] {
  const gun = job.equipment.sprayer !== 'aerosol';
  const air = job.equipment.suppliedAir;
  const order: Route[] = gun
    ? air
      ? ['gun-2k', 'gun-single', 'gun-1k', 'cans-2k', 'cans-1k']
      : ['gun-1k', 'cans-1k', 'gun-2k', 'gun-single', 'cans-2k']
    : air
      ? ['cans-2k', 'cans-1k', 'gun-2k', 'gun-1k', 'gun-single']
      : ['cans-1k', 'cans-2k', 'gun-1k', 'gun-2k', 'gun-single'];
  const seen = new Set<string>();
  return order
    .flatMap((route, i): Proposal[] => {
      const s = suggestFor(job, products, route);
      const key = JSON.stringify(s.layers);
      if (s.layers.length === 0 || seen.has(key) || buildUp(job, s.layers, products).blockers.length > 0)
        return [];
      // A single-stage route without a colour of that gloss ends in primer and was refused above.
      seen.add(key);
      return [
        {
          ...s,
          route,
          isocyanate: s.layers.some((l) => products.get(l.productId)!.isocyanate),
          recommended: i === 0,
        },
      ];
    })
    .slice(0, 4);
}

/** The system proposed first, never one with isocyanate where no air-fed protection is at hand; where no route holds, the one for the owner's kit with its refusals to be seen. */
export function suggest(job: Job, products: ReadonlyMap<string, Product>): Suggestion {
  return (
    proposals(job, products).find((p) => job.equipment.suppliedAir || !p.isocyanate) ??
    suggestFor(
      job,
      products,
      job.equipment.sprayer === 'aerosol'
        ? job.equipment.suppliedAir
          ? 'cans-2k'
          : 'cans-1k'
        : job.equipment.suppliedAir
          ? 'gun-2k'
          : 'gun-1k',
    )
  );
}
